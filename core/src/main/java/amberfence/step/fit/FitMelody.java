package amberfence.step.fit;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.reading.BeatPlace;
import amberfence.reading.Clashes;
import amberfence.reading.RulingChords;
import amberfence.step.ChordSource.Gaps;
import amberfence.step.ChordSource;
import amberfence.step.Outcome;
import amberfence.step.Reason;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import amberfence.step.fence.Candidates;
import amberfence.step.fence.Neighbours;
import amberfence.step.fence.ShapedLine;
import amberfence.theory.PitchClassSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Fits a melody to the chords: what falls on a strong beat goes to a note of the chord, the rest inside the fence, and the
 * line keeps its shape as a whole. Or only lists what clashes, and resolves each clash as a person chooses.
 */
public record FitMelody(ChordSource source, Mode mode) implements FitStep {
    /** What is done. */
    public enum Mode {
        /** All strong beats to chord notes. */
        FIT,
        /** Clashes are listed, and changed only where a way is chosen. */
        CLASHES
    }

    public static final FitMelody USUAL = new FitMelody(ChordSource.USUAL, Mode.FIT);
    public static final StepSchema<FitMelody> SCHEMA = FitStep.chords(StepSchema.of("fit-melody", "Fit melody", StepGroup.CHORDS,
            "Strong beats to chord notes and the rest inside; or lists what clashes, with ways to resolve each.", USUAL))
            .choice("what", "whether the line is fitted, or only clashes are shown", Mode.class, FitMelody::mode, FitMelody::withMode)
            .worded("What", "fit the line", "only show clashes")
            .example("notes: C4:2 D4:2 F4:2 D4:2", "chords: | C |", "step: fit-melody", "becomes: C4:2 D4:2 E4:2 D4:2");

    public FitMelody {
        source = source == null ? ChordSource.USUAL : source;
    }

    @Override
    public FitMelody withSource(ChordSource newSource) {
        return new FitMelody(newSource, mode);
    }

    public FitMelody withMode(Mode newMode) {
        return new FitMelody(source, newMode);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        return underChords(in, around, (ruling, work) -> {
            if (mode == Mode.FIT) {
                new Fitting(in, around, ruling, work).fit();
            } else {
                resolve(in, around, ruling, work);
            }
        });
    }

    private void resolve(Line in, Surroundings around, RulingChords ruling, Work work) {
        for (Note note : in.notes()) {
            Optional<Clashes.Clash> clash = around.picked().contains(note) ? Clashes.of(note, ruling, around.time())
                    : Optional.empty();
            if (clash.isEmpty()) {
                work.keep(note);
                continue;
            }
            int chord = clash.get().chord();
            Neighbours neighbours = new Neighbours(ruling.notes(chord));
            FitReason.Clashing clashing = new FitReason.Clashing(ruling.text(chord), clash.get().kind() == Clashes.Kind.SEMITONE_ABOVE
                    ? ruling.role(chord, clash.get().against()) : "", found(neighbours.below(note.pitch())), found(neighbours.above(note.pitch())));
            OptionalInt to = clashing.chosen(around.resolved().get(note.id()));
            if (to.isEmpty()) {
                work.leave(note, clashing);
            } else {
                work.change(note, note.withPitch(to.getAsInt()), Members.reason(ruling, chord, to.getAsInt()));
            }
        }
    }

    private static OptionalInt found(int pitch) {
        return pitch == Neighbours.NONE ? OptionalInt.empty() : OptionalInt.of(pitch);
    }

    /** One fitting of a whole line. */
    private final class Fitting {
        private final List<Note> notes;
        private final Surroundings around;
        private final RulingChords ruling;
        private final Work work;
        private final Chordless chordless;
        private final Map<PitchClassSet, Neighbours> near = new HashMap<>();
        private final Candidates candidates;
        private final boolean[] strong;
        private final boolean[] leftByHand;

        Fitting(Line in, Surroundings around, RulingChords ruling, Work work) {
            this.notes = in.notes();
            this.around = around;
            this.ruling = ruling;
            this.work = work;
            this.chordless = new Chordless(source.gaps(), around);
            this.candidates = new Candidates(notes.size());
            this.strong = new boolean[notes.size()];
            this.leftByHand = new boolean[notes.size()];
        }

        void fit() {
            for (int i = 0; i < notes.size(); i++) {
                choose(i);
            }
            ShapedLine shaped = new ShapedLine(notes, candidates);
            for (int i = 0; i < notes.size(); i++) {
                Note note = notes.get(i);
                int chord = ruling.over(note);
                int pitch = shaped.pitch(i);
                if (leftByHand[i]) {
                    work.leave(note, new Reason.LeftByHand());
                } else if (chord == RulingChords.NONE) {
                    chordless.treat(note, pitch, work);
                } else if (strong[i]) {
                    work.change(note, note.withPitch(pitch), new FitReason.OnStrongBeat(ruling.text(chord), ruling.role(chord, pitch)));
                } else {
                    work.change(note, note.withPitch(pitch), shaped.reason(i));
                }
            }
            shaped.findLostSteps(work);
            chordless.report(work);
        }

        /** The two pitches between which a note may choose, which are its own where it may stay. */
        private void choose(int i) {
            Note note = notes.get(i);
            candidates.settle(i, note.pitch());
            int chord = ruling.over(note);
            if (!around.picked().contains(note) || chord == RulingChords.NONE && source.gaps() == Gaps.LEAVE) {
                return;
            }
            PitchClassSet allowed = around.fence().at(note.start());
            if (chord != RulingChords.NONE) {
                strong[i] = BeatPlace.of(note.start(), around.time()).isStrong();
                allowed = strong[i] ? ruling.notes(chord) : allowed.union(ruling.notes(chord));
            }
            if (allowed.containsPitch(note.pitch()) || !strong[i] && around.fence().isAllowedByHand(note)) {
                return;
            }
            leftByHand[i] = around.left().contains(note);
            if (leftByHand[i]) {
                return;
            }
            candidates.near(i, note.pitch(), near.computeIfAbsent(allowed, Neighbours::new));
        }
    }
}
