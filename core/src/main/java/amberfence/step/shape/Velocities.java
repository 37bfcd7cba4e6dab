package amberfence.step.shape;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.step.Accents;
import amberfence.step.Outcome;
import amberfence.step.SettingType;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.VelocityRange;
import amberfence.step.Work;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.List;
import java.util.Optional;

/**
 * How loud notes are: the step <em>Touch</em>.
 *
 * @param value for all, with {@code FIXED}
 * @param share in percent, with {@code SHARE}
 * @param range floor and ceiling, and {@code bend} between them, −100 to 100, with {@code CURVE}
 * @param shape over {@code every}, with {@code SHAPE}: from the first beginning of the pick to its last, or over so many bars again and again
 * @param accents one for each beat of a bar, with {@code ACCENTS}
 * @param by at most so much, with {@code CHANCE}
 */
public record Velocities(VelocityWay way, int value, int share, VelocityRange range, int bend, ShapePoints shape, ShapeSpan every, Accents accents,
                         int by, long seed) implements ShapedOverTime {
    private static final Range SHARE = new Range(Texts.text("share in percent"), 1, 400);
    private static final Range BEND = new Range("bend", -100, 100);
    private static final Range BY = new Range("by", 1, 64);
    private static final ShapePoints EVEN = new ShapePoints(List.of(0.0, 100.0), List.of(64.0, 64.0));
    /** All at 80. */
    public static final Velocities USUAL = new Velocities(VelocityWay.FIXED, 80, 100, new VelocityRange(1, 127), 0, EVEN, ShapeSpan.PICK,
            new Accents(List.of(120, 100)), 8, 1);
    public static final StepSchema<Velocities> SCHEMA = StepSchema.of("touch", "Touch", StepGroup.TIME,
            "Sets how loud notes are: alike, by a share, along a curve or a shape, by beat, by chance.", USUAL).touching(Touch.VELOCITIES)
            .choice("way", "how", VelocityWay.class, Velocities::way, (step, way) -> new Velocities(way, step.value, step.share, step.range, step.bend,
                    step.shape, step.every, step.accents, step.by, step.seed))
            .worded("Velocities", "all alike", "a share", "between two, bent", "along a shape", "accents by beat", "by chance")
            .whole("value", "for all", 1, 127, Velocities::value, (step, value) -> new Velocities(step.way, value, step.share, step.range, step.bend,
                    step.shape, step.every, step.accents, step.by, step.seed)).usedWhen("with way=fixed", step -> step.way == VelocityWay.FIXED)
            .percent("share", "of what they are", 1, 400, Velocities::share, (step, share) -> new Velocities(step.way, step.value, share, step.range,
                    step.bend, step.shape, step.every, step.accents, step.by, step.seed)).usedWhen("with way=share", step -> step.way == VelocityWay.SHARE)
            .with("range", "floor and ceiling", SettingType.written("two velocities, as in 40..100"), (step, texts) -> step.range.text(),
                    (step, text, texts) -> new Velocities(step.way, step.value, step.share, VelocityRange.parse(text), step.bend, step.shape, step.every,
                            step.accents, step.by, step.seed)).worded("Between").usedWhen("with way=curve", step -> step.way == VelocityWay.CURVE)
            .whole("bend", "0 is even; above it soft notes stay soft, below it they grow", -100, 100, Velocities::bend, (step, bend) -> new Velocities(
                    step.way, step.value, step.share, step.range, bend, step.shape, step.every, step.accents, step.by, step.seed))
            .usedWhen("with way=curve", step -> step.way == VelocityWay.CURVE)
            .with("shape", "points of place and velocity", SettingType.written("points, as in 0:40,50:110,100:60"), (step, texts) -> step.shape.text(),
                    (step, text, texts) -> new Velocities(step.way, step.value, step.share, step.range, step.bend, ShapePoints.parse(text), step.every,
                            step.accents, step.by, step.seed)).usedWhen("with way=shape", step -> step.way == VelocityWay.SHAPE)
            .with("every", "over which time the shape is laid", SettingType.written("pick, or so many bars, as in 2bars", "pick", "1bars", "2bars", "4bars"),
                    (step, texts) -> step.every.text(), (step, text, texts) -> new Velocities(step.way, step.value, step.share, step.range, step.bend,
                            step.shape, ShapeSpan.parse(text), step.accents, step.by, step.seed))
            .worded("Over", "all of them, once", "every bar", "every 2 bars", "every 4 bars").usedWhen("with way=shape", step -> step.way == VelocityWay.SHAPE)
            .with("accents", "shares of velocity for the beats of a bar", SettingType.written("1 to 16 shares in percent, as in 120,100"),
                    (step, texts) -> step.accents.text(), (step, text, texts) -> new Velocities(step.way, step.value, step.share, step.range, step.bend,
                            step.shape, step.every, Accents.parse(text), step.by, step.seed))
            .usedWhen("with way=accents", step -> step.way == VelocityWay.ACCENTS)
            .whole("by", "by how much at most", 1, 64, Velocities::by, (step, by) -> new Velocities(step.way, step.value, step.share, step.range, step.bend,
                    step.shape, step.every, step.accents, by, step.seed)).usedWhen("with way=chance", step -> step.way == VelocityWay.CHANCE)
            .seed(Velocities::seed, (step, seed) -> new Velocities(step.way, step.value, step.share, step.range, step.bend, step.shape, step.every,
                    step.accents, step.by, seed)).usedWhen("with way=chance", step -> step.way == VelocityWay.CHANCE).live()
            .example("notes: C4:2@80 D4:2@80 E4:2@80 F4:2@80", "step: touch way=accents accents=120,100", "becomes: C4:2@96 D4:2@80 E4:2@96 F4:2@80");

    public Velocities {
        Range.VELOCITY.check(value);
        SHARE.check(share);
        BEND.check(bend);
        BY.check(by);
        shape.values().forEach(velocity -> Range.VELOCITY.check(Math.round(velocity)));
    }

    @Override
    public Optional<LaidShape> laid(Line in, Surroundings around) {
        List<Note> picked = around.picked().in(in);
        if (way != VelocityWay.SHAPE || picked.isEmpty()) {
            return Optional.empty();
        }
        long first = picked.get(0).start();
        long last = picked.get(picked.size() - 1).start();
        return Optional.of(new LaidShape(shape, first, Math.max(last, first + 1), every.bars(), Range.VELOCITY.lowest(), Range.VELOCITY.highest(), true));
    }

    @Override
    public Step withShape(ShapePoints points) {
        return new Velocities(way, value, share, range, bend, points, every, accents, by, seed);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        Work work = new Work(in, around);
        Loudness loudness = new Loudness(this, in, around);
        for (Note note : in.notes()) {
            int velocity = loudness.of(note);
            work.change(note, note.withVelocity(velocity), new ShapeReason.Louder(velocity - note.velocity()));
        }
        return work.outcome();
    }
}
