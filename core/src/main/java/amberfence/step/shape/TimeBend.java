package amberfence.step.shape;

import amberfence.notes.GridLines;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import java.util.HashMap;
import java.util.Map;

/** Moves notes along a bend of time. */
final class TimeBend {
    private static final double WHOLE = 100;
    private final PushPull step;
    private final Surroundings around;
    private final Work work;
    private final TimeMap time;
    private long from;
    private long to;

    TimeBend(PushPull step, Surroundings around, Work work) {
        this.step = step;
        this.around = around;
        this.work = work;
        this.time = around.time();
    }

    void bend(Line in) {
        LaidShape.Stretch range = step.range(in, around);
        from = range.from();
        to = range.to();
        // Where the last note of each pitch and channel begins now, so that no two begin together.
        Map<Integer, Moved> last = new HashMap<>();
        for (Note note : in.notes()) {
            Note after = note.start() < from || note.start() >= to ? note : bent(note, last.get(voice(note)));
            last.put(voice(note), new Moved(note.start(), around.isFree(note) ? after.start() : note.start()));
            work.change(note, after, new ShapeReason.Bent(after.start() - note.start()));
        }
    }

    private record Moved(long from, long to) {
    }

    /** @param before where the last note of its pitch began and begins, if there is one */
    private Note bent(Note note, Moved before) {
        long bent = bent(note.start());
        long start = step.grid().map(grid -> new GridLines(time, grid).nearest(bent)).orElse(bent);
        if (before != null && before.from < note.start() && start <= before.to) {
            start = step.grid().map(grid -> new GridLines(time, grid).after(before.to)).orElse(before.to + 1);
        }
        long end = !step.follow() ? start + note.length() : note.end() <= to ? bent(note.end()) : note.end();
        return note.withStart(start).withLength(Math.max(1, end - start));
    }

    private static int voice(Note note) {
        return note.channel() << 7 | note.pitch();
    }

    private long bent(long tick) {
        double place = WHOLE * (tick - from) / (to - from);
        double goal = step.smooth() ? step.points().smoothAt(place) : step.points().at(place);
        return from + Math.round(goal * (to - from) / WHOLE);
    }
}
