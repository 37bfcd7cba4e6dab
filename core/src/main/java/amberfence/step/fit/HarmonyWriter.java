package amberfence.step.fit;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.reading.RulingChords;
import amberfence.step.Finding;
import amberfence.step.NoteCount;
import amberfence.step.Reason;
import amberfence.step.Surroundings;
import amberfence.step.Tally;
import amberfence.step.Work;
import amberfence.step.fit.Harmony.Way;
import amberfence.step.move.DegreeWords;
import amberfence.step.move.KeyLadders;
import amberfence.theory.KeyLadder;
import amberfence.theory.Octaves;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import java.util.ArrayList;
import java.util.List;

/** Writes the lines of a harmony beside a tune. */
final class HarmonyWriter {
    /** A line that holds a common note goes no farther from the tune than an octave and its own interval. */
    private static final int FARTHEST = PitchClass.COUNT;
    private static final int DIATONIC = 7;

    private final Harmony step;
    private final Line in;
    private final Surroundings around;
    private final RulingChords ruling;
    private final Work work;
    private final KeyLadders ladders;
    private final Tally there = new Tally();
    /** Where each line was before, in the order of the step's lines; nothing before its first note. */
    private final Integer[] last;
    /** The notes of the tune that still sound. */
    private final List<Note> sounding = new ArrayList<>();
    private int nextSounding;
    private final NoteCount meeting = new NoteCount();

    /** Where a note sounds, by which one that is there already is found: start, pitch and channel in one number. */
    private static long place(Note note) {
        return note.start() << 11 | note.pitch() << 4 | note.channel();
    }

    HarmonyWriter(Harmony step, Line in, Surroundings around, RulingChords ruling, Work work) {
        this.step = step;
        this.in = in;
        this.around = around;
        this.ruling = ruling;
        this.work = work;
        this.ladders = new KeyLadders(around.fence());
        this.last = new Integer[step.lines().size()];
    }

    void write() {
        if (!step.instead()) {
            in.notes().forEach(note -> there.again(place(note)));
        }
        for (Note note : in.notes()) {
            if (step.noCrossing()) {
                listen(note);
            }
            if (around.isFree(note)) {
                harmonize(note);
            } else {
                work.keepAsChosen(note);
            }
        }
        work.find(meeting, FitFinding.LinesMeet::new);
    }

    /** All of the tune that sounds while a note begins, what begins with it among it. */
    private void listen(Note note) {
        sounding.removeIf(old -> old.end() <= note.start());
        while (nextSounding < in.size() && in.notes().get(nextSounding).start() <= note.start()) {
            sounding.add(in.notes().get(nextSounding++));
        }
    }

    private void harmonize(Note note) {
        Reason doubled = null;
        KeyLadder ladder = ladders.at(note);
        int chord = ruling.over(note);
        PitchClassSet notes = chord == RulingChords.NONE ? PitchClassSet.EMPTY : ruling.notes(chord);
        boolean changed = false;
        for (int i = 0; i < last.length; i++) {
            HarmonyLine line = step.lines().get(i);
            int plain = wanted(note.pitch(), line, ladder, notes);
            int wanted = held(line, last[i], note.pitch(), plain, notes);
            Reason reason = wanted == plain ? reason(note.pitch(), plain, line, ladder, notes) : new FitReason.CommonNote(wanted);
            int clear = step.noCrossing() ? clear(wanted, line) : wanted;
            if (clear != wanted) {
                reason = new FitReason.NotCrossing(line, (clear - wanted) / PitchClass.COUNT);
            }
            Note added = note.withPitch(Octaves.within(clear));
            last[i] = added.pitch();
            if (there.again(place(added)) > 0) {
                doubled = new Reason.AvoidedUnison(added.pitch(), added.pitch());
                meeting.add(added);
                continue;
            }
            if (added.pitch() != clear) {
                work.find(new Finding.OctaveBack(note, added.pitch()));
            }
            if (step.instead() && !changed) {
                work.change(note, added, reason);
                changed = true;
            } else {
                work.add(note, added, reason);
            }
        }
        if (!changed && doubled == null) {
            work.keep(note);
        } else if (!changed) {
            work.leave(note, doubled);
        }
    }

    /** The note where the line was, while that is a note of the chord and neither too near the tune nor too far from it. */
    private int held(HarmonyLine line, Integer before, int tune, int plain, PitchClassSet notes) {
        if (!step.holdCommon() || notes.isEmpty() || before == null || !notes.containsPitch(before)) {
            return plain;
        }
        int away = line.above() ? before - tune : tune - before;
        int nearest = Math.abs(line.narrow());
        return away >= nearest && away <= nearest + FARTHEST ? before : plain;
    }

    /** The same note in the octave in which it does not cross the tune. */
    private int clear(int wanted, HarmonyLine line) {
        int pitch = wanted;
        for (Note tune : sounding) {
            while (line.above() ? pitch < tune.pitch() : pitch > tune.pitch()) {
                pitch += line.above() ? PitchClass.COUNT : -PitchClass.COUNT;
            }
        }
        return pitch;
    }

    private int wanted(int pitch, HarmonyLine line, KeyLadder ladder, PitchClassSet chord) {
        if (step.way() == Way.EXACT || step.way() == Way.EXACT_MINOR) {
            return pitch + (step.way() == Way.EXACT ? line.wide() : line.narrow());
        }
        if (chord.isEmpty()) {
            return inScale(pitch, line, ladder);
        }
        int candidate = pitch + line.narrow();
        while (!chord.containsPitch(candidate)) {
            candidate += line.above() ? 1 : -1;
        }
        return candidate;
    }

    /** In seven notes by degrees; in other scales the inside note nearest to the usual size, of two equally near the smaller, and never the note itself. */
    private static int inScale(int pitch, HarmonyLine line, KeyLadder ladder) {
        if (line.isOctave()) {
            return pitch + line.usual();
        } else if (ladder.size() == DIATONIC) {
            return ladder.moved(pitch, line.degrees());
        }
        KeyLadder.Place place = ladder.place(pitch);
        int own = pitch - place.alteration();
        int goal = own + line.usual();
        PitchClassSet inside = ladder.key().pitchClasses();
        int nearest = own;
        for (int away = 0; nearest == own; away++) {
            // The smaller of the two intervals lies towards the note.
            int smaller = line.above() ? goal - away : goal + away;
            int larger = line.above() ? goal + away : goal - away;
            nearest = smaller != own && inside.containsPitch(smaller) ? smaller : larger != own && inside.containsPitch(larger) ? larger : own;
        }
        return nearest + place.alteration();
    }

    private Reason reason(int pitch, int wanted, HarmonyLine line, KeyLadder ladder, PitchClassSet chord) {
        if (step.way() == Way.EXACT || step.way() == Way.EXACT_MINOR) {
            return new Reason.BySemitones(wanted - pitch);
        } else if (!chord.isEmpty()) {
            return new FitReason.NearestChordNote(line);
        }
        KeyLadder.Place from = ladder.place(pitch);
        if (ladder.size() != DIATONIC) {
            return new FitReason.NearestToInterval(line, DegreeWords.of(ladder, from), DegreeWords.of(ladder, ladder.place(wanted)));
        }
        return new Reason.ByDegrees(line.degrees(), DegreeWords.of(ladder, from), DegreeWords.of(ladder, from.plus(line.degrees())));
    }
}
