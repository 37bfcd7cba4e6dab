package amberfence.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WholeFileTest {
    @TempDir
    Path folder;
    private Path file;

    @BeforeEach
    void begin() {
        file = folder.resolve("song.amber");
    }

    private Set<String> names() throws IOException {
        try (var files = Files.list(folder)) {
            return new TreeSet<>(files.map(path -> path.getFileName().toString()).toList());
        }
    }

    @Test
    void replacesAFileAndLeavesNothingBeside() throws IOException {
        WholeFile.write(file, new byte[] {1, 2, 3});
        WholeFile.write(file, new byte[] {4});
        assertThat(Files.readAllBytes(file)).containsExactly(4);
        assertThat(names()).containsExactly("song.amber");
    }

    @Test
    void leavesWhatStoodThereWhenWritingFailsOrIsGivenUp() throws IOException {
        WholeFile.write(file, new byte[] {1});
        assertThatThrownBy(() -> WholeFile.write(file, out -> {
            out.write(9);
            throw new IOException("broken");
        })).hasMessage("broken");
        assertThat(WholeFile.write(file, out -> {
            out.write(9);
            return false;
        })).isFalse();
        assertThat(Files.readAllBytes(file)).containsExactly(1);
        assertThat(names()).containsExactly("song.amber");
    }

    @Test
    void keepsTheModeOfAFileAndGivesANewOneTheUsualMode() throws Exception {
        assumeThat(folder.getFileSystem().supportedFileAttributeViews()).contains("posix");
        Files.write(file, new byte[] {1});
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw-r-x"));
        WholeFile.write(file, new byte[] {2});
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file))).isEqualTo("rw-rw-r-x");
        Path fresh = folder.resolve("fresh");
        WholeFile.write(fresh, new byte[] {2});
        Path plain = Files.createFile(folder.resolve("plain"));
        assertThat(Files.getPosixFilePermissions(fresh)).isEqualTo(Files.getPosixFilePermissions(plain));
    }

    @Test
    void writesIntoAFileThatHasAnotherNameSoThatBothNamesGoOnBeingOneFile() throws IOException {
        assumeThat(folder.getFileSystem().supportedFileAttributeViews()).contains("unix");
        Files.write(file, new byte[] {1});
        Path other = Files.createLink(folder.resolve("other"), file);
        WholeFile.write(file, new byte[] {2, 3});
        assertThat(Files.readAllBytes(other)).containsExactly(2, 3);
        assertThat(names()).containsExactly("other", "song.amber");
    }

    @Test
    void endsACopyThatWasBrokenOffIntoAFileWithTwoNames() throws IOException {
        Files.write(file, new byte[] {1});
        String gone = Leftovers.PREFIX + goneProcess() + "-0";
        Files.write(folder.resolve(gone + ".copy"), new byte[] {7, 8});
        Files.writeString(folder.resolve(gone + ".into"), "song.amber");
        Leftovers.sweep(folder);
        assertThat(Files.readAllBytes(file)).containsExactly(7, 8);
        assertThat(names()).containsExactly("song.amber");
    }

    @Test
    void followsLinksAlsoToWhatIsNotThereYet() throws IOException {
        Path link = Files.createSymbolicLink(folder.resolve("link"), Path.of("song.amber"));
        WholeFile.write(link, new byte[] {1});
        assertThat(Files.isSymbolicLink(link)).isTrue();
        assertThat(Files.readAllBytes(file)).containsExactly(1);
    }

    @Test
    void refusesWhatIsNoPlainFile() throws Exception {
        assertThatThrownBy(() -> WholeFile.write(folder, new byte[0])).isInstanceOf(UnwritableException.class).hasMessage("it is a folder");
        assertThatThrownBy(() -> WholeFile.write(folder.resolve("no").resolve("x"), new byte[0]))
                .hasMessage("the folder " + folder.resolve("no") + " does not exist");
        assumeThat(Files.exists(Path.of("/usr/bin/mkfifo"))).isTrue();
        Path pipe = folder.resolve("pipe");
        assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor()).isZero();
        assertThatThrownBy(() -> WholeFile.write(pipe, new byte[0])).hasMessage("it is no plain file, but a pipe, a socket or a device");
        assertThatThrownBy(() -> WholeFile.check(Path.of("/dev/null"))).hasMessageContaining("no plain file");
        assertThat(Files.exists(pipe)).isTrue();
    }

    @Test
    void refusesAFileThatIsProtectedFromWriting() throws IOException {
        assumeThat(folder.getFileSystem().supportedFileAttributeViews()).contains("posix");
        Files.write(file, new byte[] {1});
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
        assertThatThrownBy(() -> WholeFile.write(file, new byte[] {2})).hasMessage("it is protected from writing");
        assertThat(Files.readAllBytes(file)).containsExactly(1);
    }

    @Test
    void writesNamesAsLongAsTheSystemTakesThem() throws IOException {
        Path longest = folder.resolve("n".repeat(249) + ".amber");
        WholeFile.write(longest, new byte[] {1});
        assertThat(Files.readAllBytes(longest)).containsExactly(1);
    }

    @Test
    void clearsAwayWhatAProcessLeftThatIsGoneAndNothingElse() throws Exception {
        Path left = Files.write(folder.resolve(Leftovers.PREFIX + goneProcess() + "-0.part"), new byte[] {1});
        Path alive = Files.write(folder.resolve(Leftovers.PREFIX + ProcessHandle.current().pid() + "-77.part"), new byte[] {1});
        Path elsewhere = Files.write(folder.resolve(Leftovers.PREFIX + goneProcess() + "-1.part"), new byte[] {1});
        Path somebodys = Files.write(folder.resolve("song.wav.part"), new byte[] {1});
        try (FileChannel channel = FileChannel.open(elsewhere, StandardOpenOption.WRITE)) {
            // Another machine that shares the folder writes it.
            channel.lock();
            WholeFile.write(file, new byte[] {1});
        }
        assertThat(left).doesNotExist();
        assertThat(List.of(alive, elsewhere, somebodys)).allSatisfy(path -> assertThat(path).exists());
    }

    /** A number that no process has: one that has just ended. */
    private static long goneProcess() throws IOException {
        Process process = new ProcessBuilder("true").start();
        try {
            process.waitFor(10, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            throw new IOException(e);
        }
        return process.pid();
    }
}
