package amberfence.step;

import amberfence.notes.Line;
import amberfence.notes.LineBuilder;
import amberfence.notes.Note;
import amberfence.notes.NoteIdentity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;

/**
 * An outcome while it comes together: a step says for each note of the line, in any order, what becomes of it, and the
 * books are kept here. Notes that are not picked or are left by hand stay as they are whatever is said.
 */
public final class Work {
    /** How many notes a step may make; more is a mistake in its settings, or in the song. */
    private static final int MOST_MADE = 200_000;
    /** So many more for each note of the line: a chord on each is what somebody may want. */
    private static final int MOST_OF_EACH = 7;
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
    private final Surroundings around;
    private final LineBuilder out;
    private final ChangeList.Builder changes;
    private final List<Kept> kept = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();
    /** How many notes came from each source so far. */
    private final Tally fromSource = new Tally();
    private final Tally madeHere = new Tally();
    /** How many notes of the line were told. */
    private int told;
    private int made;
    private int turns;

    public Work(Line in, Surroundings around) {
        this.in = in;
        this.around = around;
        this.out = new LineBuilder(in);
        this.changes = new ChangeList.Builder(in);
    }

    /** A note becomes another, which may be the same. */
    public void change(Note before, Note after, Reason reason) {
        turn();
        if (before.equals(after) || !around.picked().contains(before)) {
            keep(before);
        } else if (around.left().contains(before)) {
            leave(before, new Reason.LeftByHand());
        } else {
            told++;
            out.add(after);
            changes.add(Change.moved(before, after, reason));
        }
    }

    /**
     * A note of the line gets another pitch, which may be its own.
     *
     * @param place where it stands in the line
     */
    public void move(int place, int pitch, Reason reason) {
        turn();
        long id = in.columns().id(place);
        if (pitch == in.columns().pitch(place) || !around.picked().contains(id)) {
            keep(place);
        } else if (around.left().contains(id)) {
            leave(in.at(place), new Reason.LeftByHand());
        } else {
            told++;
            out.addAlike(place, pitch);
            changes.move(place, pitch, reason);
        }
    }

    /** The note at a place of the line stays as it is. */
    public void keep(int place) {
        told++;
        out.addAlike(place);
    }

    /** Whether a note may be changed. */
    public boolean isFree(Note note) {
        return around.isFree(note);
    }

    /** A note stays as it is. */
    public void keep(Note note) {
        told++;
        out.add(note);
    }

    /** A note stays that is not free: it is not picked, or left by hand. */
    public void keepAsChosen(Note note) {
        if (around.picked().contains(note)) {
            leave(note, new Reason.LeftByHand());
        } else {
            keep(note);
        }
    }

    /** A note that would have been changed stays, on purpose. */
    public void leave(Note note, Reason reason) {
        keep(note);
        kept.add(new Kept(note, reason));
    }

    /** A note is no longer there, unless it is not picked, or left by hand. */
    public void remove(Note note, Reason reason) {
        if (!around.picked().contains(note)) {
            keep(note);
        } else if (around.left().contains(note)) {
            leave(note, new Reason.LeftByHand());
        } else {
            told++;
            changes.add(Change.removed(note, reason));
        }
    }

    /** A note is made from another, unless that is not picked, or one of the two is left by hand. */
    public void add(Note source, Note note, Reason reason) {
        if (around.isFree(source)) {
            add(source.id(), Optional.of(source), note, reason);
        }
    }

    /**
     * A note is made from something that is no note, unless it is left by hand.
     *
     * @param source identity of the chord that it is made from; 0 for nothing that lasts
     */
    public void add(long source, Note note, Reason reason) {
        add(source, Optional.empty(), note, reason);
    }

    private void add(long source, Optional<Note> from, Note note, Reason reason) {
        if (++made > MOST_MADE + (long) MOST_OF_EACH * in.size()) {
            throw new TooMuch();
        }
        turn();
        long id;
        do {
            id = NoteIdentity.derived(source, around.slot(), fromSource.again(source));
        } while (madeHere.again(id) > 0);
        Note own = note.withId(id);
        if (around.left().contains(own)) {
            kept.add(new Kept(own, new Reason.LeftByHand(), true));
        } else {
            out.add(own);
            changes.add(Change.made(from, own, reason));
        }
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

    /** Finds something of notes that were counted, unless there are none. */
    public <F extends Finding> void find(NoteCount notes, BiFunction<Note, Integer, F> finding) {
        notes.found(finding).ifPresent(this::find);
    }

    /** What it comes to. A step that forgets a note of the line, or tells one twice, is refused. */
    public Outcome outcome() {
        if (told != in.size()) {
            throw new IllegalStateException("of " + in.size() + " notes a step told " + told);
        }
        List<Change> changed = changes.build();
        Line line = changed.isEmpty() ? in : out.build();
        Unisons.find(in, line, findings);
        if (around.picked().isEmpty() && !in.isEmpty()) {
            findings.add(new Finding.NothingPicked());
        }
        return new Outcome(line, changed, kept, findings, around.picked().count(in));
    }

    /** The outcome of a pitch step on drums: nothing is changed, and why is said. */
    public static Outcome drums(Line in) {
        return Outcome.unchanged(in, List.of(new Finding.Drums(in.size())));
    }
}
