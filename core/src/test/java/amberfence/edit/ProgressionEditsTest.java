package amberfence.edit;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.format.sheet.ChordChart;
import amberfence.notes.ChordSpan;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.reading.ChordReader;
import amberfence.reading.ReadChord;
import amberfence.result.PartResult;
import amberfence.song.Song;
import amberfence.step.chord.PlayChords;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.NextChord;
import amberfence.theory.NoteName;
import amberfence.theory.SmoothVoicings;
import amberfence.theory.Voicing;
import amberfence.theory.VoicingRules;
import java.util.List;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class ProgressionEditsTest {
    private static final Key C = Key.parse("C major");

    private static Song song(String chart) {
        Song song = Song.empty("x");
        return ProgressionEdits.put(song, ChordChart.read(chart, song.time(), 1, () -> 1, C));
    }

    private static String chords(Song song) {
        return song.progression().spans().stream().map(span -> span.chord().text()).collect(Collectors.joining(" "));
    }

    private static List<Long> all(Song song) {
        return song.progression().spans().stream().map(ChordSpan::id).toList();
    }

    private static String each(String chart, BiFunction<Chord, Key, Chord> change) {
        Song song = song(chart);
        return chords(ProgressionEdits.changed(song, all(song), change));
    }

    @Test
    void aChordThatIsPutIntoALongOneLeavesWhatComesBehindIt() {
        Song held = ProgressionEdits.put(Song.empty("x"), 0, 4 * 1_920, Chord.parse("C"));
        Song with = ProgressionEdits.put(held, 1_920, 2 * 1_920, Chord.parse("F"));
        assertThat(chords(with)).isEqualTo("C F C");
        assertThat(all(with)).doesNotHaveDuplicates().allMatch(id -> id < with.nextId());
        Song moved = ProgressionEdits.shifted(with, List.of(all(with).get(1)), 2 * 1_920);
        assertThat(chords(moved)).as("also where one is moved to").isEqualTo("C C F");
        assertThat(moved.progression().end()).isEqualTo(held.progression().end());
    }

    @Test
    void whatIsReadAgainGoesOnBehindAChordThatWasCorrected() {
        List<ReadChord> read = List.of(new ReadChord(0, 4 * 1_920, Chord.parse("C"), 1, List.of()));
        Song song = Song.empty("x");
        Song corrected = song.withProgression(new Progression(List.of(ChordSpan.of(1, 1_920, 2 * 1_920, Chord.parse("Am")).decided()))).withNextId(2);
        assertThat(chords(ProgressionEdits.read(corrected, read))).isEqualTo("C Am C");
    }

    @Test
    void addsSeventhsAndNinthsFromTheKeyToChordsOfThreeNotesOrMore() {
        assertThat(each("| C | Dm | G | C5 |", (chord, key) -> ProgressionEdits.extended(chord, key, 7)))
                .isEqualTo("Cmaj7 Dm7 G7 C5");
        assertThat(each("| C | Dm7 | G |", (chord, key) -> ProgressionEdits.extended(chord, key, 9))).isEqualTo("Cmaj9 Dm9 G9");
    }

    @Test
    void theWholeProgressionGoesToHalfOrDoubleLength() {
        Song song = ProgressionEdits.put(Song.empty("x"), ChordChart.read("| C G | Am |", Song.empty("x").time(), 2, () -> 1, C));
        Song twice = ProgressionEdits.stretched(song, 200);
        assertThat(twice.progression().spans()).extracting(ChordSpan::length).isEqualTo(song.progression().spans().stream().map(span -> 2 * span.length()).toList());
        assertThat(twice.progression().spans().get(0).start()).isEqualTo(song.progression().spans().get(0).start());
        assertThat(ProgressionEdits.stretched(twice, 50).progression()).isEqualTo(song.progression());
        assertThat(ProgressionEdits.stretched(Song.empty("x"), 50)).isEqualTo(Song.empty("x"));
    }

    @Test
    void dropsFifthsSwapsAndSuspends() {
        assertThat(each("| Cmaj7 | G7 |", (chord, key) -> chord.withKind(chord.kind().without(5)))).isEqualTo("Cmaj7(no5) G7(no5)");
        assertThat(each("| F | Am | C |", ProgressionEdits::swapped)).isEqualTo("Fm A♭ Cm");
        Song song = song("| G7 | C |");
        assertThat(chords(ProgressionEdits.suspendedBefore(song, List.of(all(song).get(0))))).isEqualTo("G7sus4 G7 C");
    }

    @Test
    void movesBySemitonesDegreesAndToAKey() {
        assertThat(each("| C/E | Dm7 |", (chord, key) -> chord.transposed(3, Key.parse("Eb major").spelling())))
                .isEqualTo("E♭/G Fm7");
        assertThat(each("| C | Dm | G7 |", (chord, key) -> ProgressionEdits.byDegrees(chord, key, 2))).isEqualTo("Em F Bø7");
        assertThat(each("| C | Am7/G | D7 | Fm |", (chord, key) -> ProgressionEdits.toKey(chord, key, Key.parse("Eb major"))))
                .isEqualTo("E♭ Cm7/B♭ F7 A♭m");
        assertThat(each("| C | F | G |", (chord, key) -> ProgressionEdits.toKey(chord, key, Key.parse("A minor"))))
                .isEqualTo("A D E");
    }

    @Test
    void voicesAndSmoothsAndReportsTheMotion() {
        Song song = song("| C | F | G | C |");
        int before = SmoothVoicings.motion(song.progression().voicings());
        Song smooth = ProgressionEdits.smooth(song, VoicingRules.USUAL, List.of(all(song).get(0)));
        assertThat(smooth.progression().spans().get(0).sounding()).isEqualTo(Voicing.of(60, 64, 67));
        assertThat(SmoothVoicings.motion(smooth.progression().voicings())).isLessThan(before);
        Song turned = ProgressionEdits.voiced(song, all(song), Voicing::invertedUp);
        assertThat(turned.progression().spans().get(0).sounding()).isEqualTo(Voicing.of(64, 67, 72));
        assertThat(chords(turned)).isEqualTo(chords(song));
    }

    @Test
    void repeatsAndShifts() {
        Song song = song("| C | F |");
        assertThat(chords(ProgressionEdits.repeated(song, all(song)))).isEqualTo("C F C F");
        Song shifted = ProgressionEdits.shifted(song, List.of(all(song).get(1)), -960);
        assertThat(shifted.progression().spans().get(1).start()).isEqualTo(960);
        assertThat(shifted.progression().spans().get(0).end()).isEqualTo(960);
    }

    @Test
    void keepsCorrectionsWhenReadAgain() {
        Song song = Song.empty("x");
        List<ReadChord> read = List.of(new ReadChord(0, 1920, Chord.parse("C"), 1, List.of()),
                new ReadChord(1920, 3840, Chord.parse("F6"), 0.7, List.of(Chord.parse("Dm7/F"))));
        Song once = ProgressionEdits.read(song, read);
        Song corrected = once.withProgression(once.progression().with(List.of(once.progression().spans().get(1).id()),
                span -> span.withChord(Chord.parse("Dm7/F"))));
        assertThat(chords(ProgressionEdits.read(corrected, read))).isEqualTo("C Dm7/F");
    }

    @Test
    void suggestsWhatMayComeNextWithItsCommonTones() {
        List<NextChord> next = NextChord.of(Chord.parse("Dm7"), C);
        assertThat(next.get(0).chord().text()).isEqualTo("G7");
        assertThat(next.get(0).numeral()).isEqualTo("V7");
        assertThat(next.get(0).common()).extracting(NoteName::text).containsExactly("D", "F");
        assertThat(next).extracting(NextChord::chord).doesNotContain(Chord.parse("Dm7"));
    }

    @Test
    void whatIsPlayedIsReadAsItWasWritten() {
        Song song = song("| Dm7 | G7 | Cmaj7 | Am |").plusEmptyPart("keys", Role.CHORDS);
        Song tied = song.plusStep(1, PlayChords.USUAL);
        List<ReadChord> read = ChordReader.read(List.of(PartResult.of(tied, tied.part(1)).line()), song.time(),
                song.fence().along(song.time()));
        assertThat(read.stream().map(chord -> chord.chord().text()).collect(Collectors.joining(" "))).isEqualTo(chords(song));
    }
}
