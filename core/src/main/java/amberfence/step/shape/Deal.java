package amberfence.step.shape;

import amberfence.notes.Line;
import amberfence.step.Outcome;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.Work;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.EnumSet;
import java.util.Set;

/**
 * Deals pitches, lengths or velocities out anew over the same beginnings.
 *
 * @param what which of them
 * @param by places, with {@code TURN}
 * @param whole what is struck together travels together
 */
public record Deal(Set<What> what, Way way, int by, boolean whole, long seed) implements Step {
    /** What is dealt. */
    enum What {
        PITCHES, LENGTHS, VELOCITIES
    }

    /** In which order. */
    enum Way {
        TURN, MIRROR, CHANCE, UP, DOWN
    }

    private enum Groups {
        WHOLE, SINGLE
    }

    private static final Range BY = new Range("by", -64, 64);
    /** Pitches, turned by one. */
    public static final Deal USUAL = new Deal(Set.of(What.PITCHES), Way.TURN, 1, true, 1);
    public static final StepSchema<Deal> SCHEMA = StepSchema.of("deal", "Deal again", StepGroup.NEW_NOTES,
            "Deals pitches, lengths or velocities out again over the same beginnings.", USUAL)
            .touching(Touch.PITCH, Touch.BEGINNINGS, Touch.LENGTHS, Touch.VELOCITIES)
            .choices("what", "what is dealt", What.class, Deal::what, (step, what) -> new Deal(what, step.way, step.by, step.whole, step.seed))
            .worded("What", "pitches", "lengths", "velocities")
            .choice("way", "in which order", Way.class, Deal::way, (step, way) -> new Deal(step.what, way, step.by, step.whole, step.seed))
            .worded("Order", "turned", "mirrored", "by chance", "rising", "falling")
            .whole("by", "by how many places", -64, 64, Deal::by, (step, by) -> new Deal(step.what, step.way, by, step.whole, step.seed))
            .worded("Turned by").usedWhen("with way=turn", step -> step.way == Way.TURN)
            .choice("groups", "whether what is struck together travels together", Groups.class, step -> step.whole ? Groups.WHOLE : Groups.SINGLE,
                    (step, groups) -> new Deal(step.what, step.way, step.by, groups == Groups.WHOLE, step.seed))
            .worded("Chords", "stay together", "note by note")
            .seed(Deal::seed, (step, seed) -> new Deal(step.what, step.way, step.by, step.whole, seed)).usedWhen("with way=chance", step -> step.way == Way.CHANCE)
            .example("notes: C4 D4 E4 F4", "step: deal what=pitches way=up", "becomes: C4 D4 E4 F4")
            .example("notes: E4 C4 F4 D4", "step: deal what=pitches way=up", "becomes: C4 D4 E4 F4");

    public Deal {
        BY.check(by);
        if (what.isEmpty()) {
            throw new IllegalArgumentException(Texts.say("something is dealt: pitches, lengths or velocities"));
        }
        what = Set.copyOf(EnumSet.copyOf(what));
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums() && what.contains(What.PITCHES)) {
            return Work.drums(in);
        }
        Work work = new Work(in, around);
        new Dealer(this, in, around, work).deal();
        return work.outcome();
    }
}
