package amberfence.format.midi;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.ReferenceTable;
import amberfence.format.ReadSong;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.song.Song;
import java.util.List;
import java.util.Map;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Source: MIDI Manufacturers Association, Standard MIDI Files 1.0 (RP-001), its tables and worked example files, which
 * five general-purpose libraries read and rewrite byte for byte.
 */
class SpecificationTest {
    @ParameterizedTest
    @CsvSource({"0,00", "40,40", "7F,7F", "80,81 00", "2000,C0 00", "3FFF,FF 7F", "4000,81 80 00", "100000,C0 80 00",
        "1FFFFF,FF FF 7F", "200000,81 80 80 00", "8000000,C0 80 80 00", "FFFFFFF,FF FF FF 7F"})
    void writesAndReadsVariableLengthQuantities(String number, String bytes) throws Cursor.Truncated {
        long value = Long.parseLong(number, 16);
        ByteSink sink = new ByteSink(4);
        sink.addQuantity(value);
        assertThat(sink.toArray()).isEqualTo(MidiFiles.hex(bytes));
        assertThat(new Cursor(sink.toArray(), 0, sink.length()).nextQuantity()).isEqualTo(value);
    }

    @ParameterizedTest
    @ValueSource(strings = {"spec-format0.mid", "spec-format1.mid", "tempo-example.mid"})
    void givesTheWorkedExamplesBackByteForByte(String name) {
        byte[] bytes = ReferenceTable.bytes(name);
        assertThat(MidiFiles.read(bytes).notices()).isEmpty();
        assertThat(MidiFiles.roundTrip(bytes)).isEqualTo(bytes);
    }

    @ParameterizedTest
    @ValueSource(strings = {"spec-format0.mid", "spec-format1.mid"})
    void findsTheFourNotesOfTheWorkedExamples(String name) {
        Song song = MidiFiles.read(ReferenceTable.bytes(name)).song();
        assertThat(MidiFiles.notes(song)).extracting(Note::channel, Note::pitch, Note::start, Note::end, Note::velocity)
                .containsExactly(tuple(2, 48, 0, 384, 96), tuple(2, 60, 0, 384, 96), tuple(1, 67, 96, 384, 64),
                        tuple(0, 76, 192, 384, 32));
        assertThat(song.time().seconds(song.end())).isEqualTo(2.0);
        assertThat(song.time().metres().get(0).text()).isEqualTo("4/4");
    }

    private static Tuple tuple(int channel, int pitch, long start, long end, int velocity) {
        return Tuple.tuple(channel, pitch, start, end, velocity);
    }

    /** Source: smf-meta.tsv, meta events decoded by mido 1.2.10 and midicsv 1.1. */
    @Test
    void understandsKeySignaturesTemposAndMetres() {
        for (Map<String, String> row : ReferenceTable.rows("smf-meta.tsv")) {
            String event = "00" + row.get("bytes");
            ReadSong read = MidiFiles.read(MidiFiles.file(1, event + "00FF2F00"));
            switch (row.get("kind")) {
                case "key" -> {
                    String name = row.get("mido").replaceAll(".*key='([^']*)'.*", "$1");
                    String key = read.writtenKey().orElseThrow().plainText();
                    assertThat(key).isEqualTo(name.endsWith("m") ? name.replace("m", " minor") : name + " major");
                }
                case "tempo" -> assertThat(read.song().time().tempos().get(0).microsecondsPerQuarter())
                        .isEqualTo(Integer.parseInt(row.get("value")));
                case "time" -> assertThat(row.get("mido")).contains("numerator="
                        + read.song().time().metres().get(0).numerator() + ", denominator="
                        + read.song().time().metres().get(0).denominator());
                default -> {
                    assertThat(read.writtenKey()).isEmpty();
                    assertThat(read.notices()).isNotEmpty();
                }
            }
        }
    }

    /** Source: the specification's own SMPTE example, −25 frames of 40 ticks: 1000 ticks a second. */
    @Test
    void readsSmpteTime() {
        byte[] bytes = MidiFiles.file(0, "00 90 3C 40 87 68 80 3C 40 00 FF 2F 00");
        bytes[12] = (byte) 0xE7;
        bytes[13] = 0x28;
        Song song = MidiFiles.read(bytes).song();
        assertThat(song.time().seconds(1000)).isEqualTo(1.0);
        assertThat(MidiFiles.roundTrip(bytes)).isEqualTo(bytes);
    }

    @Test
    void givesBackWhatItDoesNotEditInOrder() {
        byte[] bytes = MidiFiles.file(1,
                "00 FF 03 04 53 6F 6E 67  00 FF 7F 03 00 00 41  00 FF 60 01 01  10 FF 06 01 41  00 FF 2F 00",
                "00 C0 05  00 B0 07 64  00 0A 40  00 E0 00 40  00 A0 3C 10  00 D0 11  00 90 3C 40  10 F0 03 43 12 00  "
                        + "20 F7 04 43 12 00 F7  00 90 3C 30  30 80 3C 05  00 3C 06  00 FF 05 02 6C 61  00 FF 2F 00");
        assertThat(MidiFiles.roundTrip(bytes)).isEqualTo(bytes);
    }

    @Test
    void bridgesTimesThatAreTooLongForTheFormat() {
        Song song = MidiFiles.read(MidiFiles.file(1, "00 90 3C 40 60 80 3C 40 00 FF 2F 00")).song();
        Note late = new Note(song.nextId(), 600_000_000L, 10, 60, 80, 0, 64);
        Song longer = song.withNextId(song.nextId() + 1).withPart(0, part -> part.plusTake("late",
                Line.of(List.of(part.line().notes().get(0), late))));
        Song back = MidiFiles.read(MidiExport.ofOriginals(longer).toBytes()).song();
        assertThat(MidiFiles.notes(back)).extracting(Note::start).containsExactly(0L, 600_000_000L);
    }
}
