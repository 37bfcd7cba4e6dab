package amberfence.step.fit;

import amberfence.notes.Note;
import amberfence.step.Finding;
import amberfence.step.StepWords;
import amberfence.words.Texts;
import java.util.Optional;

/** What could not be fitted well to the chords. */
public sealed interface FitFinding extends Finding {
    /** So many notes lie where there is no chord; whether the scale counts for them, or they are left alone. */
    record NoChordThere(int notes, boolean scaleCounts) implements FitFinding {
        @Override
        public String sentence(StepWords words) {
            return scaleCounts ? Texts.count(notes, "%s note lies where there is no chord; only the scale counts there",
                    "%s notes lie where there is no chord; only the scale counts there")
                    : Texts.count(notes, "%s note lies where there is no chord; left alone. Let the last chord hold, or the scale count, to "
                    + "change that", "%s notes lie where there is no chord; left alone. Let the last chord hold, or the scale count, to "
                    + "change that");
        }
    }

    /** So many notes begin together that the chord has no room for them side by side; each went to its nearest. */
    record Crowded(Note first, int notes) implements FitFinding {
        @Override
        public Optional<Note> note() {
            return Optional.of(first);
        }

        @Override
        public String sentence(StepWords words) {
            return Texts.say("%s notes at once find no room side by side on the chord; each goes to its nearest", notes);
        }
    }

    /** Lines meet on one pitch at one time, or on a note of the tune, and are one note there. */
    record LinesMeet(Note first, int count) implements FitFinding {
        @Override
        public Optional<Note> note() {
            return Optional.of(first);
        }

        @Override
        public String sentence(StepWords words) {
            return Texts.count(count, "two lines meet on %2$s and are one note there", "%s times lines meet on one pitch and are one note there; the first is %s",
                    words.name(first.pitch()));
        }
    }

    /** There is no figure to play: none is drawn, and the part has no notes. */
    record NoFigure() implements FitFinding {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("there is no figure yet: draw one in the grid, take one from selected notes, or choose a part with notes");
        }
    }

    /** The part's notes are numbered against the chords that sound there, so that they are right already. */
    record FigureAtHome() implements FitFinding {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("every note is numbered against the chord that sounds there, so nothing moves; name the chord over which they "
                    + "were written, or let the first bars be the figure");
        }
    }

    /** The figure is longer than some chords, under which so many of its notes are not reached. */
    record FigureCut(int notes, int chords) implements FitFinding {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("the figure is longer than %s, under which %s not reached; let it go on over the changes of chord to hear all",
                    Texts.count(chords, "%s chord", "%s chords"), Texts.count(notes, "%s of its notes is", "%s of its notes are"));
        }
    }

    /** Variety was asked for, but all of the line's notes are strong: none lies between. */
    record NothingBetween(int notes) implements FitFinding {
        @Override
        public String sentence(StepWords words) {
            return Texts.count(notes, "the only note is on a strong beat or the first under a chord, so that there is no room for variety; cut "
                    + "long notes first", "all %s notes are on strong beats or the first under a chord, so that there is no room for variety; "
                    + "cut long notes first");
        }
    }
}
