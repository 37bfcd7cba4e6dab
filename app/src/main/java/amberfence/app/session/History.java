package amberfence.app.session;

import amberfence.song.Song;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The states a song went through, by name, and the place in them. Songs share what they have in common. */
final class History {
    /** A state and the name of the edit that led to it. */
    record Entry(String name, Song song) {
    }

    private final List<Entry> entries = new ArrayList<>();
    private int place;
    private Song saved;

    History(Song first) {
        entries.add(new Entry("", first));
        saved = first;
    }

    Song current() {
        return entries.get(place).song();
    }

    /** Adds a state behind the current one; what had been undone is gone. */
    void add(String name, Song song) {
        entries.subList(place + 1, entries.size()).clear();
        entries.add(new Entry(name, song));
        place++;
    }

    Optional<String> undoName() {
        return place == 0 ? Optional.empty() : Optional.of(entries.get(place).name());
    }

    Optional<String> redoName() {
        return place + 1 == entries.size() ? Optional.empty() : Optional.of(entries.get(place + 1).name());
    }

    void undo() {
        place = Math.max(0, place - 1);
    }

    void redo() {
        place = Math.min(entries.size() - 1, place + 1);
    }

    void markSaved(Song song) {
        saved = song;
    }

    /** Whether the current state is not the one on the disk. */
    boolean isChanged() {
        return current() != saved;
    }
}
