package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.handbook.Handbook;
import amberfence.handbook.HandbookExample;
import amberfence.result.SongResults;
import amberfence.song.Part;
import amberfence.step.StepSetting;
import amberfence.step.catalogue.StepCatalogue;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;

class HandbookViewTest extends WindowTest {
    private void read() {
        press(KeyCode.F1).release(KeyCode.F1);
        settle();
    }

    private String title() {
        return lookup("#handbook-title").<Label>query().getText();
    }

    private List<String> found() {
        return lookup("#handbook-contents .entry").queryAllAs(Label.class).stream().filter(Node::isVisible).map(Labeled::getText).toList();
    }

    @Test
    void opensWithF1AndClosesWithEscape() {
        read();
        assertThat(title()).isEqualTo("Begin");
        press(KeyCode.ESCAPE).release(KeyCode.ESCAPE);
        settle();
        assertThat(lookup("#handbook").tryQuery()).isEmpty();
        assertThat(lookup("#ladder").query().isFocused()).as("back to the work").isTrue();
    }

    @Test
    void isSearchedWhileOneTypesAndReadWithTheKeyboard() {
        read();
        write("strum hand");
        settle();
        assertThat(found()).contains("Strum");
        press(KeyCode.ENTER).release(KeyCode.ENTER);
        settle();
        assertThat(title()).isEqualTo("Strum");
        press(KeyCode.ESCAPE).release(KeyCode.ESCAPE);
        settle();
        assertThat(found()).as("all of it again").contains("Begin");
    }

    @Test
    void saysWhenThereIsNothing() {
        read();
        write("zebra");
        settle();
        assertThat(lookup("#handbook-contents").<ListView<?>>query().getItems()).isEmpty();
        assertThat(texts("#handbook")).contains("Nothing about “zebra”");
    }

    @Test
    void aLinkLeadsOnAndTheArrowBack() {
        read();
        clickOn("#to-bring-inside");
        settle();
        assertThat(title()).isEqualTo("Bring inside");
        clickOn("#handbook-back");
        settle();
        assertThat(title()).isEqualTo("Begin");
    }

    @Test
    void anExampleOpensAsASongWithItsSteps() {
        read();
        write("mirror");
        press(KeyCode.ENTER).release(KeyCode.ENTER);
        settle();
        clickOn("#handbook-try");
        settle();
        HandbookExample example = Handbook.shipped().page("mirror").orElseThrow().examples().get(0);
        Part part = session.song().parts().get(0);
        assertThat(SongResults.of(session.song()).part(part.id()).line()).isEqualTo(example.outcome());
        assertThat(lookup("#handbook").tryQuery()).isEmpty();
    }

    @Test
    void everySettingOfAStepIsExplainedOnItsPage() {
        read();
        write("bring inside");
        press(KeyCode.ENTER).release(KeyCode.ENTER);
        settle();
        String page = texts("#handbook-article");
        for (StepSetting<?> setting : StepCatalogue.find("bring-inside").orElseThrow().settings()) {
            assertThat(page).contains(setting.label()).contains(setting.meaning()).contains("Typed: " + setting.key() + "=");
        }
    }

    @Test
    void theNameOfASettingAnswersWhatItIs() {
        clickOn("#what-is-bring-inside-tie-break");
        settle();
        assertThat(answer()).contains("what decides when two inside notes are equally near").contains("keep the line's shape (shape)")
                .contains("Usually: keep the line's shape.");
        interact(() -> open().getItems().get(1).fire());
        settle();
        assertThat(title()).isEqualTo("Bring inside");
    }

    @Test
    void f1OnAControlAnswersForItsSetting() {
        interact(() -> lookup("#bring-inside-strong").query().requestFocus());
        press(KeyCode.F1).release(KeyCode.F1);
        settle();
        assertThat(answer()).contains("what is inside on strong beats");
        assertThat(lookup("#handbook").tryQuery()).isEmpty();
        interact(() -> open().hide());
    }

    private static ContextMenu open() {
        return Window.getWindows().stream().filter(ContextMenu.class::isInstance).map(ContextMenu.class::cast)
                .filter(menu -> "what-is".equals(menu.getId())).findFirst().orElseThrow();
    }

    private static String answer() {
        return said(open().getScene().getRoot());
    }

    private String texts(String inside) {
        return said(lookup(inside).query());
    }

    private static String said(Parent parent) {
        return parent.lookupAll(".label").stream().filter(Label.class::isInstance).map(node -> ((Label) node).getText())
                .collect(Collectors.joining("\n"));
    }
}
