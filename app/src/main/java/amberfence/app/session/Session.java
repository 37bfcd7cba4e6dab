package amberfence.app.session;

import amberfence.app.words.Words;
import amberfence.app.work.Computations;
import amberfence.app.work.Frames;
import amberfence.format.FileState;
import amberfence.format.project.ProjectDocument;
import amberfence.notes.Fence;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Step;
import amberfence.step.StepSlot;
import amberfence.theory.ChordKind;
import amberfence.theory.SpelledPitch;
import amberfence.theory.Spelling;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/**
 * The open song and all that views share: they read it, and send it edits by name. Used on the interface thread only;
 * results of long songs are computed elsewhere and arrive there.
 */
public final class Session {
    private static final String RESULTS = "results";

    private final ReadOnlyObjectWrapper<Results> results = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper working = new ReadOnlyBooleanWrapper();
    private final ReadOnlyObjectWrapper<Fence> tryOn = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Long> triedWithout = new ReadOnlyObjectWrapper<>();
    private final Selection selection = new Selection(this::song);
    private final Transport transport = new Transport();
    private final ReadOnlyObjectWrapper<Optional<ChordKind>> chordBrush = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<TimeAxis> timeAxis = new ReadOnlyObjectWrapper<>(TimeAxis.NONE);
    private final SnapGrid snap = new SnapGrid();
    private final LivePick pick;
    private final ReadOnlyObjectWrapper<Path> file = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyStringWrapper message = new ReadOnlyStringWrapper("");
    private final Computations computations = new Computations();
    private final Frames frames = new Frames();
    private final Preferences preferences = new Preferences();
    private final ReadOnlyLongWrapper revision = new ReadOnlyLongWrapper();
    private final LongEdits longEdits = new LongEdits(computations, this::song, (name, song) -> edit(name, same -> song),
            this::tellWorking);
    private final long historyBytes;
    private boolean computing;
    private long number;
    private Document document;

    public Session(Song song) {
        this(song, Runtime.getRuntime().maxMemory() / 8);
    }

    /** @param historyBytes how much memory the states to go back to may take */
    Session(Song song, long historyBytes) {
        this.historyBytes = historyBytes;
        pick = new LivePick(this);
        tryOn.addListener((property, old, now) -> refresh());
        triedWithout.addListener((property, old, now) -> refresh());
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

    /** In which octave the person has middle C: 3, 4 or 5. */
    public int middleC() {
        return (int) Math.max(3, Math.min(5, preferences.number("middle-c", SpelledPitch.MIDDLE_C_OCTAVE)));
    }

    /** Has octaves numbered so that middle C is in another one; everything is named anew. */
    public void setMiddleC(int octave) {
        preferences.keep("middle-c", Integer.toString(octave));
        refresh();
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
        document = new Document(number, opened, state, historyBytes);
        file.set(from);
        tryOn.set(null);
        triedWithout.set(null);
        selection.clear();
        transport.clear();
        pick.choose(Optional.empty());
        if (Effort.isLong(opened.song())) {
            results.set(Results.untouched(opened.song(), middleC()));
        }
        refresh();
        selection.selectPart(opened.song().parts().isEmpty() ? null : opened.song().parts().get(0).id());
    }

    /** Opens work that was not saved: it counts as changed from the beginning. */
    public void openUnsaved(ProjectDocument opened, Optional<Path> project, Optional<FileState> state) {
        open(opened, project.orElse(null), state);
        document.history().markSaved(null);
        refresh();
    }

    /** What there is to be saved now. */
    public WorkState state() {
        return document.state(Optional.ofNullable(file.get()), isChanged());
    }

    /** Changes whenever what there is to be saved does; see {@link #state}. */
    public ReadOnlyLongProperty revision() {
        return revision.getReadOnlyProperty();
    }

    /** The song as it is, without what is being tried on. */
    public Song song() {
        return document.song();
    }

    /** The song and its JSON as they are to be saved. */
    public ProjectDocument document() {
        return document.content();
    }

    /** Changes the song; the name is what undo will say. An edit that changes nothing leaves no trace. */
    public void edit(String name, UnaryOperator<Song> edit) {
        Song before = song();
        Song after = edit.apply(before);
        if (!after.equals(before)) {
            document.history().add(name, after);
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
        editPart(name, part -> part.withStep(slotId, edit));
    }

    /** Goes back by one edit; one that is still being worked out is not done then. */
    public void undo() {
        if (longEdits.isWaiting()) {
            longEdits.stop();
            return;
        }
        document.history().undo();
        refresh();
    }

    public void redo() {
        document.history().redo();
        refresh();
    }

    /** The names of all edits in order, those undone included; the first stands for the beginning and is empty. */
    public List<String> edits() {
        return document.history().names();
    }

    /** How many edits at the beginning were let go, because the memory for going back is bounded. */
    public int editsLetGo() {
        return document.history().letGo();
    }

    /** How many of the edits hold now. */
    public int editsDone() {
        return document.history().place();
    }

    /** Goes to the state after so many edits. */
    public void goTo(int edits) {
        document.history().goTo(edits);
        refresh();
    }

    /** Adds a step behind the others of a part; it is open then. */
    public void addStep(int partId, String name, Function<Song, Step> make) {
        long slot = song().nextId();
        edit(name, song -> song.plusStep(partId, make.apply(song)));
        selection.openStep(slot);
    }

    public Optional<String> undoName() {
        return document.history().undoName();
    }

    public Optional<String> redoName() {
        return document.history().redoName();
    }

    /** Whether there is work that was not saved, also such as is still being worked out. */
    public boolean isChanged() {
        return document.history().isChanged() || longEdits.isWaiting();
    }

    /**
     * A song was saved, as it was then. When another one is open by now, nothing changes here.
     *
     * @param saved what was written
     * @return whether it is the open song
     */
    public boolean markSaved(WorkState saved, Path to, FileState state) {
        boolean same = document.markSaved(saved, state);
        if (same) {
            file.set(to);
            refresh();
        }
        return same;
    }

    private void refresh() {
        revision.set(revision.get() + 1);
        Song song = song();
        Song shown = shown(song);
        Results before = results.get();
        int middleC = middleC();
        computations.stop(RESULTS);
        if (!Effort.isLong(shown)) {
            setComputing(false);
            try {
                arrived(song, Results.of(shown, before, middleC));
            } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
                giveUp(e);
            }
            return;
        }
        setComputing(true);
        Integer part = selection.part().get();
        computations.ask(RESULTS, () -> Results.of(shown, before, middleC).prepared(part), fresh -> {
            setComputing(false);
            arrived(song, fresh);
        }, cause -> {
            setComputing(false);
            giveUp(cause);
        });
    }

    private void arrived(Song song, Results fresh) {
        document.computed(song);
        selection.follow(results.get() == null ? song : results.get().song(), fresh.song());
        results.set(fresh);
    }

    /** The song with what is being tried. */
    private Song shown(Song song) {
        Song shown = tryOn.get() == null ? song : song.withFence(tryOn.get());
        Long without = triedWithout.get();
        return without == null ? shown : shown.withParts(shown.parts().stream().map(part -> part.step(without).isEmpty() ? part
                : part.withStep(without, slot -> slot.withOn(false))).toList());
    }

    /** What cannot be worked out leaves the song as it was before. */
    private void giveUp(Throwable cause) {
        boolean changed = document.returnToComputed();
        tryOn.set(null);
        triedWithout.set(null);
        revision.set(revision.get() + 1);
        computations.trouble().accept(Words.say(changed ? "session.gaveUp" : "session.failed"), cause);
    }

    /** Whether the open song is long enough that work on it must not keep the interface waiting. */
    public boolean isLong() {
        return Effort.isLong(song());
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
    public ReadOnlyObjectProperty<Fence> tryOn() {
        return tryOn.getReadOnlyProperty();
    }

    /** Looks through a fence without choosing it; null ends that. */
    public void tryOn(Fence fence) {
        tryOn.set(fence);
    }

    /** The slot of a step that is passed over in what is seen and heard, without being switched off; null for none. */
    public ReadOnlyObjectProperty<Long> triedWithout() {
        return triedWithout.getReadOnlyProperty();
    }

    /** Looks and listens without a step, as long as that is asked for; null ends it. */
    public void tryWithout(Long slot) {
        triedWithout.set(slot);
    }

    /** What the hands work on. */
    public Selection selection() {
        return selection;
    }

    /** Where the song is played. */
    public Transport transport() {
        return transport;
    }

    /** The selected part as it is shown now. */
    public Optional<Part> part() {
        return selection.part().get() == null ? Optional.empty() : results.get().song().find(selection.part().get());
    }

    /** The selected part as the song has it now; what is shown may be a moment older. */
    public Optional<Part> partNow() {
        return part().flatMap(part -> song().find(part.id()));
    }

    /** How notes are named and numbered at the playhead. */
    public Spelling spelling() {
        return results.get().fence().spellingAt(transport.playhead().get());
    }

    /** The kind of chord that a click into the ladder puts on the note that is clicked, while there is one. */
    public ReadOnlyObjectProperty<Optional<ChordKind>> chordBrush() {
        return chordBrush.getReadOnlyProperty();
    }

    /** Has clicks into the ladder put chords, or notes again. */
    public void holdBrush(Optional<ChordKind> kind) {
        chordBrush.set(kind);
    }

    /** Which stretch of time the ladder shows; what stands above and below it lines up with that. */
    public ReadOnlyObjectProperty<TimeAxis> timeAxis() {
        return timeAxis.getReadOnlyProperty();
    }

    /** The ladder shows another stretch of time. */
    public void showTime(TimeAxis axis) {
        timeAxis.set(axis);
    }

    /** The grid on which hands put notes. */
    public SnapGrid snap() {
        return snap;
    }

    /** The pick that is being put together. */
    public LivePick pick() {
        return pick;
    }

    /** The project file, or null for a song that has none yet. */
    public ReadOnlyObjectProperty<Path> file() {
        return file.getReadOnlyProperty();
    }

    /** One sentence for the status line, or nothing. */
    public ReadOnlyStringProperty message() {
        return message.getReadOnlyProperty();
    }

    /** Says a sentence in the status line, until the next edit. */
    public void say(String sentence) {
        message.set(sentence);
    }
}
