package amberfence.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.demo.SaltStair;
import amberfence.edit.Mending;
import amberfence.edit.ProgressionEdits;
import amberfence.format.sheet.ChordChart;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.song.Song;
import amberfence.step.SettingValues;
import amberfence.theory.Key;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.statistics.Statistics;
import org.junit.jupiter.api.Test;

/** 480 ticks a quarter, 4/4; a text's length of 1 is an eighth. */
class ReadThroughTest {
    private static Song song(Line line, Role role) {
        Song song = Song.empty("x").withFence(Fence.of(KeyPlan.of(Key.parse("C major")))).plusEmptyPart("Part", role).withNextId(10_000);
        return song.withPart(song.parts().get(0).id(), part -> part.withTake(take -> take.withLine(line)));
    }

    private static Song song(String text) {
        return song(LineText.parse(text, 240, 0, 1), Role.MELODY);
    }

    private static List<String> found(Song song, DoubtKind kind) {
        return ReadThrough.of(song, Mending.own(song.parts()), EnumSet.of(kind)).stream()
                .map(doubt -> SettingValues.pitchText(doubt.note().pitch()) + "@" + doubt.tick()).toList();
    }

    private static Line ticks(long... startsEndsPitches) {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < startsEndsPitches.length; i += 3) {
            notes.add(new Note(i / 3 + 1, startsEndsPitches[i], startsEndsPitches[i + 1] - startsEndsPitches[i], (int) startsEndsPitches[i + 2], 80, 0, 64));
        }
        return Line.of(notes);
    }

    @Test
    void outsideTheFence() {
        assertThat(found(song("C4 F#4 G4"), DoubtKind.OUTSIDE)).containsExactly("F#4@240");
        assertThat(found(song("C4 F4 G4"), DoubtKind.OUTSIDE)).isEmpty();
        Doubt doubt = ReadThrough.of(song("C4 F#4 G4"), Mending.own(song("C4 F#4 G4").parts()), EnumSet.of(DoubtKind.OUTSIDE)).get(0);
        assertThat(doubt.mends()).extracting(mend -> mend.words(SettingValues::pitchText)).containsExactly("F4", "G4", "allow it always");
        assertThat(doubt.sentence().of(SettingValues::pitchText)).isEqualTo("F#4 is outside C major");
    }

    @Test
    void clashesWithTheChordAndNoneThatPasses() {
        Song song = song("A4:2 G4 A4 C5:4");
        Song chords = ProgressionEdits.put(song, ChordChart.read("| G | C |", song.time(), 1, song::nextId, Key.parse("C major")));
        assertThat(found(chords, DoubtKind.CLASH)).as("A on the first beat of G, C held on the third; the short A passes").containsExactly("A4@0", "C5@960");
        Song inside = song("G4:2 A4 B4 D5:4");
        assertThat(found(ProgressionEdits.put(inside, ChordChart.read("| G | C |", inside.time(), 1, inside::nextId, Key.parse("C major"))), DoubtKind.CLASH)).isEmpty();
    }

    @Test
    void onePitchTwiceAtOnceOrDoubled() {
        Song twice = song(ticks(0, 480, 60, 240, 700, 60, 720, 900, 62), Role.MELODY);
        assertThat(found(twice, DoubtKind.UNISON)).containsExactly("C4@240");
        assertThat(found(twice, DoubtKind.DOUBLED)).isEmpty();
        Song doubled = song(ticks(0, 480, 60, 20, 480, 60, 480, 700, 60), Role.MELODY);
        assertThat(found(doubled, DoubtKind.DOUBLED)).containsExactly("C4@20");
        assertThat(found(doubled, DoubtKind.UNISON)).isEmpty();
        assertThat(found(song("C4 C4 C4"), DoubtKind.UNISON)).isEmpty();
    }

    @Test
    void smallOverlapsOnly() {
        assertThat(found(song(ticks(0, 500, 60, 480, 960, 62), Role.MELODY), DoubtKind.OVERLAP)).containsExactly("D4@480");
        assertThat(found(song(ticks(0, 480, 60, 480, 960, 62), Role.MELODY), DoubtKind.OVERLAP)).as("they touch").isEmpty();
        assertThat(found(song(ticks(0, 700, 60, 480, 960, 62), Role.MELODY), DoubtKind.OVERLAP)).as("more than a sixteenth").isEmpty();
        assertThat(found(song(ticks(0, 960, 60, 480, 960, 67), Role.MELODY), DoubtKind.OVERLAP)).as("a voice of its own").isEmpty();
    }

    @Test
    void leapsThatAnOctaveWouldMend() {
        assertThat(found(song("C4 D4 E5 F4 G4"), DoubtKind.LEAP)).as("told once, at the note itself").containsExactly("E5@480");
        assertThat(found(song("C4 C5 C4"), DoubtKind.LEAP)).as("an octave is none").isEmpty();
        assertThat(found(song("C4 D4 D6 E6"), DoubtKind.LEAP)).as("an octave would not mend it").isEmpty();
        assertThat(found(song(LineText.parse("C4 D4 E5 F4", 240, 0, 1), Role.CHORDS), DoubtKind.LEAP)).as("not in parts of chords").isEmpty();
    }

    @Test
    void farOffTheGridBesideNeighboursThatAreOnIt() {
        assertThat(found(song(ticks(0, 100, 60, 240, 300, 62, 520, 600, 64, 720, 800, 65, 960, 1000, 67, 1200, 1300, 69), Role.MELODY), DoubtKind.OFF_GRID))
                .containsExactly("E4@520");
        assertThat(found(song(ticks(0, 100, 60, 245, 300, 62, 484, 600, 64, 722, 800, 65, 960, 1000, 67), Role.MELODY), DoubtKind.OFF_GRID))
                .as("a hand's unevenness").isEmpty();
        assertThat(found(song(ticks(30, 100, 60, 291, 300, 62, 529, 600, 64, 780, 800, 65, 1000, 1100, 67), Role.MELODY), DoubtKind.OFF_GRID))
                .as("a part that keeps to no grid").isEmpty();
        assertThat(found(song(ticks(0, 100, 60, 160, 300, 62, 320, 400, 64, 480, 600, 65, 640, 700, 67, 800, 900, 69), Role.MELODY), DoubtKind.OFF_GRID))
                .as("eighth triplets are a grid").isEmpty();
    }

    @Test
    void outOfTheRangeOfTheInstrument() {
        Song cello = song("C2 C3 C7").withPart(1, part -> part.withSound(part.sound().withProgram(OptionalInt.of(42))));
        assertThat(found(cello, DoubtKind.RANGE)).containsExactly("C7@480");
        assertThat(found(song("C2 C3 C7"), DoubtKind.RANGE)).as("without a program").isEmpty();
    }

    @Test
    void parallelFifthsAndOctavesWhenAsked() {
        assertThat(found(song("[C3 G3] [D3 A3] [E3 C4]"), DoubtKind.PARALLEL)).containsExactly("A3@240");
        assertThat(found(song("[C3 C4] [D3 D4]"), DoubtKind.PARALLEL)).containsExactly("D4@240");
        assertThat(found(song("[C3 G3] [C3 G3] [E3 C4]"), DoubtKind.PARALLEL)).as("neither moves").isEmpty();
        assertThat(DoubtKind.usual()).doesNotContain(DoubtKind.PARALLEL);
        assertThat(found(song(ticks(0, 400, 48, 12, 440, 55, 470, 900, 57, 490, 950, 50), Role.CHORDS), DoubtKind.PARALLEL)).as("struck by hand")
                .containsExactly("A3@470");
    }

    @Test
    void ofDrumsOnlyDoubledNotes() {
        Song drums = song(ticks(0, 100, 37, 10, 100, 37, 300, 400, 61), Role.DRUMS);
        assertThat(ReadThrough.of(drums, Mending.own(drums.parts()), EnumSet.allOf(DoubtKind.class))).extracting(Doubt::kind).containsExactly(DoubtKind.DOUBLED);
    }

    @Test
    void kindsAreNamedAddedAndLeftOut() {
        assertThat(DoubtKind.parse("outside,leap")).containsExactly(DoubtKind.OUTSIDE, DoubtKind.LEAP);
        assertThat(DoubtKind.parse("+parallel")).hasSize(11);
        assertThat(DoubtKind.parse("-range,-clash")).hasSize(8);
        assertThatThrownBy(() -> DoubtKind.parse("wrong")).hasMessageContaining("kinds are outside");
    }

    /**
     * After each of its ways out a place is gone and no other note has changed; undone, it is there again. A note that overlaps two others
     * may be told with the second when it no longer overlaps the first.
     */
    @Property(tries = 300)
    void afterAWayOutAPlaceIsGoneAndNoOtherNoteHasChanged(@ForAll @Size(min = 8, max = 24) List<@IntRange(min = 0, max = 99_999) Integer> dice,
                                                          @ForAll @IntRange(min = 0, max = 1_000) int which) {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < dice.size(); i++) {
            int die = dice.get(i);
            long start = i * 240L + (die % 8 == 0 ? 40 : die % 8 == 1 ? -230 : 0);
            notes.add(new Note(i + 1, Math.max(0, start), 150 + die / 8 % 400, 40 + die / 3200 % 32 + (die % 11 == 0 ? 14 : 0), 80, 0, 64));
        }
        Song plain = song(Line.of(notes), Role.MELODY).withPart(1, part -> part.withSound(part.sound().withProgram(OptionalInt.of(42))));
        Song song = ProgressionEdits.put(plain, ChordChart.read("| C | F | G7 | Am | F |", plain.time(), 1, plain::nextId, Key.parse("C major")));
        List<Doubt> doubts = ReadThrough.of(song, Mending.own(song.parts()), EnumSet.allOf(DoubtKind.class)).stream().filter(doubt -> !doubt.mends().isEmpty()).toList();
        Assume.that(!doubts.isEmpty());
        Doubt doubt = doubts.get(which % doubts.size());
        Statistics.label("kind").collect(doubt.kind());
        for (Mend mend : doubt.mends()) {
            Song after = Mending.mended(song, doubt.part(), mend);
            assertThat(ReadThrough.of(after, Mending.own(after.parts()), Set.of(doubt.kind()))).as("%s by %s", doubt, mend)
                    .noneMatch(left -> left.notes().stream().map(Note::id).toList().equals(doubt.notes().stream().map(Note::id).toList()));
            assertThat(after.part(doubt.part()).line().notes()).containsAll(notes.stream().filter(note -> !mend.notes().contains(note.id())).toList());
            assertThat(Mending.after(song.part(doubt.part()).line(), mend)).as("what is shown is what is done")
                    .allMatch(note -> after.part(doubt.part()).line().note(note.id()).orElseThrow().equals(note));
        }
    }

    @Test
    void whereThreeOfAPitchSoundEndingOneOfThemIsNoWayOut() {
        Song three = song(ticks(0, 448, 40, 240, 462, 40, 440, 591, 40), Role.MELODY);
        Doubt last = ReadThrough.of(three, Mending.own(three.parts()), EnumSet.of(DoubtKind.UNISON)).get(1);
        assertThat(last.mends()).extracting(mend -> mend.getClass().getSimpleName()).containsExactly("Join", "TakeAway");
    }

    @Test
    void findsNothingBetweenTheNotesOfADemoThatIsClean() {
        Song song = SaltStair.song();
        assertThat(ReadThrough.of(song, Mending.own(song.parts()), EnumSet.of(DoubtKind.UNISON, DoubtKind.DOUBLED, DoubtKind.OVERLAP, DoubtKind.LEAP, DoubtKind.RANGE)))
                .isEmpty();
    }
}
