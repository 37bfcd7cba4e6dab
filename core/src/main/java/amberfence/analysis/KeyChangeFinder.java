package amberfence.analysis;

import amberfence.notes.FenceLine;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.reading.KeyFamily;
import amberfence.reading.Modulations;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.Key;
import amberfence.theory.PitchClassSet;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Stretches of bars whose notes keep to another key than the fence's: far fewer of them are outside that one. Told at the first
 * note there that is outside the fence.
 */
final class KeyChangeFinder {
    /** So many fewer notes must be outside the other key, */
    private static final int LEAST = 4;
    /** and so large a share of all notes there. */
    private static final double LEAST_SHARE = 0.06;

    private record Found(Part part, Note note) {
    }

    private KeyChangeFinder() {
    }

    static List<Doubt> find(Song song, Map<Integer, Line> lines, FenceLine fence) {
        List<Part> pitched = song.parts().stream().filter(part -> !part.isDrums()).toList();
        List<Doubt> doubts = new ArrayList<>();
        for (Modulations.Span span : Modulations.find(pitched.stream().map(part -> lines.get(part.id())).toList(), song.time(), KeyFamily.MODES)) {
            find(span, song, pitched, lines, fence).ifPresent(doubts::add);
        }
        return doubts;
    }

    private static Optional<Doubt> find(Modulations.Span span, Song song, Collection<Part> parts, Map<Integer, Line> lines, FenceLine fence) {
        Key key = span.candidate().key();
        PitchClassSet inKey = key.pitchClasses();
        long from = song.time().barStart(span.fromBar());
        long to = song.time().barStart(span.toBar() + 1);
        int notes = 0;
        int outside = 0;
        int outsideKey = 0;
        Found first = null;
        for (Part part : parts) {
            for (Note note : lines.get(part.id()).between(from, to).notes()) {
                notes++;
                outsideKey += inKey.containsPitch(note.pitch()) ? 0 : 1;
                if (!fence.isInside(note)) {
                    outside++;
                    first = first == null || note.start() < first.note.start() ? new Found(part, note) : first;
                }
            }
        }
        if (first == null || outside - outsideKey < Math.max(LEAST, LEAST_SHARE * notes)) {
            return Optional.empty();
        }
        String here = fence.keyAt(first.note.start()).text();
        int less = outside;
        int left = outsideKey;
        return Optional.of(new Doubt(DoubtKind.KEY, first.part.id(), List.of(first.note), names -> Texts.say(
                "bars %s to %s seem to be in %s: %s of their notes are outside it, %s outside %s", span.fromBar(), span.toBar(), key.text(), left, less, here),
                List.of(new Mend.KeyHere(span.fromBar(), span.toBar(), key))));
    }
}
