package amberfence.step.draw;

import amberfence.notes.Grid;
import amberfence.notes.Line;
import amberfence.notes.Progression;
import amberfence.reading.RulingChords;
import amberfence.step.ChordSource;
import amberfence.step.Outcome;
import amberfence.step.PitchRange;
import amberfence.step.SettingType;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.VelocityRange;
import amberfence.step.Work;
import amberfence.step.fit.FitStep;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.Set;

/**
 * A line of its own for an empty part, or in the place of what is picked: a rhythm, and pitches of the fence.
 *
 * @param rhythm when its notes begin
 * @param grid the cells of a rhythm that is spread or left to chance
 * @param source of the chords, with {@link Pitches#CHORDS}
 * @param leap at most so many inside places from one note to the next, 0–14
 * @param length of each, in percent of the way to the next
 * @param velocities from which each is drawn
 */
public record OwnLine(LineRhythm rhythm, Grid grid, Pitches pitches, ChordSource source, int leap, PitchRange range, int length,
                      VelocityRange velocities, long seed) implements FitStep {
    /** How pitches are found. */
    enum Pitches {
        /** From place to place, at most a leap away. */
        WALK,
        /** Any inside pitch of the range. */
        EVEN,
        /** Notes of the chord on strong beats, steps between. */
        CHORDS
    }

    private static final Range LEAP = new Range(Texts.text("leap in places"), 0, 14);
    private static final Range LENGTH = new Range(Texts.text("length in percent"), 5, 100);
    private static final int OCTAVE = 12;
    /** Eighths that walk in an octave. */
    public static final OwnLine USUAL = new OwnLine(new LineRhythm.Every(Grid.of(8)), Grid.of(8), Pitches.WALK, ChordSource.USUAL, 3, new PitchRange(60, 72), 90,
            new VelocityRange(70, 100), 1);
    public static final StepSchema<OwnLine> SCHEMA = FitStep.chords(StepSchema.of("line", "Line of its own", StepGroup.NEW_NOTES,
            "Makes a line of the fence where there is none.", USUAL).touching(Touch.COUNT)
            .with("rhythm", "when the notes begin", SettingType.written("every:1/8, even:3/8@0 or density:40%", "every:1/4", "every:1/8", "every:1/16",
                    "even:3/8@0", "even:5/8@0", "even:5/16@0", "even:7/16@0", "density:40%", "density:70%"), (step, texts) -> step.rhythm.text(),
                    (step, text, texts) -> step.withRhythm(LineRhythm.parse(text), step.grid))
            .worded("Rhythm", "quarters", "eighths", "sixteenths", "3 spread over 8", "5 spread over 8", "5 spread over 16", "7 spread over 16",
                    "by chance, 40%", "by chance, 70%")
            .noteValue("grid", "the note value of a cell", OwnLine::grid, (step, grid) -> step.withRhythm(step.rhythm, grid))
            .usedWhen("with rhythm=even or density", step -> !(step.rhythm instanceof LineRhythm.Every))
            .choice("pitches", "how pitches are found", Pitches.class, OwnLine::pitches, (step, pitches) -> new OwnLine(step.rhythm, step.grid, pitches,
                    step.source, step.leap, step.range, step.length, step.velocities, step.seed))
            .worded("Pitches", "walk in the fence", "any of the fence", "keep to the chords"), "with pitches=chords", step -> step.pitches == Pitches.CHORDS)
            .whole("leap", "how many places from note to note", 0, 14, OwnLine::leap, (step, leap) -> new OwnLine(step.rhythm, step.grid, step.pitches,
                    step.source, leap, step.range, step.length, step.velocities, step.seed))
            .worded("Leaps at most").usedWhen("with pitches=walk or chords", step -> step.pitches != Pitches.EVEN)
            .pitches("range", "from the lowest pitch to the highest", step -> step.range.lowest(), step -> step.range.highest(),
                    (step, text, texts) -> step.with(PitchRange.parse(text), step.velocities))
            .percent("length", "how much of the way to the next note each sounds", 5, 100, OwnLine::length, (step, length) -> new OwnLine(step.rhythm,
                    step.grid, step.pitches, step.source, step.leap, step.range, length, step.velocities, step.seed))
            .with("velocity", "from the softest to the loudest", SettingType.written("two velocities, as in 70..100"),
                    (step, texts) -> step.velocities.text(), (step, text, texts) -> step.with(step.range,
                            VelocityRange.parse(text)))
            .seed(OwnLine::seed, (step, seed) -> new OwnLine(step.rhythm, step.grid, step.pitches, step.source, step.leap, step.range, step.length,
                    step.velocities, seed)).answeringToChords(step -> true)
            .example("notes:", "chords: | C | F |", "step: line rhythm=every:1/4 leap=2 range=C4..C5 seed=3");

    public OwnLine {
        source = source == null ? ChordSource.USUAL : source;
        LEAP.check(leap);
        LENGTH.check(length);
        if (range.highest() - range.lowest() < OCTAVE - 1) {
            throw new IllegalArgumentException(Texts.say("a line has an octave or more to walk in, as in C4..C5, not %s", range.text()));
        }
    }

    private OwnLine withRhythm(LineRhythm newRhythm, Grid newGrid) {
        return new OwnLine(newRhythm, newGrid, pitches, source, leap, range, length, velocities, seed);
    }

    private OwnLine with(PitchRange newRange, VelocityRange newVelocities) {
        return new OwnLine(rhythm, grid, pitches, source, leap, newRange, length, newVelocities, seed);
    }

    @Override
    public OwnLine withSource(ChordSource newSource) {
        return new OwnLine(rhythm, grid, pitches, newSource, leap, range, length, velocities, seed);
    }

    @Override
    public Set<Integer> listensTo() {
        return pitches == Pitches.CHORDS ? FitStep.super.listensTo() : Set.of();
    }

    @Override
    public boolean followsProgression() {
        return pitches == Pitches.CHORDS && FitStep.super.followsProgression();
    }

    /** In an empty part it lasts as long as the song. */
    @Override
    public boolean asksForSong() {
        return true;
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums()) {
            return Work.drums(in);
        }
        Work work = new Work(in, around);
        RulingChords ruling = pitches == Pitches.CHORDS ? source.ruling(around) : new RulingChords(Progression.EMPTY, true, around.time());
        if (pitches == Pitches.CHORDS && ruling.isEmpty()) {
            work.find(source.missing());
        }
        new OwnLineWriter(this, ruling, around, work).write(in);
        return work.outcome();
    }
}
