package amberfence.app.session;

import amberfence.song.Song;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The states a song went through, by name, and the place in them. Songs share what they have in common; when what they do
 * not share grows past a bound, the oldest states are let go.
 */
final class History {
    /** A state, the name of the edit that led to it, and how much memory it takes beside the one before. */
    record Entry(String name, Song song, long bytes) {
    }

    private final List<Entry> entries = new ArrayList<>();
    private final long mostBytes;
    private long bytes;
    private int place;
    private int letGo;
    private Song saved;
    private int savedPlace;

    /** @param mostBytes how much memory the states before the current one may take together */
    History(Song first, long mostBytes) {
        entries.add(new Entry("", first, 0));
        saved = first;
        this.mostBytes = mostBytes;
    }

    Song current() {
        return entries.get(place).song();
    }

    /** Adds a state behind the current one; what had been undone is gone. */
    void add(String name, Song song) {
        dropAfter(place);
        Entry entry = new Entry(name, song, SongWeight.beside(current(), song));
        entries.add(entry);
        bytes += entry.bytes();
        place++;
        // The last edit can always be undone.
        while (bytes > mostBytes && place > 1) {
            entries.remove(0);
            bytes -= entries.get(0).bytes();
            letGo++;
            place--;
        }
    }

    private void dropAfter(int last) {
        while (entries.size() > last + 1) {
            bytes -= entries.remove(entries.size() - 1).bytes();
        }
    }

    /** Goes back to a state that is still there, and forgets what came after it. */
    void returnTo(Song song) {
        for (int i = entries.size() - 1; i >= 0; i--) {
            if (entries.get(i).song() == song) {
                place = i;
                dropAfter(i);
                return;
            }
        }
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

    /** How many edits at the beginning cannot be undone any more. */
    int letGo() {
        return letGo;
    }

    void goTo(int newPlace) {
        place = Math.max(0, Math.min(entries.size() - 1, newPlace));
    }

    /** Takes what is on the disk; null for nothing. */
    void markSaved(Song song) {
        saved = song;
        for (int i = 0; i < entries.size(); i++) {
            if (entries.get(i).song() == song) {
                savedPlace = letGo + i;
            }
        }
    }

    /** How many edits lie between what is on the disk and the current state. */
    int editsSinceSaved() {
        return Math.abs(letGo + place - savedPlace);
    }

    /** Whether the current state is not the one on the disk. */
    boolean isChanged() {
        return current() != saved;
    }
}
