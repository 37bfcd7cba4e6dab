package amberfence.reading;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.Role;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class RoleGuessTest {
    private static Line line(String text) {
        return LineText.parse(text, 480, 0, 1);
    }

    /** As a hand plays it: each note a little early or late, and let go when it suits. */
    private static Line byHand(Line line) {
        Random random = new Random(3);
        return Line.of(line.notes().stream().map((Note note) -> note.withStart(Math.max(0, note.start() + random.nextInt(41) - 20))
                .withLength(note.length() - 20 + random.nextInt(40))).toList());
    }

    private static void assertRole(Role role, String notes) {
        assertThat(RoleGuess.of(line(notes))).isEqualTo(role);
        assertThat(RoleGuess.of(byHand(line(notes)))).as("by hand").isEqualTo(role);
    }

    @Test
    void oneNoteAfterAnotherIsATune() {
        assertRole(Role.MELODY, "C4 D4 E4 D4 G4 E4");
        assertThat(RoleGuess.of(Line.EMPTY)).isEqualTo(Role.MELODY);
    }

    @Test
    void lowOneIsABass() {
        assertRole(Role.BASS, "C2 D2 E2 C2 G2 G1");
    }

    @Test
    void chordsAreChordsHoweverUnevenlyTheyAreStruck() {
        assertRole(Role.CHORDS, "[C4 E4 G4] [C4 F4 A4] [B3 D4 G4] [C4 E4 G4]");
        assertRole(Role.CHORDS, "[E4 G4] [F4 A4] [G4 B4] E4");
    }

    @Test
    void aBassInOctavesIsABass() {
        assertRole(Role.BASS, "[C2 C3] [G2 G3] [A2 A3] [F2 F3]");
    }

    @Test
    void aTuneWithAFewChordsInItStaysATune() {
        assertRole(Role.MELODY, "C4 D4 E4 [E4 G4] F4 E4 D4 [D4 F4] E4 C4");
    }

    @Test
    void aBrokenChordWhoseNotesAreHeldIsAChord() {
        Line held = Line.of(List.of(note(1, 0, 1920, 48), note(2, 240, 1680, 55), note(3, 480, 1440, 64), note(4, 1920, 1920, 43), note(5, 2160, 1680, 59),
                note(6, 2400, 1440, 62)));
        assertThat(RoleGuess.of(held)).isEqualTo(Role.CHORDS);
    }

    private static Note note(long id, long start, long length, int pitch) {
        return new Note(id, start, length, pitch, 80, 0, 64);
    }
}
