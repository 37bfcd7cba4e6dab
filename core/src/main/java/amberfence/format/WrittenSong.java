package amberfence.format;

import java.util.List;

/**
 * A song as the bytes of a file.
 *
 * @param notices what could not stay as it was
 */
public record WrittenSong(byte[] content, List<Notice> notices) {
    public WrittenSong {
        notices = List.copyOf(notices);
    }
}
