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
import amberfence.step.fit.FitBass.Between;
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
    /** In semitones: harmonic minor and the pentatonics have steps of three. */
    private static final int MOST_OF_A_STEP = 3;
    private static final int NEVER = Integer.MAX_VALUE / 2;

    /** What a pitch is in the line. */
    private enum Sort {
        FIXED, STRONG, CHORD, SCALE, STEP, SEMITONE
    }

    /** A pitch that a note may take. */
    private record Candidate(int pitch, Sort sort, int cost) {
    }

    private final FitBass step;
    private final Surroundings around;
    private final RulingChords ruling;
    private final Work work;
    private final List<Note> line = new ArrayList<>();
    private final List<Note> upper = new ArrayList<>();
    private final Chordless chordless;

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
    }

    /** Finds the line and puts it into the books. */
    void write() {
        List<Candidate> chosen = cheapest();
        for (int i = 0; i < line.size(); i++) {
            Note note = line.get(i);
            int chord = ruling.over(note);
            if (around.picked().contains(note) && around.left().contains(note)) {
                work.leave(note, new Reason.LeftByHand());
            } else if (chord == RulingChords.NONE) {
                chordless.treat(note, work);
            } else {
                Candidate taken = chosen.get(i);
                work.change(note, note.withPitch(taken.pitch()), reason(taken, chord, i + 1 < line.size() ? chosen.get(i + 1) : taken));
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
                .allMatch(this::isStrong)) {
            work.find(new FitFinding.NothingBetween((int) free));
        }
    }

    private Reason reason(Candidate taken, int chord, Candidate next) {
        return switch (taken.sort()) {
            case STRONG -> new FitReason.OnStrongBeat(ruling.text(chord), ruling.role(chord, taken.pitch()));
            case SCALE -> new FitReason.BetweenChordNotes(taken.pitch());
            case STEP -> new FitReason.LeadsTo(next.pitch(), false);
            case SEMITONE -> new FitReason.LeadsTo(next.pitch(), true);
            default -> Members.reason(ruling, chord, taken.pitch());
        };
    }

    private List<Candidate> cheapest() {
        List<List<Candidate>> all = new ArrayList<>();
        List<int[]> came = new ArrayList<>();
        int[] best = {0};
        for (int i = 0; i < line.size(); i++) {
            List<Candidate> here = candidates(i);
            List<Candidate> before = i == 0 ? List.of() : all.get(i - 1);
            int[] next = new int[here.size()];
            int[] from = new int[here.size()];
            int least = NEVER;
            int plain = cheapestPlain(before, best);
            for (int h = 0; h < next.length; h++) {
                Candidate candidate = here.get(h);
                next[h] = i == 0 ? candidate.cost() : NEVER;
                // What costs more than this way before it is gone on from need not be looked at: going on costs something too.
                int most = plain < 0 ? NEVER : best[plain] + between(before.get(plain), candidate, i);
                for (int b = 0; b < before.size(); b++) {
                    if (best[b] > most || best[b] + candidate.cost() >= next[h]) {
                        continue;
                    }
                    int cost = best[b] + candidate.cost() + between(before.get(b), candidate, i);
                    if (cost < next[h]) {
                        next[h] = cost;
                        from[h] = b;
                    }
                }
                least = Math.min(least, next[h]);
            }
            for (int h = 0; h < next.length; h++) {
                next[h] = Math.min(NEVER, next[h] - least);
            }
            all.add(here);
            came.add(from);
            best = next;
        }
        return path(all, came, best);
    }

    private static List<Candidate> path(List<List<Candidate>> all, List<int[]> came, int[] best) {
        int at = 0;
        for (int h = 1; h < best.length; h++) {
            at = best[h] < best[at] ? h : at;
        }
        Candidate[] path = new Candidate[all.size()];
        for (int i = all.size() - 1; i >= 0; i--) {
            path[i] = all.get(i).get(at);
            at = came.get(i)[at];
        }
        return List.of(path);
    }

    /** The cheapest that may go on anywhere; below 0 where there is none. */
    private static int cheapestPlain(List<Candidate> candidates, int[] costs) {
        int at = -1;
        for (int i = 0; i < candidates.size(); i++) {
            boolean leads = candidates.get(i).sort() == Sort.STEP || candidates.get(i).sort() == Sort.SEMITONE;
            at = !leads && (at < 0 || costs[i] < costs[at]) ? i : at;
        }
        return at;
    }

    /** What it costs to go from one note to the next; a note that is to lead leads nowhere else. */
    private int between(Candidate from, Candidate to, int index) {
        int leap = Math.abs(to.pitch() - from.pitch());
        if (from.sort() == Sort.SEMITONE && leap != 1 || from.sort() == Sort.STEP && !isStep(from.pitch(), to.pitch(), index)) {
            return NEVER / 4;
        }
        return LEAP * leap + (leap > PitchClass.COUNT ? FAR_LEAP : 0) + (leap == 0 && to.sort() != Sort.FIXED ? step.variety() : 0);
    }

    /** Whether no note of the scale lies between. */
    private boolean isStep(int from, int to, int index) {
        int low = Math.min(from, to);
        int high = Math.max(from, to);
        if (high == low || high - low > MOST_OF_A_STEP) {
            return false;
        }
        PitchClassSet scale = around.fence().at(line.get(index).start());
        for (int pitch = low + 1; pitch < high; pitch++) {
            if (scale.containsPitch(pitch)) {
                return false;
            }
        }
        return true;
    }

    private boolean isStrong(int index) {
        int chord = ruling.over(line.get(index));
        return BeatPlace.of(line.get(index).start(), around.time()).isStrong()
                || index == 0 || ruling.over(line.get(index - 1)) != chord;
    }

    private List<Candidate> candidates(int index) {
        Note note = line.get(index);
        int chord = ruling.over(note);
        if (!around.isFree(note)) {
            return List.of(new Candidate(note.pitch(), Sort.FIXED, 0));
        } else if (chord == RulingChords.NONE) {
            return List.of(new Candidate(chordless.pitch(note), Sort.FIXED, 0));
        }
        List<Candidate> found = new ArrayList<>();
        boolean strong = isStrong(index);
        PitchClassSet chordNotes = strong ? strong(ruling.chord(chord)) : ruling.notes(chord);
        PitchClassSet scale = around.fence().at(note.start());
        boolean leads = !strong && index + 1 < line.size() && isStrong(index + 1);
        Between between = step.between();
        int centre = inRange(note.pitch());
        for (int pitch = Math.max(step.lowest(), centre - PitchClass.COUNT); pitch <= Math.min(step.highest(),
                centre + PitchClass.COUNT); pitch++) {
            int cost = STAY * Math.abs(pitch - centre) * (100 - step.variety()) / 100 + Math.abs(pitch - centre)
                    + (step.variety() == 0 ? 0 : Dice.roll(step.seed(), note.start(), pitch % PitchClass.COUNT, 2 * step.variety()));
            if (chordNotes.containsPitch(pitch)) {
                found.add(new Candidate(pitch, strong ? Sort.STRONG : Sort.CHORD, cost));
            } else if (!strong && between.scale() && scale.containsPitch(pitch)) {
                found.add(new Candidate(pitch, Sort.SCALE, cost + SCALE_NOTE));
            }
            if (leads && between.steps() && scale.containsPitch(pitch)) {
                found.add(new Candidate(pitch, Sort.STEP, Math.max(0, cost - step.variety() / 2)));
            }
            if (leads && between.semitones()) {
                found.add(new Candidate(pitch, Sort.SEMITONE, Math.max(0, cost - step.variety() / 2)));
            }
        }
        return found;
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
