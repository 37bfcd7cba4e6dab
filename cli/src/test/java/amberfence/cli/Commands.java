package amberfence.cli;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.format.midi.MidiExport;
import amberfence.format.midi.MidiReader;
import amberfence.notes.Note;
import amberfence.song.Song;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** Runs commands as a person types them, on the demo song in a folder of its own. */
abstract class Commands {
    @TempDir
    Path folder;
    Path ferry;
    Path out;
    String printed;
    String complaint;

    @BeforeEach
    void putASongInTheFolder() throws Exception {
        ferry = folder.resolve("ferry.mid");
        out = folder.resolve("out.mid");
        Files.write(ferry, MidiExport.ofOriginals(LanternFerry.plain()).toBytes());
    }

    int run(Object... words) {
        StringWriter output = new StringWriter();
        StringWriter errors = new StringWriter();
        String[] arguments = Arrays.stream(words).map(Object::toString).toArray(String[]::new);
        int code = Main.run(new PrintWriter(output), new PrintWriter(errors), arguments);
        printed = output.toString();
        complaint = errors.toString();
        return code;
    }

    List<Note> notes(Path file, int part) throws Exception {
        Song song = MidiReader.read(Files.readAllBytes(file), "x").song();
        return song.parts().get(part).line().notes();
    }

    void assertWrong(String message, Object... words) {
        assertThat(run(words)).as(String.join(" ", Arrays.stream(words).map(Object::toString).toList())).isEqualTo(2);
        assertThat(complaint).startsWith("amber-fence: ").contains(message);
        assertThat(complaint.lines().count()).isEqualTo(1);
    }

    List<Integer> pitches(Path file, int part) throws Exception {
        return notes(file, part).stream().map(Note::pitch).toList();
    }
}
