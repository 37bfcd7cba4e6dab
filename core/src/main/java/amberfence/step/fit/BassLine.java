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
import amberfence.step.fit.FitBass.Strong;
import amberfence.theory.Chord;
import amberfence.theory.Octaves;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * One bassline while it is found: for every stroke the pitches that it may take, and the cheapest way through them, by
 * dynamic programming. Cost counts how far a note lies from where it was, leaps, repeated pitches, which tire with
 * variety, and a throw of the dice. Of what is struck together only the lowest belongs to the line; the rest goes to the
 * nearest chord notes.
 */
final class BassLine {
    private static final int STAY = 20;
    private static final int LEAP = 3;
    private static final int FAR_LEAP = 400;
    private static final int SCALE_NOTE = 25;
    private static final int NEVER = Integer.MAX_VALUE / 2;

    /** What a note becomes. */
    private record Taken(int pitch, Sort sort) {
    }

    private final FitBass step;
    private final Surroundings around;
    private final RulingChords ruling;
    private final Work work;
    private final List<Note> line = new ArrayList<>();
    private final List<Note> upper = new ArrayList<>();
    private final Chordless chordless;
    private final boolean[] isStrong;
    private final BassCandidates.Collector collector = new BassCandidates.Collector();

    BassLine(FitBass step, Line in, Surroundings around, RulingChords ruling, Work work) {
        this.step = step;
        this.around = around;
        this.ruling = ruling;
        this.work = work;
        this.chordless = new Chordless(step.source().gaps(), around);
        for (List<Note> stroke : Strokes.of(in.notes(), around.time())) {
            Note lowest = stroke.get(0);
            for (Note note : stroke) {
                lowest = note.pitch() < lowest.pitch() ? note : lowest;
            }
            line.add(lowest);
            for (Note note : stroke) {
                if (note != lowest) {
                    upper.add(note);
                }
            }
        }
        isStrong = strong();
    }

    /** Finds the line and puts it into the books. */
    void write() {
        Taken[] chosen = cheapest();
        for (int i = 0; i < line.size(); i++) {
            Note note = line.get(i);
            int chord = ruling.over(note);
            if (around.picked().contains(note) && around.left().contains(note)) {
                work.leave(note, new Reason.LeftByHand());
            } else if (chord == RulingChords.NONE) {
                chordless.treat(note, work);
            } else {
                Taken taken = chosen[i];
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
        long free = line.stream().filter(around::isFree).count();
        if (step.variety() > 0 && free > 0 && IntStream.range(0, line.size()).filter(i -> around.isFree(line.get(i)))
                .allMatch(i -> isStrong[i])) {
            work.find(new FitFinding.NothingBetween((int) free));
        }
    }

    private Reason reason(Taken taken, int chord, Taken next) {
        return switch (taken.sort()) {
            case STRONG -> new FitReason.OnStrongBeat(ruling.text(chord), ruling.role(chord, taken.pitch()));
            case SCALE -> new FitReason.BetweenChordNotes(taken.pitch());
            case STEP -> new FitReason.LeadsTo(next.pitch(), false);
            case SEMITONE -> new FitReason.LeadsTo(next.pitch(), true);
            default -> Members.reason(ruling, chord, taken.pitch());
        };
    }

    private Taken[] cheapest() {
        BassCandidates[] all = new BassCandidates[line.size()];
        byte[][] came = new byte[all.length][];
        int[] best = {0};
        for (int i = 0; i < all.length; i++) {
            BassCandidates here = candidates(i);
            BassCandidates before = i == 0 ? BassCandidates.NONE : all[i - 1];
            int[] next = new int[here.size()];
            byte[] from = new byte[next.length];
            int least = NEVER;
            int plain = before.cheapestPlain(best);
            int reached = 0;
            for (int h = 0; h < next.length; h++) {
                // How a pitch is reached does not depend on what it would be there.
                if (i > 0 && (h == 0 || here.pitch(h) != here.pitch(h - 1))) {
                    int way = way(before, best, plain, here, h);
                    from[h] = (byte) Math.max(0, way);
                    reached = way < 0 ? NEVER : best[way] + between(before, way, here, h);
                } else if (i > 0) {
                    from[h] = from[h - 1];
                }
                next[h] = Math.min(NEVER, reached + here.cost(h));
                least = Math.min(least, next[h]);
            }
            for (int h = 0; h < next.length; h++) {
                next[h] = Math.min(NEVER, next[h] - least);
            }
            all[i] = here;
            came[i] = from;
            best = next;
        }
        return path(all, came, best);
    }

    /** From where a pitch is reached at the least cost, below 0 when from nowhere; of two that cost the same it is the first. */
    private int way(BassCandidates before, int[] best, int plain, BassCandidates here, int h) {
        int pitch = here.pitch(h);
        int way = plain;
        int least = plain < 0 ? NEVER : best[plain] + between(before, plain, here, h);
        // What costs more before it is gone on from need not be looked at: going on costs something too.
        for (int b : before.plain()) {
            if (best[b] <= least) {
                int cost = best[b] + between(before, b, here, h);
                if (cost < least || cost == least && b < way) {
                    least = cost;
                    way = b;
                }
            }
        }
        int end = before.endNear(pitch);
        for (int b = before.firstNear(pitch); b < end; b++) {
            if (best[b] <= least && before.leads(b, pitch)) {
                int cost = best[b] + between(before, b, here, h);
                if (cost < least || cost == least && way >= 0 && b < way) {
                    least = cost;
                    way = b;
                }
            }
        }
        return way;
    }

    private static Taken[] path(BassCandidates[] all, byte[][] came, int[] best) {
        int at = 0;
        for (int h = 1; h < best.length; h++) {
            at = best[h] < best[at] ? h : at;
        }
        Taken[] path = new Taken[all.length];
        for (int i = all.length - 1; i >= 0; i--) {
            path[i] = new Taken(all[i].pitch(at), all[i].sort(at));
            at = came[i][at];
        }
        return path;
    }

    /** What it costs to go from one note to the next. */
    private int between(BassCandidates before, int from, BassCandidates here, int to) {
        int leap = Math.abs(here.pitch(to) - before.pitch(from));
        return LEAP * leap + (leap > PitchClass.COUNT ? FAR_LEAP : 0) + (leap == 0 && here.sort(to) != Sort.FIXED ? step.variety() : 0);
    }

    /** Whether it stands on a strong beat, or begins under a chord. */
    private boolean[] strong() {
        boolean[] strong = new boolean[line.size()];
        int before = RulingChords.NONE;
        for (int i = 0; i < strong.length; i++) {
            int chord = ruling.over(line.get(i));
            strong[i] = i == 0 || before != chord || BeatPlace.of(line.get(i).start(), around.time()).isStrong();
            before = chord;
        }
        return strong;
    }

    private BassCandidates candidates(int index) {
        Note note = line.get(index);
        int chord = ruling.over(note);
        if (!around.isFree(note)) {
            return collector.fixed(note.pitch());
        } else if (chord == RulingChords.NONE) {
            return collector.fixed(chordless.pitch(note));
        }
        boolean strong = isStrong[index];
        PitchClassSet chordNotes = strong ? strong(ruling.chord(chord)) : ruling.notes(chord);
        PitchClassSet scale = around.fence().at(note.start());
        boolean leads = !strong && index + 1 < line.size() && isStrong[index + 1];
        PitchClassSet scaleThen = leads ? around.fence().at(line.get(index + 1).start()) : scale;
        boolean scaleNotes = !strong && step.between().scale();
        boolean steps = leads && step.between().steps();
        boolean semitones = leads && step.between().semitones();
        int centre = inRange(note.pitch());
        BassCandidates.Collector found = collector.begin(scaleThen);
        for (int pitch = Math.max(step.lowest(), centre - PitchClass.COUNT); pitch <= Math.min(step.highest(),
                centre + PitchClass.COUNT); pitch++) {
            boolean ofChord = chordNotes.containsPitch(pitch);
            boolean ofScale = (scaleNotes || steps) && scale.containsPitch(pitch);
            if (!ofChord && !ofScale && !semitones) {
                continue;
            }
            int cost = STAY * Math.abs(pitch - centre) * (100 - step.variety()) / 100 + Math.abs(pitch - centre)
                    + (step.variety() == 0 ? 0 : Dice.roll(step.seed(), note.start(), pitch % PitchClass.COUNT, 2 * step.variety()));
            if (ofChord) {
                found.add(pitch, strong ? Sort.STRONG : Sort.CHORD, cost);
            } else if (ofScale && scaleNotes) {
                found.add(pitch, Sort.SCALE, cost + SCALE_NOTE);
            }
            if (ofScale && steps) {
                found.add(pitch, Sort.STEP, Math.max(0, cost - step.variety() / 2));
            }
            if (semitones) {
                found.add(pitch, Sort.SEMITONE, Math.max(0, cost - step.variety() / 2));
            }
        }
        return found.all();
    }

    private PitchClassSet strong(Chord chord) {
        return step.strong() == Strong.NEAREST ? chord.pitchClasses()
                : PitchClassSet.EMPTY.plus(step.strong() == Strong.ROOT ? chord.root().pitchClass() : chord.bass().pitchClass());
    }

    /** The pitch in the octave of the range that lies nearest. */
    private int inRange(int pitch) {
        return Octaves.within(pitch, step.lowest(), step.highest());
    }
}
