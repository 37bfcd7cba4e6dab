package amberfence.app.hands;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.step.StepSchema;
import amberfence.step.catalogue.StepCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;

/** All steps as commands that are done once to the selected notes, grouped in the order of the work, with a search. */
final class OnceMenu {
    private final Consumer<StepSchema<?>> doOnce;
    private final Menu menu = new Menu(Words.say("hands.steps"));
    private final TextField search = new TextField();
    private final CustomMenuItem searching = new CustomMenuItem(search, false);

    /** @param doOnce opens the settings of a step */
    OnceMenu(Consumer<StepSchema<?>> doOnce) {
        this.doOnce = doOnce;
        menu.setId("hands-steps");
        search.setId("once-search");
        search.setPromptText(Words.say("steps.search"));
        search.textProperty().addListener((property, old, now) -> fill());
        search.setOnAction(event -> StepCatalogue.search(search.getText()).stream().findFirst().ifPresent(first -> {
            hide();
            doOnce.accept(first);
        }));
        menu.setOnShown(event -> search.requestFocus());
        fill();
    }

    Menu menu() {
        return menu;
    }

    private void hide() {
        for (Menu at = menu; at != null; at = at.getParentMenu()) {
            if (at.getParentPopup() != null) {
                at.getParentPopup().hide();
            }
        }
    }

    private void fill() {
        List<MenuItem> items = new ArrayList<>(List.of(searching));
        String group = "";
        for (StepSchema<?> kind : StepCatalogue.search(search.getText())) {
            if (!kind.group().title().equals(group)) {
                group = kind.group().title();
                items.add(new SeparatorMenuItem());
            }
            items.add(Controls.menuItem("once-" + kind.name(), Words.say("hands.once", kind.title()), () -> doOnce.accept(kind)));
        }
        if (menu.getItems().isEmpty()) {
            menu.getItems().setAll(items);
        } else {
            // The field keeps its place and the focus while what it finds changes.
            menu.getItems().remove(1, menu.getItems().size());
            menu.getItems().addAll(items.subList(1, items.size()));
        }
    }
}
