package amberfence.step.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.demo.LanternFerry;
import amberfence.demo.SaltStair;
import amberfence.edit.RecipeEdits;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Finding;
import amberfence.step.SettingTexts;
import amberfence.step.pick.Pick;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class RecipeTest {
    @Test
    void readsStepsPicksAndComments() {
        Recipe recipe = Recipe.parse("low", "# Low and short.\n\npick lowest\nmove by=octaves amount=-1\npick all\n# later\nlengths how=staccato amount=60%\n");
        assertThat(recipe.meaning()).isEqualTo("Low and short.");
        assertThat(recipe.steps()).extracting(entry -> entry.step().schema().name()).containsExactly("move", "lengths");
        assertThat(recipe.steps().get(0).pick()).isPresent();
        assertThat(recipe.steps().get(1).pick()).isEmpty();
    }

    @Test
    void everyReadyMadeOneComesBackFromItsTextAndSaysWhatItDoes() {
        assertThat(Recipes.all()).hasSizeGreaterThan(12);
        for (Recipe recipe : Recipes.all()) {
            assertThat(recipe.meaning()).isNotBlank();
            assertThat(Recipe.parse(recipe.name(), recipe.text())).isEqualTo(recipe);
        }
    }

    @Test
    void everyReadyMadeOneDoesSomethingToADemo() {
        for (Recipe recipe : Recipes.all()) {
            boolean does = false;
            for (Song song : List.of(SaltStair.song(), LanternFerry.song())) {
                for (Part part : song.parts()) {
                    Song with = RecipeEdits.onPart(song, part.id(), recipe);
                    PartResult result = PartResult.of(with, with.part(part.id()));
                    does |= result.stages().stream().skip(part.steps().size()).anyMatch(stage -> !stage.outcome().changes().isEmpty());
                    assertThat(result.stages()).allMatch(stage -> stage.outcome().findings().stream().noneMatch(Finding.Failed.class::isInstance));
                }
            }
            assertThat(does).as(recipe.name()).isTrue();
        }
    }

    /** The lowest of E3 G3 B3 E4 is E3; an octave down E2. */
    @Test
    void aBassComesOutOfTheChords() {
        Song song = SaltStair.plain();
        Song with = RecipeEdits.onPart(song, 0, Recipes.find("bass-from-chords").orElseThrow());
        assertThat(PartResult.of(with, with.part(0)).line().notes()).extracting(Note::pitch).hasSize(16).startsWith(40, 36, 43, 38);
    }

    @Test
    void theStepsOfAPartAreKeptAsTheyAre() {
        Song song = RecipeEdits.onPart(LanternFerry.plain(), 0, Recipes.find("octave-below").orElseThrow());
        Recipe kept = Recipe.of("mine", "doubled", song.part(0).steps(), SettingTexts.ALONE);
        assertThat(kept.text()).isEqualTo("# doubled\n" + Recipes.find("octave-below").orElseThrow().text().lines().skip(1)
                .reduce("", (all, line) -> all + line + "\n"));
        Song again = RecipeEdits.onPart(LanternFerry.plain(), 0, Recipe.parse("mine", kept.text()));
        assertThat(PartResult.of(again, again.part(0)).line()).isEqualTo(PartResult.of(song, song.part(0)).line());
    }

    /** Notes chosen one by one belong to one song. */
    @Test
    void aLimitToChosenNotesIsNotKept() {
        Song plain = LanternFerry.plain();
        Song limited = plain.plusStep(0, Recipes.find("octave-below").orElseThrow().steps().get(0).step().step(SettingTexts.ALONE),
                Optional.of(new Pick.Frozen(NoteSet.of(List.of(plain.part(0).line().at(0).id())))));
        Recipe kept = Recipe.of("mine", "", limited.part(0).steps(), SettingTexts.ALONE);
        assertThat(Recipe.parse("mine", kept.text())).isEqualTo(kept);
        assertThat(kept.steps().get(0).pick()).isEmpty();
        assertThat(Recipe.parse("mine", "pick 1 note\n" + kept.text())).as("kept by an earlier version").isEqualTo(kept);
    }

    @Test
    void whatCannotBeReadIsSaidByItsLine() {
        assertThatThrownBy(() -> Recipe.parse("x", "# fine\nmove by=octaves\nbring-outside\n")).hasMessageContaining("line 3 of the recipe: there is no step “bring-outside”");
        assertThatThrownBy(() -> Recipe.parse("x", "pick lowst\nmove")).hasMessageContaining("line 1");
        assertThatThrownBy(() -> Recipe.parse("x", "# nothing\n")).hasMessageContaining("1 to 200 steps");
    }
}
