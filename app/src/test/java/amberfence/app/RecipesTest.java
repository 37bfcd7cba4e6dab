package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.files.AppFolder;
import amberfence.app.files.RecipeCollection;
import amberfence.demo.LanternFerry;
import amberfence.notes.Note;
import amberfence.song.Song;
import amberfence.step.StepSlot;
import amberfence.step.catalogue.StepCatalogue;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Recipes for several parts, for selected notes, by a key, and from a text file. */
class RecipesTest extends WindowTest {
    @Override
    protected Song song() {
        return LanternFerry.plain();
    }

    private void more(String recipe, String item) {
        click("add-step");
        clickOn("#step-search").write(recipe.replace('-', ' '));
        settle();
        click("recipe-more-" + recipe);
        clickOn("#" + item);
        settle();
    }

    private List<String> steps(int part) {
        return session.song().part(part).steps().stream().map(slot -> StepCatalogue.of(slot.step()).name()).toList();
    }

    private Set<Long> firstThree() {
        return session.song().part(0).line().notes().stream().limit(3).map(Note::id).collect(Collectors.toSet());
    }

    @Test
    void goesToSeveralPartsAndIsUndoneAsOne() {
        more("second-voice", "recipe-parts");
        assertThat(isShown("recipe-parts-sheet")).isTrue();
        click("recipe-part-2");
        click("recipe-parts-take");
        settle();
        assertThat(steps(0)).containsExactly("harmony", "bring-inside");
        assertThat(steps(2)).containsExactly("harmony", "bring-inside");
        assertThat(steps(1)).isEmpty();
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(steps(0)).isEmpty();
        assertThat(steps(2)).isEmpty();
    }

    @Test
    void isForTheSelectedNotesOnlyAsSteps() {
        Set<Long> chosen = firstThree();
        interact(() -> session.selection().selectNotes(chosen));
        more("second-voice", "recipe-notes");
        assertThat(steps(0)).containsExactly("harmony", "bring-inside");
        assertThat(session.song().part(0).steps()).allMatch(slot -> slot.limit().isPresent());
        assertThat(session.results().get().part(0).line().size()).isEqualTo(song().part(0).line().size() + 3);
    }

    /** Its steps are kept, and what belongs to this song is not, which is said before. */
    @Test
    void isKeptWithoutALimitToChosenNotes() {
        interact(() -> session.selection().selectNotes(firstThree()));
        more("second-voice", "recipe-notes");
        click("steps-more");
        clickOn("#steps-keep");
        settle();
        assertThat(isShown("recipe-limits")).isTrue();
        clickOn("#recipe-name").write("Mine").push(KeyCode.ENTER);
        waitUntil(() -> text("status").contains("Kept as “Mine”"));
        assertThat(new RecipeCollection(new AppFolder(appFolder)).recipes()).filteredOn(recipe -> recipe.name().equals("Mine")).singleElement()
                .satisfies(recipe -> assertThat(recipe.steps()).hasSize(2).allMatch(entry -> entry.pick().isEmpty()));
    }

    @Test
    void isDoneOnceToTheSelectedNotesAndWhatItMadeIsWorkedOnToo() {
        int size = song().part(0).line().size();
        interact(() -> session.selection().selectNotes(firstThree()));
        more("second-voice", "recipe-once");
        assertThat(steps(0)).as("no step stays").isEmpty();
        assertThat(session.song().part(0).line().size()).isEqualTo(size + 3);
        assertThat(session.song().part(0).line().notes()).allMatch(note -> note.id() > 0);
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(session.song().part(0).line().size()).isEqualTo(size);
    }

    @Test
    void hasAKeyIfOneGivesItOne() {
        click("add-step");
        clickOn("#step-search").write("like a hand");
        settle();
        click("recipe-more-like-a-hand");
        clickOn("#recipe-key");
        clickOn("#recipe-key-3");
        push(KeyCode.ESCAPE);
        interact(() -> lookup("#ladder").query().requestFocus());
        push(KeyCode.ALT, KeyCode.DIGIT3);
        settle();
        assertThat(steps(0)).containsExactly("loosen");
        push(KeyCode.ALT, KeyCode.DIGIT4);
        settle();
        assertThat(steps(0)).as("that key has none").hasSize(1);
    }

    @Test
    void aTextFileThatIsDroppedIsKeptAndOneThatIsNoneIsRefusedInASentence() throws Exception {
        Path file = Files.writeString(folder.resolve("up and softer.txt"), "# Up and softer\nmove by=octaves amount=1\ntouch way=share share=70%\n");
        RecipeCollection collection = new RecipeCollection(new AppFolder(appFolder));
        interact(() -> workspace.files().keep(collection, file));
        waitUntil(() -> text("status").contains("up and softer"));
        assertThat(collection.recipes()).extracting(recipe -> recipe.name()).contains("up and softer");
        click("add-step");
        clickOn("#step-search").write("up and softer");
        waitUntil(() -> lookup("#add-recipe-up-and-softer").tryQuery().isPresent());
        click("add-recipe-up-and-softer");
        settle();
        assertThat(steps(0)).containsExactly("move", "touch");
        assertThat(session.song().part(0).steps()).allMatch(StepSlot::on);
        Path wrong = Files.writeString(folder.resolve("wrong.txt"), "levitate height=3\n");
        interact(() -> workspace.files().keep(collection, wrong));
        assertThat(text("status")).contains("wrong.txt").contains("line 1");
        assertThat(collection.draggedOut(collection.recipes().get(0)).map(Path::toFile)).hasValueSatisfying(out -> assertThat(out).isFile());
    }
}
