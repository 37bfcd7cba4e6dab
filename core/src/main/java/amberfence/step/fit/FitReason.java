package amberfence.step.fit;

import amberfence.song.Note;
import amberfence.step.Fix;
import amberfence.step.Reason;
import amberfence.step.StepWords;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/** Why a note was fitted to the chords, or made to go with them. */
public sealed interface FitReason extends Reason {
    /** The nearest note of the chord at least so far from the tune, as text. */
    record NearestChordNote(String line) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return "the nearest note of the chord, " + line + " or farther";
        }
    }

    /** Where there is no chord, the nearest note of the scale. */
    record ScaleWithoutChord(int chosen) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return "no chord holds here; " + words.name(chosen) + " is the nearest note of the scale";
        }
    }

    /** No chord holds here, and such notes are left alone. */
    record NoChordHere() implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return "left alone: no chord holds here";
        }
    }

    /** Ends where another chord begins, as text; until then the member of its own. */
    record CutAtChord(String chord, String member, String next) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return "the " + member + " of " + chord + ", cut where " + next + " begins";
        }
    }

    /** What falls on a strong beat takes a note of the chord: which chord and which member, as text. */
    record OnStrongBeat(String chord, String member) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return "on a strong beat: the " + member + " of " + chord;
        }
    }

    /**
     * Clashes with a chord and is left so.
     *
     * @param member the member a semitone below it, as text; empty where it is merely none of the chord
     * @param down the next chord note below, where there is one
     * @param up the next chord note above
     */
    record Clashing(String chord, String member, OptionalInt down, OptionalInt up) implements FitReason {
        private static final String DOWN = "down";
        private static final String UP = "up";

        @Override
        public String sentence(StepWords words) {
            return "clashes with " + chord + ": " + (member.isEmpty() ? "none of its notes, on a strong beat"
                    : "a semitone above its " + member);
        }

        @Override
        public boolean isOpen() {
            return true;
        }

        @Override
        public List<Fix> fixes(Note note) {
            List<Fix> fixes = new ArrayList<>();
            down.ifPresent(pitch -> fixes.add(Fix.to(DOWN, pitch, note.id())));
            up.ifPresent(pitch -> fixes.add(Fix.to(UP, pitch, note.id())));
            return fixes;
        }

        /** Where the fix leads that was chosen; nothing when none was. */
        OptionalInt chosen(String fix) {
            return DOWN.equals(fix) ? down : UP.equals(fix) ? up : OptionalInt.empty();
        }
    }

    /** A note of the scale between notes of the chord. */
    record BetweenChordNotes(int chosen) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return "a note of the scale, between chord notes";
        }
    }

    /** Leads into the note that follows on a strong beat, by a semitone or by a step of the scale. */
    record LeadsTo(int target, boolean bySemitone) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return "leads " + (bySemitone ? "by a semitone" : "by step") + " to " + words.name(target);
        }
    }

    /** The same member of another chord: which, and of which chord it was, as text. */
    record SameMember(String member, String from, String to) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return from.equals(to) ? "the " + member + " of " + to : "the " + member + ", of " + to + " instead of " + from;
        }
    }

    /** A figure that repeats stands in its place. */
    record FigureInstead() implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return "the repeated figure stands in its place";
        }
    }

    /** So many scale steps above a member of a chord, as text, downward negative, and semitones beside that step. */
    record BesideMember(int steps, int alteration, String member, String chord) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            String way = (steps == 0 ? alteration : steps) > 0 ? " above" : " below";
            String altered = alteration == 0 ? "" : StepWords.count(Math.abs(alteration), "semitone", "semitones");
            String place = steps == 0 ? altered : StepWords.count(Math.abs(steps), "scale step", "scale steps")
                    + (alteration == 0 ? "" : alteration > 0 ? " and a sharp" : " and a flat");
            return place + way + " the " + member + " of " + chord;
        }
    }

    /** A harmony line stays on a note that both chords have. */
    record CommonNote(int held) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return words.name(held) + " is held: the chord has it too";
        }
    }

    /** A harmony line, as text, moved by so many octaves so as not to cross the tune, upward positive. */
    record NotCrossing(String line, int octaves) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return line + ", " + StepWords.amount(octaves, "octave") + " so as not to cross the tune";
        }
    }
}
