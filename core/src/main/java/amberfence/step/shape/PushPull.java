package amberfence.step.shape;

import amberfence.notes.Grid;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.step.Outcome;
import amberfence.step.SettingType;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.Work;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.List;
import java.util.Optional;

/**
 * Bends time over a range whose two ends stay.
 *
 * @param points places of the range in percent, and where each goes; both rise
 * @param smooth along a smooth curve, else straight from point to point
 * @param bars the range; that of the pick when there is none
 * @param follow ends go along the same curve; else lengths stay
 * @param grid onto which beginnings are drawn afterwards
 */
public record PushPull(ShapePoints points, boolean smooth, Optional<BarRange> bars, boolean follow, Optional<Grid> grid) implements ShapedOverTime {
    private enum Curve {
        STRAIGHT, SMOOTH
    }

    private enum Ends {
        FOLLOW, KEEP
    }

    /** The middle goes to three quarters. */
    public static final PushPull USUAL = new PushPull(new ShapePoints(List.of(0.0, 50.0, 100.0), List.of(0.0, 75.0, 100.0)), false, Optional.empty(), true,
            Optional.empty());
    public static final StepSchema<PushPull> SCHEMA = StepSchema.of("push-pull", "Push and pull", StepGroup.TIME,
            "Bends time over a range, whose ends stay.", USUAL).touching(Touch.BEGINNINGS, Touch.LENGTHS)
            .with("points", "places of the range, and where each goes", SettingType.written("points in percent, as in 0:0,50:75,100:100"),
                    (step, texts) -> step.points.text(), (step, text, texts) -> new PushPull(ShapePoints.parse(text), step.smooth, step.bars, step.follow, step.grid))
            .choice("curve", "how it goes from point to point", Curve.class, step -> step.smooth ? Curve.SMOOTH : Curve.STRAIGHT,
                    (step, curve) -> new PushPull(step.points, curve == Curve.SMOOTH, step.bars, step.follow, step.grid))
            .worded("From point to point", "straight", "smooth")
            .with("range", "over which time", SettingType.written("pick, or bars as in 1..4", "pick"), (step, texts) -> step.bars.map(BarRange::text).orElse("pick"),
                    (step, text, texts) -> new PushPull(step.points, step.smooth, BarRange.parse(text), step.follow, step.grid))
            .worded("Over")
            .choice("ends", "what becomes of ends", Ends.class, step -> step.follow ? Ends.FOLLOW : Ends.KEEP,
                    (step, ends) -> new PushPull(step.points, step.smooth, step.bars, ends == Ends.FOLLOW, step.grid))
            .worded("Ends", "go along", "lengths stay")
            .with("grid", "onto which beginnings are drawn afterwards", SettingType.written("none, or a note value as in 1/16", "none", "1/8", "1/16", "1/32", "1/8t",
                    "1/16t"), (step, texts) -> step.grid.map(Grid::text).orElse("none"), (step, text, texts) -> new PushPull(step.points, step.smooth, step.bars,
                            step.follow, text.strip().equalsIgnoreCase("none") ? Optional.empty() : Optional.of(Grid.parse(text))))
            .worded("Then on a grid", "none", "1/8", "1/16", "1/32", "1/8 triplets", "1/16 triplets")
            .example("notes: C4:2 D4:2 E4:2 F4:2", "step: push-pull points=0:0,50:75,100:100", "becomes: C4:3 D4:3 E4 F4");

    public PushPull {
        points = points.withEnds();
        for (int i = 0; i < points.size(); i++) {
            if (points.values().get(i) > 100 || i > 0 && points.values().get(i) <= points.values().get(i - 1)) {
                throw new IllegalArgumentException(Texts.say("where points go rises from 0 to 100, as in 0:0,50:75,100:100, not %s", points.text()));
            }
        }
        if (points.values().get(0) != 0 || points.values().get(points.size() - 1) != 100) {
            throw new IllegalArgumentException(Texts.say("the ends of the range stay: 0 goes to 0, 100 to 100, not %s", points.text()));
        }
    }

    /** The range that is bent. */
    LaidShape.Stretch range(Line in, Surroundings around) {
        List<Note> picked = around.picked().in(in);
        long from = bars.map(range -> around.time().barStart(range.first())).orElse(picked.isEmpty() ? 0 : picked.get(0).start());
        return new LaidShape.Stretch(from, Math.min(Range.TICK.highest(), bars.map(range -> around.time().barStart(range.last() + 1)).orElse(Line.of(picked).end())));
    }

    @Override
    public Optional<LaidShape> laid(Line in, Surroundings around) {
        LaidShape.Stretch range = range(in, around);
        return range.to() <= range.from() ? Optional.empty() : Optional.of(new LaidShape(points, range.from(), range.to(), 0, 0, 100, false));
    }

    @Override
    public Step withShape(ShapePoints newPoints) {
        return new PushPull(newPoints, smooth, bars, follow, grid);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        Work work = new Work(in, around);
        new TimeBend(this, around, work).bend(in);
        return work.outcome();
    }
}
