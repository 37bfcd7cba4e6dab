package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.files.AppFolder;
import amberfence.app.files.FileChoice;
import amberfence.app.session.Session;
import amberfence.app.sound.SoundDesk;
import amberfence.app.workspace.Workspace;
import amberfence.format.midi.MidiReader;
import amberfence.format.project.ProjectDocument;
import amberfence.format.project.ProjectReader;
import amberfence.song.Song;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

class FilesTest extends WindowTest {
    @Test
    void savesAndOpensAProjectWithItsExperimentsStillOpen() throws Exception {
        interact(() -> session.edit("title", song -> song.withTitle("Evening")));
        assertThat(text("saved-state")).isEqualTo("changes not saved");
        toSave = folder.resolve("evening.amber");
        push(KeyCode.CONTROL, KeyCode.S);
        waitUntil(() -> text("saved-state").equals("saved"));
        Song saved = ProjectReader.read(Files.readAllBytes(toSave), "x").song();
        assertThat(saved).isEqualTo(session.song());

        interact(() -> session.edit("title", song -> song.withTitle("Morning")));
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(text("saved-state")).as("undone to what is on the disk").isEqualTo("saved");
        interact(() -> session.edit("title", song -> song.withTitle("Morning")));
        toOpen = toSave;
        push(KeyCode.CONTROL, KeyCode.O);
        waitUntil(() -> isShown("unsaved-sheet"));
        click("unsaved-let-go");
        waitUntil(() -> text("song-title").equals("Evening"));
        assertThat(session.song().parts().get(0).steps()).hasSize(1);
        assertThat(new AppFolder(appFolder).recent()).first().isEqualTo(toSave.toAbsolutePath());
    }

    @Test
    void saysInASentenceWhyAFileCannotBeRead() throws Exception {
        toOpen = folder.resolve("letter.mid");
        Files.writeString(toOpen, "Dear all");
        click("import");
        waitUntil(() -> isShown("trouble"));
        assertThat(text("trouble")).isEqualTo("letter.mid is not a MIDI file: there is no MThd header in it");
        click("trouble-close");
        assertThat(lookup("#trouble").query().getParent().isVisible()).isFalse();
        assertThat(text("song-title")).isEqualTo("Lantern Ferry");
    }

    @Test
    void exportsOnePartInOneTrack() throws Exception {
        toSave = folder.resolve("one.mid");
        click("part-2");
        click("export");
        click("export-only");
        click("export-one-track");
        click("export-write");
        waitUntil(() -> Files.exists(toSave));
        waitUntil(() -> text("status").equals("Written: one.mid"));
        Song back = MidiReader.read(Files.readAllBytes(toSave), "x").song();
        assertThat(back.source().type()).isZero();
        assertThat(back.parts()).singleElement().satisfies(part -> assertThat(part.line().size()).isEqualTo(135));
    }

    @Test
    void exportsTheTableOfChanges() throws Exception {
        toSave = folder.resolve("changes.csv");
        click("export");
        click("export-changes");
        waitUntil(() -> Files.exists(toSave));
        assertThat(Files.readString(toSave)).contains("keeps the step; G4 would repeat its neighbour");
    }

    @Test
    void anImportCanBeCancelled() throws Exception {
        toOpen = folder.resolve("tune.mid");
        Files.write(toOpen, session.song().source().original().toArray());
        click("import");
        waitUntil(() -> isShown("import-sheet"));
        click("try-D-minor");
        click("import-cancel");
        assertThat(isShown("import-sheet")).isFalse();
        assertThat(text("fence-key")).isEqualTo("D dorian");
    }

    @Test
    void asksBeforeAnotherSongTakesThePlaceOfUnsavedWork() throws Exception {
        interact(() -> session.edit("title", song -> song.withTitle("Precious")));
        toOpen = folder.resolve("other.mid");
        Files.write(toOpen, session.song().source().original().toArray());
        push(KeyCode.CONTROL, KeyCode.O);
        waitUntil(() -> isShown("import-sheet"));
        click("import-take");
        assertThat(isShown("unsaved-sheet")).isTrue();
        click("unsaved-cancel");
        assertThat(text("song-title")).isEqualTo("Precious");

        push(KeyCode.CONTROL, KeyCode.O);
        waitUntil(() -> isShown("import-sheet"));
        click("import-take");
        toSave = folder.resolve("precious.amber");
        click("unsaved-save");
        waitUntil(() -> text("song-title").equals("Lantern Ferry"));
        assertThat(ProjectReader.read(Files.readAllBytes(toSave), "x").song().title()).isEqualTo("Precious");
    }

    @Test
    void anEmptySongSaysHowToBegin() {
        interact(() -> session.open(ProjectDocument.of(session.song().withParts(List.of())), null));
        assertThat(isShown("welcome")).isTrue();
        assertThat(isShown("change-rows")).as("nothing to work at yet").isFalse();
        click("welcome-demo");
        assertThat(isShown("welcome")).isFalse();
        assertThat(text("ladder-heading")).isEqualTo("VOICE LINE");
    }

    @Test
    void leavingKeepsWhatIsNotSaved() {
        interact(() -> session.edit("title", song -> song.withTitle("For tomorrow")));
        interact(() -> workspace.files().leave());
        assertThat(appFolder.resolve("unsaved.amber")).exists().content().contains("For tomorrow");
    }

    @Test
    void unsavedWorkSurvivesACrash() {
        Path kept = appFolder.resolve("unsaved.amber");
        interact(() -> session.edit("title", song -> song.withTitle("Not saved")));
        waitUntil(() -> Files.exists(kept));
        // The application ends without leaving in an orderly way, and begins again.
        Session[] next = new Session[1];
        boolean[] found = new boolean[1];
        interact(() -> {
            next[0] = new Session(song());
            Workspace again = new Workspace(next[0], new FileChoice() {
                @Override
                public Optional<Path> toOpen() {
                    return Optional.empty();
                }

                @Override
                public Optional<Path> toSave(String suggestion, Kind kind) {
                    return Optional.empty();
                }
            }, new AppFolder(appFolder), new SoundDesk(next[0], () -> output, System::nanoTime));
            found[0] = again.files().recover();
        });
        assertThat(found[0]).isTrue();
        assertThat(next[0].song().title()).isEqualTo("Not saved");
        assertThat(next[0].isChanged()).isTrue();
        assertThat(next[0].message().get()).isEqualTo("This is the work that was not saved when Amber Fence ended last.");
    }
}
