package amberfence.app.steps;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.words.Words;
import amberfence.result.SongResults;
import amberfence.song.Part;
import amberfence.step.StepSchema;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.recipe.Recipe;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Adds a step: a button that opens into the list of all steps, grouped in the order of the work, with a search. */
final class StepPicker extends VBox {
    private static final double WIDTH = 224;

    private final Session session;
    private final RecipeCommands recipes;
    private final Consumer<Recipe> onParts;
    private final Button add;
    private final VBox list = new VBox(2);
    private final TextField search = new TextField();

    /** @param onParts asks for which parts a recipe is meant */
    StepPicker(Session session, RecipeCommands recipes, Consumer<Recipe> onParts) {
        super(6);
        this.session = session;
        this.recipes = recipes;
        this.onParts = onParts;
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
            recipes.readOwn(this::fill);
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
        List<Recipe> wanted = recipes.all().stream().filter(this::isWanted).toList();
        if (!wanted.isEmpty()) {
            list.getChildren().add(Controls.label(Words.say("steps.recipes").toUpperCase(Locale.ROOT), "heading"));
        }
        wanted.forEach(recipe -> list.getChildren().add(row(recipe)));
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

    private boolean isWanted(Recipe recipe) {
        return (recipe.title() + " " + recipe.meaningWords()).toLowerCase(Locale.ROOT).contains(search.getText().strip().toLowerCase(Locale.ROOT));
    }

    private void choose(Recipe recipe) {
        setOpen(false);
        recipes.apply(recipe);
    }

    /** A recipe with what else can be done with it; it can be dragged out as a text file. */
    private HBox row(Recipe recipe) {
        String id = recipe.name().replace(' ', '-');
        Button add = choice("add-recipe-" + id, recipe.title(), recipe.meaningWords(), () -> choose(recipe));
        add.setOnDragDetected(event -> recipes.draggedOut(recipe).ifPresent(file -> {
            ClipboardContent content = new ClipboardContent();
            content.putFiles(List.of(file.toFile()));
            add.startDragAndDrop(TransferMode.COPY).setContent(content);
            event.consume();
        }));
        HBox.setHgrow(add, Priority.ALWAYS);
        HBox row = new HBox(2, add, Controls.menuButton("recipe-more-" + id, Icons.MORE, Words.say("recipe.more", recipe.title()),
                () -> items(recipe)));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private List<MenuItem> items(Recipe recipe) {
        List<MenuItem> items = new ArrayList<>();
        items.add(Controls.menuItem("recipe-parts", Words.say("recipe.onParts"), () -> {
            setOpen(false);
            onParts.accept(recipe);
        }));
        items.add(Controls.menuItem("recipe-notes", Words.say("recipe.onNotes"), () -> {
            setOpen(false);
            recipes.onNotes(recipe, false);
        }));
        items.add(Controls.menuItem("recipe-once", Words.say("recipe.once"), () -> {
            setOpen(false);
            recipes.onNotes(recipe, true);
        }));
        Menu keys = new Menu(recipes.keyOf(recipe).map(key -> Words.say("recipe.keyIs", key)).orElse(Words.say("recipe.key")));
        keys.setId("recipe-key");
        keys.getItems().add(Controls.menuItem("recipe-key-none", Words.say("recipe.noKey"), () -> recipes.giveKey(recipe, Optional.empty())));
        for (int key = 1; key <= RecipeCommands.KEYS; key++) {
            int digit = key;
            keys.getItems().add(Controls.menuItem("recipe-key-" + key, Words.say("recipe.altKey", key), () -> recipes.giveKey(recipe, Optional.of(digit))));
        }
        items.add(keys);
        return items;
    }

    private void choose(StepSchema<?> kind) {
        setOpen(false);
        Integer part = session.selection().part().get();
        session.addStep(part, Words.say("edit.stepAdd", kind.title()), song -> {
            Part target = song.part(part);
            return kind.usual().fitted(target.line(), SongResults.of(song).surroundings(target));
        });
    }
}
