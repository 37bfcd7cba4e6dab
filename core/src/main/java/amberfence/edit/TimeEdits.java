package amberfence.edit;

import amberfence.notes.KeyPlan;
import amberfence.notes.KeySpan;
import amberfence.notes.Metre;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.song.Song;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToLongFunction;

/**
 * Changes of tempo and metre, from a place on until the next change. Notes and chords keep their ticks; bars are counted anew,
 * and the keys of the song stay where they were in time.
 */
public final class TimeEdits {
    private TimeEdits() {
    }

    /** Another tempo from a tick on, until the next tempo. */
    public static Song tempo(Song song, long tick, int microsecondsPerQuarter) {
        TimeMap time = song.time();
        return with(song, time.withTempos(put(time.tempos(), new Tempo(tick, microsecondsPerQuarter), Tempo::tick)));
    }

    /** One tempo for the whole song. */
    public static Song tempo(Song song, int microsecondsPerQuarter) {
        return with(song, song.time().withTempos(List.of(new Tempo(0, microsecondsPerQuarter))));
    }

    /** Another metre from a tick on, where a bar begins then, until the next metre. */
    public static Song metre(Song song, long tick, int numerator, int denominator) {
        TimeMap time = song.time();
        return with(song, time.withMetres(put(time.metres(), new Metre(tick, numerator, denominator), Metre::tick)));
    }

    /** Takes the changes away that stand at a tick; what held before goes on. At the beginning there is always something. */
    public static Song without(Song song, long tick) {
        if (tick == 0) {
            return song;
        }
        TimeMap time = song.time();
        return with(song, time.withTempos(time.tempos().stream().filter(tempo -> tempo.tick() != tick).toList())
                .withMetres(time.metres().stream().filter(metre -> metre.tick() != tick).toList()));
    }

    private static <T> List<T> put(List<T> all, T fresh, ToLongFunction<T> tick) {
        List<T> changed = new ArrayList<>(all);
        changed.removeIf(old -> tick.applyAsLong(old) == tick.applyAsLong(fresh));
        changed.add(fresh);
        changed.sort(Comparator.comparingLong(tick));
        return changed;
    }

    private static Song with(Song song, TimeMap time) {
        if (time.equals(song.time())) {
            return song;
        }
        List<KeySpan> keys = new ArrayList<>();
        for (KeySpan span : song.fence().keys().spans()) {
            int bar = span.fromBar() == 1 ? 1 : time.barOf(song.time().barStart(span.fromBar()));
            // Two keys that fall into one bar now: the later one holds there.
            keys.removeIf(before -> before.fromBar() >= bar && before.fromBar() > 1);
            if (bar > 1 || keys.isEmpty()) {
                keys.add(new KeySpan(bar, span.key()));
            }
        }
        return song.withTime(time).withFence(song.fence().withKeys(new KeyPlan(keys)));
    }
}
