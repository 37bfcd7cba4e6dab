package amberfence.format;

import amberfence.notes.ChordSpan;
import amberfence.notes.KeySpan;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.song.Take;
import amberfence.words.Texts;

/** How long a song may be that is read from a file. Within these bounds bars can be counted, drawn and listed. */
public final class SongLimits {
    /** At 120 quarters a minute in 4/4 more than two years. */
    public static final int MOST_BARS = 40_000_000;

    private SongLimits() {
    }

    /**
     * Returns the song.
     *
     * @throws UnreadableFileException when it lasts too long
     */
    public static Song checked(Song song, String name) throws UnreadableFileException {
        long end = song.progression().spans().stream().mapToLong(ChordSpan::end).max().orElse(0);
        for (Part part : song.parts()) {
            for (Take take : part.takes()) {
                end = Math.max(end, take.line().end());
            }
        }
        end = Math.max(end, song.time().metres().get(song.time().metres().size() - 1).tick());
        if (song.time().barsUntil(end) > MOST_BARS) {
            throw new UnreadableFileException(Texts.say("%s lasts longer than %s million bars; such a file cannot be shown", name, MOST_BARS / 1_000_000));
        }
        for (KeySpan span : song.fence().keys().spans()) {
            if (span.fromBar() > MOST_BARS) {
                throw new UnreadableFileException(Texts.say("%s holds something impossible: a key begins in bar %s", name, span.fromBar()));
            }
        }
        return song;
    }
}
