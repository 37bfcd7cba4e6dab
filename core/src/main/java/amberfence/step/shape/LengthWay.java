package amberfence.step.shape;

import amberfence.theory.Range;
import amberfence.words.Texts;

/** Which lengths notes get, with what each way asks for. Ticks are those of the song; as text they count 480 to a quarter. */
public sealed interface LengthWay {
    /** Each note lasts until the next begins. */
    record Legato() implements LengthWay {
    }

    /** Each note lasts a share of the way to the next, and is never made longer. */
    record Staccato(int percent) implements LengthWay {
        public Staccato {
            Limits.PERCENT.check(percent);
        }
    }

    /** A share of its own length. */
    record Share(int percent) implements LengthWay {
        public Share {
            Limits.PERCENT.check(percent);
        }
    }

    /** So many ticks longer, or shorter when negative. */
    record Offset(long ticks) implements LengthWay {
        public Offset {
            Limits.TICKS.check(ticks);
        }
    }

    /** What reaches a little into the next note is cut there. */
    record TrimOverlaps() implements LengthWay {
    }

    /** Gaps before the next note that are shorter than so many ticks are closed. */
    record CloseGaps(long ticks) implements LengthWay {
        public CloseGaps {
            Limits.TICKS.check(ticks);
        }
    }

    /** Starts and lengths are stretched together, so that they fill so many bars from the one in which the first note begins. */
    record Fill(int bars) implements LengthWay {
        public Fill {
            Limits.BARS.check(bars);
        }
    }

    /** Starts and lengths are stretched together, so that the last note ends at a tick of the song. */
    record FillUntil(long ticks) implements LengthWay {
        public FillUntil {
            Limits.TICKS.check(ticks);
        }
    }

    /** Starts and lengths are stretched together by a share, counted from the bar line before the first note: 200 is half time. */
    record FillShare(int percent) implements LengthWay {
        public FillShare {
            Limits.SHARE_OF_TIME.check(percent);
        }
    }

    /** What the ways allow. */
    final class Limits {
        private static final Range PERCENT = new Range(Texts.text("share in percent"), 0, 1_000_000);
        private static final Range TICKS = new Range(Texts.text("ticks of a length"), -(1L << 40), 1L << 40);
        private static final Range SHARE_OF_TIME = new Range(Texts.text("share of the time in percent"), 1, 10_000);
        private static final Range BARS = new Range(Texts.text("bars to fill"), 1, 100_000);

        private Limits() {
        }
    }
}
