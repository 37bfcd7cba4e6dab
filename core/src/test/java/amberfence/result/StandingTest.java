package amberfence.result;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.result.Standing.Kind;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Outcome;
import amberfence.step.Step;
import amberfence.step.Surroundings;
import amberfence.step.move.Move;
import amberfence.step.shape.TidyTiming;
import amberfence.theory.Key;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How notes stand after any steps: inside, outside, changed, or made by a step. */
class StandingTest {
    /** A step that adds a note an octave above each, for what no step of today does. */
    private record Doubling() implements Step {
        @Override
        public Outcome apply(Line in, Surroundings around) {
            List<Note> all = new ArrayList<>(in.notes());
            in.notes().forEach(note -> all.add(note.withPitch(note.pitch() + 12).withId(note.id() + 1000)));
            return new Outcome(Line.of(all), List.of(), List.of(), List.of(), in.size());
        }
    }

    private static List<Standing> standing(String notes, Step... steps) {
        Song song = Song.empty("x").withFence(Fence.of(KeyPlan.of(Key.parse("C major"))))
                .withParts(List.of(Part.of(0, "tune", Role.MELODY, 0, LineText.parse(notes, 250, 0, 1)))).withNextId(100);
        for (Step step : steps) {
            song = song.plusStep(0, step);
        }
        return Standing.of(song, song.part(0), PartResult.of(song, song.part(0)));
    }

    @Test
    void withNoStepsNotesAreInsideOrOutside() {
        assertThat(standing("C4 F#4")).extracting(Standing::kind).containsExactly(Kind.INSIDE, Kind.OUTSIDE);
    }

    @Test
    void whatIsKnownFromBeforeGivesTheSameAfterAnEdit() {
        Song song = Song.empty("x").withFence(Fence.of(KeyPlan.of(Key.parse("C major"))))
                .withParts(List.of(Part.of(0, "tune", Role.MELODY, 0, LineText.parse("C4 F#4 E4 G4 A4", 250, 0, 1)))).withNextId(100);
        Standing.Stood before = new Standing.Stood(song.part(0).line(), Standing.of(song, song.part(0), PartResult.of(song, song.part(0))));
        for (String after : List.of("C4 F4 E4 G4 A4", "C4 G#4 F#4 E4", "C#4 F#4 E4 G4 A4 A#4 B4")) {
            Song edited = song.withPart(0, part -> part.withTake(take -> take.withLine(LineText.parse(after, 250, 0, 1))));
            PartResult result = PartResult.of(edited, edited.part(0));
            assertThat(Standing.of(edited, edited.part(0), result, before)).as(after).isEqualTo(Standing.of(edited, edited.part(0), result));
        }
        List<Standing> again = Standing.of(song, song.part(0), PartResult.of(song, song.part(0)), before);
        assertThat(again.get(1)).as("what is the same is not worked out anew").isSameAs(before.standings().get(1));
    }

    @Test
    void aMovedNoteMayStandOutside() {
        List<Standing> moved = standing("C4 E4 F#4", new Move(Move.Unit.SEMITONES, 1));
        assertThat(moved).extracting(Standing::kind).containsExactly(Kind.CHANGED, Kind.CHANGED, Kind.MOVED);
        assertThat(moved).extracting(Standing::isAfterInside).containsExactly(false, true, true);
    }

    @Test
    void whatComesBackToWhereItWasIsNotChanged() {
        assertThat(standing("C4", new Move(Move.Unit.OCTAVES, 1), new Move(Move.Unit.OCTAVES, -1)))
                .extracting(Standing::kind).containsExactly(Kind.INSIDE);
    }

    @Test
    void aNoteMovedInTimeIsShownWhereItIsHeard() {
        Standing second = standing("C4 D4", TidyTiming.USUAL).get(1);
        assertThat(second.kind()).isEqualTo(Kind.CHANGED);
        assertThat(second.shown(false).start()).isEqualTo(240);
        assertThat(second.shown(true).start()).isEqualTo(250);
    }

    @Test
    void whatAStepMadeHasNoNoteBehindIt() {
        List<Standing> all = standing("C4 D4", new Doubling());
        assertThat(all).extracting(Standing::kind).containsExactly(Kind.INSIDE, Kind.INSIDE, Kind.MADE, Kind.MADE);
        assertThat(all.get(2).before().pitch()).isEqualTo(72);
    }
}
