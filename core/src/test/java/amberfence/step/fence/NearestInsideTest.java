package amberfence.step.fence;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.ReferenceTable;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.step.Outcome;
import amberfence.theory.Key;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Scale;
import amberfence.theory.Scales;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every pitch, in every scale, on every tonic, by itself, against a search written another way. */
class NearestInsideTest {
    /** Notes far apart in time, so that no one bears on another. */
    private static Line everyPitch() {
        List<Note> notes = new ArrayList<>();
        for (int pitch = 0; pitch < 128; pitch++) {
            notes.add(new Note(pitch + 1, pitch * 1000L, 100, pitch, 80, 0, 64));
        }
        return new Line(notes);
    }

    private static int distance(int pitch, PitchClassSet inside, int direction) {
        for (int away = 0; away < 128; away++) {
            int there = pitch + direction * away;
            if (there >= 0 && there <= 127 && inside.containsPitch(there)) {
                return away;
            }
        }
        return 1000;
    }

    @ParameterizedTest
    @CsvSource({"NEAREST, DOWN", "NEAREST, UP", "UP, DOWN", "DOWN, DOWN"})
    void neverLeavesAnOutsideNoteNorMovesAnInsideOneNorGoesTooFar(MoveTo moveTo, TieBreak ties) {
        for (Scale scale : Scales.all()) {
            for (int tonic = 0; tonic < 12; tonic++) {
                Key key = Key.of(new PitchClass(tonic), scale);
                PitchClassSet inside = key.pitchClasses();
                Outcome outcome = Bringing.bringing(everyPitch()).in(key.plainText()).to(moveTo).ties(ties).outcome();
                for (int pitch = 0; pitch < 128; pitch++) {
                    int below = distance(pitch, inside, -1);
                    int above = distance(pitch, inside, 1);
                    int moved = outcome.out().notes().get(pitch).pitch() - pitch;
                    int wanted = moveTo == MoveTo.UP ? above == 1000 ? -below : above
                            : moveTo == MoveTo.DOWN ? below == 1000 ? above : -below
                            : below < above || below == above && ties == TieBreak.DOWN ? -below : above;
                    if (moved != wanted) {
                        assertThat(moved).as("%s %d", key, pitch).isEqualTo(wanted);
                    }
                }
            }
        }
    }

    @Test
    void takesTheNearestOrOneOfTwoEquallyNearWhenTheLineIsASingleNote() {
        for (Scale scale : Scales.all()) {
            for (int pitch = 40; pitch < 64; pitch++) {
                Line line = new Line(List.of(new Note(1, 0, 100, pitch, 80, 0, 64)));
                PitchClassSet inside = scale.semitones();
                int moved = Bringing.bringing(line).in("C " + scale.name()).outcome().out().notes().get(0).pitch() - pitch;
                assertThat(Math.abs(moved)).isEqualTo(Math.min(distance(pitch, inside, -1), distance(pitch, inside, 1)));
                assertThat(inside.containsPitch(pitch + moved)).isTrue();
            }
        }
    }

    /** Source: snap.tsv, distances by arithmetic on tonal 6.4.3's masks; "tie(-1/+1)" where both are equally near. */
    @Test
    void agreesWithTheTableOfShifts() {
        for (Map<String, String> row : ReferenceTable.rows("snap.tsv")) {
            Outcome down = Bringing.bringing(everyPitch()).in("C " + row.get("pcs")).ties(TieBreak.DOWN).outcome();
            Outcome up = Bringing.bringing(everyPitch()).in("C " + row.get("pcs")).ties(TieBreak.UP).outcome();
            for (String cell : row.get("nearest_shift").split(" ")) {
                int pitchClass = Integer.parseInt(cell.substring(0, cell.indexOf(':')));
                String shift = cell.substring(cell.indexOf(':') + 1);
                boolean tie = shift.startsWith("tie");
                String[] both = tie ? shift.replaceAll("tie\\((.*)\\)", "$1").split("/") : new String[] {shift, shift};
                assertThat(down.out().notes().get(60 + pitchClass).pitch() - 60 - pitchClass)
                        .as("%s %s", row.get("scale"), cell).isEqualTo(Integer.parseInt(both[0]));
                assertThat(up.out().notes().get(60 + pitchClass).pitch() - 60 - pitchClass)
                        .as("%s %s", row.get("scale"), cell).isEqualTo(Integer.parseInt(both[1].replace("+", "")));
            }
        }
    }
}
