package amberfence.app.changes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.collections.FXCollections;
import javafx.collections.ListChangeListener;
import javafx.collections.ObservableList;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class RowRepairTest {
    @Property(tries = 500)
    void afterwardsTheListIsTheOther(@ForAll @Size(max = 40) List<@IntRange(max = 4) Integer> before,
                                     @ForAll @Size(max = 40) List<@IntRange(max = 4) Integer> after) {
        ObservableList<Integer> rows = FXCollections.observableList(new ArrayList<>(before));
        boolean tried = RowRepair.tried(rows, after);
        assertThat(rows).isEqualTo(tried ? after : before);
    }

    @Test
    void aRowThatWentIsTakenOutAndNoOtherIsTouched() {
        ObservableList<String> rows = FXCollections.observableList(new ArrayList<>(List.of("a", "b", "c", "d", "e")));
        AtomicInteger touched = new AtomicInteger();
        rows.addListener((ListChangeListener<String>) change -> {
            while (change.next()) {
                touched.addAndGet(change.getAddedSize() + change.getRemovedSize());
            }
        });
        assertThat(RowRepair.tried(rows, List.of("a", "b", "d", "e"))).isTrue();
        assertThat(rows).containsExactly("a", "b", "d", "e");
        assertThat(touched).hasValue(1);
    }
}
