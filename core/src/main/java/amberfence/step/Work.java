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
    private final Line in;
    private final Setting setting;
    private final List<Note> out;
    private final List<Change> changes = new ArrayList<>();
    private final List<Kept> kept = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();
    private long nextMade;

    public Work(Line in, Setting setting) {
        this.in = in;
        this.setting = setting;
        this.out = new ArrayList<>(in.size());
        this.nextMade = Math.min(0, in.notes().stream().mapToLong(Note::id).min().orElse(0)) - 1;
    }

    /** A note becomes another, which may be the same. */
    public void change(Note before, Note after, Reason reason) {
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
        Note made = note.withId(nextMade--);
        out.add(made);
        changes.add(new Change.Added(made, reason));
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
