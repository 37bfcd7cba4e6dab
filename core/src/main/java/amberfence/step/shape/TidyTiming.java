package amberfence.step.shape;

import amberfence.notes.Grid;
import amberfence.notes.GridLines;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.step.Outcome;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.Work;
import amberfence.theory.Range;
import amberfence.words.Texts;

/**
 * Draws starts, ends or both to a grid, all the way or part of it. Where only starts are drawn, lengths stay.
 *
 * @param strength how far, in percent: 100 is onto the grid
 * @param swing where the second line of each pair of cells stands, in percent of the pair: 50 is straight, 66 near
 *     triplets
 */
public record TidyTiming(Grid grid, Ends ends, int strength, int swing) implements Step {
    /** Which ends of the notes are drawn. */
    public enum Ends {
        STARTS, ENDS, BOTH
    }

    private static final Range STRENGTH = new Range(Texts.text("strength in percent"), 0, 100);
    private static final Range SWING = new Range(Texts.text("swing in percent"), 50, 80);
    private static final int WHOLE = 100;
    /** Starts onto sixteenths. */
    public static final TidyTiming USUAL = new TidyTiming(Grid.of(16), Ends.STARTS, WHOLE, GridLines.STRAIGHT);
    public static final StepSchema<TidyTiming> SCHEMA = StepSchema.of("tidy-timing", "Tidy timing", StepGroup.TIME,
            "Draws starts and ends to a grid, all the way or in part, with swing if you like.", USUAL)
            .touching(Touch.BEGINNINGS, Touch.LENGTHS)
            .noteValue("grid", "the note value", TidyTiming::grid, (step, grid) -> new TidyTiming(grid, step.ends, step.strength, step.swing))
            .choice("ends", "which ends of the notes", Ends.class, TidyTiming::ends,
                    (step, ends) -> new TidyTiming(step.grid, ends, step.strength, step.swing))
            .worded("Draw", "the starts", "the ends", "starts and ends")
            .percent("strength", "how far", 0, WHOLE, TidyTiming::strength,
                    (step, strength) -> new TidyTiming(step.grid, step.ends, strength, step.swing))
            .percent("swing", "where every second line stands", 50, 80, TidyTiming::swing,
                    (step, swing) -> new TidyTiming(step.grid, step.ends, step.strength, swing))
            .example("notes: r C4:4 D4:3 E4:4", "unit: 1/32", "step: tidy-timing grid=1/8 ends=both", "becomes: C4:4 D4:4 E4:4");

    public TidyTiming {
        STRENGTH.check(strength);
        SWING.check(swing);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        GridLines lines = new GridLines(around.time(), grid, swing);
        Work work = new Work(in, around);
        for (Note note : in.notes()) {
            long start = ends == Ends.ENDS ? note.start() : drawn(note.start(), lines.nearest(note.start()));
            long end = ends == Ends.STARTS ? start + note.length() : drawn(note.end(), end(note, start, lines));
            Note after = note.withStart(start).withLength(Math.max(1, end - start));
            work.change(note, after, new ShapeReason.OnGrid(grid.text(), start - note.start(),
                    ends == Ends.STARTS ? 0 : after.end() - note.end()));
        }
        return work.outcome();
    }

    /** The line nearest to a note's end, but always one after its start. */
    private static long end(Note note, long start, GridLines lines) {
        long nearest = lines.nearest(note.end());
        return nearest > start ? nearest : lines.after(start);
    }

    private long drawn(long tick, long line) {
        return tick + Math.round((line - tick) * strength / (double) WHOLE);
    }
}
