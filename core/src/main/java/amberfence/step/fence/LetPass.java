package amberfence.step.fence;

import amberfence.notes.Grid;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.reading.BeatPlace;
import amberfence.reading.VoiceSplitter;
import amberfence.step.Reason;
import amberfence.step.Surroundings;
import amberfence.theory.PitchClass;
import amberfence.words.Texts;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Which outside notes stay because of the way they are reached and left, when they are short and off the beat: passing
 * notes go on by step in one direction, neighbour notes return (Kostka and Payne, Tonal Harmony, chapter on nonchord
 * tones, from memory); approach notes lie a semitone from a note of the chord that follows.
 *
 * @param longest the longest note value that counts as short, as its division: 8 for an eighth
 */
public record LetPass(boolean passing, boolean neighbours, boolean approaches, int longest) {
    /** Every outside note is dealt with. */
    public static final LetPass NOTHING = new LetPass(false, false, false, 8);
    /** A step is one or two semitones. */
    private static final int STEP = 2;

    /** The three kinds of notes by their names. */
    enum Kind {
        PASSING, NEIGHBOUR, APPROACH
    }

    Set<Kind> kinds() {
        Set<Kind> kinds = EnumSet.noneOf(Kind.class);
        if (passing) {
            kinds.add(Kind.PASSING);
        }
        if (neighbours) {
            kinds.add(Kind.NEIGHBOUR);
        }
        if (approaches) {
            kinds.add(Kind.APPROACH);
        }
        return kinds;
    }

    static LetPass of(Set<Kind> kinds, int longest) {
        return new LetPass(kinds.contains(Kind.PASSING), kinds.contains(Kind.NEIGHBOUR), kinds.contains(Kind.APPROACH), longest);
    }

    LetPass withLongest(Grid grid) {
        if (grid.feel() != Grid.Feel.STRAIGHT) {
            throw new IllegalArgumentException(Texts.say("the longest short note is a plain note value, as in 1/8"));
        }
        return new LetPass(passing, neighbours, approaches, grid.division());
    }

    /** Whether nothing is let pass. */
    public boolean isNothing() {
        return !passing && !neighbours && !approaches;
    }

    Judge judge(Line line, Surroundings around) {
        return new Judge(line.notes(), around);
    }

    /** Judges the notes of one line. */
    final class Judge {
        private final List<Note> notes;
        private final Surroundings around;
        private final int[] previous;
        private final int[] next;

        private Judge(List<Note> notes, Surroundings around) {
            this.notes = notes;
            this.around = around;
            this.previous = isNothing() ? new int[0] : VoiceSplitter.previous(notes);
            this.next = VoiceSplitter.next(previous);
        }

        /** Why an outside note may pass, if it may. */
        Optional<Reason> of(int index) {
            if (isNothing() || next[index] < 0) {
                return Optional.empty();
            }
            Note note = notes.get(index);
            long quarter = around.time().ticksPerQuarter();
            if (note.length() * longest > 4 * quarter || BeatPlace.of(note.start(), around.time()) != BeatPlace.OFF) {
                return Optional.empty();
            }
            Note after = notes.get(next[index]);
            if (previous[index] >= 0) {
                Optional<Reason> between = between(notes.get(previous[index]), note, after);
                if (between.isPresent()) {
                    return between;
                }
            }
            boolean leads = approaches && Math.abs(after.pitch() - note.pitch()) == 1
                    && around.chords().at(after.start()).contains(PitchClass.of(after.pitch()));
            return leads ? Optional.of(new FenceReason.Approach(after.pitch())) : Optional.empty();
        }

        private Optional<Reason> between(Note before, Note note, Note after) {
            int reached = note.pitch() - before.pitch();
            int left = after.pitch() - note.pitch();
            boolean bySteps = reached != 0 && left != 0 && Math.abs(reached) <= STEP && Math.abs(left) <= STEP
                    && around.fence().isInside(before) && around.fence().isInside(after);
            if (bySteps && passing && Integer.signum(reached) == Integer.signum(left)) {
                return Optional.of(new FenceReason.Passing(before.pitch(), after.pitch()));
            }
            return bySteps && neighbours && before.pitch() == after.pitch()
                    ? Optional.of(new FenceReason.Neighbour(after.pitch())) : Optional.empty();
        }
    }
}
