package amberfence.sound;

/** Where short messages go to be heard. */
public interface SoundOutput extends AutoCloseable {
    /** What it is called, for choosing it. */
    String name();

    /**
     * Sends a message at once; see {@link Messages}.
     *
     * @throws IllegalStateException when the device has gone
     */
    void send(int message);

    @Override
    default void close() {
    }
}
