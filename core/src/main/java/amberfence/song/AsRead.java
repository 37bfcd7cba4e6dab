package amberfence.song;

import java.util.Optional;

/**
 * The song that a file gave when it was read, kept so that a file to which nothing was done is known without reading it again. It
 * follows from the bytes of the file, so that it is the same whatever it is compared with.
 */
public final class AsRead {
    /** Of what was not read, or is to be read again. */
    public static final AsRead UNKNOWN = new AsRead(null);
    private final Song song;

    private AsRead(Song song) {
        this.song = song;
    }

    public static AsRead of(Song song) {
        return new AsRead(song);
    }

    public Optional<Song> song() {
        return Optional.ofNullable(song);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof AsRead;
    }

    @Override
    public int hashCode() {
        return 1;
    }
}
