package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Note;
import amberfence.theory.Key;
import amberfence.theory.Scale;
import java.nio.file.Files;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Keys along the song: on the lane above the ladder and on the fence page. */
class KeyLaneTest extends WindowTest {
    private List<String> keys() {
        settle();
        return session.song().fence().keys().spans().stream().map(span -> span.fromBar() + " " + span.key().text()).toList();
    }

    @BeforeEach
    void showTheWholeSong() {
        interact(() -> workspace.focusLadder());
        push(KeyCode.DIGIT0);
    }

    @Test
    void dragsTheBeginningOfAKeyToAnotherBar() {
        assertThat(text("key-span-1")).isEqualTo("F major");
        Node edge = lookup("#key-edge-1").query();
        double bar = lookup("#key-lane").query().getLayoutBounds().getWidth() / 32;
        drag(edge, MouseButton.PRIMARY).moveBy(-2 * bar, 0).drop();
        assertThat(keys()).containsExactly("1 D dorian", "15 F major", "25 D dorian");
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “F major from bar 15”");
        interact(() -> lookup("#key-span-1").query().requestFocus());
        push(KeyCode.ALT, KeyCode.RIGHT);
        assertThat(keys()).containsExactly("1 D dorian", "16 F major", "25 D dorian");
        push(KeyCode.DELETE);
        assertThat(keys()).containsExactly("1 D dorian", "25 D dorian");
    }

    @Test
    void keepsTheFocusOnAKeyWhileNotesAreEdited() {
        Node key = lookup("#key-span-1").query();
        interact(key::requestFocus);
        interact(() -> session.edit("louder", song -> song.withPart(0, part -> part.withTake(take -> take.withLine(
                take.line().with(note -> true, note -> note.withVelocity(100)))))));
        settle();
        assertThat(key.isFocused()).isTrue();
        interact(() -> session.edit("longer", song -> song.withPart(0, part -> part.withTake(take -> take.withLine(
                take.line().with(note -> true, note -> note.withLength(note.length() + 4 * 1920)))))));
        settle();
        assertThat(session.song().lastBar()).isGreaterThan(32);
        assertThat(lookup("#key-span-2").query().getAccessibleText()).isEqualTo("D dorian, bars 25–" + session.song().lastBar());
    }

    @Test
    void addsAKeyFromTheLaneAndChoosesItOnThePage() {
        interact(() -> session.transport().moveTo(session.song().time().barStart(9)));
        clickOn("#key-span-0");
        clickOn("#keys-new");
        settle();
        assertThat(isShown("fence-page")).isTrue();
        clickOn("#scale-search").write("lydian").push(KeyCode.ENTER);
        click("fence-done");
        assertThat(keys().get(1)).endsWith("D lydian");
        clickOn("#key-span-1");
        settle();
        clickOn("#keys-remove");
        assertThat(keys()).containsExactly("1 D dorian", "17 F major", "25 D dorian");
    }

    @Test
    void findsWhereTheSongChangesItsKey() {
        interact(() -> session.edit("one key", song -> song.withFence(Fence.of(KeyPlan.of(Key.parse("C major"))))));
        click("fence-chip");
        click("find-along");
        waitUntil(() -> lookup("#take-spans").tryQuery().isPresent());
        click("take-spans");
        assertThat(text("fence-status")).startsWith("Trying on D dorian");
        click("fence-done");
        assertThat(keys()).containsExactly("1 D dorian", "17 F major", "25 D dorian");
    }

    @Test
    void splitsMovesAndTakesAwayKeysOnThePage() {
        click("fence-chip");
        click("span-add");
        assertThat(lookup("#span-3").tryQuery()).isPresent();
        clickOn("#span-from").push(KeyCode.CONTROL, KeyCode.A).write("5").push(KeyCode.ENTER);
        settle();
        assertThat(text("fence-status")).contains("bars 5–16");
        click("span-remove");
        assertThat(lookup("#span-3").tryQuery()).isEmpty();
        assertThat(lookup("#span-remove").query().isDisabled()).isTrue();
        push(KeyCode.ESCAPE);
        assertThat(keys()).hasSize(3);
    }

    @Test
    void keepsAnOwnScaleForThisSongAndOthers() throws Exception {
        click("fence-chip");
        clickOn("#clock-point-1");
        assertThat(isShown("scale-name")).isTrue();
        clickOn("#scale-name").write("Ferry");
        click("scale-every-song");
        click("scale-keep");
        assertThat(text("clock-key")).isEqualTo("D Ferry");
        assertThat(isShown("scale-name")).isFalse();
        click("fence-done");
        assertThat(session.song().fence().ownScales()).extracting(Scale::name).containsExactly("Ferry");
        assertThat(Files.readString(appFolder.resolve("scales.txt"))).isEqualTo("0 2 3 5 7 9 10 11\tFerry");
    }

    @Test
    void findsTheKeyOfTheSelectedNotes() {
        interact(() -> session.selection().selectNotes(session.song().part(0).line()
                .between(session.song().time().barStart(17), session.song().time().barStart(25)).notes().stream()
                .map(Note::id).collect(Collectors.toSet())));
        click("fence-chip");
        assertThat(lookup("#key-source").<ComboBox<?>>query().getValue()).hasToString("SELECTION");
        assertThat(lookup("#try-F-major").tryQuery()).isPresent();
    }
}
