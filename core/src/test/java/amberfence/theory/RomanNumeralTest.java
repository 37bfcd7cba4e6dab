package amberfence.theory;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.ReferenceTable;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RomanNumeralTest {
    /** Kostka and Payne, Tonal Harmony, ch. 3–4: triads and sevenths on the degrees of the scales. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "C major | C Dm Em F G Am B° | Cmaj7 Dm7 Em7 Fmaj7 G7 Am7 Bø7",
        "A minor | Am B° C Dm Em F G | Am7 Bø7 Cmaj7 Dm7 Em7 Fmaj7 G7",
        "A harmonic minor | Am B° C+ Dm E F G♯° | Am(maj7) Bø7 Cmaj7(♯5) Dm7 E7 Fmaj7 G♯°7",
        "A melodic minor | Am Bm C+ D E F♯° G♯° | Am(maj7) Bm7 Cmaj7(♯5) D7 E7 F♯ø7 G♯ø7",
        "D dorian | Dm Em F G Am B° C | Dm7 Em7 Fmaj7 G7 Am7 Bø7 Cmaj7",
        "C harmonic major | C D° Em Fm G A♭+ B° | Cmaj7 Dø7 Em7 Fm(maj7) G7 A♭maj7(♯5) B°7"})
    void buildsTheChordsOfTheScale(String key, String triads, String sevenths) {
        KeyChords chords = KeyChords.of(Key.parse(key));
        assertThat(chords.triads()).extracting(Chord::text).containsExactly(triads.split(" "));
        assertThat(chords.sevenths()).extracting(Chord::text).containsExactly(sevenths.split(" "));
    }

    @Test
    void stacksUpToThirteenths() {
        KeyChords chords = KeyChords.of(Key.parse("C major"));
        assertThat(chords.on(2, 5).text()).isEqualTo("Dm9");
        assertThat(chords.on(2, 6).text()).isEqualTo("Dm11");
        assertThat(chords.on(5, 5).text()).isEqualTo("G9");
        assertThat(chords.on(1, 5).text()).isEqualTo("Cmaj9");
        assertThat(chords.on(2, 7).pitchClasses().size()).isEqualTo(7);
    }

    @Test
    void knowsBorrowedChordsAndAppliedDominants() {
        KeyChords chords = KeyChords.of(Key.parse("C major"));
        assertThat(chords.borrowed()).extracting(Chord::text).containsExactly("Cm", "D°", "E♭", "Fm", "Gm", "A♭", "B♭");
        // Checks RN-04: – A7 B7 C7 D7 E7 – .
        assertThat(chords.appliedDominants()).extracting(Chord::text).containsExactly("A7", "B7", "C7", "D7", "E7");
    }

    /** Kostka and Payne, chapters on inversions, secondary functions and mode mixture; checks RN-01 to RN-10. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "C major | I6 | C/E", "C major | I64 | C/G", "C major | V65 | G7/B", "C major | V43 | G7/D", "C major | V42 | G7/F",
        "C major | ii65 | Dm7/F", "C major | viiø7 | Bø7", "C major | vii°7 | B°7", "C major | IV64 | F/C",
        "C major | V7/V | D7", "C major | V65/V | D7/F♯", "C major | V7/ii | A7", "C major | vii°7/V | F♯°7",
        "C major | vii°7/vi | G♯°7", "C major | bVI | A♭", "C major | bIII | E♭", "C major | iv | Fm", "C major | ii° | D°",
        "C major | bII6 | D♭/F", "C major | I7 | C7", "C major | Imaj7 | Cmaj7", "C major | IV7 | F7", "C major | ii9 | Dm9",
        "A minor | V7 | E7", "A minor | VII | G", "A minor | vii°7 | G♯°7", "A minor | v | Em", "A minor | VI | F",
        "A minor | bVI | F", "A minor | bVII | G", "A minor | V7/iv | A7", "A minor | V7/III | G7", "A minor | vii°7/V | D♯°7",
        "D dorian | bVII | C", "D dorian | VII | C", "D dorian | IV6 | G/B", "E major | #iv° | A♯°", "C major | Vsus4 | Gsus4",
        "C major | I6/9 | C6/9"})
    void readsNumeralsInTheirKey(String key, String numeral, String chord) {
        assertThat(RomanNumeral.parse(numeral, Key.parse(key)).text()).isEqualTo(chord);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "C major | C/E | I6", "C major | G7/B | V65", "C major | D7 | V7/V", "C major | F♯°7 | vii°7/V", "C major | A♭ | ♭VI",
        "C major | Fm | iv", "C major | Cmaj7 | Imaj7", "A minor | G♯°7 | vii°7", "A minor | E7 | V7", "A minor | G | VII",
        "A minor | F | VI", "D dorian | G/B | IV6", "D dorian | Am7 | v7", "D dorian | C | VII", "C major | Dm7/C | ii42",
        "C major | B♭ | ♭VII", "A minor | B♭/D | ♭II6", "C major | F/G | IV (G)", "C major | E7 | V7/vi"})
    void writesChordsInTheirKey(String key, String chord, String numeral) {
        assertThat(RomanNumeral.of(Chord.parse(chord), Key.parse(key))).isEqualTo(numeral);
    }

    @Test
    void isReadBackAsItWasWritten() {
        for (String name : List.of("C major", "E major", "Ab major", "A minor", "F# minor", "D dorian", "G mixolydian")) {
            Key key = Key.parse(name);
            for (ChordKind kind : ChordKinds.all().subList(0, 60)) {
                for (int degree = 1; degree <= 7; degree++) {
                    for (int raise = -1; raise <= 1; raise++) {
                        NoteName own = KeyChords.of(key).note(degree);
                        Chord chord = Chord.of(new NoteName(own.letter(), own.alteration() + raise), kind);
                        String numeral = RomanNumeral.of(chord, key);
                        Chord back = RomanNumeral.parse(numeral, key);
                        assertThat(back.pitchClasses()).as("%s in %s is %s", chord, key, numeral).isEqualTo(chord.pitchClasses());
                        assertThat(back.root().pitchClass()).isEqualTo(chord.root().pitchClass());
                    }
                }
            }
        }
    }

    /** roman.tsv: rows on which music21j 0.23.7 and tonal 6.4.3 agree by spelled notes and bass. */
    @Test
    void agreesWithTwoLibraries() {
        int same = 0;
        Set<String> different = new TreeSet<>();
        for (Map<String, String> row : ReferenceTable.rows("roman.tsv")) {
            if (!row.get("verdict").equals("same")) {
                continue;
            }
            Key key = Key.parse(row.get("tonic") + " " + row.get("mode"));
            String figure = row.get("figure");
            try {
                Chord chord = RomanNumeral.parse(figure, key);
                Set<Integer> wanted = Arrays.stream(row.get("pcs").split(" ")).map(Integer::valueOf).collect(Collectors.toSet());
                boolean right = chord.pitchClasses().numbers().boxed().collect(Collectors.toSet()).equals(wanted)
                        && chord.bass().pitchClass().equals(NoteName.parse(row.get("bass").replace("-", "b")).pitchClass());
                if (right) {
                    same++;
                } else {
                    different.add(figure + " in " + row.get("mode"));
                }
            } catch (MusicTextException e) {
                different.add(figure + " not read");
            }
        }
        System.out.println("numerals as two libraries have them: " + same + ", other: " + different);
        assertThat(same).isGreaterThan(450);
    }

    @Test
    void saysWhatIsNoNumeral() {
        assertThatThrownBy(() -> RomanNumeral.parse("X7", Key.parse("C major"))).hasMessageContaining("is no Roman numeral");
        assertThatThrownBy(() -> RomanNumeral.parse("V99", Key.parse("C major"))).hasMessage("“V99”: behind a numeral stands a kind of chord, as in ii7, V65 or vii°7, not “99”");
    }
}
