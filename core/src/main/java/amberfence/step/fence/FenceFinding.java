package amberfence.step.fence;

import amberfence.notes.Note;
import amberfence.step.Finding;
import amberfence.step.Fix;
import amberfence.step.StepWords;
import amberfence.words.Texts;
import java.util.List;
import java.util.Optional;

/** What bringing notes inside could not do well. */
public sealed interface FenceFinding extends Finding {
    /** Two neighbours of a line that differed now sound alike: no inside note lies between. */
    record StepLost(Note before, Note after) implements FenceFinding {
        @Override
        public Optional<Note> note() {
            return Optional.of(after);
        }

        @Override
        public String sentence(StepWords words) {
            return Texts.say("a step lost: %s now repeats, as no inside note lies between; leave one of the two alone, or allow its pitch",
                    words.name(before.pitch()));
        }

        @Override
        public List<Fix> fixes() {
            return List.of(new Fix("leave", words -> Texts.say("leave both"), slot -> slot.withLeft(List.of(before.id(), after.id()), true)));
        }
    }

    /** There is no inside note on the side that was asked for; the other side was taken, or the note was kept. */
    record EndOfRange(Note atEnd) implements FenceFinding {
        @Override
        public Optional<Note> note() {
            return Optional.of(atEnd);
        }

        @Override
        public String sentence(StepWords words) {
            return Texts.say("no inside note lies on that side of %s; the other side is taken", words.name(atEnd.pitch()));
        }
    }

    /** TieBreak were to go to the chord note, but no other part plays chords. */
    record NoChords() implements FenceFinding {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("no other part plays chords; the line's shape decides instead. Give a part the role of chords");
        }
    }
}
