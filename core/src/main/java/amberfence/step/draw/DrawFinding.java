package amberfence.step.draw;

import amberfence.notes.Note;
import amberfence.step.Finding;
import amberfence.step.Fix;
import amberfence.step.StepWords;
import amberfence.words.Texts;
import java.util.List;
import java.util.Optional;

/** What could not be drawn as it was asked. */
sealed interface DrawFinding extends Finding {
    /** The part whose notes were to be taken is not chosen, or gone. */
    record NoPart() implements DrawFinding {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("choose the part whose voice it is to be");
        }
    }

    /** Notes of which the first place is said, and how many there are. */
    sealed interface Counted extends DrawFinding {
        Note first();

        @Override
        default Optional<Note> note() {
            return Optional.of(first());
        }
    }

    /** There are fewer lines than notes in some chords; inner notes are in none of them. */
    record LeftOutOfLines(Note first, int count, int lines) implements Counted {
        @Override
        public String sentence(StepWords words) {
            return Texts.count(count, "one inner note is in none of the lines, of which there are %3$s: %2$s",
                    "%s inner notes are in none of the lines, of which there are %3$s; the first is %2$s", words.name(first.pitch()), lines);
        }
    }

    /** Notes were not made, as one of their pitch begins there. */
    record GaveWay(Note first, int count) implements Counted {
        @Override
        public String sentence(StepWords words) {
            return Texts.count(count, "one note is not made, as %2$s begins there already", "%s notes are not made, as their pitch begins there already; the first is %s",
                    words.name(first.pitch()));
        }
    }

    /** Made notes end early, as one of their pitch begins. */
    record CutShort(Note first, int count) implements Counted {
        @Override
        public String sentence(StepWords words) {
            return Texts.count(count, "one made note ends early, as %2$s begins anew", "%s made notes end early, as their pitch begins anew; the first is %s",
                    words.name(first.pitch()));
        }
    }

    /** Chords that are shorter than one note of the rate keep their lowest note only. */
    record TooShort(Note first, int count) implements Counted {
        @Override
        public String sentence(StepWords words) {
            return Texts.count(count, "one chord is shorter than one note of the rate; of it %2$s stays",
                    "%s chords are shorter than one note of the rate; of each the lowest note stays, first %s", words.name(first.pitch()));
        }
    }

    /** Notes past the end of MIDI were taken in another octave. */
    record Inward(Note first, int count) implements Counted {
        @Override
        public String sentence(StepWords words) {
            return Texts.count(count, "one note would lie outside MIDI; %2$s, the same note in the nearest octave, is taken",
                    "%s notes would lie outside MIDI; the same notes in the nearest octave are taken, first %s", words.name(first.pitch()));
        }
    }

    /** Between some notes and the next there is no free time; what making room would free can be chosen. */
    record NoTime(Note first, int count, Fill step) implements Counted {
        private static final int ROOM = 50;

        @Override
        public String sentence(StepWords words) {
            return Texts.count(count, "there is no free time behind one note, %2$s; half of it given would make room",
                    "there is no free time behind %s notes, first %s; half of each given would make room", words.name(first.pitch()));
        }

        @Override
        public List<Fix> fixes() {
            return step.room() >= ROOM ? List.of()
                    : List.of(new Fix("room", words -> Texts.say("make room"), slot -> slot.withStep(step.withRoom(ROOM))));
        }
    }

    /** Grace notes for which there is no room. */
    record NoRoomForGrace(Note first, int count) implements Counted {
        @Override
        public String sentence(StepWords words) {
            return Texts.count(count, "one note has no room for its grace notes: %2$s", "%s notes have no room for their grace notes; the first is %s",
                    words.name(first.pitch()));
        }
    }

    /** Chords with fewer voices than the one that was to be dropped. */
    record NothingToDrop(Note first, int count) implements Counted {
        @Override
        public String sentence(StepWords words) {
            return Texts.count(count, "one chord has no such voice to drop: on %2$s", "%s chords have no such voice to drop; the first is on %s",
                    words.name(first.pitch()));
        }
    }

    /** Members past the end of MIDI whose place an octave inward is taken. */
    record LeftOut(Note first, int count) implements Counted {
        @Override
        public String sentence(StepWords words) {
            return Texts.count(count, "one member of the chord on %2$s is left out: it lies outside MIDI, and an octave inward it is there already",
                    "%s members are left out: they lie outside MIDI, and an octave inward they are there already; the first is of the chord on %s",
                    words.name(first.pitch()));
        }
    }

    /** The song has no bank of chords, or nothing in it for a key. */
    record NoBank() implements DrawFinding {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("the song has no chords on keys; put some on keys first");
        }
    }
}
