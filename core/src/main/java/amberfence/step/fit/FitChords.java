package amberfence.step.fit;

import amberfence.reading.RulingChords;
import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.step.ChordSource;
import amberfence.step.Outcome;
import amberfence.step.Setting;
import amberfence.step.Work;

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
    public Outcome apply(Line in, Setting setting) {
        if (setting.isDrums()) {
            return Work.drums(in);
        }
        Work work = new Work(in, setting);
        RulingChords ruling = source.ruling(setting);
        if (ruling.isEmpty()) {
            work.find(source.missing());
            in.notes().forEach(work::keep);
            return work.outcome();
        }
        Chordless chordless = new Chordless(source.gaps(), setting);
        HeldNotes pieces = new HeldNotes(held, ruling, setting);
        GroupFit fit = new GroupFit(bass, ruling, setting, work);
        for (Note note : in.notes()) {
            if (setting.picked().contains(note) && ruling.over(note) != RulingChords.NONE) {
                fit.add(pieces.of(note));
            } else {
                fit.sounds(note);
            }
        }
        fit.solve();
        for (Note note : in.notes()) {
            if (setting.picked().contains(note) && ruling.over(note) != RulingChords.NONE) {
                pieces.write(note, fit, work);
            } else {
                chordless.treat(note, work);
            }
        }
        chordless.report(work);
        return work.outcome();
    }
}
