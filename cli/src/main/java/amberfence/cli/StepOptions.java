package amberfence.cli;

import amberfence.song.Grid;
import amberfence.song.GridLines;
import amberfence.song.Limit;
import amberfence.step.Step;
import amberfence.step.fence.BringInside;
import amberfence.step.fence.LetPass;
import amberfence.step.fence.MoveTo;
import amberfence.step.fence.Ties;
import amberfence.step.fit.Harmony;
import amberfence.step.fit.HarmonyLine;
import amberfence.step.move.Fold;
import amberfence.step.move.Mirror;
import amberfence.step.move.Move;
import amberfence.step.move.MoveToKey;
import amberfence.step.move.Reverse;
import amberfence.step.pick.Pick;
import amberfence.step.shape.Lengths;
import amberfence.step.shape.TidyTiming;
import amberfence.theory.Key;
import amberfence.theory.SpelledPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import picocli.CommandLine.Option;

/** The steps of a command line, kept in the order in which they are given. */
final class StepOptions {
    /** A step and the pick to which it is limited. */
    record Planned(Step step, Optional<Limit> pick) {
    }

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

    private final List<Planned> planned = new ArrayList<>();
    private Optional<Limit> pick = Optional.empty();

    @Option(names = "--ties", description = "what decides between two equally near: shape (the usual), down, up, chord")
    private Ties ties = Ties.SHAPE;

    @Option(names = "--let-pass", split = ",", description = "short outside notes off the beat that stay: passing, neighbour, "
            + "approach")
    private List<Passing> letPass = new ArrayList<>();

    @Option(names = "--snap", description = "brings inside; where outside notes go: nearest, up, down, remove")
    private void snap(Snap snap) {
        add(new BringInside(snap.moveTo, Ties.SHAPE, LetPass.NOTHING));
    }

    @Option(names = "--transpose", paramLabel = "N", description = "moves by semitones, down when negative")
    private void transpose(int semitones) {
        add(() -> new Move(Move.Unit.SEMITONES, semitones));
    }

    @Option(names = "--octaves", paramLabel = "N", description = "moves by octaves")
    private void octaves(int octaves) {
        add(() -> new Move(Move.Unit.OCTAVES, octaves));
    }

    @Option(names = "--degrees", paramLabel = "N", description = "moves along the scale; 2 is a third up")
    private void degrees(int degrees) {
        add(() -> new Move(Move.Unit.DEGREES, degrees));
    }

    @Option(names = "--to-key", paramLabel = "KEY", description = "moves to another key, as in \"F major\"; steps behind it work "
            + "in that key")
    private void toKey(String key) {
        add(() -> new MoveToKey(Optional.empty(), Key.parse(key), MoveToKey.Way.NEAREST));
    }

    @Option(names = "--mirror", paramLabel = "PITCH", description = "mirrors about a pitch, exactly, as in C4")
    private void mirror(String pitch) {
        add(() -> new Mirror(midi(pitch), false));
    }

    @Option(names = "--mirror-degrees", paramLabel = "PITCH", description = "mirrors about a pitch along the scale")
    private void mirrorByDegrees(String pitch) {
        add(() -> new Mirror(midi(pitch), true));
    }

    @Option(names = "--reverse", paramLabel = "WHAT", description = "turns round: pitches (over the same rhythm) or time")
    private void reverse(Reverse.What what) {
        add(new Reverse(what));
    }

    @Option(names = "--fold", paramLabel = "RANGE", description = "brings into the octave around a note, as in C4, or into a "
            + "range, as in C3..C5")
    private void fold(String range) {
        String[] ends = range.split("\\.\\.");
        add(() -> ends.length == 1 ? Fold.around(midi(range)) : new Fold(midi(ends[0]), midi(ends[1])));
    }

    @Option(names = "--harmony", paramLabel = "LINES", description = "adds lines, as in \"third above\" or \"third below, octave "
            + "below\", in the scale")
    private void harmony(String lines) {
        add(() -> new Harmony(Harmony.Way.SCALE, HarmonyLine.parseAll(lines)));
    }

    @Option(names = "--harmony-way", paramLabel = "WAY", description = "behind --harmony: scale, exact, exact_minor (a minor "
            + "third), or chord: the nearest note of the chords that sound")
    private void harmonyWay(Harmony.Way way) {
        changeLast("--harmony-way", "--harmony", Harmony.class, step -> step.withWay(way));
    }

    @Option(names = "--quantize", paramLabel = "GRID", description = "draws starts to a grid, as in 1/16, 1/8. or 1/8t")
    private void quantize(String grid) {
        add(() -> new TidyTiming(Grid.parse(grid), TidyTiming.Ends.STARTS, 100, GridLines.STRAIGHT));
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
        add(Lengths.of(Lengths.How.LEGATO));
    }

    @Option(names = "--trim-overlaps", description = "cuts notes that reach a little into the next")
    private void trimOverlaps(boolean on) {
        add(Lengths.of(Lengths.How.TRIM_OVERLAPS));
    }

    @Option(names = "--staccato", paramLabel = "PERCENT", description = "cuts notes to a share of the way to the next")
    private void staccato(int percent) {
        add(() -> new Lengths(Lengths.How.STACCATO, percent));
    }

    @Option(names = "--lengths", paramLabel = "PERCENT", description = "makes notes a share of their length")
    private void lengths(int percent) {
        add(() -> new Lengths(Lengths.How.SHARE, percent));
    }

    @Option(names = "--pick", paramLabel = "RULE", description = "limits the steps behind it to notes, as in \"lowest\", \"outside "
            + "and off beat\", \"not degree b3\"; \"all\" ends the limit")
    private void pick(String rule) {
        pick = rule.strip().equalsIgnoreCase("all") ? Optional.empty() : Optional.of(read(() -> Pick.parse(rule)));
    }

    private void add(Step step) {
        planned.add(new Planned(step, pick));
    }

    private void add(Supplier<Step> make) {
        add(read(make));
    }

    private void changeTiming(String option, UnaryOperator<TidyTiming> change) {
        changeLast(option, "--quantize", TidyTiming.class, change);
    }

    /** Changes the step right before, which is of the kind that another option adds. */
    private <S extends Step> void changeLast(String option, String behind, Class<S> kind, UnaryOperator<S> change) {
        int last = planned.size() - 1;
        if (last < 0 || !kind.isInstance(planned.get(last).step())) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, option + " belongs right behind " + behind);
        }
        planned.set(last, new Planned(read(() -> change.apply(kind.cast(planned.get(last).step()))), planned.get(last).pick()));
    }

    /** What cannot be read in an option's value is a wrong command, told in the words of what could not read it. */
    private static <T> T read(Supplier<T> reading) {
        try {
            return reading.get();
        } catch (IllegalArgumentException e) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, e.getMessage());
        }
    }

    private static int midi(String pitch) {
        return SpelledPitch.parse(pitch).number();
    }

    boolean isEmpty() {
        return planned.isEmpty();
    }

    /** Whether a step or a pick asks for the key. */
    boolean needKey() {
        return planned().stream().anyMatch(step -> step.pick().isPresent() || step.step() instanceof BringInside
                || step.step() instanceof Harmony || step.step() instanceof MoveToKey || step.step() instanceof Mirror mirror && mirror.byDegrees()
                || step.step() instanceof Move move && move.by() == Move.Unit.DEGREES);
    }

    /** The steps in order; bringing inside to the nearest when none is given. */
    List<Planned> planned() {
        LetPass passing = new LetPass(letPass.contains(Passing.PASSING), letPass.contains(Passing.NEIGHBOUR),
                letPass.contains(Passing.APPROACH), LetPass.NOTHING.longest());
        List<Planned> all = planned.isEmpty() ? List.of(new Planned(BringInside.USUAL, pick)) : planned;
        return all.stream().map(step -> step.step() instanceof BringInside inside
                ? new Planned(inside.withTies(ties).withLetPass(passing), step.pick()) : step).toList();
    }
}
