package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import amberfence.demo.LanternFerry;
import amberfence.format.FileState;
import amberfence.format.project.ProjectDocument;
import amberfence.format.project.ProjectFile;
import amberfence.format.project.ProjectWriter;
import amberfence.format.project.UnsavedFile;
import amberfence.song.Song;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Work that is not saved survives, is offered, and goes only when somebody decides it. */
class UnsavedWorkTest extends WindowTest {
    private List<Path> kept() throws IOException {
        Path unsaved = appFolder.resolve("unsaved");
        if (!Files.exists(unsaved)) {
            return List.of();
        }
        try (var files = Files.list(unsaved)) {
            return files.filter(file -> file.toString().endsWith(".unsaved")).toList();
        }
    }

    /** What a window left that was killed: nobody holds its lock. */
    private Path left(String name, Song song, Optional<Path> project, Optional<FileState> known) throws IOException {
        Files.createDirectories(appFolder.resolve("unsaved"));
        return Files.write(appFolder.resolve("unsaved").resolve(name + ".unsaved"), new UnsavedFile(song.title(), project, known,
                Instant.now(), 7).write(ProjectDocument.of(song)));
    }

    private void start(Runnable then) {
        interact(() -> workspace.files().offerUnsaved(then));
        waitUntil(() -> !workspace.files().busy().get());
    }

    @Test
    void isKeptWithinSecondsHoweverFastSomebodyEdits() throws Exception {
        long begin = System.nanoTime();
        // Ten edits a second, without a pause.
        for (int i = 0; System.nanoTime() - begin < 4_000_000_000L; i++) {
            int n = i;
            interact(() -> session.edit("title", song -> song.withTitle("Edit " + n)));
            Thread.sleep(100);
        }
        assertThat(kept()).as("though no pause was as long as the delay").hasSize(1);
        assertThat(UnsavedFile.readSong(kept().get(0)).song().title()).startsWith("Edit ");
    }

    @Test
    void isOfferedWithWhatItIsAndTakenWithItsPlaceOnTheDisk() throws Exception {
        Path project = folder.resolve("evening-" + System.nanoTime() + ".amber");
        FileState state = ProjectFile.save(project, ProjectDocument.of(LanternFerry.song()), Optional.empty());
        Path file = left("123-dead-1", LanternFerry.song().withTitle("Evening, unsaved"), Optional.of(project), Optional.of(state));
        start(() -> { });
        assertThat(isShown("left-work-sheet")).isTrue();
        assertThat(lookup(".label").queryAll().stream().map(node -> ((Labeled) node).getText()).toList())
                .contains("Evening, unsaved").anyMatch(text -> text.contains("7 edits not saved") && text.contains(project.toString()));
        click("offer-look-0");
        waitUntil(() -> lookup("#offer-seen-0").queryParent().getChildrenUnmodifiable().size() > 3);
        assertThat(file).as("looking decides nothing").exists();
        click("offer-take-0");
        waitUntil(() -> text("song-title").equals("Evening, unsaved"));
        assertThat(isShown("left-work-sheet")).isFalse();
        assertThat(text("saved-state")).isEqualTo("changes not saved");
        waitUntil(() -> !Files.exists(file));
        assertThat(kept()).as("it is kept anew before the old file goes").hasSize(1);
        push(KeyCode.CONTROL, KeyCode.S);
        waitUntil(() -> text("saved-state").equals("saved"));
        assertThat(ProjectFile.open(project).document().song().title()).isEqualTo("Evening, unsaved");
        waitUntil(() -> kept().isEmpty());
    }

    @Test
    void staysUntilSomebodyDecides() throws Exception {
        Path file = left("123-dead-1", LanternFerry.song().withTitle("Later"), Optional.empty(), Optional.empty());
        boolean[] wentOn = {false};
        start(() -> wentOn[0] = true);
        click("offer-later");
        assertThat(wentOn[0]).as("then what the run was started with opens").isTrue();
        interact(() -> {
            session.edit("title", song -> song.withTitle("Something else"));
            session.undo();
        });
        assertThat(file).exists();
        start(() -> { });
        click("offer-throw-0");
        waitUntil(() -> !Files.exists(file));
        assertThat(isShown("left-work-sheet")).isFalse();
    }

    @Test
    void ofARunningWindowIsNotOffered() throws Exception {
        interact(() -> session.edit("title", song -> song.withTitle("Mine")));
        waitUntil(() -> !kept().isEmpty());
        boolean[] wentOn = {false};
        start(() -> wentOn[0] = true);
        assertThat(isShown("left-work-sheet")).isFalse();
        assertThat(wentOn[0]).isTrue();
    }

    @Test
    void thatIsDamagedOrNewerIsSetAsideAndNamed() throws Exception {
        Files.createDirectories(appFolder.resolve("unsaved"));
        Path damaged = Files.writeString(appFolder.resolve("unsaved").resolve("1-x-1.unsaved"), "{\"format\":");
        start(() -> { });
        assertThat(text("trouble")).startsWith("Unsaved work of an earlier run cannot be opened: it is damaged. It is kept as ");
        assertThat(damaged).doesNotExist();
        assertThat(appFolder.resolve("unsaved").resolve("set-aside").resolve("1-x-1.unsaved")).exists();

        Path broken = left("2-x-1", LanternFerry.song(), Optional.empty(), Optional.empty());
        Files.writeString(broken, Files.readString(broken).replaceAll("\"version\" : \\d+", "\"version\" : 99"));
        start(() -> { });
        click("offer-take-0");
        waitUntil(() -> text("offer-trouble").contains("newer Amber Fence"));
        assertThat(appFolder.resolve("unsaved").resolve("set-aside").resolve("2-x-1.unsaved")).exists();
    }

    @Test
    void thatTheFirstVersionsKeptIsOfferedToo() throws Exception {
        Files.createDirectories(appFolder);
        Files.write(appFolder.resolve("unsaved.amber"), ProjectWriter.write(
                ProjectDocument.of(LanternFerry.song().withTitle("From before"))));
        start(() -> { });
        click("offer-take-0");
        waitUntil(() -> text("song-title").equals("From before"));
        waitUntil(() -> !Files.exists(appFolder.resolve("unsaved.amber")));
    }

    @Test
    void isKeptWhenTheWindowIsLeft() throws Exception {
        interact(() -> session.edit("title", song -> song.withTitle("For tomorrow")));
        interact(() -> workspace.files().leave());
        assertThat(UnsavedFile.readSong(kept().get(0)).song().title()).isEqualTo("For tomorrow");
    }

    @Test
    void isNotOfferedAgainWhenASaveEndsAfterTheWindowWasLeft() throws Exception {
        toSave = folder.resolve("late.amber");
        interact(() -> session.edit("title", song -> song.withTitle("Just in time")));
        waitUntil(() -> !kept().isEmpty());
        interact(() -> {
            workspace.files().save();
            workspace.files().leave();
        });
        waitUntil(() -> Files.exists(toSave) && !session.isChanged());
        assertThat(kept()).as("it is saved").isEmpty();
    }

    @Test
    void thatCannotBeKeptIsSaidAtOnceAndAgainWhenItCan() throws Exception {
        assumeThat(ProcessHandle.current().info().user().orElse("")).as("root may write anywhere").isNotEqualTo("root");
        Files.createDirectories(appFolder);
        Files.setPosixFilePermissions(appFolder, PosixFilePermissions.fromString("r-xr-xr-x"));
        interact(() -> session.edit("title", song -> song.withTitle("Nowhere to go")));
        waitUntil(() -> isShown("trouble"));
        assertThat(text("trouble")).startsWith("Unsaved work cannot be kept safe: ");
        Files.setPosixFilePermissions(appFolder, PosixFilePermissions.fromString("rwxr-xr-x"));
        waitUntil(() -> !kept().isEmpty());
        waitUntil(() -> !isShown("trouble"));
    }

    @Test
    void thatHasNoFolderToLieInIsSaid() throws Exception {
        // A file stands where the folder should be: also root cannot write there.
        Files.createDirectories(appFolder);
        Files.writeString(appFolder.resolve("unsaved"), "in the way");
        interact(() -> session.edit("title", song -> song.withTitle("Nowhere to go")));
        waitUntil(() -> isShown("trouble"));
        assertThat(text("trouble")).startsWith("Unsaved work cannot be kept safe: ");
        Files.delete(appFolder.resolve("unsaved"));
        waitUntil(() -> !kept().isEmpty());
        waitUntil(() -> !isShown("trouble"));
    }
}
