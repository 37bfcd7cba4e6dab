package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.edit.HandEdits;
import amberfence.edit.LineEdit;
import amberfence.edit.ProgressionEdits;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.Role;
import amberfence.step.StepSlot;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.fit.Harmony;
import amberfence.theory.Chord;
import java.util.List;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;

/** Every step that fits a part to the chords, through its own form. */
class FittingTest extends WindowTest {
    private static final int VOICE = 0;
    private static final int FRETLESS = 1;
    private static final int HARMONIUM = 2;
    private static final int KALIMBA = 3;

    private Line result(int part) {
        settle();
        return session.results().get().part(part).line();
    }

    private Line own(int part) {
        return session.song().part(part).line();
    }

    private StepSlot add(int part, String kind) {
        interact(() -> session.selection().selectPart(part));
        click("add-step");
        clickOn("#step-search").write(StepCatalogue.find(kind).orElseThrow().title());
        click("add-" + kind);
        List<StepSlot> steps = session.song().part(part).steps();
        return steps.get(steps.size() - 1);
    }

    private void putChord(int bar, String chord) {
        interact(() -> session.edit("put", song -> ProgressionEdits.put(song, song.time().barStart(bar), song.time().barStart(bar + 1),
                Chord.parse(chord))));
        settle();
    }

    private List<Integer> pitchesInBar(int part, int bar) {
        long from = session.song().time().barStart(bar);
        return result(part).between(from, session.song().time().barStart(bar + 1)).notes().stream().map(Note::pitch).distinct().sorted()
                .toList();
    }

    @Test
    void aChordPartFollowsWhatThePersonDoesToTheProgression() {
        StepSlot slot = add(HARMONIUM, "fit-chords");
        assertThat(pitchesInBar(HARMONIUM, 1)).containsExactly(50, 53, 57);
        putChord(1, "B♭");
        assertThat(pitchesInBar(HARMONIUM, 1)).as("D and F stay, A goes up a semitone").containsExactly(50, 53, 58);
        assertThat(changeRows().get(0)).isEqualTo("1:1 A3 → B♭3 5 → ♭6 the root of B♭");
        click("fit-chords-bass");
        assertThat(pitchesInBar(HARMONIUM, 1).get(0) % 12).isEqualTo(10);
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “Lowest to the bass: on”");
        choose("fit-chords-chords", 1);
        assertThat(text("undo-words")).contains("Chords from: Voice line");
        assertThat(session.song().part(HARMONIUM).step(slot.id()).orElseThrow().step().toString()).contains("part=Optional[0]");
        choose("fit-chords-no-chord", 2);
        assertThat(text("undo-words")).contains("notes are left alone");
        choose("fit-chords-held", 1);
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “If held: strike again”");
        for (int i = 0; i < 4; i++) {
            push(KeyCode.CONTROL, KeyCode.Z);
        }
        settle();
        assertThat(pitchesInBar(HARMONIUM, 1)).containsExactly(50, 53, 58);
    }

    @Test
    void aBasslineIsChosenAmongSeveral() {
        interact(() -> session.edit("cut", song -> new HandEdits("cut").edit(song, FRETLESS,
                LineEdit.cut(NoteSet.ALL, 3))));
        add(FRETLESS, "fit-bass");
        Line first = result(FRETLESS);
        click("fit-bass-seed-3");
        Line third = result(FRETLESS);
        assertThat(third).isNotEqualTo(first);
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “Line: 3”");
        click("fit-bass-seed-others");
        assertThat(result(FRETLESS)).isNotIn(first, third);
        type("fit-bass-variety", "0");
        click("fit-bass-between-scale");
        click("fit-bass-between-step");
        assertThat(result(FRETLESS).notes()).allSatisfy(note -> assertThat(chordAt(note)).contains(note.pitch() % 12));
        choose("fit-bass-strong", 1);
        putChord(1, "Dm/F");
        assertThat(result(FRETLESS).notes().get(0).pitch() % 12).isEqualTo(5);
        type("fit-bass-range-lowest", "C3");
        assertThat(result(FRETLESS).notes()).allMatch(note -> note.pitch() >= 48);
        assertThat(result(FRETLESS).notes()).extracting(Note::start).isEqualTo(own(FRETLESS).notes().stream().map(Note::start).toList());
    }

    private List<Integer> chordAt(Note note) {
        return session.song().progression().at(note.start() + 30).orElseThrow().chord().pitchClasses().numbers().boxed().toList();
    }

    @Test
    void clashesAreListedAndEachIsResolvedTheWayThatIsChosen() {
        interact(() -> session.editPart("no steps", part -> part.withSteps(List.of())));
        StepSlot slot = add(VOICE, "fit-melody");
        assertThat(result(VOICE)).isNotEqualTo(own(VOICE));
        choose("fit-melody-what", 1);
        assertThat(result(VOICE)).isEqualTo(own(VOICE));
        // By hand, from the demo's text: first and fourth eighths of 6/8 are strong; what is shorter than half a beat passes.
        assertThat(changeRows()).extracting(row -> row.split(" clashes")[0]).containsExactly("2:4 F♯4 ♮3", "7:1 C♯5 ♮7", "12:4 D5 1", "24:4 C♯5 ♯5");
        assertThat(changeRows().get(1)).isEqualTo("7:1 C♯5 ♮7 clashes with Em7: none of its notes, on a strong beat");
        assertThat(text("changes-summary")).isEqualTo("clashing: 4 · as they were: 75");
        assertThat(text("step-summary-" + slot.id())).isEqualTo("4 clashes");
        long note = own(VOICE).notes().stream().filter(some -> some.pitch() == 73).findFirst().orElseThrow().id();
        click("resolve-down-" + note);
        assertThat(result(VOICE).note(note).orElseThrow().pitch()).isEqualTo(71);
        assertThat(changeRows().get(1)).isEqualTo("7:1 C♯5 → B4 ♮7 → 6 the fifth of Em7");
        click("leave-" + note);
        assertThat(result(VOICE)).isEqualTo(own(VOICE));
        click("resolve-up-" + note);
        assertThat(result(VOICE).note(note).orElseThrow().pitch()).isEqualTo(74);
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(changeRows().get(1)).contains("clashes with Em7");
    }

    @Test
    void aFigureIsDrawnOnTheGridAndPlayedThroughTheChords() {
        interact(() -> session.edit("part", song -> song.plusEmptyPart("Bells", Role.FIGURE)));
        int bells = session.song().parts().get(5).id();
        add(bells, "follow-chords");
        assertThat(changeRows().get(0)).startsWith("there is no figure yet");
        choose("figure-from", 2);
        // Root, third, fifth in the first three eighths of every bar.
        assertThat(result(bells).size()).isEqualTo(3 * 32);
        assertThat(result(bells).notes()).extracting(note -> note.pitch() % 12).startsWith(2, 5, 9, 7, 11, 2);
        press(0, 5);
        assertThat(result(bells).size()).as("one more note in every bar: the root in the sixth column").isEqualTo(4 * 32);
        press(0, 5);
        assertThat(result(bells).size()).isEqualTo(3 * 32);
        // The keys go on from the cell that was pressed last.
        push(KeyCode.UP).push(KeyCode.LEFT).push(KeyCode.ENTER);
        settle();
        assertThat(result(bells).size()).isEqualTo(4 * 32);
        assertThat(result(bells).notes().get(3).pitch() % 12).as("the third in the fifth column").isEqualTo(5);
        assertThat(result(bells).notes().get(3).start()).isEqualTo(4 * 240);
        choose("follow-chords-register", 1);
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “Register: climbing with the root”");
        choose("follow-chords-restart", 2);
        click("follow-chords-fill");
        choose("follow-chords-count", 1);
        choose("figure-length", 1);
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “Figure: 2 bars”");
    }

    /** Presses a cell of the grid: rows from the lowest, columns from the left. */
    private void press(int row, int column) {
        Node grid = lookup("#figure-grid").query();
        Bounds bounds = grid.localToScreen(grid.getLayoutBounds());
        double wide = (bounds.getWidth() - 52) / 6;
        clickOn(bounds.getMinX() + 52 + wide * (column + 0.5), bounds.getMaxY() - 17 * (row + 0.5), MouseButton.PRIMARY);
        settle();
    }

    @Test
    void aFigureIsTakenFromSelectedNotesOrAnotherPart() {
        add(KALIMBA, "follow-chords");
        assertThat(result(KALIMBA).size()).isEqualTo(own(KALIMBA).size());
        interact(() -> session.selection().selectNotes(Set.copyOf(own(KALIMBA).notes().subList(0, 3).stream().map(Note::id)
                .toList())));
        interact(() -> session.selection().openStep(null));
        interact(() -> session.selection().openStep(session.song().part(KALIMBA).steps().get(0).id()));
        click("figure-take");
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “Figure: 3 notes”");
        assertThat(lookup("#figure-grid").tryQuery()).isPresent();
        click("figure-other");
        click("figure-part-" + HARMONIUM);
        assertThat(text("undo-words")).contains("Figure:");
        assertThat(pitchesInBar(KALIMBA, 1)).isEqualTo(pitchesInBar(HARMONIUM, 1));
        choose("figure-from", 1);
        type("follow-chords-home", "Dm");
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “Written over: Dm”");
        type("follow-chords-home", "Q");
        assertThat(lookup("#follow-chords-home").query().getStyleClass()).contains("wrong");
    }

    @Test
    void harmonyLinesStandInPartsOfTheirOwn() {
        add(VOICE, "harmony");
        click("harmony-octave-below");
        choose("harmony-way", 3);
        click("harmony-hold");
        click("harmony-crossing");
        Line both = result(VOICE);
        int size = own(VOICE).size();
        assertThat(both.size()).isEqualTo(3 * size);
        click("harmony-parts");
        assertThat(session.song().parts()).extracting(part -> part.name()).startsWith("Voice line", "Voice line, third above",
                "Voice line, octave below", "Fretless");
        assertThat(result(VOICE).size()).as("the tune is alone again").isEqualTo(size);
        assertThat(result(session.song().parts().get(1).id()).size()).isEqualTo(size);
        click("undo");
        assertThat(session.song().parts()).hasSize(5);
        click("harmony-instead");
        assertThat(result(VOICE).size()).isEqualTo(2 * size);
    }

    @Test
    void aChordMovesTogetherWithTheNotesUnderIt() {
        long second = session.song().progression().spans().get(1).id();
        List<Integer> bass = pitchesInBar(FRETLESS, 2);
        interact(() -> session.selection().selectChords(Set.of(second)));
        click("chords-change");
        chooseUnder("change-with-notes", "with-notes-third-down");
        assertThat(session.song().progression().find(second).orElseThrow().chord().text()).isEqualTo("Em");
        assertThat(pitchesInBar(FRETLESS, 2).get(0)).isEqualTo(bass.get(0) - 3);
        assertThat(pitchesInBar(HARMONIUM, 2)).extracting(pitch -> pitch % 12).containsOnly(4, 7, 11);
        assertThat(text("status")).contains("notes under them move in: Voice line, Fretless, Harmonium, Kalimba figure");
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(session.song().progression().find(second).orElseThrow().chord().text()).isEqualTo("G");
        assertThat(pitchesInBar(FRETLESS, 2)).isEqualTo(bass);
    }

    @Test
    void aPartThatListensToAnotherHearsItsSteps() {
        add(FRETLESS, "fit-bass");
        choose("fit-bass-chords", 2);
        assertThat(text("undo-words")).contains("Chords from: Harmonium");
        int first = result(FRETLESS).notes().get(0).pitch() % 12;
        add(HARMONIUM, "move");
        choose("move-by", 0);
        type("move-amount", "2");
        assertThat(result(FRETLESS).notes().get(0).pitch() % 12).isEqualTo((first + 2) % 12);
    }

    @Test
    void strongBeatsTakeChordNotesOnlyWhenAskedFor() {
        choose("bring-inside-strong", 1);
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “Strong beats: chord notes only”");
        long rests = session.results().get().part(0).line().notes().stream().filter(note -> note.start() % 1440 == 0)
                .filter(note -> !session.song().progression().at(note.start()).orElseThrow().chord().pitchClasses()
                        .containsPitch(note.pitch())).count();
        assertThat(rests).as("only what is left by hand or allowed").isLessThanOrEqualTo(1);
    }

    @Test
    void theSecondOfTwoEqualHarmoniesIsPutIntoPartsNotTheFirst() {
        interact(() -> {
            session.edit("two", song -> song.plusStep(0, Harmony.USUAL).plusStep(0, Harmony.USUAL));
            List<StepSlot> steps = session.song().part(0).steps();
            session.selection().openStep(steps.get(steps.size() - 1).id());
        });
        click("harmony-parts");
        List<StepSlot> steps = session.song().part(0).steps();
        assertThat(steps.get(steps.size() - 2).on()).isTrue();
        assertThat(steps.get(steps.size() - 1).on()).isFalse();
    }
}
