package amberfence.step.fit;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.reading.RulingChords;
import amberfence.step.ChordSource;
import amberfence.step.Outcome;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.Work;
import amberfence.step.fit.HeldNotes.Piece;
import java.util.ArrayList;
import java.util.List;

/**
 * Moves a chord part onto other chords, by time: what sounds under a chord answers to that chord, and counts need not
 * agree. What is struck together goes to the notes of the chord with the least motion, as many notes as before; see
 * {@link amberfence.theory.NearestVoicing}. Notes struck one by one under a chord (an arpeggio) are taken together, so that
 * different notes stay different.
 *
 * @param bass whether the lowest of what is struck together goes to the chord's own bass
 * @param held what becomes of notes held across a change of chord
 */
public record FitChords(ChordSource source, boolean bass, Held held) implements FitStep {
    public static final FitChords USUAL = new FitChords(ChordSource.USUAL, false, Held.KEEP);
    public static final StepSchema<FitChords> SCHEMA = FitStep.chords(StepSchema.of("fit-chords", "Fit chords", StepGroup.CHORDS,
            "Moves a chord part onto the progression, by time and with the least motion.", USUAL).touching(Touch.PITCH, Touch.COUNT, Touch.LENGTHS))
            .choice("held", "what becomes of a note held into the next chord", Held.WORDS, FitChords::held, FitChords::withHeld)
            .worded("If held", "keep to their chord", "strike again", "cut where they move")
            .flag("bass", "the lowest note takes the chord's own bass", FitChords::bass, FitChords::withBass).worded("Lowest to the bass")
            .example("notes: [C4 E4 G4]:8", "chords: | F |", "role: chords", "step: fit-chords", "becomes: [C4 F4 A4]:8");

    public FitChords {
        source = source == null ? ChordSource.USUAL : source;
        held = held == null ? Held.KEEP : held;
    }

    @Override
    public FitChords withSource(ChordSource newSource) {
        return new FitChords(newSource, bass, held);
    }

    public FitChords withBass(boolean newBass) {
        return new FitChords(source, newBass, held);
    }

    public FitChords withHeld(Held newHeld) {
        return new FitChords(source, bass, newHeld);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        return underChords(in, around, (ruling, work) -> fit(in, around, ruling, work));
    }

    private void fit(Line in, Surroundings around, RulingChords ruling, Work work) {
        Chordless chordless = new Chordless(source.gaps(), around);
        HeldNotes pieces = new HeldNotes(held, ruling, around);
        GroupFit fit = new GroupFit(bass, ruling, around, work);
        List<List<Piece>> cut = new ArrayList<>(in.size());
        for (Note note : in.notes()) {
            int chord = ruling.over(note);
            boolean fitted = around.picked().contains(note) && chord != RulingChords.NONE;
            List<Piece> of = fitted ? pieces.of(note, chord) : List.of();
            cut.add(of);
            if (fitted) {
                fit.add(of);
            } else {
                fit.sounds(note);
            }
        }
        fit.solve();
        for (int i = 0; i < cut.size(); i++) {
            if (cut.get(i).isEmpty()) {
                chordless.treat(in.notes().get(i), work);
            } else {
                pieces.write(in.notes().get(i), cut.get(i), fit, work);
            }
        }
        chordless.report(work);
    }
}
