package amberfence.song;

import amberfence.notes.Line;
import amberfence.notes.Role;
import amberfence.step.StepSlot;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;

/**
 * A named line of notes with a role: its takes, of which one is current, each with its own steps. Settling adds a take,
 * so the original is always there to go back to.
 *
 * @param id identity within the song
 * @param track which track of the file of its song the notes came from, or which part of its score; empty for a part that was made here
 * @param channel MIDI channel 0–15 on which the part plays
 * @param current index into {@code takes}
 * @param sound how it is heard
 */
public record Part(int id, String name, Role role, OptionalInt track, int channel, List<Take> takes, int current,
                   PartSound sound) {
    public Part {
        takes = List.copyOf(takes);
        sound = sound == null ? PartSound.USUAL : sound;
        if (current < 0 || current >= takes.size()) {
            throw new IllegalArgumentException(Texts.say("part “%s” has takes 0 to %s, there is no take %s", name, (takes.size() - 1), current));
        }
    }

    /** A part that is made here, with one take and no steps. */
    public static Part of(int id, String name, Role role, int channel, Line line) {
        return of(id, name, role, OptionalInt.empty(), channel, line);
    }

    /** A part with one take and no steps. */
    public static Part of(int id, String name, Role role, OptionalInt track, int channel, Line line) {
        return new Part(id, name, role, track, channel, List.of(new Take("Original", line, List.of())), 0, PartSound.USUAL);
    }

    public Take take() {
        return takes.get(current);
    }

    /** The current take's notes before any step. */
    public Line line() {
        return take().line();
    }

    public List<StepSlot> steps() {
        return take().steps();
    }

    public Optional<StepSlot> step(long slotId) {
        return steps().stream().filter(slot -> slot.id() == slotId).findFirst();
    }

    public boolean isDrums() {
        return role == Role.DRUMS;
    }

    public Part withName(String newName) {
        return new Part(id, newName, role, track, channel, takes, current, sound);
    }

    public Part withRole(Role newRole) {
        return new Part(id, name, newRole, track, channel, takes, current, sound);
    }

    public Part withSound(PartSound newSound) {
        return new Part(id, name, role, track, channel, takes, current, newSound);
    }

    /** With one of its steps changed. */
    public Part withStep(long slotId, UnaryOperator<StepSlot> edit) {
        return withSteps(steps().stream().map(slot -> slot.id() == slotId ? edit.apply(slot) : slot).toList());
    }

    public Part withSteps(List<StepSlot> steps) {
        return withTake(take -> take.withSteps(steps));
    }

    /** Changes the current take. */
    public Part withTake(UnaryOperator<Take> edit) {
        List<Take> changed = new ArrayList<>(takes);
        changed.set(current, edit.apply(take()));
        return new Part(id, name, role, track, channel, changed, current, sound);
    }

    /** Makes another take the current one. */
    public Part withTake(int index) {
        return new Part(id, name, role, track, channel, takes, index, sound);
    }

    /** Gives a take another name. */
    public Part withTakeName(int index, String newName) {
        List<Take> changed = new ArrayList<>(takes);
        changed.set(index, takes.get(index).withName(newName));
        return new Part(id, name, role, track, channel, changed, current, sound);
    }

    /** Adds a take with these notes and no steps, and makes it the current one. */
    public Part plusTake(String takeName, Line line) {
        return plusTake(new Take(takeName, line, List.of()));
    }

    /** Adds a take and makes it the current one. */
    public Part plusTake(Take take) {
        List<Take> more = new ArrayList<>(takes);
        more.add(take);
        return new Part(id, name, role, track, channel, more, more.size() - 1, sound);
    }

    /** The part without one take; the original cannot be taken away. */
    public Part minusTake(int index) {
        if (index == 0) {
            throw new IllegalArgumentException(Texts.say("the first take of a part is its original and stays"));
        }
        List<Take> fewer = new ArrayList<>(takes);
        fewer.remove(index);
        return new Part(id, name, role, track, channel, fewer, current >= index ? current - 1 : current, sound);
    }

    /**
     * Whether the current take must not be edited note by note: it is the original that came from a file, which stays
     * as it was. Steps may be tried on it.
     */
    public boolean isOriginalKept() {
        return current == 0 && track.isPresent();
    }
}
