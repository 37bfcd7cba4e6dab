package amberfence.format.midi;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.edit.Clip;
import amberfence.notes.LineText;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import java.io.ByteArrayInputStream;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import org.junit.jupiter.api.Test;

class ClipFileTest {
    private final Clip clip = Clip.of(LineText.parse("r:4 C4@90 [E4 G4]:2", 240, 3, 50).notes(), TimeMap.usual(480));

    @Test
    void comesBackAsItWas() throws Exception {
        Clip back = ClipFile.read(ClipFile.write(clip, "verse", new Tempo(0, 400_000), new Metre(0, 6, 8)), "verse.mid");
        assertThat(back.at(0, 480, 3)).usingRecursiveFieldByFieldElementComparatorIgnoringFields("id").isEqualTo(clip.at(0, 480, 3));
    }

    /** The JDK's own reader of MIDI files finds the same notes. */
    @Test
    void otherReadersFindTheSameNotes() throws Exception {
        Sequence sequence = MidiSystem.getSequence(new ByteArrayInputStream(
                ClipFile.write(clip, "verse", new Tempo(0, 400_000), new Metre(0, 6, 8))));
        assertThat(sequence.getResolution()).isEqualTo(480);
        assertThat(sequence.getTickLength()).isEqualTo(720);
        assertThat(sequence.getMicrosecondLength()).isEqualTo(600_000);
    }

    @Test
    void beginsWithItsFirstNote() {
        assertThat(clip.line().notes()).extracting(Note::start).containsExactly(0L, 240L, 240L);
    }
}
