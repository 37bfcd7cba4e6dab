package amberfence.analysis;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.reading.KeyCandidate;
import amberfence.reading.KeyFamily;
import amberfence.reading.KeyFinder;
import amberfence.reading.Modulations;
import amberfence.song.Part;
import amberfence.song.Song;
import java.util.List;

/** The keys that the pitched parts of a song tell together. */
public final class SongKeys {
    private static final int CHORD_VELOCITY = 90;

    private SongKeys() {
    }

    /** Candidates for the whole song, best first. */
    public static List<KeyCandidate> find(Song song, KeyFamily family) {
        List<Line> lines = pitched(song).stream().filter(line -> !line.isEmpty()).toList();
        return KeyFinder.find(lines.isEmpty() ? List.of(chords(song)) : lines, song.time(), family);
    }

    /** The keys in the order of the bars; none when the notes tell no key. */
    public static List<Modulations.Span> changes(Song song, KeyFamily family) {
        return Modulations.find(pitched(song), song.time(), family, song.lastBar());
    }

    private static List<Line> pitched(Song song) {
        return song.parts().stream().filter(part -> !part.isDrums()).map(Part::line).toList();
    }

    /** What the chords of a song sound, for a song that has nothing else. */
    private static Line chords(Song song) {
        long[] id = {1};
        return Line.of(song.progression().spans().stream().flatMap(span -> span.sounding().pitches().stream()
                .map(pitch -> new Note(id[0]++, span.start(), span.length(), pitch, CHORD_VELOCITY, 0, Note.USUAL_RELEASE))).toList());
    }
}
