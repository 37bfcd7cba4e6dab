package amberfence.app.session;

import amberfence.app.words.Words;
import amberfence.app.work.Computations;
import amberfence.app.work.Frames;
import amberfence.format.FileState;
import amberfence.format.project.ProjectDocument;
import amberfence.song.Fence;
import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.song.StepSlot;
import amberfence.step.Step;
import amberfence.theory.ChordKind;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.LongProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleLongProperty;
import javafx.beans.property.SimpleObjectProperty;

/**
 * The open song and all that views share: they read it, and send it edits by name. Used on the interface thread only;
 * results of long songs are computed elsewhere and arrive there.
 */
public final class Session {
    private static final String RESULTS = "results";

    private final ReadOnlyObjectWrapper<Results> results = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper working = new ReadOnlyBooleanWrapper();
    private final ObjectProperty<Fence> tryOn = new SimpleObjectProperty<>();
    private final ObjectProperty<Integer> selectedPart = new SimpleObjectProperty<>();
    private final ObjectProperty<Long> openStep = new SimpleObjectProperty<>();
    private final ObjectProperty<Set<Long>> selectedNotes = new SimpleObjectProperty<>(Set.of());
    private final BooleanProperty showingBefore = new SimpleBooleanProperty();
    private final LongProperty playhead = new SimpleLongProperty();
    private final ObjectProperty<Integer> outlinedTake = new SimpleObjectProperty<>();
    private final ObjectProperty<Set<Long>> selectedChords = new SimpleObjectProperty<>(Set.of());
    private final ObjectProperty<Optional<ChordKind>> chordBrush = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<TimeAxis> timeAxis = new SimpleObjectProperty<>(TimeAxis.NONE);
    private final ObjectProperty<Optional<TickRange>> loop = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<HeardInstead>> heardInstead = new SimpleObjectProperty<>(Optional.empty());
    private final SnapGrid snap = new SnapGrid();
    private final LivePick pick;
    private final ObjectProperty<Path> file = new SimpleObjectProperty<>();
    private final ObjectProperty<String> message = new SimpleObjectProperty<>("");
    private final Computations computations = new Computations();
    private final Frames frames = new Frames();
    private final Preferences preferences = new Preferences();
    private final ReadOnlyLongWrapper revision = new ReadOnlyLongWrapper();
    private final LongEdits longEdits = new LongEdits(computations, this::song, (name, song) -> edit(name, same -> song),
            this::tellWorking);
    private final long historyBytes;
    private boolean computing;
    private long number;
    private ProjectDocument document;
    private Optional<FileState> onDisk = Optional.empty();
    private History history;
    /** The last song of the history of which the results are known. */
    private Song computed;

    public Session(Song song) {
        this(song, Runtime.getRuntime().maxMemory() / 8);
    }

    /** @param historyBytes how much memory the states to go back to may take */
    Session(Song song, long historyBytes) {
        this.historyBytes = historyBytes;
        pick = new LivePick(this);
        tryOn.addListener((property, old, now) -> refresh());
        open(ProjectDocument.of(song), null);
    }

    /** Where it is told that something could not be computed: a sentence, and what was thrown. */
    public void setTrouble(BiConsumer<String, Throwable> told) {
        computations.setTrouble(told);
    }

    /** Where all that takes long is worked out. */
    public Computations computations() {
        return computations;
    }

    /** How the person likes the window. */
    public Preferences preferences() {
        return preferences;
    }

    /** Where views ask to be brought up to date. */
    public Frames frames() {
        return frames;
    }

    /** Puts another song in place of the open one; history begins anew. */
    public void open(ProjectDocument opened, Path from) {
        open(opened, from, Optional.empty());
    }

    /** @param state what stands in the file */
    public void open(ProjectDocument opened, Path from, Optional<FileState> state) {
        number++;
        longEdits.stop();
        document = opened;
        onDisk = state;
        history = new History(opened.song(), historyBytes);
        computed = opened.song();
        file.set(from);
        tryOn.set(null);
        showingBefore.set(false);
        playhead.set(0);
        selectedNotes.set(Set.of());
        selectedPart.set(null);
        loop.set(Optional.empty());
        heardInstead.set(Optional.empty());
        pick.rule().set(Optional.empty());
        selectedChords.set(Set.of());
        if (Effort.isLong(opened.song())) {
            results.set(Results.untouched(opened.song()));
        }
        refresh();
        selectPart(opened.song().parts().isEmpty() ? null : opened.song().parts().get(0).id());
    }

    /** Opens work that was not saved: it counts as changed from the beginning. */
    public void openUnsaved(ProjectDocument opened, Optional<Path> project, Optional<FileState> state) {
        open(opened, project.orElse(null), state);
        history.markSaved(null);
        refresh();
    }

    /** What there is to be saved now. */
    public WorkState state() {
        return new WorkState(number, document(), Optional.ofNullable(file.get()), onDisk, history.editsSinceSaved(), isChanged());
    }

    /** Changes whenever what there is to be saved does; see {@link #state}. */
    public ReadOnlyLongProperty revision() {
        return revision.getReadOnlyProperty();
    }

    /** The song as it is, without what is being tried on. */
    public Song song() {
        return history.current();
    }

    /** The song and its JSON as they are to be saved. */
    public ProjectDocument document() {
        return document.withSong(song());
    }

    /** Changes the song; the name is what undo will say. An edit that changes nothing leaves no trace. */
    public void edit(String name, UnaryOperator<Song> edit) {
        Song before = song();
        Song after = edit.apply(before);
        if (!after.equals(before)) {
            history.add(name, after);
            message.set("");
            refresh();
        }
    }

    /** Changes the song, where working that out may take long: it is done elsewhere then, after the long edits before it. */
    public void edit(LongEdit<?> edit) {
        longEdits.add(edit);
    }

    private void tellWorking() {
        working.set(computing || longEdits.isWaiting());
    }

    private void setComputing(boolean now) {
        computing = now;
        tellWorking();
    }

    /** Changes the selected part. */
    public void editPart(String name, UnaryOperator<Part> edit) {
        part().ifPresent(part -> edit(name, song -> song.withPart(part.id(), edit)));
    }

    /** Changes one step of the selected part. */
    public void editStep(String name, long slotId, UnaryOperator<StepSlot> edit) {
        editPart(name, part -> part.withSteps(part.steps().stream()
                .map(slot -> slot.id() == slotId ? edit.apply(slot) : slot).toList()));
    }

    /** Goes back by one edit; one that is still being worked out is not done then. */
    public void undo() {
        if (longEdits.isWaiting()) {
            longEdits.stop();
            return;
        }
        history.undo();
        refresh();
    }

    public void redo() {
        history.redo();
        refresh();
    }

    /** The names of all edits in order, those undone included; the first stands for the beginning and is empty. */
    public List<String> edits() {
        return history.names();
    }

    /** How many edits at the beginning were let go, because the memory for going back is bounded. */
    public int editsLetGo() {
        return history.letGo();
    }

    /** How many of the edits hold now. */
    public int editsDone() {
        return history.place();
    }

    /** Goes to the state after so many edits. */
    public void goTo(int edits) {
        history.goTo(edits);
        refresh();
    }

    /** Adds a step behind the others of a part; it is open then. */
    public void addStep(int partId, String name, Function<Song, Step> make) {
        long slot = song().nextId();
        edit(name, song -> song.plusStep(partId, make.apply(song)));
        openStep.set(slot);
    }

    public Optional<String> undoName() {
        return history.undoName();
    }

    public Optional<String> redoName() {
        return history.redoName();
    }

    /** Whether there is work that was not saved, also such as is still being worked out. */
    public boolean isChanged() {
        return history.isChanged() || longEdits.isWaiting();
    }

    /**
     * A song was saved, as it was then. When another one is open by now, nothing changes here.
     *
     * @param saved what was written
     * @return whether it is the open song
     */
    public boolean markSaved(WorkState saved, Path to, FileState state) {
        if (saved.number() != number) {
            return false;
        }
        history.markSaved(saved.content().song());
        file.set(to);
        onDisk = Optional.of(state);
        refresh();
        return true;
    }

    private void refresh() {
        revision.set(revision.get() + 1);
        Song song = history.current();
        Song shown = tryOn.get() == null ? song : song.withFence(tryOn.get());
        Results before = results.get();
        computations.stop(RESULTS);
        if (!Effort.isLong(shown)) {
            setComputing(false);
            try {
                arrived(song, Results.of(shown, before));
            } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
                giveUp(e);
            }
            return;
        }
        setComputing(true);
        Integer part = selectedPart.get();
        computations.ask(RESULTS, () -> Results.of(shown, before).prepared(part), fresh -> {
            setComputing(false);
            arrived(song, fresh);
        }, cause -> {
            setComputing(false);
            giveUp(cause);
        });
    }

    private void arrived(Song song, Results fresh) {
        computed = song;
        show(fresh);
    }

    /** What cannot be worked out leaves the song as it was before. */
    private void giveUp(Throwable cause) {
        boolean changed = history.current() != computed;
        history.returnTo(computed);
        tryOn.set(null);
        revision.set(revision.get() + 1);
        computations.trouble().accept(Words.say(changed ? "session.gaveUp" : "session.failed"), cause);
    }

    /** Whether the open song is long enough that work on it must not keep the interface waiting. */
    public boolean isLong() {
        return Effort.isLong(song());
    }

    private void show(Results fresh) {
        List<Part> parts = fresh.song().parts();
        if (selectedPart.get() != null && fresh.song().find(selectedPart.get()).isEmpty()) {
            selectedPart.set(parts.isEmpty() ? null : parts.get(0).id());
        }
        keepAStepOpen(fresh.song());
        results.set(fresh);
    }

    /** Another take has steps of its own: where a step was open, the one in its place is open then, else the first. */
    private void keepAStepOpen(Song song) {
        Optional<Part> part = selectedPart.get() == null ? Optional.empty() : song.find(selectedPart.get());
        if (openStep.get() == null || part.isEmpty() || part.get().steps().isEmpty()
                || part.get().step(openStep.get()).isPresent()) {
            return;
        }
        int place = results.get() == null ? 0 : results.get().song().find(selectedPart.get())
                .map(old -> old.steps().stream().map(StepSlot::id).toList().indexOf(openStep.get())).orElse(0);
        List<StepSlot> steps = part.get().steps();
        openStep.set(steps.get(Math.max(0, Math.min(place, steps.size() - 1))).id());
    }

    /** What the parts come to, with the fence that is being tried on, if one is. Changes with every edit. */
    public ReadOnlyObjectProperty<Results> results() {
        return results.getReadOnlyProperty();
    }

    /** True while a long song is being worked out. */
    public ReadOnlyBooleanProperty working() {
        return working.getReadOnlyProperty();
    }

    /** A fence to look through without choosing it, or null. */
    public ObjectProperty<Fence> tryOn() {
        return tryOn;
    }

    public ObjectProperty<Integer> selectedPart() {
        return selectedPart;
    }

    /** Selects a part and opens its first step; one that is gone, as a card may not yet know, is not selected. */
    public void selectPart(Integer id) {
        if (id != null && song().find(id).isEmpty()) {
            return;
        }
        selectedNotes.set(Set.of());
        outlinedTake.set(null);
        openStep.set(id == null ? null : song().part(id).steps().stream().findFirst().map(StepSlot::id).orElse(null));
        selectedPart.set(id);
    }

    /** The selected part as it is shown now. */
    public Optional<Part> part() {
        return selectedPart.get() == null ? Optional.empty() : results.get().song().find(selectedPart.get());
    }

    public ObjectProperty<Long> openStep() {
        return openStep;
    }

    public ObjectProperty<Set<Long>> selectedNotes() {
        return selectedNotes;
    }

    /** The selected notes of a line, in its order. */
    public List<Note> selectedIn(Line line) {
        Set<Long> selected = selectedNotes.get();
        return selected.isEmpty() ? List.of() : line.notes().stream().filter(note -> selected.contains(note.id())).toList();
    }

    /** The take of the selected part that is drawn as outlines over the current one; null for none. */
    public ObjectProperty<Integer> outlinedTake() {
        return outlinedTake;
    }

    /** Identities of the selected chords of the progression. */
    public ObjectProperty<Set<Long>> selectedChords() {
        return selectedChords;
    }

    /** The kind of chord that a click into the ladder puts on the note that is clicked, while there is one. */
    public ObjectProperty<Optional<ChordKind>> chordBrush() {
        return chordBrush;
    }

    /** Which stretch of time the ladder shows; what stands above and below it lines up with that. */
    public ObjectProperty<TimeAxis> timeAxis() {
        return timeAxis;
    }

    /** The stretch in which playing goes round. */
    public ObjectProperty<Optional<TickRange>> loop() {
        return loop;
    }

    /** What is heard in place of a part, while two versions are compared. */
    public ObjectProperty<Optional<HeardInstead>> heardInstead() {
        return heardInstead;
    }

    /** The grid on which hands put notes. */
    public SnapGrid snap() {
        return snap;
    }

    /** The pick that is being put together. */
    public LivePick pick() {
        return pick;
    }

    public BooleanProperty showingBefore() {
        return showingBefore;
    }

    public LongProperty playhead() {
        return playhead;
    }

    /** The project file, or null for a song that has none yet. */
    public ReadOnlyObjectProperty<Path> file() {
        return file;
    }

    /** One sentence for the status line, or nothing. */
    public ObjectProperty<String> message() {
        return message;
    }
}
