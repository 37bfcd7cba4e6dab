package amberfence.app.sheets;

import amberfence.app.files.RecipeCollection;
import amberfence.app.files.SongFiles;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.edit.RecipeEdits;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.NoteChoice;
import amberfence.step.StepSlot;
import amberfence.step.recipe.Recipe;
import javafx.beans.binding.Bindings;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Asks under which name the steps of a part are kept. */
public final class RecipeSheet {
    private RecipeSheet() {
    }

    /** @param files whose lane writes it */
    public static Sheet of(Session session, RecipeCollection recipes, SongFiles files, Runnable close) {
        Song song = session.song();
        Part part = session.partNow().orElseThrow();
        TextField name = field("recipe-name");
        TextField meaning = field("recipe-meaning");
        GridPane fields = new GridPane();
        fields.setHgap(12);
        fields.setVgap(8);
        fields.addRow(0, Controls.rowLabel("recipe.name"), name);
        fields.addRow(1, Controls.rowLabel("recipe.meaning"), meaning);
        VBox content = new VBox(10, fields);
        if (part.steps().stream().anyMatch(slot -> slot.on() && slot.limit().flatMap(NoteChoice::fixed).isPresent())) {
            Label limits = Controls.paragraph(Words.say("recipe.limits"), "soft");
            limits.setId("recipe-limits");
            content.getChildren().add(limits);
        }
        Button take = Controls.button("recipe-take", "recipe.take", event -> {
            Recipe recipe = Recipe.of(name.getText().strip(), meaning.getText().strip(), part.steps(), RecipeEdits.texts(song));
            close.run();
            files.keep(recipes, recipe);
        }, "primary");
        take.setDefaultButton(true);
        long steps = part.steps().stream().filter(StepSlot::on).count();
        return new Sheet("recipe-sheet", Words.say("recipe.title"), Words.say("recipe.subtitle", Words.count("recipe.stepCount", (int) steps), part.name()), content,
                440, close, Controls.button("recipe-cancel", "sheet.cancel", event -> close.run()), Controls.disabledWhen(take,
                        Bindings.createBooleanBinding(() -> name.getText().isBlank(), name.textProperty()), "recipe.unnamed"));
    }

    private static TextField field(String id) {
        TextField field = new TextField();
        field.setId(id);
        GridPane.setHgrow(field, Priority.ALWAYS);
        return field;
    }
}
