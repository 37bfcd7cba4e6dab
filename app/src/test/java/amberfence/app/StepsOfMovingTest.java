package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.steps.FormHost;
import amberfence.app.steps.SchemaForm;
import amberfence.demo.LanternFerry;
import amberfence.edit.HandEdits;
import amberfence.edit.LineEdit;
import amberfence.notes.Grid;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.song.Song;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.StepSetting;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.move.Move;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Every step of moving and timing through its own form: added, set, explained, undone. */
class StepsOfMovingTest extends WindowTest {
    @Override
    protected Song song() {
        return LanternFerry.plain();
    }

    private Line result() {
        return session.results().get().part(0).line();
    }

    private Line original() {
        return song().part(0).line();
    }

    private long add(String kind) {
        click("add-step");
        String name = StepCatalogue.all().stream().filter(some -> some.name().equals(kind)).findFirst().orElseThrow().title();
        clickOn("#step-search").write(name);
        click("add-" + kind);
        settle();
        return session.song().part(0).steps().get(session.song().part(0).steps().size() - 1).id();
    }

    private int moved(int index) {
        Note note = original().notes().get(index);
        return result().note(note.id()).orElseThrow().pitch() - note.pitch();
    }

    @Test
    void movesByDegrees() {
        long slot = add("move");
        assertThat(moved(0)).as("a semitone, until asked for more").isEqualTo(1);
        choose("move-by", 2);
        click("move-amount-more");
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “How far: 2”");
        assertThat(moved(0)).as("A4 up two degrees of D dorian is C5").isEqualTo(3);
        assertThat(changeRows().get(0)).isEqualTo("1:1 A4 → C5 5 → ♭7 up 2 degrees: 5 becomes ♭7");
        assertThat(text("step-summary-" + slot)).isEqualTo("79 of 79 notes");
        type("move-amount", "900");
        assertThat(text("changes-heading")).startsWith("0 CHANGES");
        assertThat(changeRows().get(0)).contains("would leave the range of MIDI (0 to 127), so nothing is moved");
    }

    @Test
    void worksOnDrumsWhoseCardIsChosen() {
        click("part-4");
        click("add-step");
        clickOn("#step-search").write("Move");
        click("add-move");
        settle();
        Line before = song().part(4).line();
        assertThat(session.results().get().part(4).line().notes()).extracting(Note::pitch)
                .isEqualTo(before.notes().stream().map(note -> note.pitch() + 1).toList());
        assertThat(changeRows().get(0)).doesNotContain("left alone");
    }

    @Test
    void drumsThatAreLeftAloneCanBeWorkedOnFromTheList() {
        interact(() -> {
            session.addStep(4, "Move", song -> Move.USUAL);
            session.edit("As in an older project", song -> song.withPart(4, part -> part.withSteps(part.steps().stream()
                    .map(slot -> slot.withMeant(false)).toList())));
        });
        click("part-4");
        settle();
        assertThat(changeRows().get(0)).startsWith("132 drum notes are left alone");
        clickOn("work on them");
        settle();
        assertThat(session.results().get().part(4).line().notes().get(0).pitch()).isEqualTo(song().part(4).line().notes().get(0).pitch() + 1);
    }

    @Test
    void addsHarmonyLines() {
        int size = original().size();
        long slot = add("harmony");
        assertThat(result().size()).isEqualTo(2 * size);
        assertThat(text("step-summary-" + slot)).isEqualTo("79 notes added");
        assertThat(text("changes-summary")).contains("79 as they were");
        assertThat(lookup("#harmony-third-above").query().isDisabled()).as("the last line stays").isTrue();
        assertThat(changeRows().get(0)).startsWith("1:1 – → C5").contains("up 2 degrees: 5 becomes ♭7");
        click("harmony-octave-below");
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “Lines: octave below”");
        assertThat(result().size()).isEqualTo(3 * size);
        click("harmony-third-above");
        assertThat(result().size()).isEqualTo(2 * size);
        choose("harmony-way", 1);
        Note first = original().notes().get(0);
        assertThat(result().notes()).filteredOn(note -> note.start() == first.start()).extracting(Note::pitch)
                .containsExactly(first.pitch() - 12, first.pitch());
        push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(result().size()).isEqualTo(2 * size);
    }

    @Test
    void movesToAnotherKey() {
        add("to-key");
        type("to-key-to", "G mixolydian");
        assertThat(moved(0)).as("the fifth of D dorian becomes the fifth of G mixolydian, the shorter way up").isEqualTo(5);
        choose("to-key-way", 2);
        assertThat(moved(0)).isEqualTo(-7);
        type("to-key-to", "H minor");
        assertThat(lookup("#to-key-to").query().getStyleClass()).contains("wrong");
        click("form-kin-parallel_minor");
        assertThat(changeRows().get(0)).contains("of D dorian becomes");
    }

    @Test
    void mirrorsAndReverses() {
        add("mirror");
        type("mirror-about", "A4");
        assertThat(moved(0)).isZero();
        choose("mirror-along", 1);
        assertThat(result().notes().get(1).pitch()).isEqualTo(2 * 69 - original().notes().get(1).pitch());
        click("undo");
        click("undo");
        click("undo");
        add("reverse");
        assertThat(result().notes().get(0).pitch()).isEqualTo(original().notes().get(78).pitch());
        choose("reverse-what", 1);
        assertThat(result().notes().get(78).pitch()).isEqualTo(original().notes().get(0).pitch());
        assertThat(result().end()).isEqualTo(original().end());
    }

    @Test
    void foldsIntoTheOctaveAroundANote() {
        add("fold");
        assertThat(result().notes()).allMatch(note -> note.pitch() >= 54 && note.pitch() <= 65);
        type("fold-around", "C3");
        assertThat(result().notes()).allMatch(note -> note.pitch() >= 42 && note.pitch() <= 53);
        type("fold-range-highest", "C5");
        assertThat(result().notes()).allMatch(note -> note.pitch() >= 42 && note.pitch() <= 72);
    }

    @Test
    void tidiesTimingInPart() {
        interact(() -> session.edit("late", song -> new HandEdits("played").edit(song, 0,
                LineEdit.shift(NoteSet.ALL, 40))));
        add("tidy-timing");
        assertThat(result().notes()).allMatch(note -> note.start() % 120 == 0);
        type("tidy-timing-strength", "50");
        assertThat(result().notes()).allMatch(note -> note.start() % 120 == 20);
        assertThat(changeRows().get(0)).endsWith("on 1/16: start 20 ticks earlier");
        assertThat(result().notes()).extracting(Note::pitch).isEqualTo(original().notes().stream().map(Note::pitch).toList());
    }

    @Test
    void showsAndTrimsSmallOverlaps() {
        assertThat(isShown("overlaps")).isFalse();
        interact(() -> session.edit("long", song -> new HandEdits("played").edit(song, 0, LineEdit.moveEnds(NoteSet.ALL, 30))));
        assertThat(text("overlaps")).endsWith(" overlaps");
        int count = Integer.parseInt(text("overlaps").split(" ")[0]);
        assertThat(count).isGreaterThan(20);
        click("overlaps");
        assertThat(isShown("overlaps")).isFalse();
        assertThat(text("changes-heading")).isEqualTo(count + " CHANGES BY “LENGTHS”");
        choose("lengths-how", 0);
        List<Note> notes = result().notes();
        for (int i = 1; i < notes.size(); i++) {
            assertThat(notes.get(i - 1).end()).isEqualTo(notes.get(i).start());
        }
    }

    @Test
    void letsPassingNotesPass() {
        // Eighths in 6/8: F♯ passes from F to G off the beat; G♯ is a neighbour of A.
        interact(() -> session.edit("write", song -> song.withPart(0, part -> part.plusTake("passing",
                LineText.parse("E4 F4 F#4 G4:3 A4 G#4 A4 C5:3", 240, 0, song.nextId()))).withNextId(song.nextId() + 8)));
        long slot = add("bring-inside");
        assertThat(text("changes-heading")).startsWith("2 CHANGES");
        click("bring-inside-let-pass-passing");
        assertThat(changeRows().get(0)).isEqualTo("1:3 F♯4 ♮3 let pass: a passing note from F4 to G4");
        click("bring-inside-let-pass-neighbour");
        assertThat(text("changes-summary")).startsWith("2 left alone on purpose");
        assertThat(text("step-summary-" + slot)).isEqualTo("nothing to do");
        ComboBox<Grid> longest = lookup("#bring-inside-longest").queryComboBox();
        assertThat(longest.getItems()).as("only what the setting takes is offered").isNotEmpty()
                .allMatch(grid -> grid.feel() == Grid.Feel.STRAIGHT);
    }

    @Test
    void everySettingThatCountsHasAControlInTheFormAndNoOtherHas() {
        StepCatalogue.all().forEach(schema -> interact(() -> everySettingOf(schema)));
    }

    private <S extends Step> void everySettingOf(StepSchema<S> schema) {
        Step[] changed = new Step[1];
        Node form = SchemaForm.of(schema.usual(), new FormHost(session, Optional.empty(), 0, (words, step) -> changed[0] = step,
                () -> step -> Line.EMPTY));
        List<String> begins = form.lookupAll("*").stream().map(Node::getId).filter(Objects::nonNull).toList();
        for (StepSetting<S> setting : schema.settings()) {
            String name = schema.name() + "-" + setting.key();
            boolean special = Set.of("follow-chords-figure", "fit-bass-seed").contains(name);
            assertThat(begins.stream().anyMatch(id -> id.startsWith(name)) || special || setting.key().equals("lines"))
                    .as(name).isEqualTo(setting.counts(schema.usual()));
            if (form.lookup("#" + name) instanceof ToggleButton toggle) {
                toggle.fire();
                assertThat(changed[0]).as(name).isNotEqualTo(schema.usual());
            }
        }
    }

    @Test
    void renamingTheSongLeavesTheFormOfAStepAsItIs() {
        add("move");
        Node amount = lookup("#move-amount").query();
        interact(() -> session.edit("title", song -> song.withTitle("Another name")));
        assertThat(text("song-title")).isEqualTo("Another name");
        Node still = lookup("#move-amount").query();
        assertThat(still).isSameAs(amount);
        click("move-amount-more");
        Node anew = lookup("#move-amount").query();
        assertThat(anew).as("its own step changed").isNotSameAs(amount);
    }

    @Test
    void aSettingIsShownOnlyWhereItCounts() {
        add("bring-inside");
        assertThat(lookup("#bring-inside-tie-break").tryQuery()).isPresent();
        assertThat(lookup("#bring-inside-longest").tryQuery()).as("nothing is let pass").isEmpty();
        choose("bring-inside-to", 2);
        assertThat(lookup("#bring-inside-tie-break").tryQuery()).as("up is never equally near").isEmpty();
    }

    @Test
    void whatWasChangedInAnOlderFormChangesNothingElse() {
        StepSchema<?> schema = StepCatalogue.find("move").orElseThrow();
        Step shown = new Move(Move.Unit.OCTAVES, 1);
        Step current = new Move(Move.Unit.DEGREES, 1);
        assertThat(schema.merged(shown, new Move(Move.Unit.OCTAVES, 4), current)).isEqualTo(new Move(Move.Unit.DEGREES, 4));
    }
}
