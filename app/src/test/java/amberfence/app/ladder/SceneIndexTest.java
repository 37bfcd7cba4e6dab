package amberfence.app.ladder;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Note;
import amberfence.result.Standing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

/** What an index takes over from the one before it is what it would have found itself. */
class SceneIndexTest {
    private static Standing standing(Random random) {
        Note was = new Note(1, random.nextInt(40), 1 + random.nextInt(20), 60, 80, 0, 64);
        Note is = random.nextInt(4) == 0 ? was.withStart(random.nextInt(40)) : was;
        return new Standing(was, Optional.of(is), Standing.Kind.INSIDE, true, Optional.empty());
    }

    private static long begin(Standing note) {
        return Math.min(note.before().start(), note.shown(false).start());
    }

    @Property
    void findsTheSameHoweverItWasMade(@ForAll int seed, @ForAll @IntRange(min = 1, max = 6) int edits) {
        Random random = new Random(seed);
        List<Standing> notes = new ArrayList<>();
        for (int i = random.nextInt(12); i > 0; i--) {
            notes.add(standing(random));
        }
        SceneIndex index = SceneIndex.EMPTY;
        for (int edit = 0; edit < edits; edit++) {
            if (!notes.isEmpty() && random.nextBoolean()) {
                notes.remove(random.nextInt(notes.size()));
            }
            notes.add(random.nextInt(notes.size() + 1), standing(random));
            boolean inOrder = random.nextBoolean();
            if (inOrder) {
                notes.sort(Comparator.comparingLong(SceneIndexTest::begin));
            }
            index = new SceneIndex(notes, index);
            assertThat(index.isInOrder()).isEqualTo(notes.equals(notes.stream().sorted(Comparator.comparingLong(SceneIndexTest::begin)).toList()));
            for (int i = 0; i < notes.size(); i++) {
                assertThat(index.begin(i)).isEqualTo(begin(notes.get(i)));
            }
            for (int tick = 0; inOrder && tick < 70; tick += 3) {
                int from = tick;
                assertThat(index.firstFrom(tick)).isEqualTo((int) notes.stream().takeWhile(note -> begin(note) < from).count());
                assertThat(index.firstAt(tick)).isEqualTo((int) notes.stream()
                        .takeWhile(note -> Math.max(note.before().end(), note.shown(false).end()) <= from).count());
            }
        }
    }
}
