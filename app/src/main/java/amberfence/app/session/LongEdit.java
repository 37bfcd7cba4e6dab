package amberfence.app.session;

import amberfence.song.Song;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.ToIntFunction;

/**
 * An edit that may take long to work out.
 *
 * @param <D> what working it out comes to
 * @param size how much work it is in a song, about in notes
 * @param work from the song as it is then; it reads nothing that the interface thread changes
 * @param song the song that it leads to
 * @param then told on the interface thread what was done
 */
public record LongEdit<D>(String name, ToIntFunction<Song> size, Function<Song, D> work, Function<D, Song> song, Consumer<D> then) {
}
