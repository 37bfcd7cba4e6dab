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
    private static final int TIMES = 20;

    /** How many of some things are still there once memory was tidied up. */
    private static long alive(List<WeakReference<Node>> things) throws Exception {
        forgetEvents();
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
            interact(() -> session.selection().selectPart(1));
            interact(() -> session.selection().openStep(session.part().orElseThrow().steps().get(session.part().orElseThrow().steps().size() - 1).id()));
            settle();
            interact(() -> forms.add(new WeakReference<>(lookup("#step-" + session.selection().openStep().get()).query())));
        }
        interact(() -> session.selection().selectPart(4));
        settle();
        assertThat(forms).hasSize(4);
        assertThat(alive(forms)).as("forms that are still there").isZero();
    }

    @Test
    void pagesOpenedManyTimesAreTheSamePage() {
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

    @Test
    void sheetsThatWereClosedAreGone() throws Exception {
        List<WeakReference<Node>> sheets = new ArrayList<>();
        for (Runnable open : List.<Runnable>of(workspace::openExport, workspace::openShortcuts, workspace::openHistory, workspace::openSmooth,
                workspace::openTime, workspace::openSound, workspace::openChart)) {
            for (int i = 0; i < 5; i++) {
                interact(open);
                settle();
                interact(() -> sheets.add(new WeakReference<>(lookup(".veil").query())));
                push(KeyCode.ESCAPE);
                settle();
                assertThat(lookup(".veil").tryQuery()).as("Escape closes it").isEmpty();
            }
        }
        List<String> left = new ArrayList<>();
        alive(sheets);
        sheets.stream().map(WeakReference::get).filter(sheet -> sheet != null).forEach(sheet -> left.add(sheet.getId()));
        assertThat(left).as("sheets that are still there").isEmpty();
    }
}
