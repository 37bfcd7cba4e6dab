package amberfence.app.sheets;

import amberfence.app.session.Session;
import amberfence.app.steps.RecipeCommands;
import amberfence.app.theme.Controls;
import amberfence.song.Part;
import amberfence.step.recipe.Recipe;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import javafx.beans.Observable;
import javafx.beans.binding.Bindings;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;

/** For which parts a recipe is meant. */
public final class RecipePartsSheet {
    private RecipePartsSheet() {
    }

    public static Sheet of(Session session, RecipeCommands recipes, Recipe recipe, Runnable close) {
        List<CheckBox> boxes = new ArrayList<>();
        for (Part part : session.song().parts()) {
            CheckBox box = new CheckBox(part.name());
            box.setMnemonicParsing(false);
            box.setId("recipe-part-" + part.id());
            box.setUserData(part.id());
            box.setSelected(Integer.valueOf(part.id()).equals(session.selection().part().get()));
            boxes.add(box);
        }
        VBox list = new VBox(8);
        list.getChildren().setAll(boxes);
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(Math.min(300, 30 * Math.max(2, boxes.size())));
        Button take = Controls.button("recipe-parts-take", "recipe.take.parts", event -> {
            Set<Integer> parts = new TreeSet<>();
            boxes.stream().filter(CheckBox::isSelected).forEach(box -> parts.add((Integer) box.getUserData()));
            close.run();
            recipes.onParts(recipe, parts);
        }, "primary");
        take.setDefaultButton(true);
        return new Sheet("recipe-parts-sheet", recipe.title(), recipe.meaningWords(), scroll, 420, close,
                Controls.button("recipe-parts-cancel", "sheet.cancel", event -> close.run()), Controls.disabledWhen(take,
                        Bindings.createBooleanBinding(() -> boxes.stream().noneMatch(CheckBox::isSelected),
                                boxes.stream().map(CheckBox::selectedProperty).toArray(Observable[]::new)), "recipe.noPart"));
    }
}
