package amberfence.song;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.demo.LanternFerry;
import amberfence.notes.Fence;
import amberfence.notes.FenceLine;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.theory.Key;
import amberfence.theory.MusicTextException;
import amberfence.theory.PitchClass;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class SongTest {
    private final Song song = LanternFerry.song();

    @Test
    void keySpansHoldFromTheirBarOn() {
        FenceLine fence = song.fence().along(song.time());
        assertThat(fence.keyAt(song.time().barStart(17) - 1).text()).isEqualTo("D dorian");
        assertThat(fence.keyAt(song.time().barStart(17)).text()).isEqualTo("F major");
        assertThat(fence.keyAt(song.time().barStart(25)).text()).isEqualTo("D dorian");
        assertThat(fence.at(song.time().barStart(17)).contains(new PitchClass(10))).isTrue();
        assertThat(fence.at(0).contains(new PitchClass(10))).isFalse();
    }

    @Test
    void aDuplicateHasNewIdentitiesAndKeepsWhatWasLeftByHand() {
        Part original = song.parts().get(0);
        Song twice = song.plusDuplicate(original.id(), "Second voice");
        Part copy = twice.parts().get(1);
        Set<Long> ids = new HashSet<>();
        twice.parts().forEach(part -> part.line().notes().forEach(note -> assertThat(ids.add(note.id())).isTrue()));
        assertThat(copy.track()).isEmpty();
        long left = copy.steps().get(0).left().ids().get(0);
        long leftOfOriginal = original.steps().get(0).left().ids().get(0);
        assertThat(copy.line().note(left).orElseThrow().start())
                .isEqualTo(original.line().note(leftOfOriginal).orElseThrow().start());
    }

    @Test
    void movesAndRemovesParts() {
        int second = song.parts().get(1).id();
        assertThat(song.withPartMoved(second, -1).parts().get(0).id()).isEqualTo(second);
        assertThat(song.withPartMoved(second, -9).parts().get(0).id()).isEqualTo(second);
        assertThat(song.minusPart(second).parts()).hasSize(4).noneMatch(part -> part.id() == second);
        assertThatThrownBy(() -> song.part(99)).hasMessage("there is no part 99");
    }

    @Test
    void everyTakeKeepsItsLineAndSteps() {
        Part part = song.parts().get(0);
        Part settled = part.plusTake("Take 2", LineText.parse("C4", 240, 0, 500));
        assertThat(settled.line().size()).isEqualTo(1);
        assertThat(settled.steps()).isEmpty();
        assertThat(settled.withTake(0).line()).isSameAs(part.line());
        assertThat(settled.withTake(0).steps()).isEqualTo(part.steps());
    }

    @Test
    void aLineIsInOrderOrRefused() {
        Note later = new Note(1, 10, 5, 60, 80, 0, 64);
        Note earlier = new Note(2, 0, 5, 60, 80, 0, 64);
        assertThat(Line.of(List.of(later, earlier)).notes()).containsExactly(earlier, later);
        assertThatThrownBy(() -> new Line(List.of(later, earlier))).hasMessageContaining("must be in order");
    }

    @Test
    void readsLinesFromText() {
        Line line = LineText.parse("A4:2 r [D3 F3]:3 | C4@99", 10, 2, 7);
        assertThat(line.notes()).containsExactly(new Note(7, 0, 20, 69, 80, 2, 64), new Note(8, 30, 30, 50, 80, 2, 64),
                new Note(9, 30, 30, 53, 80, 2, 64), new Note(10, 60, 10, 60, 99, 2, 64));
        assertThatThrownBy(() -> LineText.parse("C4 [D4", 10, 0, 1)).isInstanceOf(MusicTextException.class);
    }

    @Test
    void theDemoHasSomethingToShowEverywhere() {
        FenceLine fence = song.fence().along(song.time());
        assertThat(song.parts()).extracting(Part::role).containsExactly(Role.MELODY, Role.BASS, Role.CHORDS, Role.FIGURE,
                Role.DRUMS);
        assertThat(fence.countOutside(song.parts().get(0).line())).isGreaterThan(3);
        assertThat(fence.countOutside(song.parts().get(1).line())).isZero();
        assertThat(fence.countOutside(song.parts().get(2).line())).isEqualTo(2);
        assertThat(song.lastBar()).isEqualTo(32);
        assertThat(Fence.of(KeyPlan.of(Key.parse("C major"))).withToggled(new PitchClass(6)).inside(0)
                .contains(new PitchClass(6))).isTrue();
    }
}
