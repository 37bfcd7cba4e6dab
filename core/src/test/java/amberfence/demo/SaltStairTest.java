package amberfence.demo;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.format.midi.MidiExport;
import amberfence.notes.ChordSpan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.song.Part;
import amberfence.song.Song;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import org.junit.jupiter.api.Test;

class SaltStairTest {
    private static final TimeMap TIME = TimeMap.of(480, 625_000, 4, 4);
    /** How a hand is late or early, in ticks, and louder or softer, note after note; the two are of different length, so that they do not fall into step. */
    private static final int[] LATE = {0, 9, 17, 4, 22, 13, 2, 11, 26, 6, 19};
    private static final int[] LOUDER = {0, 6, -5, 3, 9, -8, 1};

    /** The bass as it stands in salt-stair.txt: E2 C2 G2 D2 …, a bar each. */
    @Test
    void anIndependentReaderFindsTheSongInTheShippedFile() throws Exception {
        Sequence sequence = MidiSystem.getSequence(Path.of("..", "docs", "salt-stair.mid").toFile());
        List<Integer> bass = new ArrayList<>();
        for (Track track : sequence.getTracks()) {
            for (int i = 0; i < track.size(); i++) {
                if (track.get(i).getMessage() instanceof MetaMessage meta && meta.getType() == 0x58) {
                    assertThat(meta.getData()).as("4/4, a click each quarter").startsWith(4, 2, 24, 8);
                } else if (track.get(i).getMessage() instanceof MetaMessage meta && meta.getType() == 0x59) {
                    assertThat(meta.getData()).as("one sharp, minor").containsExactly(1, 1);
                } else if (track.get(i).getMessage() instanceof ShortMessage on && on.getCommand() == ShortMessage.NOTE_ON && on.getChannel() == 1
                        && on.getData2() > 0) {
                    bass.add(on.getData1());
                }
            }
        }
        assertThat(bass).startsWith(40, 36, 43, 38).hasSize(16);
    }

    @Test
    void theShippedMidiFileIsMadeFromTheReadableSource() throws Exception {
        Song written = DemoText.read("Salt Stair", "salt-stair.txt", TIME, new int[] {1, 1}, SaltStairTest::byHand);
        assertThat(Files.readAllBytes(Path.of("..", "docs", "salt-stair.mid"))).isEqualTo(MidiExport.ofOriginals(written).toBytes());
        assertThat(SaltStair.plain().parts()).extracting(Part::role).isEqualTo(written.parts().stream().map(Part::role).toList());
    }

    @Test
    void itsProgressionIsReadOutOfTheKeysAndTheBass() {
        Song song = SaltStair.song();
        DemoText.isRead(song, List.of(song.parts().get(0).line(), song.parts().get(1).line()));
    }

    private static Line byHand(Line line) {
        List<Note> played = new ArrayList<>();
        for (Note note : line.notes()) {
            int i = played.size();
            played.add(note.withStart(note.start() + LATE[i % LATE.length]).withLength(note.length() - 2L * LATE[i % LATE.length] - LATE[(i + 4) % LATE.length])
                    .withVelocity(76 + LOUDER[i % LOUDER.length]));
        }
        return Line.of(played);
    }

    /** The chords of the text, though they are played by hand. */
    @Test
    void opensWithItsChordsAndAnEmptyTune() {
        assertThat(SaltStair.song().progression().spans()).extracting((ChordSpan span) -> span.chord().plainText())
                .startsWith("Em", "C", "G", "D", "Em", "Am7", "C", "B7");
        assertThat(SaltStair.song().parts()).extracting(Part::name).containsExactly("Keys", "Bass", "Guitar", "Tune");
        assertThat(SaltStair.song().parts().get(3).line().isEmpty()).isTrue();
        assertThat(Demo.find("salt-stair")).contains(Demo.SALT_STAIR);
    }
}
