package amberfence.reading;

import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.theory.PitchClass;
import java.util.Comparator;
import java.util.List;

/**
 * The notes that frame a piece: lowest at the beginning and at the end, the bass note before the last, and the highest
 * at the end. Common practice, no source: a song rests on its tonic, mostly in the bass; where the bass goes round and round
 * without coming home, on the note from which it goes.
 *
 * @param beforeLast the last bass note before the last that is another one, if there is any
 * @param round so many bars the bass repeats to the end; 0 where it does not
 */
record Frame(PitchClass first, PitchClass last, PitchClass beforeLast, PitchClass tuneEnd, int round) {
    private static final double STARTS = 0.04;
    private static final double ENDS = 0.09;
    private static final double CADENCE = 0.03;
    private static final double TUNE_ENDS = 0.04;
    private static final int LEAST_TO_COME_HOME = 2;
    private static final int FIFTH = 7;
    private static final int FOURTH = 5;

    /** The frame of notes in order, of which there is at least one. */
    static Frame of(List<Note> notes, TimeMap time) {
        long lastStart = notes.stream().mapToLong(Note::start).max().orElseThrow();
        // A hand may strike the bass a little behind what stands over it.
        long reach = Math.max(1, Strokes.together(time));
        long firstStroke = notes.get(0).start() + reach;
        Note first = notes.stream().takeWhile(note -> note.start() < firstStroke).min(PITCH).orElseThrow();
        Note lowest = notes.stream().filter(note -> note.end() > lastStart).min(PITCH).orElseThrow();
        Note highest = notes.stream().filter(note -> note.end() > lastStart).max(PITCH).orElseThrow();
        Note before = first;
        for (Note note : notes) {
            boolean bass = note.start() + reach <= lowest.start() && (note.pitch() - lowest.pitch()) % PitchClass.COUNT != 0 && Math.abs(note.pitch() - lowest.pitch()) <= 12;
            if (bass && (note.start() >= before.start() + reach || note.pitch() < before.pitch())) {
                before = note;
            }
        }
        return new Frame(of(first), of(lowest), of(before), of(highest), BassRound.bars(notes, time));
    }

    private static final Comparator<Note> PITCH = Comparator.comparingInt(Note::pitch);

    private static PitchClass of(Note note) {
        return PitchClass.of(note.pitch());
    }

    /** Adds what speaks for a tonic, and returns what that is worth. */
    double judge(PitchClass tonic, List<KeyEvidence> evidence) {
        boolean goesRound = round > 0;
        boolean starts = first.equals(tonic);
        int approach = beforeLast.above(tonic);
        boolean fromFifth = approach == FIFTH;
        // A round ends nowhere, unless it comes home; with two chords nobody knows which is home but by the first.
        boolean ends = last.equals(tonic) && (!goesRound || fromFifth && round > LEAST_TO_COME_HOME);
        evidence.add(goesRound && !ends ? new KeyEvidence.Round(starts) : new KeyEvidence.BassFrame(starts, ends));
        double worth = (starts ? STARTS + (goesRound ? ENDS : 0) : 0) + (ends ? ENDS : 0);
        if (ends && (fromFifth || approach == FOURTH)) {
            evidence.add(new KeyEvidence.Cadence(beforeLast));
            worth += CADENCE;
        }
        if (tuneEnd.equals(tonic) && (!goesRound || ends)) {
            evidence.add(new KeyEvidence.TuneEnds());
            worth += TUNE_ENDS;
        }
        return worth;
    }
}
