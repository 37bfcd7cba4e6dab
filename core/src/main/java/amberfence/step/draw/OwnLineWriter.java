package amberfence.step.draw;

import amberfence.notes.Grid;
import amberfence.notes.GridLines;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.reading.BeatPlace;
import amberfence.reading.RulingChords;
import amberfence.step.ChordSource;
import amberfence.step.Dice;
import amberfence.step.InsidePlaces;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.LongFunction;
import java.util.function.LongUnaryOperator;
import java.util.stream.IntStream;

/** Writes a line of its own: first when its notes begin, then one pitch after another. */
final class OwnLineWriter {
    private static final int WHOLE = 100;
    private static final int SOUNDS = 0;
    private static final int PITCH = 1;
    private static final int VELOCITY = 2;
    private static final int REST = -1;
    private final OwnLine step;
    private final RulingChords ruling;
    private final Surroundings around;
    private final Work work;
    private final TimeMap time;
    private final LongFunction<InsidePlaces> placesAt;

    OwnLineWriter(OwnLine step, RulingChords ruling, Surroundings around, Work work) {
        this.step = step;
        this.ruling = ruling;
        this.around = around;
        this.work = work;
        this.time = around.time();
        this.placesAt = InsidePlaces.along(around.fence());
    }

    void write(Line in) {
        Making making = new Making(around, work);
        List<Note> replaced = making.free(in);
        replaced.forEach(note -> making.replace(note, new DrawReason.Replaced()));
        long start = replaced.isEmpty() ? 0 : replaced.get(0).start();
        long end = replaced.isEmpty() ? in.isEmpty() ? songEnd() : 0 : Line.of(replaced).end();
        int channel = in.isEmpty() ? around.channel() : in.notes().get(0).channel();
        List<Long> begins = begins(start, end);
        int last = REST;
        int number = 0;
        for (int i = 0; i < begins.size(); i++) {
            long at = begins.get(i);
            int pitch = pitch(at, last);
            if (pitch == REST) {
                continue;
            }
            last = pitch;
            long way = (i + 1 < begins.size() ? begins.get(i + 1) : end) - at;
            int velocity = step.velocities().softest() + roll(at, VELOCITY, step.velocities().loudest() - step.velocities().softest() + 1);
            making.makeFrom(-1 - Dice.moment(at, time.ticksPerQuarter()), new Note(0, at, Math.max(1, Math.round(way * step.length() / (double) WHOLE)),
                    pitch, velocity, channel, Note.USUAL_RELEASE), new DrawReason.OwnLineNote(++number, chordOf(at, pitch)));
        }
        making.write();
    }

    /** The end of the song's last bar. */
    private long songEnd() {
        long end = Math.max(around.others().end(), around.progression().end());
        return end == 0 ? 0 : time.barStart(time.barOf(end - 1) + 1);
    }

    private String chordOf(long at, int pitch) {
        int chord = step.pitches() == OwnLine.Pitches.CHORDS ? ruling.at(at) : RulingChords.NONE;
        return chord != RulingChords.NONE && ruling.notes(chord).containsPitch(pitch) ? ruling.text(chord) : "";
    }

    private List<Long> begins(long start, long end) {
        if (step.rhythm() instanceof LineRhythm.Every every) {
            return lines(start, end, every.value());
        } else if (step.rhythm() instanceof LineRhythm.Density density) {
            return lines(start, end, step.grid()).stream().filter(at -> roll(at, SOUNDS, WHOLE) < density.percent()).toList();
        }
        LineRhythm.Even even = (LineRhythm.Even) step.rhythm();
        List<Boolean> sounds = EvenRhythm.of(even.beats(), even.cells());
        List<Long> begins = new ArrayList<>();
        long first = time.barStart(time.barOf(start));
        LongUnaryOperator cell = number -> first + step.grid().offset(number, time.ticksPerQuarter());
        for (long number = 0; cell.applyAsLong(number) < end; number++) {
            work.turn();
            if (sounds.get(Math.floorMod(number - even.turned(), even.cells())) && cell.applyAsLong(number) >= start) {
                begins.add(cell.applyAsLong(number));
            }
        }
        return begins;
    }

    private List<Long> lines(long start, long end, Grid value) {
        GridLines grid = new GridLines(time, value);
        List<Long> lines = new ArrayList<>();
        for (long at = grid.atOrAfter(start); at < end; at = grid.after(at)) {
            work.turn();
            lines.add(at);
        }
        return lines;
    }

    /** The next pitch, or a rest where nothing is inside or nothing counts. */
    private int pitch(long at, int last) {
        int[] within = placesAt.apply(at).between(step.range().lowest(), step.range().highest());
        if (within.length == 0) {
            return REST;
        } else if (step.pitches() == OwnLine.Pitches.EVEN) {
            return within[roll(at, PITCH, within.length)];
        } else if (step.pitches() == OwnLine.Pitches.WALK) {
            return walked(within, last, step.leap(), at);
        }
        int chord = ruling.at(at);
        if (chord == RulingChords.NONE && step.source().gaps() == ChordSource.Gaps.LEAVE) {
            return REST;
        } else if (chord == RulingChords.NONE || !BeatPlace.of(at, time).isStrong()) {
            return walked(within, last, Math.min(1, step.leap()), at);
        }
        int[] members = IntStream.rangeClosed(step.range().lowest(), step.range().highest()).filter(ruling.notes(chord)::containsPitch).toArray();
        if (last == REST) {
            return members[roll(at, PITCH, members.length)];
        }
        int[] reach = reach(within, last, step.leap());
        int[] near = IntStream.of(members).filter(pitch -> pitch >= reach[0] && pitch <= reach[reach.length - 1]).toArray();
        return near.length > 0 ? near[roll(at, PITCH, near.length)]
                : IntStream.of(members).boxed().min(Comparator.comparingInt(pitch -> Math.abs(pitch - last))).orElseThrow();
    }

    private int walked(int[] within, int last, int leap, long at) {
        int[] from = last == REST ? within : reach(within, last, leap);
        return from[roll(at, PITCH, from.length)];
    }

    /** The places that are at most so many from the one nearest to where the line was. */
    private static int[] reach(int[] within, int last, int leap) {
        int nearest = IntStream.range(0, within.length).boxed().min(Comparator.comparingInt(i -> Math.abs(within[i] - last))).orElseThrow();
        return Arrays.copyOfRange(within, Math.max(0, nearest - leap), Math.min(within.length, nearest + leap + 1));
    }

    private int roll(long moment, int thing, int sides) {
        return Dice.roll(step.seed(), Dice.moment(moment, time.ticksPerQuarter()), thing, sides);
    }
}
