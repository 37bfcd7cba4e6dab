package amberfence.sound;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.result.SongResults;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.StepSchema;
import amberfence.step.StepSlot;
import amberfence.step.catalogue.StepCatalogue;
import java.util.ArrayList;
import java.util.List;

/**
 * What the steps of a part make of single keys at a moment, worked out ahead for every key, so that a key that is pressed is only
 * looked up. Steps that need the whole line are passed over. Where dice are rolled, each key has {@value #THROWS} throws, one after
 * the other. From an arpeggio on, the steps work on all keys that are held together.
 */
public final class LiveChain {
    /** How many throws of the dice there are for a key. */
    public static final int THROWS = 8;
    private static final int KEYS = 128;
    private static final int MIDDLE_C = 60;
    private static final int LOUD = 100;
    /** For so many bars an arpeggio is worked out; then it begins anew. */
    private static final int BARS = 4;
    private static final double NANOS_IN_A_MICRO = 1000;

    /** A key's notes: what sounds, and how many nanoseconds later than the key. */
    private record Sounded(byte[] pitches, long[] delays) {
    }

    private final Song song;
    private final Part part;
    private final long tick;
    private final SongResults results;
    private final List<StepSlot> single;
    private final List<StepSlot> together;
    private final Sounded[][] keys = new Sounded[THROWS][];
    /** For each of a key's notes how loud it is, by how hard the key is pressed. */
    private final byte[][] velocities;

    private LiveChain(Song song, Part part, long tick) {
        this.song = song;
        this.part = part;
        this.tick = tick;
        this.results = SongResults.of(song);
        List<StepSlot> live = works(part);
        int arpeggio = 0;
        while (arpeggio < live.size() && !schema(live.get(arpeggio)).isLiveInTime()) {
            arpeggio++;
        }
        this.single = live.subList(0, arpeggio);
        this.together = live.subList(arpeggio, live.size());
        boolean dice = single.stream().anyMatch(slot -> schema(slot).rollsDice());
        for (int roll = 0; roll < THROWS; roll++) {
            keys[roll] = roll == 0 || dice ? sounded(roll) : keys[0];
        }
        this.velocities = loudness();
    }

    /**
     * The steps of a part as they work at a moment.
     *
     * @param tick where in the song: its fence, its chord and its tempo there count
     */
    public static LiveChain of(Song song, Part part, long tick) {
        return new LiveChain(song, part, tick);
    }

    /** The steps of a part that are on and work key by key, in their order. */
    public static List<StepSlot> works(Part part) {
        return part.steps().stream().filter(StepSlot::on).filter(slot -> schema(slot).isLive()).toList();
    }

    /** The steps of a part that are on and need the whole line, so that they are passed over. */
    public static List<StepSlot> passedOver(Part part) {
        return part.steps().stream().filter(StepSlot::on).filter(slot -> !schema(slot).isLive()).toList();
    }

    /** What steps are called. */
    public static List<String> titles(List<StepSlot> slots) {
        return slots.stream().map(slot -> schema(slot).title()).toList();
    }

    private static StepSchema<?> schema(StepSlot slot) {
        return StepCatalogue.of(slot.step());
    }

    private Sounded[] sounded(int roll) {
        Sounded[] sounded = new Sounded[KEYS];
        for (int key = 0; key < KEYS; key++) {
            List<Note> notes = made(single, List.of(note(1 + roll, key, LOUD, time().barStart(time().barOf(tick) + 1) - tick)));
            byte[] pitches = new byte[notes.size()];
            long[] delays = new long[notes.size()];
            for (int i = 0; i < pitches.length; i++) {
                pitches[i] = (byte) notes.get(i).pitch();
                delays[i] = Math.max(0, nanos(notes.get(i).start() - tick));
            }
            sounded[key] = new Sounded(pitches, delays);
        }
        return sounded;
    }

    private byte[][] loudness() {
        byte[][] loud = new byte[0][KEYS];
        for (int velocity = 1; velocity < KEYS; velocity++) {
            List<Note> notes = made(single, List.of(note(1, MIDDLE_C, velocity, time().ticksPerQuarter())));
            if (velocity == 1) {
                loud = new byte[Math.max(1, notes.size())][KEYS];
            }
            for (int i = 0; i < loud.length; i++) {
                loud[i][velocity] = (byte) (i < notes.size() ? notes.get(i).velocity() : velocity);
            }
        }
        return loud;
    }

    private Note note(long id, int key, int velocity, long length) {
        return new Note(id, tick, Math.max(1, length), key, velocity, part.channel(), Note.USUAL_RELEASE);
    }

    private List<Note> made(List<StepSlot> steps, List<Note> notes) {
        Part alone = Part.of(part.id(), part.name(), part.role(), part.channel(), Line.of(notes)).withSteps(steps);
        return results.of(alone).line().notes();
    }

    private TimeMap time() {
        return song.time();
    }

    private long nanos(long ticks) {
        return Math.round(ticks * NANOS_IN_A_MICRO * time().tempoAt(tick).microsecondsPerQuarter() / time().ticksPerQuarter());
    }

    /** How many notes a key sounds. */
    public int count(int roll, int key) {
        return keys[roll][key].pitches.length;
    }

    /** The pitch of one of a key's notes, in the order in which they begin, then from below. */
    public int pitch(int roll, int key, int index) {
        return keys[roll][key].pitches[index];
    }

    /** How many nanoseconds after its key a note begins. */
    public long delay(int roll, int key, int index) {
        return keys[roll][key].delays[index];
    }

    /** How loud one of a key's notes is. */
    public int velocity(int index, int velocity) {
        return velocities[Math.min(index, velocities.length - 1)][velocity];
    }

    /** Whether keys that are held are played one after the other. */
    public boolean isBroken() {
        return !together.isEmpty();
    }

    /**
     * What the keys that are held together make from now on.
     *
     * @param held pitches from below, each with its velocity
     */
    LiveFigure figure(List<int[]> held) {
        long length = time().barStart(time().barOf(tick) + BARS) - time().barStart(time().barOf(tick));
        List<Note> notes = new ArrayList<>();
        for (int[] key : held) {
            notes.add(note(notes.size() + 1, key[0], key[1], length));
        }
        List<LiveFigure.Event> events = new ArrayList<>();
        for (Note made : made(together, notes)) {
            events.add(new LiveFigure.Event(nanos(made.start() - tick), nanos(made.length()), made.pitch(), made.velocity()));
        }
        return new LiveFigure(events, Math.max(1, nanos(length)));
    }
}
