package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class FencePageTest extends WindowTest {
    @BeforeEach
    void openTheFence() {
        click("fence-chip");
    }

    @Test
    void triesAKeyOnAndPutsItBack() {
        assertThat(text("fence-status")).isEqualTo("D dorian: 7 notes outside in bars 1–16.");
        click("try-G-mixolydian");
        assertThat(text("clock-key")).isEqualTo("G mixolydian");
        assertThat(text("fence-status")).isEqualTo("Trying on G mixolydian: 7 notes outside in bars 1–16. Nothing is changed yet.");
        assertThat(session.song().fence().keys().first().text()).isEqualTo("D dorian");
        click("put-back");
        assertThat(text("clock-key")).isEqualTo("D dorian");
        assertThat(lookup("#put-back").query().isDisabled()).isTrue();
    }

    @Test
    void findsAScaleByNameAndKeepsIt() {
        clickOn("#scale-search").write("minor pent");
        settle();
        ListView<?> scales = lookup("#scales").query();
        assertThat(scales.getItems()).extracting(Object::toString).contains("minor pentatonic");
        push(KeyCode.ENTER);
        assertThat(text("clock-key")).contains("pentatonic");
        click("fence-done");
        assertThat(text("fence-key")).contains("D").contains("pentatonic");
        assertThat(text("undo-words")).contains("fence: D");
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(text("fence-key")).isEqualTo("D dorian");
    }

    @Test
    void takesAnOwnScaleAsNumbersAndAName() {
        clickOn("#scale-search").write("0 2 3 7 8 Ferry");
        push(KeyCode.ENTER);
        assertThat(text("clock-key")).isEqualTo("D Ferry");
        click("fence-done");
        assertThat(session.song().fence().keys().first().scale().degreesText()).isEqualTo("1 2 ♭3 5 ♭6");
        assertThat(session.song().fence().keys().spans()).hasSize(3);
    }

    @Test
    void letsPointsInAndOutAndNamesWhatComesOut() {
        clickOn("#clock-point-11");
        assertThat(text("clock-key")).isEqualTo("D dorian hexatonic");
        clickOn("#clock-point-10");
        assertThat(text("clock-key")).isEqualTo("D minor");
        clickOn("#clock-point-2");
        assertThat(text("clock-key")).as("the tonic stays").isEqualTo("D minor");
    }

    @Test
    void allowsANoteForTheWholeSong() {
        click("fence-allow");
        clickOn("#fence-allow-1");
        settle();
        click("fence-done");
        assertThat(session.song().fence().alwaysAllowed().containsPitch(1)).isTrue();
        assertThat(text("part-outside-0")).isEqualTo("6 outside");
        click("allowed-1");
        assertThat(text("part-outside-0")).isEqualTo("8 outside");
    }

    @Test
    void worksAtTheSpanThatIsChosen() {
        click("span-1");
        assertThat(text("clock-key")).isEqualTo("F major");
        clickOn("#clock").push(KeyCode.RIGHT);
        settle();
        assertThat(text("clock-key")).isEqualTo("G♭ major");
        click("fence-done");
        assertThat(session.song().fence().keys().spans().get(1).key().text()).isEqualTo("G♭ major");
        assertThat(session.song().fence().keys().spans().get(0).key().text()).isEqualTo("D dorian");
    }
}
