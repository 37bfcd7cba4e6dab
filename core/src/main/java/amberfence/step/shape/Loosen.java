package amberfence.step.shape;

import amberfence.notes.Line;
import amberfence.notes.TimeLength;
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
 * A little unevenness, like that of a hand: beginnings, ends and velocities each by so much at most, normally distributed
 * with a third of that as standard deviation. No note passes the middle between its place and the next.
 *
 * @param together what is struck together moves together; velocities are uneven note by note
 */
public record Loosen(TimeLength onset, TimeLength end, int velocity, boolean together, long seed) implements Step {
    private static final Range VELOCITY = new Range(Texts.text("velocity"), 0, 64);
    /** A hundredth of a second and some steps of velocity. */
    public static final Loosen USUAL = new Loosen(new TimeLength.Millis(10), new TimeLength.Millis(0), 8, true, 1);
    public static final StepSchema<Loosen> SCHEMA = StepSchema.of("loosen", "Loosen", StepGroup.TIME,
            "Makes beginnings, ends and velocities a little uneven, like a hand.", USUAL).live().touching(Touch.BEGINNINGS, Touch.LENGTHS, Touch.VELOCITIES)
            .length("onset", "by how much beginnings at most", Loosen::onset, (step, onset) -> new Loosen(onset, step.end, step.velocity, step.together, step.seed))
            .worded("Beginnings")
            .length("end", "by how much ends at most", Loosen::end, (step, end) -> new Loosen(step.onset, end, step.velocity, step.together, step.seed))
            .worded("Ends")
            .whole("velocity", "by how much velocities at most", 0, 64, Loosen::velocity,
                    (step, velocity) -> new Loosen(step.onset, step.end, velocity, step.together, step.seed))
            .worded("Velocities")
            .flag("together", "what is struck together moves together", Loosen::together,
                    (step, together) -> new Loosen(step.onset, step.end, step.velocity, together, step.seed))
            .worded("Chords together")
            .seed(Loosen::seed, (step, seed) -> new Loosen(step.onset, step.end, step.velocity, step.together, seed))
            .example("notes: C4:2 E4:2 G4:2 C5:2", "step: loosen onset=20ms velocity=10 seed=2");

    public Loosen {
        VELOCITY.check(velocity);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        Work work = new Work(in, around);
        new LooseHand(this, in, around, work).play();
        return work.outcome();
    }
}
