package amberfence.result;

import amberfence.notes.Line;
import amberfence.notes.NoteSet;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Finding;
import amberfence.step.Outcome;
import amberfence.step.Step;
import amberfence.step.StepSlot;
import amberfence.step.StoppedException;
import amberfence.step.Surroundings;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

/**
 * What a part comes to: its line folded through its steps that are on.
 *
 * @param stages one for each step that is on, in order
 */
public record PartResult(Line original, List<Stage> stages) {
    /** One step and what it made of the line that reached it. */
    public record Stage(StepSlot slot, Line in, Outcome outcome) {
    }

    public PartResult {
        stages = List.copyOf(stages);
    }

    /** Applies the steps of a part, in its song. */
    public static PartResult of(Song song, Part part) {
        return SongResults.of(song).of(part);
    }

    static PartResult of(Part part, Surroundings first, Listening listening) {
        Surroundings around = first;
        List<Stage> stages = new ArrayList<>();
        Line line = part.line();
        for (StepSlot slot : part.steps()) {
            if (slot.on()) {
                Step step = slot.step();
                Outcome outcome = outcome(step, slot, line, around);
                stages.add(new Stage(slot, line, listening.isInCircle(part.id()) && step.listensTo().stream()
                        .anyMatch(listening.circle(part.id())::contains) ? outcome.plus(new Finding.ListensInCircle(
                                listening.circle(part.id()).size())) : outcome));
                line = outcome.out();
                around = step.following(around);
            }
        }
        return new PartResult(part.line(), stages);
    }

    private static Outcome outcome(Step step, StepSlot slot, Line line, Surroundings around) {
        try {
            NoteSet picked = slot.limit().map(limit -> limit.choose(line, around)).orElse(NoteSet.ALL);
            return step.tried(line, around.in(slot, picked));
        } catch (StoppedException e) {
            throw e;
        } catch (RuntimeException e) {
            return Outcome.unchanged(line, List.of(new Finding.Failed(e)));
        }
    }

    /** What one step would make of the line that reaches it, were its settings those of another step. */
    public static Line tried(Song song, Part part, long slotId, Step step) {
        return on(song, part, slotId, slot -> slot.withStep(step)).map(stage -> stage.outcome().out()).orElse(part.line());
    }

    /** What a step that is switched off would do, were it on; empty for a step that the part has not. */
    public static Optional<Stage> waiting(Song song, Part part, long slotId) {
        return on(song, part, slotId, slot -> slot);
    }

    private static Optional<Stage> on(Song song, Part part, long slotId, UnaryOperator<StepSlot> edit) {
        return of(song, part.withStep(slotId, slot -> edit.apply(slot).withOn(true))).stage(slotId);
    }

    /** What every part of a song comes to, by the part's identity. */
    public static Map<Integer, PartResult> all(Song song) {
        return SongResults.of(song).all();
    }

    /** The lines of all parts after their steps. */
    public static Map<Integer, Line> lines(Map<Integer, PartResult> results) {
        Map<Integer, Line> lines = new TreeMap<>();
        results.forEach((id, result) -> lines.put(id, result.line()));
        return lines;
    }

    /** The lines of all parts of a song after their steps. */
    public static Map<Integer, Line> lines(Song song) {
        return lines(all(song));
    }

    /** The line after all steps. */
    public Line line() {
        return stages.isEmpty() ? original : stages.get(stages.size() - 1).outcome().out();
    }

    public Optional<Stage> stage(long slotId) {
        return stages.stream().filter(stage -> stage.slot().id() == slotId).findFirst();
    }
}
