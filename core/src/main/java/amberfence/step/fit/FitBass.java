package amberfence.step.fit;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.step.ChordSource;
import amberfence.step.Outcome;
import amberfence.step.PitchRange;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.theory.PitchClass;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.EnumSet;
import java.util.Set;

/**
 * Fits a bassline to the chords and gives it variety: strong beats and the first note under each chord go to the root, the
 * chord's bass or a chord note, what lies between to chord notes, notes of the scale, or notes that lead into the next
 * root. The rhythm stays. The line as a whole is the cheapest of all, found exactly; see {@link BassLine}.
 *
 * @param between what may stand between strong beats, beside chord notes
 * @param variety 0 stays as near as can be to what was there, 100 moves most
 * @param lowest MIDI pitch
 * @param highest MIDI pitch, at least eleven semitones above the lowest
 * @param seed another gives another line, while there is variety
 */
public record FitBass(ChordSource source, Strong strong, Between between, int variety, int lowest, int highest, long seed)
        implements FitStep {
    private static final Range VARIETY = new Range("variety", 0, 100);

    /** Where strong beats go. */
    public enum Strong {
        ROOT, BASS, NEAREST
    }

    /**
     * What may stand between strong beats, beside chord notes.
     *
     * @param scale notes of the scale
     * @param steps a step of the scale into the next strong note
     * @param semitones a semitone into the next strong note
     */
    public record Between(boolean scale, boolean steps, boolean semitones) {
        /** The three by their names. */
        enum Kind {
            SCALE, STEP, SEMITONE
        }

        public static final Between CHORD_NOTES = new Between(false, false, false);

        Set<Kind> kinds() {
            Set<Kind> kinds = EnumSet.noneOf(Kind.class);
            if (scale) {
                kinds.add(Kind.SCALE);
            }
            if (steps) {
                kinds.add(Kind.STEP);
            }
            if (semitones) {
                kinds.add(Kind.SEMITONE);
            }
            return kinds;
        }

        static Between of(Set<Kind> kinds) {
            return new Between(kinds.contains(Kind.SCALE), kinds.contains(Kind.STEP), kinds.contains(Kind.SEMITONE));
        }
    }

    /** To the root, with scale notes and steps into the next root, between low E and middle C. */
    public static final FitBass USUAL = new FitBass(ChordSource.USUAL, Strong.ROOT, new Between(true, true, false), 50, 28, 60, 1);
    public static final StepSchema<FitBass> SCHEMA = FitStep.chords(StepSchema.of("fit-bass", "Fit bass", StepGroup.CHORDS,
            "Fits a bassline to the chords and gives it variety; its rhythm stays.", USUAL))
            .choice("strong", "where strong beats go", Strong.class, FitBass::strong, FitBass::withStrong)
            .worded("Strong beats", "root", "bass of the chord", "nearest chord note")
            .choices("between", "what may stand between, beside chord notes", Between.Kind.class, step -> step.between.kinds(),
                    (step, kinds) -> step.withBetween(Between.of(kinds)))
            .worded("Between", "scale notes", "step into root", "semitone into root")
            .percent("variety", "from as near as can be to moving most", 0, 100, FitBass::variety, FitBass::withVariety)
            .pitches("range", "at least twelve pitches", FitBass::lowest, FitBass::highest, (step, text, texts) -> {
                PitchRange range = PitchRange.parse(text);
                return step.withRange(range.lowest(), range.highest());
            }).seed(FitBass::seed, FitBass::withSeed).worded("Line")
            .example("notes: C2:8 C2:8", "chords: | C | F |", "role: bass", "step: fit-bass variety=0%", "becomes: C2:8 F2:8");

    public FitBass {
        source = source == null ? ChordSource.USUAL : source;
        between = between == null ? Between.CHORD_NOTES : between;
        VARIETY.check(variety);
        Range.PITCH.check(lowest);
        Range.PITCH.check(highest);
        if (highest - lowest < PitchClass.COUNT - 1) {
            throw new IllegalArgumentException(Texts.say("a range for a bassline holds at least the twelve notes of an octave, as in E1..E3, not %s", new PitchRange(lowest, highest).text()));
        }
    }

    @Override
    public FitBass withSource(ChordSource newSource) {
        return new FitBass(newSource, strong, between, variety, lowest, highest, seed);
    }

    public FitBass withStrong(Strong newStrong) {
        return new FitBass(source, newStrong, between, variety, lowest, highest, seed);
    }

    public FitBass withBetween(Between newBetween) {
        return new FitBass(source, strong, newBetween, variety, lowest, highest, seed);
    }

    public FitBass withVariety(int newVariety) {
        return new FitBass(source, strong, between, newVariety, lowest, highest, seed);
    }

    public FitBass withRange(int newLowest, int newHighest) {
        return new FitBass(source, strong, between, variety, newLowest, newHighest, seed);
    }

    public FitBass withSeed(long newSeed) {
        return new FitBass(source, strong, between, variety, lowest, highest, newSeed);
    }

    /** The range of the line, widened by a fourth and to a whole octave. */
    @Override
    public Step fitted(Line line, Surroundings around) {
        int low = line.notes().stream().mapToInt(Note::pitch).min().orElse(lowest);
        int high = line.notes().stream().mapToInt(Note::pitch).max().orElse(highest);
        int from = Math.max(0, Math.min(low, 127 - PitchClass.COUNT));
        return withRange(from, Math.min(127, Math.max(high + 5, from + PitchClass.COUNT)));
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        return underChords(in, around, (ruling, work) -> new BassLine(this, in, around, ruling, work).write());
    }
}
