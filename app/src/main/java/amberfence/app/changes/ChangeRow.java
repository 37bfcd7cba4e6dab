package amberfence.app.changes;

import amberfence.notes.Note;
import amberfence.step.Change;
import amberfence.step.Finding;
import amberfence.step.Fix;
import amberfence.step.Kept;
import amberfence.step.Outcome;
import amberfence.step.Reason;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** One row of the list: a change, a note left alone on purpose, or a finding. Its words are made when it is shown. */
sealed interface ChangeRow {
    /** Of those at the same place the findings come last. */
    Comparator<ChangeRow> IN_TIME = Comparator.comparingLong(ChangeRow::tick).thenComparing(ChangeRow::isFinding);

    /** The note to show in the ladder, if the row is about one. */
    Optional<Note> note();

    /** A note that was changed. */
    record Changed(Change change) implements ChangeRow {
        @Override
        public Optional<Note> note() {
            return Optional.of(change.note());
        }
    }

    /** A note that is left alone. */
    record Left(Kept kept) implements ChangeRow {
        @Override
        public Optional<Note> note() {
            return Optional.of(kept.note());
        }
    }

    /** Something that could not be done well. */
    record Found(Finding finding) implements ChangeRow {
        @Override
        public Optional<Note> note() {
            return finding.note();
        }
    }

    default boolean isLeft() {
        return this instanceof Left;
    }

    /** Whether a person can decide between moving and leaving: what a rule lets pass is decided there. */
    default boolean isToDecide() {
        return this instanceof Changed || this instanceof Left left && left.kept().reason() instanceof Reason.LeftByHand;
    }

    /** The ways out that can be chosen. */
    default List<Fix> fixes() {
        return this instanceof Left left ? left.kept().reason().fixes(left.kept().note()) : this instanceof Found found
                ? found.finding().fixes() : List.of();
    }

    default boolean isFinding() {
        return this instanceof Found;
    }

    /** The rows of an outcome in the order of time; findings without a place come first. */
    static List<ChangeRow> of(Outcome outcome) {
        List<ChangeRow> rows = new ArrayList<>();
        outcome.changes().forEach(change -> rows.add(new Changed(change)));
        outcome.kept().forEach(kept -> rows.add(new Left(kept)));
        outcome.findings().forEach(finding -> rows.add(new Found(finding)));
        rows.sort(IN_TIME);
        return rows;
    }

    private static long tick(ChangeRow row) {
        return row instanceof Changed changed ? changed.change().note().start() : row instanceof Left left ? left.kept().note().start()
                : row.note().map(Note::start).orElse(-1L);
    }
}
