package amberfence.sound;

import amberfence.notes.ChordBank;
import amberfence.theory.PitchClassSet;
import java.util.List;
import java.util.Optional;
import java.util.function.LongSupplier;

/**
 * A keyboard played through the fence: every key that is pressed sounds its own note, the one that the fence makes of it,
 * a chord of the bank, or a member of the chord of the moment. Letting a key go ends exactly what it began, whatever has
 * changed between. The way from key to note allocates nothing.
 */
public final class LiveKeys {
    /** What keys play. */
    public enum Mode {
        /** Single notes, kept inside. */
        NOTES,
        /** Chords of the bank on their keys, single notes on the others. */
        CHORDS,
        /** White keys play the members of the chord of the moment, C the lowest of each octave; black keys are silent. */
        MEMBERS
    }

    private static final int[] WHITE = {0, -1, 1, -1, 2, 3, -1, 4, -1, 5, -1, 6};
    private static final int OCTAVE = 12;
    private static final int HALF = 64;
    private static final int PENDING = 128;
    /** A key begins no more notes than that, whatever its steps make of it. */
    private static final int MOST_OF_A_KEY = 32;
    private final Sounding sounding;
    private final LongSupplier nanos;
    private final Capture capture = new Capture();
    private final byte[][] started = new byte[128][MOST_OF_A_KEY];
    private final byte[] startedCount = new byte[128];
    private final byte[] startedChannel = new byte[128];
    private final int[] pressedBits = new int[4];
    private final int[] heardCounts = new int[128];
    private final byte[][] chords = new byte[128][];
    private LiveMap map = new LiveMap(PitchClassSet.ALL);
    private int[] members = new int[0];
    private Outside outside = Outside.NEAREST;
    private Mode mode = Mode.NOTES;
    private ChordBank bank = ChordBank.EMPTY;
    private int channel;
    /** The channel on which the sustain pedal is down, or none. */
    private int pedalChannel = LiveMap.SILENCE;
    private int inversion;
    private int octave;
    private int moreInversion;
    private int moreOctave;
    private int fixedVelocity;
    private long strumNanos;
    /** Notes of strummed chords that are still to come. */
    private final long[] pendingAt = new long[PENDING];
    private final int[] pendingNotes = new int[PENDING];
    private int pending;
    private Runnable wake = () -> { };
    /** What the part's steps make of keys, or nothing while keys are not played through them. */
    private LiveChain chain;
    private int roll;
    private final LiveArpeggio arpeggio = new LiveArpeggio(new LiveArpeggio.Sink() {
        @Override
        public void on(int onChannel, int pitch, int velocity) {
            heardCounts[pitch]++;
            capture.add(nanos.getAsLong(), Capture.Kind.HEARD_ON, pitch, velocity);
            sounding.on(onChannel, pitch, velocity);
        }

        @Override
        public void off(int onChannel, int pitch) {
            heardCounts[pitch]--;
            capture.add(nanos.getAsLong(), Capture.Kind.HEARD_OFF, pitch, 0);
            sounding.off(onChannel, pitch, 0);
        }
    });
    private int learning = LiveMap.SILENCE;
    private int lastKey = LiveMap.SILENCE;
    private int lastHeard = LiveMap.SILENCE;

    /** @param nanos the clock that stamps what is captured, in nanoseconds */
    public LiveKeys(Sounding sounding, LongSupplier nanos) {
        this.sounding = sounding;
        this.nanos = nanos;
    }

    /** What is inside now, and the members of the chord of the moment as semitones above C, root first; none without one. */
    public synchronized void surround(PitchClassSet inside, List<Integer> chordMembers) {
        if (!map.inside().equals(inside)) {
            map = new LiveMap(inside);
        }
        members = chordMembers.stream().mapToInt(member -> member).toArray();
    }

    public synchronized void setOutside(Outside policy) {
        outside = policy;
    }

    public synchronized Outside outside() {
        return outside;
    }

    public synchronized void setMode(Mode newMode) {
        mode = newMode;
    }

    public synchronized Mode mode() {
        return mode;
    }

    /** The channel on which the keys sound from now on. */
    public synchronized void setChannel(int newChannel) {
        channel = newChannel;
    }

    public synchronized void setBank(ChordBank newBank) {
        bank = newBank;
        for (int key = 0; key < chords.length; key++) {
            List<Integer> notes = newBank.on(key);
            chords[key] = notes.isEmpty() ? null : new byte[notes.size()];
            for (int i = 0; i < notes.size(); i++) {
                chords[key][i] = notes.get(i).byteValue();
            }
        }
    }

    public synchronized ChordBank bank() {
        return bank;
    }

    /** Plays keys through a part's steps from now on; nothing ends that. What sounds goes on until its key is let go. */
    public synchronized void through(Optional<LiveChain> steps) {
        chain = steps.orElse(null);
        arpeggio.changed();
        wake.run();
    }

    /** How often chords are turned upward, their lowest note an octave up, and by how many octaves they are moved. */
    public synchronized void setTurn(int inversions, int octaves) {
        inversion = inversions;
        octave = octaves;
    }

    /** Turns and octaves on top of those, while modifier keys are held. */
    public synchronized void setModifiers(int inversions, int octaves) {
        moreInversion = inversions;
        moreOctave = octaves;
    }

    /** How loud chords are, 1–127; 0 for as they are played. */
    public synchronized void setChordVelocity(int velocity) {
        fixedVelocity = velocity;
    }

    /** How much later each note of a chord begins than the one below it, in milliseconds; 0 for all at once. */
    public synchronized void setStrum(int millis) {
        strumNanos = millis * 1_000_000L;
    }

    /** What is told that strummed notes are to come, so that nobody has to look all the time. */
    public synchronized void setWake(Runnable newWake) {
        wake = newWake;
    }

    /** Begins and ends the strummed and broken notes that are due. Returns at what time of the clock the next is, never when none is. */
    public long strum() {
        List<int[]> held = List.of();
        LiveChain steps;
        synchronized (this) {
            steps = chain;
            held = steps != null && steps.isBroken() && arpeggio.isStale() ? arpeggio.held() : held;
        }
        // Working out the figure takes longer than a key may wait.
        LiveFigure figure = held.isEmpty() ? LiveFigure.NONE : steps.figure(held);
        return due(!held.isEmpty(), figure);
    }

    private synchronized long due(boolean otherFigure, LiveFigure figure) {
        if (otherFigure) {
            arpeggio.play(figure);
        }
        long now = nanos.getAsLong();
        while (pending > 0 && pendingAt[0] <= now) {
            int note = pendingNotes[0];
            pending--;
            System.arraycopy(pendingAt, 1, pendingAt, 0, pending);
            System.arraycopy(pendingNotes, 1, pendingNotes, 0, pending);
            begin(note >> 14, note >> 7 & 0x7F, note & 0x7F);
        }
        return Math.min(arpeggio.step(channel, now), pending == 0 ? LiveArpeggio.NOTHING_DUE : pendingAt[0]);
    }

    private void later(long at, int key, int pitch, int velocity) {
        if (pending == PENDING) {
            return;
        }
        int place = pending++;
        while (place > 0 && pendingAt[place - 1] > at) {
            pendingAt[place] = pendingAt[place - 1];
            pendingNotes[place] = pendingNotes[place - 1];
            place--;
        }
        pendingAt[place] = at;
        pendingNotes[place] = key << 14 | pitch << 7 | velocity;
        wake.run();
    }

    /** A key that is let go takes its strummed notes with it that did not begin yet. */
    private void forgetPending(int key) {
        int kept = 0;
        for (int i = 0; i < pending; i++) {
            if (pendingNotes[i] >> 14 != key) {
                pendingAt[kept] = pendingAt[i];
                pendingNotes[kept++] = pendingNotes[i];
            }
        }
        pending = kept;
    }

    /** The notes that are touched from now on make up a key's chord; −1 ends that. */
    public synchronized void learn(int key) {
        learning = key;
    }

    public synchronized int learning() {
        return learning;
    }

    /** A key goes down. */
    public synchronized void press(int key, int velocity) {
        if (startedCount[key] > 0) {
            release(key, 0);
        }
        capture.add(nanos.getAsLong(), Capture.Kind.KEY_DOWN, key, velocity);
        pressedBits[key >> 5] |= 1 << (key & 31);
        startedChannel[key] = (byte) channel;
        if (learning >= 0) {
            setBank(bank.touched(learning, key));
            begin(key, key, velocity);
        } else if (mode == Mode.CHORDS && chords[key] != null) {
            beginChord(key, velocity);
        } else {
            int heard = mode == Mode.MEMBERS ? member(key) : chain != null ? key : map.heard(key, outside, lastKey, lastHeard);
            lastKey = key;
            lastHeard = heard;
            if (heard >= 0) {
                sound(key, heard, velocity, nanos.getAsLong());
            }
        }
    }

    private void beginChord(int key, int velocity) {
        byte[] chord = chords[key];
        int turned = inversion + moreInversion;
        int loud = fixedVelocity > 0 ? fixedVelocity : velocity;
        long now = nanos.getAsLong();
        for (int i = 0; i < chord.length; i++) {
            int turns = turned <= 0 ? 0 : (turned + chord.length - 1 - i) / chord.length;
            int pitch = chord[i] + OCTAVE * (octave + moreOctave + turns);
            if (pitch >= 0 && pitch <= 127) {
                sound(key, pitch, loud, now + i * strumNanos);
            }
        }
    }

    /** Begins a note, or what the steps make of it, at a time of the clock that may have come. */
    private void sound(int key, int pitch, int velocity, long at) {
        if (chain == null) {
            beginAt(at, key, pitch, velocity);
            return;
        }
        roll = (roll + 1) % LiveChain.THROWS;
        for (int i = 0; i < chain.count(roll, pitch); i++) {
            int made = chain.pitch(roll, pitch, i);
            int loud = chain.velocity(i, velocity);
            if (chain.isBroken()) {
                arpeggio.hold(key, made, loud, at);
                wake.run();
            } else {
                beginAt(at + chain.delay(roll, pitch, i), key, made, loud);
            }
        }
    }

    private void beginAt(long at, int key, int pitch, int velocity) {
        if (at > nanos.getAsLong()) {
            later(at, key, pitch, velocity);
        } else {
            begin(key, pitch, velocity);
        }
    }

    private int member(int key) {
        int white = WHITE[key % OCTAVE];
        if (white < 0 || members.length == 0) {
            return members.length == 0 ? map.heard(key, outside, lastKey, lastHeard) : LiveMap.SILENCE;
        }
        int base = key / OCTAVE * OCTAVE;
        int pitch = base + members[white % members.length] + OCTAVE * (white / members.length);
        return pitch <= 127 ? pitch : LiveMap.SILENCE;
    }

    private void begin(int key, int pitch, int velocity) {
        if (startedCount[key] == MOST_OF_A_KEY) {
            return;
        }
        started[key][startedCount[key]++] = (byte) pitch;
        heardCounts[pitch]++;
        capture.add(nanos.getAsLong(), Capture.Kind.HEARD_ON, pitch, velocity);
        sounding.on(startedChannel[key], pitch, velocity);
    }

    /** A key comes up. */
    public synchronized void release(int key, int velocity) {
        if ((pressedBits[key >> 5] & 1 << (key & 31)) == 0) {
            return;
        }
        forgetPending(key);
        arpeggio.release(key);
        capture.add(nanos.getAsLong(), Capture.Kind.KEY_UP, key, velocity);
        pressedBits[key >> 5] &= ~(1 << (key & 31));
        for (int i = 0; i < startedCount[key]; i++) {
            heardCounts[started[key][i]]--;
            capture.add(nanos.getAsLong(), Capture.Kind.HEARD_OFF, started[key][i], velocity);
            sounding.off(startedChannel[key], started[key][i], velocity);
        }
        startedCount[key] = 0;
    }

    /** A message of a keyboard: keys go through the fence, all else goes through as it is, on the keys' channel. */
    public void receive(int message) {
        if (Messages.isNoteOn(message)) {
            press(Messages.first(message), Messages.second(message));
        } else if (Messages.isNoteOff(message)) {
            release(Messages.first(message), Messages.second(message));
        } else if (Messages.status(message) < 0xF0) {
            passOn(message & ~0x0F | channel);
        }
    }

    private synchronized void passOn(int message) {
        if (Messages.kind(message) == Messages.kind(Messages.control(0, 0, 0)) && Messages.first(message) == Messages.SUSTAIN) {
            pedalChannel = Messages.second(message) >= HALF ? Messages.channel(message) : LiveMap.SILENCE;
        }
        sounding.other(message);
    }

    /** Lets everything go that is pressed, the pedal too. */
    public synchronized void releaseAll() {
        for (int key = 0; key < 128; key++) {
            release(key, 0);
        }
        if (pedalChannel >= 0) {
            sounding.other(Messages.control(pedalChannel, Messages.SUSTAIN, 0));
            pedalChannel = LiveMap.SILENCE;
        }
    }

    public synchronized boolean isPressed(int key) {
        return (pressedBits[key >> 5] & 1 << (key & 31)) != 0;
    }

    /** Whether a note sounds because of a key. */
    public synchronized boolean isHeard(int pitch) {
        return heardCounts[pitch] > 0;
    }

    /** Everything played lately. */
    public Capture capture() {
        return capture;
    }
}
