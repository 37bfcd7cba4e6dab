package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.step.catalogue.StepCatalogue;
import java.lang.ref.WeakReference;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** What is closed is gone: nothing in the window holds on to it or goes on working for it. */
class LeaksTest extends WindowTest {
    private static final int TIMES = 50;

    /** How many of some things are still there once memory was tidied up. */
    private static long alive(List<WeakReference<Node>> things) throws InterruptedException {
        for (int i = 0; i < 20 && things.stream().anyMatch(thing -> thing.get() != null); i++) {
            System.gc();
            Thread.sleep(30);
        }
        return things.stream().filter(thing -> thing.get() != null).count();
    }

    @Test
    void formsOfStepsThatWereMadeAnewAreGone() throws Exception {
        List<WeakReference<Node>> forms = new ArrayList<>();
        for (String name : List.of("bring-inside", "fit-bass", "follow-chords", "harmony")) {
            interact(() -> session.addStep(1, name, song -> StepCatalogue.find(name).orElseThrow().usual()));
            interact(() -> session.selectPart(1));
            interact(() -> session.openStep().set(session.part().orElseThrow().steps().get(session.part().orElseThrow().steps().size() - 1).id()));
            settle();
            interact(() -> forms.add(new WeakReference<>(lookup("#step-" + session.openStep().get()).query())));
        }
        interact(() -> session.selectPart(4));
        settle();
        assertThat(forms).hasSize(4);
        assertThat(alive(forms)).as("forms that are still there").isZero();
    }

    @Test
    void pagesOpenedFiftyTimesAreTheSamePage() {
        List<Integer> sizes = new ArrayList<>();
        for (int i = 0; i < TIMES; i++) {
            interact(workspace::openFence);
            click("fence-done");
            interact(workspace::openCompare);
            interact(() -> sizes.add(workspace.lookupAll("*").size()));
            push(KeyCode.ESCAPE);
            settle();
        }
        assertThat(sizes.get(TIMES - 1)).as("nodes in the window").isEqualTo(sizes.get(3));
    }
}
