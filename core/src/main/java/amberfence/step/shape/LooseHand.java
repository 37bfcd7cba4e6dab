package amberfence.step.shape;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeLength;
import amberfence.notes.TimeMap;
import amberfence.reading.Strokes;
import amberfence.step.NoteDice;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import amberfence.theory.Range;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Plays a line a little unevenly. */
final class LooseHand {
    private static final double DEVIATIONS = 3;
    private static final int ONSET = 0;
    private static final int END = 1;
    private static final int VELOCITY = 2;
    private final Loosen step;
    private final Surroundings around;
    private final Work work;
    private final TimeMap time;
    private final Line in;
    private final NoteDice dice;
    /** The first new beginning of what began at a tick. */
    private final Map<Long, Long> begins = new HashMap<>();

    LooseHand(Loosen step, Line in, Surroundings around, Work work) {
        this.step = step;
        this.around = around;
        this.work = work;
        this.time = around.time();
        this.in = in;
        this.dice = NoteDice.of(step.seed(), in, around);
    }

    void play() {
        List<List<Note>> groups = new ArrayList<>();
        if (step.together()) {
            groups.addAll(Strokes.of(in.notes(), time));
        } else {
            for (Note note : in.notes()) {
                groups.add(List.of(note));
            }
        }
        long[] starts = new long[in.size()];
        int at = 0;
        for (int i = 0; i < groups.size(); i++) {
            List<Note> group = groups.get(i);
            Note first = group.get(0);
            long last = group.get(group.size() - 1).start();
            long wanted = by(step.onset(), first, ONSET);
            long earliest = earlier(groups, i, first.start());
            long latest = later(groups, i, last);
            long offset = Math.max(earliest - first.start(), Math.min(latest - last, wanted));
            for (Note note : group) {
                starts[at] = around.isFree(note) ? note.start() + offset : note.start();
                begins.merge(note.start(), starts[at], Math::min);
                at++;
            }
        }
        for (int i = 0; i < in.size(); i++) {
            loosen(in.notes().get(i), starts[i]);
        }
    }

    /** The first tick behind the middle between a place and the place before. */
    private static long earlier(List<List<Note>> groups, int index, long place) {
        for (int i = index - 1; i >= 0; i--) {
            List<Note> before = groups.get(i);
            long other = before.get(before.size() - 1).start();
            if (other < place) {
                return Math.floorDiv(other + place, 2) + 1;
            }
        }
        return 0;
    }

    /** The last tick before the middle between a place and the next. */
    private static long later(List<List<Note>> groups, int index, long place) {
        for (int i = index + 1; i < groups.size(); i++) {
            long other = groups.get(i).get(0).start();
            if (other > place) {
                return Math.floorDiv(other + place + 1, 2) - 1;
            }
        }
        return Range.TICK.highest() / 2;
    }

    private void loosen(Note note, long start) {
        Long touched = begins.get(note.end());
        long end = touched != null ? touched : note.end() + by(step.end(), note, END);
        int velocity = (int) Math.round(note.velocity() + clipped(dice.normal(note, VELOCITY), step.velocity()));
        Note after = note.withStart(start).withLength(Math.max(1, end - start))
                .withVelocity((int) Range.VELOCITY.nearest(velocity));
        work.change(note, after, new ShapeReason.Loosened(start - note.start(), after.velocity() - note.velocity()));
    }

    private long by(TimeLength most, Note note, int thing) {
        return Math.round(clipped(dice.normal(note, thing), most.ticks(time, note.start())));
    }

    private static double clipped(double normal, double most) {
        return Math.max(-most, Math.min(most, normal * most / DEVIATIONS));
    }
}
