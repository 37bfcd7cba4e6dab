package amberfence.theory;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.ReferenceTable;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChordKindsTest {
    @Test
    void holdsMoreThanAHundredKindsEachWithItsOwnNotes() {
        assertThat(ChordKinds.all()).hasSizeGreaterThanOrEqualTo(100);
        assertThat(ChordKinds.all().stream().map(kind -> Set.copyOf(kind.tones())).distinct()).hasSameSizeAs(ChordKinds.all());
    }

    /** chords.tsv: what six libraries agree on; 73 suffixes of the core group and more. */
    @Test
    void meansWhatLibrariesAgreeOn() {
        int rows = 0;
        Set<String> unread = new TreeSet<>();
        for (Map<String, String> row : ReferenceTable.rows("chords.tsv")) {
            if (!row.get("verdict").equals("agree") || Integer.parseInt(row.get("n_libs")) < 3) {
                continue;
            }
            String suffix = row.get("suffix").equals("(empty)") ? "" : row.get("suffix");
            Set<Integer> wanted = Arrays.stream(row.get("majority_pcs").split(" ")).map(Integer::valueOf)
                    .collect(Collectors.toSet());
            try {
                Set<Integer> read = new HashSet<>(ChordKind.parse(suffix).semitones().numbers().boxed().toList());
                assertThat(read).as("C%s", suffix).isEqualTo(wanted);
                rows++;
            } catch (MusicTextException e) {
                unread.add(suffix);
            }
        }
        System.out.println("suffixes read as libraries agree: " + rows + ", not read: " + unread);
        assertThat(rows).isGreaterThan(70);
        assertThat(unread).hasSizeLessThan(5);
    }

    /** Every kind on 12 roots with every member in the bass: written and read back the same. */
    @Test
    void isReadBackAsItWasWritten() {
        for (int fifths = -5; fifths <= 6; fifths++) {
            NoteName root = NoteName.ofFifths(fifths);
            for (ChordKind kind : ChordKinds.all()) {
                for (NoteName bass : Chord.of(root, kind).names()) {
                    Chord chord = Chord.of(root, kind).withBass(bass);
                    assertThat(Chord.parse(chord.plainText())).isEqualTo(chord);
                    assertThat(Chord.parse(chord.text())).isEqualTo(chord);
                }
                kind.aliases().forEach(alias -> assertThat(Chord.parse(root.plainText() + alias).kind())
                        .as(root.plainText() + alias).isEqualTo(kind));
            }
        }
    }

    @ParameterizedTest
    @CsvSource(quoteCharacter = '`', delimiter = '|', value = {
        "Cm7 | Cm7", "C-7 | Cm7", "Cmin7 | Cm7", "CΔ | Cmaj7", "Cmaj7 | Cmaj7", "C^7 | Cmaj7", "Cø | Cø7", "C°7 | C°7",
        "C7♯9 | C7(♯9)", "C7(b9,#11) | C7(♭9,♯11)", "Csus | Csus4", "C6/9 | C6/9", "C/E | C/E", "F♯m7♭5 | F♯ø7", "Bb/D | B♭/D",
        "c | C", "C7-9 | C7(♭9)", "E7+9 | E7(♯9)", "Cb5 | C♭5", "C(b5) | C(♭5)", "Cm/maj7 | Cm(maj7)", "Em7add11 | Em7(add11)",
        "C7no5 | C7(no5)", "C 7 (b9) | C7(♭9)", "Dm9(add13) | Dm9(add13)", "F/G | F/G", "C7omit3 | C7(no3)"})
    void readsWhatPeopleWriteAndWritesItOneWay(String typed, String written) {
        assertThat(Chord.parse(typed).text()).isEqualTo(written);
        assertThat(Chord.parse(written)).isEqualTo(Chord.parse(typed));
    }

    @Test
    void spellsItsNotesByThirds() {
        assertThat(Chord.parse("D#7").names()).extracting(NoteName::text).containsExactly("D♯", "F𝄪", "A♯", "C♯");
        assertThat(Chord.parse("Cdim7").names()).extracting(NoteName::text).containsExactly("C", "E♭", "G♭", "B𝄫");
        assertThat(Chord.parse("Caug").names()).extracting(NoteName::text).containsExactly("C", "E", "G♯");
        assertThat(Chord.parse("G7/F").inversion()).isEqualTo(3);
        assertThat(Chord.parse("F/G").inversion()).isEqualTo(-1);
    }

    @Test
    void saysWhereASymbolCannotBeReadAndWhatIsNear() {
        assertThatThrownBy(() -> Chord.parse("Cmaj77")).isInstanceOfSatisfying(MusicTextException.class, e -> {
            assertThat(e).hasMessageStartingWith("“Cmaj77” cannot be read from letter 6 on, “7”; perhaps Cmaj7");
            assertThat(e.suggestions()).contains("Cmaj7");
        });
        assertThatThrownBy(() -> Chord.parse("H7")).hasMessageStartingWith("“H7” is no chord: it begins with a note A to G");
        assertThatThrownBy(() -> Chord.parse("A7/C#/E")).hasMessageContaining("cannot be read");
        assertThatThrownBy(() -> Chord.parse("")).isInstanceOf(MusicTextException.class);
    }

    @Test
    void addsAndTakesAwayMembers() {
        ChordKind major = ChordKind.parse("");
        assertThat(major.with(ChordTone.parse("b7"))).isEqualTo(ChordKind.parse("7"));
        assertThat(ChordKind.parse("maj7").with(ChordTone.parse("9"))).isEqualTo(ChordKind.parse("maj9"));
        assertThat(ChordKind.parse("7").without(5).suffix()).isEqualTo("7(no5)");
        assertThat(Chord.parse("C/G").withKind(ChordKind.parse("5")).text()).isEqualTo("C5/G");
        assertThat(Chord.parse("C/E").withKind(ChordKind.parse("sus4")).text()).isEqualTo("Csus4");
    }

    @Test
    void namesSetsOfNotesAsTheDesignSays() {
        assertThat(named("G C E Bb")).isEqualTo("C7/G");
        assertThat(named("C E G A")).isEqualTo("C6");
        assertThat(named("A C E G")).isEqualTo("Am7");
        assertThat(named("C F G")).isEqualTo("Csus4");
        assertThat(named("F G C")).isEqualTo("Fsus2");
        assertThat(named("C Eb Gb A")).isEqualTo("C°7");
        assertThat(named("A C Eb Gb")).isEqualTo("A°7");
        assertThat(named("C E G#")).isEqualTo("C+");
        assertThat(named("C E Bb")).isEqualTo("C7(no5)");
        assertThat(named("C G")).isEqualTo("C5");
    }

    /** Where one library's first answer is not what a musician would say (checks CR-03, CR-05). */
    @Test
    void prefersPlainTriadsAndSevenths() {
        assertThat(named("E G C")).isEqualTo("C/E");
        assertThat(named("E G C D")).isEqualTo("C(add9)/E");
        assertThat(named("C E G# B")).isEqualTo("Cmaj7(♯5)");
        assertThat(named("C E F G")).isEqualTo("C(add11)");
        assertThat(named("C E G Bb D F")).isEqualTo("C11");
        assertThat(named("C Eb G A D")).isEqualTo("Cm6/9");
        assertThat(named("Eb G Bb C")).isEqualTo("E♭6");
        assertThat(named("C Db")).isEqualTo("none");
    }

    private static String named(String notes) {
        List<NoteName> names = Arrays.stream(notes.split(" ")).map(NoteName::parse).toList();
        return ChordNames.best(PitchClassSet.of(names.stream().map(NoteName::pitchClass).toList()), names.get(0).pitchClass(),
                Key.parse("C major").spelling()).map(Chord::text).orElse("none");
    }

    /** Notes to reading: every kind in root position gives its own pitch classes and bass back. */
    @Test
    void aReadingHasTheNotesThatWereRead() {
        Spelling spelling = Key.parse("C major").spelling();
        for (ChordKind kind : ChordKinds.all()) {
            for (int root = 0; root < 12; root++) {
                PitchClassSet set = kind.semitones().transposed(root);
                for (PitchClass bass : set.members()) {
                    Chord read = ChordNames.best(set, bass, spelling).orElseThrow();
                    assertThat(read.pitchClasses()).as("%s on %d over %s", kind, root, bass).isEqualTo(set);
                    assertThat(read.bass().pitchClass()).isEqualTo(bass);
                }
            }
        }
    }
}
