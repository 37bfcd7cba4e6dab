package amberfence.format.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.edit.ProgressionEdits;
import amberfence.song.Song;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.ProgressionTemplates;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class ChordChartTest {
    private static Song chart(String text) {
        Song song = Song.empty("Chart");
        return ProgressionEdits.put(song, ChordChart.read(text, song.time(), 1, () -> 1, Key.parse("C major")));
    }

    private static String spans(Song song) {
        return song.progression().spans().stream().map(span -> span.chord().text() + "@" + span.start() + "–" + span.end())
                .collect(Collectors.joining(" "));
    }

    @Test
    void sharesABarEvenlyGoesOnAndRepeats() {
        assertThat(spans(chart("| Dm7 G7 | Cmaj7 | % | C / / F | N.C. | V7/V |")))
                .isEqualTo("Dm7@0–960 G7@960–1920 Cmaj7@1920–3840 Cmaj7@3840–5760 C@5760–7200 F@7200–7680 D7@9600–11520");
    }

    @Test
    void isWrittenAsItIsRead() {
        for (String text : List.of("| Dm7 G7 | Cmaj7 | C / / F | N.C. |\n| D7 |\n", "| C | F | G | C |\n")) {
            assertThat(ChordChart.symbols(chart(text))).isEqualTo(text);
        }
        assertThat(spans(chart(ChordChart.symbols(chart("| Dm7 G7 | C N.C. F / |"))))).isEqualTo(spans(chart("| Dm7 G7 | C N.C. F / |")));
    }

    @Test
    void isWrittenAsNumeralsAndAsChordPro() {
        assertThat(ChordChart.numerals(chart("| Dm7 G7/B | Cmaj7 |"))).isEqualTo("| ii7 V65 | Imaj7 |\n");
        assertThat(ChordChart.chordPro(chart("| Dm7 / / G7 | C |"))).isEqualTo("""
                {title: Chart}
                {key: C}
                {time: 4/4}
                {start_of_grid}
                | Dm7 . . G7 | C |
                {end_of_grid}
                """);
        assertThat(ChordChart.symbols(Song.empty("none"))).isEmpty();
    }

    @Test
    void saysInWhichBarAChordCannotBeRead() {
        assertThatThrownBy(() -> chart("| C | Hm |")).hasMessageStartingWith("bar 2: “Hm” is no chord");
        assertThatThrownBy(() -> chart(" | | ")).hasMessageContaining("there is no chord in this chart");
    }

    /** The listed progressions in keys, against the tables of textbooks (checks RN-13, RN-14). */
    @Test
    void commonProgressionsStandInAnyKey() {
        assertThat(in("ii–V–I", "C major")).isEqualTo("Dm7 G7 Cmaj7 Cmaj7");
        assertThat(in("ii–V–I", "Eb major")).isEqualTo("Fm7 B♭7 E♭maj7 E♭maj7");
        assertThat(in("I–V–vi–IV", "A minor")).isEqualTo("Am Em F Dm");
        assertThat(in("twelve-bar blues", "F major")).isEqualTo("F7 F7 F7 F7 B♭7 B♭7 F7 F7 C7 B♭7 F7 C7");
        assertThat(in("minor plagal: I–IV–iv–I", "C major")).isEqualTo("C F Fm C");
        assertThat(in("circle of fifths", "C major")).isEqualTo("Cmaj7 Fmaj7 Bø7 Em7 Am7 Dm7 G7 Cmaj7");
        assertThat(ProgressionTemplates.all()).hasSizeGreaterThan(20);
        ProgressionTemplates.all().forEach(template -> List.of("C major", "F# minor", "D dorian", "Eb major").forEach(
                key -> assertThat(template.in(Key.parse(key))).as(template.name()).isNotEmpty()));
    }

    private static String in(String name, String key) {
        return ProgressionTemplates.all().stream().filter(template -> template.name().equals(name)).findFirst().orElseThrow()
                .in(Key.parse(key)).stream().flatMap(List::stream).map(Chord::text).collect(Collectors.joining(" "));
    }

    private static List<String> inBars(String text) {
        return chart(text).progression().spans().stream().map(span -> span.chord().plainText() + "@" + span.start() / 1920.0 + "–" + span.end() / 1920.0).toList();
    }

    /** An empty bar keeps its place and the chord before goes on; an empty first bar has no chord; a double line is one line. */
    @Test
    void emptyBarsKeepTheirPlace() {
        assertThat(inBars("| C | | F |")).containsExactly("C@0.0–2.0", "F@2.0–3.0");
        assertThat(inBars("| | C |")).containsExactly("C@1.0–2.0");
        assertThat(inBars("| C || F |")).containsExactly("C@0.0–1.0", "F@1.0–2.0");
        assertThat(inBars("| C |\n| F |\nG\nAm | C")).containsExactly("C@0.0–1.0", "F@1.0–2.0", "G@2.0–3.0", "Am@3.0–4.0", "C@4.0–5.0");
    }

    @Test
    void repeatsArePlayedTwiceAndEndingsRefused() {
        assertThat(inBars("|: C | F :| G |")).extracting(span -> span.substring(0, span.indexOf('@'))).containsExactly("C", "F", "C", "F", "G");
        assertThat(inBars("C | F :| G |")).extracting(span -> span.substring(0, span.indexOf('@'))).containsExactly("C", "F", "C", "F", "G");
        assertThat(inBars("|: C :|: G :|")).extracting(span -> span.substring(0, span.indexOf('@'))).containsExactly("C", "C", "G", "G");
        assertThatThrownBy(() -> inBars("|: C |1. F :|2. G |")).hasMessageContaining("first and second endings");
    }

    @Test
    void commasAndSpacesInBracketsBelongToTheSymbol() {
        assertThat(inBars("| C7(b9, #11) F | Dm7, G7 |")).extracting(span -> span.substring(0, span.indexOf('@')))
                .containsExactly("C7(b9,#11)", "F", "Dm7", "G7");
    }
}
