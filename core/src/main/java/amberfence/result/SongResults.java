package amberfence.result;

import amberfence.notes.ChordBank;
import amberfence.notes.FenceLine;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.Role;
import amberfence.reading.SoundingChords;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.ReadNotes;
import amberfence.step.Surroundings;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * What the parts of a song come to, each worked out once, however many others listen to it. In a circle of parts that
 * listen to each other, a part hears where the circle closes the notes before any step; in a circle of more than
 * {@value #MOST_IN_CIRCLE}, where the ways through it are too many, all hear each other so. Not for several threads.
 */
public final class SongResults {
    static final int MOST_IN_CIRCLE = 5;

    /** A part, heard by others that listen in a circle with it. */
    private record Heard(int part, Set<Integer> listening) {
        /** As every record compares; written out, since it is asked at every start: otherwise Java would put it together at that moment. */
        @Override
        public boolean equals(Object other) {
            return other instanceof Heard heard && part == heard.part && listening.equals(heard.listening);
        }

        @Override
        public int hashCode() {
            return 31 * part + listening.hashCode();
        }
    }

    private final Song song;
    private final Listening listening;
    private final FenceLine fence;
    private final Map<Integer, Part> parts = new HashMap<>();
    private final Map<Heard, PartResult> known = new HashMap<>();
    /** The chords around every part that plays none itself. */
    private SoundingChords chords;

    private SongResults(Song song) {
        this.song = song;
        this.listening = Listening.of(song);
        this.fence = song.fence().along(song.time());
        song.parts().forEach(part -> parts.put(part.id(), part));
    }

    public static SongResults of(Song song) {
        return new SongResults(song);
    }

    /** @param known results that still hold, by part */
    public static SongResults of(Song song, Map<Integer, PartResult> known) {
        SongResults results = new SongResults(song);
        known.forEach((part, result) -> results.known.put(new Heard(part, Set.of()), result));
        return results;
    }

    /** What a part of the song comes to. */
    public PartResult part(int id) {
        return known(id, Set.of());
    }

    /** What every part comes to, by its identity. */
    public Map<Integer, PartResult> all() {
        Map<Integer, PartResult> results = new TreeMap<>();
        song.parts().forEach(part -> results.put(part.id(), part(part.id())));
        return results;
    }

    /** What a part would come to that is not quite the song's: with other steps, or another take. */
    public PartResult of(Part part) {
        return PartResult.of(part, surroundings(part, Set.of()), listening);
    }

    private PartResult known(int id, Set<Integer> listeners) {
        Heard heard = new Heard(id, listeners);
        PartResult result = known.get(heard);
        if (result == null) {
            Part part = parts.get(id);
            result = PartResult.of(part, surroundings(part, listeners), listening);
            known.put(heard, result);
        }
        return result;
    }

    /** What surrounds a part in the song. */
    public Surroundings surroundings(Part part) {
        return surroundings(part, Set.of());
    }

    private Surroundings surroundings(Part part, Set<Integer> listeners) {
        Set<Integer> more = new TreeSet<>(listeners);
        more.add(part.id());
        return new Surroundings(fence, song.time(), part.role(), chordsAround(part), song.progression(), new HeardParts(this, part.id(), more),
                song.bank().orElse(ChordBank.EMPTY), part.channel(), 0, NoteSet.ALL, NoteSet.NONE, Map.of(), read(part));
    }

    /** What was read of a part: its first take, when it came from a file. */
    private static ReadNotes read(Part part) {
        return part.track().isPresent() ? new ReadNotes(part.id(), part.takes().get(0).line()) : ReadNotes.NONE;
    }

    /** The song's progression, or, without one, what other parts with the role of chords sound. */
    private SoundingChords chordsAround(Part part) {
        if (part.role() == Role.CHORDS && song.progression().isEmpty()) {
            return chordsWithout(part.id());
        }
        if (chords == null) {
            chords = song.progression().isEmpty() ? chordsWithout(part.id()) : SoundingChords.of(song.progression());
        }
        return chords;
    }

    private SoundingChords chordsWithout(int partId) {
        List<Note> notes = chordNotes(Set.of(partId));
        return notes.isEmpty() ? SoundingChords.NONE : SoundingChords.of(notes);
    }

    /** What the parts with the role of chords play before their steps, but for some parts. */
    List<Note> chordNotes(Set<Integer> without) {
        List<Note> notes = new ArrayList<>();
        song.parts().stream().filter(other -> other.role() == Role.CHORDS && !without.contains(other.id()))
                .forEach(other -> notes.addAll(other.line().notes()));
        return notes;
    }

    Song song() {
        return song;
    }

    /**
     * The line of a part as another hears it.
     *
     * @param by who listens
     * @param listeners that part, and those that listen to it in their turn
     */
    Optional<Line> heard(int id, int by, Set<Integer> listeners) {
        Part part = parts.get(id);
        if (part == null) {
            return Optional.empty();
        }
        Set<Integer> circle = listening.circle(id);
        boolean wide = circle.size() > MOST_IN_CIRCLE && circle.contains(by);
        if (listeners.contains(id) || wide) {
            return Optional.of(part.line());
        }
        Set<Integer> inCircle = new TreeSet<>(listeners);
        inCircle.retainAll(circle);
        return Optional.of(known(id, inCircle).line());
    }
}
