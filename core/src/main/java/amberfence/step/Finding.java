package amberfence.step;

import amberfence.notes.Note;
import amberfence.words.Texts;
import java.util.List;
import java.util.Optional;

/** Something that a step could not do well, with a way out in words. What only one kind of step finds stands beside it. */
public interface Finding {
    /** What could not be done well, and a way out, with pitches named by the words. */
    String sentence(StepWords words);

    /** Ways out, as edits that are already known. */
    default List<Fix> fixes() {
        return List.of();
    }

    /** The note that it is about, if it is about one. */
    default Optional<Note> note() {
        return Optional.empty();
    }

    /** Two notes of one channel sound one pitch at the same time, which they did not before. */
    record Unison(Note first, Note second) implements Finding {
        @Override
        public Optional<Note> note() {
            return Optional.of(second);
        }

        @Override
        public String sentence(StepWords words) {
            return Texts.say("%s sounds twice at once; leave one of the two where it was, or move one", words.name(first.pitch()));
        }

        @Override
        public List<Fix> fixes() {
            return List.of(new Fix("leave", words -> Texts.say("leave both"), slot -> slot.withLeft(List.of(first.id(), second.id()), true)));
        }
    }

    /** The part is drums; its notes name instruments and were left alone. */
    record Drums(int notes) implements Finding {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("%s drum notes are left alone: they name instruments, not pitches. Change the part's role if it is no drum part",
                    notes);
        }

        @Override
        public List<Fix> fixes() {
            return List.of(new Fix("meant", words -> Texts.say("work on them"), slot -> slot.withMeant(true)));
        }
    }

    /** The step is limited to a pick that finds no note. */
    record NothingPicked() implements Finding {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("the pick to which this step is limited finds no note; change the pick, or let the step work on all notes");
        }

        @Override
        public List<Fix> fixes() {
            return List.of(new Fix("all", words -> Texts.say("all notes"), slot -> slot.withLimit(Optional.empty())));
        }
    }

    /** The pitch that was wanted lies outside MIDI; the same pitch class in the nearest octave was taken. */
    record OctaveBack(Note before, int taken) implements Finding {
        @Override
        public Optional<Note> note() {
            return Optional.of(before);
        }

        @Override
        public String sentence(StepWords words) {
            return Texts.say("the pitch wanted for %s is outside MIDI; %s, the same note in the nearest octave, is taken",
                    words.name(before.pitch()), words.name(taken));
        }

        @Override
        public List<Fix> fixes() {
            return List.of(new Fix("leave", words -> Texts.say("leave %s", words.name(before.pitch())), slot -> slot.withLeft(before.id(), true)));
        }
    }

    /** The step plays the progression, and the song has none yet. */
    record NoProgression() implements Finding {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("the song has no chords yet; put some on the progression strip, or read them from a part");
        }
    }

    /** The part that the chords are to come from plays none, or is gone. */
    record NoChordsInPart() implements Finding {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("the part from which the chords are to come plays none; choose another, or the progression");
        }
    }

    /** The part and others listen to each other, so that where the circle closes notes before any step are heard. */
    record ListensInCircle(int parts) implements Finding {
        @Override
        public String sentence(StepWords words) {
            return parts < 2 ? Texts.say("the part listens to itself, and hears its notes before any step")
                    : Texts.say("%s parts listen to each other in a circle; where it closes, notes before any step are heard", parts);
        }
    }

    /** The step would make more notes than a part can hold; nothing is done. */
    record TooMuch() implements Finding {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("this would make more notes than a part can hold, so nothing is done; shorten the chords, or choose a longer rate");
        }
    }

    /** The step broke off; nothing is done. What was thrown is for those who mend it. */
    record Failed(Throwable cause) implements Finding {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("this step broke off with these settings, so nothing is done; change them, or switch it off");
        }
    }

    /** The step of the project cannot be read here; the notes pass. */
    record Unread(String why) implements Finding {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("%s; the notes pass, and the step is kept as it is", why);
        }
    }
}
