package amberfence.step.move;

import amberfence.notes.Note;
import amberfence.step.Finding;
import amberfence.step.StepWords;
import amberfence.words.Texts;
import java.util.Optional;

/** What moving notes could not do. */
public sealed interface MoveFinding extends Finding {
    /** Some notes would leave the range of MIDI, so nothing was moved; the note is the first of them. */
    record NoRoom(Note first, int notes) implements MoveFinding {
        @Override
        public Optional<Note> note() {
            return Optional.of(first);
        }

        @Override
        public String sentence(StepWords words) {
            return Texts.count(notes, "%s note would leave the range of MIDI (0 to 127), so nothing is moved; move less far, or limit the step "
                    + "to other notes", "%s notes would leave the range of MIDI (0 to 127), so nothing is moved; move less far, or limit "
                    + "the step to other notes");
        }
    }
}
