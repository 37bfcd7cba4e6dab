package amberfence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.analysis.SongChords;
import amberfence.analysis.SongKeys;
import amberfence.demo.LanternFerry;
import amberfence.edit.ProgressionEdits;
import amberfence.format.ReadSong;
import amberfence.format.UnreadableFileException;
import amberfence.format.midi.MidiReader;
import amberfence.format.sheet.ChordChart;
import amberfence.notes.ChordSpan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Progression;
import amberfence.reading.ChordReader;
import amberfence.reading.KeyFamily;
import amberfence.result.PartResult;
import amberfence.song.Song;
import amberfence.step.Finding;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.chord.PlayChords;
import amberfence.step.chord.Rhythm;
import amberfence.step.fit.FollowChords;
import amberfence.step.pick.Pick;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.MusicTextException;
import amberfence.theory.Range;
import amberfence.theory.RomanNumeral;
import java.io.ByteArrayOutputStream;
import java.time.Duration;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.function.Executable;

/** Nothing goes on for ever, whatever it is given. */
class BoundsTest {
    private static void soon(Executable work) {
        Assertions.assertTimeoutPreemptively(Duration.ofMinutes(1), work);
    }

    private static Song withEndlessChord(Step step) {
        Song song = LanternFerry.song().withProgression(new Progression(List.of(ChordSpan.of(90_000, 0, 1L << 28, Chord.parse("Dm7")))));
        return song.plusStep(3, step);
    }

    @Test
    void aFigureOverAChordWithoutEndSaysThatItIsTooMuch() {
        for (Step step : List.of(FollowChords.USUAL, PlayChords.USUAL.withRhythm(Rhythm.EIGHTHS), PlayChords.USUAL.withRhythm(Rhythm.BEATS),
                PlayChords.USUAL.withRhythm(Rhythm.OFF_BEATS), PlayChords.USUAL.withPattern("x..."))) {
            Song song = withEndlessChord(step);
            soon(() -> {
                PartResult result = PartResult.of(song, song.part(3));
                assertThat(result.stages().get(result.stages().size() - 1).outcome().findings()).as(step.toString())
                        .contains(new Finding.TooMuch());
                assertThat(result.line()).as("the notes are all there").isEqualTo(song.part(3).line());
            });
        }
    }

    @Test
    void aChordSymbolOfThousandsOfLettersIsRefusedInOneLine() {
        String endless = "C" + "add9".repeat(1500);
        soon(() -> {
            assertThatThrownBy(() -> Chord.parse(endless)).isInstanceOf(MusicTextException.class).hasMessageContaining("too long for a chord");
            assertThatThrownBy(() -> RomanNumeral.parse("V" + "7".repeat(6000), Key.parse("C"))).hasMessageContaining("too long");
            assertThatThrownBy(() -> Key.parse("C " + "m".repeat(6000))).hasMessageContaining("too long");
        });
        assertThatThrownBy(() -> Chord.parse(endless)).satisfies(e -> assertThat(e.getMessage()).hasSizeLessThan(200));
        // As long as is read at all: every split of it is tried.
        soon(() -> assertThatThrownBy(() -> Chord.parse("C" + "b9".repeat(99) + "x")).isInstanceOf(MusicTextException.class));
    }

    @Test
    void aPickOfManySpacesIsReadAtOnce() {
        soon(() -> assertThatThrownBy(() -> Pick.parse("lowest" + " ".repeat(40_000) + "x")).isInstanceOf(MusicTextException.class));
        soon(() -> assertThat(Pick.parse("lowest" + " ".repeat(900) + "and" + " ".repeat(900) + "outside").text())
                .isEqualTo("lowest and outside"));
    }

    /** 45 bytes: a note at the beginning, and one as far away as two delta times can tell. */
    @Test
    void oneNoteFarAwayIsReadLikeAnyOther() throws UnreadableFileException {
        byte[] far = HexFormat.ofDelimiter(" ").parseHex(("4D 54 68 64 00 00 00 06 00 00 00 01 00 60 4D 54 72 6B 00 00 00 17 "
                + "00 90 3C 40 60 80 3C 40 FF FF FF 7F 90 40 40 60 80 40 40 00 FF 2F 00").replaceAll("\\s+", " "));
        ReadSong read = MidiReader.read(far, "far.mid");
        soon(() -> {
            SongKeys.find(read.song(), KeyFamily.MODES);
            Song harmonized = ProgressionEdits.read(read.song(), SongChords.read(read.song()).chords());
            assertThat(ChordChart.symbols(harmonized)).hasSizeLessThan(100_000);
        });
    }

    @Test
    void aNoteHeldForEverIsReadInAReasonableTime() {
        Song song = LanternFerry.song().withProgression(Progression.EMPTY);
        Note endless = new Note(1, 0, 1L << 39, 60, 80, 0, 64);
        soon(() -> assertThat(ChordReader.read(List.of(Line.of(List.of(endless, new Note(2, 1L << 38, 480, 64, 80, 0, 64)))),
                song.time(), song.fence().along(song.time()))).hasSizeLessThan(10));
    }

    /** Silence is passed over in one piece; what lies behind it is read as if it stood alone. */
    @Test
    void readsTheSameChordsBehindALongSilence() {
        Song song = LanternFerry.song();
        var fence = song.fence().along(song.time());
        Line line = song.part(2).line();
        long by = song.time().barStart(2001);
        Line twice = Line.of(Stream.concat(line.notes().stream(), line.notes().stream()
                .map(note -> note.withStart(note.start() + by).withId(note.id() + 100_000))).toList());
        var once = ChordReader.read(List.of(line), song.time(), fence).stream().map(chord -> chord.chord().text()).toList();
        var both = ChordReader.read(List.of(twice), song.time(), fence).stream().map(chord -> chord.chord().text()).toList();
        assertThat(both.subList(0, once.size() - 1)).isEqualTo(once.subList(0, once.size() - 1));
        assertThat(both.subList(both.size() - once.size() + 2, both.size())).isEqualTo(once.subList(2, once.size()));
    }

    @Test
    void everyStepStandsANoteAtTheLastTickThereIs() {
        long last = Range.TICK.highest();
        for (StepSchema<?> kind : StepCatalogue.all()) {
            Song song = LanternFerry.song();
            Line line = Line.of(List.of(new Note(1, last - 500, 500, 61, 80, 0, 64), new Note(2, last - 1, 1, 66, 80, 0, 64),
                    new Note(3, last, 1, 61, 80, 0, 64)));
            Song far = song.withPart(1, part -> part.withTake(take -> take.withLine(line).withSteps(List.of()))).plusStep(1, kind.usual());
            soon(() -> assertThat(PartResult.of(far, far.part(1)).stages().get(0).outcome().findings()).as(kind.name())
                    .noneMatch(Finding.Failed.class::isInstance));
        }
    }

    @Test
    void aSongOfTooManyBarsIsRefusedInASentence() {
        byte[] head = HexFormat.ofDelimiter(" ").parseHex("4D 54 68 64 00 00 00 06 00 00 00 01 00 01 4D 54 72 6B 00 00 00 AC");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(head);
        for (int i = 0; i < 21; i++) {
            out.writeBytes(HexFormat.ofDelimiter(" ").parseHex("FF FF FF 7F 90 3C 40 60"));
        }
        out.writeBytes(HexFormat.ofDelimiter(" ").parseHex("00 FF 2F 00"));
        assertThatThrownBy(() -> MidiReader.read(out.toByteArray(), "endless.mid")).isInstanceOf(UnreadableFileException.class)
                .hasMessage("endless.mid lasts longer than 40 million bars; such a file cannot be shown");
    }
}
