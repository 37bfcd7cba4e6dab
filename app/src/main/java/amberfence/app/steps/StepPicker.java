package amberfence.app.steps;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.song.Part;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.catalogue.StepCatalogue;
import java.util.Locale;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;

/** Adds a step: a button that opens into the list of all steps, grouped in the order of the work, with a search. */
final class StepPicker extends VBox {
    private static final double WIDTH = 224;

    private final Session session;
    private final Button add;
    private final VBox list = new VBox(2);
    private final TextField search = new TextField();

    StepPicker(Session session) {
        super(6);
        this.session = session;
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
            Button choose = Controls.button("add-" + kind.name(), null, event -> choose(kind), "step-choice");
            choose.setMaxWidth(Double.MAX_VALUE);
            choose.setMinWidth(0);
            Label meaning = Controls.label(kind.meaning(), "soft", "small");
            meaning.setMinWidth(0);
            meaning.setMaxWidth(WIDTH);
            VBox texts = new VBox(-2, Controls.label(kind.title(), "step-name"), meaning);
            Controls.tip(choose, kind.meaning());
            choose.setGraphic(texts);
            choose.setAccessibleText(kind.title());
            list.getChildren().add(choose);
        }
        if (list.getChildren().isEmpty()) {
            list.getChildren().add(Controls.label(Words.say("steps.noneFound", search.getText()), "soft"));
        }
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
