package amberfence.app.steps;

import amberfence.app.files.RecipeCollection;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.SettingTexts;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.recipe.Recipe;
import amberfence.step.recipe.Recipes;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;

/** Adds a step: a button that opens into the list of all steps, grouped in the order of the work, with a search. */
final class StepPicker extends VBox {
    private static final double WIDTH = 224;

    private final Session session;
    private final RecipeCollection recipes;
    private List<Recipe> own = List.of();
    private final Button add;
    private final VBox list = new VBox(2);
    private final TextField search = new TextField();

    /** @param recipes one's own */
    StepPicker(Session session, RecipeCollection recipes) {
        super(6);
        this.session = session;
        this.recipes = recipes;
        add = Controls.button("add-step", "steps.add", event -> setOpen(true), "dashed");
        add.setMaxWidth(Double.MAX_VALUE);
        search.setId("step-search");
        search.setPromptText(Words.say("steps.search"));
        search.textProperty().addListener((property, old, now) -> fill());
        search.setOnAction(event -> list.getChildren().stream().filter(Button.class::isInstance).findFirst()
                .ifPresent(first -> ((Button) first).fire()));
        setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                setOpen(false);
                event.consume();
            }
        });
        setOpen(false);
    }

    private void setOpen(boolean open) {
        getStyleClass().remove("card");
        if (open) {
            getStyleClass().add("card");
            search.clear();
            fill();
            session.computations().ask("own recipes", recipes::recipes, read -> {
                own = read;
                fill();
            });
            getChildren().setAll(search, list);
            search.requestFocus();
        } else {
            getChildren().setAll(add);
        }
    }

    private void fill() {
        list.getChildren().clear();
        String group = "";
        for (StepSchema<?> kind : StepCatalogue.search(search.getText())) {
            if (!kind.group().title().equals(group)) {
                group = kind.group().title();
                list.getChildren().add(Controls.label(group.toUpperCase(Locale.ROOT), "heading"));
            }
            list.getChildren().add(choice("add-" + kind.name(), kind.title(), kind.meaning(), () -> choose(kind)));
        }
        List<Recipe> recipes = Stream.concat(Recipes.all().stream(), own.stream()).filter(this::isWanted).toList();
        if (!recipes.isEmpty()) {
            list.getChildren().add(Controls.label(Words.say("steps.recipes").toUpperCase(Locale.ROOT), "heading"));
        }
        for (Recipe recipe : recipes) {
            list.getChildren().add(choice("add-recipe-" + recipe.name().replace(' ', '-'), title(recipe), recipe.meaning(), () -> choose(recipe)));
        }
        if (list.getChildren().isEmpty()) {
            list.getChildren().add(Controls.label(Words.say("steps.noneFound", search.getText()), "soft"));
        }
    }

    private static Button choice(String id, String title, String meaning, Runnable action) {
        Button choose = Controls.button(id, null, event -> action.run(), "step-choice");
        choose.setMaxWidth(Double.MAX_VALUE);
        choose.setMinWidth(0);
        Label words = Controls.label(meaning, "soft", "small");
        words.setMinWidth(0);
        words.setMaxWidth(WIDTH);
        choose.setGraphic(new VBox(-2, Controls.label(title, "step-name"), words));
        Controls.tip(choose, meaning);
        choose.setAccessibleText(title);
        return choose;
    }

    /** The name as a title: {@code bass-from-chords} is shown as Bass from chords. */
    private static String title(Recipe recipe) {
        String words = recipe.name().replace('-', ' ');
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private boolean isWanted(Recipe recipe) {
        return (title(recipe) + " " + recipe.meaning()).toLowerCase(Locale.ROOT).contains(search.getText().strip().toLowerCase(Locale.ROOT));
    }

    /** All its steps at once, one edit. */
    private void choose(Recipe recipe) {
        setOpen(false);
        Integer part = session.selection().part().get();
        session.edit(Words.say("recipe.done", title(recipe)), song -> song.find(part).isEmpty() ? song : recipe.on(song, part, texts(song)));
        session.partNow().flatMap(some -> some.steps().stream().reduce((first, last) -> last)).ifPresent(last -> session.selection().openStep(last.id()));
    }

    private static SettingTexts texts(Song song) {
        return new SettingTexts(id -> song.find(id).map(Part::name).orElse(""), name -> song.parts().stream().filter(part -> part.name().equals(name))
                .findFirst().map(Part::id).orElse(-1), song.time().ticksPerQuarter());
    }

    private void choose(StepSchema<?> kind) {
        setOpen(false);
        Integer part = session.selection().part().get();
        session.addStep(part, Words.say("edit.stepAdd", kind.title()), song -> {
            Part target = song.part(part);
            return kind.usual().fitted(target.line(), Surroundings.of(song, target));
        });
    }
}
