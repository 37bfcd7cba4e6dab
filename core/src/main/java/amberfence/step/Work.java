package amberfence.step;

import amberfence.song.Line;
import amberfence.song.Note;
import java.util.ArrayList;
import java.util.List;

/**
 * An outcome while it comes together: a step says for each note of the line, in any order, what becomes of it, and the
 * books are kept here. Notes that are not picked or are left by hand stay as they are whatever is said.
 */
public final class Work {
    /** How many notes a step may make; more is a mistake in its settings, or in the song. */
    static final int MOST_MADE = 200_000;
    /** How often a loop may go round whose end depends on how long the song or a chord is. */
    private static final int MOST_TURNS = 5_000_000;

    /** A step would go on making notes beyond any use. */
    static final class TooMuch extends RuntimeException {
        private static final long serialVersionUID = 1L;

        TooMuch() {
            super("too much", null, false, false);
        }
    }

    private final Line in;
    private final Setting setting;
    private final List<Note> out;
    private final List<Change> changes = new ArrayList<>();
    private final List<Kept> kept = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();
    private long nextMade;
    private int made;
    private int turns;

    public Work(Line in, Setting setting) {
        this.in = in;
        this.setting = setting;
        this.out = new ArrayList<>(in.size());
        this.nextMade = Math.min(0, in.notes().stream().mapToLong(Note::id).min().orElse(0)) - 1;
    }

    /** A note becomes another, which may be the same. */
    public void change(Note before, Note after, Reason reason) {
        turn();
        if (before.equals(after) || !setting.picked().contains(before)) {
            out.add(before);
        } else if (setting.left().contains(before)) {
            leave(before, new Reason.LeftByHand());
        } else {
            out.add(after);
            changes.add(new Change.Moved(before, after, reason));
        }
    }

    /** Whether a note may be changed. */
    public boolean isFree(Note note) {
        return setting.isFree(note);
    }

    /** A note stays as it is. */
    public void keep(Note note) {
        out.add(note);
    }

    /** A note that would have been changed stays, on purpose. */
    public void leave(Note note, Reason reason) {
        out.add(note);
        kept.add(new Kept(note, reason));
    }

    /** A note is no longer there. */
    public void remove(Note note, Reason reason) {
        changes.add(new Change.Removed(note, reason));
    }

    /** A note is made; it gets an identity of its own. */
    public void add(Note note, Reason reason) {
        if (++made > MOST_MADE) {
            throw new TooMuch();
        }
        turn();
        Note made = note.withId(nextMade--);
        out.add(made);
        changes.add(new Change.Added(made, reason));
    }

    /**
     * A loop goes round once more. Loops along time ask here, so that none goes on for ever over a chord without end, and
     * that each ends soon when nobody waits for it any more.
     */
    public void turn() {
        turns++;
        if (turns > MOST_TURNS) {
            throw new TooMuch();
        }
        if ((turns & 0x3FF) == 0 && Thread.currentThread().isInterrupted()) {
            throw new StoppedException();
        }
    }

    public void find(Finding finding) {
        findings.add(finding);
    }

    public Outcome outcome() {
        Line line = changes.isEmpty() ? in : Line.of(out);
        Unisons.find(in, line, findings);
        if (setting.picked().isEmpty() && !in.isEmpty()) {
            findings.add(new Finding.NothingPicked());
        }
        return new Outcome(line, changes, kept, findings, setting.picked().count(in));
    }

    /** The outcome of a pitch step on drums: nothing is changed, and why is said. */
    public static Outcome drums(Line in) {
        return Outcome.unchanged(in, List.of(new Finding.Drums(in.size())));
    }
}
