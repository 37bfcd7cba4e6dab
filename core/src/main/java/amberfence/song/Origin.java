package amberfence.song;

/** Where a song came from, with what its file held besides the notes. */
public sealed interface Origin permits SourceFile, Origin.Made, Origin.Score {
    /** The origin of what was drawn or played here. */
    Origin MADE = new Made();
    /** The origin of what was read from a MusicXML file: what it held besides the song is not kept, and was said when it was read. */
    Origin SCORE = new Score();

    /** Drawn or played here. */
    record Made() implements Origin {
    }

    /** Read from a MusicXML file. */
    record Score() implements Origin {
    }
}
