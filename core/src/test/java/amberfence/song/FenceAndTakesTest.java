package amberfence.song;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.demo.LanternFerry;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.Role;
import amberfence.theory.Key;
import amberfence.theory.Scale;
import java.util.List;
import org.junit.jupiter.api.Test;

class FenceAndTakesTest {
    private static final KeyPlan PLAN = KeyPlan.of(Key.parse("C major")).plus(9, Key.parse("F major"));

    private static List<String> keys(KeyPlan plan) {
        return plan.spans().stream().map(span -> span.fromBar() + " " + span.key()).toList();
    }

    @Test
    void keysAreAddedMovedAndTakenAway() {
        assertThat(keys(PLAN.plus(5, Key.parse("G major")))).containsExactly("1 C major", "5 G major", "9 F major");
        assertThat(keys(PLAN.plus(9, Key.parse("G major")))).containsExactly("1 C major", "9 G major");
        assertThat(keys(PLAN.moved(1, 5))).containsExactly("1 C major", "5 F major");
        assertThat(keys(PLAN.moved(1, -3))).containsExactly("1 C major", "2 F major");
        assertThat(PLAN.moved(0, 5)).isEqualTo(PLAN);
        assertThat(keys(PLAN.minus(1))).containsExactly("1 C major");
        assertThatThrownBy(() -> PLAN.minus(0)).hasMessage("the first key of a song can be changed, but not taken away");
        KeyPlan three = PLAN.plus(12, Key.parse("G major"));
        assertThat(keys(three.moved(1, 30))).containsExactly("1 C major", "11 F major", "12 G major");
    }

    @Test
    void aSingleNoteIsAllowedByHandAndStaysAllowedInACopy() {
        Song song = LanternFerry.plain();
        Note outside = song.part(0).line().notes().stream().filter(note -> note.pitch() == 66).findFirst().orElseThrow();
        Song allowed = song.withFence(song.fence().withAllowed(List.of(outside.id()), true));
        assertThat(allowed.fence().along(song.time()).isInside(outside)).isTrue();
        assertThat(song.fence().along(song.time()).isInside(outside)).isFalse();
        Song twice = allowed.plusDuplicate(0, "copy");
        long copies = twice.parts().get(1).line().notes().stream()
                .filter(note -> twice.fence().along(song.time()).isAllowedByHand(note)).count();
        assertThat(copies).isEqualTo(1);
        assertThat(allowed.fence().withAllowed(List.of(outside.id()), false).allowedNotes()).isEqualTo(NoteSet.NONE);
    }

    @Test
    void ownScalesAreKeptByName() {
        Scale ferry = Scale.parseSemitones("ferry", "0 2 3 5 9");
        Fence fence = Fence.of(PLAN).plusScale(ferry).plusScale(Scale.parseSemitones("quay", "0 4 7"));
        assertThat(fence.ownScales()).extracting(Scale::name).containsExactly("ferry", "quay");
        assertThat(fence.plusScale(Scale.parseSemitones("ferry", "0 1")).ownScales()).hasSize(2);
        assertThat(fence.minusScale(ferry).ownScales()).extracting(Scale::name).containsExactly("quay");
    }

    @Test
    void takesAreCopiedSwitchedAndTakenToAPartOfTheirOwn() {
        Song song = LanternFerry.song();
        Song copied = song.plusTakeCopy(0, "Second thoughts");
        assertThat(copied.part(0).takes()).extracting(Take::name).containsExactly("Original", "Second thoughts");
        assertThat(copied.part(0).current()).isEqualTo(1);
        assertThat(copied.part(0).line()).isEqualTo(song.part(0).line());
        assertThat(copied.part(0).steps().get(0).id()).isNotEqualTo(song.part(0).steps().get(0).id());
        Song apart = copied.plusPartFromTake(0, 0, "From the original");
        assertThat(apart.parts().get(1).takes()).hasSize(1);
        assertThat(apart.parts().get(1).line().size()).isEqualTo(song.part(0).line().size());
        assertThat(copied.part(0).minusTake(1).current()).isZero();
        assertThatThrownBy(() -> copied.part(0).minusTake(0)).hasMessage("the first take of a part is its original and stays");
    }

    @Test
    void theOriginalThatCameFromAFileIsNotEditedByHand() {
        Song song = LanternFerry.plain();
        assertThat(song.part(0).isOriginalKept()).isTrue();
        assertThat(song.plusTakeCopy(0, "x").part(0).isOriginalKept()).isFalse();
        assertThat(song.plusEmptyPart("new", Role.MELODY).parts().get(5).isOriginalKept()).isFalse();
    }

    @Test
    void anEmptyPartTakesAFreeChannelOrPercussion() {
        Song song = LanternFerry.plain();
        Part tune = song.plusEmptyPart("new", Role.MELODY).parts().get(5);
        assertThat(song.parts()).noneMatch(part -> part.channel() == tune.channel());
        assertThat(song.plusEmptyPart("hits", Role.DRUMS).parts().get(5).channel()).isEqualTo(Song.PERCUSSION);
    }
}
