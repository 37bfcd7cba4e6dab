package amberfence.app.session;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.edit.HandEdits;
import amberfence.edit.LineEdit;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.song.Song;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class HistoryTest {
    private static Song song(int notes) {
        List<Note> line = new ArrayList<>();
        for (int i = 0; i < notes; i++) {
            line.add(new Note(i + 1, i * 120L, 100, 60, 1 + i % 80, 0, 64));
        }
        return Song.empty("Long").withParts(List.of(Part.of(0, "Long", Role.MELODY, 0, Line.of(line))))
                .withNextId(notes + 1L);
    }

    private static Song louder(Song song) {
        return new HandEdits("x").edit(song, 0, LineEdit.louder(NoteSet.ALL, 1));
    }

    @Test
    void letsTheOldestStatesGoWhenTheirMemoryGrowsPastTheBound() {
        Song now = song(10_000);
        History history = new History(now, 120_000);
        for (int i = 0; i < 40; i++) {
            now = louder(now);
            history.add("louder " + i, now);
        }
        assertThat(history.letGo()).as("ten thousand bytes of velocities a state and all else shared, ten states in 120,000 bytes").isBetween(29, 33);
        assertThat(history.undoName()).hasValue("louder 39");
        while (history.undoName().isPresent()) {
            history.undo();
        }
        assertThat(history.names()).hasSize(41 - history.letGo());
    }

    @Test
    void keepsHundredsOfSmallEditsOfALongSong() {
        Song now = song(10_000);
        History history = new History(now, 50_000_000);
        for (int i = 0; i < 300; i++) {
            now = now.withTitle("Title " + i);
            history.add("title", now);
        }
        assertThat(history.letGo()).as("they share all the notes").isZero();
    }

    @Test
    void theLastEditCanAlwaysBeUndone() {
        History history = new History(song(10_000), 10);
        history.add("louder", louder(history.current()));
        history.add("louder still", louder(history.current()));
        assertThat(history.undoName()).isPresent();
        assertThat(history.isChanged()).isTrue();
    }
}
