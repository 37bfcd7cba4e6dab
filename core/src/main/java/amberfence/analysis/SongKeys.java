package amberfence.analysis;

import amberfence.notes.Fence;
import amberfence.notes.FenceLine;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.reading.KeyCandidate;
import amberfence.reading.KeyFamily;
import amberfence.reading.KeyFinder;
import amberfence.reading.Modulations;
import amberfence.song.Part;
import amberfence.song.Song;
import java.util.List;
import java.util.Optional;

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

    /**
     * The keys along a song where they change.
     *
     * @param plan more than one key
     * @param outside how many notes are outside these keys
     */
    public record Along(KeyPlan plan, int outside) {
    }

    /**
     * The keys that the notes tell along the song, where those leave at most half as many outside as the one key that fits best.
     *
     * @param whole the candidates for the whole song, as {@link #find} gives them
     */
    public static Optional<Along> along(Song song, KeyFamily family, List<KeyCandidate> whole) {
        List<Modulations.Span> spans = changes(song, family);
        if (spans.size() < 2) {
            return Optional.empty();
        }
        KeyPlan plan = plan(spans);
        FenceLine fence = Fence.of(plan).along(song.time());
        int outside = pitched(song).stream().mapToInt(fence::countOutside).sum();
        return whole.stream().findFirst().filter(single -> 2 * outside <= single.outside()).map(single -> new Along(plan, outside));
    }

    /** The keys of stretches of bars, of which there is at least one. */
    public static KeyPlan plan(List<Modulations.Span> spans) {
        KeyPlan plan = KeyPlan.of(spans.get(0).candidate().key());
        for (Modulations.Span next : spans.subList(1, spans.size())) {
            plan = plan.plus(next.fromBar(), next.candidate().key());
        }
        return plan;
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
