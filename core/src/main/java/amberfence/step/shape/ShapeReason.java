package amberfence.step.shape;

import amberfence.step.Reason;
import amberfence.step.StepWords;

/** Why a note begins or ends at another time. */
public sealed interface ShapeReason extends Reason {
    /** Drawn to a grid: by how many ticks the start and the end moved, later positive. */
    record OnGrid(String grid, long start, long end) implements ShapeReason {
        @Override
        public String sentence(StepWords words) {
            return "on " + grid + ": " + StepWords.moved("start", start) + (start != 0 && end != 0 ? ", " : "")
                    + StepWords.moved("end", end);
        }
    }

    /** What made a note longer or shorter. */
    enum LengthCause {
        /** It lasts until the next note of its voice. */
        TO_NEXT("up to the next note"),
        /** It is cut to a share of the way to the next note. */
        STACCATO("short before the next note"),
        /** A share of its own length. */
        SHARE("a share of its length"),
        /** Ticks added or taken. */
        OFFSET("by an offset"),
        /** It reached a little into the next note. */
        OVERLAP("overlap with the next note trimmed"),
        /** A small gap before the next note is closed. */
        GAP("small gap closed"),
        /** All the notes together are stretched to fill a span. */
        FILL("stretched with the others");

        private final String words;

        LengthCause(String words) {
            this.words = words;
        }
    }

    /** Longer or shorter by so many ticks. */
    record LengthChanged(LengthCause cause, long ticks) implements ShapeReason {
        @Override
        public String sentence(StepWords words) {
            return cause.words + ", " + StepWords.ticks(Math.abs(ticks)) + (ticks > 0 ? " longer" : " shorter");
        }
    }
}
