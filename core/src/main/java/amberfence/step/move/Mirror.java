package amberfence.step.move;

import static java.util.Map.entry;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.step.Finding;
import amberfence.step.Outcome;
import amberfence.step.SettingValues;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import amberfence.theory.KeyLadder;
import amberfence.theory.Octaves;
import amberfence.theory.Range;

/**
 * Mirrors notes about a pitch: what lay above lies as far below. Exactly, by semitones; or by degrees, where a raised
 * note becomes a lowered one (tonal inversion).
 *
 * @param axis the MIDI pitch that stays where it is; by degrees, the rung of its degree
 */
public record Mirror(int axis, boolean byDegrees) implements Step {
    /** By degrees about middle C. */
    public static final Mirror USUAL = new Mirror(60, true);
    public static final StepSchema<Mirror> SCHEMA = StepSchema.of("mirror", "Mirror", StepGroup.PITCH,
            "Turns a line upside down about a note, exactly or by degrees.", USUAL).live().needingKey(Mirror::byDegrees)
            .pitch("about", "the pitch that stays", Mirror::axis, (step, axis) -> new Mirror(axis, step.byDegrees)).worded("About")
            .choice("along", "what is counted from it", SettingValues.words(entry("degrees", true), entry("semitones", false)), Mirror::byDegrees,
                    (step, degrees) -> new Mirror(step.axis, degrees)).worded("Along", "the scale", "semitones")
            .example("notes: E4 F4 G4 C4", "step: mirror about=E4 along=degrees", "becomes: E4 D4 C4 G4");

    public Mirror {
        Range.PITCH.check(axis);
    }

    /** About the first note. */
    @Override
    public Mirror fitted(Line line, Surroundings around) {
        return line.isEmpty() ? this : new Mirror(line.notes().get(0).pitch(), byDegrees);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums()) {
            return Work.drums(in);
        }
        Work work = new Work(in, around);
        KeyLadders ladders = new KeyLadders(around.fence());
        for (Note note : in.notes()) {
            int wanted = byDegrees ? tonal(note.pitch(), ladders.at(note)) : 2 * axis - note.pitch();
            int taken = Octaves.within(wanted);
            work.change(note, note.withPitch(taken), new MoveReason.Mirrored(axis));
            if (taken != wanted && around.isFree(note)) {
                work.find(new Finding.OctaveBack(note, taken));
            }
        }
        return work.outcome();
    }

    private int tonal(int pitch, KeyLadder ladder) {
        KeyLadder.Place place = ladder.place(pitch);
        return ladder.pitch(new KeyLadder.Place(2 * ladder.place(axis).rung() - place.rung(), -place.alteration()));
    }
}
