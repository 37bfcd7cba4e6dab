package amberfence.theory;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.ReferenceTable;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NamesTest {
    /** Source: transpose.tsv, 21 notes by 26 intervals up and down; tonal, teoria, music21j and verovio agree. */
    @Test
    void addsSpelledIntervals() {
        int compared = 0;
        for (Map<String, String> row : ReferenceTable.rows("transpose.tsv")) {
            String interval = row.get("interval");
            SpelledPitch from = SpelledPitch.parse(row.get("note"));
            SpelledPitch to = interval.startsWith("-") ? from.minus(Interval.parse(interval.substring(1)))
                    : from.plus(Interval.parse(interval));
            assertThat(to).as(row.get("note") + " " + interval).isEqualTo(SpelledPitch.parse(row.get("tonal")));
            compared++;
        }
        assertThat(compared).isEqualTo(1092);
    }

    @Test
    void takesAwayWhatItAdded() {
        for (int fifths = -15; fifths <= 19; fifths++) {
            for (String interval : new String[] {"P1", "m2", "M3", "A4", "d5", "M6", "m7", "P8", "M9", "m13"}) {
                SpelledPitch pitch = SpelledPitch.of(NoteName.ofFifths(fifths), 60);
                SpelledPitch there = pitch.plus(Interval.parse(interval));
                assertThat(there.minus(Interval.parse(interval))).isEqualTo(pitch);
                assertThat(there.number() - pitch.number()).isEqualTo(Interval.parse(interval).semitones());
            }
        }
    }

    /** Source: interval sizes of any harmony textbook (checks KEY-08). */
    @ParameterizedTest
    @CsvSource({"P1,0", "m2,1", "M2,2", "A2,3", "d3,2", "m3,3", "M3,4", "d4,4", "P4,5", "A4,6", "d5,6", "P5,7", "A5,8",
        "m6,8", "M6,9", "d7,9", "m7,10", "M7,11", "P8,12", "m9,13", "M9,14", "A9,15", "P11,17", "A11,18", "m13,20", "M13,21"})
    void measuresIntervals(String interval, int semitones) {
        assertThat(Interval.parse(interval).semitones()).isEqualTo(semitones);
    }

    /** Source: Young, Terminology for logarithmic frequency units, JASA 11 (1939) 134, from memory (checks MIDI-35). */
    @Test
    void crossesTheOctaveByLetter() {
        assertThat(SpelledPitch.parse("Cb4").number()).isEqualTo(59);
        assertThat(SpelledPitch.parse("B#3").number()).isEqualTo(60);
        assertThat(SpelledPitch.parse("Cb5").number()).isEqualTo(71);
        assertThat(SpelledPitch.parse("A4").number()).isEqualTo(69);
        assertThat(SpelledPitch.parse("C-1").number()).isZero();
        assertThat(SpelledPitch.of(NoteName.parse("B#"), 60).text()).isEqualTo("B♯3");
        assertThat(SpelledPitch.parse("C-1").text()).isEqualTo("C−1");
    }

    @ParameterizedTest
    @CsvSource({
        "D dorian, D dorian", "Bb minor, B♭ minor", "F# phrygian dominant, F♯ phrygian dominant",
        "c harmonic minor, C harmonic minor", "bb minor, B♭ minor", "b minor, B minor", "B blues, B blues",
        "Am, A minor", "C#m, C♯ minor", "G, G major", "Cmaj, C major", "E flat major, E♭ major", "F sharp minor, F♯ minor",
        "E-flat mixolydian, E♭ mixolydian", "D Dorian mode, D dorian", "a aeolian, A minor", "G♭ lydian, G♭ lydian",
        "Bbbebop dominant, B♭ bebop dominant", "bebop dominant, E bebop dominant", "D 0 2 3 7 8, D own",
        "Bb b0, ", "C mel minor, C melodic minor",
    })
    void readsKeysGenerously(String typed, String read) {
        if (read == null) {
            assertThatThrownBy(() -> Key.parse(typed)).isInstanceOf(MusicTextException.class);
        } else if (typed.startsWith("bebop")) {
            assertThatThrownBy(() -> Key.parse(typed)).as("no tonic").isInstanceOf(MusicTextException.class);
        } else {
            assertThat(Key.parse(typed).text()).isEqualTo(read);
        }
    }

    @Test
    void saysWhatWasUnderstoodAndOffersTheNearest() {
        assertThatThrownBy(() -> Key.parse("D doriam")).isInstanceOfSatisfying(MusicTextException.class, e -> {
            assertThat(e).hasMessageStartingWith("“D doriam” is no key: D is understood as the tonic, but “doriam” is no "
                    + "scale known here; nearest are D dorian");
            assertThat(e.suggestions()).first().isEqualTo("D dorian");
        });
        assertThatThrownBy(() -> Key.parse("H major")).hasMessage(
                "“H major” is no key: a key begins with a note name A to G, as in D dorian");
        assertThatThrownBy(() -> Key.parse("")).isInstanceOf(MusicTextException.class);
    }

    @Test
    void everyKeyIsReadBackFromItsPlainText() {
        for (Scale scale : Scales.all()) {
            for (int fifths = -7; fifths <= 7; fifths++) {
                Key key = new Key(NoteName.ofFifths(fifths), scale);
                assertThat(Key.parse(key.plainText())).isEqualTo(key);
            }
        }
    }

    @Test
    void choosesTheTonicWithFewestAccidentals() {
        assertThat(Key.of(new PitchClass(1), Scales.MAJOR).text()).isEqualTo("D♭ major");
        assertThat(Key.of(new PitchClass(8), Scales.MINOR).text()).isEqualTo("G♯ minor");
        assertThat(Key.of(new PitchClass(10), Scales.MAJOR).text()).isEqualTo("B♭ major");
    }
}
