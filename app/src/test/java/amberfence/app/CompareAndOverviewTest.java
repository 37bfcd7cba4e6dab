package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.reading.Comparison.Difference;
import amberfence.result.PartResult;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Two versions of a part side by side, and the whole song at a glance. */
class CompareAndOverviewTest extends WindowTest {
    private List<Difference> differences() {
        settle();
        ListView<Difference> list = lookup("#compare-differences").query();
        return list.getItems();
    }

    @Test
    void listsWhatTheStepsOfATakeChange() {
        click("takes-compare");
        assertThat(text("compare-count")).isEqualTo("7 DIFFERENCES, 72 ALIKE");
        assertThat(differences()).allMatch(Difference::isPitch);
        assertThat(lookup("2:4   F♯4 → F4").tryQuery()).isPresent();
        clickOn("28:3   F♯4 → F4");
        settle();
        assertThat(text("compare-bars")).as("the picture goes there").isEqualTo("bars 25 to 32");
        push(KeyCode.LEFT);
        assertThat(text("compare-bars")).isEqualTo("bars 24 to 31");
        push(KeyCode.ESCAPE);
        assertThat(isShown("compare-page")).isFalse();
    }

    @Test
    void comparesTakesWithTheirOwnSettings() {
        // A copy of the take in which the step is set to another direction.
        click("take-copy");
        choose("bring-inside-to", 2);
        click("takes-compare");
        choose("compare-a", 0);
        assertThat(text("compare-count")).doesNotStartWith("0");
        assertThat(differences()).isNotEmpty().allSatisfy(difference -> assertThat(difference.a().orElseThrow().pitch())
                .isNotEqualTo(difference.b().orElseThrow().pitch()));
    }

    @Test
    void switchesBetweenTheTwoWhileLooking() {
        click("takes-compare");
        click("compare-view-a");
        push(KeyCode.X);
        settle();
        assertThat(lookup("#compare-view-b").query().getPseudoClassStates()).extracting(Object::toString).contains("selected");
        push(KeyCode.X);
        settle();
        assertThat(lookup("#compare-view-a").query().getPseudoClassStates()).extracting(Object::toString).contains("selected");
        click("compare-view-side");
        click("compare-done");
        assertThat(isShown("ladder")).isTrue();
    }

    @Test
    void keepsTheTwoTakingTurnsAsATake() {
        Line before = session.song().part(0).line();
        Line after = PartResult.of(session.song(), session.song().part(0)).line();
        click("takes-compare");
        assertThat(lookup("#compare-keep").query().isDisabled()).isTrue();
        click("compare-view-turns");
        choose("compare-turns", 2);
        click("compare-keep");
        assertThat(session.song().part(0).takes()).hasSize(2);
        Line kept = session.song().part(0).line();
        for (Note note : kept.notes()) {
            boolean turnOfA = (session.song().time().barOf(note.start()) - 1) / 4 % 2 == 0;
            assertThat((turnOfA ? before : after).note(note.id()).orElseThrow()).isEqualTo(note);
        }
        click("undo");
        assertThat(session.song().part(0).takes()).hasSize(1);
    }

    @Test
    void theOverviewTellsHowEachPartStandsAndGoesThere() {
        assertThat(isShown("overview")).isFalse();
        click("tab-overview");
        assertThat(isShown("overview")).isTrue();
        Node overview = lookup("#overview").query();
        Bounds bounds = overview.localToScreen(overview.getLayoutBounds());
        double column = (bounds.getWidth() - 84) / 32;
        moveTo(bounds.getMinX() + 84 + column * 6.5, bounds.getMinY() + 10);
        assertThat(text("overview-hover")).isEqualTo("Voice line, bar 7: 1 of the chord, 0 of the scale, 1 outside, 1 that clash");
        clickOn(bounds.getMinX() + 84 + column * 20.5, bounds.getMinY() + 5 + 16 * 2.5);
        settle();
        assertThat(session.selection().part().get()).as("the third row is the harmonium").isEqualTo(2);
        assertThat(session.song().time().barOf(session.transport().playhead().get())).isEqualTo(21);
        assertThat(session.timeAxis().get().x(session.transport().playhead().get())).isBetween(0.0, 200.0);
        push(KeyCode.UP).push(KeyCode.LEFT).push(KeyCode.ENTER);
        settle();
        assertThat(session.selection().part().get()).isEqualTo(1);
        assertThat(session.song().time().barOf(session.transport().playhead().get())).isEqualTo(20);
    }

    @Test
    void goesOnWhenATakeVanishesThatIsLookedAt() {
        click("take-copy");
        click("takes-compare");
        interact(() -> session.undo());
        assertThat(session.song().part(0).takes()).hasSize(1);
        assertThat(text("compare-count")).isNotBlank();
        interact(() -> session.edit("gone", song -> song.minusPart(0)));
        assertThat(isShown("compare-page")).as("there is nothing to compare any more").isFalse();
    }
}
