package amberfence.step.move;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.step.Outcome;
import amberfence.step.Step;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.Surroundings;
import amberfence.step.Touch;
import amberfence.step.Work;
import java.util.List;

/**
 * Turns a line round: its pitches in reverse over the same rhythm, or the whole line in time, so that what ended last
 * begins first (retrograde).
 */
public record Reverse(What what) implements Step {
    /** What is turned round. */
    public enum What {
        PITCHES, TIME
    }

    /** The pitches over the same rhythm. */
    public static final Reverse USUAL = new Reverse(What.PITCHES);
    public static final StepSchema<Reverse> SCHEMA = StepSchema.of("reverse", "Reverse", StepGroup.PITCH,
            "Turns a line round: its pitches over the same rhythm, or all of it in time.", USUAL).touching(Touch.PITCH, Touch.BEGINNINGS)
            .choice("what", "what is turned round", What.class, Reverse::what, (step, what) -> new Reverse(what))
            .worded("Turn round", "the pitches", "the whole line in time")
            .example("notes: C4 D4:2 E4", "step: reverse what=pitches", "becomes: E4 D4:2 C4");

    @Override
    public Outcome apply(Line in, Surroundings around) {
        if (around.isDrums() && what == What.PITCHES) {
            return Work.drums(in);
        }
        Work work = new Work(in, around);
        List<Note> picked = around.picked().in(in);
        in.notes().stream().filter(note -> !around.picked().contains(note)).forEach(work::keep);
        if (what == What.PITCHES) {
            for (int i = 0; i < picked.size(); i++) {
                Note note = picked.get(i);
                work.change(note, note.withPitch(picked.get(picked.size() - 1 - i).pitch()), new MoveReason.Reversed());
            }
        } else {
            long first = picked.isEmpty() ? 0 : picked.get(0).start();
            long end = picked.stream().mapToLong(Note::end).max().orElse(0);
            for (Note note : picked) {
                work.change(note, note.withStart(first + end - note.end()), new MoveReason.ReversedInTime());
            }
        }
        return work.outcome();
    }
}
