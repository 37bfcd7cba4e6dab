package amberfence.step.fence;

import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.step.Change;
import amberfence.step.Finding;
import amberfence.step.Kept;
import amberfence.step.LeavesByHand;
import amberfence.step.Outcome;
import amberfence.step.Reason;
import amberfence.step.Setting;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.LongUnaryOperator;

/**
 * Moves outside notes to inside ones, or leaves them out. Inside notes never move, and nothing but the pitch changes.
 *
 * @param moveTo where outside notes go
 * @param ties what decides between two that are equally near; counts only with {@link MoveTo#NEAREST}
 * @param leftAlone identities of notes that stay as they are, in ascending order
 */
public record BringInside(MoveTo moveTo, Ties ties, List<Long> leftAlone) implements LeavesByHand {
    /** To the nearest, ties keeping the line's shape. */
    public static final BringInside USUAL = new BringInside(MoveTo.NEAREST, Ties.SHAPE, List.of());

    public BringInside {
        leftAlone = List.copyOf(new TreeSet<>(leftAlone));
    }

    public BringInside withMoveTo(MoveTo newMoveTo) {
        return new BringInside(newMoveTo, ties, leftAlone);
    }

    public BringInside withTies(Ties newTies) {
        return new BringInside(moveTo, newTies, leftAlone);
    }

    public BringInside withLeftAlone(List<Long> notes) {
        return new BringInside(moveTo, ties, notes);
    }

    @Override
    public BringInside withLeft(Collection<Long> noteIds, boolean left) {
        Set<Long> changed = new TreeSet<>(leftAlone);
        if (left) {
            changed.addAll(noteIds);
        } else {
            changed.removeAll(noteIds);
        }
        return withLeftAlone(List.copyOf(changed));
    }

    @Override
    public BringInside withIdentities(LongUnaryOperator renamed) {
        return withLeftAlone(leftAlone.stream().map(renamed::applyAsLong).toList());
    }

    @Override
    public Outcome apply(Line in, Setting setting) {
        if (setting.isDrums()) {
            return Outcome.unchanged(in, List.of(new Finding.Drums(in.size())));
        }
        Work work = new Work(in, setting, new HashSet<>(leftAlone));
        if (moveTo == MoveTo.NEAREST && (ties == Ties.SHAPE || ties == Ties.CHORD)) {
            alongTheLine(work);
        } else {
            eachByItself(work);
        }
        return work.outcome();
    }

    /** The two sides of every note that is to move, weighed over the whole line. */
    private void alongTheLine(Work work) {
        int size = work.notes.size();
        int[] low = new int[size];
        int[] high = new int[size];
        boolean chords = ties == Ties.CHORD;
        if (chords && work.setting.chords().isEmpty()) {
            work.findings.add(new Finding.NoChords());
            chords = false;
        }
        boolean[] byChord = new boolean[size];
        for (int i = 0; i < size; i++) {
            Note note = work.notes.get(i);
            low[i] = note.pitch();
            high[i] = note.pitch();
            if (!work.isToMove(note)) {
                continue;
            }
            Neighbours neighbours = work.neighbours(note);
            low[i] = neighbours.below(note.pitch());
            high[i] = neighbours.above(note.pitch());
            if (low[i] == Neighbours.NONE || high[i] == Neighbours.NONE) {
                low[i] = Math.max(low[i], high[i]);
                high[i] = low[i];
            } else if (chords && note.pitch() - low[i] == high[i] - note.pitch()) {
                byChord[i] = narrowToChord(i, low, high, work);
            }
        }
        LineGraph graph = new LineGraph(work.notes, low, high);
        int[] solved = LineShape.solve(graph);
        Explanation explanation = new Explanation(graph, solved);
        for (int i = 0; i < size; i++) {
            Note note = work.notes.get(i);
            if (solved[i] == note.pitch()) {
                work.keep(note);
            } else if (byChord[i]) {
                work.move(note, solved[i], new Reason.TieChordNote(solved[i], 2 * note.pitch() - solved[i]));
            } else {
                work.move(note, solved[i], graph.isFixed(i) ? new Reason.OnlyCandidate(solved[i]) : explanation.of(i));
            }
        }
        work.findLostSteps(graph.previous);
    }

    private static boolean narrowToChord(int i, int[] low, int[] high, Work work) {
        var chord = work.setting.chords().at(work.notes.get(i).start());
        boolean lowIn = chord.containsPitch(low[i]);
        if (lowIn == chord.containsPitch(high[i])) {
            return false;
        }
        if (lowIn) {
            high[i] = low[i];
        } else {
            low[i] = high[i];
        }
        return true;
    }

    private void eachByItself(Work work) {
        for (Note note : work.notes) {
            if (!work.isToMove(note)) {
                work.keep(note);
            } else if (moveTo == MoveTo.LEAVE_OUT) {
                work.leaveOut(note);
            } else {
                moveByItself(note, work);
            }
        }
    }

    private void moveByItself(Note note, Work work) {
        Neighbours neighbours = work.neighbours(note);
        int pitch = note.pitch();
        int low = neighbours.below(pitch);
        int high = neighbours.above(pitch);
        if (low == Neighbours.NONE || high == Neighbours.NONE) {
            int only = Math.max(low, high);
            if (moveTo != MoveTo.NEAREST && only != (moveTo == MoveTo.UP ? high : low)) {
                work.findings.add(new Finding.EndOfRange(note));
            }
            work.move(note, only, new Reason.OnlyCandidate(only));
        } else if (moveTo != MoveTo.NEAREST) {
            int chosen = moveTo == MoveTo.UP ? high : low;
            work.move(note, chosen, new Reason.AsDirected(chosen, moveTo == MoveTo.UP));
        } else if (pitch - low == high - pitch) {
            int chosen = ties == Ties.UP ? high : low;
            work.move(note, chosen, new Reason.TieDirected(chosen, ties == Ties.UP ? low : high));
        } else {
            boolean down = pitch - low < high - pitch;
            work.move(note, down ? low : high, new Reason.Nearest(down ? low : high, down ? high : low));
        }
    }

    /** The outcome while it comes together. */
    private static final class Work {
        final List<Note> notes;
        final Setting setting;
        final List<Finding> findings = new ArrayList<>();
        private final Line in;
        private final Set<Long> leftAlone;
        private final List<Note> out;
        private final List<Change> changes = new ArrayList<>();
        private final List<Kept> kept = new ArrayList<>();
        private Neighbours current;

        Work(Line in, Setting setting, Set<Long> leftAlone) {
            this.in = in;
            this.notes = in.notes();
            this.setting = setting;
            this.leftAlone = leftAlone;
            this.out = new ArrayList<>(notes.size());
        }

        Neighbours neighbours(Note note) {
            var inside = setting.fence().at(note.start());
            if (current == null || current.inside() != inside) {
                current = new Neighbours(inside);
            }
            return current;
        }

        boolean isOutside(Note note) {
            return !neighbours(note).isInside(note.pitch());
        }

        boolean isToMove(Note note) {
            return isOutside(note) && (leftAlone.isEmpty() || !leftAlone.contains(note.id()));
        }

        void keep(Note note) {
            out.add(note);
            if (!leftAlone.isEmpty() && leftAlone.contains(note.id()) && isOutside(note)) {
                kept.add(new Kept(note, new Reason.LeftByHand()));
            }
        }

        void move(Note note, int pitch, Reason reason) {
            Note moved = note.withPitch(pitch);
            out.add(moved);
            changes.add(new Change.Moved(note, moved, reason));
        }

        void leaveOut(Note note) {
            changes.add(new Change.Removed(note, new Reason.LeftOut()));
        }

        /** Neighbours in a voice that differed and now sound alike. Called while {@code out} runs parallel to the line. */
        void findLostSteps(int[] previous) {
            for (int i = 0; i < previous.length; i++) {
                int before = previous[i];
                if (before >= 0 && out.get(before).pitch() == out.get(i).pitch()
                        && notes.get(before).pitch() != notes.get(i).pitch()) {
                    findings.add(new Finding.StepLost(out.get(before), out.get(i)));
                }
            }
        }

        Outcome outcome() {
            Unisons.find(notes, out, findings);
            return new Outcome(changes.isEmpty() ? in : Line.of(out), changes, kept, findings, notes.size());
        }
    }
}
