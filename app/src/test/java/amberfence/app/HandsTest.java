package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.ladder.LadderView;
import amberfence.demo.LanternFerry;
import amberfence.format.midi.MidiReader;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.song.Song;
import amberfence.step.fence.BringInside;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;

/** Hands on the notes, in the real ladder: draw, drag, stretch, cut, copy, and the keys. The demo snaps to eighths of 240 ticks. */
class HandsTest extends WindowTest {
    private static final int EIGHTH = 240;

    @Override
    protected Song song() {
        return LanternFerry.plain();
    }

    private Line line() {
        return session.song().part(0).line();
    }

    private Note first() {
        return line().notes().get(0);
    }

    private Note now(Note note) {
        return line().note(note.id()).orElseThrow();
    }

    /** How far to the right on the screen a stretch of time goes. */
    private double across(long ticks) {
        Note one = line().notes().get(0);
        Note other = line().notes().stream().filter(note -> note.start() >= 4 * EIGHTH).findFirst().orElseThrow();
        return (noteAt(other.id()).getX() - noteAt(one.id()).getX()) * ticks / (other.start() - one.start());
    }

    private Point2D at(long tick, int pitch) {
        settle();
        LadderView ladder = lookup("#ladder").query();
        Point2D place = ladder.placeOf(tick, pitch);
        return ladder.localToScreen(place);
    }

    private void dragFrom(Point2D from, double dx, double dy) {
        drag(from, MouseButton.PRIMARY).moveBy(dx / 2, dy / 2).moveBy(dx - dx / 2, dy - dy / 2).drop();
        settle();
    }

    @Test
    void drawsANoteWhoseEndFollowsTheMouse() {
        click("hand-draw");
        Point2D from = at(8 * EIGHTH + 20, 72);
        drag(from, MouseButton.PRIMARY).moveBy(across(2 * EIGHTH), 0).drop();
        settle();
        Note drawn = now(new Note(session.selection().notes().get().iterator().next(), 0, 1, 0, 1, 0, 0));
        assertThat(drawn.start()).isEqualTo(8 * EIGHTH);
        assertThat(drawn.end()).isEqualTo(11 * EIGHTH);
        assertThat(drawn.pitch()).isEqualTo(72);
        assertThat(session.song().part(0).takes()).as("the original is kept").hasSize(2);
        assertThat(text("status")).isEqualTo("The original of Voice line is kept; this is Take 2.");
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “draw C5”");
        click("undo");
        assertThat(session.song()).isEqualTo(LanternFerry.plain());
    }

    @Test
    void drawsInsideOnlyUnlessAltIsHeld() {
        push(KeyCode.D);
        clickOn(at(10 * EIGHTH + 30, 73));
        settle();
        assertThat(drawnPitch()).isIn(72, 74);
        push(KeyCode.CONTROL, KeyCode.Z);
        press(KeyCode.ALT);
        clickOn(at(10 * EIGHTH + 30, 73));
        release(KeyCode.ALT);
        settle();
        assertThat(drawnPitch()).isEqualTo(73);
    }

    private int drawnPitch() {
        long id = session.selection().notes().get().iterator().next();
        return line().note(id).orElseThrow().pitch();
    }

    @Test
    void aDoubleClickIntoAnEmptyPlaceDrawsANoteOfOneCell() {
        int before = line().size();
        doubleClickOn(at(8 * EIGHTH + 30, 76));
        settle();
        assertThat(line().size()).isEqualTo(before + 1);
        assertThat(line().note(session.selection().notes().get().iterator().next()).orElseThrow().length()).isEqualTo(EIGHTH);
    }

    @Test
    void aDragUpwardChangesThePitchByDegreesAndNotATickOfTime() {
        Note note = first();
        // Up to the row of C5, and a little sideways: the first direction holds.
        Point2D from = noteAt(note.id());
        Point2D to = at(note.start(), 72);
        drag(from, MouseButton.PRIMARY).moveBy(0, -12).moveBy(9, to.getY() - from.getY() + 12).drop();
        settle();
        assertThat(now(note)).isEqualTo(note.withPitch(72));
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “up 2 degrees: 1 note”");
    }

    @Test
    void aDragSidewaysMovesInTimeByTheGridAndNotThePitch() {
        Note note = first();
        dragFrom(noteAt(note.id()), across(EIGHTH) * 1.1, 0);
        assertThat(now(note)).isEqualTo(note.withStart(note.start() + EIGHTH));
        Note second = line().notes().get(3);
        drag(noteAt(second.id()), MouseButton.PRIMARY).moveBy(across(EIGHTH), 0).moveBy(0, 60).drop();
        settle();
        assertThat(now(second).pitch()).isEqualTo(second.pitch());
    }

    @Test
    void dragsAllSelectedNotesTogetherAndKeepsThemApart() {
        push(KeyCode.CONTROL, KeyCode.A);
        assertThat(session.selection().notes().get()).hasSize(line().size());
        Line before = line();
        Point2D from = noteAt(first().id());
        dragFrom(from, 0, at(0, 71).getY() - from.getY());
        for (Note note : before.notes()) {
            assertThat(now(note)).isEqualTo(note.withPitch(now(note).pitch()));
        }
        assertThat(now(first()).pitch()).isEqualTo(71);
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “up a degree: 79 notes”");
    }

    @Test
    void stretchesEitherEnd() {
        Note note = first();
        double width = across(note.length());
        Point2D middle = noteAt(note.id());
        Point2D left = at(note.start(), note.pitch());
        dragFrom(new Point2D(left.getX() + width - 4, middle.getY()), across(EIGHTH), 0);
        assertThat(now(note).start()).isEqualTo(note.start());
        assertThat(now(note).end()).isEqualTo(3 * EIGHTH);
        Note later = line().notes().stream().filter(other -> other.start() >= 12 * EIGHTH && other.length() > EIGHTH)
                .findFirst().orElseThrow();
        Point2D edge = at(later.start(), later.pitch());
        dragFrom(edge.add(3, 0), -across(EIGHTH), 0);
        assertThat(now(later).end()).isEqualTo(later.end());
        assertThat(now(later).start()).isEqualTo(later.start() - EIGHTH);
    }

    @Test
    void keysMoveByDegreeSemitoneOctaveAndInTime() {
        Note note = first();
        clickOn(noteAt(note.id()));
        push(KeyCode.UP);
        assertThat(now(note).pitch()).isEqualTo(71);
        push(KeyCode.ALT, KeyCode.UP);
        assertThat(now(note).pitch()).isEqualTo(72);
        push(KeyCode.SHIFT, KeyCode.DOWN);
        assertThat(now(note).pitch()).isEqualTo(60);
        push(KeyCode.ALT, KeyCode.RIGHT);
        assertThat(now(note).start()).isEqualTo(note.start() + EIGHTH);
        press(KeyCode.ALT, KeyCode.SHIFT).push(KeyCode.LEFT);
        release(KeyCode.ALT, KeyCode.SHIFT);
        assertThat(now(note).start()).isEqualTo(note.start() + EIGHTH - 1);
        press(KeyCode.CONTROL).push(KeyCode.UP);
        release(KeyCode.CONTROL);
        assertThat(now(note).velocity()).isEqualTo(note.velocity() + 5);
        assertThat(now(note).length()).isEqualTo(note.length());
    }

    @Test
    void cutsJoinsDuplicatesAndDeletes() {
        Note note = line().notes().stream().filter(some -> some.length() > 2 * EIGHTH).findFirst().orElseThrow();
        clickOn(noteAt(note.id()));
        push(KeyCode.K);
        List<Note> pieces = line().between(note.start(), note.end()).notes();
        assertThat(pieces).hasSizeGreaterThan(2).allMatch(piece -> piece.length() <= EIGHTH);
        push(KeyCode.CONTROL, KeyCode.Z);
        menu("hands-cutUp", "hands-cut-3");
        assertThat(line().between(note.start(), note.end()).size()).isEqualTo(3);
        interact(() -> session.selection().selectNotes(line().between(note.start(), note.end()).notes().stream().map(Note::id)
                .collect(Collectors.toSet())));
        interact(() -> workspace.focusLadder());
        push(KeyCode.J);
        assertThat(now(note)).isEqualTo(note);
        int before = line().size();
        push(KeyCode.CONTROL, KeyCode.D);
        assertThat(line().size()).isEqualTo(before + 1);
        push(KeyCode.DELETE);
        assertThat(line().size()).isEqualTo(before);
        assertThat(session.selection().notes().get()).isEmpty();
    }

    @Test
    void copiesAndPastesAtThePlayheadIntoAnotherPart() {
        clickOn(noteAt(first().id()));
        push(KeyCode.SHIFT, KeyCode.RIGHT);
        assertThat(session.selection().notes().get()).hasSize(2);
        push(KeyCode.CONTROL, KeyCode.C);
        assertThat(text("status")).startsWith("Copied: 2 notes");
        click("part-1");
        interact(() -> session.transport().moveTo(6L * EIGHTH));
        int before = session.song().part(1).line().size();
        push(KeyCode.CONTROL, KeyCode.V);
        Line bass = session.song().part(1).line();
        assertThat(bass.size()).isEqualTo(before + 2);
        assertThat(session.selection().notes().get()).hasSize(2);
        Note pasted = bass.note(session.selection().notes().get().stream().sorted().findFirst().orElseThrow()).orElseThrow();
        assertThat(pasted.start()).isEqualTo(6 * EIGHTH);
        assertThat(pasted.channel()).isEqualTo(session.song().part(1).channel());
        assertThat(session.transport().playhead().get()).isGreaterThan(6L * EIGHTH);
    }

    @Test
    void whatIsCopiedLiesOnTheClipboardAsAMidiFile() throws Exception {
        clickOn(noteAt(first().id()));
        push(KeyCode.CONTROL, KeyCode.C);
        Path file = appFolder.resolve("clips").resolve("Amber Fence notes.mid");
        Song copied = MidiReader.read(Files.readAllBytes(file), "clip").song();
        assertThat(copied.parts().get(0).line().notes()).extracting(Note::pitch).containsExactly(first().pitch());
        assertThat(copied.time().metreAt(0).text()).isEqualTo("6/8");
        assertThat(copied.time().tempoAt(0)).isEqualTo(song().time().tempoAt(0));
    }

    @Test
    void aStepIsFoundByTypingAPartOfItsName() {
        clickOn(noteAt(first().id()));
        clickOn("#notes-menu");
        settle();
        assertThat(openItem("hands-steps").getParentPopup().getItems()).as("a short menu").hasSizeLessThan(14);
        moveTo("#hands-steps");
        waitUntil(() -> lookup("#once-search").tryQuery().filter(Node::isFocused).isPresent());
        write("mirr").push(KeyCode.ENTER);
        settle();
        assertThat(isShown("once-sheet")).isTrue();
        assertThat(lookup("#once-sheet").lookup(".title").queryLabeled().getText()).isEqualTo("Mirror");
    }

    @Test
    void selectsTheSamePitchTheSameDegreeAndTheOthers() {
        Note note = first();
        clickOn(noteAt(note.id()));
        menu("hands-select", "hands-samePitch");
        assertThat(selected()).allMatch(some -> some.pitch() == note.pitch()).hasSizeGreaterThan(3);
        menu("hands-select", "hands-others");
        assertThat(selected()).noneMatch(some -> some.pitch() == note.pitch());
        clickOn(noteAt(note.id()));
        menu("hands-select", "hands-sameDegree");
        assertThat(selected()).extracting(Note::pitch).contains(note.pitch());
    }

    private void menu(String menu, String item) {
        clickOn("#notes-menu");
        chooseUnder(menu, item);
    }

    private List<Note> selected() {
        return line().notes().stream().filter(note -> session.selection().notes().get().contains(note.id())).toList();
    }

    @Test
    void velocitiesAreDrawnInTheLaneBelow() {
        click("tab-velocities");
        Note note = first();
        Node lane = lookup("#velocity-lane").query();
        Point2D left = at(note.start(), note.pitch());
        double bottom = lane.localToScreen(lane.getLayoutBounds()).getMaxY();
        drag(new Point2D(left.getX() + 2, bottom - 20), MouseButton.PRIMARY).moveBy(0, 20).drop();
        settle();
        assertThat(now(note).velocity()).isBetween(note.velocity() - 40, note.velocity() - 15);
        assertThat(now(note)).isEqualTo(note.withVelocity(now(note).velocity()));
        click("tab-velocities");
        assertThat(isShown("velocity-lane")).isFalse();
    }

    @Test
    void chosenGridsHoldForTheirMetre() {
        assertThat(text("snap")).isEqualTo("1/8");
        clickOn("#snap");
        clickOn("#snap-1-4");
        settle();
        assertThat(text("snap")).isEqualTo("1/4");
        Note note = first();
        clickOn(noteAt(note.id()));
        push(KeyCode.ALT, KeyCode.RIGHT);
        assertThat(now(note).start()).isEqualTo(2 * EIGHTH);
        clickOn("#snap");
        chooseUnder("snap-triplets", "snap-1-8t");
        assertThat(text("snap")).isEqualTo("1/8 triplet");
        clickOn("#snap");
        clickOn("#snap-free");
        push(KeyCode.ALT, KeyCode.RIGHT);
        assertThat(now(note).start()).isEqualTo(2 * EIGHTH + 1);
    }

    @Test
    void whereAStepIsOnTheNoteBehindIsMoved() {
        Note outside = note(0, 66);
        interact(() -> session.edit("step", song -> song.plusStep(0, BringInside.USUAL)));
        clickOn(noteAt(outside.id()));
        push(KeyCode.UP);
        push(KeyCode.UP);
        int heard = session.results().get().part(0).line().note(outside.id()).orElseThrow().pitch();
        assertThat(heard).isEqualTo(69);
        assertThat(session.song().part(0).steps()).hasSize(1);
    }

    @Test
    void allowsSingleNotesByHand() {
        Note outside = note(0, 66);
        int before = Integer.parseInt(text("part-outside-0").split(" ")[0]);
        clickOn(noteAt(outside.id()));
        push(KeyCode.A);
        assertThat(text("part-outside-0")).isEqualTo(before - 1 + " outside");
        moveTo(noteAt(first().id()));
        moveTo(noteAt(outside.id()));
        settle();
        assertThat(text("ladder-hover")).endsWith("outside the scale, allowed by hand");
        push(KeyCode.A);
        assertThat(text("part-outside-0")).isEqualTo(before + " outside");
    }

    @Test
    void aCommandWithNothingSelectedSaysSo() {
        push(KeyCode.K);
        assertThat(text("status")).startsWith("Select notes first");
        push(KeyCode.DELETE);
        assertThat(session.song()).isEqualTo(LanternFerry.plain());
        clickOn("#notes-menu");
        settle();
        MenuItem allow = openItem("hands-allowOrNot");
        assertThat(allow.isDisable()).isTrue();
        assertThat(allow.getText()).endsWith("(select notes first)");
    }

    /** An item of the menu that is open. */
    private MenuItem openItem(String id) {
        return Window.getWindows().stream().filter(ContextMenu.class::isInstance).map(ContextMenu.class::cast)
                .flatMap(menu -> menu.getItems().stream()).filter(item -> id.equals(item.getId())).findFirst().orElseThrow();
    }

    @Test
    void aStepIsDoneOnceToTheSelectedNotes() {
        Note note = first();
        clickOn(noteAt(note.id()));
        push(KeyCode.SHIFT, KeyCode.RIGHT);
        menu("hands-steps", "once-mirror");
        assertThat(isShown("once-sheet")).isTrue();
        clickOn("#mirror-about").push(KeyCode.CONTROL, KeyCode.A).write("A4").push(KeyCode.ENTER);
        choose("mirror-along", 1);
        assertThat(text("once-preview")).isEqualTo("1 of 2 notes would change.");
        click("once-apply");
        assertThat(now(note).pitch()).isEqualTo(69);
        assertThat(now(line().notes().get(1)).pitch()).isEqualTo(138 - song().part(0).line().notes().get(1).pitch());
        assertThat(session.song().part(0).steps()).isEmpty();
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “Mirror: 2 notes”");
    }

    @Test
    void movesToANearKeyWithOneClick() {
        push(KeyCode.CONTROL, KeyCode.A);
        menu("hands-toKey", "kin-parallel_minor");
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “Move to another key: 79 notes”");
        Note sixth = song().part(0).line().notes().stream().filter(note -> note.pitch() % 12 == 11
                && note.start() < song().time().barStart(17)).findFirst().orElseThrow();
        assertThat(now(sixth).pitch()).as("B of D dorian is B flat of D minor").isEqualTo(sixth.pitch() - 1);
    }

    @Test
    void zoomsToTheSelectionAndFollowsThePlayhead() {
        clickOn(noteAt(first().id()));
        push(KeyCode.DIGIT9);
        double wide = lookup("#ladder-across").<ScrollBar>query().getMax();
        push(KeyCode.DIGIT0);
        assertThat(lookup("#ladder-across").<ScrollBar>query().getMax()).isLessThan(wide);
        click("zoom-in");
        click("zoom-in");
        click("follow");
        interact(() -> session.transport().moveTo(session.song().time().barStart(30)));
        settle();
        assertThat(lookup("#ladder-across").<ScrollBar>query().getValue()).isPositive();
        interact(() -> workspace.focusLadder());
        push(KeyCode.PAGE_UP);
        assertThat(session.transport().playhead().get()).isEqualTo(session.song().time().barStart(29));
    }

    @Test
    void escapeLetsADragGo() {
        Note note = first();
        drag(noteAt(note.id()), MouseButton.PRIMARY).moveBy(0, -40);
        push(KeyCode.ESCAPE);
        drop();
        settle();
        assertThat(session.song()).isEqualTo(LanternFerry.plain());
    }
}
