package amberfence.step.shape;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.step.Doing;
import amberfence.step.Outcome;
import amberfence.step.Typed;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class LoosenTest {
    private static Doing loosen(String settings) {
        return doing(Typed.step(Loosen.SCHEMA, settings));
    }

    private static Line apart(int count, long distance) {
        return Line.of(IntStream.range(0, count).mapToObj(i -> new Note(i + 1, 1000 + i * distance, 100, 60, 80, 0, 64)).toList());
    }

    /** Of a normal distribution with a standard deviation of 20, clipped at three of them. */
    @Test
    void isNormallyDistributedWithAThirdOfTheMostAsDeviation() {
        Line line = apart(10_000, 480);
        Outcome outcome = loosen("onset=60t velocity=0").on(line).outcome();
        double[] offsets = line.notes().stream().mapToDouble(note -> outcome.out().note(note.id()).orElseThrow().start() - note.start()).toArray();
        double mean = IntStream.range(0, offsets.length).mapToDouble(i -> offsets[i]).average().orElseThrow();
        double deviation = Math.sqrt(IntStream.range(0, offsets.length).mapToDouble(i -> (offsets[i] - mean) * (offsets[i] - mean)).average().orElseThrow());
        assertThat(mean).isCloseTo(0, within(1.0));
        assertThat(deviation).isCloseTo(20, within(1.0));
        assertThat(IntStream.range(0, offsets.length).filter(i -> Math.abs(offsets[i]) <= 20).count() / 10_000.0).as("one deviation holds 68.3 %")
                .isCloseTo(0.683, within(0.03));
        assertThat(Arrays.stream(offsets).allMatch(offset -> Math.abs(offset) <= 60)).isTrue();
    }

    @Test
    void chordsStayTogetherOrComeApart() {
        List<Note> together = loosen("onset=60t velocity=0 seed=3").on("r:4 [C4 E4 G4]:2 [D4 F4]:2").outcome().out().notes();
        assertThat(together.subList(0, 3).stream().map(Note::start).distinct()).hasSize(1);
        List<Note> apart = loosen("onset=60t velocity=0 together=off seed=3").on("r:4 [C4 E4 G4]:2 [D4 F4]:2").outcome().out().notes();
        assertThat(apart.stream().filter(note -> note.id() <= 3).map(Note::start).distinct().count()).isGreaterThan(1);
        assertThat(loosen("onset=60t velocity=8 seed=3").on("r:4 [C4 E4 G4]:2").outcome().out().notes().stream().map(Note::velocity).distinct().count())
                .as("velocities note by note").isGreaterThan(1);
    }

    @Test
    void anEndThatTouchedTheNextBeginningGoesOnTouchingIt() {
        List<Note> notes = loosen("onset=60t velocity=0 end=60t").on("r:4 C4:2 D4:2 E4:2").outcome().out().notes();
        assertThat(notes.get(0).end()).isEqualTo(notes.get(1).start());
        assertThat(notes.get(1).end()).isEqualTo(notes.get(2).start());
    }

    @Test
    void anEditElsewhereLoosensNothingAnew() {
        List<Note> some = loosen("onset=20t").on("r:4 C4:2 D4:2 E4:2").outcome().out().notes();
        List<Note> more = loosen("onset=20t").on("r:4 C4:2 D4:2 E4:2 F4:2 G4:2").outcome().out().notes();
        assertThat(more.subList(0, 2)).isEqualTo(some.subList(0, 2));
    }

    /** No note passes the middle between its place and the next; nothing begins before the song, or has no length. */
    @Property(tries = 300)
    void staysOnItsSideOfTheMiddle(@ForAll List<@IntRange(max = 2000) Integer> starts, @ForAll @IntRange(max = 400) int onset, @ForAll boolean together) {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < starts.size(); i++) {
            notes.add(new Note(i + 1, starts.get(i), 90, 40 + i % 60, 80, 0, 64));
        }
        Line line = Line.of(notes);
        Outcome outcome = loosen("onset=" + onset + "t together=" + (together ? "on" : "off")).on(line).outcome();
        for (int i = 1; i < line.size(); i++) {
            Note before = line.notes().get(i - 1);
            Note note = line.notes().get(i);
            if (note.start() - before.start() >= 60) {
                assertThat(outcome.out().note(before.id()).orElseThrow().start()).isLessThan(outcome.out().note(note.id()).orElseThrow().start());
            }
        }
        assertThat(outcome.out().notes()).allMatch(note -> note.start() >= 0 && note.length() >= 1 && note.velocity() >= 1);
    }
}
