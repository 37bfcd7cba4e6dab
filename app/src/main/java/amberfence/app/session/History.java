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
        goTo(place - 1);
    }

    void redo() {
        goTo(place + 1);
    }

    /** The names of all edits in order, those undone included; the first is nameless. */
    List<String> names() {
        return entries.stream().map(Entry::name).toList();
    }

    int place() {
        return place;
    }

    void goTo(int newPlace) {
        place = Math.max(0, Math.min(entries.size() - 1, newPlace));
    }

    void markSaved(Song song) {
        saved = song;
    }

    /** Whether the current state is not the one on the disk. */
    boolean isChanged() {
        return current() != saved;
    }
}
