package amberfence.step.shape;

import amberfence.notes.Grid;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeLength;
import amberfence.reading.Strokes;
import amberfence.step.Outcome;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.Work;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Notes that are struck together begin one after another, as over the strings of a guitar. What is struck together is what
 * begins within a thirty-second; the beat is its first beginning, so that its unevenness goes.
 *
 * @param over the time from the first beginning to the last
 * @param bend −100 to 100: 0 is even, above it the first notes hurry, below it the last ones
 * @param keeps which of the notes is on the beat; the others come after it, or before it
 * @param slope by how much louder the last note is than the first, in percent of its velocity, −100 to 100
 */
public record Strum(From from, TimeLength over, int bend, Keeps keeps, Ends ends, int slope) implements Step {
    /** Where the hand begins. */
    public enum From {
        BELOW, ABOVE, TURNS
    }

    /** Which note is on the beat. */
    public enum Keeps {
        FIRST, LAST
    }

    /** What becomes of the ends. */
    public enum Ends {
        STAY, MOVE
    }

    private static final Range BEND = new Range("bend", -100, 100);
    private static final Range SLOPE = new Range(Texts.text("slope in percent"), -100, 100);
    private static final double BEND_FOR_A_POWER = 50;
    /** From below over a thirty-second. */
    public static final Strum USUAL = new Strum(From.BELOW, new TimeLength.Value(Grid.of(32)), 0, Keeps.FIRST, Ends.STAY, 0);
    public static final StepSchema<Strum> SCHEMA = StepSchema.of("strum", "Strum", StepGroup.NEW_NOTES,
            "Lets notes that are struck together begin one after another.", USUAL).live()
            .touching(Touch.BEGINNINGS, Touch.LENGTHS, Touch.VELOCITIES)
            .choice("from", "where the hand begins", From.class, Strum::from,
                    (step, from) -> new Strum(from, step.over, step.bend, step.keeps, step.ends, step.slope))
            .worded("Begins", "from below", "from above", "taking turns")
            .length("over", "from the first beginning to the last", Strum::over,
                    (step, over) -> new Strum(step.from, over, step.bend, step.keeps, step.ends, step.slope))
            .whole("bend", "0 is even; above it the first notes hurry, below it the last", -100, 100, Strum::bend,
                    (step, bend) -> new Strum(step.from, step.over, bend, step.keeps, step.ends, step.slope))
            .choice("keeps", "which note is on the beat", Keeps.class, Strum::keeps,
                    (step, keeps) -> new Strum(step.from, step.over, step.bend, keeps, step.ends, step.slope))
            .worded("On the beat", "the first note", "the last note")
            .choice("ends", "what becomes of the ends", Ends.class, Strum::ends,
                    (step, ends) -> new Strum(step.from, step.over, step.bend, step.keeps, ends, step.slope))
            .worded("Ends", "stay", "move along")
            .percent("slope", "how much louder the last note is", -100, 100, Strum::slope,
                    (step, slope) -> new Strum(step.from, step.over, step.bend, step.keeps, step.ends, slope))
            .example("notes: [C4 E4 G4]:8", "unit: 1/16", "step: strum from=below over=1/8", "becomes: C4:8 / r E4:7 / r:2 G4:6");

    public Strum {
        BEND.check(bend);
        SLOPE.check(slope);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums()) {
            return Work.drums(in);
        }
        Work work = new Work(in, around);
        List<List<Note>> groups = Strokes.of(around.picked().in(in), around.time());
        in.notes().stream().filter(note -> !around.picked().contains(note)).forEach(work::keep);
        int chords = 0;
        for (int i = 0; i < groups.size(); i++) {
            List<Note> group = groups.get(i);
            if (group.size() == 1) {
                work.keep(group.get(0));
            } else {
                boolean below = from == From.BELOW || from == From.TURNS && chords % 2 == 0;
                strum(group, below, i + 1 < groups.size() ? groups.get(i + 1).get(0).start() : Long.MAX_VALUE, around, work);
                chords++;
            }
        }
        return work.outcome();
    }

    private void strum(List<Note> group, boolean below, long next, Surroundings around, Work work) {
        Comparator<Note> upward = Comparator.comparingInt(Note::pitch);
        List<Note> order = group.stream().sorted(below ? upward : upward.reversed()).toList();
        long beat = group.get(0).start();
        long wanted = over.ticks(around.time(), beat);
        long spread = room(order, beat, next, wanted);
        if (spread < wanted) {
            work.find(new ShapeFinding.SpreadShrunk(group.get(0), wanted, spread));
        }
        for (int i = 0; i < order.size(); i++) {
            Note note = order.get(i);
            long start = beginning(beat, spread, i, order.size());
            long length = ends == Ends.MOVE ? note.length() : note.end() - start;
            Note after = note.withStart(start).withLength(length).withVelocity(velocity(note, i, order.size()));
            work.change(note, after, new ShapeReason.Strummed(i + 1, order.size(), below, start - note.start()));
        }
    }

    /** The time that there is, at most the one that is wanted: no note begins before the song, at or after its own end, or with the next chord. */
    private long room(List<Note> order, long beat, long next, long wanted) {
        long most = keeps == Keeps.LAST ? Math.min(wanted, beat) : wanted;
        long least = 0;
        while (least < most) {
            long middle = least + (most - least + 1) / 2;
            if (hasRoom(order, beat, next, middle)) {
                least = middle;
            } else {
                most = middle - 1;
            }
        }
        return least;
    }

    private boolean hasRoom(List<Note> order, long beat, long next, long spread) {
        return IntStream.range(0, order.size()).allMatch(i -> {
            long start = beginning(beat, spread, i, order.size());
            return ends == Ends.MOVE ? start < next : start < order.get(i).end();
        });
    }

    /** Counted from the beat, or before it. */
    private long beginning(long beat, long spread, int i, int count) {
        return beat + Math.round(spread * share(i, count, bend)) - (keeps == Keeps.LAST ? spread : 0);
    }

    /** Where note i of n begins, as a share of the spread: (i / (n − 1))^p with p = 2^(bend / 50). */
    public static double share(int i, int count, int bend) {
        return Math.pow(i / (count - 1.0), Math.pow(2, bend / BEND_FOR_A_POWER));
    }

    private int velocity(Note note, int i, int count) {
        long sloped = Math.round(note.velocity() * (1 + slope / 100.0 * i / (count - 1)));
        return (int) Range.VELOCITY.nearest(sloped);
    }
}
