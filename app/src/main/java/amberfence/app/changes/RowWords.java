package amberfence.app.changes;

import amberfence.app.session.Results;
import amberfence.notes.Note;
import amberfence.notes.PlaceText;
import amberfence.step.Change;
import amberfence.step.StepWords;
import amberfence.theory.PitchClass;
import amberfence.theory.Spelling;
import java.util.List;
import java.util.Optional;

/**
 * The words of a row.
 *
 * @param place bar and beat
 * @param names from what to what
 * @param degrees the same as degrees of the key
 * @param reason why
 * @param ways where the row's fixes lead, in their order
 */
record RowWords(String place, String names, String degrees, String reason, List<String> ways) {
    private static final String NOTHING = "–";

    static RowWords of(ChangeRow row, Results results) {
        String place = row.note().map(note -> PlaceText.of(results.song().time(), note.start())).orElse("");
        Spelling spelling = results.fence().spellingAt(row.note().map(Note::start).orElse(0L));
        StepWords words = StepWords.of(spelling);
        List<String> ways = row.fixes().stream().map(fix -> fix.label().apply(words)).toList();
        if (row instanceof ChangeRow.Found found) {
            return new RowWords(place, "", "", words.sentence(found.finding()), ways);
        } else if (row instanceof ChangeRow.Left left) {
            int pitch = left.kept().note().pitch();
            return new RowWords(place, name(pitch, spelling), degree(pitch, spelling), words.sentence(left.kept().reason()), ways);
        }
        Change change = ((ChangeRow.Changed) row).change();
        Note note = change.note();
        Optional<Note> from = change.isMade() ? Optional.empty() : Optional.of(note);
        return new RowWords(place, fromTo(name(from, spelling), name(change.now(), spelling)),
                fromTo(degree(from, spelling), degree(change.now(), spelling)), words.sentence(change.reason()), ways);
    }

    /** What stays, as it is when only the time of a note changes, is said once. */
    private static String fromTo(String before, String after) {
        return before.equals(after) ? before : before + " → " + after;
    }

    private static String name(Optional<Note> note, Spelling spelling) {
        return note.map(some -> name(some.pitch(), spelling)).orElse(NOTHING);
    }

    private static String degree(Optional<Note> note, Spelling spelling) {
        return note.map(some -> degree(some.pitch(), spelling)).orElse(NOTHING);
    }

    private static String name(int pitch, Spelling spelling) {
        return spelling.pitchText(pitch);
    }

    private static String degree(int pitch, Spelling spelling) {
        return spelling.degreeText(PitchClass.of(pitch));
    }
}
