package amberfence.format.project;

import amberfence.song.Song;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** A song and the JSON that it was read from, whose unknown fields are written back when it is saved. */
public record ProjectDocument(Song song, ObjectNode asRead) {
    /** A song that was never saved. */
    public static ProjectDocument of(Song song) {
        return new ProjectDocument(song, JsonNodeFactory.instance.objectNode());
    }

    public ProjectDocument withSong(Song newSong) {
        return new ProjectDocument(newSong, asRead);
    }
}
