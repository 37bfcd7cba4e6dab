package amberfence.cli;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Note;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Keys that change along a song, named and found; the demo is in D dorian with a bridge in F major from bar 17 on. */
class KeysAlongTest extends Commands {
    private JsonNode analyzed(Object... more) throws Exception {
        Object[] all = new Object[more.length + 3];
        all[0] = "analyze";
        all[1] = ferry;
        all[2] = "--json";
        System.arraycopy(more, 0, all, 3, more.length);
        assertThat(run(all)).isZero();
        return new ObjectMapper().readTree(printed);
    }

    @Test
    void eachKeyCountsFromItsBarOn() throws Exception {
        assertThat(run("apply", ferry, "--out", out, "--part", 0, "--key", "C major", "--key", "17: Db major", "--snap", "nearest")).isZero();
        List<Note> notes = notes(out, 0);
        long change = 16 * 6 * 240L;
        assertThat(notes).filteredOn(note -> note.start() < change).isNotEmpty().allMatch(note -> List.of(0, 2, 4, 5, 7, 9, 11).contains(note.pitch() % 12));
        assertThat(notes).filteredOn(note -> note.start() >= change).isNotEmpty().allMatch(note -> List.of(1, 3, 5, 6, 8, 10, 0).contains(note.pitch() % 12));
    }

    @Test
    void aBarWithoutAKeyBeforeItOrTwiceIsRefused() {
        assertWrong("nothing says the key before", "apply", ferry, "--out", out, "--key", "5: F minor", "--snap", "nearest");
        assertWrong("given twice for one bar", "apply", ferry, "--out", out, "--key", "C major", "--key", "D major");
        assertWrong("H minor", "check", ferry, "--key", "C major", "--key", "5: H minor");
    }

    @Test
    void analyzeTellsWhereKeysChangeAndAlwaysOneFromTheFirstBar() throws Exception {
        JsonNode spans = analyzed().get("keySpans");
        assertThat(spans.get(0).get("startBar").asInt()).isEqualTo(1);
        assertThat(spans.get(0).get("tonic").asText()).isEqualTo("D");
        assertThat(spans.get(0).get("scale").asText()).isEqualTo("dorian");
        assertThat(spans.get(0).get("certainty").asDouble()).isBetween(0.3, 1.0);
        JsonNode named = analyzed("--key", "D dorian", "--key", "17: F major").get("keySpans");
        assertThat(named).hasSize(2);
        assertThat(named.get(1).toString()).isEqualTo("{\"startBar\":17,\"tonic\":\"F\",\"scale\":\"major\",\"certainty\":1.0}");
        assertThat(run("analyze", ferry, "--key", "D dorian", "--key", "17: F major")).isZero();
        assertThat(printed).contains("Keys along the song").containsPattern("from bar 17 +F major");
    }

    @Test
    void analyzesSomePartsAndSomeBarsOnly() throws Exception {
        JsonNode bass = analyzed("--part", 1);
        assertThat(bass.get("parts")).hasSize(5);
        assertThat(bass.get("parts").get(1).get("notes").asInt()).isEqualTo(32);
        assertThat(bass.get("parts").get(0).get("notes").asInt()).isZero();
        JsonNode bars = analyzed("--bars", "17..24");
        assertThat(bars.get("parts").get(1).get("notes").asInt()).isEqualTo(8);
        assertThat(bars.get("chords").get(0).get("startTick").asLong()).isEqualTo(16 * 6 * 240L);
        assertWrong("--bars rises from 1", "analyze", ferry, "--bars", "9..3");
        assertWrong("there is no part 9", "analyze", ferry, "--part", 9);
    }

    @Test
    void checkTakesKeysAlongTheSongAsWell() throws Exception {
        assertThat(run("check", ferry, "--key", "D dorian", "--key", "17: F major", "--key", "25: D dorian", "--kinds", "outside", "--json")).isEqualTo(1);
        int along = new ObjectMapper().readTree(printed).get("findings").size();
        assertThat(run("check", ferry, "--key", "D dorian", "--kinds", "outside", "--json")).isEqualTo(1);
        assertThat(along).isLessThan(new ObjectMapper().readTree(printed).get("findings").size());
    }
}
