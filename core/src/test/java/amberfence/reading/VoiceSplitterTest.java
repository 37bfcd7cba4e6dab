package amberfence.reading;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class VoiceSplitterTest {
    private static Line line(String text) {
        return LineText.parse(text, 480, 0, 1);
    }

    @Test
    void leadsVoicesToTheNearestNoteWithoutCrossing() {
        assertThat(VoiceSplitter.previous(line("[C4 E4 G4] [C4 F4 A4]").notes())).containsExactly(-1, -1, -1, 0, 1, 2);
        assertThat(VoiceSplitter.previous(line("[C4 G4] G4 [C4 G4]").notes())).containsExactly(-1, -1, 1, 0, 2);
        assertThat(VoiceSplitter.previous(line("C4 C6 C2").notes())).containsExactly(-1, 0, 1);
    }

    @Test
    void forgivesTheOverlapOfLegatoPlayingButNotAHeldNote() {
        List<Note> legato = List.of(new Note(1, 0, 105, 60, 80, 0, 64), new Note(2, 100, 105, 62, 80, 0, 64));
        List<Note> held = List.of(new Note(1, 0, 400, 60, 80, 0, 64), new Note(2, 100, 105, 62, 80, 0, 64));
        assertThat(VoiceSplitter.previous(legato)).containsExactly(-1, 0);
        assertThat(VoiceSplitter.previous(held)).containsExactly(-1, -1);
    }

    /** A hand strikes a chord within about a twentieth of a second (common practice, no source). */
    @RepeatedTest(40)
    void aHandThatStrikesChordsUnevenlyPlaysTheSameVoices(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        int voices = 2 + random.nextInt(3);
        List<Note> notes = new ArrayList<>();
        for (int chord = 0; chord < 12; chord++) {
            // Without crossing there is one way in which as many voices go on: each in its place.
            int[] pitches = random.ints(50, 68).distinct().limit(voices).sorted().toArray();
            for (int voice = 0; voice < voices; voice++) {
                long start = 60 + 480L * chord + random.nextInt(61) - 30;
                notes.add(new Note(1 + chord * voices + voice, start, 380 + random.nextInt(100), pitches[voice], 80, 0, 64));
            }
        }
        notes.sort(Note.IN_TIME);
        int[] previous = VoiceSplitter.previous(notes);
        for (int i = 0; i < notes.size(); i++) {
            long before = previous[i] < 0 ? notes.get(i).id() - voices : notes.get(previous[i]).id();
            assertThat(before).as("before note %d", notes.get(i).id()).isEqualTo(notes.get(i).id() - voices);
            assertThat(previous[i] < 0).as("only the first chord follows nothing").isEqualTo(notes.get(i).id() <= voices);
        }
    }
}
