package amberfence.step.fit;

import amberfence.notes.Line;
import amberfence.notes.Progression;
import amberfence.reading.RulingChords;
import amberfence.step.ChordSource;
import amberfence.step.Outcome;
import amberfence.step.SettingType;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.Work;
import amberfence.words.Texts;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Adds one or more lines above or below, each note with the start, length and velocity of the note it goes with. Where the
 * note of a line is there already none is added.
 *
 * @param lines at least one; several at once make chords
 * @param source where the chords come from; they count with {@link Way#CHORD}
 * @param instead the lines stand in place of the tune, whose notes become those of the first line
 * @param noCrossing a line above stays above whatever of the tune sounds, a line below below it, by octaves
 * @param holdCommon to the chord, a line stays where it is while it can, instead of moving with the tune
 */
public record Harmony(Way way, List<HarmonyLine> lines, ChordSource source, boolean instead, boolean noCrossing,
                      boolean holdCommon) implements FitStep {
    /** What the distance keeps to. */
    public enum Way {
        /** Degrees of the scale; an outside note takes the harmony of its degree with the same alteration. */
        SCALE,
        /** Always the same semitones: a major third, a perfect fifth. */
        EXACT,
        /** Always the same semitones: a minor third, a perfect fifth. */
        EXACT_MINOR,
        /** The nearest chord note at least a minor or perfect interval away; along the scale where there is no chord. */
        CHORD
    }

    /** A third above, in the scale, that does not cross the tune. */
    public static final Harmony USUAL = of(Way.SCALE, List.of(new HarmonyLine(3, true))).withNoCrossing(true);
    public static final StepSchema<Harmony> SCHEMA = FitStep.chords(StepSchema.of("harmony", "Harmony", StepGroup.CHORDS,
            "Adds lines above or below: in the scale, exact, or to the chord.", USUAL).touching(Touch.PITCH, Touch.COUNT).live()
            .with("lines", "one or more intervals, each above or below", SettingType.Kind.LINES, (step, texts) -> step.lines.stream()
                    .map(HarmonyLine::text).collect(Collectors.joining(", ")), (step, text, texts) -> step.withLines(
                    HarmonyLine.parseAll(text)))
            .choice("way", "what the distance keeps to", Way.class, Harmony::way, Harmony::withWay)
            .worded("Distance", "in the scale", "exact: major third", "exact: minor third", "to the chord")
            .flag("instead", "the lines stand in place of the tune", Harmony::instead, Harmony::withInstead).worded("Instead of tune")
            .flag("crossing", "a line may cross the tune", step -> !step.noCrossing, (step, crossing) -> step.withNoCrossing(!crossing)).worded("May cross")
            .flag("hold", "to the chord, common notes are held", Harmony::holdCommon, Harmony::withHoldCommon)
            .worded("Hold common notes").usedWhen("with way=chord", step -> step.way == Way.CHORD), "with way=chord", step -> step.way == Way.CHORD)
            .example("notes: C4 D4 E4:2", "step: harmony lines=\"third above\"", "becomes: [C4 E4] [D4 F4] [E4 G4]:2");

    public Harmony {
        source = source == null ? ChordSource.USUAL : source;
        lines = List.copyOf(lines);
        if (lines.isEmpty()) {
            throw new IllegalArgumentException(Texts.say("a harmony has at least one line, as in third above"));
        }
        if (new HashSet<>(lines).size() < lines.size()) {
            throw new IllegalArgumentException(Texts.say("each line of a harmony differs from the others, not %s", lines));
        }
    }

    /** Lines beside the tune, with nothing else asked. */
    public static Harmony of(Way way, List<HarmonyLine> lines) {
        return new Harmony(way, lines, ChordSource.USUAL, false, false, false);
    }

    public Harmony withWay(Way newWay) {
        return new Harmony(newWay, lines, source, instead, noCrossing, holdCommon);
    }

    public Harmony withLines(List<HarmonyLine> newLines) {
        return new Harmony(way, newLines, source, instead, noCrossing, holdCommon);
    }

    @Override
    public Harmony withSource(ChordSource newSource) {
        return new Harmony(way, lines, newSource, instead, noCrossing, holdCommon);
    }

    public Harmony withInstead(boolean newInstead) {
        return new Harmony(way, lines, source, newInstead, noCrossing, holdCommon);
    }

    public Harmony withNoCrossing(boolean newNoCrossing) {
        return new Harmony(way, lines, source, instead, newNoCrossing, holdCommon);
    }

    public Harmony withHoldCommon(boolean newHoldCommon) {
        return new Harmony(way, lines, source, instead, noCrossing, newHoldCommon);
    }

    /** Only what goes along with chords listens to a part. */
    @Override
    public Set<Integer> listensTo() {
        return way == Way.CHORD ? FitStep.super.listensTo() : Set.of();
    }

    @Override
    public boolean followsProgression() {
        return false;
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums()) {
            return Work.drums(in);
        }
        Work work = new Work(in, around);
        RulingChords ruling = way == Way.CHORD ? source.ruling(around) : new RulingChords(Progression.EMPTY, true, around.time());
        if (way == Way.CHORD && ruling.isEmpty()) {
            work.find(source.missing());
        }
        new HarmonyWriter(this, in, around, ruling, work).write();
        return work.outcome();
    }
}
