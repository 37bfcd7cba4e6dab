package amberfence.step;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class ChangeListTest {
    private static final Line LINE = LineText.parse("C4 D4 E4 F4 G4 A4 B4 C5", 480, 0, 1);
    private static final Reason[] REASONS = {new Reason.AvoidedUnison(60, 62), new Reason.AvoidedUnison(61, 62), new Reason.LeftByHand()};

    /** Changes of every kind, by a number each, told to a builder as steps tell them, and to a plain list. */
    @Property
    void isTheListOfAllChangesHoweverEachIsKept(@ForAll @Size(max = 40) List<@IntRange(min = 0, max = 7) Integer> places, @ForAll @IntRange(min = 0, max = 5) int turn) {
        ChangeList.Builder builder = new ChangeList.Builder(LINE);
        List<Change> plain = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            Note note = LINE.at(places.get(i));
            Reason reason = REASONS[i % REASONS.length];
            switch ((i + turn) % 4) {
                case 0 -> plain.add(Change.removed(note, reason));
                case 1 -> plain.add(Change.made(Optional.of(note), note.withId(-1 - i).withPitch(30), reason));
                default -> {
                    plain.add(Change.moved(note, note.withPitch(90 + i % 3), reason));
                    builder.move(places.get(i), 90 + i % 3, reason);
                    continue;
                }
            }
            builder.add(plain.get(i));
        }
        List<Change> changes = builder.build();
        assertThat(changes).isEqualTo(plain).hasSameHashCodeAs(plain);
        assertThat(ChangeList.copyOf(changes)).isSameAs(changes);
        assertThat(ChangeList.made(changes)).isEqualTo((int) plain.stream().filter(Change::isMade).count()).isEqualTo(ChangeList.made(plain));
    }

    @Test
    void cannotBeChanged() {
        ChangeList.Builder builder = new ChangeList.Builder(LINE);
        builder.move(0, 61, REASONS[0]);
        List<Change> changes = builder.build();
        builder.move(1, 61, REASONS[0]);
        assertThat(changes).containsExactly(Change.moved(LINE.at(0), LINE.at(0).withPitch(61), REASONS[0]));
        assertThatThrownBy(() -> changes.remove(0)).isInstanceOf(UnsupportedOperationException.class);
    }
}
