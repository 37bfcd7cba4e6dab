package amberfence.step.draw;

import amberfence.notes.Grid;
import amberfence.notes.GridLines;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.reading.SoundingChords;
import amberfence.step.Accents;
import amberfence.step.Outcome;
import amberfence.step.SettingType;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.Work;
import amberfence.theory.KeyLadder;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;

/**
 * The notes of a chord one after another at a rate, for as long as the chord sounds, at most until the next begins.
 *
 * @param figure in which order, how far it reaches, and how it comes again
 * @param sound how long and how loud each note is, and where it stands
 * @param begins when the figure begins anew
 * @param held what still sounds of a chord before belongs to the next
 * @param single what becomes of a note that stands alone
 * @param seed of the order by chance
 */
public record Arpeggio(Figure figure, Sound sound, Begins begins, boolean held, Single single, long seed) implements Step {
    /** When a figure begins anew. */
    enum Begins {
        GROUP, BAR, ON
    }

    /** What becomes of a note that stands alone. */
    enum Single {
        REPEAT, KEEP
    }

    /**
     * One round of an arpeggio.
     *
     * @param octaves over how many octaves the chord is laid out before it is ordered, 1–4
     * @param then by how much the figure is moved each time that it comes again
     * @param times how often it comes again so, 0–16
     * @param each how often each note sounds, 1–8
     */
    record Figure(FigureOrder order, int octaves, Again then, int times, int each) {
        private static final Range OCTAVES = new Range("octaves", 1, 4);
        private static final Range TIMES = new Range("times", 0, 16);
        private static final Range EACH = new Range("each", 1, 8);

        Figure {
            OCTAVES.check(octaves);
            TIMES.check(times);
            EACH.check(each);
        }
    }

    /**
     * How the notes of an arpeggio sound.
     *
     * @param rate the note value of one note
     * @param length its length in percent of the time until the next, 5–400; over 100 it sounds into it
     * @param swing where every second note stands, in percent of two
     */
    record Sound(Grid rate, int length, Accents accents, int swing) {
        private static final Range LENGTH = new Range(Texts.text("length in percent"), 5, 400);
        private static final Range SWING = new Range(Texts.text("swing in percent"), 50, 80);

        Sound {
            LENGTH.check(length);
            SWING.check(swing);
        }
    }

    private static final int EXAMPLE_NOTES = 4;
    private static final int EXAMPLE_OCTAVE = 4;
    private static final int EXAMPLE_VELOCITY = 90;
    /** Upward in sixteenths. */
    public static final Arpeggio USUAL = new Arpeggio(new Figure(FigureOrder.UP, 1, Again.IN_PLACE, 0, 1),
            new Sound(Grid.of(16), 100, Accents.NONE, GridLines.STRAIGHT), Begins.GROUP, false, Single.REPEAT, 1);
    public static final StepSchema<Arpeggio> SCHEMA = StepSchema.of("arpeggio", "Arpeggio", StepGroup.NEW_NOTES,
            "Breaks chords into notes one after another.", USUAL).liveInTime()
            .touching(Touch.BEGINNINGS, Touch.LENGTHS, Touch.VELOCITIES, Touch.COUNT).needingKey(step -> step.figure.then.unit() == Again.Unit.DEGREES)
            .choice("order", "in which order the notes come", FigureOrder.class, step -> step.figure.order, (step, order) -> step.with(
                    new Figure(order, step.figure.octaves, step.figure.then, step.figure.times, step.figure.each)))
            .worded("Order", "up", "down", "up and down", "up and down, ends twice", "down and up", "outward", "inward", "as played", "by chance")
            .noteValue("rate", "the note value of one note", step -> step.sound.rate, (step, rate) -> step.with(
                    new Sound(rate, step.sound.length, step.sound.accents, step.sound.swing)))
            .percent("length", "how much of its time each note sounds", 5, 400, step -> step.sound.length, (step, length) -> step.with(
                    new Sound(step.sound.rate, length, step.sound.accents, step.sound.swing)))
            .whole("octaves", "over how many octaves the chord is laid out", 1, 4, step -> step.figure.octaves, (step, octaves) -> step.with(
                    new Figure(step.figure.order, octaves, step.figure.then, step.figure.times, step.figure.each)))
            .with("then", "by how much the figure is moved when it comes again", SettingType.written("octaves or degrees, as in 2 degrees"),
                    (step, texts) -> step.figure.then.text(), (step, text, texts) -> step.with(new Figure(step.figure.order, step.figure.octaves,
                            Again.parse(text), step.figure.times, step.figure.each)))
            .worded("Then again, by")
            .whole("times", "how often it comes again, moved", 0, 16, step -> step.figure.times, (step, times) -> step.with(
                    new Figure(step.figure.order, step.figure.octaves, step.figure.then, times, step.figure.each)))
            .whole("each", "how often each note sounds", 1, 8, step -> step.figure.each, (step, each) -> step.with(
                    new Figure(step.figure.order, step.figure.octaves, step.figure.then, step.figure.times, each)))
            .worded("Each note sounds")
            .with("accents", "shares of velocity that come round", SettingType.written("1 to 16 shares in percent, as in 100,60,80"),
                    (step, texts) -> step.sound.accents.text(), (step, text, texts) -> step.with(new Sound(step.sound.rate, step.sound.length,
                            Accents.parse(text), step.sound.swing)))
            .percent("swing", "where every second note stands", 50, 80, step -> step.sound.swing, (step, swing) -> step.with(
                    new Sound(step.sound.rate, step.sound.length, step.sound.accents, swing)))
            .choice("begins", "when the figure begins anew", Begins.class, Arpeggio::begins,
                    (step, begins) -> new Arpeggio(step.figure, step.sound, begins, step.held, step.single, step.seed))
            .worded("Begins anew", "with each chord", "with each bar", "never")
            .flag("held", "what still sounds joins the next chord", Arpeggio::held,
                    (step, held) -> new Arpeggio(step.figure, step.sound, step.begins, held, step.single, step.seed))
            .worded("Held notes join in")
            .choice("single", "what becomes of a note that stands alone", Single.class, Arpeggio::single,
                    (step, single) -> new Arpeggio(step.figure, step.sound, step.begins, step.held, single, step.seed))
            .worded("Single notes", "are repeated", "are kept")
            .seed(Arpeggio::seed, (step, seed) -> new Arpeggio(step.figure, step.sound, step.begins, step.held, step.single, seed))
            .usedWhen("with order=chance", step -> step.figure.order == FigureOrder.CHANCE)
            .example("notes: [C4 E4 G4]:4", "step: arpeggio order=up rate=1/8", "becomes: C4 E4 G4 C4");

    private Arpeggio with(Figure newFigure) {
        return new Arpeggio(newFigure, sound, begins, held, single, seed);
    }

    private Arpeggio with(Sound newSound) {
        return new Arpeggio(figure, newSound, begins, held, single, seed);
    }

    /** What becomes of a chord of four notes of the key that lasts for a bar, to show the order. */
    public Line example(Surroundings around) {
        KeyLadder ladder = KeyLadder.of(around.fence().keyAt(0));
        List<Note> chord = new ArrayList<>();
        for (int i = 0; i < EXAMPLE_NOTES; i++) {
            chord.add(new Note(i + 1, 0, around.time().barStart(2), ladder.pitch(new KeyLadder.Place(EXAMPLE_OCTAVE * ladder.size() + 2 * i, 0)), EXAMPLE_VELOCITY, 0,
                    Note.USUAL_RELEASE));
        }
        return apply(Line.of(chord), Surroundings.of(around.fence(), around.time(), Role.CHORDS, SoundingChords.NONE)).out();
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums()) {
            return Work.drums(in);
        }
        Work work = new Work(in, around);
        new ArpeggioWriter(this, around, work).write(in);
        return work.outcome();
    }
}
