package amberfence.step.shape;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.reading.Overlaps;
import amberfence.step.NoteDice;
import amberfence.step.Outcome;
import amberfence.step.SettingTexts;
import amberfence.step.SettingType;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.Work;
import amberfence.step.shape.ShapeReason.LengthCause;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;

/**
 * Makes notes longer or shorter. The next note is the next of the same voice; the last of a voice has none and keeps its
 * length where the next note decides.
 *
 * @param way which lengths
 * @param variety each is longer or shorter by up to such a share, in percent, but for those that fill
 */
public record Lengths(LengthWay way, int variety, long seed) implements Step {
    private static final Range VARIETY = new Range(Texts.text("variety in percent"), 0, 100);
    private static final int WHOLE = 100;
    /** Up to the next note. */
    public static final Lengths USUAL = new Lengths(new LengthWay.Legato());
    public static final StepSchema<Lengths> SCHEMA = StepSchema.of("lengths", "Lengths", StepGroup.TIME,
            "Makes notes longer or shorter: legato, staccato, by a share; trims overlaps and closes gaps.", USUAL)
            .touching(Touch.LENGTHS, Touch.BEGINNINGS)
            .with("how", "which lengths", SettingType.choice(SettingType.Kind.CHOICE, LengthAmounts.words()),
                    (step, texts) -> LengthAmounts.word(step.way), (step, text, texts) -> new Lengths(LengthAmounts.named(text, texts), step.variety, step.seed))
            .worded("Lengths", "up to the next note", "a share of the way", "a share of their own", "longer or shorter", "trim small overlaps",
                    "close small gaps", "stretch to fill")
            .with("amount", "how much, as the way asks: a share, ticks, or bars", SettingType.Kind.AMOUNT,
                    (step, texts) -> LengthAmounts.amount(step.way, texts), (step, text, texts) -> new Lengths(LengthAmounts.withAmount(step.way, text, texts), step.variety, step.seed))
            .worded("How much").usedWhen("with how=staccato, share, offset, close-gaps or fill", step -> !LengthAmounts.amount(step.way, SettingTexts.ALONE).isEmpty())
            .percent("variety", "by how much each may differ", 0, 100, Lengths::variety, (step, variety) -> new Lengths(step.way, variety, step.seed))
            .usedWhen("without how=fill", step -> !step.fills())
            .seed(Lengths::seed, (step, seed) -> new Lengths(step.way, step.variety, seed)).usedWhen("with a variety", step -> step.variety > 0 && !step.fills())
            .example("notes: C4 r D4 r E4:2", "step: lengths how=legato", "becomes: C4:2 D4:2 E4:2");

    public Lengths {
        VARIETY.check(variety);
    }

    /** With no variety. */
    public Lengths(LengthWay way) {
        this(way, 0, 1);
    }

    private boolean fills() {
        return LengthAmounts.fills(way);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        Work work = new Work(in, around);
        if (fills()) {
            fill(in, around, work);
            return work.outcome();
        }
        int[] next = way instanceof LengthWay.Share || way instanceof LengthWay.Offset ? null : Overlaps.next(in);
        NoteDice dice = NoteDice.of(seed, in, around);
        for (int i = 0; i < in.size(); i++) {
            Note note = in.notes().get(i);
            Note after = next == null || next[i] < 0 ? null : in.notes().get(next[i]);
            long length = Math.max(1, varied(length(note, after), note, after, dice));
            work.change(note, note.withLength(length), new ShapeReason.LengthChanged(cause(), length - note.length()));
        }
        return work.outcome();
    }

    /** Longer or shorter by chance; a note that ends before the next goes on doing so. */
    private long varied(long length, Note note, Note next, NoteDice dice) {
        if (variety == 0) {
            return length;
        }
        long varied = Math.round(length * (1 + (2 * dice.share(note, 0) - 1) * variety / WHOLE));
        long toNext = next == null ? Long.MAX_VALUE : Math.max(length, next.start() - note.start());
        return Math.min(varied, toNext);
    }

    private LengthCause cause() {
        if (way instanceof LengthWay.Legato) {
            return LengthCause.TO_NEXT;
        } else if (way instanceof LengthWay.Staccato) {
            return LengthCause.STACCATO;
        } else if (way instanceof LengthWay.Share) {
            return LengthCause.SHARE;
        } else if (way instanceof LengthWay.Offset) {
            return LengthCause.OFFSET;
        } else if (way instanceof LengthWay.TrimOverlaps) {
            return LengthCause.OVERLAP;
        }
        return way instanceof LengthWay.CloseGaps ? LengthCause.GAP : LengthCause.FILL;
    }

    private long length(Note note, Note next) {
        if (way instanceof LengthWay.Share share) {
            return Math.round(note.length() * (long) share.percent() / (double) WHOLE);
        } else if (way instanceof LengthWay.Offset offset) {
            return note.length() + offset.ticks();
        } else if (next == null) {
            return note.length();
        }
        long between = next.start() - note.start();
        if (way instanceof LengthWay.Staccato staccato) {
            return Math.min(note.length(), between * staccato.percent() / WHOLE);
        } else if (way instanceof LengthWay.TrimOverlaps) {
            return Math.min(note.length(), between);
        } else if (way instanceof LengthWay.CloseGaps gaps) {
            return between - note.length() < gaps.ticks() && between > note.length() ? between : note.length();
        }
        return between;
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
        long begin = picked.isEmpty() ? 0 : picked.get(0).start();
        long first = way instanceof LengthWay.FillShare ? around.time().barStart(around.time().barOf(begin)) : begin;
        long end = picked.stream().mapToLong(Note::end).max().orElse(1);
        long until = until(first, end, around.time());
        for (Note note : picked) {
            long start = stretched(note.start(), first, end, until);
            long length = Math.max(1, stretched(note.end(), first, end, until) - start);
            work.change(note, note.withStart(start).withLength(length),
                    new ShapeReason.LengthChanged(LengthCause.FILL, length - note.length()));
        }
    }

    /** Where the last note is to end. */
    private long until(long first, long end, TimeMap time) {
        if (way instanceof LengthWay.FillShare share) {
            return first + Math.round((end - first) * (share.percent() / (double) WHOLE));
        }
        return way instanceof LengthWay.Fill fill ? time.barStart(time.barOf(first) + fill.bars())
                : ((LengthWay.FillUntil) way).ticks();
    }

    private static long stretched(long tick, long first, long end, long until) {
        return until <= first ? tick : first + Math.round((tick - first) * ((double) (until - first) / (end - first)));
    }
}
