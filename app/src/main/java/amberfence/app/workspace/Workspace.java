package amberfence.app.workspace;

import amberfence.app.changes.ChangesView;
import amberfence.app.compare.ComparePage;
import amberfence.app.fence.FencePage;
import amberfence.app.files.AppFolder;
import amberfence.app.files.FileChoice;
import amberfence.app.files.PreferencesFile;
import amberfence.app.files.RecipeCollection;
import amberfence.app.files.ScaleCollection;
import amberfence.app.files.SongFiles;
import amberfence.app.handbook.HandbookRequest;
import amberfence.app.handbook.HandbookView;
import amberfence.app.hands.NoteClipboard;
import amberfence.app.hands.NoteCommands;
import amberfence.app.hands.NotesMenu;
import amberfence.app.head.HeadView;
import amberfence.app.keys.Shortcut;
import amberfence.app.ladder.LadderPanel;
import amberfence.app.notes.NotesTable;
import amberfence.app.parts.PartsView;
import amberfence.app.pick.PickView;
import amberfence.app.progression.ChordCommands;
import amberfence.app.progression.ChordMenus;
import amberfence.app.progression.ChordPanel;
import amberfence.app.progression.ProgressionView;
import amberfence.app.session.Session;
import amberfence.app.sheets.ChartSheet;
import amberfence.app.sheets.ExportSheet;
import amberfence.app.sheets.HistorySheet;
import amberfence.app.sheets.OnceSheet;
import amberfence.app.sheets.RecipePartsSheet;
import amberfence.app.sheets.RecipeSheet;
import amberfence.app.sheets.RunSheet;
import amberfence.app.sheets.SettingsSheet;
import amberfence.app.sheets.Sheet;
import amberfence.app.sheets.ShortcutsSheet;
import amberfence.app.sheets.SmoothSheet;
import amberfence.app.sheets.SoundSheet;
import amberfence.app.sheets.TimeSheet;
import amberfence.app.sheets.TitleSheet;
import amberfence.app.sound.KeyboardInput;
import amberfence.app.sound.Recorder;
import amberfence.app.sound.SoundDesk;
import amberfence.app.sound.SoundMenu;
import amberfence.app.steps.RecipeCommands;
import amberfence.app.steps.Settling;
import amberfence.app.steps.StepsView;
import amberfence.app.theme.Compartment;
import amberfence.app.theme.Theme;
import amberfence.app.through.ThroughView;
import amberfence.app.trouble.Troubles;
import amberfence.app.tryit.PianoView;
import amberfence.app.tryit.TryItView;
import amberfence.app.words.Words;
import amberfence.format.RecipeFile;
import amberfence.notes.Role;
import amberfence.song.Song;
import amberfence.step.StepSchema;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Scene;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The whole window: workspace, fence page, and sheets over them. */
public final class Workspace extends StackPane {
    private final Session session;
    private final AppFolder folder;
    private final SongFiles files;
    private final SoundDesk sound;
    private final Troubles troubles;
    private final Recorder recorder;
    private final KeyboardInput keyboard;
    private final BorderPane desk = new BorderPane();
    private final Navigator navigator;
    private final FileQuestions questions;
    private final WindowKeys keys;
    private final Drawer drawer;
    private final RecipeCommands recipes;
    private final Body body;
    private final NoteCommands commands;
    private final ChordCommands chords;
    private final Settling settling;
    private final ScaleCollection ownScales;
    private final PreferencesFile preferencesFile;
    private final Tours tours;
    private ChangesView changes;
    private Theme theme = Theme.PAPER;

    /** @param sound what the song is heard through */
    public Workspace(Session session, FileChoice choice, AppFolder folder, SoundDesk sound) {
        this.session = session;
        this.folder = folder;
        this.sound = sound;
        this.preferencesFile = new PreferencesFile(folder, session.preferences());
        String unreadable = preferencesFile.load();
        sound.takeKept();
        TroubleLine trouble = new TroubleLine();
        this.navigator = new Navigator(this, desk, this::focusLadder);
        this.questions = new FileQuestions(this, navigator, trouble, (sentence, cause) -> troubles().report(sentence, cause));
        this.files = new SongFiles(session, choice, folder, questions);
        this.troubles = new Troubles(folder.log(), files::keepWork, trouble::show);
        session.setTrouble(troubles::report);
        this.commands = new NoteCommands(session);
        NoteClipboard clipboard = new NoteClipboard(session, commands, folder.clips());
        this.recipes = new RecipeCommands(session, commands, new RecipeCollection(folder));
        this.chords = new ChordCommands(session);
        this.recorder = new Recorder(session, sound);
        this.keyboard = new KeyboardInput(session, sound);
        this.ownScales = new ScaleCollection(folder);
        this.settling = new Settling(session);
        this.drawer = new Drawer(session.preferences());
        LadderPanel ladder = new LadderPanel(session, commands, clipboard, new NotesMenu(session, commands, clipboard, this::openOnce, this::openRun),
                new ProgressionView(session, chords, new ChordMenus(session, chords, this::openChart, this::openSmooth),
                        () -> drawer.show("chords")), this::openFence);
        StepsColumn steps = new StepsColumn(session, new StepsView(session, settling, recipes, recipe -> navigator.show(RecipePartsSheet.of(session, recipes, recipe, navigator::closeSheet)),
                this::openRecipe));
        ladder.addTool(steps.call());
        this.body = new Body(session, new PartsView(session, clipboard, this::openCompare), ladder, drawer, steps,
                () -> new Welcome(files::chooseAndOpen, demo -> files.take(demo.song()), () -> PartsView.addPart(session, Role.MELODY),
                        this::openTime, this::openFence));
        fill(ladder, choice);
        setId("workspace");
        HeadView head = new HeadView(session, sound, soundMenu(), SongMenu.of(files, this),
                this::openFence, this::openTime, this::openHistory, files::chooseAndOpen, this::openExport);
        desk.setTop(new VBox(head, trouble));
        desk.setCenter(body);
        desk.setBottom(new Compartment(new StatusLine(session, files)));
        if (!unreadable.isEmpty()) {
            trouble.show(Words.say("preferences.unreadable", unreadable));
        }
        setOnDragOver(this::dragOver);
        setOnDragDropped(this::dropped);
        this.keys = new WindowKeys(this, navigator, commands, clipboard);
        this.tours = new Tours(this, session.preferences());
        addEventHandler(HandbookRequest.ASKED, event -> openHandbook(event.page()));
    }

    private void fill(LadderPanel ladder, FileChoice choice) {
        ChangesView changes = new ChangesView(session, ladder::reveal);
        drawer.add("changes", Shortcut.CHANGES, () -> changes);
        drawer.add("chords", Shortcut.CHORDS, () -> Drawer.scrolled(new ChordPanel(session, chords)));
        drawer.add("keys", Shortcut.KEYS, () -> Drawer.scrolled(new TryItView(session, sound, recorder, commands, keyboard, choice::toOpen)));
        drawer.add("pick", Shortcut.PICK, () -> Drawer.scrolled(new PickView(session, commands, this::focusLadder)));
        drawer.add("notes", Shortcut.NOTES, () -> new NotesTable(session, commands, ladder::reveal));
        drawer.add("velocities", Shortcut.VELOCITIES, ladder::velocities);
        drawer.add("overview", Shortcut.OVERVIEW, () -> Drawer.scrolled(ladder.overview()));
        ThroughView through = new ThroughView(session, commands, ladder::reveal, sound);
        drawer.add("through", Shortcut.THROUGH, () -> through);
        through.count().addListener((property, old, now) -> drawer.mark("through", now.intValue() == 0 ? "" : now.toString()));
        changes.count().addListener((property, old, now) -> drawer.mark("changes", now.intValue() == 0 ? "" : now.toString()));
        drawer.mark("changes", changes.count().get() == 0 ? "" : Integer.toString(changes.count().get()));
        this.changes = changes;
        drawer.restore();
    }

    RecipeCommands recipes() {
        return recipes;
    }

    Session session() {
        return session;
    }

    public SongFiles files() {
        return files;
    }

    /** Takes every error that nobody else does. */
    public Troubles troubles() {
        return troubles;
    }

    public SoundDesk sound() {
        return sound;
    }

    /** The MIDI keyboard that plays along, if one does. */
    public KeyboardInput keyboard() {
        return keyboard;
    }

    /** What opens and folds under the ladder. */
    Drawer drawer() {
        return body.drawer();
    }

    /** Opens a tab of the drawer by its name. */
    public void openTab(String name) {
        body.drawer().show(name);
    }

    /** Ends what is being recorded; it is kept. */
    void endRecording() {
        recorder.end();
    }

    /** Whether a key of the computer plays a note, so that it must do nothing else. */
    boolean playsKeys(KeyEvent event) {
        return event.getTarget() instanceof PianoView piano && piano.plays(event);
    }

    /** Leaves the selected notes alone, or moves them again. */
    void leaveSelected() {
        changes.toggleSelected();
    }

    /** Has the ladder take a key that was pressed elsewhere; returns whether it was not the ladder's already. */
    boolean typedForNotes(KeyEvent event) {
        return body.ladder().take(event);
    }

    void settle() {
        settling.settle();
    }

    /** Shows the steps where the window is too narrow for them, or puts them away; else they get the focus. */
    void callSteps() {
        body.steps().toggle();
    }

    /**
     * Asks whether to wait when the window is to be closed while files are being written.
     *
     * @param close closes the window
     * @return whether it may close at once
     */
    public boolean mayClose(Runnable close) {
        return questions.mayClose(close);
    }

    public void openExport() {
        navigator.show(ExportSheet.of(session, files, navigator::closeSheet, () -> drawer.show("through")));
    }

    /** Opens the handbook where one would begin to read. */
    public void openHandbook() {
        openHandbook("");
    }

    /** Opens the handbook at a page, by its name. */
    public void openHandbook(String name) {
        navigator.closeSheet();
        HandbookView page = navigator.page(HandbookView.class, () -> new HandbookView(navigator::closePage, song -> {
            navigator.closePage();
            files.take(song);
        }, this::openShortcuts, tours::begin));
        navigator.open(page, () -> { });
        page.open(name);
    }

    /** At the first start of all, asks whether one would like the tour. */
    public void offerTour() {
        tours.offer();
    }

    /** Begins the tour on the demo. */
    void beginTour() {
        tours.begin();
    }

    /** Puts a page away, if one is open. */
    void closePage() {
        if (navigator.isPageOpen()) {
            navigator.closePage();
        }
    }

    public void openShortcuts() {
        navigator.show(ShortcutsSheet.of(navigator::closeSheet));
    }

    public void openHistory() {
        navigator.show(HistorySheet.of(session, navigator::closeSheet));
    }

    /** Opens what can be set about the window. */
    public void openSettings() {
        navigator.show(SettingsSheet.of(session, theme, chosen -> {
            setTheme(chosen);
            session.preferences().choose("theme", chosen);
        }, soundMenu(), keyboard, folder.unsaved(), navigator::closeSheet));
    }

    /** Opens the title of the song. */
    public void openTitle() {
        navigator.show(TitleSheet.of(session, navigator::closeSheet));
    }

    /** What else can be played, and on what. */
    public SoundMenu soundMenu() {
        return new SoundMenu(session, sound, files::soundsToPlayWith, this::openSound);
    }

    /** Opens metre and tempo of the song. */
    public void openTime() {
        navigator.show(TimeSheet.of(session, navigator::closeSheet));
    }

    /** Opens what writes a sound file. */
    public void openSound() {
        navigator.show(SoundSheet.of(session, sound, files, navigator::closeSheet));
    }

    /** Opens the sheet in which the steps of the part are kept as a recipe. */
    public void openRecipe() {
        ofAPart(() -> RecipeSheet.of(session, new RecipeCollection(folder), files, navigator::closeSheet));
    }

    /** Opens the sheet that puts in a run along a scale or a chord. */
    public void openRun() {
        ofAPart(() -> RunSheet.of(session, commands, navigator::closeSheet));
    }

    private void ofAPart(Supplier<Sheet> sheet) {
        if (session.part().isEmpty()) {
            session.say(Words.say("status.noPart"));
        } else {
            navigator.show(sheet.get());
        }
    }

    /** Opens the settings of a step that is done once to the selected notes. */
    public void openOnce(StepSchema<?> kind) {
        ofAPart(() -> OnceSheet.of(session, commands, kind, navigator::closeSheet));
    }

    /** Opens the sheet into which a chord chart is pasted. */
    public void openChart() {
        navigator.show(ChartSheet.of(session, chords, files, navigator::closeSheet));
    }

    /** Opens the settings of the smoothest voicings. */
    public void openSmooth() {
        navigator.show(SmoothSheet.of(session, chords, navigator::closeSheet));
    }

    /** Opens the fence page at the key under the playhead. */
    public void openFence() {
        Song song = session.song();
        openFence(song.fence().keys().indexAt(song.time().barOf(session.transport().playhead().get())));
    }

    private void openFence(int span) {
        FencePage page = navigator.page(FencePage.class, () -> new FencePage(session, ownScales, navigator::closePage));
        navigator.open(page, () -> page.begin(span));
    }

    /** Opens the page on which two versions of the selected part are compared. */
    public void openCompare() {
        if (session.part().isEmpty()) {
            session.say(Words.say("compare.noPart"));
            return;
        }
        ComparePage page = navigator.page(ComparePage.class, () -> new ComparePage(session, navigator::closePage));
        navigator.open(page, page::begin);
    }

    /** The ladder is where the work is; it has the focus to begin with. */
    public void focusLadder() {
        body.ladder().focusLadder();
    }

    public void setTheme(Theme chosen) {
        theme = chosen;
        theme.apply(this);
    }

    void toggleTheme() {
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
        keys.install(scene);
    }

    private void dragOver(DragEvent event) {
        if (event.getDragboard().hasFiles()) {
            event.acceptTransferModes(TransferMode.COPY);
        }
        event.consume();
    }

    private void dropped(DragEvent event) {
        List<Path> dropped = event.getDragboard().getFiles().stream().map(File::toPath).toList();
        if (!dropped.isEmpty() && dropped.stream().allMatch(RecipeFile::isOne)) {
            dropped.forEach(file -> files.keep(new RecipeCollection(folder), file));
        } else if (!dropped.isEmpty()) {
            files.open(dropped.get(0));
        }
        event.setDropCompleted(!dropped.isEmpty());
        event.consume();
    }
}
