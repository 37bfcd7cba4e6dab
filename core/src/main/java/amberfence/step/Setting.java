package amberfence.step;

import amberfence.reading.SoundingChords;
import amberfence.song.FenceLine;
import amberfence.song.Part;
import amberfence.song.Role;
import amberfence.song.Song;
import amberfence.song.TimeMap;

/** The song around a line while a step is applied: the fence and the chords at any tick, the time, the part's role. */
public record Setting(FenceLine fence, TimeMap time, Role role, SoundingChords chords) {
    /** What surrounds a part in its song. */
    public static Setting of(Song song, Part part) {
        return new Setting(song.fence().along(song.time()), song.time(), part.role(), SoundingChords.around(song, part));
    }

    public boolean isDrums() {
        return role == Role.DRUMS;
    }
}
