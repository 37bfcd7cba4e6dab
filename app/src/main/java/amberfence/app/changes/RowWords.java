package amberfence.app.changes;

import amberfence.app.session.Results;
import amberfence.song.Note;
import amberfence.step.Change;
import amberfence.step.StepWords;
import amberfence.theory.PitchClass;
import amberfence.theory.Spelling;

/**
 * The words of a row.
 *
 * @param place bar and beat
 * @param names from what to what
 * @param degrees the same as degrees of the key
 * @param reason why
 * @param down the note below to which what rubs can go, or nothing
 * @param up the note above
 */
record RowWords(String place, String names, String degrees, String reason, String down, String up) {
    private static final String NOTHING = "–";

    private RowWords(String place, String names, String degrees, String reason) {
        this(place, names, degrees, reason, "", "");
    }

    static RowWords of(ChangeRow row, Results results) {
        String place = row.note().map(note -> results.song().time().position(note.start()).text()).orElse("");
        Spelling spelling = results.fence().spellingAt(row.note().map(Note::start).orElse(0L));
        StepWords words = StepWords.of(spelling);
        if (row instanceof ChangeRow.Found found) {
            return new RowWords(place, "", "", words.sentence(found.finding()));
        } else if (row instanceof ChangeRow.Left left) {
            int pitch = left.kept().note().pitch();
            RowWords plain = new RowWords(place, name(pitch, spelling), degree(pitch, spelling),
                    words.sentence(left.kept().reason()));
            return row.clash().map(clash -> new RowWords(plain.place, plain.names, plain.degrees, plain.reason,
                    clash.down() < 0 ? "" : name(clash.down(), spelling), clash.up() < 0 ? "" : name(clash.up(), spelling)))
                    .orElse(plain);
        }
        Change change = ((ChangeRow.Changed) row).change();
        int from = change.note().pitch();
        if (change instanceof Change.Added) {
            return new RowWords(place, NOTHING + " → " + name(from, spelling), NOTHING + " → " + degree(from, spelling),
                    words.sentence(change.reason()));
        }
        boolean moved = change instanceof Change.Moved;
        int to = moved ? ((Change.Moved) change).after().pitch() : from;
        return new RowWords(place, name(from, spelling) + " → " + (moved ? name(to, spelling) : NOTHING),
                degree(from, spelling) + " → " + (moved ? degree(to, spelling) : NOTHING), words.sentence(change.reason()));
    }

    private static String name(int pitch, Spelling spelling) {
        return spelling.pitch(pitch).text();
    }

    private static String degree(int pitch, Spelling spelling) {
        return spelling.degreeText(PitchClass.of(pitch));
    }
}
