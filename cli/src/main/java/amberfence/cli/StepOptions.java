package amberfence.cli;

import amberfence.song.Grid;
import amberfence.song.GridLines;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.fence.BringInside;
import amberfence.step.fence.LetPass;
import amberfence.step.fence.MoveTo;
import amberfence.step.fence.TieBreak;
import amberfence.step.move.Fold;
import amberfence.step.move.Mirror;
import amberfence.step.move.Move;
import amberfence.step.move.MoveToKey;
import amberfence.step.move.Reverse;
import amberfence.step.pick.Pick;
import amberfence.step.shape.LengthWay;
import amberfence.step.shape.Lengths;
import amberfence.step.shape.TidyTiming;
import amberfence.theory.Key;
import amberfence.step.PitchRange;
import amberfence.theory.SpelledPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The steps of a command line, kept in the order in which they are given. */
final class StepOptions {
    /** Where outside notes go, as the command line says it. */
    enum Snap {
        NEAREST(MoveTo.NEAREST), UP(MoveTo.UP), DOWN(MoveTo.DOWN), REMOVE(MoveTo.LEAVE_OUT);

        private final MoveTo moveTo;

        Snap(MoveTo moveTo) {
            this.moveTo = moveTo;
        }
    }

    /** What may be let pass. */
    enum Passing {
        PASSING, NEIGHBOUR, APPROACH
    }

    private final PlannedSteps planned = new PlannedSteps();

    @Mixin
    private final FitOptions fit = new FitOptions(planned);

    @Option(names = {"--tie-break", "--ties"}, description = "what decides between two equally near: shape (the usual), down, up, chord")
    private TieBreak tieBreak;

    @Option(names = "--let-pass", split = ",", description = "short outside notes off the beat that stay: passing, neighbour, "
            + "approach")
    private List<Passing> letPass = new ArrayList<>();

    @Option(names = "--strong-chords", description = "on strong beats only notes of the chord that sounds are inside")
    private boolean strongChords;

    @Option(names = "--step", paramLabel = "\"NAME key=value …\"", description = "any step with its settings, as steps lists them")
    private void step(String text) {
        planned.add(PlannedSteps.read(() -> StepText.parse(text)));
    }

    @Option(names = "--snap", description = "brings inside; where outside notes go: nearest, up, down, remove")
    private void snap(Snap snap) {
        planned.add(BringInside.USUAL.withMoveTo(snap.moveTo));
    }

    @Option(names = "--transpose", paramLabel = "N", description = "moves by semitones, down when negative")
    private void transpose(int semitones) {
        planned.add(() -> new Move(Move.Unit.SEMITONES, semitones));
    }

    @Option(names = "--octaves", paramLabel = "N", description = "moves by octaves")
    private void octaves(int octaves) {
        planned.add(() -> new Move(Move.Unit.OCTAVES, octaves));
    }

    @Option(names = "--degrees", paramLabel = "N", description = "moves along the scale; 2 is a third up")
    private void degrees(int degrees) {
        planned.add(() -> new Move(Move.Unit.DEGREES, degrees));
    }

    @Option(names = "--to-key", paramLabel = "KEY", description = "moves to another key, as in \"F major\"; steps behind it work "
            + "in that key")
    private void toKey(String key) {
        planned.add(() -> new MoveToKey(Optional.empty(), Key.parse(key), MoveToKey.Way.NEAREST));
    }

    @Option(names = "--mirror", paramLabel = "PITCH", description = "mirrors about a pitch, exactly, as in C4")
    private void mirror(String pitch) {
        planned.add(() -> new Mirror(midi(pitch), false));
    }

    @Option(names = "--mirror-degrees", paramLabel = "PITCH", description = "mirrors about a pitch along the scale")
    private void mirrorByDegrees(String pitch) {
        planned.add(() -> new Mirror(midi(pitch), true));
    }

    @Option(names = "--reverse", paramLabel = "WHAT", description = "turns round: pitches (over the same rhythm) or time")
    private void reverse(Reverse.What what) {
        planned.add(new Reverse(what));
    }

    @Option(names = "--fold", paramLabel = "RANGE", description = "brings into the octave around a note, as in C4, or into a "
            + "range, as in C3..C5")
    private void fold(String range) {
        planned.add(() -> {
            if (!range.contains("..")) {
                return Fold.around(midi(range));
            }
            PitchRange ends = PitchRange.parse(range);
            return new Fold(ends.lowest(), ends.highest());
        });
    }

    @Option(names = "--quantize", paramLabel = "GRID", description = "draws starts to a grid, as in 1/16, 1/8. or 1/8t")
    private void quantize(String grid) {
        planned.add(() -> new TidyTiming(Grid.parse(grid), TidyTiming.Ends.STARTS, 100, GridLines.STRAIGHT));
    }

    @Option(names = "--ends", description = "behind --quantize: which ends of the notes: starts, ends, both")
    private void ends(TidyTiming.Ends ends) {
        changeTiming("--ends", step -> new TidyTiming(step.grid(), ends, step.strength(), step.swing()));
    }

    @Option(names = "--strength", paramLabel = "PERCENT", description = "behind --quantize: how far")
    private void strength(int percent) {
        changeTiming("--strength", step -> new TidyTiming(step.grid(), step.ends(), percent, step.swing()));
    }

    @Option(names = "--swing", paramLabel = "PERCENT", description = "behind --quantize: where every second line stands, 50 to 80")
    private void swing(int percent) {
        changeTiming("--swing", step -> new TidyTiming(step.grid(), step.ends(), step.strength(), percent));
    }

    @Option(names = "--legato", description = "makes each note last until the next", paramLabel = "")
    private void legato(boolean on) {
        planned.add(new Lengths(new LengthWay.Legato()));
    }

    @Option(names = "--trim-overlaps", description = "cuts notes that reach a little into the next")
    private void trimOverlaps(boolean on) {
        planned.add(new Lengths(new LengthWay.TrimOverlaps()));
    }

    @Option(names = "--staccato", paramLabel = "PERCENT", description = "cuts notes to a share of the way to the next")
    private void staccato(int percent) {
        planned.add(() -> new Lengths(new LengthWay.Staccato(percent)));
    }

    @Option(names = "--lengths", paramLabel = "PERCENT", description = "makes notes a share of their length")
    private void lengths(int percent) {
        planned.add(() -> new Lengths(new LengthWay.Share(percent)));
    }

    @Option(names = "--pick", paramLabel = "RULE", description = "limits the steps behind it to notes, as in \"lowest\", \"outside "
            + "and off beat\", \"not degree b3\"; \"all\" ends the limit")
    private void pick(String rule) {
        planned.limit(rule.strip().equalsIgnoreCase("all") ? Optional.empty()
                : Optional.of(PlannedSteps.read(() -> Pick.parse(rule))));
    }

    private void changeTiming(String option, UnaryOperator<TidyTiming> change) {
        planned.changeLast(option, "--quantize", TidyTiming.class, change);
    }

    private static int midi(String pitch) {
        return SpelledPitch.parse(pitch).number();
    }

    boolean isEmpty() {
        return planned.isEmpty();
    }

    /** Whether a step or a pick asks for the key. */
    boolean needKey() {
        return planned().stream().anyMatch(step -> step.pick().isPresent() || StepCatalogue.of(step.step()).needsKey(step.step()));
    }

    /** The steps in order; bringing inside to the nearest when none is given. */
    List<PlannedSteps.Planned> planned() {
        LetPass passing = new LetPass(letPass.contains(Passing.PASSING), letPass.contains(Passing.NEIGHBOUR),
                letPass.contains(Passing.APPROACH), LetPass.NOTHING.longest());
        List<PlannedSteps.Planned> all = planned.isEmpty() ? List.of(new PlannedSteps.Planned(BringInside.USUAL, planned.limit()))
                : planned.all();
        List<String> given = new ArrayList<>();
        if (tieBreak != null) {
            given.add("--tie-break");
        }
        if (strongChords) {
            given.add("--strong-chords");
        }
        if (!letPass.isEmpty()) {
            given.add("--let-pass");
        }
        if (!given.isEmpty() && all.stream().noneMatch(StepOptions::takesOptions)) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, String.join(" and ", given) + " would be ignored: "
                    + "it belongs to bringing inside, as in --snap nearest");
        }
        TieBreak chosen = tieBreak == null ? TieBreak.SHAPE : tieBreak;
        return all.stream().map(step -> takesOptions(step) ? step.withStep(((BringInside) step.step()).withTieBreak(chosen)
                .withLetPass(passing).withStrongChords(strongChords)) : step).toList();
    }

    private static boolean takesOptions(PlannedSteps.Planned step) {
        return step.text().isEmpty() && step.step() instanceof BringInside;
    }

    /** What says which parts are meant when none is named, and gives the chords to the steps. */
    FitOptions fit() {
        return fit;
    }
}
