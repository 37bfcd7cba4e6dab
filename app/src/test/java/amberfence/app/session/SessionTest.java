package amberfence.app.session;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.song.Part;
import amberfence.song.Role;
import amberfence.song.Song;
import amberfence.step.PartResult;
import amberfence.step.fence.BringInside;
import amberfence.step.fence.MoveTo;
import amberfence.theory.Key;
import amberfence.theory.PitchClass;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SessionTest {
    private final Session session = new Session(LanternFerry.song());

    @Test
    void anEditThatChangesNothingLeavesNoTrace() {
        session.edit("nothing", song -> song.withTitle(song.title()));
        assertThat(session.undoName()).isEmpty();
        assertThat(session.isChanged()).isFalse();
    }

    @Test
    void undoGivesTheIdenticalSongAndRedoTheIdenticalResult() {
        Random random = new Random(4);
        List<Song> states = new ArrayList<>(List.of(session.song()));
        for (int i = 0; i < 300; i++) {
            randomEdit(random);
            if (session.song() != states.get(states.size() - 1)) {
                states.add(session.song());
            }
        }
        PartResult last = session.results().get().part(session.song().parts().get(0).id());
        for (int i = states.size() - 2; i >= 0; i--) {
            session.undo();
            assertThat(session.song()).isSameAs(states.get(i));
        }
        assertThat(session.isChanged()).isFalse();
        session.undo();
        assertThat(session.song()).isSameAs(states.get(0));
        for (int i = 1; i < states.size(); i++) {
            session.redo();
            assertThat(session.song()).isSameAs(states.get(i));
        }
        assertThat(session.results().get().part(session.song().parts().get(0).id())).isEqualTo(last);
    }

    private void randomEdit(Random random) {
        Part part = session.song().parts().get(random.nextInt(session.song().parts().size()));
        switch (random.nextInt(7)) {
            case 0 -> session.edit("step", song -> song.plusStep(part.id(), BringInside.USUAL.withMoveTo(
                    MoveTo.values()[random.nextInt(4)])));
            case 1 -> session.edit("role", song -> song.withPart(part.id(), p -> p.withRole(Role.values()[random.nextInt(5)])));
            case 2 -> session.edit("allow", song -> song.withFence(song.fence().withToggled(new PitchClass(random.nextInt(12)))));
            case 3 -> session.edit("settle", song -> song.withPart(part.id(), p -> p.plusTake("t",
                    PartResult.of(song, p).line())));
            case 4 -> session.edit("key", song -> song.withFence(song.fence().withKeys(song.fence().keys()
                    .with(random.nextInt(3), Key.parse("G lydian")))));
            case 5 -> session.edit("order", song -> song.withPartMoved(part.id(), random.nextInt(3) - 1));
            default -> part.steps().stream().findFirst()
                    .ifPresent(slot -> {
                        session.selectPart(part.id());
                        session.editStep("leave", slot.id(), same -> same
                                .withLeft(part.line().notes().get(0).id(), random.nextBoolean()));
                    });
        }
    }

    @Test
    void whatWasUndoneIsGoneAfterANewEdit() {
        session.edit("one", song -> song.withTitle("One"));
        session.undo();
        session.edit("two", song -> song.withTitle("Two"));
        assertThat(session.redoName()).isEmpty();
        assertThat(session.undoName()).hasValue("two");
    }

    @Test
    void anEditCostsOnlyThePartsThatItTouches() {
        Results before = session.results().get();
        session.edit("step", song -> song.plusStep(1, BringInside.USUAL));
        Results after = session.results().get();
        assertThat(after.part(0)).isSameAs(before.part(0));
        assertThat(after.part(1)).isNotSameAs(before.part(1));
        session.edit("key", song -> song.withFence(song.fence().withToggled(new PitchClass(6))));
        assertThat(session.results().get().part(0)).isNotSameAs(after.part(0));
    }

    @Test
    void resultsFollowTheChordPartsByWhichTiesAreDecided() {
        Results before = session.results().get();
        session.edit("role", song -> song.withPart(2, part -> part.withRole(Role.FIGURE)));
        assertThat(session.results().get().part(0)).isNotSameAs(before.part(0));
    }

    @Test
    void tryingOnShowsAFenceWithoutChangingTheSong() {
        Song song = session.song();
        session.tryOn().set(song.fence().withToggled(new PitchClass(6)));
        assertThat(session.results().get().outside(0)).isEqualTo(6);
        assertThat(session.song()).isSameAs(song);
        session.tryOn().set(null);
        assertThat(session.results().get().outside(0)).isEqualTo(8);
    }

    @Test
    void selectsAnotherPartWhenTheSelectedOneGoes() {
        session.selectPart(2);
        session.edit("remove", song -> song.minusPart(2));
        assertThat(session.selectedPart().get()).isEqualTo(0);
        assertThat(session.part()).isPresent();
    }
}
