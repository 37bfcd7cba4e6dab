package amberfence.app.notes;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Results;
import amberfence.app.words.Words;
import amberfence.edit.LineEdit;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.PlaceText;
import amberfence.notes.TimeMap;
import amberfence.theory.Spelling;
import java.util.List;
import java.util.Map;

/** What is typed into the table, as edits by hand. */
final class NoteTyping {
    private static final int LOUDEST = 127;

    private NoteTyping() {
    }

    /** @throws IllegalArgumentException in words, for what cannot be read */
    static void edit(NoteColumn column, NoteCommands commands, Results results, Note note, String text) {
        TimeMap time = results.song().time();
        NoteSet one = NoteSet.of(List.of(note.id()));
        switch (column) {
            case PLACE -> commands.edit("notes.placeDone", text, LineEdit.shift(one, PlaceText.parse(time, text) - note.start()));
            case LENGTH -> commands.edit("notes.lengthDone", text,
                    LineEdit.moveEnds(one, PlaceText.ticks(time, note.start(), text) - note.length()));
            case VELOCITY -> commands.edit("notes.velocityDone", text, LineEdit.velocities(Map.of(note.id(), velocity(text))));
            case PITCH -> commands.edit("notes.pitchDone", text, LineEdit.pitches(Map.of(note.id(), pitch(results.fence().spellingAt(note.start()), text))));
            default -> throw new IllegalArgumentException(Words.say("notes.notTyped", column.title()));
        }
    }

    private static int pitch(Spelling spelling, String text) {
        int number = spelling.readPitch(text);
        if (number < 0 || number > LOUDEST) {
            throw new IllegalArgumentException(Words.say("notes.pitchWrong", text));
        }
        return number;
    }

    private static int velocity(String text) {
        if (!text.matches("\\d{1,3}") || Integer.parseInt(text) < 1 || Integer.parseInt(text) > LOUDEST) {
            throw new IllegalArgumentException(Words.say("notes.velocityWrong", text));
        }
        return Integer.parseInt(text);
    }
}
