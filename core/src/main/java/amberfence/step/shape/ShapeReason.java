package amberfence.step.shape;

import amberfence.step.Reason;
import amberfence.step.StepWords;
import amberfence.words.Texts;

/** Why a note begins or ends at another time. */
public sealed interface ShapeReason extends Reason {
    /** Drawn to a grid: by how many ticks the start and the end moved, later positive. */
    record OnGrid(String grid, long start, long end) implements ShapeReason {
        @Override
        public String sentence(StepWords words) {
            return start == 0 ? Texts.say("on %s: %s", grid, endMoved(end)) : end == 0 ? Texts.say("on %s: %s", grid, startMoved(start))
                    : Texts.say("on %s: %s, %s", grid, startMoved(start), endMoved(end));
        }
    }

    /** One of some notes struck together, in the order in which they begin; by how many ticks its beginning moved, later positive. */
    record Strummed(int number, int of, boolean fromBelow, long by) implements ShapeReason {
        @Override
        public String sentence(StepWords words) {
            String place = Texts.say(fromBelow ? Texts.text("%s of %s from below") : Texts.text("%s of %s from above"), number, of);
            return by == 0 ? Texts.say("%s, on the beat", place) : Texts.say("%s: %s", place, startMoved(by));
        }
    }

    private static String startMoved(long by) {
        return Texts.say(by > 0 ? Texts.text("start %s later") : Texts.text("start %s earlier"), StepWords.ticks(Math.abs(by)));
    }

    private static String endMoved(long by) {
        return Texts.say(by > 0 ? Texts.text("end %s later") : Texts.text("end %s earlier"), StepWords.ticks(Math.abs(by)));
    }

    /** What made a note longer or shorter. */
    enum LengthCause {
        /** It lasts until the next note of its voice. */
        TO_NEXT(Texts.text("up to the next note")),
        /** It is cut to a share of the way to the next note. */
        STACCATO(Texts.text("short before the next note")),
        /** A share of its own length. */
        SHARE(Texts.text("a share of its length")),
        /** Ticks added or taken. */
        OFFSET(Texts.text("by an offset")),
        /** It reached a little into the next note. */
        OVERLAP(Texts.text("overlap with the next note trimmed")),
        /** A small gap before the next note is closed. */
        GAP(Texts.text("small gap closed")),
        /** All the notes together are stretched to fill a span. */
        FILL(Texts.text("stretched with the others"));

        private final String words;

        LengthCause(String words) {
            this.words = words;
        }
    }

    /** Longer or shorter by so many ticks. */
    record LengthChanged(LengthCause cause, long ticks) implements ShapeReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say(ticks > 0 ? Texts.text("%s, %s longer") : Texts.text("%s, %s shorter"), Texts.say(cause.words),
                    StepWords.ticks(Math.abs(ticks)));
        }
    }

    /** Loosened: by how many ticks its beginning moved, later positive, and how much louder it became. */
    record Loosened(long start, int velocity) implements ShapeReason {
        @Override
        public String sentence(StepWords words) {
            return start == 0 && velocity == 0 ? Texts.say("loosened: its end") : start == 0 ? Texts.say("loosened: %s", louder(velocity))
                    : velocity == 0 ? Texts.say("loosened: %s", startMoved(start))
                    : Texts.say("loosened: %s, %s", startMoved(start), louder(velocity));
        }
    }

    /** So much louder, or softer below 0. */
    record Louder(int by) implements ShapeReason {
        @Override
        public String sentence(StepWords words) {
            return louder(by);
        }
    }

    /** It was its turn by chance. */
    record ByChance() implements ShapeReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("by chance");
        }
    }

    /** Dealt to a place, counted from 1. */
    record Dealt(int place) implements ShapeReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("dealt to place %s", place);
        }
    }

    /** Moved along a bend of time by so many ticks, later positive. */
    record Bent(long by) implements ShapeReason {
        @Override
        public String sentence(StepWords words) {
            return by == 0 ? Texts.say("time is bent: its end") : Texts.say("time is bent: %s", startMoved(by));
        }
    }

    private static String louder(int by) {
        return by < 0 ? Texts.say("%s softer", -by) : Texts.say("%s louder", by);
    }
}
