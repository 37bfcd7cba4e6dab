package amberfence.step.draw;

import amberfence.notes.Grid;
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
 * Short notes before or after each note, each note of a chord for itself.
 *
 * @param count how many, 1–3: a run towards the note, or after it
 * @param at how long each is, and how far from the next
 * @param velocity in percent of the note's
 * @param chance with which a note has them, in percent
 * @param onBeat they begin where the note began, which begins after them; else they end there
 */
public record Grace(Place place, int count, From from, TimeLength at, int velocity, int chance, boolean onBeat, long seed) implements Step {
    /** On which side of the note. */
    enum Place {
        BEFORE, AFTER
    }

    /** From where they come. */
    enum From {
        ABOVE, BELOW, BOTH, SEMITONE, SAME
    }

    private enum Beat {
        BEFORE, ON
    }

    private static final Range COUNT = new Range("count", 1, 3);
    private static final Range VELOCITY = new Range(Texts.text("velocity in percent"), 1, 200);
    private static final Range CHANCE = new Range(Texts.text("chance in percent"), 0, 100);
    /** One a step above, a thirty-second before the beat, softer. */
    public static final Grace USUAL = new Grace(Place.BEFORE, 1, From.ABOVE, new TimeLength.Value(Grid.of(32)), 60, 100, false, 1);
    public static final StepSchema<Grace> SCHEMA = StepSchema.of("grace", "Grace notes", StepGroup.NEW_NOTES,
            "Adds short notes before or after each note.", USUAL)
            .touching(Touch.BEGINNINGS, Touch.LENGTHS, Touch.COUNT).needingKey(step -> step.from != From.SEMITONE && step.from != From.SAME)
            .choice("place", "on which side of the note", Place.class, Grace::place,
                    (step, place) -> new Grace(place, step.count, step.from, step.at, step.velocity, step.chance, step.onBeat, step.seed))
            .worded("Stand", "before the note", "after the note")
            .whole("count", "how many", 1, 3, Grace::count,
                    (step, count) -> new Grace(step.place, count, step.from, step.at, step.velocity, step.chance, step.onBeat, step.seed))
            .worded("How many")
            .choice("step", "from where they come", From.class, Grace::from,
                    (step, from) -> new Grace(step.place, step.count, from, step.at, step.velocity, step.chance, step.onBeat, step.seed))
            .worded("From", "a step above", "a step below", "both in turn", "a semitone below", "the same pitch")
            .length("at", "how long each is", Grace::at,
                    (step, at) -> new Grace(step.place, step.count, step.from, at, step.velocity, step.chance, step.onBeat, step.seed))
            .worded("Each lasts")
            .percent("velocity", "how loud, of the note's velocity", 1, 200, Grace::velocity,
                    (step, velocity) -> new Grace(step.place, step.count, step.from, step.at, velocity, step.chance, step.onBeat, step.seed))
            .percent("chance", "how often a note has them", 0, 100, Grace::chance,
                    (step, chance) -> new Grace(step.place, step.count, step.from, step.at, step.velocity, chance, step.onBeat, step.seed))
            .choice("beat", "whose time is taken", Beat.class, step -> step.onBeat ? Beat.ON : Beat.BEFORE,
                    (step, beat) -> new Grace(step.place, step.count, step.from, step.at, step.velocity, step.chance, beat == Beat.ON, step.seed))
            .worded("They take the time", "of what is before", "of the note").usedWhen("with place=before", step -> step.place == Place.BEFORE)
            .seed(Grace::seed, (step, seed) -> new Grace(step.place, step.count, step.from, step.at, step.velocity, step.chance, step.onBeat, seed))
            .usedWhen("with a chance below 100%", step -> step.chance < 100)
            .example("notes: r:4 E4:4", "unit: 1/16", "step: grace place=before step=above at=1/16", "becomes: r:3 F4@48 E4:4@80");

    public Grace {
        COUNT.check(count);
        VELOCITY.check(velocity);
        CHANCE.check(chance);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums()) {
            return Work.drums(in);
        }
        Work work = new Work(in, around);
        new GraceWriter(this, in, around, work).write();
        return work.outcome();
    }
}
