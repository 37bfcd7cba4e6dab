package amberfence.step.pick;

import amberfence.notes.Grid;
import amberfence.notes.Note;
import amberfence.reading.BeatPlace;
import amberfence.step.PitchRange;
import amberfence.theory.Degree;
import amberfence.theory.PitchClass;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.Optional;

/** One thing that a note of a line can be. */
public sealed interface Condition {
    /** Whether a note, by its index in the line, is it. */
    boolean holds(int index, PickedLine line);

    /** What {@link ConditionText} reads, for example {@code degree b3}. */
    String text();

    /** The n-th of the notes that sound together, from the bottom or from the top; the first is the lowest or highest. */
    record Voice(int number, boolean fromTop) implements Condition {
        private static final Range NUMBER = new Range(Texts.text("number of a voice"), 1, 128);

        public Voice {
            NUMBER.check(number);
        }

        @Override
        public boolean holds(int index, PickedLine line) {
            return (fromTop ? line.higher(index) : line.lower(index)) == number - 1;
        }

        @Override
        public String text() {
            return number == 1 ? fromTop ? "highest" : "lowest" : "voice " + number + (fromTop ? " from top" : "");
        }
    }

    /** Inside the fence of its moment. */
    record Inside() implements Condition {
        @Override
        public boolean holds(int index, PickedLine line) {
            return line.around().fence().isInside(line.note(index));
        }

        @Override
        public String text() {
            return "inside";
        }
    }

    /** Outside the fence of its moment. */
    record Outside() implements Condition {
        @Override
        public boolean holds(int index, PickedLine line) {
            return !line.around().fence().isInside(line.note(index));
        }

        @Override
        public String text() {
            return "outside";
        }
    }

    /** On a degree of the key of its moment, however it is spelled. */
    record OnDegree(Degree degree) implements Condition {
        @Override
        public boolean holds(int index, PickedLine line) {
            Note note = line.note(index);
            PitchClass tonic = line.around().fence().keyAt(note.start()).tonic().pitchClass();
            return PitchClass.of(note.pitch()).equals(tonic.plus(degree.semitones()));
        }

        @Override
        public String text() {
            return "degree " + degree.text();
        }
    }

    /** A note of the chord that other parts sound when it begins. */
    record ChordNote() implements Condition {
        @Override
        public boolean holds(int index, PickedLine line) {
            Note note = line.note(index);
            return line.around().chords().at(note.start()).containsPitch(note.pitch());
        }

        @Override
        public String text() {
            return "chord note";
        }
    }

    /** Between two MIDI pitches, both included. */
    record PitchBetween(int lowest, int highest) implements Condition {
        public PitchBetween {
            Range.PITCH.check(lowest);
            Range.PITCH.check(highest);
            if (lowest > highest) {
                throw new IllegalArgumentException(Texts.say("a range of pitches goes from low to high, as in C3..C5, not %s", new PitchRange(lowest, highest).text()));
            }
        }

        @Override
        public boolean holds(int index, PickedLine line) {
            return line.note(index).pitch() >= lowest && line.note(index).pitch() <= highest;
        }

        @Override
        public String text() {
            return "pitch " + ConditionText.pitch(lowest) + " to " + ConditionText.pitch(highest);
        }
    }

    /** Where it begins in the bar. */
    record OnBeat(Place place) implements Condition {
        /** A strong beat, any beat, or none. */
        public enum Place {
            STRONG, BEAT, OFF
        }

        @Override
        public boolean holds(int index, PickedLine line) {
            BeatPlace found = BeatPlace.of(line.note(index).start(), line.around().time());
            return switch (place) {
                case STRONG -> found.isStrong();
                case BEAT -> found != BeatPlace.OFF;
                case OFF -> found == BeatPlace.OFF;
            };
        }

        @Override
        public String text() {
            return switch (place) {
                case STRONG -> "strong beat";
                case BEAT -> "on beat";
                case OFF -> "off beat";
            };
        }
    }

    /**
     * At least and at most so long. Players let go a little early, so a note counts as long as a value from seven eighths
     * of it on.
     */
    record LengthBetween(Optional<Grid> least, Optional<Grid> most) implements Condition {
        @Override
        public boolean holds(int index, PickedLine line) {
            int resolution = line.around().time().ticksPerQuarter();
            long length = line.note(index).length();
            return least.filter(grid -> 8 * length < 7 * grid.ticks(resolution)).isEmpty()
                    && most.filter(grid -> length > grid.ticks(resolution)).isEmpty();
        }

        @Override
        public String text() {
            return "length" + least.map(grid -> " from " + grid).orElse("") + most.map(grid -> " up to " + grid).orElse("");
        }
    }

    /** Between two velocities, both included. */
    record VelocityBetween(int least, int most) implements Condition {
        public VelocityBetween {
            Range.VELOCITY.check(least);
            Range.VELOCITY.check(most);
        }

        @Override
        public boolean holds(int index, PickedLine line) {
            return line.note(index).velocity() >= least && line.note(index).velocity() <= most;
        }

        @Override
        public String text() {
            return "velocity " + least + " to " + most;
        }
    }

    /** At most so many semitones above the lowest note that sounds together with it. */
    record NearLowest(int semitones) implements Condition {
        @Override
        public boolean holds(int index, PickedLine line) {
            return line.note(index).pitch() - line.lowestTogether(index) <= semitones;
        }

        @Override
        public String text() {
            return "within " + semitones + " of lowest";
        }
    }

    /** Every n-th beginning, counted from the first; notes that begin together count once. */
    record EveryNth(int n, int first) implements Condition {
        private static final Range COUNT = new Range("count", 1, 10_000);

        public EveryNth {
            COUNT.check(n);
            COUNT.check(first);
        }

        @Override
        public boolean holds(int index, PickedLine line) {
            int onset = line.onset(index) - (first - 1);
            return onset >= 0 && onset % n == 0;
        }

        @Override
        public String text() {
            return "every " + n + (first == 1 ? "" : " from " + first);
        }
    }

    /** Reaches a little into the next note of its voice or pitch. */
    record Overlapping() implements Condition {
        @Override
        public boolean holds(int index, PickedLine line) {
            return line.isOverlapping(index);
        }

        @Override
        public String text() {
            return "overlapping";
        }
    }
}
