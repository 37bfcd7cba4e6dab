package amberfence.demo;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.ChordSpan;
import amberfence.song.Part;
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

    /** To make it anew: export {@code demo --song salt-stair} with all steps off. */
    @Test
    void theShippedMidiFileIsMadeFromTheReadableSource() throws Exception {
        assertThat(Files.readAllBytes(Path.of("..", "docs", "salt-stair.mid"))).isEqualTo(SaltStair.plain().source().original().toArray());
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
