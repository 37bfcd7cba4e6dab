package amberfence.app.through;

import amberfence.analysis.DoubtKind;
import amberfence.analysis.ReadThrough;
import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.notes.Line;
import amberfence.song.Song;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;

/** Reads the song through as it sounds now, of a long song beside the interface thread. */
public final class SongReading {
    /** How often every note is looked at. */
    private static final int LOOKS = 4;

    private SongReading() {
    }

    /** @param key who asks; the newest question of each is answered */
    public static void ask(Session session, Object key, Set<DoubtKind> kinds, Consumer<ReadThrough.Found> then) {
        Results results = session.results().get();
        Song song = results.song();
        Map<Integer, Line> lines = results.lines();
        int notes = lines.values().stream().mapToInt(Line::size).sum();
        session.computations().ask(key, LOOKS * notes, () -> ReadThrough.read(song, lines, kinds), then);
    }
}
