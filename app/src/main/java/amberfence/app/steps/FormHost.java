package amberfence.app.steps;

import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.notes.Line;
import amberfence.step.Step;
import amberfence.theory.Spelling;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * What a settings form is for: a step in the list, or one that is done once to some notes.
 *
 * @param session the song around it
 * @param slot the place of the step in its part's list, when it stands in one
 * @param tick where the notes are, for naming pitches in the right key
 * @param change takes the changed step, with words for undo
 * @param tried what another setting of the step would make of the notes as they are now; what it gives may be asked on any thread
 * @param following what in the form shows the notes, and is shown anew when they change
 */
public record FormHost(Session session, Optional<Long> slot, long tick, BiConsumer<String, Step> change,
                       Supplier<Function<Step, Line>> tried, List<Runnable> following) {
    public FormHost(Session session, Optional<Long> slot, long tick, BiConsumer<String, Step> change,
                    Supplier<Function<Step, Line>> tried) {
        this(session, slot, tick, change, tried, new ArrayList<>());
    }

    /** Shows something of the notes, now and whenever they change. */
    void follow(Runnable show) {
        following.add(show);
        show.run();
    }

    /** The notes have changed, and the settings have not. */
    void refresh() {
        following.forEach(Runnable::run);
    }

    Spelling spelling() {
        return session.results().get().fence().spellingAt(tick);
    }

    /** Takes a step of which a setting was changed, both in the words of the form. */
    void set(String setting, String value, Step step) {
        change.accept(Words.say("edit.setting", setting, value), step);
    }
}
