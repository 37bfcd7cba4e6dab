package amberfence.step.shape;

import amberfence.notes.Note;
import amberfence.step.Finding;
import amberfence.step.StepWords;
import amberfence.words.Texts;
import java.util.Optional;

/** What could not be done to beginnings and ends as it was asked. */
public sealed interface ShapeFinding extends Finding {
    /** Some notes struck together have no room for the time over which they were to begin; the note is the first of them. */
    record SpreadShrunk(Note first, long wanted, long taken) implements ShapeFinding {
        @Override
        public Optional<Note> note() {
            return Optional.of(first);
        }

        @Override
        public String sentence(StepWords words) {
            return Texts.say("no room for a strum over %s here, so it takes %s", StepWords.ticks(wanted), StepWords.ticks(taken));
        }
    }
}
