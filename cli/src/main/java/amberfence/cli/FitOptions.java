package amberfence.cli;

import amberfence.song.Part;
import amberfence.song.Role;
import amberfence.song.Song;
import amberfence.step.PitchRange;
import amberfence.step.ChordSource;
import amberfence.step.Surroundings;
import amberfence.step.Step;
import amberfence.step.fit.Count;
import amberfence.step.fit.FitBass;
import amberfence.step.fit.FitChords;
import amberfence.step.fit.FitMelody;
import amberfence.step.fit.FitStep;
import amberfence.step.fit.FollowChords;
import amberfence.step.fit.Harmony;
import amberfence.step.fit.HarmonyLine;
import amberfence.step.fit.Held;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import picocli.CommandLine.Option;

/** The options that fit parts to chords, and say where the chords come from. */
final class FitOptions {
    /** What is fitted. */
    enum Fit {
        CHORDS(FitChords.USUAL, Role.CHORDS), BASS(FitBass.USUAL, Role.BASS), MELODY(FitMelody.USUAL, Role.MELODY);

        private final FitStep step;
        private final Role role;

        Fit(FitStep step, Role role) {
            this.step = step;
            this.role = role;
        }
    }

    /** What may stand between the strong beats of a bassline. */
    enum Between {
        SCALE, STEP, SEMITONE
    }

    private final PlannedSteps planned;
    private final List<Role> meant = new ArrayList<>();
    private boolean hasRange;

    @Option(names = "--progression", paramLabel = "CHART", description = "chords from bar 1 on, as in \"| Dm7 | G7 | Cmaj7 |\"; "
            + "symbols or Roman numerals")
    private String progression = "";

    @Option(names = "--progression-from", paramLabel = "N", description = "takes the chords from what a part plays")
    private Integer from;

    @Option(names = "--gaps", paramLabel = "WHAT", description = "where there is no chord: hold (the last one, the usual), scale, "
            + "leave")
    private ChordSource.Gaps gaps = ChordSource.Gaps.HOLD;

    FitOptions(PlannedSteps planned) {
        this.planned = planned;
    }

    @Option(names = "--fit", paramLabel = "WHAT", description = "fits parts to the chords: chords, bass or melody; without --part "
            + "those that have that role")
    private void fit(Fit what) {
        planned.add(what.step);
        meant.add(what.role);
    }

    @Option(names = "--held", paramLabel = "WHAT", description = "behind --fit chords: a note held into the next chord: keep, "
            + "restrike, split")
    private void held(Held held) {
        planned.changeLast("--held", "--fit chords", FitChords.class, step -> step.withHeld(held));
    }

    @Option(names = "--chord-bass", description = "behind --fit chords: the lowest note takes the chord's bass", paramLabel = "")
    private void chordBass(boolean on) {
        planned.changeLast("--chord-bass", "--fit chords", FitChords.class, step -> step.withBass(true));
    }

    @Option(names = "--strong", paramLabel = "WHERE", description = "behind --fit bass: strong beats to root, bass, nearest")
    private void strong(FitBass.Strong strong) {
        planned.changeLast("--strong", "--fit bass", FitBass.class, step -> step.withStrong(strong));
    }

    @Option(names = "--between", split = ",", paramLabel = "WHAT", description = "behind --fit bass: what may stand between, beside "
            + "chord notes: scale, step, semitone (into the next root)")
    private void between(List<Between> what) {
        planned.changeLast("--between", "--fit bass", FitBass.class, step -> step.withBetween(new FitBass.Between(
                what.contains(Between.SCALE), what.contains(Between.STEP), what.contains(Between.SEMITONE))));
    }

    @Option(names = "--variety", paramLabel = "N", description = "behind --fit bass: 0 stays near to 100 moves most")
    private void variety(int variety) {
        planned.changeLast("--variety", "--fit bass", FitBass.class, step -> step.withVariety(variety));
    }

    @Option(names = "--range", paramLabel = "RANGE", description = "behind --fit bass: as in E1..G3")
    private void range(String range) {
        hasRange = true;
        planned.changeLast("--range", "--fit bass", FitBass.class, step -> {
            PitchRange ends = PitchRange.parse(range);
            return step.withRange(ends.lowest(), ends.highest());
        });
    }

    @Option(names = "--seed", paramLabel = "N", description = "behind --fit bass: another number, another line")
    private void seed(long seed) {
        planned.changeLast("--seed", "--fit bass", FitBass.class, step -> step.withSeed(seed));
    }

    @Option(names = "--clashes", description = "behind --fit melody: changes nothing, lists what clashes with the chords",
            paramLabel = "")
    private void clashes(boolean on) {
        planned.changeLast("--clashes", "--fit melody", FitMelody.class, step -> step.withMode(FitMelody.Mode.CLASHES));
    }

    @Option(names = "--follow", paramLabel = "HOW", description = "plays the first bar of the part through the chords: by member "
            + "or position")
    private void follow(Count count) {
        planned.add(FollowChords.USUAL.withRestart(FollowChords.Restart.CHORD).withCount(count));
        meant.add(Role.FIGURE);
    }

    @Option(names = "--figure-bars", paramLabel = "N", description = "behind --follow: how many bars are the figure; 0 for all, once")
    private void figureBars(int bars) {
        planned.changeLast("--figure-bars", "--follow", FollowChords.class, step -> step.withBars(bars));
    }

    @Option(names = "--written-over", paramLabel = "CHORD", description = "behind --follow: the chord over which it was written")
    private void writtenOver(String home) {
        planned.changeLast("--written-over", "--follow", FollowChords.class, step -> step.withHome(home));
    }

    @Option(names = "--register", paramLabel = "WHERE", description = "behind --follow: near or climbing")
    private void register(FollowChords.Register register) {
        planned.changeLast("--register", "--follow", FollowChords.class, step -> step.withRegister(register));
    }

    @Option(names = "--restart", paramLabel = "WHERE", description = "behind --follow: begins anew at each chord, bar, or not")
    private void restart(FollowChords.Restart restart) {
        planned.changeLast("--restart", "--follow", FollowChords.class, step -> step.withRestart(restart));
    }

    @Option(names = "--once", description = "behind --follow: does not repeat", paramLabel = "")
    private void once(boolean on) {
        planned.changeLast("--once", "--follow", FollowChords.class, step -> step.withRepeat(false));
    }

    @Option(names = "--harmony", paramLabel = "LINES", description = "adds lines, as in \"third above\" or \"third below, octave "
            + "below\", in the scale")
    private void harmony(String lines) {
        planned.add(() -> Harmony.of(Harmony.Way.SCALE, HarmonyLine.parseAll(lines)));
    }

    @Option(names = "--harmony-way", paramLabel = "WAY", description = "behind --harmony: scale, exact, exact_minor (a minor "
            + "third), or chord: the nearest note of the chords that sound")
    private void harmonyWay(Harmony.Way way) {
        planned.changeLast("--harmony-way", "--harmony", Harmony.class, step -> step.withWay(way));
    }

    @Option(names = "--no-crossing", description = "behind --harmony: no line crosses the tune", paramLabel = "")
    private void noCrossing(boolean on) {
        planned.changeLast("--no-crossing", "--harmony", Harmony.class, step -> step.withNoCrossing(true));
    }

    @Option(names = "--hold-common", description = "behind --harmony-way chord: common notes are held", paramLabel = "")
    private void holdCommon(boolean on) {
        planned.changeLast("--hold-common", "--harmony", Harmony.class, step -> step.withHoldCommon(true));
    }

    /** The chart of the song's chords; empty when none is given. */
    String progression() {
        return progression;
    }

    /** The index of the part that the chords come from, if they come from one. */
    Optional<Integer> from() {
        return Optional.ofNullable(from);
    }

    /** The step with its chords from where the command says; a bassline keeps the range of its part unless told another. */
    Step sourced(Step step, Song song, Part part) {
        if (!(step instanceof FitStep fit)) {
            return step;
        }
        ChordSource source = from == null ? ChordSource.USUAL : ChordSource.of(song.parts().get(from).id());
        Step sourced = fit.withSource(source.withGaps(gaps));
        return hasRange ? sourced : sourced.fitted(part.line(), Surroundings.of(song, part));
    }

    /** Whether a part is meant when none is named: all are, unless every step fits parts of a role. */
    boolean means(Part part) {
        return meant.isEmpty() || meant.size() < planned.all().size() || meant.contains(part.role());
    }

    /** The roles that the steps fit, in words. */
    String roles() {
        return meant.stream().map(role -> role.name().toLowerCase(Locale.ROOT)).distinct().collect(Collectors.joining(" or "));
    }
}
