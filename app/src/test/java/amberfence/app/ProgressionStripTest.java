package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.edit.ProgressionEdits;
import amberfence.notes.ChordSpan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.song.Song;
import amberfence.theory.Chord;
import amberfence.theory.ChordKind;
import amberfence.theory.SmoothVoicings;
import amberfence.theory.Voicing;
import java.nio.file.Files;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;
import org.testfx.robot.Motion;

/** The progression in the real window: put in, voiced, smoothed, read, corrected, played, and taken back. */
class ProgressionStripTest extends WindowTest {
    @Override
    protected Song song() {
        return LanternFerry.plain();
    }

    private String chords() {
        settle();
        return session.song().progression().spans().stream().map(span -> span.chord().text()).collect(Collectors.joining(" "));
    }

    private long id(int index) {
        return session.song().progression().spans().get(index).id();
    }

    private void open() {
        click("tab-chords");
    }

    private void putTwoChordsInNoneOfThemSelected() {
        interact(() -> {
            session.edit("chords", song -> ProgressionEdits.put(ProgressionEdits.put(song, 0, 1440, Chord.parse("Dm")), 1440, 2880,
                    Chord.parse("G7")));
            session.selection().selectChords(Set.of());
        });
    }

    private void type(String text) {
        clickOn("#chord-entry").write(text).push(KeyCode.ENTER);
        settle();
    }

    @Test
    void typesChordsAndGoesOnBehindThem() {
        open();
        type("Dm7");
        type("V7");
        type("1");
        assertThat(chords()).isEqualTo("Dm7 A7 Dm");
        long bar = session.song().time().barStart(2);
        assertThat(session.song().progression().spans()).extracting(ChordSpan::length).containsOnly(bar);
        assertThat(session.transport().playhead().get()).isEqualTo(3 * bar);
        type("Hm7");
        assertThat(text("status")).startsWith("“Hm7” is no chord");
        assertThat(lookup("#chord-entry").query().getStyleClass()).contains("wrong");
        for (int i = 0; i < 3; i++) {
            click("undo");
        }
        assertThat(session.song()).isEqualTo(song());
    }

    @Test
    void takesDegreesBorrowedChordsAndSuggestionsByOneClick() {
        open();
        click("degree-4");
        click("borrowed-D");
        assertThat(chords()).isEqualTo("G D");
        Button next = lookup("#chord-panel").lookup(".chord-chip").queryAllAs(Button.class).stream()
                .filter(chip -> chip.getId().startsWith("next-")).findFirst().orElseThrow();
        String suggested = next.getAccessibleText();
        assertThat(next.getText()).startsWith(suggested);
        clickOn(next);
        assertThat(chords()).isEqualTo("G D " + suggested);
    }

    @Test
    void aSizeStacksMoreThirds() {
        open();
        interact(() -> lookup("#chord-size").<ComboBox<Integer>>query().setValue(4));
        click("degree-2");
        interact(() -> lookup("#chord-size").<ComboBox<Integer>>query().setValue(5));
        click("degree-4");
        assertThat(chords()).isEqualTo("Em7 G9");
    }

    @Test
    void putsATemplateInAndVoicesAllOfIt() {
        click("chords-add");
        chooseUnder("chords-templates", "template-I-V-vi-IV");
        assertThat(chords()).isEqualTo("Dm Am B° G");
        int before = motion();
        click("chords-voice");
        clickOn("#voice-drop-2");
        settle();
        assertThat(session.song().progression().spans().get(0).sounding()).isEqualTo(Voicing.of(Chord.parse("Dm")).dropped(2));
        click("undo");
        click("chords-voice");
        clickOn("#voice-smooth");
        settle();
        assertThat(text("smooth-preview")).matches("The voices would go \\d+ semitones; now they go " + before + "\\.");
        click("smooth-first");
        click("smooth-apply");
        assertThat(motion()).isLessThan(before);
        assertThat(text("status")).isEqualTo("The voices now go " + motion() + " semitones; before, " + before + ".");
        assertThat(session.song().progression().spans().get(0).sounding()).isEqualTo(Voicing.of(Chord.parse("Dm")));
        assertThat(text("voice-motion")).isEqualTo("the voices move " + motion() + " semitones; in root position " + before);
    }

    @Test
    void aChordThatIsReplacedKeepsItsCardTheFocusAndTheSelection() {
        open();
        type("Dm7");
        type("G7");
        clickOn("#chord-" + id(0));
        Node card = lookup("#chord-" + id(0)).query();
        interact(() -> session.edit("replaced", song -> song.withProgression(
                song.progression().with(List.of(id(0)), span -> span.withChord(Chord.parse("F#m7b5"))))));
        settle();
        assertThat(lookup("#chord-" + id(0)).<Node>query()).isSameAs(card);
        assertThat(card.isFocused()).isTrue();
        assertThat(card.getStyleClass()).contains("chosen");
        assertThat(card.getAccessibleText()).startsWith(Chord.parse("F#m7b5").text() + ", ");
        push(KeyCode.ENTER);
        assertThat(((TextField) lookup("#chord-typing").query()).getText()).isEqualTo(Chord.parse("F#m7b5").text());
        click("undo");
        assertThat(card.getAccessibleText()).startsWith("Dm7, ");
        assertThat(lookup("#chord-typing").tryQuery()).as("typing into what is gone ends").isEmpty();
        assertThat(text("voice-motion")).isEqualTo("the voices move " + motion() + " semitones; in root position " + motion());
    }

    private int motion() {
        return SmoothVoicings.motion(session.song().progression().voicings());
    }

    @Test
    void invertsTheSelectedChordByKeysAndMouse() {
        open();
        type("C");
        type("F");
        click("chord-" + id(0));
        push(KeyCode.UP);
        assertThat(session.song().progression().spans().get(0).sounding()).isEqualTo(Voicing.of(64, 67, 72));
        assertThat(session.song().progression().spans().get(1).voicing()).isEmpty();
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “Inversion up: 1 chord”");
        assertThat(text("chord-notes")).isEqualTo("E4 G4 C5");
        push(KeyCode.RIGHT);
        push(KeyCode.DOWN);
        assertThat(session.song().progression().spans().get(1).sounding()).isEqualTo(Voicing.of(Chord.parse("F")).invertedDown());
    }

    @Test
    void movesAndLeavesOutSingleMembersOfAllChords() {
        open();
        type("Cmaj7");
        type("F5");
        click("chords-voice");
        settle();
        moveTo("#voice-members");
        waitUntil(() -> lookup("#member-5").tryQuery().filter(node -> node.getScene() != null).isPresent());
        moveTo("#member-5", Motion.HORIZONTAL_FIRST);
        waitUntil(() -> lookup("#member-5-down").tryQuery().filter(node -> node.getScene() != null).isPresent());
        clickOn("#member-5-down", Motion.HORIZONTAL_FIRST);
        settle();
        assertThat(session.song().progression().spans().get(0).sounding()).isEqualTo(Voicing.of(55, 60, 64, 71));
    }

    @Test
    void copiesAndPastesChords() {
        open();
        type("Dm");
        type("G");
        click("chords-change");
        clickOn("#chords-copy");
        click("chords-change");
        clickOn("#chords-paste");
        assertThat(chords()).isEqualTo("Dm G Dm G");
    }

    @Test
    void changesManyAtOnceAndDeletes() {
        open();
        type("Dm");
        type("G");
        click("chords-change");
        clickOn("#change-sevenths");
        assertThat(chords()).isEqualTo("Dm7 G7");
        click("chord-" + id(1));
        click("chords-change");
        clickOn("#change-semitone-up");
        assertThat(chords()).isEqualTo("Dm7 G♯7");
        push(KeyCode.CONTROL, KeyCode.Z);
        click("chord-" + id(1));
        push(KeyCode.DELETE);
        assertThat(chords()).isEqualTo("Dm7");
    }

    @Test
    void readsFromAPartCorrectsOneAndKeepsTheCorrectionWhenReadAgain() {
        click("chords-add");
        chooseUnder("chords-read", "chords-read-2");
        waitUntil(() -> !session.song().progression().isEmpty());
        assertThat(chords()).startsWith("Dm G Am7 Cmaj7 Dm G Em7 Am Dm");
        long unsure = session.song().progression().spans().stream().filter(chord -> !chord.isSure()).count();
        assertThat(text("status")).startsWith("Read ").contains(unsure == 0 ? "none of them uncertain" : unsure + " of them uncertain");
        doubleClickOn("#chord-" + id(2));
        settle();
        clickOn("#chord-typing").push(KeyCode.CONTROL, KeyCode.A).write("C6/A").push(KeyCode.ENTER);
        assertThat(chords()).startsWith("Dm G C6/A Cmaj7");
        click("chords-add");
        chooseUnder("chords-read", "chords-read-all");
        waitUntil(() -> text("status").startsWith("Read ") || text("status").startsWith("Nothing changes"));
        assertThat(chords()).contains("C6/A Cmaj7");
        click("undo");
        click("undo");
        while (!lookup("#undo").query().isDisabled()) {
            click("undo");
        }
        assertThat(session.song()).isEqualTo(song());
    }

    @Test
    void whatIsBeingTypedOnACardStaysWhileSomethingElseChanges() {
        interact(() -> session.edit("chords", song -> ProgressionEdits.put(song, 0, 3_840, Chord.parse("Dm"))));
        settle();
        doubleClickOn("#chord-" + id(0));
        settle();
        clickOn("#chord-typing").push(KeyCode.CONTROL, KeyCode.A).write("A");
        interact(() -> session.edit("elsewhere", song -> song.withTitle("Another title")));
        settle();
        write("m7").push(KeyCode.ENTER);
        assertThat(chords()).isEqualTo("Am7");
    }

    @Test
    void findsChordsThatGoUnderATuneAndOffersOthers() {
        click("chords-add");
        chooseUnder("chords-read", "chords-read-0");
        waitUntil(() -> !session.song().progression().isEmpty());
        assertThat(text("status")).contains("go under the tune").contains("leaves them open");
        assertThat(session.song().progression().spans()).noneMatch(ChordSpan::isSure);
        assertThat(text("undo-words")).contains("under the tune");
    }

    @Test
    void takesAChartAsText() {
        click("chords-add");
        clickOn("#chords-chart");
        settle();
        clickOn("#chart-text").write("| Dm7 G7 | Hm |");
        assertThat(text("chart-found")).startsWith("bar 2: “Hm” is no chord");
        assertThat(lookup("#chart-put").query().isDisabled()).isTrue();
        clickOn("#chart-text").push(KeyCode.CONTROL, KeyCode.A).write("| Dm7 G7 | Cmaj7 |");
        assertThat(text("chart-found")).isEqualTo("3 chords from bar 1 on");
        click("chart-put");
        assertThat(chords()).isEqualTo("Dm7 G7 Cmaj7");
    }

    @Test
    void dragsAnEdgeToAnotherBeat() {
        open();
        type("Dm");
        type("G");
        click("tab-chords");
        Node card = lookup("#chord-" + id(0)).query();
        var bounds = card.localToScreen(card.getBoundsInLocal());
        double half = bounds.getWidth() / 2;
        drag(new Point2D(bounds.getMaxX() - 3, bounds.getMinY() + 20), MouseButton.PRIMARY).moveBy(-half / 2, 0)
                .moveBy(-half / 2, 0).drop();
        settle();
        assertThat(session.song().progression().spans().get(0).end()).isEqualTo(720);
        assertThat(session.song().progression().spans().get(1).start()).isEqualTo(720);
    }

    @Test
    void makesAPartThatFollowsTheChordsUntilItIsSettled() {
        open();
        type("Dm");
        click("chords-add");
        clickOn("#chords-make-part");
        settle();
        assertThat(text("ladder-heading")).isEqualTo("CHORDS");
        click("tab-changes");
        assertThat(changeRows().get(0)).isEqualTo("1:1 – → D4 – → 1 the root of Dm");
        Line before = session.results().get().part(session.selection().part().get()).line();
        click("chord-" + id(0));
        push(KeyCode.UP);
        assertThat(session.results().get().part(session.selection().part().get()).line()).isNotEqualTo(before);
        // A note that the step made cannot be dragged; the window says why.
        long made = session.results().get().part(session.selection().part().get()).line().notes().get(0).id();
        moveTo(noteAt(made));
        settle();
        assertThat(text("ladder-hover")).contains("made by a step; there is no note behind it. Settle the part");
        clickOn(noteAt(made));
        assertThat(text("status")).startsWith("A step made these notes; settle the part first");
        click("settle");
        assertThat(session.part().orElseThrow().line().size()).isEqualTo(3);
    }

    @Test
    void namesTheSelectedNotesAndPutsThemIn() {
        click("part-2");
        click("tab-chords");
        interact(() -> session.selection().selectNotes(session.part().orElseThrow().line().between(0, 100).notes().stream()
                .map(Note::id).collect(Collectors.toSet())));
        assertThat(text("chord-name")).isEqualTo("Dm");
        assertThat(text("chord-notes")).isEqualTo("D3 F3 A3");
        click("chords-add");
        clickOn("#chords-from-notes");
        assertThat(chords()).isEqualTo("Dm");
    }

    @Test
    void aClickIntoTheLadderPutsAChordOfTheChosenKindOnItsNote() {
        open();
        interact(() -> lookup("#chord-kind").<ComboBox<ChordKind>>query().setValue(ChordKind.parse("m7")));
        click("chord-brush");
        Note note = note(0, 69);
        clickOn(noteAt(note.id()));
        assertThat(chords()).isEqualTo("Am7");
        assertThat(session.song().progression().spans().get(0).start()).isEqualTo(note.start());
        assertThat(session.song().part(0).line()).isEqualTo(song().part(0).line());
    }

    @Test
    void handsOutTheChordsAsASheet() throws Exception {
        open();
        type("Dm7");
        type("G7");
        toSave = folder.resolve("chords.cho");
        click("export");
        click("export-chords");
        clickOn("#export-chordpro");
        waitUntil(() -> Files.exists(toSave));
        assertThat(Files.readString(toSave)).contains("{title: Lantern Ferry}").contains("| Dm7 | G7 |");
    }

    @Test
    void withNoChordsEveryCommandSaysWhy() {
        click("chords-voice");
        clickOn("#voice-invert-up");
        assertThat(text("status")).isEqualTo("There are no chords yet; + chords puts some in.");
        click("export");
        assertThat(lookup("#export-chords").query().isDisabled()).isTrue();
        assertThat(lookup("#export-chords").query().getParent().getAccessibleHelp()).isEqualTo("The progression is empty");
    }

    @Test
    void keysThatAnOpenMenuHasNoUseForDoNothingBelowIt() {
        putTwoChordsInNoneOfThemSelected();
        long id = session.song().progression().spans().get(0).id();
        rightClickOn("#chord-" + id);
        settle();
        push(KeyCode.RIGHT).push(KeyCode.DELETE).push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(session.selection().chords().get()).as("the menu is still that of the first chord").containsExactly(id);
        assertThat(chords()).isEqualTo("Dm G7");
        push(KeyCode.ESCAPE);
        settle();
        push(KeyCode.DELETE);
        assertThat(chords()).as("below a closed menu keys count again").isEqualTo("G7");
    }

    @Test
    void whatIsCutOfASymbolIsNeverTakenForAnotherChord() {
        interact(() -> session.edit("chords", song -> {
            Song full = song;
            for (int i = 0; i < 64; i++) {
                full = ProgressionEdits.put(full, 240L * i, 240L * (i + 1), Chord.parse(List.of("Am", "F#m7", "Bb", "E7").get(i % 4)));
            }
            return full;
        }));
        settle();
        int cut = 0;
        for (Label symbol : lookup(".chord-symbol").queryAllAs(Label.class)) {
            String seen = ((Text) symbol.lookup(".text")).getText();
            assertThat(seen.equals(symbol.getText()) || seen.isEmpty() || seen.contains("…")).as("“%s” of %s", seen, symbol.getText()).isTrue();
            cut += seen.equals(symbol.getText()) ? 0 : 1;
        }
        assertThat(cut).as("cards that are too narrow for their symbol").isPositive();
    }

    @Test
    void theRightButtonOpensTheMenuOfACardThatWasNotSelected() {
        putTwoChordsInNoneOfThemSelected();
        long id = session.song().progression().spans().get(1).id();
        rightClickOn("#chord-" + id);
        settle();
        assertThat(session.selection().chords().get()).containsExactly(id);
        clickOn("#card-delete");
        settle();
        assertThat(session.song().progression().find(id)).isEmpty();
    }

    @Test
    void theWholeProgressionTakesTwiceTheTimeOrHalf() {
        click("chords-add");
        chooseUnder("chords-templates", "template-I-V-vi-IV");
        settle();
        long length = session.song().progression().spans().get(0).length();
        click("chords-change");
        clickOn("#change-double");
        settle();
        assertThat(session.song().progression().spans().get(0).length()).isEqualTo(2 * length);
        click("chords-change");
        clickOn("#change-half");
        settle();
        assertThat(session.song().progression().spans().get(0).length()).isEqualTo(length);
    }
}
