package amberfence.step.fit;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.reading.BeatPlace;
import amberfence.reading.RulingChords;
import amberfence.reading.Strokes;
import amberfence.step.Dice;
import amberfence.step.Reason;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import amberfence.step.fit.BassCandidates.Sort;
import amberfence.theory.Octaves;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * One bassline while it is found: for every stroke the pitches that it may take, and the cheapest way through them, by
 * dynamic programming. Cost counts how far a note lies from where it was, leaps, repeated pitches, which tire with
 * variety, and a throw of the dice. Of what is struck together only the lowest belongs to the line; the rest goes to the
 * nearest chord notes.
 */
final class BassLine {
    private static final int STAY = 20;
    private static final int SCALE_NOTE = 25;

    private final FitBass step;
    private final Surroundings around;
    private final RulingChords ruling;
    private final Work work;
    private final List<Note> line = new ArrayList<>();
    private final List<Note> upper = new ArrayList<>();
    private final Chordless chordless;
    /** Of each note: the chord that rules it, whether it is free, and whether it stands on a strong beat or begins under a chord. */
    private final int[] chords;
    private final boolean[] isFree;
    private final boolean[] isStrong;
    private final BassTrail trail = new BassTrail();
    /** What it costs to lie so many semitones from where the note was. */
    private final int[] away = new int[PitchClass.COUNT + 1];
    /** The dice of the pitch classes for one note, and for which note of the line each was thrown. */
    private final int[] thrown = new int[PitchClass.COUNT];
    private final int[] thrownFor = new int[PitchClass.COUNT];

    BassLine(FitBass step, Line in, Surroundings around, RulingChords ruling, Work work) {
        this.step = step;
        this.around = around;
        this.ruling = ruling;
        this.work = work;
        this.chordless = new Chordless(step.source().gaps(), around);
        for (List<Note> stroke : Strokes.of(in.notes(), around.time())) {
            Note lowest = stroke.get(0);
            for (int i = 1; i < stroke.size(); i++) {
                lowest = stroke.get(i).pitch() < lowest.pitch() ? stroke.get(i) : lowest;
            }
            line.add(lowest);
            for (int i = 0; i < stroke.size(); i++) {
                if (!stroke.get(i).equals(lowest)) {
                    upper.add(stroke.get(i));
                }
            }
        }
        chords = line.stream().mapToInt(ruling::over).toArray();
        isFree = new boolean[chords.length];
        for (int i = 0; i < chords.length; i++) {
            isFree[i] = around.isFree(line.get(i));
        }
        isStrong = strong();
        for (int semitones = 0; semitones < away.length; semitones++) {
            away[semitones] = STAY * semitones * (100 - step.variety()) / 100 + semitones;
        }
        Arrays.fill(thrownFor, -1);
    }

    /** Finds the line and puts it into the books. */
    void write() {
        BassTrail.Taken[] chosen = cheapest();
        for (int i = 0; i < line.size(); i++) {
            Note note = line.get(i);
            int chord = chords[i];
            if (around.picked().contains(note) && around.left().contains(note)) {
                work.leave(note, new Reason.LeftByHand());
            } else if (chord == RulingChords.NONE) {
                chordless.treat(note, work);
            } else {
                BassTrail.Taken taken = chosen[i];
                work.change(note, note.withPitch(taken.pitch()), reason(taken, chord, i + 1 < line.size() ? chosen[i + 1] : taken));
            }
        }
        for (Note note : upper) {
            int chord = ruling.over(note);
            if (chord == RulingChords.NONE) {
                chordless.treat(note, work);
            } else {
                int pitch = GroupFit.nearest(List.of(note.pitch()), ruling.notes(chord)).get(0);
                work.change(note, note.withPitch(pitch), Members.reason(ruling, chord, pitch));
            }
        }
        chordless.report(work);
        int free = 0;
        boolean anyBetween = false;
        for (int i = 0; i < isFree.length; i++) {
            free += isFree[i] ? 1 : 0;
            anyBetween |= isFree[i] && !isStrong[i];
        }
        if (step.variety() > 0 && free > 0 && !anyBetween) {
            work.find(new FitFinding.NothingBetween(free));
        }
    }

    private Reason reason(BassTrail.Taken taken, int chord, BassTrail.Taken next) {
        return switch (taken.sort()) {
            case STRONG -> new FitReason.OnStrongBeat(ruling.text(chord), ruling.role(chord, taken.pitch()));
            case SCALE -> new FitReason.BetweenChordNotes(taken.pitch());
            case STEP -> new FitReason.LeadsTo(next.pitch(), false);
            case SEMITONE -> new FitReason.LeadsTo(next.pitch(), true);
            default -> Members.reason(ruling, chord, taken.pitch());
        };
    }

    private BassTrail.Taken[] cheapest() {
        BassWays ways = new BassWays(step.variety());
        BassCandidates before = new BassCandidates();
        BassCandidates here = new BassCandidates();
        int[] best = new int[BassCandidates.MOST];
        int[] next = new int[BassCandidates.MOST];
        byte[] from = new byte[BassCandidates.MOST];
        for (int i = 0; i < line.size(); i++) {
            fill(here, i);
            if (i > 0) {
                ways.find(before, best, here);
            }
            int least = Integer.MAX_VALUE;
            for (int h = 0; h < here.size(); h++) {
                // How a pitch is reached does not depend on what it would be there.
                int pitch = here.pitch(h);
                next[h] = here.cost(h) + (i > 0 ? ways.cost(pitch) : 0);
                least = Math.min(least, next[h]);
                from[h] = (byte) (i > 0 ? ways.from(pitch) : 0);
            }
            for (int h = 0; h < here.size(); h++) {
                next[h] -= least;
            }
            trail.add(here, from);
            BassCandidates filled = here;
            here = before;
            before = filled;
            int[] costs = next;
            next = best;
            best = costs;
        }
        return trail.back(first(best, before.size()));
    }

    /** The first of those that cost least. */
    private static int first(int[] costs, int size) {
        int first = 0;
        for (int h = 1; h < size; h++) {
            first = costs[h] < costs[first] ? h : first;
        }
        return first;
    }

    /** Whether it stands on a strong beat, or begins under a chord. */
    private boolean[] strong() {
        boolean[] strong = new boolean[line.size()];
        int before = RulingChords.NONE;
        for (int i = 0; i < strong.length; i++) {
            int chord = chords[i];
            strong[i] = i == 0 || before != chord || BeatPlace.of(line.get(i).start(), around.time()).isStrong();
            before = chord;
        }
        return strong;
    }

    /** Fills in the candidates of a note. */
    private void fill(BassCandidates found, int index) {
        Note note = line.get(index);
        if (!isFree[index] || chords[index] == RulingChords.NONE) {
            found.begin();
            found.add(fixed(index), Sort.FIXED, 0);
            return;
        }
        boolean strong = isStrong[index];
        boolean leads = !strong && index + 1 < line.size() && isStrong[index + 1];
        if (leads) {
            found.begin(around.fence().at(line.get(index + 1).start()), goals(index + 1));
        } else {
            found.begin();
        }
        int scale = around.fence().at(note.start()).bits();
        int ofChord = (strong ? goals(index) : ruling.notes(chords[index])).bits();
        int ofScale = !strong && step.between().scale() ? scale : 0;
        // One that leads nowhere is on no way.
        int steps = leads && step.between().steps() ? scale & found.stepping().bits() : 0;
        int semitones = leads && step.between().semitones() ? found.nextTo().bits() : 0;
        int centre = Octaves.within(note.pitch(), step.lowest(), step.highest());
        int last = Math.min(step.highest(), centre + PitchClass.COUNT);
        for (int pitch = Math.max(step.lowest(), centre - PitchClass.COUNT); pitch <= last; pitch++) {
            int bit = 1 << pitch % PitchClass.COUNT;
            if (((ofChord | ofScale | steps | semitones) & bit) == 0) {
                continue;
            }
            int cost = away[Math.abs(pitch - centre)] + (step.variety() == 0 ? 0 : thrown(index, note, pitch % PitchClass.COUNT));
            if ((ofChord & bit) != 0) {
                found.add(pitch, strong ? Sort.STRONG : Sort.CHORD, cost);
            } else if ((ofScale & bit) != 0) {
                found.add(pitch, Sort.SCALE, cost + SCALE_NOTE);
            }
            int leading = Math.max(0, cost - step.variety() / 2);
            if ((steps & bit) != 0) {
                found.add(pitch, Sort.STEP, leading);
            }
            if ((semitones & bit) != 0) {
                found.add(pitch, Sort.SEMITONE, leading);
            }
        }
    }

    /** What a note on a strong beat, or the first under a chord, may become. */
    private PitchClassSet goals(int index) {
        if (!isFree[index] || chords[index] == RulingChords.NONE) {
            return PitchClassSet.of(fixed(index));
        }
        return switch (step.strong()) {
            case NEAREST -> ruling.notes(chords[index]);
            case ROOT -> PitchClassSet.of(ruling.chord(chords[index]).root().pitchClass().number());
            case BASS -> PitchClassSet.of(ruling.chord(chords[index]).bass().pitchClass().number());
        };
    }

    /** The pitch of a note that is not the line's to choose. */
    private int fixed(int index) {
        return isFree[index] ? chordless.pitch(line.get(index)) : line.get(index).pitch();
    }

    /** The dice are thrown once for all octaves. */
    private int thrown(int index, Note note, int pitchClass) {
        if (thrownFor[pitchClass] != index) {
            thrownFor[pitchClass] = index;
            thrown[pitchClass] = Dice.roll(step.seed(), note.start(), pitchClass, 2 * step.variety());
        }
        return thrown[pitchClass];
    }
}
