package amberfence.step.draw;

import amberfence.notes.GridLines;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.reading.Strokes;
import amberfence.step.Dice;
import amberfence.step.InsidePlaces;
import amberfence.step.NoteCount;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.LongFunction;
import java.util.stream.IntStream;

/** Fills the free time between the notes of a line. */
final class FillWriter {
    private static final int FOURTH = 5;
    private static final int WHOLE = 100;
    /** What the dice are thrown for. */
    private static final int CHANCE = 0;
    private static final int PITCH = 1;
    private static final int TIE = 2;

    /** A cell of the grid that is to sound, and its pitch once it is known. */
    private record Cell(long from, long to, int pitch) {
    }

    private final Fill step;
    private final Surroundings around;
    private final Work work;
    private final Making making;
    private final TimeMap time;
    private final GridLines grid;
    private final LongFunction<InsidePlaces> placesAt;
    private final NoteCount withoutTime = new NoteCount();

    FillWriter(Fill step, Surroundings around, Work work) {
        this.step = step;
        this.around = around;
        this.work = work;
        this.making = new Making(around, work);
        this.time = around.time();
        this.placesAt = InsidePlaces.along(around.fence());
        this.grid = new GridLines(time, step.rate());
    }

    void write(Line in) {
        List<List<Note>> groups = Strokes.of(making.free(in), time);
        for (int i = 0; i < groups.size(); i++) {
            List<Note> group = groups.get(i);
            Note highest = highest(group);
            for (Note note : group) {
                if (!note.equals(highest) || i + 1 == groups.size()) {
                    making.keep(note);
                }
            }
            if (i + 1 < groups.size()) {
                between(highest, highest(groups.get(i + 1)));
            }
        }
        work.find(withoutTime, (first, count) -> new DrawFinding.NoTime(first, count, step));
        making.write();
    }

    private static Note highest(List<Note> group) {
        return group.stream().max(Comparator.comparingInt(Note::pitch)).orElseThrow();
    }

    private void between(Note before, Note next) {
        long taken = Math.round(before.length() * step.room() / (double) WHOLE);
        Note shorter = before.withLength(Math.max(1, before.length() - taken));
        if (shorter.equals(before)) {
            making.keep(before);
        } else {
            making.change(before, shorter, new DrawReason.MadeRoom(step.room()));
        }
        List<Long> lines = cells(shorter.end(), next.start());
        if (lines.size() < 2) {
            withoutTime.add(before);
            return;
        }
        List<Cell> sounding = new ArrayList<>();
        for (int i = 0; i + 1 < lines.size(); i++) {
            if (roll(lines.get(i), CHANCE, WHOLE) < step.density()) {
                sounding.add(new Cell(lines.get(i), lines.get(i + 1), 0));
            }
        }
        boolean leads = !sounding.isEmpty() && sounding.get(sounding.size() - 1).from == lines.get(lines.size() - 2);
        make(before, tied(walk(sounding, before, next, leads)));
    }

    /** The lines of the cells that lie wholly in the free time, as far as it is filled. */
    private List<Long> cells(long from, long to) {
        long first = Math.max(from, to - step.longest().ticksBefore(to, time));
        List<Long> lines = new ArrayList<>();
        long at = grid.atOrAfter(first);
        while (at <= to) {
            work.turn();
            lines.add(at);
            at = grid.after(at);
        }
        return lines;
    }

    /** From note to note within a fourth, so that the last of them is a place from the next note when it is just before it. */
    private List<Cell> walk(List<Cell> cells, Note before, Note next, boolean leads) {
        List<Cell> walked = new ArrayList<>();
        int at = before.pitch();
        for (int i = 0; i < cells.size(); i++) {
            Cell cell = cells.get(i);
            InsidePlaces places = placesAt.apply(cell.from);
            if (places.isEmpty()) {
                continue;
            }
            int one = places.nearest(before.pitch());
            int other = places.nearest(next.pitch());
            int lowest = places.movedAtMost(Math.min(one, other), -step.spread());
            int highest = places.movedAtMost(Math.max(one, other), step.spread());
            at = leads && i == cells.size() - 1 ? beside(next.pitch(), places, lowest, highest, cell.from)
                    : onTheWay(at, next.pitch(), leads ? cells.size() - 1 - i : cells.size() - i, places.between(lowest, highest), cell.from);
            walked.add(new Cell(cell.from, cell.to, at));
        }
        return walked;
    }

    /** One place above or below, the side that is within the spread. */
    private int beside(int pitch, InsidePlaces places, int lowest, int highest, long moment) {
        int[] sides = IntStream.of(places.moved(pitch, 1), places.moved(pitch, -1)).filter(side -> side >= 0).toArray();
        int[] within = IntStream.of(sides).filter(side -> side >= lowest && side <= highest).toArray();
        int[] from = within.length > 0 ? within : sides;
        return from.length == 0 ? places.nearest(pitch) : from[roll(moment, PITCH, from.length)];
    }

    /** Any within a fourth of the one before from which the next note can still be reached by fourths; else the one that is nearest to it. */
    private int onTheWay(int before, int next, int left, int[] within, long moment) {
        int[] near = IntStream.of(within).filter(pitch -> Math.abs(pitch - before) <= FOURTH).toArray();
        int[] leading = IntStream.of(near).filter(pitch -> Math.abs(pitch - next) <= FOURTH * left).toArray();
        if (leading.length > 0) {
            return leading[roll(moment, PITCH, leading.length)];
        }
        int[] from = near.length > 0 ? near : within;
        return IntStream.of(from).boxed().min(Comparator.comparingInt((Integer pitch) -> Math.abs(pitch - (near.length > 0 ? next : before)))).orElseThrow();
    }

    /** Those that do not sound anew last on from the one before, all with the pitch of the last. */
    private List<Cell> tied(List<Cell> cells) {
        List<Cell> tied = new ArrayList<>();
        for (Cell cell : cells) {
            int last = tied.size() - 1;
            if (last >= 0 && roll(cell.from, TIE, WHOLE) < step.tie()) {
                tied.set(last, new Cell(tied.get(last).from, cell.to, cell.pitch));
            } else {
                tied.add(cell);
            }
        }
        return tied;
    }

    private void make(Note before, List<Cell> cells) {
        for (int i = 0; i < cells.size(); i++) {
            Cell cell = cells.get(i);
            making.make(before, before.withStart(cell.from).withLength(cell.to - cell.from).withPitch(cell.pitch),
                    new DrawReason.OnTheWay(i + 1, cells.size()));
        }
    }

    private int roll(long moment, int thing, int sides) {
        return Dice.roll(step.seed(), Dice.moment(moment, time.ticksPerQuarter()), thing, sides);
    }
}
