package amberfence.step.move;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.ReferenceTable;
import amberfence.notes.Role;
import amberfence.theory.Key;
import amberfence.theory.KeyLadder;
import amberfence.theory.NoteName;
import amberfence.theory.Scales;
import amberfence.theory.SpelledPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class MoveTest {
    private static Move degrees(int places) {
        return new Move(Move.Unit.DEGREES, places);
    }

    @Test
    void movesBySemitonesAndOctavesAsItSays() {
        doing(new Move(Move.Unit.SEMITONES, -3)).on("C4 F#4:2 [E4 G4]").gives("A3 D#4:2 [C#4 E4]");
        doing(new Move(Move.Unit.OCTAVES, 2)).on("C4 r B3").gives("C6 r B5").because("up 2 octaves", "up 2 octaves");
    }

    @Test
    void movesInsideNotesAlongTheScaleAndKeepsTheAlterationOfOutsideOnes() {
        // The examples of the design: C major up two degrees.
        doing(degrees(2)).on("C4 E4 B4 F#4").gives("E4 G4 D5 A#4")
                .because("up 2 degrees: 1 becomes 3", "up 2 degrees: 3 becomes 5", "up 2 degrees: 7 becomes 2",
                        "up 2 degrees: ♯4 becomes ♯6");
        doing(degrees(-1)).in("A harmonic minor").on("A4 G#4 F4").gives("G#4 F4 E4");
        doing(degrees(1)).in("C major pentatonic").on("C4 A4 F4").gives("D4 C5 G#4");
    }

    @Test
    void movesEveryNoteOrNone() {
        doing(new Move(Move.Unit.OCTAVES, 1)).on("C4 E9 C9").gives("C4 E9 C9")
                .finding("2 notes would leave the range of MIDI (0 to 127), so nothing is moved; move less far, or limit "
                        + "the step to other notes");
        doing(new Move(Move.Unit.OCTAVES, 1)).on("C4 E9 C9").onlyOn("pitch C3 to C5").gives("C5 E9 C9").finding();
        doing(degrees(-70)).on("C4").gives("C4");
    }

    @Test
    void leavesNotesByHandAndDrumsAlone() {
        doing(new Move(Move.Unit.OCTAVES, 1)).on("C4 D4").leaving(2L).gives("C5 D4");
        doing(new Move(Move.Unit.OCTAVES, 1)).on("C4 D4").as(Role.DRUMS).gives("C4 D4")
                .finding("2 drum notes are left alone: they name instruments, not pitches. Change the part's role if it is "
                        + "no drum part");
    }

    @Test
    void worksOnNothingAndOnOneNote() {
        assertThat(doing(degrees(3)).outcome().findings()).isEmpty();
        doing(degrees(0)).on("C4").gives("C4").because();
    }

    @Test
    void aPickThatFindsNothingIsTold() {
        doing(degrees(2)).on("C4 D4").onlyOn("outside").gives("C4 D4").finding("the pick to which this step is limited finds "
                + "no note; change the pick, or let the step work on all notes");
    }

    /** harmonize.tsv: 30 keys, second to octave, up and down; tonal 6.4.3 and music21j 0.23.7 agree on every row used. */
    @Test
    void standsOnTheSameDegreesAsTwoLibraries() {
        int rows = 0;
        for (Map<String, String> row : ReferenceTable.rows("harmonize.tsv")) {
            if (!row.get("music21j").equals("agree")) {
                continue;
            }
            Key key = new Key(NoteName.parse(row.get("tonic")), row.get("mode").equals("major") ? Scales.MAJOR : Scales.MINOR);
            int generic = Integer.parseInt(row.get("generic_interval"));
            int places = generic > 0 ? generic - 1 : generic + 1;
            KeyLadder ladder = KeyLadder.of(key);
            List<Integer> moved = new ArrayList<>();
            for (String pitch : row.get("scale").split(" ")) {
                moved.add(ladder.moved(SpelledPitch.parse(pitch).number(), places));
            }
            List<Integer> wanted = new ArrayList<>();
            for (String pitch : row.get("harmony_tonal").split(" ")) {
                wanted.add(SpelledPitch.parse(pitch).number());
            }
            assertThat(moved).as("%s by %d degrees", key, places).isEqualTo(wanted);
            rows++;
        }
        assertThat(rows).isGreaterThan(400);
    }

    /** Counting rungs one by one, against the ladder's arithmetic, in every scale there is. */
    @Test
    void countsRungsAsFingersWould() {
        Scales.all().forEach(scale -> {
            Key key = new Key(NoteName.parse("Eb"), scale);
            KeyLadder ladder = KeyLadder.of(key);
            for (int pitch = 40; pitch < 80; pitch++) {
                if (key.pitchClasses().containsPitch(pitch)) {
                    int counted = pitch;
                    for (int rung = 0; rung < 3; rung++) {
                        do {
                            counted++;
                        } while (!key.pitchClasses().containsPitch(counted));
                    }
                    assertThat(ladder.moved(pitch, 3)).as("%d in %s", pitch, key).isEqualTo(counted);
                    assertThat(ladder.moved(counted, -3)).isEqualTo(pitch);
                }
            }
        });
    }
}
