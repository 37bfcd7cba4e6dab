package amberfence.step.fence;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.step.Change;
import amberfence.step.Outcome;
import amberfence.theory.Key;
import amberfence.theory.PitchClassSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** Keeping the line's shape, against a search through every choice that follows the words of the rule. */
class LineShapeTest {
    private static final String[] KEYS = {"C major", "D dorian", "A harmonic minor", "C major pentatonic", "C hirajoshi",
        "F whole tone", "E half whole diminished"};
    /** Any cost above one semitone and below two makes the same choices; the rule only says "more than a semitone". */
    private static final double LOSS = 1.5;

    /** The rule in its own words: sum of distances and losses, then leaps, then notes that went up. */
    private static double[] cost(List<Integer> before, List<Integer> after) {
        double first = 0;
        double leaps = 0;
        double ups = 0;
        for (int i = 0; i < before.size(); i++) {
            first += Math.abs(after.get(i) - before.get(i));
            ups += after.get(i) > before.get(i) ? 1 : 0;
            if (i > 0) {
                int was = before.get(i) - before.get(i - 1);
                int is = after.get(i) - after.get(i - 1);
                leaps += Math.abs(is);
                boolean repeats = was != 0 && is == 0;
                boolean splits = was == 0 && is != 0;
                boolean turns = was > 0 && is < 0 || was < 0 && is > 0;
                first += repeats || splits || turns ? LOSS : 0;
            }
        }
        return new double[] {first, leaps, ups};
    }

    private static int compare(double[] a, double[] b) {
        for (int i = 0; i < a.length; i++) {
            if (a[i] != b[i]) {
                return Double.compare(a[i], b[i]);
            }
        }
        return 0;
    }

    private static void search(List<Integer> before, PitchClassSet inside, boolean strictly, List<Integer> chosen, List<double[]> best) {
        if (chosen.size() == before.size()) {
            double[] cost = cost(before, chosen);
            if (best.isEmpty() || compare(cost, best.get(0)) < 0) {
                best.clear();
                best.add(cost);
            }
            return;
        }
        int pitch = before.get(chosen.size());
        int low = pitch;
        int high = pitch;
        while (!inside.containsPitch(low)) {
            low--;
        }
        while (!inside.containsPitch(high)) {
            high++;
        }
        boolean onlyLow = low == high || strictly && pitch - low < high - pitch;
        boolean onlyHigh = strictly && high - pitch < pitch - low;
        for (int candidate : onlyLow ? new int[] {low} : onlyHigh ? new int[] {high} : new int[] {low, high}) {
            chosen.add(candidate);
            search(before, inside, strictly, chosen, best);
            chosen.remove(chosen.size() - 1);
        }
    }

    private static Line line(List<Integer> pitches) {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < pitches.size(); i++) {
            notes.add(new Note(i + 1, i * 100L, 90, pitches.get(i), 80, 0, 64));
        }
        return new Line(notes);
    }

    @Property(tries = 3_000)
    void costsAsLittleAsTheBestOfAllChoices(@ForAll @Size(min = 2, max = 10) List<@IntRange(min = -3, max = 3) Integer> moves, @ForAll("keys") String key,
                                            @ForAll boolean strictly) {
        List<Integer> pitches = new ArrayList<>();
        int pitch = 60;
        for (int move : moves) {
            pitch += move;
            pitches.add(pitch);
        }
        Outcome outcome = Bringing.bringing(line(pitches)).in(key).to(strictly ? MoveTo.NEAREST : MoveTo.LINE_FIRST).outcome();
        List<Integer> after = outcome.out().notes().stream().map(Note::pitch).toList();
        List<double[]> best = new ArrayList<>();
        search(pitches, Key.parse(key).pitchClasses(), strictly, new ArrayList<>(), best);
        assertThat(cost(pitches, after)).as("%s in %s became %s", pitches, key, after).isEqualTo(best.get(0));
    }

    @Provide
    Arbitrary<String> keys() {
        return Arbitraries.of(KEYS);
    }

    @Property(tries = 600)
    void chordsLandOnOnePitchOnlyWhenNothingElseIsNear(@ForAll @Size(min = 2, max = 4) Set<@IntRange(min = 55, max = 69) Integer> pitches,
                                                       @ForAll @IntRange(max = 2) int which) {
        String key = KEYS[which];
        PitchClassSet inside = Key.parse(key).pitchClasses();
        List<Integer> chord = pitches.stream().sorted().toList();
        String text = chord.stream().map(p -> Key.parse("C major").spelling().pitch(p).text())
                .collect(Collectors.joining(" ", "[", "]"));
        Outcome outcome = Bringing.bringing(LineText.parse(text, 100, 0, 1)).in(key).outcome();
        List<Integer> after = outcome.out().notes().stream().map(Note::pitch).toList();
        if (canBeKeptApart(chord, inside, 0, new ArrayList<>())) {
            assertThat(after).as("%s in %s", text, key).doesNotHaveDuplicates();
            assertThat(outcome.findings()).isEmpty();
        }
    }

    private static boolean canBeKeptApart(List<Integer> chord, PitchClassSet inside, int at, List<Integer> taken) {
        if (at == chord.size()) {
            return true;
        }
        for (int pitch = chord.get(at) - 2; pitch <= chord.get(at) + 2; pitch++) {
            boolean near = inside.containsPitch(chord.get(at)) ? pitch == chord.get(at)
                    : inside.containsPitch(pitch) && Math.abs(pitch - chord.get(at)) == 1;
            if (near && !taken.contains(pitch)) {
                List<Integer> more = new ArrayList<>(taken);
                more.add(pitch);
                if (canBeKeptApart(chord, inside, at + 1, more)) {
                    return true;
                }
            }
        }
        return false;
    }

    @Property(tries = 150)
    void changesOnlyPitchesAndExplainsEveryDifference(@ForAll("notes") List<Note> notes, @ForAll("keys") String key) {
        List<Note> own = new ArrayList<>();
        notes.forEach(note -> own.add(note.withId(own.size() + 1)));
        Line in = Line.of(own);
        for (MoveTo moveTo : MoveTo.values()) {
            for (TieBreak ties : TieBreak.values()) {
                assertHonest(in, Bringing.bringing(in).in(key).to(moveTo).ties(ties));
            }
        }
    }

    @Provide
    Arbitrary<List<Note>> notes() {
        return Combinators.combine(Arbitraries.integers().between(0, 1999), Arbitraries.integers().between(1, 400), Arbitraries.integers().between(0, 127),
                Arbitraries.integers().between(1, 127), Arbitraries.integers().between(0, 1)).as((start, length, pitch, velocity, channel) ->
                new Note(1, start, length, pitch, velocity, channel, 64)).list().ofMaxSize(60);
    }

    private static void assertHonest(Line in, Bringing bringing) {
        Outcome outcome = bringing.outcome();
        assertThat(bringing.outcome()).as("repeatable").isEqualTo(outcome);
        List<Note> replayed = new ArrayList<>(in.notes());
        for (Change change : outcome.changes()) {
            assertThat(replayed.remove(change.note())).isTrue();
            change.now().ifPresent(now -> {
                assertThat(now).isEqualTo(change.note().withPitch(now.pitch()));
                replayed.add(now);
            });
        }
        assertThat(Line.of(replayed)).as("the changes tell all").isEqualTo(outcome.out());
        assertThat(outcome.out().notes()).allMatch(note -> bringing.around().fence().isInside(note));
        Outcome again = Bringing.bringing(outcome.out()).in(bringing.around().fence().keyAt(0).plainText()).outcome();
        assertThat(again.changes()).as("inside twice is inside once").isEmpty();
        assertThat(outcome.changes()).hasSize((int) in.notes().stream()
                .filter(note -> !bringing.around().fence().isInside(note)).count());
    }

    @Test
    void bringsAHundredThousandNotesInside() {
        Random random = new Random(1);
        List<Integer> pitches = random.ints(100_000, 30, 100).boxed().toList();
        Outcome outcome = Bringing.bringing(line(pitches)).in("C major").outcome();
        assertThat(outcome.out().size()).isEqualTo(100_000);
        List<Integer> outside = List.of(1, 3, 6, 8, 10);
        assertThat(outcome.changes()).hasSize((int) pitches.stream().filter(pitch -> outside.contains(pitch % 12)).count());
        assertThat(outcome.out().notes()).noneMatch(note -> outside.contains(note.pitch() % 12));
        assertThat(outcome.changes()).allMatch(change -> Math.abs(change.now().orElseThrow().pitch() - change.note().pitch()) == 1);
    }

    @Test
    void decidesClustersOfOutsideNotesInManyVoices() {
        StringBuilder chord = new StringBuilder("[");
        for (int pitch = 25; pitch < 115; pitch += 4) {
            chord.append(Key.parse("C major").spelling().pitch(pitch).text()).append(' ');
        }
        String text = chord.append("] ").toString().repeat(6);
        Outcome outcome = Bringing.bringing(text).in("C major pentatonic").outcome();
        Line before = LineText.parse(text, 1, 0, 1);
        assertThat(outcome.out().size()).isEqualTo(before.size());
        for (Note note : outcome.out().notes()) {
            assertThat(List.of(0, 2, 4, 7, 9)).contains(note.pitch() % 12);
            int old = before.note(note.id()).orElseThrow().pitch();
            assertThat(Math.abs(note.pitch() - old)).as("the gaps of the scale are three semitones wide").isLessThanOrEqualTo(2);
            assertThat(List.of(0, 2, 4, 7, 9).contains(old % 12)).as("only outside notes move").isEqualTo(note.pitch() == old);
        }
    }
}
