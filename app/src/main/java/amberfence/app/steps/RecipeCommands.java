package amberfence.app.steps;

import amberfence.app.files.RecipeCollection;
import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.edit.RecipeEdits;
import amberfence.step.recipe.Recipe;
import amberfence.step.recipe.Recipes;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** What can be done with recipes: for the part, for several, for the selected notes, by a key of their own. */
public final class RecipeCommands {
    /** Alt with 1 to 9. */
    public static final int KEYS = 9;
    private final Session session;
    private final NoteCommands notes;
    private final RecipeCollection collection;
    private List<Recipe> own = List.of();

    public RecipeCommands(Session session, NoteCommands notes, RecipeCollection collection) {
        this.session = session;
        this.notes = notes;
        this.collection = collection;
        readOwn(() -> { });
    }

    /** Reads one's own recipes anew. */
    public void readOwn(Runnable then) {
        session.computations().ask("own recipes", collection::recipes, read -> {
            own = read;
            then.run();
        });
    }

    /** Those that ship, then one's own. */
    public List<Recipe> all() {
        List<Recipe> all = new ArrayList<>(Recipes.all());
        all.addAll(own);
        return all;
    }

    /** All its steps at once, one edit, in the selected part. */
    public void apply(Recipe recipe) {
        Integer part = session.selection().part().get();
        if (part != null) {
            onParts(recipe, Set.of(part));
        }
    }

    public void onParts(Recipe recipe, Collection<Integer> parts) {
        session.edit(Words.say("recipe.done", recipe.title()), song -> RecipeEdits.onParts(song, parts, recipe));
        session.partNow().flatMap(some -> some.steps().stream().reduce((first, last) -> last)).ifPresent(last -> session.selection().openStep(last.id()));
    }

    /** For the selected notes only: as steps, or once. */
    public void onNotes(Recipe recipe, boolean once) {
        if (once) {
            notes.recipeOnce(recipe.title(), recipe);
        } else {
            notes.recipe(recipe.title(), recipe);
        }
    }

    private static String preference(int key) {
        return "recipe-key-" + key;
    }

    /** The digit that stands for a recipe, with Alt. */
    public Optional<Integer> keyOf(Recipe recipe) {
        return IntStream.rangeClosed(1, KEYS).filter(key -> session.preferences().text(preference(key), "").equals(recipe.name())).boxed().findFirst();
    }

    /** Gives a recipe a key, or none; a key has one recipe. */
    public void giveKey(Recipe recipe, Optional<Integer> key) {
        keyOf(recipe).ifPresent(old -> session.preferences().keep(preference(old), ""));
        key.ifPresent(fresh -> session.preferences().keep(preference(fresh), recipe.name()));
    }

    /** Puts the recipe of a key to use: to the selected notes when there are some, else to the part. Says whether there is one. */
    public boolean byKey(int key) {
        String name = session.preferences().text(preference(key), "");
        Optional<Recipe> recipe = all().stream().filter(some -> some.name().equals(name)).findFirst();
        recipe.ifPresent(some -> {
            if (session.selection().notes().get().isEmpty()) {
                apply(some);
            } else {
                onNotes(some, false);
            }
        });
        return recipe.isPresent();
    }

    Optional<Path> draggedOut(Recipe recipe) {
        return collection.draggedOut(recipe);
    }
}
