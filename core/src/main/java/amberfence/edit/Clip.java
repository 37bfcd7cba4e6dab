package amberfence.edit;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import java.util.ArrayList;
import java.util.List;

/**
 * Notes that were copied, their times counted from the beginning of the first.
 *
 * @param ticksPerQuarter the resolution of their times
 */
public record Clip(Line line, int ticksPerQuarter) {
    /** Copies notes out of a song. */
    public static Clip of(List<Note> notes, TimeMap time) {
        long first = notes.stream().mapToLong(Note::start).min().orElse(0);
        return new Clip(Line.of(notes.stream().map(note -> note.withStart(note.start() - first)).toList()),
                time.ticksPerQuarter());
    }

    public boolean isEmpty() {
        return line.isEmpty();
    }

    /** The notes as they stand when the clip begins at a tick, in another song's resolution and on a part's channel. */
    public List<Note> at(long tick, int resolution, int channel) {
        List<Note> notes = new ArrayList<>();
        for (Note note : line.notes()) {
            long start = note.start() * resolution / ticksPerQuarter;
            long end = note.end() * resolution / ticksPerQuarter;
            notes.add(note.withStart(tick + start).withLength(Math.max(1, end - start)).withChannel(channel));
        }
        return notes;
    }
}
