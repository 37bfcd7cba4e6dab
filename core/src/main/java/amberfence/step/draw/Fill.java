package amberfence.step.draw;

import amberfence.notes.Grid;
import amberfence.notes.Line;
import amberfence.step.Outcome;
import amberfence.step.SettingType;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.Work;
import amberfence.theory.Range;
import amberfence.words.Texts;

/**
 * Notes of the fence between one note of a line and the next, on the way to it. A chord counts by its highest note.
 *
 * @param rate the note value of the cells that can be filled
 * @param density with which chance each is, in percent
 * @param spread how many inside places beyond the two notes the way may go, 0–14
 * @param tie with which chance a made note does not sound anew, in percent
 * @param room the share of the note before that is taken from its end, in percent
 * @param longest no more of the free time is filled, the part nearest the next note
 */
public record Fill(Grid rate, int density, int spread, int tie, int room, BarLength longest, long seed) implements Step {
    private static final Range DENSITY = new Range(Texts.text("density in percent"), 0, 100);
    private static final Range SPREAD = new Range(Texts.text("spread in places"), 0, 14);
    private static final Range TIE = new Range(Texts.text("tie in percent"), 0, 100);
    private static final Range ROOM = new Range(Texts.text("room in percent"), 0, 95);
    /** Half of the sixteenths, up to two places beyond. */
    public static final Fill USUAL = new Fill(Grid.of(16), 50, 2, 0, 0, new BarLength.Bars(1), 1);
    public static final StepSchema<Fill> SCHEMA = StepSchema.of("fill", "Fill between", StepGroup.NEW_NOTES,
            "Leads from one note to the next with passing notes of the fence.", USUAL).touching(Touch.LENGTHS, Touch.COUNT).needingKey(step -> true)
            .noteValue("rate", "the shortest of the notes", Fill::rate,
                    (step, rate) -> new Fill(rate, step.density, step.spread, step.tie, step.room, step.longest, step.seed))
            .percent("density", "how much of the free time is filled", 0, 100, Fill::density,
                    (step, density) -> new Fill(step.rate, density, step.spread, step.tie, step.room, step.longest, step.seed))
            .whole("spread", "how many places beyond the two notes", 0, 14, Fill::spread,
                    (step, spread) -> new Fill(step.rate, step.density, spread, step.tie, step.room, step.longest, step.seed))
            .percent("tie", "how often a made note lasts on instead", 0, 100, Fill::tie,
                    (step, tie) -> new Fill(step.rate, step.density, step.spread, tie, step.room, step.longest, step.seed))
            .worded("Ties")
            .percent("room", "how much of the note before is taken", 0, 95, Fill::room,
                    (step, room) -> new Fill(step.rate, step.density, step.spread, step.tie, room, step.longest, step.seed))
            .worded("Make room")
            .with("longest", "how much is filled at most", SettingType.written("so many bars or a note value, as in 1bars or 1/2"),
                    (step, texts) -> step.longest.text(), (step, text, texts) -> new Fill(step.rate, step.density, step.spread, step.tie, step.room,
                            BarLength.parse(text), step.seed))
            .worded("At most")
            .seed(Fill::seed, (step, seed) -> new Fill(step.rate, step.density, step.spread, step.tie, step.room, step.longest, seed))
            .example("notes: C4 r:2 F4", "step: fill rate=1/8 density=100% spread=0", "becomes: C4 D4 E4 F4");

    public Fill {
        DENSITY.check(density);
        SPREAD.check(spread);
        TIE.check(tie);
        ROOM.check(room);
    }

    /** The same with so much room made. */
    Fill withRoom(int newRoom) {
        return new Fill(rate, density, spread, tie, newRoom, longest, seed);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums()) {
            return Work.drums(in);
        }
        Work work = new Work(in, around);
        new FillWriter(this, around, work).write(in);
        return work.outcome();
    }
}
