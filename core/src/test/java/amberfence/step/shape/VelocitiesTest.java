package amberfence.step.shape;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.step.Doing;
import amberfence.step.Outcome;
import amberfence.step.Typed;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VelocitiesTest {
    private static Doing touch(String settings) {
        return doing(Typed.step(Velocities.SCHEMA, settings));
    }

    private static List<Integer> velocities(Outcome outcome) {
        return outcome.out().notes().stream().map(Note::velocity).toList();
    }

    private static Line line(int... velocities) {
        return Line.of(IntStream.range(0, velocities.length).mapToObj(i -> new Note(i + 1, i * 480L, 480, 60, velocities[i], 0, 64)).toList());
    }

    /** lo 40, hi 100, bend 0: 1→40, 64→70, 127→100. */
    @Test
    void bendsBetweenAFloorAndACeiling() {
        assertThat(velocities(touch("way=curve range=40..100").on(line(1, 64, 127)).outcome())).containsExactly(40, 70, 100);
        assertThat(velocities(touch("way=curve range=40..100 bend=50").on(line(1, 64, 127)).outcome())).as("p = 2: a quarter of the way").containsExactly(40, 55, 100);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"way=fixed value=90 | 90 90 90", "way=share share=50% | 40 41 64", "way=share share=200% | 127 127 127",
        "way=shape shape=0:20,100:100 | 20 60 100", "way=shape shape=0:20,50:100,100:20 | 20 100 20"})
    void setsVelocities(String settings, String expected) {
        assertThat(velocities(touch(settings).on(line(80, 81, 127)).outcome()).toString().replaceAll("[\\[\\],]", "")).isEqualTo(expected);
    }

    @Test
    void aShapeIsLaidOverEveryBarAgain() {
        assertThat(velocities(touch("way=shape shape=0:40,100:120 every=1bars").on("C4:2 D4:2 E4:2 F4:2 G4:2 A4:2").outcome()))
                .containsExactly(40, 60, 80, 100, 40, 60);
    }

    /** 6/8 has two beats; the list begins anew with each bar, and from the first again when it is short. */
    @Test
    void accentsFallOnBeats() {
        assertThat(velocities(touch("way=accents accents=120,50").in(TimeMap.of(480, 500_000, 6, 8)).on("C4 D4 E4 F4 G4 A4 B4").outcome()))
                .containsExactly(96, 80, 80, 40, 80, 80, 96);
        assertThat(velocities(touch("way=accents accents=120,100,50").on("C4:2 D4:2 E4:2 F4:2").outcome())).containsExactly(96, 80, 40, 96);
        Line late = Line.of(List.of(new Note(1, 470, 100, 60, 80, 0, 64), new Note(2, 600, 100, 60, 80, 0, 64)));
        assertThat(velocities(touch("way=accents accents=100,50").on(late).outcome())).as("a little early is on the beat").containsExactly(40, 80);
    }

    @Test
    void byChanceWithinSoMuchAndTheSameForTheSameSeed() {
        List<Integer> some = velocities(touch("way=chance by=8").on(line(80, 80, 80, 80, 80, 80, 80, 80)).outcome());
        assertThat(some).allMatch(velocity -> Math.abs(velocity - 80) <= 8).isEqualTo(velocities(touch("way=chance by=8").on(line(80, 80, 80, 80, 80, 80, 80, 80))
                .outcome()));
        assertThat(some.stream().distinct().count()).isGreaterThan(2);
    }

    @Test
    void saysWhatIsWrong() {
        assertThatThrownBy(() -> Typed.step(Velocities.SCHEMA, "way=shape shape=0:200")).hasMessageContaining("1 to 127");
        assertThat(Velocities.SCHEMA.unused(Typed.step(Velocities.SCHEMA, "way=fixed share=50%"), List.of("share"))).isPresent();
        touch("way=share share=50%").on("C4").because("40 softer");
    }

    @Property(tries = 200)
    void aVelocityStaysOne(@ForAll VelocityWay way, @ForAll @IntRange(min = 1, max = 127) int velocity, @ForAll @IntRange(min = -100, max = 100) int bend,
                           @ForAll @IntRange(min = 1, max = 400) int share) {
        Velocities usual = Velocities.USUAL;
        Velocities step = new Velocities(way, 127, share, usual.range(), bend, usual.shape(), usual.every(), usual.accents(), 64, 1);
        assertThat(doing(step).on(line(velocity)).outcome().out().notes()).allMatch(note -> note.velocity() >= 1 && note.velocity() <= 127);
    }
}
