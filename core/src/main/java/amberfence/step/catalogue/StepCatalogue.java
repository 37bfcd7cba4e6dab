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
import java.util.function.Supplier;

/** Every kind of step, in the order of the work. What a kind is made of is put together when somebody first asks for it. */
public final class StepCatalogue {
    /** A kind of step by the class of its steps; what names it is not read before it is asked for. */
    private record Entry(Class<? extends Step> steps, Supplier<StepSchema<?>> schema) {
    }

    private static final List<Entry> ENTRIES = List.of(
            new Entry(BringInside.class, () -> BringInside.SCHEMA),
            new Entry(Move.class, () -> Move.SCHEMA),
            new Entry(MoveToKey.class, () -> MoveToKey.SCHEMA),
            new Entry(Mirror.class, () -> Mirror.SCHEMA),
            new Entry(Reverse.class, () -> Reverse.SCHEMA),
            new Entry(Fold.class, () -> Fold.SCHEMA),
            new Entry(PlayChords.class, () -> PlayChords.SCHEMA),
            new Entry(FitChords.class, () -> FitChords.SCHEMA),
            new Entry(FitBass.class, () -> FitBass.SCHEMA),
            new Entry(FitMelody.class, () -> FitMelody.SCHEMA),
            new Entry(FollowChords.class, () -> FollowChords.SCHEMA),
            new Entry(Harmony.class, () -> Harmony.SCHEMA),
            new Entry(Voice.class, () -> Voice.SCHEMA),
            new Entry(Stack.class, () -> Stack.SCHEMA),
            new Entry(Arpeggio.class, () -> Arpeggio.SCHEMA),
            new Entry(Block.class, () -> Block.SCHEMA),
            new Entry(Strum.class, () -> Strum.SCHEMA),
            new Entry(Fill.class, () -> Fill.SCHEMA),
            new Entry(Grace.class, () -> Grace.SCHEMA),
            new Entry(OwnLine.class, () -> OwnLine.SCHEMA),
            new Entry(Deal.class, () -> Deal.SCHEMA),
            new Entry(Chance.class, () -> Chance.SCHEMA),
            new Entry(TidyTiming.class, () -> TidyTiming.SCHEMA),
            new Entry(PushPull.class, () -> PushPull.SCHEMA),
            new Entry(Lengths.class, () -> Lengths.SCHEMA),
            new Entry(Loosen.class, () -> Loosen.SCHEMA),
            new Entry(Velocities.class, () -> Velocities.SCHEMA));

    /** Made when somebody asks for all. */
    private static final class All {
        private static final List<StepSchema<?>> SCHEMAS = ENTRIES.stream().<StepSchema<?>>map(entry -> entry.schema.get()).toList();
    }

    private StepCatalogue() {
    }

    public static List<StepSchema<?>> all() {
        return All.SCHEMAS;
    }

    /** The steps of which the title, the meaning or the group holds a text, whatever its case. */
    public static List<StepSchema<?>> search(String text) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        return All.SCHEMAS.stream().filter(kind -> (kind.title() + " " + kind.meaning() + " " + kind.group().title()).toLowerCase(Locale.ROOT)
                .contains(wanted)).toList();
    }

    /** The schema of a name, as files and the command line know it. */
    public static Optional<StepSchema<?>> find(String name) {
        // One after another: mostly it is one of the first.
        for (Entry entry : ENTRIES) {
            StepSchema<?> schema = entry.schema.get();
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
        for (Entry entry : ENTRIES) {
            if (entry.steps == step.getClass()) {
                return entry.schema.get();
            }
        }
        throw new NoSuchElementException(step.getClass() + " is missing from the step catalogue");
    }
}
