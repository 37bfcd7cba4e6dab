package amberfence.demo;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.format.midi.MidiExport;
import amberfence.notes.Line;
import amberfence.notes.TimeMap;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import java.nio.charset.StandardCharsets;
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

class LanternFerryTest {
    private static final TimeMap TIME = TimeMap.of(480, 555_556, 6, 8);

    /** Bars 1 and 2 of the voice as they stand in lantern-ferry.txt, counted by hand: an eighth is 240 ticks. */
    @Test
    void anIndependentReaderFindsTheSongInTheShippedFile() throws Exception {
        Sequence sequence = MidiSystem.getSequence(Path.of("..", "docs", "lantern-ferry.mid").toFile());
        assertThat(sequence.getResolution()).isEqualTo(480);
        List<String> texts = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        for (Track track : sequence.getTracks()) {
            for (int i = 0; i < track.size(); i++) {
                if (track.get(i).getMessage() instanceof MetaMessage meta && meta.getType() == 3) {
                    texts.add(new String(meta.getData(), StandardCharsets.UTF_8));
                } else if (track.get(i).getMessage() instanceof MetaMessage meta && meta.getType() == 0x58) {
                    assertThat(meta.getData()[0]).as("six").isEqualTo((byte) 6);
                    assertThat(meta.getData()[1]).as("eighths").isEqualTo((byte) 3);
                } else if (track.get(i).getMessage() instanceof ShortMessage on && on.getCommand() == ShortMessage.NOTE_ON
                        && on.getChannel() == 0 && on.getData2() > 0 && track.get(i).getTick() < 2 * 1440) {
                    notes.add(track.get(i).getTick() + " " + on.getData1());
                }
            }
        }
        assertThat(texts).startsWith("Lantern Ferry", "Voice line", "Fretless", "Harmonium");
        assertThat(notes).as("A4:2 B4 A4:3 | G4:3 F#4:2 A4").containsExactly("0 69", "480 71", "720 69", "1440 67", "2160 66", "2640 69");
    }

    @Test
    void theShippedMidiFileIsMadeFromTheReadableSource() throws Exception {
        Song written = DemoText.read("Lantern Ferry", "lantern-ferry.txt", TIME, new int[] {0, 0}, LanternFerryTest::accented);
        assertThat(Files.readAllBytes(Path.of("..", "docs", "lantern-ferry.mid"))).isEqualTo(MidiExport.ofOriginals(written).toBytes());
        assertThat(LanternFerry.plain().parts()).extracting(Part::role).isEqualTo(written.parts().stream().map(Part::role).toList());
    }

    @Test
    void itsProgressionIsReadOutOfTheHarmoniumAndTheBass() {
        Song song = LanternFerry.song();
        DemoText.isRead(song, List.of(song.parts().get(1).line(), PartResult.of(song, song.parts().get(2)).line()));
    }

    /** Main beats are louder, and each note ends a little before the next begins. */
    private static Line accented(Line line) {
        return Line.of(line.notes().stream().map(note -> {
            int beat = TIME.position(note.start()).beat();
            return note.withVelocity(beat == 1 ? 94 : beat == 4 ? 86 : 72).withLength(note.length() - 20);
        }).toList());
    }
}
