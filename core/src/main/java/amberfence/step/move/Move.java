package amberfence.step.move;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.step.NoteCount;
import amberfence.step.Outcome;
import amberfence.step.Reason;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import amberfence.theory.KeyLadder;
import amberfence.theory.PitchClass;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.List;

/**
 * Moves notes up or down. All that are to be moved move, or none: where one would leave the range of MIDI, a finding
 * says so.
 *
 * @param by what the amount counts
 * @param amount upward positive, −127 to 127
 */
public record Move(Unit by, int amount) implements Step {
    /** What an amount counts. */
    public enum Unit {
        SEMITONES, OCTAVES,
        /** Places along the scale of the moment; outside notes keep their alteration. */
        DEGREES
    }

    private static final Range AMOUNT = new Range(Texts.text("amount to move by"), -127, 127);
    /** A semitone up. */
    public static final Move USUAL = new Move(Unit.SEMITONES, 1);
    public static final StepSchema<Move> SCHEMA = StepSchema.of("move", "Move", StepGroup.PITCH,
            "Moves notes by semitones, octaves or degrees of the scale.", USUAL).live().needingKey(step -> step.by == Unit.DEGREES)
            .choice("by", "what the amount counts", Unit.class, Move::by, (step, by) -> new Move(by, step.amount))
            .worded("By", "semitones", "octaves", "degrees of the scale")
            .whole("amount", "how far, upward positive", -127, 127, Move::amount, (step, amount) -> new Move(step.by, amount))
            .worded("How far")
            .example("notes: C4 E4 G4:2", "step: move by=degrees amount=2", "becomes: E4 G4 B4:2");

    public Move {
        AMOUNT.check(amount);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums()) {
            return Work.drums(in);
        }
        List<Note> notes = in.notes();
        KeyLadders ladders = new KeyLadders(around.fence());
        int[] targets = new int[notes.size()];
        NoteCount beyond = new NoteCount();
        for (int i = 0; i < targets.length; i++) {
            Note note = notes.get(i);
            targets[i] = target(note, ladders);
            if (around.isFree(note) && !Range.PITCH.contains(targets[i])) {
                beyond.add(note);
            }
        }
        Work work = new Work(in, around);
        for (int i = 0; i < targets.length; i++) {
            Note note = notes.get(i);
            if (!beyond.isEmpty() || !Range.PITCH.contains(targets[i])) {
                work.keep(note);
            } else {
                work.change(note, note.withPitch(targets[i]), reason(note, ladders));
            }
        }
        work.find(beyond, MoveFinding.NoRoom::new);
        return work.outcome();
    }

    private int target(Note note, KeyLadders ladders) {
        return switch (by) {
            case SEMITONES -> note.pitch() + amount;
            case OCTAVES -> note.pitch() + PitchClass.COUNT * amount;
            case DEGREES -> ladders.at(note).moved(note.pitch(), amount);
        };
    }

    private Reason reason(Note note, KeyLadders ladders) {
        if (by == Unit.SEMITONES) {
            return new Reason.BySemitones(amount);
        } else if (by == Unit.OCTAVES) {
            return new Reason.ByOctaves(amount);
        }
        KeyLadder ladder = ladders.at(note);
        KeyLadder.Place from = ladder.place(note.pitch());
        return new Reason.ByDegrees(amount, DegreeWords.of(ladder, from), DegreeWords.of(ladder, from.plus(amount)));
    }
}
