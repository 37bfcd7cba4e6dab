package amberfence.theory;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.ReferenceTable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class VoicingTest {
    private static final Voicing CLOSE = Voicing.of(60, 64, 67, 71);

    /** Drops of Cmaj7 (Levine, The Jazz Piano Book, 1989; Wright, Inside the Score, 1982; checks VO-01 to VO-03). */
    @Test
    void drops() {
        assertThat(CLOSE.dropped(2).pitches()).containsExactly(55, 60, 64, 71);
        assertThat(CLOSE.dropped(3).pitches()).containsExactly(52, 60, 67, 71);
        assertThat(CLOSE.dropped(2, 4).pitches()).containsExactly(48, 55, 64, 71);
        assertThat(Voicing.of(64, 67, 71, 72).dropped(2).pitches()).containsExactly(59, 64, 67, 72);
        assertThat(Voicing.of(67, 71, 72, 76).dropped(3).pitches()).containsExactly(59, 67, 72, 76);
        assertThat(Voicing.of(71, 72, 76, 79).dropped(2, 4).pitches()).containsExactly(59, 64, 72, 79);
    }

    @Test
    void invertsUpAndDownAndComesBackAnOctaveHigher() {
        assertThat(CLOSE.invertedUp().pitches()).containsExactly(64, 67, 71, 72);
        assertThat(CLOSE.invertedDown().pitches()).containsExactly(59, 60, 64, 67);
        Voicing turned = CLOSE;
        for (int i = 0; i < 4; i++) {
            turned = turned.invertedUp();
        }
        assertThat(turned).isEqualTo(CLOSE.transposed(12));
        assertThat(CLOSE.invertedUp().invertedDown()).isEqualTo(CLOSE);
    }

    @Test
    void opensClosesSpreadsFoldsDoublesAndLeavesOut() {
        assertThat(Voicing.of(60, 64, 67).opened().pitches()).containsExactly(60, 67, 76);
        assertThat(Voicing.of(60, 67, 76).closed().pitches()).containsExactly(60, 64, 67);
        assertThat(Voicing.ofSpread(Chord.parse("Cmaj7")).pitches()).containsExactly(48, 55, 64, 71);
        assertThat(Voicing.of(48, 64, 79).foldedAround(60).pitches()).containsExactly(55, 60, 64);
        assertThat(Voicing.of(60, 64, 67).doubled(0).pitches()).containsExactly(60, 64, 67, 72);
        assertThat(Voicing.of(60, 64, 67).without(1).pitches()).containsExactly(60, 67);
        assertThat(Voicing.of(60, 64, 67).withOctave(1, -1).pitches()).containsExactly(52, 60, 67);
        assertThat(Voicing.of(60, 64, 67).withTop(new PitchClass(4)).pitches()).containsExactly(55, 60, 64);
        assertThat(Voicing.of(60, 64, 67).withBottom(new PitchClass(7)).pitches()).containsExactly(55, 60, 64);
    }

    @Test
    void standsInClosePositionOnItsBass() {
        assertThat(Voicing.of(Chord.parse("C")).pitches()).containsExactly(60, 64, 67);
        assertThat(Voicing.of(Chord.parse("C/E")).pitches()).containsExactly(64, 67, 72);
        assertThat(Voicing.of(Chord.parse("F/G")).pitches()).containsExactly(55, 65, 69, 72);
        assertThat(Voicing.of(Chord.parse("C9")).pitchClasses()).isEqualTo(Chord.parse("C9").pitchClasses());
    }

    @Property(tries = 3_000)
    void everyMoveKeepsThePitchClasses(@ForAll @IntRange(min = -5, max = 6) int fifths, @ForAll("kinds") ChordKind kind, @ForAll @IntRange(min = 50, max = 69) int centre) {
        Chord chord = Chord.of(NoteName.ofFifths(fifths), kind);
        Voicing voicing = Voicing.of(chord);
        for (Voicing moved : List.of(voicing.invertedUp(), voicing.invertedDown(), voicing.dropped(2), voicing.dropped(2, 4),
                voicing.opened(), voicing.closed(), voicing.foldedAround(centre), voicing.doubled(0), Voicing.ofSpread(chord))) {
            assertThat(moved.pitchClasses()).as("%s", chord).isEqualTo(chord.pitchClasses());
        }
    }

    @Property(tries = 1_000)
    void theMotionOfASequenceIsThatOfTheVoicesOfItsPairs(@ForAll @IntRange(min = -5, max = 6) int fifths, @ForAll("kinds") ChordKind first,
                                                         @ForAll("kinds") ChordKind second) {
        Voicing from = Voicing.of(Chord.of(NoteName.ofFifths(0), first));
        Voicing to = Voicing.of(Chord.of(NoteName.ofFifths(fifths), second));
        assertThat(SmoothVoicings.motion(List.of(from, to, from)))
                .isEqualTo(VoiceMotion.of(from, to).total() + VoiceMotion.of(to, from).total());
    }

    @Provide
    Arbitrary<ChordKind> kinds() {
        return Arbitraries.of(ChordKinds.all());
    }

    @Test
    void refusesWhatIsNoVoicing() {
        assertThatThrownBy(() -> new Voicing(List.of(60, 60))).hasMessageContaining("rise from low to high");
        assertThatThrownBy(() -> new Voicing(List.of())).hasMessageContaining("at least one note");
    }

    /** Least motion between triads, in close position: C→Am 2, C→Em 1, C→Cm 1, C→F 3, C→G 3 (Tymoczko, 2006). */
    @Test
    void movesAsLittleAsPublished() {
        assertThat(least("C", "Am")).isEqualTo(2);
        assertThat(least("C", "Em")).isEqualTo(1);
        assertThat(least("C", "Cm")).isEqualTo(1);
        assertThat(least("C", "F")).isEqualTo(3);
        assertThat(least("C", "G")).isEqualTo(3);
        assertThat(least("Fm7b5", "E7")).as("the Tristan motion").isEqualTo(2);
        assertThat(least("Dm7", "G7")).isEqualTo(3);
        assertThat(least("G7", "Cmaj7")).isEqualTo(3);
    }

    private static int least(String from, String to) {
        List<Chord> chords = List.of(Chord.parse(from), Chord.parse(to));
        return SmoothVoicings.motion(SmoothVoicings.of(chords, List.of(Optional.empty(), Optional.empty()), VoicingRules.USUAL));
    }

    /** voiceleading.tsv: brute force over pitch classes; every row of chords of one size. */
    @Test
    void movesAsLittleAsTheTableOfAllPairs() {
        int rows = 0;
        for (Map<String, String> row : ReferenceTable.rows("voiceleading.tsv")) {
            Chord from = Chord.parse(row.get("from"));
            Chord to = Chord.parse(row.get("to"));
            if (from.kind().tones().size() == to.kind().tones().size() && row.get("min_bijective_L1").matches("\\d+")) {
                assertThat(least(row.get("from"), row.get("to"))).as("%s to %s", from, to)
                        .isEqualTo(Integer.parseInt(row.get("min_bijective_L1")));
                rows++;
            }
        }
        assertThat(rows).isGreaterThan(150);
    }

    private record Degree(int fifths, int kind) {
    }

    /** The smoothest voicings against every combination of allowed voicings. */
    @Property(tries = 80)
    void isAsSmoothAsTheBestOfAllCombinations(@ForAll("progressions") List<Degree> degrees, @ForAll boolean sevenths, @ForAll boolean bassFixed,
                                              @ForAll @IntRange(min = -10, max = 10) int first) {
        List<ChordKind> kinds = Stream.of("", "m", "7", "maj7").map(ChordKind::parse).toList();
        VoicingRules rules = VoicingRules.USUAL.withRange(52, 72).withBassFixed(bassFixed);
        List<Chord> chords = degrees.stream().map(degree -> Chord.of(NoteName.ofFifths(degree.fifths), kinds.get(degree.kind + (sevenths ? 2 : 0)))).toList();
        Assume.that(chords.stream().noneMatch(chord -> rules.all(chord).isEmpty()));
        List<Optional<Voicing>> fixed = new ArrayList<>(Collections.nCopies(chords.size(), Optional.empty()));
        List<Voicing> all = rules.all(chords.get(0));
        if (first >= 0) {
            fixed.set(0, Optional.of(all.get(first % all.size())));
        }
        List<Voicing> found = SmoothVoicings.of(chords, fixed, rules);
        assertThat(SmoothVoicings.motion(found)).isEqualTo(bruteForce(chords, fixed, rules, 0, null));
        fixed.get(0).ifPresent(voicing -> assertThat(found.get(0)).isEqualTo(voicing));
    }

    @Provide
    Arbitrary<List<Degree>> progressions() {
        return Combinators.combine(Arbitraries.integers().between(-5, 6), Arbitraries.integers().between(0, 1)).as(Degree::new).list().ofMinSize(2).ofMaxSize(5);
    }

    private static int bruteForce(List<Chord> chords, List<Optional<Voicing>> fixed, VoicingRules rules, int at, Voicing before) {
        if (at == chords.size()) {
            return 0;
        }
        int best = Integer.MAX_VALUE;
        for (Voicing voicing : fixed.get(at).map(List::of).orElseGet(() -> rules.all(chords.get(at)))) {
            int here = 0;
            for (int i = 0; before != null && i < voicing.size(); i++) {
                here += Math.abs(voicing.pitches().get(i) - before.pitches().get(i));
            }
            best = Math.min(best, here + bruteForce(chords, fixed, rules, at + 1, voicing));
        }
        return best;
    }

    @Test
    void keepsItsRulesOfRangeBassCountAndPedal() {
        List<Chord> chords = List.of(Chord.parse("Dm7"), Chord.parse("G7"), Chord.parse("C6/9"), Chord.parse("F/G"));
        List<Optional<Voicing>> free = Collections.nCopies(4, Optional.empty());
        VoicingRules rules = new VoicingRules(4, 50, 76, true, 12, Optional.of(38));
        List<Voicing> found = SmoothVoicings.of(chords, free, rules);
        for (int i = 0; i < 4; i++) {
            assertThat(found.get(i).size()).isEqualTo(5);
            assertThat(found.get(i).lowest()).isEqualTo(38);
            assertThat(PitchClass.of(found.get(i).pitches().get(1))).isEqualTo(chords.get(i).bass().pitchClass());
            assertThat(found.get(i).highest()).isLessThanOrEqualTo(76);
        }
    }

    /** Kostka and Payne, chapter on seventh chords: the fifth is left out first, third and seventh stay. */
    @Test
    void leavesOutTheFifthBeforeThirdAndSeventh() {
        assertThat(VoicingRules.USUAL.withVoices(3).all(Chord.parse("G7"))).isNotEmpty()
                .allMatch(voicing -> voicing.pitchClasses().equals(PitchClassSet.of(7, 11, 5)));
        assertThat(VoicingRules.USUAL.withVoices(4).all(Chord.parse("C"))).isNotEmpty()
                .allMatch(voicing -> voicing.size() == 4 && voicing.pitchClasses().equals(PitchClassSet.of(0, 4, 7)));
    }

    @Test
    void voicesOfDifferentCountsSplitAndMeet() {
        VoiceMotion motion = VoiceMotion.of(Voicing.of(60, 64, 67), Voicing.of(59, 62, 65, 67));
        assertThat(motion.moves()).hasSize(4);
        assertThat(motion.total()).isEqualTo(1 + 2 + 1);
        assertThat(VoiceMotion.of(Voicing.of(60), Voicing.of(60, 64, 67)).total()).isEqualTo(11);
    }

    /** partmotion.tsv: two voices, parallel fifths and octaves by music21j 0.23.7. */
    @Test
    void findsParallelFifthsAndOctaves() {
        int found = 0;
        for (Map<String, String> row : ReferenceTable.rows("partmotion.tsv")) {
            List<Integer> pitches = Arrays.stream(new String[] {"lower_from", "upper_from", "lower_to", "upper_to"})
                    .map(cell -> SpelledPitch.parse(row.get(cell)).number()).toList();
            boolean rising = pitches.get(0) < pitches.get(1) && pitches.get(2) < pitches.get(3);
            // Some authors count contrary motion too, and a fifth that is written as a sixth sounds like one here.
            if (!rising || !row.get("error").isEmpty() || row.get("motionType").equals("Contrary")
                    || row.get("lower_to").equals("C#4") && row.get("upper_to").equals("Ab4")) {
                continue;
            }
            List<Integer> parallels = VoiceMotion.of(Voicing.of(pitches.get(0), pitches.get(1)),
                    Voicing.of(pitches.get(2), pitches.get(3))).parallels();
            assertThat(parallels.contains(7)).as("%s", row).isEqualTo(row.get("parallelFifth").equals("true"));
            assertThat(parallels.contains(0)).as("%s", row).isEqualTo(row.get("parallelOctave").equals("true"));
            found++;
        }
        assertThat(found).isGreaterThan(10);
    }
}
