package amberfence.reading;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import java.util.List;
import org.junit.jupiter.api.Test;

class OverlapsAndBeatsTest {
    private static Note note(long id, long start, long end, int pitch) {
        return new Note(id, start, end - start, pitch, 80, 0, 64);
    }

    @Test
    void findsNotesThatReachALittleIntoTheNext() {
        Note first = note(1, 0, 245, 60);
        Note second = note(2, 240, 480, 62);
        assertThat(Overlaps.of(Line.of(List.of(first, second)))).containsExactly(new Overlaps.Overlap(first, second, 5));
        assertThat(Overlaps.of(Line.of(List.of(note(1, 0, 240, 60), second)))).isEmpty();
    }

    @Test
    void findsAPitchThatIsStruckAgainWhileItSounds() {
        Note held = note(1, 0, 500, 60);
        Note again = note(3, 480, 960, 60);
        Line line = Line.of(List.of(held, note(2, 0, 470, 64), again, note(4, 480, 960, 64)));
        assertThat(Overlaps.of(line)).containsExactly(new Overlaps.Overlap(held, again, 20));
    }

    @Test
    void chordsAndHeldVoicesAreNoOverlaps() {
        assertThat(Overlaps.of(Line.of(List.of(note(1, 0, 960, 48), note(2, 0, 480, 60), note(3, 480, 960, 62))))).isEmpty();
    }

    /** Where the beats of common metres are strong: common practice, no source. */
    @Test
    void knowsTheBeatsOfTheMetre() {
        TimeMap four = TimeMap.usual(480);
        assertThat(BeatPlace.of(0, four)).isEqualTo(BeatPlace.BAR_START);
        assertThat(BeatPlace.of(480, four)).isEqualTo(BeatPlace.BEAT);
        assertThat(BeatPlace.of(960, four)).isEqualTo(BeatPlace.STRONG);
        assertThat(BeatPlace.of(240, four)).isEqualTo(BeatPlace.OFF);
        TimeMap six = TimeMap.of(480, 500_000, 6, 8);
        assertThat(BeatPlace.of(720, six)).isEqualTo(BeatPlace.STRONG);
        assertThat(BeatPlace.of(480, six)).isEqualTo(BeatPlace.OFF);
        TimeMap three = TimeMap.of(480, 500_000, 3, 4);
        assertThat(BeatPlace.of(960, three)).isEqualTo(BeatPlace.BEAT);
    }

    @Test
    void aPlayerALittleEarlyOrLateIsStillOnTheBeat() {
        TimeMap four = TimeMap.usual(480);
        assertThat(BeatPlace.of(470, four)).isEqualTo(BeatPlace.BEAT);
        assertThat(BeatPlace.of(490, four)).isEqualTo(BeatPlace.BEAT);
        assertThat(BeatPlace.of(530, four)).isEqualTo(BeatPlace.OFF);
    }
}
