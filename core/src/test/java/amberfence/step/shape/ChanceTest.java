package amberfence.step.shape;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.step.Doing;
import amberfence.step.Outcome;
import amberfence.step.Typed;
import amberfence.theory.Key;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class ChanceTest {
    private static Doing chance(String settings) {
        return doing(Typed.step(Chance.SCHEMA, settings));
    }

    private static Line line(int count) {
        return Line.of(IntStream.range(0, count).mapToObj(i -> new Note(i + 1, 960 + i * 480L, 240, 60 + i % 12, 80, 0, 64)).toList());
    }

    @Test
    void soManyInAHundredAreChangedAndAnotherSeedChangesOthers() {
        int changed = chance("chance=30 what=velocity").on(line(2000)).outcome().changes().size();
        assertThat(changed).as("30 % of 2,000, within four deviations of 20").isBetween(520, 680);
        assertThat(chance("chance=0").on(line(20)).outcome().changes()).isEmpty();
        assertThat(chance("what=out chance=50 seed=1").on(line(50)).outcome().out()).isNotEqualTo(chance("what=out chance=50 seed=2").on(line(50)).outcome().out());
        assertThat(chance("what=out").on(line(9)).outcome().out().isEmpty()).isTrue();
    }

    @Test
    void aDegreeUpOrDownAndAnOutsideNoteToTheNextInsideOne() {
        for (int seed = 1; seed < 20; seed++) {
            assertThat(chance("what=degree seed=" + seed).on("E4").in("C major").outcome().out().notes().get(0).pitch()).isIn(62, 65);
            assertThat(chance("what=degree seed=" + seed).on("F#4").in("C major").outcome().out().notes().get(0).pitch()).isIn(65, 67);
        }
    }

    @Test
    void anOctaveGoesInwardAtTheEnds() {
        for (int seed = 1; seed < 20; seed++) {
            assertThat(chance("what=octave seed=" + seed).on("C9").outcome().out().notes().get(0).pitch()).isEqualTo(108);
            assertThat(chance("what=octave seed=" + seed).on("C4").outcome().out().notes().get(0).pitch()).isIn(48, 72);
        }
    }

    @Test
    void beginningsLengthsAndVelocitiesLieBetweenTheirBounds() {
        List<Note> moved = chance("what=onset by=120t").on(line(200)).outcome().out().notes();
        assertThat(moved).allMatch(note -> Math.abs(note.start() - 960 - (note.id() - 1) * 480) <= 120 && note.length() == 240);
        assertThat(chance("what=length length=1/32..1/8").on(line(200)).outcome().out().notes()).allMatch(note -> note.length() >= 60 && note.length() <= 240);
        assertThat(chance("what=velocity velocity=40..50").on(line(200)).outcome().out().notes()).allMatch(note -> note.velocity() >= 40 && note.velocity() <= 50);
        assertThat(chance("what=onset by=1/1").on("C4").outcome().out().notes().get(0).start()).as("not before the song").isNotNegative();
    }

    @Test
    void drumsKeepTheirPitches() {
        assertThat(chance("what=pitch").as(Role.DRUMS).on("C2 D2").outcome().changes()).isEmpty();
        assertThat(chance("what=velocity").as(Role.DRUMS).on("C2 D2").outcome().changes()).hasSize(2);
    }

    @Property(tries = 200)
    void otherPitchesAreInsideInTheRangeAndNotTheSame(@ForAll @IntRange(min = 1, max = 100_000) int seed) {
        Line line = line(12);
        Outcome outcome = chance("what=pitch range=C4..C5 seed=" + seed).on(line).in("C major").outcome();
        for (Note note : line.notes()) {
            int now = outcome.out().note(note.id()).orElseThrow().pitch();
            assertThat(now).isBetween(60, 72).isNotEqualTo(note.pitch());
            assertThat(Key.parse("C major").pitchClasses().containsPitch(now)).isTrue();
        }
    }
}
