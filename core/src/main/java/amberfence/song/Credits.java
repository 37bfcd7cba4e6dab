package amberfence.song;

/**
 * Who made a song and whose it is; empty texts for what nobody said.
 *
 * @param composer who made it
 * @param copyright whose it is, as it is to be printed; the Standard MIDI File specification asks for ©, year and owner
 */
public record Credits(String composer, String copyright) {
    public static final Credits NONE = new Credits("", "");

    public Credits withCopyright(String newCopyright) {
        return new Credits(composer, newCopyright);
    }
}
