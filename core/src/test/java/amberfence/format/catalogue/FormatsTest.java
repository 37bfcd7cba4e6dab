package amberfence.format.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.demo.LanternFerry;
import amberfence.format.Format;
import amberfence.format.ReadSong;
import amberfence.format.ReadableFormat;
import amberfence.format.UnreadableFileException;
import amberfence.format.WritableFormat;
import amberfence.format.midi.MidiFormat;
import amberfence.format.project.ProjectFormat;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FormatsTest {
    private static final Set<Integer> ALL = LanternFerry.song().parts().stream().map(Part::id).collect(Collectors.toSet());

    @TempDir
    private Path folder;

    @Test
    void aFileIsReadAsWhatItsEndingSaysAndAnyOtherAsMidi() {
        assertThat(Formats.of(Path.of("Song.AMBER"))).isEqualTo(ProjectFormat.PROJECT);
        assertThat(Formats.of(Path.of("a/song.midi"))).isEqualTo(MidiFormat.AS_READ);
        assertThat(Formats.of(Path.of("song.rmi"))).isEqualTo(MidiFormat.AS_READ);
        assertThat(Formats.of(Path.of("song"))).isEqualTo(MidiFormat.AS_READ);
    }

    @Test
    void noEndingOfAFormatThatIsReadBelongsToTwo() {
        List<String> endings = Formats.readable().stream().map(Format::endings).flatMap(List::stream).toList();
        assertThat(new HashSet<>(endings)).hasSameSizeAs(endings);
        assertThat(endings).allMatch(ending -> ending.matches("[a-z0-9]+"));
    }

    @Test
    void whatIsWrittenIsReadAgainWithTheSameNotes() throws Exception {
        Song song = LanternFerry.song();
        for (ReadableFormat format : Formats.readable()) {
            if (!(format instanceof WritableFormat writable)) {
                continue;
            }
            byte[] content = writable.write(song, ALL).content();
            ReadSong read = format.read(content, "x");
            for (Part part : song.parts()) {
                List<Integer> now = PartResult.lines(read.song()).get(part.id()).notes().stream().map(note -> note.pitch()).toList();
                assertThat(now).as(format.title() + ", " + part.name()).isEqualTo(PartResult.lines(song).get(part.id()).notes().stream()
                        .map(note -> note.pitch()).toList());
            }
            Path file = Files.write(folder.resolve("song." + format.endings().get(0)), content);
            assertThat(Formats.read(file).song().parts()).hasSameSizeAs(song.parts());
        }
    }

    @Test
    void everyFormatThatIsWrittenGivesBytesForTheDemo() {
        for (WritableFormat format : Formats.writable()) {
            assertThat(format.write(LanternFerry.song(), ALL).content().length).as(format.title()).isGreaterThan(100);
        }
    }

    @Test
    void whatIsTooLargeOrNotThereIsSaidInASentence() {
        assertThatThrownBy(() -> Formats.read(folder.resolve("none.amber"))).isInstanceOf(UnreadableFileException.class)
                .hasMessageEndingWith("none.amber does not exist");
        assertThatThrownBy(() -> Formats.read(folder)).isInstanceOf(UnreadableFileException.class).hasMessageContaining("is a folder");
    }
}
