package amberfence.theory;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.ReferenceTable;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

class ScalesTest {
    private static PitchClassSet semitones(String name) {
        return Scales.named(name).orElseThrow(() -> new AssertionError("no scale " + name)).semitones();
    }

    private static PitchClassSet set(String numbers) {
        return Scale.parseSemitones("x", numbers).semitones();
    }

    @Test
    void holdsAtLeastNinetyScalesWithDifferentNames() {
        Set<String> names = new HashSet<>();
        Scales.all().forEach(scale -> assertThat(names.add(scale.name())).as(scale.name()).isTrue());
        assertThat(names).hasSizeGreaterThanOrEqualTo(90);
    }

    /**
     * Source: scales.tsv, pitch-class sets of tonal 6.4.3 and @musodojo/music-theory-data 28.0.0. Left out are names that
     * mean different scales in different libraries (checks SCALE-09) and one that only one library has.
     */
    @Test
    void soundsAsInTwoLibraries() {
        Set<String> disputed = Set.of("flamenco", "mystery #1", "bebop minor", "minor bebop", "spanish heptatonic", "gypsy");
        int compared = 0;
        for (Map<String, String> row : ReferenceTable.rows("scales.tsv")) {
            if (!disputed.contains(row.get("name"))) {
                assertThat(Scales.sounding(set(row.get("pcs")))).as(row.get("name")).isNotEmpty();
                if (Scales.named(row.get("name")).isPresent()) {
                    assertThat(semitones(row.get("name"))).as(row.get("name")).isEqualTo(set(row.get("pcs")));
                    compared++;
                }
            }
        }
        assertThat(compared).isGreaterThan(80);
    }

    /** Source: scales-verified.tsv, 55 scales supported by two libraries; the mask has the root as bit 0. */
    @Test
    void hasTheMasksOfTheVerifiedTable() {
        ReferenceTable.rows("scales-verified.tsv").forEach(row ->
                assertThat(Scales.sounding(new PitchClassSet(Integer.parseInt(row.get("mask"))))).as(row.get("name"))
                        .isNotEmpty());
    }

    /** Source: the textbook order of modes; Kostka and Payne, Tonal Harmony; Levine, The Jazz Theory Book (from memory). */
    @Test
    void modesAreRotationsOfTheirParents() {
        assertModes("major", "dorian", "phrygian", "lydian", "mixolydian", "minor", "locrian");
        assertModes("melodic minor", "dorian b2", "lydian augmented", "lydian dominant", "mixolydian b6", "locrian #2",
                "altered");
        assertModes("harmonic minor", "locrian #6", "ionian #5", "dorian #4", "phrygian dominant", "lydian #2",
                "ultralocrian");
        assertModes("harmonic major", "dorian b5", "phrygian b4", "lydian b3", "mixolydian b2", "lydian augmented #2",
                "locrian bb7");
        assertModes("double harmonic major", "lydian #2 #6", "ultraphrygian", "hungarian minor", "oriental", "ionian #2 #5",
                "locrian bb3 bb7");
        assertModes("major pentatonic", "egyptian", "malkos raga", "ritusen", "minor pentatonic");
    }

    private static void assertModes(String parent, String... modes) {
        List<Integer> steps = semitones(parent).numbers().boxed().toList();
        for (int i = 0; i < modes.length; i++) {
            assertThat(semitones(modes[i])).as(modes[i])
                    .isEqualTo(semitones(parent).transposed(-steps.get(i + 1)));
        }
    }

    /** Source: Messiaen, Technique de mon langage musical (1944), ch. XVI: sizes and numbers of distinct transpositions. */
    @Test
    void knowsMessiaensModes() {
        int[] sizes = {6, 8, 9, 8, 6, 8, 10};
        int[] transpositions = {2, 3, 4, 6, 6, 6, 6};
        for (int mode = 1; mode <= 7; mode++) {
            PitchClassSet set = semitones("messiaen " + mode);
            Set<PitchClassSet> distinct = new HashSet<>();
            for (int n = 0; n < 12; n++) {
                distinct.add(set.transposed(n));
            }
            assertThat(set.size()).isEqualTo(sizes[mode - 1]);
            assertThat(distinct).hasSize(transpositions[mode - 1]);
        }
    }

    /** Source: the scheme of 72 parent scales (Venkatamakhin, 17th century), melakarta.tsv. */
    @Test
    void agreesWithTheParentScalesOfTheSouthIndianScheme() {
        Map<Integer, String> known = Map.of(8, "phrygian", 15, "double harmonic", 20, "minor", 21, "harmonic minor", 22,
                "dorian", 23, "melodic minor", 27, "harmonic major", 29, "major", 57, "hungarian minor", 65, "lydian");
        ReferenceTable.rows("melakarta.tsv").forEach(row -> {
            String name = known.get(Integer.parseInt(row.get("number")));
            if (name != null) {
                assertThat(semitones(name)).as(name).isEqualTo(set(row.get("pcs")));
            }
        });
    }

    @Test
    void sevenNoteScalesUseEveryDegreeNumberOnce() {
        Scales.all().stream().filter(scale -> scale.degrees().size() == 7).forEach(scale ->
                assertThat(scale.degrees()).extracting(Degree::number).as(scale.name()).containsExactly(1, 2, 3, 4, 5, 6, 7));
    }

    @Test
    void namesSynonyms() {
        assertThat(Scales.named("Ionian")).isEqualTo(Scales.named("major"));
        assertThat(Scales.named("dorian ♯4")).isEqualTo(Scales.named("Ukrainian Dorian"));
        assertThat(Scales.named("Half-Whole Diminished scale")).isEqualTo(Scales.named("octatonic"));
        assertThat(Scales.named("mixolydian flat 6")).isEqualTo(Scales.named("mixolydian b6"));
        assertThat(Scales.named("no such scale")).isEmpty();
    }

    @Test
    void refusesAnUnreadableOrDoubleRowWithItsLine() {
        assertThatThrownBy(() -> Scales.parse(List.of("== a", "one | | 1 2 3", "", "one | | 1 2")))
                .hasMessage("scales.txt, line 4: the name “one” stands twice");
        assertThatThrownBy(() -> Scales.parse(List.of("== a", "one | 1 2 3")))
                .hasMessage("scales.txt, line 2: a row is: name | synonyms | degrees, below a == group line");
        assertThatThrownBy(() -> Scales.parse(List.of("== a", "one | | 1 3 2")))
                .hasMessageContaining("line 2: the degrees of “one” must rise");
    }

    @Test
    void makesOwnScalesFromSemitoneNumbers() {
        Scale own = Scale.parseSemitones("Ferry", "0 2 3 7 8");
        assertThat(own.degreesText()).isEqualTo("1 2 ♭3 5 ♭6");
        assertThat(Scale.parseSemitones("any", "0,1,3,5,6,8,10").degreesText()).isEqualTo("1 ♭2 ♭3 4 ♭5 ♭6 ♭7");
        assertThatThrownBy(() -> Scale.parseSemitones("x", "0 12")).isInstanceOf(MusicTextException.class)
                .hasMessageContaining("“12” is no semitone number");
    }

    @Test
    void comparesEveryPitchClassSetWithAPlainSet() {
        for (int bits = 0; bits < 4096; bits++) {
            PitchClassSet set = new PitchClassSet(bits);
            Set<Integer> plain = new TreeSet<>(set.numbers().boxed().toList());
            assertThat(set.size()).isEqualTo(plain.size());
            Set<Integer> up = new TreeSet<>();
            plain.forEach(n -> up.add((n + 5) % 12));
            assertThat(new ArrayList<>(up)).isEqualTo(set.transposed(5).numbers().boxed().toList());
            assertThat(set.transposed(-7)).isEqualTo(set.transposed(5));
            assertThat(set.isSubsetOf(set)).isTrue();
            assertThat(set.isSubsetOf(new PitchClassSet(0b101010110101)))
                    .isEqualTo(Set.of(0, 2, 4, 5, 7, 9, 11).containsAll(plain));
        }
    }
}
