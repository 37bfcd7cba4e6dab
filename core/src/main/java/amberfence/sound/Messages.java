package amberfence.sound;

/**
 * Short MIDI messages as one number, so that sending one allocates nothing: the status byte lowest, then the two data bytes
 * (MIDI 1.0 Detailed Specification, from memory).
 */
public final class Messages {
    public static final int VOLUME = 7;
    public static final int SUSTAIN = 64;
    /** Resets the controllers of a channel: pedals up, no bend (MMA RP-015, from memory). */
    public static final int RESET = 121;
    private static final int NOTE_OFF = 0x80;
    private static final int NOTE_ON = 0x90;
    private static final int CONTROL = 0xB0;
    private static final int PROGRAM = 0xC0;

    private Messages() {
    }

    /** A message of its bytes; those that the kind does not have are 0. */
    public static int of(int status, int first, int second) {
        return status | first << 8 | second << 16;
    }

    public static int noteOn(int channel, int pitch, int velocity) {
        return of(NOTE_ON | channel, pitch, velocity);
    }

    public static int noteOff(int channel, int pitch, int release) {
        return of(NOTE_OFF | channel, pitch, release);
    }

    public static int control(int channel, int controller, int value) {
        return of(CONTROL | channel, controller, value);
    }

    public static int program(int channel, int program) {
        return of(PROGRAM | channel, program, 0);
    }

    public static int status(int message) {
        return message & 0xFF;
    }

    public static int first(int message) {
        return message >> 8 & 0x7F;
    }

    public static int second(int message) {
        return message >> 16 & 0x7F;
    }

    public static int channel(int message) {
        return message & 0x0F;
    }

    /** The kind of message without its channel: 0x80 a note-off to 0xE0 a bend. */
    public static int kind(int message) {
        return message & 0xF0;
    }

    /** Whether it begins a note; velocity 0 ends one. */
    public static boolean isNoteOn(int message) {
        return kind(message) == NOTE_ON && second(message) > 0;
    }

    public static boolean isNoteOff(int message) {
        return kind(message) == NOTE_OFF || kind(message) == NOTE_ON && second(message) == 0;
    }
}
