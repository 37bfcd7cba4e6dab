package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.format.midi.MidiExport;
import amberfence.format.midi.MidiReader;
import amberfence.notes.Note;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.fence.BringInside;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** The main job, with mouse and keys: see what is outside, bring it inside, leave two alone, settle, undo, hand it back. */
class MainJobTest extends WindowTest {
    @Override
    protected Song song() {
        return LanternFerry.plain();
    }

    private List<Integer> pitches(Path file) throws Exception {
        return MidiReader.read(Files.readAllBytes(file), "x").song().parts().get(0).line().notes().stream()
                .map(Note::pitch).toList();
    }

    @Test
    void bringsAFileInsideLeavesTwoNotesSettlesUndoesAndExports() throws Exception {
        // A file from outside comes in and is looked at.
        toOpen = folder.resolve("tune.mid");
        Files.write(toOpen, MidiExport.ofOriginals(LanternFerry.plain()).toBytes());
        click("import");
        waitUntil(() -> lookup("#import-sheet").tryQuery().isPresent());
        assertThat(lookup("#import-sheet").lookup(".label").queryAllAs(Label.class))
                .extracting(Label::getText).contains("D dorian", "Voice line", "the file itself says C major",
                        "5 parts · 570 notes · 32 bars in 6/8 · 108 quarters a minute");
        // One key is taken for all of it, although it changes along the song.
        click("try-D-dorian");
        click("import-bring");
        click("import-take");
        assertThat(text("fence-key")).isEqualTo("D dorian");
        assertThat(text("part-outside-0")).isEqualTo("9 outside");
        assertThat(text("changes-heading")).isEqualTo("9 CHANGES BY “BRING INSIDE”");
        assertThat(changeRows().get(0)).isEqualTo("2:4 F♯4 → F4 ♮3 → ♭3 keeps the step; G4 would repeat its neighbour");

        // Two notes are left alone: one in the list, one in the ladder by key.
        Note first = note(0, 66);
        Note second = note(0, 68);
        click("leave-" + first.id());
        assertThat(text("changes-summary")).startsWith("1 left alone on purpose");
        clickOn(noteAt(second.id()));
        push(KeyCode.X);
        assertThat(text("changes-summary")).startsWith("2 left alone on purpose");
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “leave 1 note”");

        // Settled, undone, settled again, exported.
        click("settle");
        assertThat(text("status")).isEqualTo("Voice line is settled as a new take; the original is kept.");
        assertThat(text("changes-summary")).isEqualTo("this part has no steps; add one at the right");
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(text("changes-heading")).isEqualTo("7 CHANGES BY “BRING INSIDE”");
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        toSave = folder.resolve("handed-back.mid");
        click("export");
        click("export-write");
        waitUntil(() -> Files.exists(toSave));
        waitUntil(() -> text("status").equals("Written: handed-back.mid"));

        List<Integer> before = pitches(toOpen);
        List<Integer> after = pitches(toSave);
        List<Integer> changed = IntStream.range(0, before.size())
                .filter(i -> !before.get(i).equals(after.get(i))).boxed().toList();
        assertThat(changed).hasSize(7);
        assertThat(after).contains(66, 68);
        assertThat(Files.size(toSave)).isEqualTo(Files.size(toOpen));
    }

    @Test
    void importingChangesNothingUntilTheStepIsSwitchedOn() throws Exception {
        toOpen = folder.resolve("tune.mid");
        Files.write(toOpen, MidiExport.ofOriginals(LanternFerry.plain()).toBytes());
        click("import");
        waitUntil(() -> lookup("#import-sheet").tryQuery().isPresent());
        assertThat(lookup("#import-along").lookup(".label").queryAllAs(Label.class)).extracting(Label::getText)
                .contains("D dorian, F major from bar 17, D dorian from bar 25", "the key changes along the song");
        click("import-part-4");
        click("import-take");
        assertThat(session.song().fence().keys()).isEqualTo(LanternFerry.song().fence().keys());
        assertThat(session.song().parts()).as("the drums were left out").hasSize(4);
        for (Part part : session.song().parts()) {
            assertThat(session.results().get().part(part.id()).line()).isEqualTo(part.line());
        }
        assertThat(text("changes-heading")).isEqualTo("8 CHANGES WAIT IN “BRING INSIDE”");
        assertThat(changeRows().get(0)).startsWith("2:4 F♯4 → F4");
        int dashed = pixelsInLadder(0x1F6F78, 30);
        long slot = session.selection().openStep().get();
        click("step-on-" + slot);
        assertThat(text("changes-heading")).isEqualTo("8 CHANGES BY “BRING INSIDE”");
        assertThat(dashed).as("where they would go is drawn as well").isGreaterThan(200);
        assertThat(session.results().get().part(0).line()).isNotEqualTo(session.song().part(0).line());
    }

    @Test
    void movingAllAgainKeepsWhatWasLeftByHand() {
        interact(() -> session.addStep(0, "bring", song -> BringInside.USUAL));
        Note first = note(0, 66);
        click("leave-" + first.id());
        click("leave-all");
        assertThat(text("changes-heading")).startsWith("0 CHANGES");
        click("leave-all");
        assertThat(session.part().orElseThrow().steps().get(0).left().ids()).containsExactly(first.id());
    }

    @Test
    void addsAdjustsSwitchesAndRemovesAStep() {
        assertThat(text("part-outside-0")).isEqualTo("8 outside");
        click("add-step");
        clickOn("#step-search").write("inside");
        click("add-bring-inside");
        long slot = session.song().parts().get(0).steps().get(0).id();
        assertThat(text("step-summary-" + slot)).isEqualTo("8 of 79 notes");
        assertThat(text("outside-names")).isEqualTo("F♯ G♯ C♯ E♭ B are outside the keys of the song.");

        clickOn("#bring-inside-to");
        push(KeyCode.DOWN).push(KeyCode.DOWN);
        push(KeyCode.ENTER);
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “Move to: next note inside above”");
        assertThat(changeRows().get(0)).contains("F♯4 → G4").contains("the next note inside, going up");
        assertThat(lookup("#bring-inside-tie-break").tryQuery()).as("upward nothing is equally near").isEmpty();

        click("step-on-" + slot);
        assertThat(text("step-summary-" + slot)).isEqualTo("off");
        assertThat(text("changes-summary")).isEqualTo("this step is off: so it would be");
        click("step-menu-" + slot);
        clickOn("#steps-remove");
        settle();
        assertThat(session.song().parts().get(0).steps()).isEmpty();
        for (int i = 0; i < 4; i++) {
            click("undo");
        }
        assertThat(session.song()).isEqualTo(LanternFerry.plain());
        assertThat(lookup("#undo").query().isDisabled()).isTrue();
    }

    @Test
    void doesTheJobByKeysAlone() {
        push(KeyCode.HOME);
        Note selected = session.part().orElseThrow().line().notes().get(0);
        assertThat(session.selection().notes().get()).containsExactly(selected.id());
        push(KeyCode.RIGHT);
        push(KeyCode.RIGHT);
        assertThat(lookup("#ladder").query().getAccessibleText()).startsWith("A4 · degree 5 · bar 1:4");
        push(KeyCode.ESCAPE);
        assertThat(session.selection().notes().get()).isEmpty();
        push(KeyCode.SHIFT, KeyCode.F1);
        assertThat(isShown("shortcuts-sheet")).isTrue();
        push(KeyCode.ESCAPE);
        assertThat(isShown("shortcuts-sheet")).isFalse();
        push(KeyCode.CONTROL, KeyCode.F);
        assertThat(isShown("fence-page")).isTrue();
        push(KeyCode.RIGHT);
        assertThat(text("clock-key")).isEqualTo("E♭ dorian");
        push(KeyCode.ESCAPE);
        assertThat(text("fence-key")).isEqualTo("D dorian");
        push(KeyCode.CONTROL, KeyCode.B);
        assertThat(session.transport().showingBefore().get()).isTrue();
        push(KeyCode.CONTROL, KeyCode.B);
        assertThat(session.transport().showingBefore().get()).isFalse();
    }
}
