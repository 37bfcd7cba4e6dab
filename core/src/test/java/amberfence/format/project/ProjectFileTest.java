package amberfence.format.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.demo.LanternFerry;
import amberfence.format.FileState;
import amberfence.format.midi.MidiReader;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.song.Bytes;
import amberfence.song.Origin;
import amberfence.song.PartSound;
import amberfence.song.Song;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ProjectFileTest {
    @TempDir
    Path folder;

    private static ProjectDocument titled(String title) {
        return ProjectDocument.of(LanternFerry.song().withTitle(title));
    }

    @Test
    void doesNotWriteOverWhatSomebodyElseSavedMeanwhile() throws Exception {
        Path file = folder.resolve("song.amber");
        FileState mine = ProjectFile.save(file, titled("mine"), Optional.empty());
        ProjectFile.Opened theirs = ProjectFile.open(file);
        ProjectFile.save(file, titled("theirs"), Optional.of(theirs.state()));
        assertThatThrownBy(() -> ProjectFile.save(file, titled("mine, later"), Optional.of(mine)))
                .isInstanceOf(ChangedOnDiskException.class);
        assertThat(ProjectFile.open(file).document().song().title()).isEqualTo("theirs");
    }

    @Test
    void keepsTheLastFiveVersionsWhichCanBeOpened() throws Exception {
        Path file = folder.resolve("n".repeat(240) + ".amber");
        for (int i = 1; i <= 8; i++) {
            ProjectFile.save(file, titled("version " + i), Optional.empty());
        }
        List<String> kept = new ArrayList<>();
        for (Path version : SavedVersions.of(file).files()) {
            kept.add(ProjectFile.open(version).document().song().title());
        }
        assertThat(kept).containsExactly("version 7", "version 6", "version 5", "version 4", "version 3");
        assertThat(SavedVersions.of(folder.resolve("other.amber")).files()).isEmpty();
    }

    @Test
    void opensAgainWhatHoldsALargeMidiFile() throws Exception {
        byte[] midi = midiOf(17 << 20);
        Song song = MidiReader.read(midi, "large").song();
        Path file = folder.resolve("large.amber");
        ProjectFile.save(file, ProjectDocument.of(song), Optional.empty());
        assertThat(ProjectFile.open(file).document().song().source().original()).isEqualTo(Bytes.of(midi, 0, midi.length));
    }

    /** A valid file with so many bytes of text events. */
    private static byte[] midiOf(int size) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] event = new byte[4 + (1 << 16)];
        event[1] = (byte) 0xFF;
        event[2] = 1;
        int text = (1 << 14) - 1;
        event = new byte[3 + 2 + text];
        event[1] = (byte) 0xFF;
        event[2] = 1;
        event[3] = (byte) 0xFF;
        event[4] = 0x7F;
        int count = size / event.length;
        int track = count * event.length + 4;
        out.writeBytes("MThd".getBytes(StandardCharsets.US_ASCII));
        out.writeBytes(new byte[] {0, 0, 0, 6, 0, 0, 0, 1, 1, (byte) 0xE0});
        out.writeBytes("MTrk".getBytes(StandardCharsets.US_ASCII));
        out.writeBytes(new byte[] {(byte) (track >> 24), (byte) (track >> 16), (byte) (track >> 8), (byte) track});
        for (int i = 0; i < count; i++) {
            out.writeBytes(event);
        }
        out.writeBytes(new byte[] {0, (byte) 0xFF, 0x2F, 0});
        return out.toByteArray();
    }

    @Test
    void savesThatAPartIsHeardAgain() throws Exception {
        Song muted = LanternFerry.song().withPart(1, part -> part.withSound(new PartSound(true, true, 40, OptionalInt.of(12))));
        ProjectDocument saved = ProjectReader.read(ProjectWriter.write(ProjectDocument.of(muted)), "x");
        Song heard = saved.song().withPart(1, part -> part.withSound(PartSound.USUAL));
        assertThat(ProjectReader.read(ProjectWriter.write(saved.withSong(heard)), "x").song().part(1).sound()).isEqualTo(PartSound.USUAL);
    }

    @Test
    void opensProjectsInWhichMadeNotesHavePassingNumbers() throws Exception {
        ObjectMapper mapper = new ObjectMapper();
        ObjectNode root = (ObjectNode) mapper.readTree(ProjectWriter.write(ProjectDocument.of(LanternFerry.song())));
        ArrayNode notes = (ArrayNode) root.at("/parts/0/takes/0/notes");
        for (int i = 0; i < 5; i++) {
            ((ArrayNode) notes.get(i)).set(0, -1 - i);
        }
        Song song = ProjectReader.read(mapper.writeValueAsBytes(root), "old").song();
        Line line = song.part(0).takes().get(0).line();
        assertThat(line.notes()).extracting(Note::id).allMatch(id -> id > 0 && id < song.nextId()).doesNotHaveDuplicates();
        assertThat(line.size()).isEqualTo(LanternFerry.song().part(0).takes().get(0).line().size());
    }

    @Test
    void writesTenThousandTemposInNoTime() throws Exception {
        Song song = Song.empty("rubato");
        List<Tempo> tempos = new ArrayList<>();
        for (int i = 0; i < 10_000; i++) {
            tempos.add(new Tempo(i * 10L, 400_000 + i));
        }
        Song many = new Song(song.title(), new TimeMap(480, tempos, song.time().metres()), song.fence(), List.of(),
                Origin.MADE, 1);
        ProjectDocument read = ProjectReader.read(ProjectWriter.write(ProjectDocument.of(many)), "x");
        // Every pair of objects would take half a minute.
        Assertions.assertTimeoutPreemptively(Duration.ofMinutes(1), () -> ProjectWriter.write(read));
    }

    @Test
    void unsavedWorkTellsWhatItIsWithoutBeingRead() throws Exception {
        UnsavedFile about = new UnsavedFile("Evening", Optional.of(folder.resolve("evening.amber")), Optional.of(new FileState(3, "abc")),
                Instant.parse("2026-11-27T10:15:30Z"), 12);
        Path file = Files.write(folder.resolve("x.unsaved"), about.write(titled("Evening")));
        assertThat(UnsavedFile.readHead(file)).isEqualTo(about);
        assertThat(UnsavedFile.readSong(file).song()).isEqualTo(titled("Evening").song());
    }
}
