package amberfence.app.notes;

import amberfence.app.session.Results;
import amberfence.app.words.Words;
import amberfence.notes.Note;
import amberfence.notes.PlaceText;
import amberfence.result.Standing;
import amberfence.theory.ChordTone;
import amberfence.theory.PitchClass;
import java.util.Comparator;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.ToLongFunction;

/** What a column of the table says of a note, and in which order its notes stand when it is sorted by it. */
enum NoteColumn {
    PLACE(70, true, (results, note) -> PlaceText.of(results.song().time(), note.start()), Note::start),
    PITCH(62, true, (results, note) -> results.fence().spellingAt(note.start()).pitchText(note.pitch()), Note::pitch),
    DEGREE(62, false, (results, note) -> results.fence().spellingAt(note.start()).degreeText(PitchClass.of(note.pitch())),
            note -> Math.floorMod(note.pitch(), PitchClass.COUNT)),
    CHORD(74, false, NoteColumn::member, Note::start),
    LENGTH(66, true, (results, note) -> PlaceText.beats(results.song().time(), note.start(), note.length()), Note::length),
    VELOCITY(66, true, (results, note) -> Integer.toString(note.velocity()), Note::velocity),
    AFTER(150, false, (results, note) -> "", Note::start);

    private final double width;
    private final boolean editable;
    private final BiFunction<Results, Note, String> words;
    private final ToLongFunction<Note> order;

    NoteColumn(double width, boolean editable, BiFunction<Results, Note, String> words, ToLongFunction<Note> order) {
        this.width = width;
        this.editable = editable;
        this.words = words;
        this.order = order;
    }

    double width() {
        return width;
    }

    boolean isEditable() {
        return editable;
    }

    String title() {
        return Words.say("notes." + name().toLowerCase(Locale.ROOT));
    }

    /** What stands in a row. */
    String text(Results results, Standing standing) {
        return this == AFTER ? after(results, standing) : words.apply(results, standing.before());
    }

    Comparator<Standing> order() {
        return Comparator.comparingLong((Standing standing) -> order.applyAsLong(standing.before()));
    }

    /** Which member of the chord under it a note is: "3 of Dm". */
    private static String member(Results results, Note note) {
        return results.song().progression().at(note.start()).map(span -> span.chord().member(PitchClass.of(note.pitch()))
                .map(ChordTone::text).orElse("–") + " " + Words.say("notes.of", span.chord().text())).orElse("");
    }

    /** What the steps make of it: only what is different. */
    private static String after(Results results, Standing standing) {
        if (standing.kind() == Standing.Kind.MADE) {
            return Words.say("notes.made");
        }
        if (standing.after().isEmpty()) {
            return Words.say("notes.leftOut");
        }
        Note before = standing.before();
        Note now = standing.after().get();
        StringBuilder text = new StringBuilder();
        for (NoteColumn column : new NoteColumn[] {PITCH, PLACE, LENGTH, VELOCITY}) {
            String was = column.words.apply(results, before);
            String is = column.words.apply(results, now);
            if (!was.equals(is)) {
                text.append(text.isEmpty() ? "→ " : " · ").append(column == PITCH || column == PLACE ? is
                        : Words.say("notes.named", column.title(), is));
            }
        }
        return text.toString();
    }
}
