package amberfence.app.workspace;

import amberfence.app.changes.ChangesView;
import amberfence.app.compare.ComparePage;
import amberfence.app.fence.FencePage;
import amberfence.app.files.AppFolder;
import amberfence.app.files.FileChoice;
import amberfence.app.files.FilesHost;
import amberfence.app.files.ScaleCollection;
import amberfence.app.files.PreferencesFile;
import amberfence.app.files.SongFiles;
import amberfence.app.files.UnsavedOffer;
import amberfence.app.hands.NoteClipboard;
import amberfence.app.hands.NoteCommands;
import amberfence.app.hands.NotesMenu;
import amberfence.app.head.HeadView;
import amberfence.app.ladder.LadderPanel;
import amberfence.app.parts.PartsView;
import amberfence.app.parts.TakeSwitch;
import amberfence.app.pick.PickView;
import amberfence.app.progression.ChordCommands;
import amberfence.app.progression.ChordKeyboard;
import amberfence.app.progression.ChordMenus;
import amberfence.app.progression.ProgressionView;
import amberfence.app.session.Session;
import amberfence.app.sheets.ChartSheet;
import amberfence.app.sheets.ExportSheet;
import amberfence.app.sheets.HistorySheet;
import amberfence.app.sheets.ImportSheet;
import amberfence.app.sheets.LeftWorkSheet;
import amberfence.app.sheets.OnceSheet;
import amberfence.app.sheets.QuestionSheet;
import amberfence.app.sheets.QuestionSheet.Answer;
import amberfence.app.sheets.Sheet;
import amberfence.app.sheets.ShortcutsSheet;
import amberfence.app.sheets.SmoothSheet;
import amberfence.app.sheets.SoundSheet;
import amberfence.app.sound.Recorder;
import amberfence.app.sound.SoundDesk;
import amberfence.app.sound.SoundMenu;
import amberfence.app.steps.StepsView;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.theme.Theme;
import amberfence.app.trouble.Troubles;
import amberfence.app.tryit.TryItView;
import amberfence.app.words.Words;
import amberfence.demo.LanternFerry;
import amberfence.song.Role;
import amberfence.song.Song;
import amberfence.step.StepSchema;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The whole window: workspace, fence page, and sheets over them. */
public final class Workspace extends StackPane {
    private static final double PARTS = 202;
    private static final double STEPS = 292;
    private static final double CHANGES = 158;
    /** Below this width the right column folds away. */
    private static final double NARROW = 1100;

    private final Session session;
    private final SongFiles files;
    private final SoundDesk sound;
    private final Troubles troubles;
    private final Recorder recorder;
    private final TryItView tryIt;
    private final BorderPane desk = new BorderPane();
    /** Made when it is first opened. */
    private FencePage fencePage;
    private ComparePage comparePage;
    private final LadderPanel ladder;
    private final ChangesView changes;
    private final NoteCommands commands;
    private final NoteClipboard clipboard;
    private final ChordCommands chords;
    private final PickView pick;
    private final ScaleCollection ownScales;
    private final HBox trouble = new HBox(10);
    private final Label troubleText = Controls.label("", "alarm");
    private final PreferencesFile preferencesFile;
    private Theme theme = Theme.PAPER;
    private Node lastFocus;

    /** @param sound what the song is heard through */
    public Workspace(Session session, FileChoice choice, AppFolder folder, SoundDesk sound) {
        this.session = session;
        this.sound = sound;
        this.preferencesFile = new PreferencesFile(folder, session.preferences());
        String unreadable = preferencesFile.load();
        this.files = new SongFiles(session, choice, folder, host());
        this.troubles = new Troubles(folder.log(), files::keepWork, this::showTrouble);
        session.setTrouble(troubles::report);
        this.commands = new NoteCommands(session);
        this.clipboard = new NoteClipboard(session, commands, folder.clips());
        this.chords = new ChordCommands(session);
        ChordMenus chordMenus = new ChordMenus(session, chords, this::openChart, this::openSmooth);
        this.ladder = new LadderPanel(session, commands, clipboard, new NotesMenu(session, commands, clipboard, this::openOnce),
                new ProgressionView(session, chords, chordMenus), this::openFence);
        this.pick = new PickView(session, commands, this::focusLadder);
        this.recorder = new Recorder(session, sound);
        this.tryIt = new TryItView(session, sound, recorder, choice::toOpen);
        this.ownScales = new ScaleCollection(folder);
        this.changes = new ChangesView(session, ladder::reveal);
        setId("workspace");
        HeadView head = new HeadView(session, sound, new SoundMenu(session, sound, files::soundsToPlayWith,
                this::openSound), SongMenu.of(files, this::toggleTheme, this::openShortcuts, this::openHistory),
                this::openFence, this::openHistory, files::chooseAndOpen, this::openExport);
        desk.setTop(new VBox(head, troubleLine()));
        desk.setCenter(body());
        desk.setBottom(new StatusLine(session, files));
        getChildren().add(desk);
        if (!unreadable.isEmpty()) {
            showTrouble(Words.say("preferences.unreadable", unreadable));
        }
        setOnDragOver(this::dragOver);
        setOnDragDropped(this::dropped);
        addEventFilter(KeyEvent.KEY_PRESSED, this::playOrStop);
        addEventFilter(KeyEvent.KEY_PRESSED, event -> peek(event, true));
        addEventFilter(KeyEvent.KEY_RELEASED, event -> peek(event, false));
    }

    public SongFiles files() {
        return files;
    }

    /** Takes every error that nobody else does. */
    public Troubles troubles() {
        return troubles;
    }

    private FilesHost host() {
        return new FilesHost() {
            @Override
            public void trouble(String sentence) {
                showTrouble(sentence);
            }

            @Override
            public void failed(String sentence, Throwable cause) {
                troubles.report(sentence, cause);
            }

            @Override
            public void found(SongFiles.Found found) {
                showFound(found);
            }

            @Override
            public void beforeReplacing(Runnable then) {
                askAboutUnsaved(then);
            }

            @Override
            public void changedOnDisk(Path file, Runnable writeOver, Runnable elsewhere) {
                askAboutConflict(file, writeOver, elsewhere);
            }

            @Override
            public void offer(UnsavedOffer offer, Runnable then) {
                show(LeftWorkSheet.of(offer, () -> {
                    closeSheet();
                    then.run();
                }));
            }
        };
    }

    public SoundDesk sound() {
        return sound;
    }

    private HBox body() {
        PartsView parts = new PartsView(session, clipboard, this::openCompare);
        parts.setMinWidth(PARTS);
        parts.setPrefWidth(PARTS);
        StepsView stepList = new StepsView(session);
        VBox.setVgrow(stepList, Priority.ALWAYS);
        VBox steps = new VBox(8, stepList, new ChordKeyboard(session), tryIt, pick);
        steps.setMinWidth(STEPS);
        steps.setPrefWidth(STEPS);
        steps.setMaxWidth(STEPS);
        changes.setMinHeight(CHANGES);
        changes.setPrefHeight(CHANGES);
        changes.setMaxHeight(CHANGES);
        VBox.setVgrow(ladder, Priority.ALWAYS);
        VBox.setMargin(changes, new Insets(0, LadderPanel.BAR, 0, LadderPanel.DEGREES));
        VBox middle = new VBox(6, ladder, changes);
        Welcome welcome = new Welcome(files::chooseAndOpen, () -> files.take(LanternFerry.song()),
                () -> PartsView.addPart(session, Role.MELODY));
        session.results().addListener((property, old, now) -> showWelcome(welcome, middle, steps));
        showWelcome(welcome, middle, steps);
        StackPane centre = new StackPane(middle, welcome);
        HBox.setHgrow(centre, Priority.ALWAYS);
        HBox body = new HBox(14, parts, centre, steps);
        body.getStyleClass().add("body");
        widthProperty().addListener((property, old, now) -> {
            steps.setManaged(now.doubleValue() >= NARROW);
            showWelcome(welcome, middle, steps);
        });
        return body;
    }

    private void showWelcome(Node welcome, Node work, Node steps) {
        boolean empty = session.results().get().song().parts().isEmpty();
        welcome.setVisible(empty);
        work.setVisible(!empty);
        steps.setVisible(!empty && (getWidth() == 0 || getWidth() >= NARROW));
    }

    private Node troubleLine() {
        troubleText.setId("trouble");
        troubleText.setWrapText(true);
        HBox.setHgrow(troubleText, Priority.ALWAYS);
        Button away = Controls.iconButton("trouble-close", Icons.CLOSE, "trouble.close", event -> showTrouble(""));
        trouble.getChildren().addAll(troubleText, Controls.filler(), away);
        trouble.setAlignment(Pos.CENTER_LEFT);
        trouble.getStyleClass().add("trouble");
        VBox.setMargin(trouble, new Insets(8, 24, 0, 24));
        showTrouble("");
        return trouble;
    }

    /** Shows one sentence about what went wrong, until it is put away. */
    private void showTrouble(String sentence) {
        troubleText.setText(sentence);
        trouble.setVisible(!sentence.isEmpty());
        trouble.setManaged(!sentence.isEmpty());
    }

    private void showFound(SongFiles.Found found) {
        showTrouble("");
        show(ImportSheet.of(found, song -> {
            files.take(song);
            focusLadder();
        }, this::closeSheet));
    }

    /** Before another song takes the place of this one: unsaved work is saved, let go, or the song stays. */
    private void askAboutUnsaved(Runnable then) {
        // What is being recorded belongs to the song that is open.
        recorder.end();
        if (!session.isChanged()) {
            then.run();
        } else {
            show(QuestionSheet.of("unsaved-sheet", Words.say("unsaved.title"), Words.say("unsaved.words", session.song().title()),
                    this::closeSheet, new Answer("unsaved-cancel", "unsaved.cancel", () -> { }),
                    new Answer("unsaved-let-go", "unsaved.letGo", then),
                    new Answer("unsaved-save", "unsaved.save", () -> files.saveAnd(then))));
        }
    }

    /** Somebody else wrote to the project's file: theirs is kept among the earlier versions, or this goes elsewhere. */
    private void askAboutConflict(Path file, Runnable writeOver, Runnable elsewhere) {
        show(QuestionSheet.of("conflict-sheet", Words.say("conflict.title"), Words.say("conflict.words", file.getFileName()),
                this::closeSheet, new Answer("conflict-cancel", "conflict.cancel", () -> { }),
                new Answer("conflict-over", "conflict.over", writeOver), new Answer("conflict-elsewhere", "conflict.elsewhere", elsewhere)));
    }

    /**
     * Asks whether to wait when the window is to be closed while files are being written.
     *
     * @param close closes the window
     * @return whether it may close at once
     */
    public boolean mayClose(Runnable close) {
        List<Path> writing = files.writing();
        if (writing.isEmpty()) {
            return true;
        }
        String names = String.join(", ", writing.stream().map(path -> path.getFileName().toString()).distinct().toList());
        boolean[] stay = {false};
        show(QuestionSheet.of("closing-sheet", Words.say("closing.title"), Words.say("closing.words", names), this::closeSheet,
                new Answer("closing-stay", "closing.stay", () -> stay[0] = true), new Answer("closing-anyway", "closing.anyway", () -> {
                    files.abandonExports();
                    close.run();
                })));
        files.whenWritten(() -> {
            if (!stay[0]) {
                close.run();
            }
        });
        return false;
    }

    private void show(Sheet sheet) {
        closeSheet();
        lastFocus = getScene() == null ? null : getScene().getFocusOwner();
        desk.setDisable(true);
        desk.getStyleClass().add("veiled");
        getChildren().add(sheet);
        sheet.requestFocus();
    }

    private void closeSheet() {
        getChildren().removeIf(Sheet.class::isInstance);
        desk.setDisable(false);
        desk.getStyleClass().remove("veiled");
        if (lastFocus != null) {
            lastFocus.requestFocus();
        }
    }

    public void openExport() {
        show(ExportSheet.of(session, files, this::closeSheet));
    }

    public void openShortcuts() {
        show(ShortcutsSheet.of(this::closeSheet));
    }

    public void openHistory() {
        show(HistorySheet.of(session, this::closeSheet));
    }

    /** Opens what writes a sound file. */
    public void openSound() {
        show(SoundSheet.of(session, sound, files, this::closeSheet));
    }

    /** Opens the panel for playing along. */
    public void openTryIt() {
        tryIt.toggle();
    }

    /** Opens the settings of a step that is done once to the selected notes. */
    public void openOnce(StepSchema<?> kind) {
        show(OnceSheet.of(session, commands, kind, this::closeSheet));
    }

    /** Opens the sheet into which a chord chart is pasted. */
    public void openChart() {
        show(ChartSheet.of(session, chords, this::closeSheet));
    }

    /** Opens the settings of the smoothest voicings. */
    public void openSmooth() {
        show(SmoothSheet.of(session, chords, this::closeSheet));
    }

    /** Opens the fence page at the key under the playhead. */
    public void openFence() {
        Song song = session.song();
        openFence(song.fence().keys().indexAt(song.time().barOf(session.playhead().get())));
    }

    private void openFence(int span) {
        if (fencePage == null) {
            fencePage = new FencePage(session, ownScales, this::closeFence);
            fencePage.setVisible(false);
            getChildren().add(1, fencePage);
        }
        if (!fencePage.isVisible()) {
            desk.setVisible(false);
            fencePage.setVisible(true);
            fencePage.begin(span);
        }
    }

    /** Opens the page on which two versions of the selected part are compared. */
    public void openCompare() {
        if (session.part().isEmpty()) {
            session.message().set(Words.say("compare.noPart"));
            return;
        }
        if (comparePage == null) {
            comparePage = new ComparePage(session, this::closeCompare);
            comparePage.setVisible(false);
            getChildren().add(1, comparePage);
        }
        desk.setVisible(false);
        comparePage.setVisible(true);
        comparePage.begin();
    }

    private void closeCompare() {
        comparePage.setVisible(false);
        desk.setVisible(true);
        ladder.focusLadder();
    }

    /** The ladder is where the work is; it has the focus to begin with. */
    public void focusLadder() {
        ladder.focusLadder();
    }

    private void closeFence() {
        fencePage.setVisible(false);
        desk.setVisible(true);
        ladder.focusLadder();
    }

    public void setTheme(Theme chosen) {
        theme = chosen;
        if (getScene() != null) {
            theme.apply(getScene());
        }
    }

    private void toggleTheme() {
        setTheme(theme == Theme.PAPER ? Theme.LAMP : Theme.PAPER);
        session.preferences().choose("theme", theme);
    }

    /** The theme in which the person left the window. */
    public Theme preferredTheme() {
        return session.preferences().choice("theme", Theme.PAPER);
    }

    /** The person leaves: what is not saved and how the window was left is kept. */
    public void leave() {
        files.leave();
        preferencesFile.close();
    }

    /** Puts the keys of the table to work. */
    public void installShortcuts(Scene scene) {
        for (Shortcut shortcut : Shortcut.values()) {
            if (shortcut.isGlobal()) {
                scene.getAccelerators().put(shortcut.combination(), () -> run(shortcut));
            }
        }
    }

    private void run(Shortcut shortcut) {
        boolean sheetOpen = getChildren().stream().anyMatch(Sheet.class::isInstance);
        boolean typing = getScene().getFocusOwner() instanceof TextInputControl;
        if (sheetOpen || shortcut.isForNotes() && (typing || !desk.isVisible()) || shortcut == Shortcut.PLAY && typing) {
            return;
        }
        switch (shortcut) {
            case OPEN -> files.chooseAndOpen();
            case SAVE -> files.save();
            case SAVE_AS -> files.saveAs();
            case EXPORT -> openExport();
            case NEW -> files.take(Song.empty(Words.say("song.untitled")));
            case HISTORY -> openHistory();
            case COPY -> clipboard.copy();
            case CUT -> clipboard.cut();
            case PASTE -> clipboard.paste();
            case SELECT_ALL -> commands.selection().all();
            case DUPLICATE -> commands.duplicate();
            case PICK -> pick.toggle();
            case PLAY -> sound.toggle();
            case UNDO -> session.undo();
            case REDO -> session.redo();
            case FENCE -> openFence();
            case BEFORE_AFTER -> session.showingBefore().set(!session.showingBefore().get());
            case SETTLE -> changes.settle();
            case THEME -> toggleTheme();
            case SHORTCUTS -> openShortcuts();
            default -> throw new IllegalStateException(shortcut + " is no key for the whole window");
        }
    }

    /** Space plays and stops wherever the focus is, but in a text field or an open list; buttons answer to Enter. */
    private void playOrStop(KeyEvent event) {
        boolean list = getScene().getFocusOwner() instanceof ComboBoxBase<?> box && box.isShowing();
        if (Shortcut.PLAY.combination().match(event) && !list && !(event.getTarget() instanceof TextInputControl) && !desk.isDisabled()) {
            sound.toggle();
            event.consume();
        }
    }

    /** While B is held, the original shows. X leaves selected notes alone, T goes to the next take, O outlines another one. */
    private void peek(KeyEvent event, boolean down) {
        boolean free = !tryIt.plays(event) && !(event.getTarget() instanceof TextInputControl) && !event.isShortcutDown() && desk.isVisible();
        if (free && event.getCode() == KeyCode.B) {
            session.showingBefore().set(down);
            event.consume();
        } else if (free && down && !event.isAltDown() && typed(event)) {
            event.consume();
        }
    }

    private boolean typed(KeyEvent event) {
        switch (event.getCode()) {
            case X -> changes.toggleSelected();
            case T -> TakeSwitch.step(session, event.isShiftDown() ? -1 : 1);
            case O -> TakeSwitch.toggleOutline(session);
            default -> {
                return false;
            }
        }
        return true;
    }

    private void dragOver(DragEvent event) {
        if (event.getDragboard().hasFiles()) {
            event.acceptTransferModes(TransferMode.COPY);
        }
        event.consume();
    }

    private void dropped(DragEvent event) {
        List<Path> dropped = event.getDragboard().getFiles().stream().map(File::toPath).toList();
        if (!dropped.isEmpty()) {
            files.open(dropped.get(0));
        }
        event.setDropCompleted(!dropped.isEmpty());
        event.consume();
    }
}
