package amberfence.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.edit.Mending;
import amberfence.edit.ProgressionEdits;
import amberfence.format.sheet.ChordChart;
import amberfence.notes.ChordSpan;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.song.Song;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.SpelledPitch;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every kind of place by hand-made cases, with what looks like it and is not; they stand in {@code cases.txt}. */
class FinderCasesTest {
    private static final Pattern SETTING = Pattern.compile("(key|role|program|read|chords)=(.*?)(?=\\s+(?:key|role|program|read|chords)=|$)");
    private static final Pattern TIMED = Pattern.compile("(\\[[^\\]]+\\]|[^\\s=]+)=(\\d+)-(\\d+)");
    private static final int BAR = 1920;

    record Case(DoubtKind kind, String where, String notes, List<String> found) {
    }

    static Stream<Case> cases() throws IOException {
        String text = new String(FinderCasesTest.class.getResourceAsStream("cases.txt").readAllBytes(), StandardCharsets.UTF_8);
        return text.lines().filter(line -> !line.isBlank() && !line.startsWith("#")).map(FinderCasesTest::read);
    }

    private static Case read(String line) {
        // A chart has bar lines of its own, so the cells are told by the first and the last two.
        int first = line.indexOf('|');
        int last = line.lastIndexOf('|');
        int before = line.lastIndexOf('|', last - 1);
        return new Case(DoubtKind.parse(line.substring(0, first).strip()).iterator().next(), line.substring(first + 1, before).strip(),
                line.substring(before + 1, last).strip(), Arrays.stream(line.substring(last + 1).strip().split("\\s+")).filter(word -> !word.isEmpty()).toList());
    }

    @ParameterizedTest
    @MethodSource("cases")
    void isFoundWhereItIsAndNowhereElse(Case given) {
        Song song = song(given);
        assertThat(ReadThrough.of(song, Mending.own(song.parts()), EnumSet.of(given.kind))).extracting(doubt ->
                doubt.note().pitch() + "@" + doubt.tick()).isEqualTo(given.found.stream().map(FinderCasesTest::numbered).toList());
    }

    private static String numbered(String found) {
        String[] parts = found.split("@");
        return SpelledPitch.parse(parts[0]).number() + "@" + parts[1];
    }

    @Test
    void thereAreTenOfEachKindAndMore() throws IOException {
        Map<DoubtKind, Long> counts = cases().collect(Collectors.groupingBy(Case::kind, Collectors.counting()));
        // A change of key needs a whole song; it has a test of its own.
        assertThat(counts).hasSize(DoubtKind.values().length - 1).allSatisfy((kind, count) -> assertThat(count).as("%s", kind).isGreaterThanOrEqualTo(10));
    }

    private static Song song(Case given) {
        Key key = Key.parse("C major");
        Role role = Role.MELODY;
        OptionalInt program = OptionalInt.empty();
        String chart = "";
        String readings = "";
        Matcher settings = SETTING.matcher(given.where);
        while (settings.find()) {
            String value = settings.group(2).strip();
            switch (settings.group(1)) {
                case "key" -> key = Key.parse(value);
                case "role" -> role = Role.valueOf(value);
                case "program" -> program = OptionalInt.of(Integer.parseInt(value));
                case "chords" -> chart = value;
                default -> readings = value;
            }
        }
        Song song = Song.empty("x").withFence(Fence.of(KeyPlan.of(key))).plusEmptyPart("Part", role).withNextId(10_000);
        OptionalInt sounding = program;
        song = song.withPart(song.parts().get(0).id(), part -> part.withTake(take -> take.withLine(line(given.notes)))
                .withSound(part.sound().withProgram(sounding)));
        song = readings.isEmpty() ? song : song.withProgression(progression(readings));
        return chart.isEmpty() ? song : ProgressionEdits.put(song, ChordChart.read(chart, song.time(), 1, song::nextId, key));
    }

    /** A chord for each bar, with its certainty. */
    private static Progression progression(String readings) {
        List<ChordSpan> spans = new ArrayList<>();
        for (String reading : readings.split(",\\s*")) {
            String[] words = reading.strip().split(" ");
            spans.add(ChordSpan.of(spans.size() + 1, (long) spans.size() * BAR, (spans.size() + 1L) * BAR, Chord.parse(words[0]))
                    .asRead(Double.parseDouble(words[1])));
        }
        return new Progression(spans);
    }

    private static Line line(String text) {
        if (!text.contains("=")) {
            return LineText.parse(text, 240, 0, 1);
        }
        List<Note> notes = new ArrayList<>();
        Matcher timed = TIMED.matcher(text);
        while (timed.find()) {
            long start = Long.parseLong(timed.group(2));
            for (String pitch : timed.group(1).replaceAll("[\\[\\]]", "").split("\\s+")) {
                notes.add(new Note(notes.size() + 1, start, Long.parseLong(timed.group(3)) - start, SpelledPitch.parse(pitch).number(), 80, 0, 64));
            }
        }
        return Line.of(notes);
    }
}
