package amberfence.step;

import amberfence.song.Note;
import java.util.Optional;

/** Something that a step could not do well, with a way out in words; see {@link StepWords}. */
public sealed interface Finding {
    /** The note that it is about, if it is about one. */
    default Optional<Note> note() {
        return Optional.empty();
    }

    /** Two neighbours of a line that differed now sound alike: no inside note lies between. */
    record StepLost(Note before, Note after) implements Finding {
        @Override
        public Optional<Note> note() {
            return Optional.of(after);
        }
    }

    /** Two notes of one channel sound one pitch at the same time, which they did not before. */
    record Unison(Note first, Note second) implements Finding {
        @Override
        public Optional<Note> note() {
            return Optional.of(second);
        }
    }

    /** There is no inside note on the side that was asked for; the other side was taken, or the note was kept. */
    record EndOfRange(Note atEnd) implements Finding {
        @Override
        public Optional<Note> note() {
            return Optional.of(atEnd);
        }
    }

    /** TieBreak were to go to the chord note, but no other part plays chords. */
    record NoChords() implements Finding {
    }

    /** The part is drums; its notes name instruments and were left alone. */
    record Drums(int notes) implements Finding {
    }

    /** The step is limited to a pick that finds no note. */
    record NothingPicked() implements Finding {
    }

    /** Some notes would leave the range of MIDI, so nothing was moved; the note is the first of them. */
    record NoRoom(Note first, int notes) implements Finding {
        @Override
        public Optional<Note> note() {
            return Optional.of(first);
        }
    }

    /** The pitch that was wanted lies outside MIDI; the same pitch class in the nearest octave was taken. */
    record OctaveBack(Note before, int taken) implements Finding {
        @Override
        public Optional<Note> note() {
            return Optional.of(before);
        }
    }

    /** The step plays the progression, and the song has none yet. */
    record NoProgression() implements Finding {
    }

    /** The part that the chords are to come from plays none, or is gone. */
    record NoChordsInPart() implements Finding {
    }

    /** So many notes lie where there is no chord; whether the scale counts for them, or they are left alone. */
    record NoChordThere(int notes, boolean scaleCounts) implements Finding {
    }

    /** So many notes begin together that the chord has no room for them side by side; each went to its nearest. */
    record Crowded(Note first, int notes) implements Finding {
        @Override
        public Optional<Note> note() {
            return Optional.of(first);
        }
    }

    /** There is no figure to play: none is drawn, and the part has no notes. */
    record NoFigure() implements Finding {
    }

    /** The part's notes are numbered against the chords that sound there, so that they are right already. */
    record FigureAtHome() implements Finding {
    }

    /** The figure is longer than some chords, under which so many of its notes are not reached. */
    record FigureCut(int notes, int chords) implements Finding {
    }

    /** Variety was asked for, but all of the line's notes are strong: none lies between. */
    record NothingBetween(int notes) implements Finding {
    }

    /** The part and others listen to each other, so that where the circle closes notes before any step are heard. */
    record ListensInCircle(int parts) implements Finding {
    }

    /** The step would make more notes than a part can hold; nothing is done. */
    record TooMuch() implements Finding {
    }

    /** The step broke off; nothing is done. What was thrown is for those who mend it. */
    record Failed(Throwable cause) implements Finding {
    }

    /** The step of the project cannot be read here; the notes pass. */
    record Unread(String why) implements Finding {
    }
}
