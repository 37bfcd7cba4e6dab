package amberfence.app.theme;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.ComboBox;
import javafx.util.StringConverter;

/** Lists from which one thing is chosen. */
public final class Choice {
    private Choice() {
    }

    /**
     * A list with one thing chosen. While it is open, keys only go through it; what holds when it closes is meant.
     *
     * @param words how a thing is written
     * @param onChoice takes another choice than the one that holds
     */
    public static <T> ComboBox<T> of(String id, List<T> values, T chosen, Function<T, String> words, Consumer<T> onChoice) {
        ComboBox<T> box = new ComboBox<>();
        box.setId(id);
        box.getItems().setAll(values);
        box.setValue(chosen);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(T value) {
                return value == null ? "" : words.apply(value);
            }

            @Override
            public T fromString(String text) {
                throw new UnsupportedOperationException("choices are not typed");
            }
        });
        // In full also where there is not room for all of it.
        Controls.tip(box, () -> box.getConverter().toString(box.getValue()));
        List<T> holds = new ArrayList<>(List.of(chosen));
        Runnable commit = () -> {
            T now = box.getValue();
            if (now != null && !now.equals(holds.get(0))) {
                holds.set(0, now);
                onChoice.accept(now);
            }
        };
        box.valueProperty().addListener((property, old, now) -> {
            if (!box.isShowing()) {
                commit.run();
            }
        });
        box.setOnHidden(event -> commit.run());
        return box;
    }

    /** The same in a form, whose column gives it its width: the list is made once somebody comes to it. */
    public static <T> ComboBox<T> inForm(String id, List<T> values, T chosen, Function<T, String> words, Consumer<T> onChoice) {
        ComboBox<T> box = of(id, values, chosen, words, onChoice);
        RestingSkin.rest(box);
        return box;
    }
}
