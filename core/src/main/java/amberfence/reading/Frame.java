package amberfence.reading;

import amberfence.notes.Note;
import amberfence.theory.PitchClass;
import java.util.Comparator;
import java.util.List;

/**
 * The notes that frame a piece: lowest at the beginning and at the end, the bass note before the last, and the highest
 * at the end. Common practice, no source: a song rests on its tonic, mostly in the bass.
 */
record Frame(PitchClass first, PitchClass last, PitchClass beforeLast, PitchClass tuneEnd) {
    private static final double STARTS = 0.04;
    private static final double ENDS = 0.09;
    private static final double CADENCE = 0.03;
    private static final double TUNE_ENDS = 0.04;

    /** The frame of notes in order, of which there is at least one. */
    static Frame of(List<Note> notes) {
        long lastStart = notes.stream().mapToLong(Note::start).max().orElseThrow();
        Note first = notes.get(0);
        Note lowest = notes.stream().filter(note -> note.end() > lastStart).min(PITCH).orElseThrow();
        Note highest = notes.stream().filter(note -> note.end() > lastStart).max(PITCH).orElseThrow();
        Note before = first;
        for (Note note : notes) {
            boolean bass = note.start() < lowest.start() && Math.abs(note.pitch() - lowest.pitch()) <= 12;
            if (bass && (note.start() > before.start() || note.start() == before.start() && note.pitch() < before.pitch())) {
                before = note;
            }
        }
        return new Frame(of(first), of(lowest), of(before), of(highest));
    }

    private static final Comparator<Note> PITCH = Comparator.comparingInt(Note::pitch);

    private static PitchClass of(Note note) {
        return PitchClass.of(note.pitch());
    }

    /** Adds what speaks for a tonic, and returns what that is worth. */
    double judge(PitchClass tonic, List<KeyEvidence> evidence) {
        boolean starts = first.equals(tonic);
        boolean ends = last.equals(tonic);
        evidence.add(new KeyEvidence.BassFrame(starts, ends));
        double worth = (starts ? STARTS : 0) + (ends ? ENDS : 0);
        int approach = beforeLast.above(tonic);
        if (ends && (approach == 7 || approach == 5)) {
            evidence.add(new KeyEvidence.Cadence(beforeLast));
            worth += CADENCE;
        }
        if (tuneEnd.equals(tonic)) {
            evidence.add(new KeyEvidence.TuneEnds());
            worth += TUNE_ENDS;
        }
        return worth;
    }
}
