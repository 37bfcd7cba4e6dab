package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.SaltStair;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.sound.Messages;
import amberfence.step.SettingTexts;
import amberfence.step.Step;
import amberfence.step.catalogue.StepCatalogue;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import javafx.geometry.Bounds;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** New parts out of old ones, on "Salt Stair": keys, bass, guitar, and a tune that is empty. */
class NewPartsTest extends WindowTest {
    private static final int KEYS = 0;

    @Override
    protected Song song() {
        return SaltStair.song();
    }

    private Line heard(Part part) {
        settle();
        return session.results().get().part(part.id()).line();
    }

    private Part chosen() {
        return session.song().part(session.selection().part().get());
    }

    private void addStep(String title) {
        click("add-step");
        clickOn("#step-search").write(title);
        String name = StepCatalogue.all().stream().filter(some -> some.title().equals(title)).findFirst().orElseThrow().name();
        click("add-" + name);
    }

    private Map<String, String> settings(int step) {
        Step treatment = chosen().steps().get(step).step();
        return StepCatalogue.of(treatment).texts(treatment, SettingTexts.ALONE);
    }

    @Test
    void aBassIsDrawnFromTheLowestNotesWithOneGestureAndFollows() {
        click("part-menu-" + KEYS);
        chooseUnder("part-voices", "voices-bass");
        assertThat(chosen().name()).isEqualTo("Keys, lowest");
        assertThat(heard(chosen()).notes()).hasSize(16).allMatch(note -> note.pitch() <= 43);
        assertThat(text("status")).contains("1 part drawn from “Keys”");
        interact(() -> session.edit("shorter", song -> song.withPart(KEYS, part -> part.withTake(take -> take.withLine(take.line().between(0, 1900))))));
        assertThat(heard(chosen()).notes()).hasSize(1);
        assertThat(text("status")).startsWith("0 notes, 1 with the steps · 0 outside");
        push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(session.song().parts()).hasSize(4);
    }

    /** Their lists are made when somebody comes; nobody is to see that. */
    @Test
    void choicesAreAsLargeBeforeSomebodyComesToThemAsAfter() {
        click("part-menu-" + KEYS);
        chooseUnder("part-voices", "voices-bass");
        List<ComboBox<?>> choices = scene.getRoot().lookupAll("#steps .combo-box").stream().<ComboBox<?>>map(node -> (ComboBox<?>) node).toList();
        assertThat(choices).hasSize(3);
        for (ComboBox<?> choice : choices) {
            assertThat(choice.lookup(".list-view")).as("at rest").isNull();
            Bounds before = choice.getLayoutBounds();
            interact(choice::requestFocus);
            settle();
            assertThat(choice.lookup(".list-view")).as("with a list").isNotNull();
            assertThat(choice.getLayoutBounds()).as(choice.getId()).isEqualTo(before);
        }
    }

    @Test
    void fourVoicesStandInPartsOfTheirOwnAndNothingOfTheChordsIsLost() {
        click("part-menu-" + KEYS);
        chooseUnder("part-voices", "voices-4");
        chooseUnder("voices-4", "voices-4-strings");
        List<Part> parts = session.song().parts().subList(1, 5);
        assertThat(parts).extracting(Part::name).containsExactly("Keys, soprano", "Keys, alto", "Keys, tenor", "Keys, bass");
        assertThat(parts.stream().mapToInt(part -> heard(part).notes().size()).sum()).isLessThanOrEqualTo(64).isGreaterThan(40);
        assertThat(session.song().part(KEYS).sound().muted()).isTrue();
    }

    @Test
    void anArpeggioIsAddedShownAndUndone() {
        interact(() -> session.selection().selectPart(KEYS));
        addStep("Arpeggio");
        assertThat(heard(chosen()).size()).isEqualTo(16 * 16);
        assertThat(isShown("arpeggio-order-picture")).isTrue();
        choose("arpeggio-order", 1);
        assertThat(settings(0)).containsEntry("order", "down");
        type("arpeggio-accents", "100,50");
        assertThat(heard(chosen()).notes().get(1).velocity()).isLessThan(50);
        assertThat(changeRows().get(0)).contains("note 4 of the arpeggio");
        type("arpeggio-then", "2 fifths");
        assertThat(settings(0)).as("what cannot be read changes nothing").containsEntry("then", "0 octaves");
        push(KeyCode.CONTROL, KeyCode.Z);
    }

    @Test
    void aVoiceIsChosenForTheEmptyTuneAndTheTimeBetweenIsFilled() {
        int tune = session.song().parts().get(3).id();
        interact(() -> session.selection().selectPart(tune));
        addStep("Voice of a part");
        assertThat(heard(chosen()).isEmpty()).isTrue();
        choose("voice-from", 1);
        choose("voice-which", 1);
        assertThat(settings(0)).containsEntry("which", "highest").containsEntry("from", "part 0");
        assertThat(heard(chosen()).notes()).hasSize(16);
        addStep("Fill between");
        int before = heard(chosen()).size();
        type("fill-room", "60");
        assertThat(heard(chosen()).size()).isGreaterThan(before + 16);
        // Another throw of the dice, with one key and with the row of outlines.
        List<Note> first = heard(chosen()).notes();
        push(KeyCode.CONTROL, KeyCode.R);
        settle();
        assertThat(settings(1)).containsEntry("seed", "2");
        assertThat(heard(chosen()).notes()).isNotEqualTo(first);
        click("fill-seed-1");
        assertThat(heard(chosen()).notes()).isEqualTo(first);
    }

    @Test
    void theBendOfAStrumIsDraggedAsACurve() {
        interact(() -> session.selection().selectPart(session.song().parts().get(2).id()));
        settle();
        drag("#strum-bend").moveBy(-58, 0).drop();
        settle();
        int bend = Integer.parseInt(settings(0).get("bend"));
        assertThat(bend).isBetween(40, 60);
        clickOn("#strum-bend").push(KeyCode.RIGHT);
        settle();
        assertThat(settings(0)).containsEntry("bend", String.valueOf(bend - 5));
    }

    @Test
    void aKeyThatFindsNoDiceSaysSo() {
        interact(() -> session.selection().selectPart(KEYS));
        push(KeyCode.CONTROL, KeyCode.R);
        assertThat(text("status")).contains("has dice");
    }

    @Test
    void aRunAlongAScaleOrAChordIsPutInAtThePlayhead() {
        int tune = session.song().parts().get(3).id();
        interact(() -> {
            session.selection().selectPart(tune);
            session.transport().moveTo(1920);
            workspace.openRun();
        });
        settle();
        assertThat(text("run-preview")).startsWith("E4 F♯4 G4");
        clickOn("#run-along").push(KeyCode.CONTROL, KeyCode.A).write("Em7");
        assertThat(text("run-preview")).startsWith("E4 G4 B4 D5");
        push(KeyCode.CONTROL, KeyCode.A).write("nothing such");
        assertThat(text("run-preview")).contains("as in E minor pentatonic or Em7");
        type("run-along", "B7");
        assertThat(isShown("run-sheet")).as("with nothing wrong Enter puts it in").isFalse();
        assertThat(chosen().line().notes()).hasSize(8).first().satisfies(note -> assertThat(note.start()).isEqualTo(1920));
        assertThat(session.selection().notes().get()).hasSize(8);
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(session.song().part(tune).line().isEmpty()).isTrue();
    }

    @Test
    void chordsAreStackedOnSingleNotesAndPlayedAtOnce() {
        interact(() -> session.selection().selectPart(session.song().parts().get(1).id()));
        addStep("Stack chords");
        assertThat(heard(chosen()).size()).isEqualTo(3 * 16);
        choose("stack-chord", 4);
        assertThat(settings(0)).containsEntry("chord", "maj7");
        assertThat(heard(chosen()).size()).isEqualTo(4 * 16);
        assertThat(isShown("stack-notes")).as("how many notes counts in the key only").isFalse();
        interact(() -> session.edit("mute", song -> song.withPart(KEYS, part -> part.withSound(part.sound().withMuted(true)))));
        click("play");
        waitUntil(() -> IntStream.range(0, output.size()).map(output::message).filter(message -> Messages.isNoteOn(message) && (message & 0xF) == 1)
                .count() >= 4);
        click("play");
        assertThat(heard(chosen()).notes().stream().filter(note -> note.start() < 100)).extracting(Note::pitch).containsExactly(40, 44, 47, 51);
    }

    @Test
    void anArpeggioBecomesBlocksAgain() {
        interact(() -> session.selection().selectPart(KEYS));
        addStep("Arpeggio");
        addStep("Block chords");
        choose("block-over", 2);
        assertThat(heard(chosen()).size()).isEqualTo(64);
        assertThat(heard(chosen()).notes()).allMatch(note -> note.start() % 1920 == 0 && note.length() == 1920);
        assertThat(changeRows().get(0)).contains("in the block, for 4 notes");
    }

    @Test
    void graceNotesStandBeforeEachNoteAndAreLeftByHand() {
        interact(() -> session.selection().selectPart(session.song().parts().get(1).id()));
        addStep("Grace notes");
        int all = heard(chosen()).size();
        assertThat(all).as("the first has no room before it").isEqualTo(31);
        choose("grace-step", 3);
        assertThat(settings(0)).containsEntry("step", "semitone");
        click("leave-all");
        assertThat(heard(chosen()).size()).isEqualTo(16);
    }

    @Test
    void aLineOfItsOwnFillsTheEmptyTuneAndTheDiceOfferOthers() {
        interact(() -> session.selection().selectPart(session.song().parts().get(3).id()));
        addStep("Line of its own");
        assertThat(heard(chosen()).size()).as("eighths of sixteen bars").isEqualTo(16 * 8);
        List<Note> first = heard(chosen()).notes();
        click("line-seed-others");
        assertThat(settings(0)).containsEntry("seed", "5");
        assertThat(heard(chosen()).notes()).isNotEqualTo(first);
        click("settle");
        assertThat(chosen().line().size()).isEqualTo(16 * 8);
        assertThat(session.results().get().outside(chosen().id())).isZero();
    }

    @Test
    void aRecipeIsAddedAtOnceKeptUnderANameAndFoundAgain() {
        interact(() -> session.selection().selectPart(KEYS));
        click("add-step");
        clickOn("#step-search").write("bass from");
        click("add-recipe-bass-from-chords");
        assertThat(chosen().steps()).hasSize(2);
        assertThat(heard(chosen()).size()).isEqualTo(16);
        click("steps-more");
        clickOn("#steps-keep");
        settle();
        clickOn("#recipe-name").write("My low end");
        clickOn("#recipe-meaning").write("deep").push(KeyCode.ENTER);
        waitUntil(() -> text("status").contains("Kept as “My low end”"));
        assertThat(appFolder.resolve("recipes/My low end.txt")).content().startsWith("# deep\npick not lowest\nchance what=out\n");
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(chosen().steps()).as("undone as one").isEmpty();
        click("add-step");
        clickOn("#step-search").write("deep");
        click("add-recipe-My-low-end");
        assertThat(heard(chosen()).size()).isEqualTo(16);
    }

    @Test
    void velocitiesTimeAndChanceAreShapedInTheWindow() {
        interact(() -> session.selection().selectPart(session.song().parts().get(1).id()));
        addStep("Touch");
        choose("touch-way", 3);
        type("touch-shape", "0:40,100:120");
        assertThat(heard(chosen()).notes().get(0).velocity()).isEqualTo(40);
        assertThat(heard(chosen()).notes().get(15).velocity()).isEqualTo(120);
        addStep("Loosen");
        type("loosen-onset", "60ms");
        assertThat(heard(chosen()).notes()).isNotEqualTo(session.results().get().part(chosen().id()).stages().get(0).outcome().out().notes());
        addStep("Deal again");
        choose("deal-way", 1);
        assertThat(heard(chosen()).notes()).extracting(Note::pitch).startsWith(40, 35, 40, 33);
        addStep("Push and pull");
        type("push-pull-points", "50:25");
        assertThat(settings(3)).containsEntry("points", "0:0,50:25,100:100");
        addStep("Chance");
        assertThat(heard(chosen()).notes()).allMatch(note -> note.pitch() >= 60 && note.pitch() <= 72);
    }

    @Test
    void aShapeIsDrawnByTheMouseAndByKeys() {
        interact(() -> session.selection().selectPart(session.song().parts().get(1).id()));
        addStep("Touch");
        choose("touch-way", 3);
        assertThat(settings(0)).containsEntry("shape", "0:64,100:64");
        // From a place in the middle, which becomes a point, upward.
        drag("#touch-shape-picture").moveBy(0, -34).drop();
        settle();
        assertThat(settings(0).get("shape")).startsWith("0:64,50:1").endsWith(",100:64");
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(settings(0)).containsEntry("shape", "0:64,100:64");
        clickOn("#touch-shape-picture").push(KeyCode.UP);
        settle();
        assertThat(settings(0).get("shape")).matches("0:64,50:6\\d,100:64");
        interact(() -> lookup("#touch-shape-picture").query().requestFocus());
        push(KeyCode.DELETE);
        settle();
        assertThat(settings(0).get("shape")).startsWith("0:64,").doesNotContain("50:");
        click("touch-shape-shapes");
        clickOn("#touch-shape-swell");
        settle();
        assertThat(settings(0)).containsEntry("shape", "0:60,60:112,100:64");
    }
}
