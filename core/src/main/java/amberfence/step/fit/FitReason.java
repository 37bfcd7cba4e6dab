package amberfence.step.fit;

import amberfence.notes.Note;
import amberfence.step.Fix;
import amberfence.step.Reason;
import amberfence.step.StepWords;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/** Why a note was fitted to the chords, or made to go with them. */
public sealed interface FitReason extends Reason {
    /** The nearest note of the chord at least so far from the tune. Words are made when somebody reads them. */
    record NearestChordNote(HarmonyLine line) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("the nearest note of the chord, %s or farther", line.text());
        }
    }

    /** In a scale that does not have seven notes, the nearest to the usual size of the interval; degrees as texts. */
    record NearestToInterval(HarmonyLine line, String from, String to) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("%s, as near as the scale has it: %s becomes %s", line.text(), from, to);
        }
    }

    /** Where there is no chord, the nearest note of the scale. */
    record ScaleWithoutChord(int chosen) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("no chord holds here; %s is the nearest note of the scale", words.name(chosen));
        }
    }

    /** No chord holds here, and such notes are left alone. */
    record NoChordHere() implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("left alone: no chord holds here");
        }
    }

    /** Ends where another chord begins, as text; until then the member of its own. */
    record CutAtChord(String chord, String member, String next) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("the %s of %s, cut where %s begins", member, chord, next);
        }
    }

    /** What falls on a strong beat takes a note of the chord: which chord and which member, as text. */
    record OnStrongBeat(String chord, String member) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("on a strong beat: the %s of %s", member, chord);
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
            return member.isEmpty() ? Texts.say("clashes with %s: none of its notes, on a strong beat", chord)
                    : Texts.say("clashes with %s: a semitone above its %s", chord, member);
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
            return Texts.say("a note of the scale, between chord notes");
        }
    }

    /** Leads into the note that follows on a strong beat, by a semitone or by a step of the scale. */
    record LeadsTo(int target, boolean bySemitone) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say(bySemitone ? Texts.text("leads by a semitone to %s") : Texts.text("leads by step to %s"), words.name(target));
        }
    }

    /** The same member of another chord: which, and of which chord it was, as text. */
    record SameMember(String member, String from, String to) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return from.equals(to) ? Texts.say("the %s of %s", member, to) : Texts.say("the %s, of %s instead of %s", member, to, from);
        }
    }

    /** A figure that repeats stands in its place. */
    record FigureInstead() implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("the repeated figure stands in its place");
        }
    }

    /** So many scale steps above a member of a chord, as text, downward negative, and semitones beside that step. */
    record BesideMember(int steps, int alteration, String member, String chord) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            String distance = steps == 0 ? Texts.count(Math.abs(alteration), "%s semitone", "%s semitones")
                    : Texts.count(Math.abs(steps), "%s scale step", "%s scale steps");
            String place = steps == 0 || alteration == 0 ? distance
                    : Texts.say(alteration > 0 ? Texts.text("%s and a sharp") : Texts.text("%s and a flat"), distance);
            return Texts.say((steps == 0 ? alteration : steps) > 0 ? Texts.text("%s above the %s of %s") : Texts.text("%s below the %s of %s"),
                    place, member, chord);
        }
    }

    /** A harmony line stays on a note that both chords have. */
    record CommonNote(int held) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("%s is held: the chord has it too", words.name(held));
        }
    }

    /** A harmony line moved by so many octaves so as not to cross the tune, upward positive. */
    record NotCrossing(HarmonyLine line, int octaves) implements FitReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("%s, %s so as not to cross the tune", line.text(), StepWords.amount(octaves, StepWords.Unit.OCTAVE));
        }
    }
}
