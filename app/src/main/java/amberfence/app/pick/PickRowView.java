package amberfence.app.pick;

import amberfence.app.theme.Choice;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.theme.Named;
import amberfence.app.words.PickNames;
import amberfence.app.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The controls of one condition: how it joins the one before, whether it must not hold, what it is, and its values. */
final class PickRowView extends VBox {
    /** @param middleC the octave of middle C, as pitches are read and written */
    PickRowView(int index, List<PickRow> all, int middleC, Consumer<List<PickRow>> onChange) {
        super(4);
        PickRow row = all.get(index);
        ToggleButton or = Controls.chip("pick-join-" + index, Words.say(row.or() ? "pick.or" : "pick.and"), row.or(),
                on -> onChange.accept(with(all, index, row.withOr(on))));
        or.setMinWidth(USE_PREF_SIZE);
        Controls.tip(or, Words.say("pick.joinTip"));
        or.setVisible(index > 0);
        or.setManaged(index > 0);
        ToggleButton not = Controls.chip("pick-not-" + index, Words.say("pick.not"), row.not(),
                on -> onChange.accept(with(all, index, row.withNot(on))));
        not.setMinWidth(USE_PREF_SIZE);
        ComboBox<PickKind> kind = Choice.of("pick-kind-" + index, List.of(PickKind.values()), row.kind(), PickKind::words,
                chosen -> onChange.accept(with(all, index, row.withKind(chosen))));
        Named.choice(kind, Words.say("named.condition", index + 1));
        kind.setMinWidth(60);
        HBox.setHgrow(kind, Priority.ALWAYS);
        Button remove = Controls.iconButton("pick-remove-" + index, Icons.CLOSE, "pick.remove", event -> {
            List<PickRow> fewer = new ArrayList<>(all);
            fewer.remove(index);
            onChange.accept(fewer);
        });
        remove.setVisible(all.size() > 1);
        remove.setManaged(all.size() > 1);
        HBox first = new HBox(4, or, not, kind, remove);
        first.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(first);
        if (!row.values().isEmpty()) {
            getChildren().add(values(index, all, row, middleC, onChange));
        }
    }

    private static HBox values(int index, List<PickRow> all, PickRow row, int middleC, Consumer<List<PickRow>> onChange) {
        HBox values = new HBox(6);
        values.setAlignment(Pos.CENTER_LEFT);
        for (int i = 0; i < row.values().size(); i++) {
            int at = i;
            boolean pitch = row.kind() == PickKind.PITCH;
            String shown = pitch ? PickNames.shownPitch(row.values().get(i), middleC) : row.values().get(i);
            TextField field = new TextField(shown);
            Runnable take = () -> onChange.accept(with(all, index, row.withValue(at, pitch
                    ? PickNames.meantPitch(field.getText(), middleC) : field.getText())));
            field.setId("pick-value-" + index + "-" + i);
            field.setPrefColumnCount(5);
            field.setOnAction(event -> take.run());
            field.focusedProperty().addListener((property, old, now) -> {
                if (!now && !field.getText().equals(shown)) {
                    take.run();
                }
            });
            if (i > 0) {
                values.getChildren().add(Controls.label("–", "soft"));
            }
            values.getChildren().add(field);
        }
        return values;
    }

    private static List<PickRow> with(List<PickRow> all, int index, PickRow row) {
        List<PickRow> changed = new ArrayList<>(all);
        changed.set(index, row);
        return changed;
    }
}
