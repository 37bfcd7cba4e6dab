package amberfence.step.move;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.ReferenceTable;
import amberfence.notes.Line;
import amberfence.step.move.MoveToKey.Way;
import amberfence.theory.Key;
import amberfence.theory.SpelledPitch;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class MoveToKeyTest {
    private static MoveToKey to(String key, Way way) {
        return new MoveToKey(Optional.empty(), Key.parse(key), way);
    }

    private static MoveToKey to(String key) {
        return to(key, Way.NEAREST);
    }

    @Test
    void carriesDegreeToDegreeBetweenScalesOfOneSize() {
        // The examples of the design.
        doing(to("C minor")).on("C4 E4 A4 B4").gives("C4 Eb4 Ab4 Bb4")
                .because("3 of C major becomes ♭3 of C minor", "6 of C major becomes ♭6 of C minor",
                        "7 of C major becomes ♭7 of C minor");
        doing(to("Eb major")).on("C4 E4 G4").gives("Eb4 G4 Bb4");
        doing(to("Eb major", Way.DOWN)).on("C4 E4 G4").gives("Eb3 G3 Bb3");
        doing(to("Eb major", Way.UP)).on("C4 E4 G4").gives("Eb4 G4 Bb4");
        doing(to("A minor")).on("C4 D4 E4 F#4").gives("A3 B3 C4 D#4");
    }

    @Test
    void sixSemitonesApartGoesUpAndTheShorterWayIsTaken() {
        doing(to("F# major")).on("C4").gives("F#4");
        doing(to("G major")).on("C4 E4").gives("G3 B3");
        doing(to("F major")).on("C4 E4").gives("F4 A4");
        doing(to("C major", Way.UP)).in("C minor").on("Eb4").gives("E4");
    }

    @Test
    void sharesDegreeNumbersBetweenScalesOfDifferentSizesAndKeepsTheLineElsewhere() {
        // C lydian to C minor pentatonic: 1 3 5 7 have their numbers there (3 to flat 3, 7 to flat 7).
        doing(to("C minor pentatonic")).in("C lydian").on("C4 E4 G4 B4").gives("C4 Eb4 G4 Bb4");
        // The 2 has no number there; C and Eb are its neighbours, and Eb would repeat the next note.
        doing(to("C minor pentatonic")).in("C lydian").on("G4 D4 E4").gives("G4 C4 Eb4");
        doing(to("C major")).in("A minor pentatonic").on("A3 C4 E4").gives("C4 E4 G4");
    }

    @Test
    void takesOutsideNotesAlongWithTheirAlteration() {
        doing(to("D major")).on("F#4 Bb4").gives("G#4 C5");
    }

    @Test
    void comesFromTheKeyThatIsNamed() {
        doing(new MoveToKey(Optional.of(Key.parse("F major")), Key.parse("G major"), Way.NEAREST)).in("C major")
                .on("F4 A4 Bb4").gives("G4 B4 C5");
    }

    @Test
    void theStepsThatFollowWorkInTheNewKey() {
        assertThat(to("F minor").following(doing(to("F minor")).around()).fence().keyAt(0)).isEqualTo(Key.parse("F minor"));
    }

    @Test
    void whatWouldLeaveMidiTakesTheNearestOctave() {
        doing(to("F major", Way.UP)).on("G9 C4").gives("C9 F4")
                .finding("the pitch wanted for G9 is outside MIDI; C9, the same note in the nearest octave, is taken");
    }

    @Test
    void relativeKeysKeepEveryPitchClassAndThereAndBackIsTheSame() {
        Line line = doing(to("A minor")).on("C4 D4 E4 F4 G4 A4 B4 F#4 Bb3").outcome().out();
        doing(new MoveToKey(Optional.of(Key.parse("A minor")), Key.parse("C major"), Way.NEAREST)).on(line)
                .gives("C4 D4 E4 F4 G4 A4 B4 F#4 Bb3");
    }

    /** keys.tsv: the scales of 30 keys as five libraries spell them; C major's degrees must land on theirs. */
    @Test
    void standsOnTheDegreesOfEveryKeyInTheTables() {
        int rows = 0;
        for (Map<String, String> row : ReferenceTable.rows("keys.tsv")) {
            check(row.get("tonic") + " " + row.get("mode"), row.get("scale_natural"));
            rows++;
            if (row.get("mode").equals("minor")) {
                check(row.get("tonic") + " harmonic minor", row.get("scale_harmonic"));
                check(row.get("tonic") + " melodic minor", row.get("scale_melodic_asc"));
            }
        }
        assertThat(rows).isEqualTo(30);
    }

    private static void check(String key, String scale) {
        List<Integer> classes = Stream.of(scale.split(" ")).map(note -> SpelledPitch.parse(note + "4").number() % 12).toList();
        Line moved = doing(to(key)).on("C4 D4 E4 F4 G4 A4 B4").outcome().out();
        assertThat(moved.notes().stream().map(note -> note.pitch() % 12).toList()).as("to %s", key).isEqualTo(classes);
    }
}
