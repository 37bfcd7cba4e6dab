package amberfence.step.shape;

import amberfence.reading.Overlaps;
import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.step.Outcome;
import amberfence.step.shape.ShapeReason.LengthCause;
import amberfence.step.Surroundings;
import amberfence.step.SettingType;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Touch;
import amberfence.step.Work;
import amberfence.theory.Range;
import java.util.ArrayList;
import java.util.List;

/**
 * Makes notes longer or shorter. The next note is the next of the same voice; the last of a voice has none and keeps its
 * length where the next note decides.
 *
 * @param how which lengths
 * @param amount what the way asks for: percent for {@code STACCATO} and {@code SHARE}, ticks for {@code OFFSET} and
 *     {@code CLOSE_GAPS}, the tick at which the last note is to end for {@code FILL}; the others ask for nothing
 */
public record Lengths(How how, long amount) implements Step {
    /** Which lengths. */
    public enum How {
        /** Each note lasts until the next begins. */
        LEGATO,
        /** Each note lasts a share of the way to the next, and is never made longer. */
        STACCATO,
        /** A share of its own length. */
        SHARE,
        /** So many ticks longer, or shorter when negative. */
        OFFSET,
        /** What reaches a little into the next note is cut there. */
        TRIM_OVERLAPS,
        /** Gaps before the next note that are shorter than the amount are closed. */
        CLOSE_GAPS,
        /** Starts and lengths are stretched together, so that the last note ends at a given tick. */
        FILL
    }

    private static final Range AMOUNT = new Range("amount of a length", -(1L << 32), 1L << 40);
    private static final int WHOLE = 100;
    /** Up to the next note. */
    public static final Lengths USUAL = new Lengths(How.LEGATO, 0);
    public static final StepSchema<Lengths> SCHEMA = StepSchema.of("lengths", "Lengths", StepGroup.TIME,
            "Makes notes longer or shorter: legato, staccato, by a share; trims overlaps and closes gaps.", USUAL)
            .touching(Touch.LENGTHS, Touch.BEGINNINGS)
            .with("how", "which lengths", LengthAmounts.HOW, (step, texts) -> LengthAmounts.word(step.how),
                    (step, text, texts) -> LengthAmounts.usual(LengthAmounts.how(text), texts))
            .with("amount", "how much, as the way asks: a share, ticks, or the tick where the last note ends", SettingType.Kind.AMOUNT,
                    LengthAmounts::of, LengthAmounts::read);

    public Lengths {
        AMOUNT.check(amount);
    }

    /** A way that asks for no amount. */
    public static Lengths of(How how) {
        return new Lengths(how, 0);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        Work work = new Work(in, around);
        if (how == How.FILL) {
            fill(in, around, work);
            return work.outcome();
        }
        int[] next = how == How.SHARE || how == How.OFFSET ? null : Overlaps.next(in);
        for (int i = 0; i < in.size(); i++) {
            Note note = in.notes().get(i);
            Note after = next == null || next[i] < 0 ? null : in.notes().get(next[i]);
            long length = Math.max(1, length(note, after));
            work.change(note, note.withLength(length), new ShapeReason.LengthChanged(cause(), length - note.length()));
        }
        return work.outcome();
    }

    private LengthCause cause() {
        return switch (how) {
            case LEGATO -> LengthCause.TO_NEXT;
            case STACCATO -> LengthCause.STACCATO;
            case SHARE -> LengthCause.SHARE;
            case OFFSET -> LengthCause.OFFSET;
            case TRIM_OVERLAPS -> LengthCause.OVERLAP;
            case CLOSE_GAPS -> LengthCause.GAP;
            case FILL -> LengthCause.FILL;
        };
    }

    private long length(Note note, Note next) {
        if (how == How.SHARE) {
            return Math.round(note.length() * amount / (double) WHOLE);
        } else if (how == How.OFFSET) {
            return note.length() + amount;
        } else if (next == null) {
            return note.length();
        }
        long way = next.start() - note.start();
        return switch (how) {
            case LEGATO -> way;
            case STACCATO -> Math.min(note.length(), way * amount / WHOLE);
            case TRIM_OVERLAPS -> Math.min(note.length(), way);
            default -> way - note.length() < amount && way > note.length() ? way : note.length();
        };
    }

    private void fill(Line in, Surroundings around, Work work) {
        List<Note> picked = new ArrayList<>();
        for (Note note : in.notes()) {
            if (around.picked().contains(note)) {
                picked.add(note);
            } else {
                work.keep(note);
            }
        }
        long first = picked.isEmpty() ? 0 : picked.get(0).start();
        long end = picked.stream().mapToLong(Note::end).max().orElse(1);
        for (Note note : picked) {
            long start = stretched(note.start(), first, end);
            long length = Math.max(1, stretched(note.end(), first, end) - start);
            work.change(note, note.withStart(start).withLength(length),
                    new ShapeReason.LengthChanged(LengthCause.FILL, length - note.length()));
        }
    }

    private long stretched(long tick, long first, long end) {
        return amount <= first ? tick : first + Math.round((tick - first) * ((double) (amount - first) / (end - first)));
    }
}
