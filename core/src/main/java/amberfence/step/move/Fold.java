package amberfence.step.move;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.step.Outcome;
import amberfence.step.PitchRange;
import amberfence.step.SettingType;
import amberfence.step.SettingValues;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import amberfence.theory.PitchClass;
import amberfence.theory.Range;
import amberfence.words.Texts;

/**
 * Brings every note into a range by whole octaves, as few as will do. Folding twice is folding once.
 *
 * @param lowest MIDI pitch
 * @param highest MIDI pitch, at least eleven semitones above the lowest, so that every pitch class finds a place
 */
public record Fold(int lowest, int highest) implements Step {
    private static final int OCTAVE = PitchClass.COUNT;
    /** Around middle C: F♯3 to F4. */
    public static final Fold USUAL = around(60);
    public static final StepSchema<Fold> SCHEMA = StepSchema.of("fold", "Fold into a range", StepGroup.PITCH,
            "Brings notes into a range by whole octaves.", USUAL).live()
            .pitches("range", "at least twelve pitches", Fold::lowest, Fold::highest, (step, text, texts) -> {
                PitchRange range = PitchRange.parse(text);
                return new Fold(range.lowest(), range.highest());
            }).with("around", "in place of a range: the octave around a pitch", SettingType.Kind.PITCH, (step, texts) -> "",
                    (step, text, texts) -> around(SettingValues.pitch(text)))
            .worded("Octave around")
            .example("notes: A3 C4 D5 G5", "step: fold range=C4..B4", "becomes: A4 C4 D4 G4");

    public Fold {
        Range.PITCH.check(lowest);
        Range.PITCH.check(highest);
        if (highest - lowest < OCTAVE - 1) {
            throw new IllegalArgumentException(Texts.say("a range to fold into spans at least an octave, as in F#3..F4, not %s", new PitchRange(lowest, highest).text()));
        }
    }

    /** The octave around a note: from six semitones below it to five above, moved inward at the ends of MIDI. */
    public static Fold around(int centre) {
        int lowest = (int) Math.max(Range.PITCH.lowest(), Math.min(Range.PITCH.highest() - OCTAVE + 1, centre - 6));
        return new Fold(lowest, lowest + OCTAVE - 1);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums()) {
            return Work.drums(in);
        }
        Work work = new Work(in, around);
        for (Note note : in.notes()) {
            int octaves = note.pitch() < lowest ? (lowest - note.pitch() + OCTAVE - 1) / OCTAVE
                    : note.pitch() > highest ? -((note.pitch() - highest + OCTAVE - 1) / OCTAVE) : 0;
            work.change(note, note.withPitch(note.pitch() + OCTAVE * octaves), new MoveReason.Folded(octaves));
        }
        return work.outcome();
    }
}
