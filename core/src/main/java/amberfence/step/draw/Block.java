package amberfence.step.draw;

import amberfence.notes.Line;
import amberfence.notes.Progression;
import amberfence.reading.RulingChords;
import amberfence.step.ChordSource;
import amberfence.step.Outcome;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.Work;
import amberfence.step.fit.FitStep;
import java.util.Set;

/**
 * What sounds within a span of time becomes one block of its distinct pitches that lasts as long as the span: an arpeggio
 * or a figure becomes chords.
 *
 * @param over which spans
 * @param source of the chords that are the spans, with {@link Over#CHORD}
 */
public record Block(Over over, ChordSource source) implements FitStep {
    /** What a block lasts. */
    public enum Over {
        /** Until the harmony changes, as it is read from the notes; a bar where it cannot be read. */
        HARMONY,
        /** A chord. */
        CHORD, BAR, BEAT
    }

    public static final Block USUAL = new Block(Over.HARMONY, ChordSource.USUAL);
    public static final StepSchema<Block> SCHEMA = FitStep.chords(StepSchema.of("block", "Block chords", StepGroup.NEW_NOTES,
            "Makes blocks of notes that come one after another.", USUAL)
            .touching(Touch.BEGINNINGS, Touch.LENGTHS, Touch.VELOCITIES, Touch.COUNT)
            .choice("over", "how long each block lasts", Over.class, Block::over, (step, over) -> new Block(over, step.source))
            .worded("Each lasts", "until the harmony changes", "a chord", "a bar", "a beat"), "with over=chord", step -> step.over == Over.CHORD)
            .example("notes: C4 E4 G4 E4 C4 E4 G4 E4", "step: block over=bar", "becomes: [C4 E4 G4]:8");

    public Block {
        source = source == null ? ChordSource.USUAL : source;
    }

    @Override
    public Block withSource(ChordSource newSource) {
        return new Block(over, newSource);
    }

    @Override
    public Set<Integer> listensTo() {
        return over == Over.CHORD ? FitStep.super.listensTo() : Set.of();
    }

    @Override
    public boolean followsProgression() {
        return over == Over.CHORD && FitStep.super.followsProgression();
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums()) {
            return Work.drums(in);
        }
        Work work = new Work(in, around);
        RulingChords ruling = over == Over.CHORD ? source.ruling(around) : new RulingChords(Progression.EMPTY, true, around.time());
        if (over == Over.CHORD && ruling.isEmpty()) {
            work.find(source.missing());
            in.notes().forEach(work::keep);
        } else {
            new BlockWriter(this, ruling, around, work).write(in);
        }
        return work.outcome();
    }
}
