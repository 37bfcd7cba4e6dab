package amberfence.edit;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.format.midi.MidiExport;
import amberfence.format.midi.MidiReader;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.KeySpan;
import amberfence.notes.Metre;
import amberfence.notes.Tempo;
import amberfence.song.Song;
import amberfence.theory.Key;
import java.io.ByteArrayInputStream;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiSystem;
import org.junit.jupiter.api.Test;

class TimeEditsTest {
    /** 6/8 with 480 ticks a quarter: a bar has 1440 ticks. */
    private final Song ferry = LanternFerry.song();

    @Test
    void notesAndChordsKeepTheirTicksAndBarsAreCountedAnew() {
        Song changed = TimeEdits.metre(ferry, ferry.time().barStart(3), 4, 4);
        assertThat(changed.parts()).isEqualTo(ferry.parts());
        assertThat(changed.progression()).isEqualTo(ferry.progression());
        assertThat(changed.time().metres()).containsExactly(new Metre(0, 6, 8), new Metre(2880, 4, 4));
        assertThat(changed.time().barStart(4)).as("a bar of four quarters").isEqualTo(2880 + 4 * 480);
    }

    @Test
    void keysStayWhereTheyWereInTime() {
        Song song = ferry.withFence(Fence.of(new KeyPlan(List.of(new KeySpan(1, Key.parse("D dorian")), new KeySpan(9, Key.parse("F major"))))));
        Song changed = TimeEdits.metre(song, 0, 3, 8);
        assertThat(changed.fence().keys().spans()).extracting(KeySpan::fromBar).as("bars are half as long").containsExactly(1, 17);
        assertThat(changed.time().barStart(17)).isEqualTo(song.time().barStart(9));
    }

    @Test
    void twoKeysThatFallIntoOneBarBecomeTheLaterOne() {
        Song song = ferry.withFence(Fence.of(new KeyPlan(List.of(new KeySpan(1, Key.parse("D dorian")), new KeySpan(9, Key.parse("F major")),
                new KeySpan(10, Key.parse("G major"))))));
        Song changed = TimeEdits.metre(song, 0, 64, 4);
        assertThat(changed.fence().keys().spans()).extracting(KeySpan::fromBar).containsExactly(1);
        Song long8 = TimeEdits.metre(song, 0, 12, 4);
        assertThat(long8.fence().keys().spans()).containsExactly(new KeySpan(1, Key.parse("D dorian")), new KeySpan(3, Key.parse("G major")));
    }

    @Test
    void aTempoHoldsUntilTheNextOneAndCanBeTakenAway() {
        long fifth = ferry.time().barStart(5);
        Song changed = TimeEdits.tempo(ferry, fifth, 400_000);
        assertThat(changed.time().tempoAt(fifth - 1)).isEqualTo(ferry.time().tempoAt(0));
        assertThat(changed.time().tempoAt(fifth + 5000).quartersPerMinute()).isEqualTo(150);
        assertThat(TimeEdits.without(changed, fifth)).isEqualTo(ferry);
        assertThat(TimeEdits.without(ferry, 0)).as("the beginning always says something").isSameAs(ferry);
        assertThat(TimeEdits.tempo(changed, 500_000).time().tempos()).containsExactly(new Tempo(0, 500_000));
    }

    /** Read back with the JDK's own reader. */
    @Test
    void aFileThatWasReadIsWrittenWithTheTimeAsItIsNow() throws Exception {
        byte[] original = MidiExport.ofOriginals(LanternFerry.plain()).toBytes();
        Song read = MidiReader.read(original, "ferry").song();
        Song changed = TimeEdits.metre(TimeEdits.tempo(read, 400_000), read.time().barStart(9), 3, 4);
        byte[] written = MidiExport.ofOriginals(changed).toBytes();
        assertThat(metas(written, 0x51)).containsExactly("0 [6, 26, 128]");
        assertThat(metas(written, 0x58)).containsExactly("0 [6, 3, 36, 8]", read.time().barStart(9) + " [3, 2, 24, 8]");
        Song again = MidiReader.read(written, "ferry").song();
        assertThat(again.time()).isEqualTo(changed.time());
        assertThat(again.parts()).extracting(part -> part.line().size()).isEqualTo(read.parts().stream().map(part -> part.line().size()).toList());
        assertThat(MidiExport.ofOriginals(TimeEdits.tempo(changed, 0, changed.time().tempoAt(0).microsecondsPerQuarter())).toBytes())
                .isEqualTo(written);
        assertThat(MidiExport.ofOriginals(read).toBytes()).as("nothing was done to it").isEqualTo(original);
    }

    private static List<String> metas(byte[] file, int type) throws Exception {
        return Arrays.stream(MidiSystem.getSequence(new ByteArrayInputStream(file)).getTracks())
                .flatMap(track -> IntStream.range(0, track.size()).mapToObj(track::get))
                .filter(event -> event.getMessage() instanceof MetaMessage meta && meta.getType() == type)
                .map(event -> event.getTick() + " " + Arrays.toString(unsigned(((MetaMessage) event.getMessage()).getData()))).toList();
    }

    private static int[] unsigned(byte[] data) {
        int[] values = new int[data.length];
        for (int i = 0; i < data.length; i++) {
            values[i] = data[i] & 0xFF;
        }
        return values;
    }
}
