package amberfence.edit;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.fit.FitBass;
import amberfence.step.move.Move;
import amberfence.theory.Chord;
import java.util.List;
import org.junit.jupiter.api.Test;

class ChordMovesTest {
    private static final long BAR = 1920;

    private static Song song() {
        Song song = Song.empty("x").withParts(List.of(part(1, "tune", Role.MELODY, "E4:8 A4:8", 1),
                part(2, "chords", Role.CHORDS, "[C4 E4 G4]:8 [A3 C4 E4]:8", 10), part(3, "beat", Role.DRUMS, "C2:16", 20)))
                .withNextId(100);
        return ProgressionEdits.put(ProgressionEdits.put(song, 0, BAR, Chord.parse("C")), BAR, 2 * BAR, Chord.parse("Am"));
    }

    private static Part part(int id, String name, Role role, String text, long firstId) {
        return Part.of(id, name, role, id, LineText.parse(text, 240, id, firstId));
    }

    private static List<Integer> heard(Song song, int part) {
        return PartResult.of(song, song.part(part)).line().notes().stream().map(Note::pitch).toList();
    }

    @Test
    void movesAChordAThirdDownWithWhatSoundsUnderIt() {
        Song song = song();
        ChordMoves.Done done = ChordMoves.moved(song, List.of(song.progression().spans().get(1).id()), new Move(Move.Unit.DEGREES, -2));
        assertThat(done.song().progression().spans()).extracting(span -> span.chord().text()).containsExactly("C", "F");
        assertThat(heard(done.song(), 1)).containsExactly(64, 65);
        assertThat(heard(done.song(), 2)).containsExactly(60, 64, 67, 53, 57, 60);
        assertThat(heard(done.song(), 3)).containsExactly(36);
        assertThat(done.moved()).containsExactly("tune", "chords");
        assertThat(done.song().part(1).line()).as("the part's own notes stay").isEqualTo(song.part(1).line());
    }

    @Test
    void movesBySemitonesExactly() {
        Song song = song();
        List<Long> all = song.progression().spans().stream().map(span -> span.id()).toList();
        ChordMoves.Done done = ChordMoves.moved(song, all, new Move(Move.Unit.SEMITONES, 3));
        assertThat(done.song().progression().spans()).extracting(span -> span.chord().text()).containsExactly("E♭", "Cm");
        assertThat(heard(done.song(), 2)).containsExactly(63, 67, 70, 60, 63, 67);
    }

    @Test
    void leavesPartsThatFollowTheProgressionToTheirStep() {
        Song song = song().withPart(1, part -> part.withRole(Role.BASS)).plusStep(1, FitBass.USUAL.withRange(55, 70));
        ChordMoves.Done done = ChordMoves.moved(song, List.of(song.progression().spans().get(1).id()), new Move(Move.Unit.DEGREES, -2));
        assertThat(done.following()).containsExactly("tune");
        assertThat(heard(done.song(), 1).get(1) % 12).as("the bass stands on the new root").isEqualTo(5);
    }

    @Test
    void aChordWithNothingUnderItMovesAlone() {
        Song song = song().withPart(1, part -> part.withTake(take -> take.withLine(Line.EMPTY)));
        ChordMoves.Done done = ChordMoves.moved(song, List.of(song.progression().spans().get(0).id()), new Move(Move.Unit.DEGREES, 1));
        assertThat(done.moved()).containsExactly("chords");
        assertThat(done.song().progression().spans().get(0).chord().text()).isEqualTo("Dm");
    }
}
