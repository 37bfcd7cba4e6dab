package amberfence.step;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteIdentity;
import java.util.HashMap;
import java.util.Map;

/**
 * The dice of a step, thrown for single notes. What a note gets depends on the seed and on that note alone: one read from a
 * file is known by its part, channel, beginning, pitch and how many like it came before; one that a step made by its place in
 * time and its number there; any other by its identity.
 */
public final class NoteDice {
    private static final int MADE = -1;
    private final long seed;
    private final Line in;
    private final ReadNotes read;
    private final int ticksPerQuarter;
    /** By the note's identity; nothing before the first throw. */
    private Map<Long, Long> places;

    private NoteDice(long seed, Line in, ReadNotes read, int ticksPerQuarter) {
        this.seed = seed;
        this.in = in;
        this.read = read;
        this.ticksPerQuarter = ticksPerQuarter;
    }

    /** @param in the line that reached the step */
    public static NoteDice of(long seed, Line in, Surroundings around) {
        return new NoteDice(seed, in, around.read(), around.time().ticksPerQuarter());
    }

    private void learnRead() {
        Tally like = new Tally();
        for (Note note : read.line().notes()) {
            long kind = ((long) read.part() << 4 | note.channel()) << 7 | note.pitch();
            long place = NoteIdentity.derived(Dice.moment(note.start(), ticksPerQuarter), kind, 0);
            places.put(note.id(), NoteIdentity.derived(place, kind, like.again(place)));
        }
    }

    private void learnMade() {
        Tally there = new Tally();
        for (Note note : in.notes()) {
            if (!NoteIdentity.isOwn(note.id())) {
                places.put(note.id(), NoteIdentity.derived(Dice.moment(note.start(), ticksPerQuarter), MADE, there.again(note.start())));
            }
        }
    }

    private long place(Note note) {
        if (places == null) {
            places = new HashMap<>();
            learnRead();
            learnMade();
        }
        Long place = places.get(note.id());
        return place == null ? note.id() : place;
    }

    /**
     * A throw for a note.
     *
     * @param thing what is thrown for, where a note throws for several
     * @param sides above 0
     * @return 0 to sides − 1
     */
    public int roll(Note note, int thing, int sides) {
        return Dice.roll(seed, place(note), thing, sides);
    }

    /** From 0 up to, but never, 1, evenly. */
    public double share(Note note, int thing) {
        return Dice.share(seed, place(note), thing);
    }

    /** Normally distributed about 0 with a standard deviation of 1. */
    public double normal(Note note, int thing) {
        return Dice.normal(seed, place(note), thing);
    }
}
