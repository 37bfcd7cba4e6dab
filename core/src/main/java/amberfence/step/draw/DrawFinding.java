package amberfence.step.draw;

import amberfence.song.Note;
import amberfence.step.Finding;
import amberfence.step.StepWords;
import amberfence.words.Texts;
import java.util.Optional;

/** What could not be drawn as it was asked. Those that count say the first place, and how many there are. */
sealed interface DrawFinding extends Finding {
    Note first();

    @Override
    default Optional<Note> note() {
        return Optional.of(first());
    }

    /** Notes were not made, as one of their pitch begins there. */
    record GaveWay(Note first, int count) implements DrawFinding {
        @Override
        public String sentence(StepWords words) {
            return Texts.count(count, "one note is not made, as %2$s begins there already", "%s notes are not made, as their pitch begins there already; the first is %s",
                    words.name(first.pitch()));
        }
    }

    /** Made notes end early, as one of their pitch begins. */
    record CutShort(Note first, int count) implements DrawFinding {
        @Override
        public String sentence(StepWords words) {
            return Texts.count(count, "one made note ends early, as %2$s begins anew", "%s made notes end early, as their pitch begins anew; the first is %s",
                    words.name(first.pitch()));
        }
    }

    /** Chords that are shorter than one note of the rate keep their lowest note only. */
    record TooShort(Note first, int count) implements DrawFinding {
        @Override
        public String sentence(StepWords words) {
            return Texts.count(count, "one chord is shorter than one note of the rate; of it %2$s stays",
                    "%s chords are shorter than one note of the rate; of each the lowest note stays, first %s", words.name(first.pitch()));
        }
    }

    /** Notes past the end of MIDI were taken in another octave. */
    record Inward(Note first, int count) implements DrawFinding {
        @Override
        public String sentence(StepWords words) {
            return Texts.count(count, "one note would lie outside MIDI; %2$s, the same note in the nearest octave, is taken",
                    "%s notes would lie outside MIDI; the same notes in the nearest octave are taken, first %s", words.name(first.pitch()));
        }
    }
}
