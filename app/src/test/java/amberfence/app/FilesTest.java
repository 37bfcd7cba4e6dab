package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.files.AppFolder;
import amberfence.format.midi.MidiReader;
import amberfence.format.project.ProjectDocument;
import amberfence.format.project.ProjectFile;
import amberfence.format.project.ProjectReader;
import amberfence.notes.KeyPlan;
import amberfence.song.Credits;
import amberfence.song.Origin;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.Key;
import amberfence.sound.Sounds;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
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
    void exportsTablesOfChangesAndOfNotes() throws Exception {
        toSave = folder.resolve("changes.csv");
        click("export");
        click("export-tables");
        clickOn("#export-changes");
        waitUntil(() -> Files.exists(toSave));
        assertThat(Files.readString(toSave)).contains("keeps the step; G4 would repeat its neighbour");
        toSave = folder.resolve("notes.csv");
        click("export");
        click("export-tables");
        clickOn("#export-notes");
        waitUntil(() -> Files.exists(toSave));
        assertThat(Files.readString(toSave)).contains("0,Voice line,1,1,0,0,").hasLineCount(571);
    }

    @Test
    void handsTheSongBackAsAScoreAndBringsAScoreIn() throws Exception {
        interact(() -> session.edit("keys", song -> song.withFence(song.fence().withKeys(KeyPlan.of(Key.parse("D dorian")).plus(9, Key.parse("F major"))))));
        Song before = session.song();
        toSave = folder.resolve("evening.musicxml");
        push(KeyCode.CONTROL, KeyCode.E);
        click("export-notation");
        clickOn("#export-score");
        waitUntil(() -> Files.exists(toSave) && text("status").startsWith("Written: evening.musicxml"));

        toOpen = toSave;
        click("import");
        waitUntil(() -> isShown("import-sheet"));
        assertThat(lookup("#import-along").lookup(".label").queryAllAs(Label.class)).extracting(Label::getText)
                .contains("D dorian, F major from bar 9", "as the file says");
        click("import-take");
        waitUntil(() -> isShown("unsaved-sheet"));
        click("unsaved-let-go");
        waitUntil(() -> session.song().origin().equals(Origin.SCORE));
        assertThat(session.song().fence().keys()).isEqualTo(before.fence().keys());
        assertThat(session.song().progression().spans()).extracting(span -> span.chord().text())
                .isEqualTo(before.progression().spans().stream().map(span -> span.chord().text()).toList());
        assertThat(session.song().parts()).extracting(Part::name).isEqualTo(before.parts().stream().map(Part::name).toList());
    }

    @Test
    void aChartBecomesASongThatPlaysItsChords() throws Exception {
        toOpen = Files.writeString(folder.resolve("tide.cho"), "{title: Slow Tide}\n{key: Am}\n{sog}\n| Am . F . | G . . . |\n{eog}\n");
        click("import");
        waitUntil(() -> isShown("import-sheet"));
        assertThat(lookup("#import-sheet").lookup(".label").queryAllAs(Label.class)).extracting(Label::getText)
                .contains("A minor", "as the file says", "3 chords and no parts: the progression of a new song");
        click("import-take");
        waitUntil(() -> text("song-title").equals("Slow Tide"));
        assertThat(session.song().progression().spans()).extracting(span -> span.chord().text()).containsExactly("Am", "F", "G");
        waitUntil(() -> session.results().get().part(session.song().parts().get(0).id()).line().size() == 9);
        assertThat(text("fence-key")).isEqualTo("A minor");
    }

    @Test
    void aChartGoesUnderTheSongThatIsOpen() throws Exception {
        toOpen = Files.writeString(folder.resolve("tide.cho"), "{sog}\n| Am . F . | G . . . |\n{eog}\n");
        interact(() -> workspace.openChart());
        click("chart-file");
        waitUntil(() -> text("chart-found").startsWith("3 chords"));
        click("chart-put");
        assertThat(session.song().progression().spans().subList(0, 3)).extracting(span -> span.chord().text()).containsExactly("Am", "F", "G");
    }

    @Test
    void aLeadSheetIsHandedOut() throws Exception {
        toSave = folder.resolve("ferry.pdf");
        click("export");
        click("export-notation");
        clickOn("#export-lead-sheet-numerals");
        waitUntil(() -> Files.exists(toSave));
        assertThat(new String(Files.readAllBytes(toSave), 0, 5)).isEqualTo("%PDF-");
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
    void aSaveBelongsToTheSongThatWasSaved() throws Exception {
        interact(() -> session.edit("title", song -> song.withTitle("Long evening")));
        toSave = folder.resolve("long-evening.amber");
        // Saved, and at once another song: what is written is the first, and the second is not taken for saved.
        interact(() -> {
            workspace.files().save();
            session.open(ProjectDocument.of(Song.empty("New")), null);
            session.edit("title", song -> song.withTitle("Newer"));
        });
        waitUntil(() -> Files.exists(toSave) && !workspace.files().busy().get());
        assertThat(ProjectReader.read(Files.readAllBytes(toSave), "x").song().title()).isEqualTo("Long evening");
        assertThat(session.file().get()).as("the new song has no file").isNull();
        assertThat(text("saved-state")).isEqualTo("changes not saved");
    }

    @Test
    void asksBeforeItWritesOverWhatSomebodyElseSaved() throws Exception {
        toSave = folder.resolve("shared.amber");
        interact(() -> session.edit("title", song -> song.withTitle("Mine")));
        push(KeyCode.CONTROL, KeyCode.S);
        waitUntil(() -> text("saved-state").equals("saved"));
        ProjectFile.save(toSave, ProjectDocument.of(song().withTitle("Theirs")), Optional.empty());
        interact(() -> session.edit("title", song -> song.withTitle("Mine, later")));
        push(KeyCode.CONTROL, KeyCode.S);
        waitUntil(() -> isShown("conflict-sheet"));
        click("conflict-cancel");
        assertThat(ProjectFile.open(toSave).document().song().title()).isEqualTo("Theirs");
        push(KeyCode.CONTROL, KeyCode.S);
        waitUntil(() -> isShown("conflict-sheet"));
        click("conflict-over");
        waitUntil(() -> text("saved-state").equals("saved"));
        assertThat(ProjectFile.open(toSave).document().song().title()).isEqualTo("Mine, later");
        assertThat(workspace.files().earlierVersions()).as("theirs is kept").hasSize(2);
        interact(() -> workspace.files().openVersion(workspace.files().earlierVersions().get(0)));
        waitUntil(() -> text("song-title").equals("Theirs"));
        assertThat(text("saved-state")).isEqualTo("changes not saved");
        assertThat(session.file().get()).isEqualTo(toSave);
    }

    @Test
    void savesWhileASoundFileIsRendered() throws Exception {
        toSave = folder.resolve("slow.wav");
        boolean[] stop = {false};
        interact(() -> workspace.files().exportSound(workspace.sound().score(Optional.empty()), 0, 3_000_000_000L, Sounds.PLAIN,
                share -> { }, () -> stop[0], (done, sentence) -> { }));
        assertThat(workspace.files().writing()).containsExactly(toSave);
        interact(() -> session.edit("title", song -> song.withTitle("Not waiting")));
        Path sound = toSave;
        toSave = folder.resolve("not-waiting.amber");
        push(KeyCode.CONTROL, KeyCode.S);
        waitUntil(() -> text("saved-state").equals("saved"));
        assertThat(workspace.files().writing()).as("still rendering").containsExactly(sound);

        boolean[] closed = {false};
        interact(() -> assertThat(workspace.mayClose(() -> closed[0] = true)).isFalse());
        assertThat(isShown("closing-sheet")).isTrue();
        stop[0] = true;
        waitUntil(() -> closed[0]);
        assertThat(sound).as("given up, nothing is left").doesNotExist();
    }

    @Test
    void aSoundFileThatCannotBeWrittenSaysSoOnItsSheetAndCanBeTriedAgain() throws Exception {
        toSave = folder.resolve("no-such-folder").resolve("x.wav");
        interact(() -> workspace.openSound());
        click("sound-stop");
        click("sound-write");
        waitUntil(() -> text("sound-state").contains("does not exist"));
        assertThat(lookup("#sound-write").query().isDisabled()).isFalse();
        toSave = folder.resolve("now.wav");
        click("sound-write");
        waitUntil(() -> Files.exists(toSave));
    }

    @Test
    void aFileTooLargeForMemoryIsToldAndTheWindowGoesOn() throws Exception {
        toOpen = folder.resolve("huge.mid");
        try (var huge = new RandomAccessFile(toOpen.toFile(), "rw")) {
            huge.setLength(3L << 30);
        }
        click("import");
        waitUntil(() -> isShown("trouble"));
        assertThat(text("trouble")).isEqualTo("huge.mid has 3072 MB; files of this kind are read up to 64 MB");
        assertThat(workspace.files().busy().get()).isFalse();
    }

    @Test
    void anEmptySongSaysHowToBegin() {
        interact(() -> session.open(ProjectDocument.of(session.song().withParts(List.of())), null));
        assertThat(isShown("welcome")).isTrue();
        assertThat(isShown("change-rows")).as("nothing to work at yet").isFalse();
        click("welcome-lantern-ferry");
        assertThat(isShown("welcome")).isFalse();
        assertThat(text("ladder-heading")).isEqualTo("VOICE LINE");
    }

    @Test
    void aStepOfAnotherVersionIsShownAsSuchAndSavedAgain() throws Exception {
        Path file = folder.resolve("future.amber");
        ProjectFile.save(file, ProjectDocument.of(song()), Optional.empty());
        Files.writeString(file, Files.readString(file).replace("\"bring-inside\"", "\"levitate\""));
        interact(() -> workspace.files().open(file));
        waitUntil(() -> file.equals(session.file().get()));
        long slot = session.song().part(0).steps().get(0).id();
        assertThat(text("step-summary-" + slot)).isNotBlank();
        assertThat(lookup(".label").queryAll().stream().map(node -> ((Labeled) node).getText()).toList())
                .contains("the step “levitate” is not known here. The notes pass; the step is kept as it is and saved again.");
        interact(() -> session.edit("title", song -> song.withTitle("Still here")));
        push(KeyCode.CONTROL, KeyCode.S);
        waitUntil(() -> text("saved-state").equals("saved"));
        assertThat(Files.readString(file)).contains("\"levitate\"", "Still here");
    }

    @Test
    void theTitleAndWhoMadeTheSongAreSavedWithIt() throws Exception {
        interact(workspace::openTitle);
        settle();
        clickOn("#title-field").push(KeyCode.CONTROL, KeyCode.A).write("Pier Song");
        clickOn("#composer-field").write("Somebody");
        clickOn("#copyright-field").write("2026 Somebody");
        click("title-take");
        assertThat(session.song().title()).isEqualTo("Pier Song");
        toSave = folder.resolve("credits.amber");
        push(KeyCode.CONTROL, KeyCode.S);
        waitUntil(() -> Files.exists(toSave) && !session.isChanged());
        assertThat(ProjectFile.open(toSave).document().song().credits()).isEqualTo(new Credits("Somebody", "2026 Somebody"));
        interact(session::undo);
        assertThat(session.song().credits()).isEqualTo(Credits.NONE);
    }
}
