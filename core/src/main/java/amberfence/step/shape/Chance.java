package amberfence.step.shape;

import amberfence.notes.Grid;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeLength;
import amberfence.step.InsidePlaces;
import amberfence.step.NoteDice;
import amberfence.step.Outcome;
import amberfence.step.PitchRange;
import amberfence.step.SettingType;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.VelocityRange;
import amberfence.step.Work;
import amberfence.theory.PitchClass;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.function.LongFunction;
import java.util.stream.IntStream;

/**
 * Changes notes by chance, each for itself, inside the fence.
 *
 * @param chance with which each note is changed, in percent
 * @param range of other pitches
 * @param by a beginning moves by so much at most
 * @param shortest of other lengths
 */
public record Chance(int chance, What what, PitchRange range, TimeLength by, TimeLength shortest, TimeLength longest, VelocityRange velocities, long seed) implements Step {
    /** What is changed. */
    enum What {
        PITCH, DEGREE, OCTAVE, ONSET, LENGTH, VELOCITY, OUT
    }

    private static final Range CHANCE = new Range(Texts.text("chance in percent"), 0, 100);
    private static final int WHOLE = 100;
    private static final int HIT = 0;
    private static final int DRAW = 1;
    /** Always another pitch of an octave. */
    public static final Chance USUAL = new Chance(100, What.PITCH, new PitchRange(60, 72), new TimeLength.Value(Grid.of(16)), new TimeLength.Value(Grid.of(32)),
            new TimeLength.Value(Grid.of(4)), new VelocityRange(40, 120), 1);
    public static final StepSchema<Chance> SCHEMA = StepSchema.of("chance", "Chance", StepGroup.NEW_NOTES,
            "Changes notes by chance, and keeps them inside.", USUAL).live()
            .touching(Touch.PITCH, Touch.BEGINNINGS, Touch.LENGTHS, Touch.VELOCITIES, Touch.COUNT).needingKey(step -> step.what.compareTo(What.OCTAVE) <= 0)
            .percent("chance", "how many of the notes", 0, 100, Chance::chance, (step, chance) -> new Chance(chance, step.what, step.range, step.by,
                    step.shortest, step.longest, step.velocities, step.seed))
            .choice("what", "what is changed", What.class, Chance::what, (step, what) -> new Chance(step.chance, what, step.range, step.by, step.shortest,
                    step.longest, step.velocities, step.seed))
            .worded("What", "another pitch", "a degree up or down", "an octave up or down", "the beginning", "the length", "the velocity", "left out")
            .pitches("range", "of the other pitches", step -> step.range.lowest(), step -> step.range.highest(), (step, text, texts) -> new Chance(step.chance,
                    step.what, PitchRange.parse(text), step.by, step.shortest, step.longest, step.velocities, step.seed))
            .usedWhen("with what=pitch", step -> step.what == What.PITCH)
            .length("by", "by how much the beginning at most", Chance::by, (step, by) -> new Chance(step.chance, step.what, step.range, by, step.shortest,
                    step.longest, step.velocities, step.seed)).usedWhen("with what=onset", step -> step.what == What.ONSET)
            .with("length", "from the shortest to the longest", SettingType.written("two lengths, as in 1/32..1/4"), (step, texts) -> step.shortest.text() + ".."
                    + step.longest.text(), (step, text, texts) -> step.withLengths(text)).usedWhen("with what=length", step -> step.what == What.LENGTH)
            .with("velocity", "from the softest to the loudest", SettingType.written("two velocities, as in 40..120"), (step, texts) -> step.velocities.text(),
                    (step, text, texts) -> new Chance(step.chance, step.what, step.range, step.by, step.shortest, step.longest, VelocityRange.parse(text),
                            step.seed)).usedWhen("with what=velocity", step -> step.what == What.VELOCITY)
            .seed(Chance::seed, (step, seed) -> new Chance(step.chance, step.what, step.range, step.by, step.shortest, step.longest, step.velocities, seed))
            .example("notes: C4 D4 E4 F4", "step: pick off beat", "step: chance what=out chance=100%", "becomes: C4 r E4");

    public Chance {
        CHANCE.check(chance);
        if (range.highest() < range.lowest()) {
            throw new IllegalArgumentException(Texts.say("a range rises, as in C4..C5, not %s", range.text()));
        }
    }

    private Chance withLengths(String text) {
        String[] ends = text.split("\\.\\.", -1);
        if (ends.length != 2) {
            throw new IllegalArgumentException(Texts.say("it is two lengths, as in 1/32..1/4"));
        }
        return new Chance(chance, what, range, by, TimeLength.parse(ends[0]), TimeLength.parse(ends[1]), velocities, seed);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums() && what.compareTo(What.OCTAVE) <= 0) {
            return Work.drums(in);
        }
        Work work = new Work(in, around);
        LongFunction<InsidePlaces> places = InsidePlaces.along(around.fence());
        NoteDice dice = NoteDice.of(seed, in, around);
        for (Note note : in.notes()) {
            if (dice.roll(note, HIT, WHOLE) >= chance) {
                work.keep(note);
            } else if (what == What.OUT) {
                work.remove(note, new ShapeReason.ByChance());
            } else {
                work.change(note, changed(note, places.apply(note.start()), around, dice), new ShapeReason.ByChance());
            }
        }
        return work.outcome();
    }

    private Note changed(Note note, InsidePlaces places, Surroundings around, NoteDice dice) {
        return switch (what) {
            case PITCH -> note.withPitch(another(note, places, dice));
            case DEGREE -> {
                int up = places.moved(note.pitch(), 1);
                int down = places.moved(note.pitch(), -1);
                int taken = coin(note, dice) ? up : down;
                yield taken >= 0 ? note.withPitch(taken) : note.withPitch(Math.max(up, Math.max(down, note.pitch())));
            }
            case OCTAVE -> {
                int wanted = note.pitch() + (coin(note, dice) ? PitchClass.COUNT : -PitchClass.COUNT);
                yield note.withPitch(Range.PITCH.contains(wanted) ? wanted : 2 * note.pitch() - wanted);
            }
            case ONSET -> {
                long most = by.ticks(around.time(), note.start());
                yield note.withStart(Math.max(0, note.start() - most + rolled(dice, note, 2 * most + 1)));
            }
            case LENGTH -> {
                long least = Math.max(1, shortest.ticks(around.time(), note.start()));
                long most = Math.max(least, longest.ticks(around.time(), note.start()));
                yield note.withLength(least + rolled(dice, note, most - least + 1));
            }
            case VELOCITY -> note.withVelocity(velocities.softest() + (int) rolled(dice, note, velocities.loudest() - velocities.softest() + 1));
            case OUT -> note;
        };
    }

    private int another(Note note, InsidePlaces places, NoteDice dice) {
        int[] others = IntStream.of(places.between(range.lowest(), range.highest())).filter(pitch -> pitch != note.pitch()).toArray();
        return others.length == 0 ? note.pitch() : others[(int) rolled(dice, note, others.length)];
    }

    private static boolean coin(Note note, NoteDice dice) {
        return rolled(dice, note, 2) == 0;
    }

    private static long rolled(NoteDice dice, Note note, long sides) {
        return dice.roll(note, DRAW, (int) Math.min(Integer.MAX_VALUE, sides));
    }
}
