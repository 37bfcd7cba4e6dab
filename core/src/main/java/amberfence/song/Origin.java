package amberfence.song;

/** Where a song came from, with what its file held besides the notes. */
public sealed interface Origin permits SourceFile, Origin.Made {
    /** The origin of what was drawn or played here. */
    Origin MADE = new Made();

    /** Drawn or played here. */
    record Made() implements Origin {
    }
}
