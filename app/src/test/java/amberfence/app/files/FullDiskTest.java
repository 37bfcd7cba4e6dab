package amberfence.app.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assumptions.assumeThat;

import amberfence.demo.LanternFerry;
import amberfence.format.FileState;
import amberfence.format.FileTrouble;
import amberfence.format.WholeFile;
import amberfence.format.project.ProjectDocument;
import amberfence.format.project.ProjectFile;
import amberfence.format.project.UnsavedFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A disk without room, in earnest: a small file system in memory, where the system lets one be made. */
class FullDiskTest {
    @TempDir
    Path folder;
    private Path disk;
    private boolean mounted;

    @BeforeEach
    void mount() throws Exception {
        disk = Files.createDirectories(folder.resolve("disk"));
        mounted = new ProcessBuilder("mount", "-t", "tmpfs", "-o", "size=512k", "tmpfs", disk.toString()).start().waitFor() == 0;
    }

    @AfterEach
    void unmount() throws Exception {
        if (mounted) {
            new ProcessBuilder("umount", "-l", disk.toString()).start().waitFor();
        }
    }

    private void fill() throws IOException {
        assumeThat(mounted).as("a file system can be mounted here").isTrue();
        try {
            for (int i = 0;; i++) {
                Files.write(disk.resolve("filler-" + i), new byte[16_384]);
            }
        } catch (IOException e) {
            // Full.
        }
    }

    @Test
    void leavesTheProjectAsItWasAndSaysWhy() throws Exception {
        Path file = disk.resolve("song.amber");
        assumeThat(mounted).as("a file system can be mounted here").isTrue();
        ProjectFile.save(file, ProjectDocument.of(LanternFerry.song().withTitle("Before")), Optional.empty());
        fill();
        assertThatThrownBy(() -> ProjectFile.save(file, ProjectDocument.of(LanternFerry.song().withTitle("After")), Optional.empty()))
                .isInstanceOf(IOException.class).satisfies(e -> assertThat(FileTrouble.reason((IOException) e))
                        .isEqualTo("no space left on device"));
        assertThat(ProjectFile.open(file).document().song().title()).isEqualTo("Before");
        try (var files = Files.walk(disk)) {
            assertThat(files.map(path -> path.getFileName().toString()).filter(name -> name.matches("\\.amber-fence-\\d.*"))).isEmpty();
        }
    }

    @Test
    void leavesTheSettingsAsTheyWere() throws Exception {
        assumeThat(mounted).as("a file system can be mounted here").isTrue();
        AppFolder app = new AppFolder(disk);
        app.keepOwnScales(List.of("0 2 4\tshort"));
        fill();
        assertThatThrownBy(() -> app.keepOwnScales(List.of("0 2 4\t" + "x".repeat(100_000)))).isInstanceOf(IOException.class);
        assertThat(app.ownScales()).containsExactly("0 2 4\tshort");
    }

    @Test
    void aHomeThatIsNoFolderIsBorne() throws Exception {
        Path home = Files.writeString(folder.resolve("home"), "no folder");
        AppFolder app = new AppFolder(home.resolve("amber-fence"));
        assertThat(app.recent()).isEmpty();
        assertThat(app.ownScales()).isEmpty();
        app.remember(folder.resolve("x"));
        app.sweep();
        assertThat(new UnsavedStore(app).left().left()).isEmpty();
        assertThatThrownBy(() -> new UnsavedStore(app).write(1, new byte[0])).isInstanceOf(IOException.class);
    }

    @Test
    void aClockThatWasSetBackLosesNothing() throws Exception {
        AppFolder app = new AppFolder(folder.resolve("app"));
        Files.createDirectories(app.unsaved());
        ProjectDocument document = ProjectDocument.of(LanternFerry.song());
        Files.write(app.unsaved().resolve("1-a-1.unsaved"), new UnsavedFile("From the future", Optional.empty(), Optional.empty(),
                Instant.parse("2099-01-01T00:00:00Z"), 3).write(document));
        Files.write(app.unsaved().resolve("1-a-2.unsaved"), new UnsavedFile("From the past", Optional.empty(), Optional.empty(),
                Instant.EPOCH, 3).write(document));
        assertThat(new UnsavedStore(app).left().left()).extracting(left -> left.about().title())
                .containsExactly("From the future", "From the past");
        Path file = folder.resolve("song.amber");
        ProjectFile.save(file, document, Optional.empty());
        Files.setLastModifiedTime(file, FileTime.from(Instant.parse("2099-01-01T00:00:00Z")));
        // The content counts, not the clock: nobody else has written to it.
        ProjectFile.save(file, document.withSong(document.song().withTitle("Later")),
                Optional.of(FileState.of(file).orElseThrow()));
        WholeFile.check(file);
    }
}
