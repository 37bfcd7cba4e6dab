package amberfence.app.changes;

import amberfence.song.Note;
import amberfence.song.Song;
import amberfence.step.Change;
import amberfence.step.Finding;
import amberfence.step.Kept;
import amberfence.step.Outcome;
import amberfence.step.StepWords;
import amberfence.theory.PitchClass;
import amberfence.theory.Spelling;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * One row: a change, a note left alone on purpose, or a finding.
 *
 * @param note the note to show in the ladder, if the row is about one
 * @param left whether the note is left alone by hand
 */
record ChangeRow(Kind kind, Optional<Note> note, String place, String names, String degrees, String reason, boolean left) {
    enum Kind { CHANGE, KEPT, FINDING }

    /** The rows of an outcome in the order of time; findings without a place come first. */
    static List<ChangeRow> of(Outcome outcome, Song song) {
        List<ChangeRow> rows = new ArrayList<>();
        outcome.changes().forEach(change -> rows.add(ofChange(change, song)));
        outcome.kept().forEach(kept -> rows.add(ofKept(kept, song)));
        outcome.findings().forEach(finding -> rows.add(ofFinding(finding, song)));
        rows.sort(Comparator.comparingLong((ChangeRow row) -> row.note().map(Note::start).orElse(-1L))
                .thenComparing(ChangeRow::kind));
        return rows;
    }

    private static Spelling spelling(Note note, Song song) {
        return song.fence().along(song.time()).keyAt(note.start()).spelling();
    }

    private static String place(Note note, Song song) {
        return song.time().position(note.start()).text();
    }

    private static ChangeRow ofChange(Change change, Song song) {
        Note before = change.note();
        Spelling spelling = spelling(before, song);
        int to = change instanceof Change.Moved moved ? moved.after().pitch() : -1;
        String names = spelling.pitch(before.pitch()).text() + " → " + (to < 0 ? "–" : spelling.pitch(to).text());
        String degrees = spelling.degreeText(PitchClass.of(before.pitch())) + " → "
                + (to < 0 ? "–" : spelling.degreeText(PitchClass.of(to)));
        return new ChangeRow(Kind.CHANGE, Optional.of(before), place(before, song), names, degrees,
                words(spelling).sentence(change.reason()), false);
    }

    private static ChangeRow ofKept(Kept kept, Song song) {
        Note note = kept.note();
        Spelling spelling = spelling(note, song);
        return new ChangeRow(Kind.KEPT, Optional.of(note), place(note, song), spelling.pitch(note.pitch()).text(),
                spelling.degreeText(PitchClass.of(note.pitch())), words(spelling).sentence(kept.reason()), true);
    }

    private static ChangeRow ofFinding(Finding finding, Song song) {
        Optional<Note> note = finding.note();
        Spelling spelling = note.map(n -> spelling(n, song)).orElseGet(() -> song.fence().keys().first().spelling());
        return new ChangeRow(Kind.FINDING, note, note.map(n -> place(n, song)).orElse(""), "", "",
                words(spelling).sentence(finding), false);
    }

    private static StepWords words(Spelling spelling) {
        return new StepWords(pitch -> spelling.pitch(pitch).text());
    }
}
