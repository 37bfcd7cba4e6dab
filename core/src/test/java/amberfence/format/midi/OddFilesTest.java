package amberfence.format.midi;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.fail;

import amberfence.ReferenceTable;
import amberfence.format.ReadSong;
import amberfence.format.UnreadableFileException;
import amberfence.notes.Note;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.Test;

/** Files that are not as they should be: what can be saved is saved, and said. */
class OddFilesTest {
    private static final Set<String> HARMLESS = Set.of("ok", "header_len_8", "note_128_program", "running_after_meta",
            "running_after_sysex", "smpte_25_40", "sysex_split_f7", "unknown_meta", "vlq_5_bytes", "vlq_padded_zero",
            "format0_two_tracks");

    /** Source: smf-cases.tsv, 24 odd files tried on mido, midicsv, javax.sound.midi and midi-file. */
    @Test
    void savesTheNotesOfEveryOddFileAndSaysWhatWasWrong() {
        for (Map<String, String> row : ReferenceTable.rows("smf-cases.tsv")) {
            String name = row.get("case");
            ReadSong read = MidiFiles.read(MidiFiles.hex(row.get("bytes")));
            boolean silent = name.equals("sysex_split_f7") || name.equals("empty_track");
            assertThat(MidiFiles.notes(read.song())).as(name).hasSize(silent ? 0 : 1);
            assertThat(read.notices().isEmpty()).as(name + " " + read.notices()).isEqualTo(HARMLESS.contains(name));
        }
    }

    @Test
    void pairsOverlappingNotesOfOnePitchFirstInFirstOut() {
        ReadSong read = MidiFiles.read(MidiFiles.file(0, "00 90 3C 40 10 90 3C 50 10 80 3C 00 10 80 3C 00 00 FF 2F 00"));
        assertThat(MidiFiles.notes(read.song())).extracting(Note::velocity, Note::start, Note::end)
                .containsExactly(Tuple.tuple(0x40, 0L, 32L),
                        Tuple.tuple(0x50, 16L, 48L));
    }

    @Test
    void closesAMissingNoteOffAtTheEndOfTheTrackAndListsIt() {
        byte[] bytes = MidiFiles.file(0, "00 90 3C 40 10 90 40 40 30 80 40 00 20 FF 2F 00");
        ReadSong read = MidiFiles.read(bytes);
        assertThat(MidiFiles.notes(read.song()).get(0).end()).isEqualTo(96);
        assertThat(read.notices()).extracting(notice -> notice.text()).containsExactly(
                "track 1: 1 note never ends; it is closed at the track's end; it has pitch 60 at tick 0");
        assertThat(MidiExport.ofOriginals(read.song()).toBytes()).as("nothing was done to it").isEqualTo(bytes);
        assertThat(MidiFiles.read(MidiFiles.edited(read.song()).toBytes()).notices()).isEmpty();
    }

    /** Standard MIDI Files 1.0, 1988 (from memory): what a track may hold. */
    @Test
    void writesAValidFileAsSoonAsSomethingInItChanges() {
        byte[] odd = MidiFiles.file(0, "00 F3 05 00 FF 90 01 41 00 FF 51 02 07 A1 00 FF 03 81 00 " + "41 ".repeat(128)
                + "00 F0 03 01 90 F7 00 90 3C 40 10 F8 10 80 3C 00 00 FF 2F 00 11 22 33");
        ReadSong read = MidiFiles.read(odd);
        assertThat(MidiExport.ofOriginals(read.song()).toBytes()).isEqualTo(odd);
        assertThat(MidiExport.ofOriginals(read.song()).repairs()).isEmpty();
        MidiExport edited = MidiFiles.edited(read.song());
        assertThat(edited.repairs()).extracting(notice -> notice.text()).containsExactlyInAnyOrder(
                "track 1: events that a file may not hold left out: 2", "track 1: meta events of an impossible type left out: 1",
                "track 1: meta events of a wrong length left out: 1",
                "track 1: system exclusive messages with impossible bytes left out: 1",
                "track 1: bytes behind the end of the track left out: 3");
        ReadSong again = MidiFiles.read(edited.toBytes());
        assertThat(again.notices()).isEmpty();
        assertThat(new MidiExport(again.song(), edited.lines(), Optional.empty()).repairs()).isEmpty();
    }

    @Test
    void everyOddFileThatIsEditedBecomesAValidOne() {
        for (Map<String, String> row : ReferenceTable.rows("smf-cases.tsv")) {
            ReadSong read = MidiFiles.read(MidiFiles.hex(row.get("bytes")));
            MidiExport plain = MidiExport.ofOriginals(read.song());
            assertThat(plain.toBytes()).as(row.get("case")).isEqualTo(MidiFiles.hex(row.get("bytes")));
            if (!MidiFiles.notes(read.song()).isEmpty()) {
                ReadSong again = MidiFiles.read(MidiFiles.edited(read.song()).toBytes());
                assertThat(again.notices()).as(row.get("case")).filteredOn(notice -> !notice.text().matches(".*(type 2|foreign chunk).*")).isEmpty();
            }
        }
    }

    @Test
    void keepsANoteThatEndsWhenItBegins() {
        byte[] bytes = MidiFiles.file(0, "00 90 3C 40 00 80 3C 00 30 FF 2F 00");
        assertThat(MidiFiles.notes(MidiFiles.read(bytes).song()).get(0).length()).isEqualTo(1);
        assertThat(MidiFiles.roundTrip(bytes)).isEqualTo(bytes);
    }

    @Test
    void saysInOneSentenceWhyNothingCanBeSaved() {
        assertThatThrownBy(() -> MidiReader.read(new byte[0], "x.mid")).hasMessage("x.mid is empty");
        assertThatThrownBy(() -> MidiReader.read("hello world".getBytes(), "x.mid"))
                .hasMessage("x.mid is not a MIDI file: there is no MThd header in it");
        assertThatThrownBy(() -> MidiReader.read(MidiFiles.hex("4D546864 0000"), "x.mid"))
                .hasMessage("x.mid ends inside the header of its MIDI data; there is nothing to save");
        assertThatThrownBy(() -> MidiReader.read(MidiFiles.file(1), "x.mid"))
                .hasMessage("x.mid has a MIDI header but no track that could be read");
    }

    @Test
    void savesTheTracksBehindADamagedChunk() {
        byte[] good = ReferenceTable.bytes("spec-format1.mid");
        good[42] = 'X';
        good[46] = 0x7F;
        ReadSong read = MidiFiles.read(good);
        assertThat(MidiFiles.notes(read.song())).hasSize(3);
        assertThat(read.notices()).anyMatch(notice -> notice.message().contains("reading goes on at the next track"));
    }

    @Test
    void survivesEveryCutAndEveryFlippedByte() {
        byte[] good = ReferenceTable.bytes("spec-format1.mid");
        for (int length = 0; length < good.length; length++) {
            readOrRefuse(Arrays.copyOf(good, length), "cut at " + length);
        }
        for (int at = 0; at < good.length; at++) {
            for (int flip : new int[] {0xFF, 0x80, 0x01}) {
                byte[] bad = good.clone();
                bad[at] ^= (byte) flip;
                readOrRefuse(bad, "byte " + at + " flipped by " + flip);
            }
        }
    }

    private static void readOrRefuse(byte[] bytes, String what) {
        try {
            ReadSong read = MidiReader.read(bytes, "x.mid");
            byte[] written = MidiExport.ofOriginals(read.song()).toBytes();
            assertThat(MidiFiles.notes(MidiFiles.read(written).song())).as(what).hasSameSizeAs(
                    MidiFiles.notes(read.song()));
        } catch (UnreadableFileException e) {
            assertThat(e.getMessage()).as(what).doesNotContain("Exception");
        } catch (RuntimeException e) {
            fail(what + " is refused without words", e);
        }
    }
}
