package amberfence.format.musicxml;

import static amberfence.format.musicxml.Scores.note;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.format.ReadSong;
import amberfence.format.UnreadableFileException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Repeats, endings and jumps, as any handbook of notation has them. Bars are written as letters for their notes with signs around
 * them: {@code |:} and {@code :|} a repeat, {@code :3|} played three times, {@code [1} and {@code ]} an ending, {@code S} a segno,
 * {@code Q} a coda, {@code DC}, {@code DS}, {@code toQ} and {@code fine} at the end of a bar.
 */
class PlayingOrderTest {
    @ParameterizedTest
    @CsvSource(delimiter = ';', value = {
        "C D E; C D E",
        "C |: D E :| F; C D E D E F",
        "C D :| E; C D C D E",
        "|: C :3| D; C C C D",
        "|: C [1 D :| ] [2 E ] F; C D C E F",
        "|: C [1,2 D :| ] [3 E ] F; C D C D C E F",
        "|: C [1 D :| ] E F :|; C D C E F E F",
        "|: C [1 D E :| ] [2 F G ] A; C D E C F G A",
        "|: C :| |: D :| E; C C D D E",
        "C D DC E; C D C D E",
        "C fine D DC; C D C",
        "C S D E fine F DS G; C D E F D E",
        "C S D toQ E DS Q F; C D E D F",
        "C toQ D DC Q E; C D C E",
        "|: C [1 D :| ] [2 E ] DC F; C D C E C E F",
        "|: C :| D DC; C C D C D"})
    void playsOut(String written, String played) throws Exception {
        assertThat(Scores.names(read(written)).replace("4", "")).isEqualTo(played);
    }

    @Test
    void saysHowManyBarsBecameHowMany() throws Exception {
        assertThat(Scores.notices(read("C |: D E :| F"))).containsExactly("repeats and jumps are played out: 4 bars became 6");
        assertThat(Scores.notices(read("C D E"))).isEmpty();
    }

    @Test
    void saysThatAJumpLeadsNowhere() throws Exception {
        ReadSong read = read("C D DS E");
        assertThat(Scores.names(read)).isEqualTo("C4 D4 E4");
        assertThat(Scores.notices(read)).containsExactly("1 jump that leads nowhere left out, in bar 2");
    }

    @Test
    void chordsAndKeysFollowTheBars() throws Exception {
        String harmony = "<harmony><root><root-step>%s</root-step></root><kind>major</kind></harmony>";
        ReadSong read = Scores.read(Scores.of(harmony.formatted("C") + note("C4", 16), harmony.formatted("G") + note("G4", 16)
                + "<barline location=\"right\"><repeat direction=\"backward\"/></barline>"));
        assertThat(Scores.chords(read)).isEqualTo("C@0-16 G@16-32 C@32-48 G@48-64");
    }

    @Test
    void refusesWhatHasNoEnd() {
        assertThatThrownBy(() -> read("|: C :101| D")).isInstanceOf(UnreadableFileException.class).hasMessageContaining("more than 100 times");
        StringBuilder many = new StringBuilder("|: ");
        for (int i = 0; i < 300; i++) {
            many.append("C ");
        }
        assertThatThrownBy(() -> read(many + ":100|")).isInstanceOf(UnreadableFileException.class).hasMessageContaining("more than 20000 bars");
    }

    private static ReadSong read(String written) throws UnreadableFileException {
        List<StringBuilder> bars = new ArrayList<>();
        StringBuilder before = new StringBuilder();
        for (String sign : written.strip().split(" ")) {
            StringBuilder last = bars.isEmpty() ? before : bars.get(bars.size() - 1);
            if (sign.matches("[A-G]")) {
                bars.add(new StringBuilder(before).append(note(sign + "4", 16)));
                before.setLength(0);
            } else if (sign.equals("|:")) {
                before.append("<barline location=\"left\"><repeat direction=\"forward\"/></barline>");
            } else if (sign.startsWith(":")) {
                String times = sign.replaceAll("\\D", "");
                last.append("<barline location=\"right\"><repeat direction=\"backward\"").append(times.isEmpty() ? "" : " times=\"" + times + "\"").append("/></barline>");
            } else if (sign.startsWith("[")) {
                before.append("<barline location=\"left\"><ending type=\"start\" number=\"").append(sign.substring(1)).append("\"/></barline>");
            } else if (sign.equals("]")) {
                last.append("<barline location=\"right\"><ending type=\"stop\" number=\"1\"/></barline>");
            } else if (sign.equals("S") || sign.equals("Q")) {
                before.append("<sound ").append(sign.equals("S") ? "segno" : "coda").append("=\"x\"/>");
            } else {
                last.append("<sound ").append(switch (sign) {
                    case "DC" -> "dacapo=\"yes\"";
                    case "DS" -> "dalsegno=\"x\"";
                    case "toQ" -> "tocoda=\"x\"";
                    default -> "fine=\"yes\"";
                }).append("/>");
            }
        }
        return Scores.read(Scores.of(bars.stream().map(StringBuilder::toString).toArray(String[]::new)));
    }
}
