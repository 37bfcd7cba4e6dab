package amberfence.format.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.analysis.SongKeys;
import amberfence.demo.LanternFerry;
import amberfence.demo.SaltStair;
import amberfence.format.Notice;
import amberfence.format.ReadSong;
import amberfence.format.UnreadableFileException;
import amberfence.reading.KeyFamily;
import amberfence.song.Song;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Charts as people write them; the ChordPro ones by the words of chordpro.org, version 6, from memory. */
class ChartFormatTest {
    private static ReadSong read(ChartFormat format, String text) throws UnreadableFileException {
        return format.read(text.getBytes(StandardCharsets.UTF_8), "chart.cho");
    }

    private static ReadSong chordPro(String text) throws UnreadableFileException {
        return read(ChartFormat.CHORD_PRO, text);
    }

    /** Each chord with its bar and beat and how many quarters it lasts: {@code Dm 1:1+4}. */
    private static String chords(ReadSong read) {
        Song song = read.song();
        return song.progression().spans().stream().map(span -> span.chord().plainText() + " " + song.time().position(span.start()).bar() + ":"
                + song.time().position(span.start()).beat() + "+" + span.length() / song.time().ticksPerQuarter()).collect(Collectors.joining(", "));
    }

    @Test
    void readsAGridWithItsHead() throws Exception {
        ReadSong read = chordPro("""
                # a remark
                {title: Harbour Light}
                {composer: A. Somebody}
                {key: Dm}
                {time: 3/4}
                {tempo: 96}
                {start_of_grid: 1+4x3+1}
                A | Dm . . | Gm . C7 | last time softly
                B |: F . . | % :|
                {end_of_grid}
                """);
        assertThat(read.song().title()).isEqualTo("Harbour Light");
        assertThat(read.song().credits().composer()).isEqualTo("A. Somebody");
        assertThat(read.writtenKey()).get().hasToString("D minor");
        assertThat(read.song().time().metreAt(0).text()).isEqualTo("3/4");
        assertThat(Math.round(read.song().time().tempoAt(0).quartersPerMinute())).isEqualTo(96);
        assertThat(chords(read)).isEqualTo("Dm 1:1+3, Gm 2:1+2, C7 2:3+1, F 3:1+3, F 4:1+3, F 5:1+3, F 6:1+3");
        assertThat(read.notices()).isEmpty();
    }

    @Test
    void twoBarsAgainAreWrittenOut() throws Exception {
        assertThat(chords(chordPro("{sog}\n| C . . . | G . . . | %% . | . . | Am . . . |.\n| % . . . |\n{eog}"))).isEqualTo("C 1:1+4, G 2:1+4, C 3:1+4, G 4:1+4, Am 5:1+4, Am 6:1+4");
    }

    @Test
    void chordsAmongWordsGetABarEachAndThatIsSaid() throws Exception {
        ReadSong read = chordPro("""
                {t: Evening}
                {capo: 2}
                {start_of_chorus}
                [C]Down by the [Am7]water [*softly]we
                [F/G]wait
                {end_of_chorus}
                """);
        assertThat(chords(read)).isEqualTo("C 1:1+4, Am7 2:1+4, F/G 3:1+4");
        assertThat(read.notices()).extracting(Notice::text).containsExactly("chords among words have no length; each of the 3 got a bar",
                "2 lines of words left out", "1 directive “capo” left out");
    }

    @Test
    void readsATextChartWithAHead() throws Exception {
        ReadSong read = read(ChartFormat.TEXT, """
                Slow Tide
                key: A minor
                time: 6/8
                tempo: 60

                | i | iv V7 | %  |
                | VI | N.C. |
                """);
        assertThat(read.song().title()).isEqualTo("Slow Tide");
        assertThat(read.song().time().metreAt(0).text()).isEqualTo("6/8");
        assertThat(read.song().progression().spans()).extracting(span -> span.chord().plainText()).containsExactly("Am", "Dm", "E7", "Dm", "E7", "F");
    }

    @Test
    void readsAChartThatIsNothingButBars() throws Exception {
        assertThat(chords(read(ChartFormat.TEXT, "Dm7 G7\nCmaj7"))).isEqualTo("Dm7 1:1+2, G7 1:3+2, Cmaj7 2:1+4");
        assertThat(chords(read(ChartFormat.TEXT, "\uFEFF| C | G |"))).isEqualTo("C 1:1+4, G 2:1+4");
    }

    @ParameterizedTest
    @EnumSource(names = {"SYMBOLS", "CHORD_PRO"})
    void whatIsWrittenIsReadAgain(SheetFormat format) throws Exception {
        for (Song song : List.of(LanternFerry.song(), SaltStair.song())) {
            ReadSong back = read(format == SheetFormat.CHORD_PRO ? ChartFormat.CHORD_PRO : ChartFormat.TEXT,
                    (format == SheetFormat.CHORD_PRO ? "" : "time: " + song.time().metreAt(0).text() + "\n")
                            + new String(format.write(song, Set.of()).content(), StandardCharsets.UTF_8));
            assertThat(back.song().progression().spans()).extracting(span -> span.chord().plainText())
                    .isEqualTo(song.progression().spans().stream().map(span -> span.chord().plainText()).toList());
            assertThat(back.song().progression().spans()).extracting(span -> back.song().time().barOf(span.start()))
                    .isEqualTo(song.progression().spans().stream().map(span -> song.time().barOf(span.start())).toList());
        }
    }

    @Test
    void aChartWithoutAKeyIsHeardForOne() throws Exception {
        ReadSong read = read(ChartFormat.TEXT, "| Dm7 | G7 | Cmaj7 | Cmaj7 |");
        assertThat(read.writtenKey()).isEmpty();
        assertThat(SongKeys.find(read.song(), KeyFamily.MAJOR_MINOR).get(0).key()).hasToString("C major");
    }

    @Test
    void saysInASentenceWhatIsWrong() {
        assertThatThrownBy(() -> chordPro("{title: Words}\nonly words here")).isInstanceOf(UnreadableFileException.class)
                .hasMessageContaining("there are no chords in it");
        assertThatThrownBy(() -> read(ChartFormat.TEXT, "| C | Hallo |")).isInstanceOf(UnreadableFileException.class).hasMessageContaining("bar 2");
        assertThatThrownBy(() -> ChartFormat.TEXT.read(new byte[] {(byte) 0xC3, 0x28}, "chart.txt")).isInstanceOf(UnreadableFileException.class)
                .hasMessage("chart.txt is no text in UTF-8");
    }
}
