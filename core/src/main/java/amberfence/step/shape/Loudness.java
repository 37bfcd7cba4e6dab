package amberfence.step.shape;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.reading.Strokes;
import amberfence.step.Accents;
import amberfence.step.NoteDice;
import amberfence.step.Surroundings;
import amberfence.theory.Range;
import java.util.List;

/** How loud each note of a line is to be. */
final class Loudness {
    private static final double LOUDEST = Range.VELOCITY.highest();
    private static final double BEND_FOR_A_POWER = 50;
    private static final double WHOLE = 100;
    private final Velocities step;
    private final TimeMap time;
    private final NoteDice dice;
    private long first;
    private long last;

    Loudness(Velocities step, Line in, Surroundings around) {
        this.step = step;
        this.time = around.time();
        this.dice = NoteDice.of(step.seed(), in, around);
        List<Note> picked = around.picked().in(in);
        if (!picked.isEmpty()) {
            first = picked.get(0).start();
            last = picked.get(picked.size() - 1).start();
        }
    }

    int of(Note note) {
        return switch (step.way()) {
            case FIXED -> step.value();
            case SHARE -> Accents.of(note.velocity(), step.share());
            case CURVE -> curve(note.velocity());
            case SHAPE -> within(step.shape().at(place(note)));
            case ACCENTS -> accent(note);
            case CHANCE -> within(note.velocity() - step.by() + dice.roll(note, 0, 2 * step.by() + 1));
        };
    }

    private static int within(double velocity) {
        return (int) Range.VELOCITY.nearest(Math.round(velocity));
    }

    /** v → lo + (hi − lo)·((v − 1)/126)^p with p = 2^(bend / 50). */
    private int curve(int velocity) {
        double share = Math.pow((velocity - 1) / (LOUDEST - 1), Math.pow(2, step.bend() / BEND_FOR_A_POWER));
        return within(step.range().softest() + (step.range().loudest() - step.range().softest()) * share);
    }

    /** Where a note stands in the time of the shape, in percent. */
    private double place(Note note) {
        if (step.every().bars() == 0) {
            return last == first ? 0 : WHOLE * (note.start() - first) / (last - first);
        }
        int bars = step.every().bars();
        int bar = (time.barOf(note.start()) - 1) / bars * bars + 1;
        long from = time.barStart(bar);
        return WHOLE * (note.start() - from) / (time.barStart(bar + bars) - from);
    }

    /** What begins on a beat, within a thirty-second, has the accent of the beat; all else stays. */
    private int accent(Note note) {
        long near = Strokes.together(time);
        int bar = time.barOf(note.start() + near);
        long start = time.barStart(bar);
        long end = time.barStart(bar + 1);
        int beat = 0;
        for (long at = start; at < end && at <= note.start() + near; at = time.nextPulse(at)) {
            if (Math.abs(at - note.start()) <= near) {
                return step.accents().at(note.velocity(), beat);
            }
            beat++;
        }
        return note.velocity();
    }
}
