package amberfence.step.fit;

import amberfence.notes.Line;
import amberfence.reading.RulingChords;
import amberfence.step.ChordSource;
import amberfence.step.Outcome;
import amberfence.step.SettingType;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Predicate;

/** A step that answers to chords: those of the progression, or of another part. */
public interface FitStep extends Step {
    /** Where the chords come from, and what counts where there is none. */
    ChordSource source();

    /** The same step with its chords from elsewhere. */
    FitStep withSource(ChordSource source);

    /**
     * What fitting comes to where there are chords. Drums are left alone, and without chords all stays; both is said.
     *
     * @param fitting puts every note of the line into the books
     */
    default Outcome underChords(Line in, Surroundings around, BiConsumer<RulingChords, Work> fitting) {
        if (around.isDrums()) {
            return Work.drums(in);
        }
        Work work = new Work(in, around);
        RulingChords ruling = source().ruling(around);
        if (ruling.isEmpty()) {
            work.find(source().missing());
            in.notes().forEach(work::keep);
        } else {
            fitting.accept(ruling, work);
        }
        return work.outcome();
    }

    @Override
    default boolean followsProgression() {
        return source().from() == ChordSource.From.PROGRESSION;
    }

    @Override
    default Set<Integer> listensTo() {
        return source().part().map(Set::of).orElse(Set.of());
    }

    /** The two settings that all of them have: where the chords come from, and what counts where there is none. */
    static <S extends FitStep> StepSchema<S> chords(StepSchema<S> schema) {
        return chords(schema, "", step -> true);
    }

    /**
     * The two settings of a step that answers to chords only with some values of others.
     *
     * @param words when, as in {@code with way=chord}
     */
    static <S extends FitStep> StepSchema<S> chords(StepSchema<S> schema, String words, Predicate<S> counts) {
        return schema.needingKey(step -> true).answeringToChords(step -> counts.test(step) && step.source().part().isEmpty()).with("chords", "where the chords come from", SettingType.Kind.CHORDS,
                (step, texts) -> step.source().text(texts), (step, text, texts) -> with(step, step.source().read(text, texts))).worded("Chords from").usedWhen(words, counts)
                .choice("no-chord", "what counts where there is no chord: the last one, the scale, or nothing", ChordSource.Gaps.class,
                        step -> step.source().gaps(), (step, gaps) -> with(step, step.source().withGaps(gaps)))
                .worded("No chord", "the last one holds", "only the scale counts", "notes are left alone")
                .usedWhen(words, counts);
    }

    @SuppressWarnings("unchecked")
    private static <S extends FitStep> S with(S step, ChordSource source) {
        return (S) step.withSource(source);
    }
}
