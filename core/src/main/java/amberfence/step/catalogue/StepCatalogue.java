package amberfence.step.catalogue;

import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.UnreadStep;
import amberfence.step.chord.PlayChords;
import amberfence.step.draw.Arpeggio;
import amberfence.step.draw.Block;
import amberfence.step.draw.Fill;
import amberfence.step.draw.Grace;
import amberfence.step.draw.OwnLine;
import amberfence.step.draw.Stack;
import amberfence.step.draw.Voice;
import amberfence.step.fence.BringInside;
import amberfence.step.fit.FitBass;
import amberfence.step.fit.FitChords;
import amberfence.step.fit.FitMelody;
import amberfence.step.fit.FollowChords;
import amberfence.step.fit.Harmony;
import amberfence.step.move.Fold;
import amberfence.step.move.Mirror;
import amberfence.step.move.Move;
import amberfence.step.move.MoveToKey;
import amberfence.step.move.Reverse;
import amberfence.step.shape.Chance;
import amberfence.step.shape.Deal;
import amberfence.step.shape.Lengths;
import amberfence.step.shape.Loosen;
import amberfence.step.shape.PushPull;
import amberfence.step.shape.Strum;
import amberfence.step.shape.TidyTiming;
import amberfence.step.shape.Velocities;
import java.util.List;
import java.util.Locale;
import java.util.NoSuchElementException;
import java.util.Optional;

/** Every kind of step, in the order of the work. */
public final class StepCatalogue {
    private static final List<StepSchema<?>> ALL = List.of(
            BringInside.SCHEMA,
            Move.SCHEMA,
            MoveToKey.SCHEMA,
            Mirror.SCHEMA,
            Reverse.SCHEMA,
            Fold.SCHEMA,
            PlayChords.SCHEMA,
            FitChords.SCHEMA,
            FitBass.SCHEMA,
            FitMelody.SCHEMA,
            FollowChords.SCHEMA,
            Harmony.SCHEMA,
            Voice.SCHEMA,
            Stack.SCHEMA,
            Arpeggio.SCHEMA,
            Block.SCHEMA,
            Strum.SCHEMA,
            Fill.SCHEMA,
            Grace.SCHEMA,
            OwnLine.SCHEMA,
            Deal.SCHEMA,
            Chance.SCHEMA,
            TidyTiming.SCHEMA,
            PushPull.SCHEMA,
            Lengths.SCHEMA,
            Loosen.SCHEMA,
            Velocities.SCHEMA);

    private StepCatalogue() {
    }

    public static List<StepSchema<?>> all() {
        return ALL;
    }

    /** The steps of which the title, the meaning or the group holds a text, whatever its case. */
    public static List<StepSchema<?>> search(String text) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        return ALL.stream().filter(kind -> (kind.title() + " " + kind.meaning() + " " + kind.group().title()).toLowerCase(Locale.ROOT)
                .contains(wanted)).toList();
    }

    /** The schema of a name, as files and the command line know it. */
    public static Optional<StepSchema<?>> find(String name) {
        for (StepSchema<?> schema : ALL) {
            if (schema.name().equals(name)) {
                return Optional.of(schema);
            }
        }
        return Optional.empty();
    }

    /** The schema of a step. */
    public static StepSchema<?> of(Step step) {
        if (step instanceof UnreadStep unread) {
            return unread.schema();
        }
        for (StepSchema<?> schema : ALL) {
            if (schema.usual().getClass() == step.getClass()) {
                return schema;
            }
        }
        throw new NoSuchElementException(step.getClass() + " is missing from the step catalogue");
    }
}
