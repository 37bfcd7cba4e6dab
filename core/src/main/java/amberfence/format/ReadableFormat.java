package amberfence.format;

/** A kind of file that songs are read from. */
public interface ReadableFormat extends Format {
    /** How many bytes a file of this kind may have. */
    long mostBytes();

    /**
     * Reads a song.
     *
     * @param name what to call the file in messages
     * @throws UnreadableFileException says in a sentence what is wrong
     */
    ReadSong read(byte[] bytes, String name) throws UnreadableFileException;
}
