package amberfence.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.notes.Grid;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import java.util.List;
import org.junit.jupiter.api.Test;

class RunTest {
    private static List<String> notes(String along, int from, boolean up, int count) {
        return new Run(Run.along(along), from, up, count, Grid.of(8)).at(480, TimeMap.usual(480), 2, 90).stream()
                .map(note -> note.pitch() + "@" + note.start()).toList();
    }

    @Test
    void goesUpAScaleAtANoteValue() {
        assertThat(notes("E minor", 64, true, 5)).containsExactly("64@480", "66@720", "67@960", "69@1200", "71@1440");
        assertThat(notes("C major pentatonic", 61, true, 3)).as("from the first that is in it").containsExactly("62@480", "64@720", "67@960");
    }

    @Test
    void goesDownAChord() {
        assertThat(notes("Em7", 64, false, 5)).containsExactly("64@480", "62@720", "59@960", "55@1200", "52@1440");
    }

    @Test
    void stopsAtTheEndOfMidi() {
        assertThat(notes("C major", 124, true, 8)).containsExactly("124@480", "125@720", "127@960");
    }

    @Test
    void aBeginningOffTheGridEndsAtTheNextLine() {
        List<Note> notes = new Run(Run.along("C"), 60, true, 3, Grid.of(4)).at(500, TimeMap.usual(480), 0, 80);
        assertThat(notes).extracting(Note::start).containsExactly(500L, 960L, 1440L);
        assertThat(notes).extracting(Note::length).containsExactly(460L, 480L, 480L);
    }

    @Test
    void saysWhatItMayGoAlong() {
        assertThatThrownBy(() -> Run.along("H dur")).hasMessageContaining("as in E minor pentatonic or Em7");
    }
}
