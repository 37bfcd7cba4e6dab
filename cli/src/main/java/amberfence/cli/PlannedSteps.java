package amberfence.cli;

import amberfence.song.Limit;
import amberfence.step.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/** The steps of a command line in the order in which they are given. */
final class PlannedSteps {
    /**
     * A step and the pick to which it is limited.
     *
     * @param text how it was typed behind {@code --step}; empty for one of the older options
     */
    record Planned(Step step, Optional<Limit> pick, Optional<StepText> text) {
        Planned(Step step, Optional<Limit> pick) {
            this(step, pick, Optional.empty());
        }

        Planned withStep(Step newStep) {
            return new Planned(newStep, pick);
        }
    }

    private final List<Planned> planned = new ArrayList<>();
    private Optional<Limit> limit = Optional.empty();

    boolean isEmpty() {
        return planned.isEmpty();
    }

    List<Planned> all() {
        return List.copyOf(planned);
    }

    /** The pick to which steps are limited from now on, if to one. */
    void limit(Optional<Limit> pick) {
        limit = pick;
    }

    Optional<Limit> limit() {
        return limit;
    }

    void add(Step step) {
        planned.add(new Planned(step, limit));
    }

    void add(StepText text) {
        planned.add(new Planned(text.anywhere(), limit, Optional.of(text)));
    }

    void add(Supplier<Step> make) {
        add(read(make));
    }

    /** Changes the step right before, which is of the kind that another option adds. */
    <S> void changeLast(String option, String behind, Class<S> kind, UnaryOperator<S> change) {
        int last = planned.size() - 1;
        if (last < 0 || !kind.isInstance(planned.get(last).step())) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, option + " belongs right behind " + behind);
        }
        planned.set(last, planned.get(last).withStep(read(() -> (Step) change.apply(kind.cast(planned.get(last).step())))));
    }

    /** What cannot be read in an option's value is a wrong command, told in the words of what could not read it. */
    static <T> T read(Supplier<T> reading) {
        try {
            return reading.get();
        } catch (IllegalArgumentException e) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, e.getMessage());
        }
    }
}
