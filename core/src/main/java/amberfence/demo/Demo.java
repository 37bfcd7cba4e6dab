package amberfence.demo;

import amberfence.song.Song;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;

/** The invented songs that ship. */
public enum Demo {
    LANTERN_FERRY("Lantern Ferry", LanternFerry::song), SALT_STAIR("Salt Stair", SaltStair::song);

    private final String title;
    private final Supplier<Song> song;

    Demo(String title, Supplier<Song> song) {
        this.title = title;
        this.song = song;
    }

    /** As it is asked for: {@code salt-stair}. */
    public String text() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public String title() {
        return title;
    }

    /** The song as the demo opens it. */
    public Song song() {
        return song.get();
    }

    /** The demo of a name. */
    public static Optional<Demo> find(String text) {
        return Arrays.stream(values()).filter(demo -> demo.text().equals(text)).findFirst();
    }

    /** All names. */
    public static List<String> names() {
        return Arrays.stream(values()).map(Demo::text).toList();
    }
}
