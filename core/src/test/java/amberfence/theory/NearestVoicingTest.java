package amberfence.theory;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.ReferenceTable;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import net.jqwik.api.constraints.UniqueElements;
import org.junit.jupiter.api.Test;

class NearestVoicingTest {
    private static List<Integer> nearest(List<Integer> from, String chord) {
        return NearestVoicing.of(from, Chord.parse(chord), false, pitch -> true);
    }

    private static int motion(List<Integer> from, List<Integer> to) {
        int sum = 0;
        for (int i = 0; i < from.size(); i++) {
            sum += Math.abs(from.get(i) - to.get(i));
        }
        return sum;
    }

    /** Every rising choice of pitches on the chord, each member at least once and only root and fifth twice. */
    private static int bruteForce(List<Integer> from, Chord chord) {
        List<Integer> members = chord.names().stream().map(name -> name.pitchClass().number()).toList();
        List<List<Integer>> all = new ArrayList<>();
        choose(new ArrayList<>(), from.size(), from.get(0) - 14, from.get(from.size() - 1) + 14, chord.pitchClasses(), all);
        int fifth = chord.kind().tone(5).map(tone -> tone.above(chord.root()).pitchClass().number()).orElse(-1);
        int root = chord.root().pitchClass().number();
        return all.stream().filter(choice -> members.stream().allMatch(member -> {
            long count = choice.stream().filter(pitch -> pitch % 12 == member).count();
            return count == 1 || count > 1 && (member == root || member == fifth);
        })).mapToInt(choice -> motion(from, choice)).min().orElseThrow();
    }

    private static void choose(List<Integer> chosen, int left, int low, int high, PitchClassSet notes, List<List<Integer>> all) {
        if (left == 0) {
            all.add(List.copyOf(chosen));
            return;
        }
        for (int pitch = low; pitch <= high; pitch++) {
            if (notes.containsPitch(pitch)) {
                chosen.add(pitch);
                choose(chosen, left - 1, pitch + 1, high, notes, all);
                chosen.remove(chosen.size() - 1);
            }
        }
    }

    @Property(tries = 400)
    void movesAsLittleAsTheBestOfAllChoices(@ForAll("chords") String symbol, @ForAll @UniqueElements @Size(5) List<@IntRange(min = 55, max = 79) Integer> pitches,
                                            @ForAll boolean doubled) {
        Chord chord = Chord.parse(symbol);
        List<Integer> from = pitches.stream().limit(chord.kind().tones().size() + (doubled ? 1 : 0)).sorted().toList();
        List<Integer> found = NearestVoicing.of(from, chord, false, pitch -> true);
        assertThat(motion(from, found)).as("%s to %s", from, chord).isEqualTo(bruteForce(from, chord));
        assertThat(found).isSorted().doesNotHaveDuplicates();
    }

    @Provide
    Arbitrary<String> chords() {
        return Arbitraries.of("C", "Fm", "Dm7", "G7", "Bb", "F#", "Ebmaj7", "A+", "Bsus4", "Gm7", "E", "Dø7");
    }

    /** voiceleading.tsv: least sum of semitones between pitch-class sets of one size, by brute force over all bijections. */
    @Test
    void reachesThePublishedDistances() {
        int compared = 0;
        for (Map<String, String> row : ReferenceTable.rows("voiceleading.tsv")) {
            Chord from = Chord.parse(row.get("from"));
            Chord to = Chord.parse(row.get("to"));
            if (from.kind().tones().size() == to.kind().tones().size()) {
                List<Integer> close = Voicing.of(from).pitches();
                assertThat(motion(close, NearestVoicing.of(close, to, false, pitch -> true))).as("%s to %s", from, to)
                        .isEqualTo(Integer.parseInt(row.get("min_bijective_L1")));
                compared++;
            }
        }
        assertThat(compared).isGreaterThan(100);
    }

    /** C to F: C stays, E to F, G to A (Tymoczko, Science 313, 2006, fig. 1; from memory). */
    @Test
    void keepsTheCommonNote() {
        assertThat(nearest(List.of(60, 64, 67), "F")).containsExactly(60, 65, 69);
    }

    /** In four voices of a seventh chord with three voices the fifth is left out (Kostka and Payne, Tonal Harmony; from memory). */
    @Test
    void leavesTheFifthOutFirstAndNeverTheThirdAndTheSeventh() {
        assertThat(nearest(List.of(60, 64, 67), "Dm7")).containsExactly(60, 62, 65);
        assertThat(nearest(List.of(60, 64, 67), "G7")).containsExactly(59, 65, 67);
    }

    @Property(tries = 100)
    void fourNotesOfAThirteenthHaveItsThirdAndItsSeventh(@ForAll @UniqueElements @Size(4) List<@IntRange(min = 50, max = 79) Integer> pitches) {
        List<Integer> from = pitches.stream().sorted().toList();
        PitchClassSet found = PitchClassSet.of(nearest(from, "C13").stream().mapToInt(pitch -> pitch).toArray());
        assertThat(found.containsPitch(4) && found.containsPitch(10)).isTrue();
    }

    @Test
    void doublesTheRootOrTheFifthWhicheverIsNearer() {
        assertThat(nearest(List.of(60, 64, 67, 72), "F")).containsExactly(60, 65, 69, 72);
        assertThat(nearest(List.of(60, 64, 67, 77), "F")).containsExactly(60, 65, 69, 77);
        assertThat(nearest(List.of(48, 55, 60, 64, 67, 72), "F")).containsExactly(48, 53, 60, 65, 69, 72);
    }

    @Test
    void putsTheChordsOwnBassLowestWhenAsked() {
        assertThat(NearestVoicing.of(List.of(60, 64, 67), Chord.parse("G/B"), true, pitch -> true)).containsExactly(59, 62, 67);
        assertThat(NearestVoicing.of(List.of(60, 64, 67, 72), Chord.parse("C/D"), true, pitch -> true).get(0) % 12).isEqualTo(2);
        assertThat(NearestVoicing.of(List.of(60), Chord.parse("G/B"), true, pitch -> true)).as("one note is no chord")
                .containsExactly(59);
    }

    @Test
    void takesNoPitchThatIsTakenAndSaysWhenThereIsNoRoom() {
        assertThat(NearestVoicing.of(List.of(60, 64, 67), Chord.parse("C"), false, pitch -> pitch != 64))
                .doesNotContain(64).hasSize(3);
        assertThat(NearestVoicing.of(List.of(0, 1, 2, 126, 127), Chord.parse("C"), false, pitch -> true)).hasSize(5);
        assertThat(NearestVoicing.of(IntStream.range(20, 100).boxed().toList(), Chord.parse("C"), false,
                pitch -> true)).isEmpty();
    }
}
