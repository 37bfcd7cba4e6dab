package amberfence.app.hands;

import amberfence.analysis.Mend;
import amberfence.app.session.Effort;
import amberfence.app.session.LongEdit;
import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.edit.Clip;
import amberfence.edit.HandEdits;
import amberfence.edit.LineEdit;
import amberfence.edit.Mending;
import amberfence.edit.RecipeEdits;
import amberfence.notes.FenceLine;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.Role;
import amberfence.reading.SoundingChords;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Finding;
import amberfence.step.Outcome;
import amberfence.step.Step;
import amberfence.step.StepWords;
import amberfence.step.Surroundings;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.move.Move;
import amberfence.step.recipe.Recipe;
import amberfence.theory.Spelling;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToIntBiFunction;
import java.util.function.UnaryOperator;
import java.util.stream.LongStream;

/**
 * What can be done to the notes of the selected part by hand. Everything goes to the notes behind the steps; the original
 * of an imported part is kept and a take edited instead. What finds nothing to do says so.
 */
public final class NoteCommands {
    private static final int LOUDER = 5;
    private final Session session;
    private final NoteSelection selection;
    private Clip clip = new Clip(Line.EMPTY, 480);

    public NoteCommands(Session session) {
        this.session = session;
        this.selection = new NoteSelection(session);
    }

    /** Chooses notes. */
    public NoteSelection selection() {
        return selection;
    }

    private Part part() {
        return session.song().part(session.selection().part().get());
    }

    private Song song() {
        return session.song();
    }

    /** The selected notes of the part before its steps; when there are none, says why. */
    private Optional<NoteSet> chosen() {
        NoteSet chosen = selection.source();
        if (!chosen.isEmpty()) {
            return Optional.of(chosen);
        }
        session.say(Words.say(session.selection().notes().get().isEmpty() ? "hands.selectFirst" : "hands.made"));
        return Optional.empty();
    }

    private HandEdits hands() {
        return new HandEdits(Words.say("parts.takeName", part().takes().size() + 1));
    }

    private void edit(String name, UnaryOperator<Song> edit) {
        Song before = song();
        int takes = part().takes().size();
        session.edit(name, edit);
        if (song() == before) {
            session.say(Words.say("hands.nothing", name));
        } else {
            tellTakeMade(takes);
        }
    }

    /** What a step decides may take long; what it found is told, and when it changed nothing, that. */
    private void editLong(String name, ToIntBiFunction<Part, Song> size, Function<Song, HandEdits.Done> work) {
        int id = part().id();
        int takes = part().takes().size();
        session.edit(new LongEdit<>(name, song -> song.find(id).map(part -> size.applyAsInt(part, song)).orElse(0),
                song -> song.find(id).map(part -> work.apply(song)).orElseGet(() -> new HandEdits.Done(song, Outcome.unchanged(Line.EMPTY, List.of()))),
                HandEdits.Done::song, done -> {
            if (!Integer.valueOf(id).equals(session.selection().part().get())) {
                return;
            }
            if (!done.outcome().findings().isEmpty()) {
                tell(done.outcome().findings().get(0));
            } else if (done.outcome().changes().isEmpty()) {
                session.say(Words.say("hands.asTheyAre", Words.count("noteCount", done.outcome().considered())));
            } else {
                tellTakeMade(takes);
            }
        }));
    }

    private void tellTakeMade(int takesBefore) {
        if (part().takes().size() > takesBefore) {
            session.say(Words.say("hands.originalKept", part().name(), part().take().name()));
        }
    }

    private void editChosen(String words, Function<NoteSet, LineEdit> edit) {
        chosen().ifPresent(chosen -> editLine(counted(words, chosen), edit.apply(chosen)));
    }

    private void editLine(String name, LineEdit edit) {
        edit(name, song -> hands().edit(song, part().id(), edit));
    }

    /**
     * Edits the notes of the part.
     *
     * @param words name of the words for undo, which take what was typed
     */
    public void edit(String words, String typed, LineEdit edit) {
        editLine(Words.say(words, typed), edit);
    }

    private static String counted(String words, NoteSet notes) {
        return Words.say("hands.counted", words, Words.count("noteCount", notes.ids().size()));
    }

    /** Moves what is heard of the selected notes; the pitches of drums count in semitones. */
    public void move(Move.Unit by, int amount) {
        chosen().ifPresent(chosen -> {
            int id = part().id();
            Move.Unit unit = part().isDrums() && by == Move.Unit.DEGREES ? Move.Unit.SEMITONES : by;
            boolean direct = session.transport().showingBefore().get();
            HandEdits hands = hands();
            editLong(counted(moveWords(unit, amount), chosen), Effort::of, song -> {
                Part part = song.part(id);
                Line heard = direct ? part.line() : PartResult.of(song, part).line();
                Outcome outcome = moved(song.fence().along(song.time()), song, part, unit, amount, chosen.in(heard));
                return new HandEdits.Done(outcome.changes().isEmpty() ? song
                        : direct ? hands.edit(song, id, LineEdit.pitches(outcome.out().pitches()))
                        : hands.hearAt(song, id, outcome.out().pitches()), outcome);
            });
        });
    }

    private static Outcome moved(FenceLine fence, Song song, Part part, Move.Unit by, int amount, List<Note> notes) {
        return new Move(by, amount).apply(Line.of(notes), Surroundings.of(fence, song.time(),
                part.isDrums() ? Role.FIGURE : part.role(), SoundingChords.NONE));
    }

    /**
     * Takes the way out of a place that was found, for a note of the part: to a pitch as it is heard, all else in the note itself.
     *
     * @param words name it for undo
     */
    public void mend(String words, Mend mend) {
        int id = part().id();
        HandEdits hands = hands();
        Map<Long, Integer> pitches = mend instanceof Mend.ToPitch to ? Map.of(to.note(), to.pitch())
                : mend instanceof Mend.WholeChord chord ? chord.pitches() : Map.of();
        if (!pitches.isEmpty()) {
            editLong(words, Effort::of, song -> new HandEdits.Done(hands.hearAt(song, id, pitches), Outcome.unchanged(Line.EMPTY, List.of())));
        } else if (mend.notes().isEmpty() || mend instanceof Mend.Allow) {
            session.edit(words, song -> Mending.mended(song, id, mend));
        } else {
            session.edit(words, song -> hands.edit(song, id, (line, fresh) -> Mending.mended(song, id, mend).part(id).line()));
        }
    }

    /** For example "up a degree". */
    public String moveWords(Move.Unit by, int amount) {
        return Words.say(amount < 0 ? "hands.down" : "hands.up",
                Words.count("hands." + by.name().toLowerCase(Locale.ROOT), Math.abs(amount)));
    }

    /** Where some notes, as they are heard, would be after a move; where they are when there is no room. */
    public Outcome preview(Move.Unit by, int amount, List<Note> notes) {
        return moved(session.results().get().fence(), song(), part(), by, amount, notes);
    }

    /** The line as it is shown: what the steps make, or the original. */
    public Line heard() {
        return session.transport().showingBefore().get() ? part().line() : session.results().get().part(part().id()).line();
    }

    private void tell(Finding finding) {
        Spelling spelling = session.results().get().fence().spellingAt(finding.note().map(Note::start).orElse(0L));
        session.say(StepWords.of(spelling).sentence(finding));
    }

    /** Moves the selected notes in time. */
    public void shift(long ticks) {
        editChosen(Words.say(ticks < 0 ? "hands.earlier" : "hands.later"), chosen -> LineEdit.shift(chosen, ticks));
    }

    /** Moves the selected notes by a cell of the grid, from where the first of them stands. */
    public void nudge(boolean later) {
        chosen().ifPresent(chosen -> {
            long first = chosen.in(part().line()).get(0).start();
            var lines = session.snap().lines(song().time(), first);
            shift(lines.map(grid -> (later ? grid.after(first) : grid.before(first)) - first).orElse(later ? 1L : -1L));
        });
    }

    public void moveEnds(long ticks) {
        editChosen(Words.say("hands.ends"), chosen -> LineEdit.moveEnds(chosen, ticks));
    }

    public void moveStarts(long ticks) {
        editChosen(Words.say("hands.starts"), chosen -> LineEdit.moveStarts(chosen, ticks));
    }

    /** Makes the selected notes louder or softer. */
    public void louder(boolean up) {
        louder(up ? LOUDER : -LOUDER);
    }

    public void louder(int by) {
        editChosen(Words.say(by < 0 ? "hands.softer" : "hands.louder"), chosen -> LineEdit.louder(chosen, by));
    }

    /** Gives notes a velocity each, as drawn in the lane of velocities. */
    public void velocities(Map<Long, Integer> wanted) {
        editLine(Words.say("hands.velocities"), LineEdit.velocities(wanted));
    }

    public void delete() {
        chosen().ifPresent(chosen -> {
            editLine(counted(Words.say("hands.delete"), chosen), LineEdit.delete(chosen));
            session.selection().selectNotes(Set.of());
        });
    }

    /** Cuts the selected notes at every line of the grid. */
    public void cutAtGrid() {
        chosen().ifPresent(chosen -> {
            long first = chosen.in(part().line()).get(0).start();
            session.snap().lines(song().time(), first).ifPresentOrElse(
                    grid -> editLine(counted(Words.say("hands.cutAtGrid"), chosen), LineEdit.cut(chosen, grid)),
                    () -> session.say(Words.say("hands.noGrid")));
        });
    }

    public void cut(int pieces) {
        editChosen(Words.say("hands.cutInto", pieces), chosen -> LineEdit.cut(chosen, pieces));
    }

    public void join() {
        editChosen(Words.say("hands.join"), LineEdit::join);
    }

    /** Adds a note; it is selected. */
    public void draw(Note note) {
        long id = song().nextId();
        Spelling spelling = session.results().get().fence().spellingAt(note.start());
        editLine(Words.say("hands.draw", spelling.pitchText(note.pitch())), LineEdit.add(List.of(note)));
        session.selection().selectNotes(Set.of(id));
    }

    private void add(String name, List<Note> notes) {
        session.selection().selectNotes(Set.copyOf(put(name, notes)));
    }

    /** Adds notes, under a name for undo; returns their identities. */
    public List<Long> put(String name, List<Note> notes) {
        long id = song().nextId();
        editLine(name, LineEdit.add(notes));
        return LongStream.range(id, id + notes.size()).boxed().toList();
    }

    /** Copies the selected notes to where they end, at the next line of the grid. */
    public void duplicate() {
        chosen().ifPresent(chosen -> {
            List<Note> notes = chosen.in(part().line());
            Clip copied = Clip.of(notes, song().time());
            long last = copied.line().end() + notes.get(0).start() - 1;
            long at = session.snap().lines(song().time(), last).map(grid -> grid.after(last)).orElse(last + 1);
            add(counted(Words.say("hands.duplicate"), chosen),
                    copied.at(at, song().time().ticksPerQuarter(), part().channel()));
        });
    }

    /** Copies what is heard of the selected notes. */
    public Optional<Clip> copy() {
        return chosen().map(chosen -> {
            clip = Clip.of(chosen.in(heard()), song().time());
            session.say(Words.say("hands.copied", Words.count("noteCount", clip.line().size())));
            return clip;
        });
    }

    /** What was copied last. */
    public Clip clip() {
        return clip;
    }

    /** Adds the notes of a clip at the playhead, which moves on to their end. */
    public void paste(Clip pasted) {
        if (session.selection().part().get() == null) {
            session.say(Words.say("status.noPart"));
        } else if (pasted.isEmpty()) {
            session.say(Words.say("hands.nothingCopied"));
        } else {
            long at = session.transport().playhead().get();
            int resolution = song().time().ticksPerQuarter();
            List<Note> notes = pasted.at(at, resolution, part().channel());
            add(Words.say("hands.paste", Words.count("noteCount", notes.size())), notes);
            long last = notes.stream().mapToLong(Note::end).max().orElse(at) - 1;
            session.transport().moveTo(session.snap().lines(song().time(), last).map(grid -> grid.after(last)).orElse(last + 1));
        }
    }

    /** Allows the selected notes although they are outside, or no longer when all of them are allowed. */
    public void allow() {
        chosen().ifPresent(chosen -> {
            boolean all = chosen.ids().stream().allMatch(song().fence().allowedNotes()::contains);
            edit(counted(Words.say(all ? "hands.disallow" : "hands.allow"), chosen),
                    song -> song.withFence(song.fence().withAllowed(chosen.ids(), !all)));
        });
    }

    /** Puts a recipe to the selected notes of the part, as steps that are limited to them. */
    public void recipe(String name, Recipe recipe) {
        chosen().ifPresent(chosen -> {
            int id = part().id();
            session.edit(counted(name, chosen), song -> RecipeEdits.onNotes(song, id, recipe, chosen));
        });
    }

    /** Does the steps of a recipe once to the selected notes: the notes themselves change. */
    public void recipeOnce(String name, Recipe recipe) {
        chosen().ifPresent(chosen -> {
            int id = part().id();
            HandEdits hands = hands();
            editLong(counted(name, chosen), Effort::of, song -> RecipeEdits.once(hands, song, id, recipe, chosen));
        });
    }

    /** Does a step once to the selected notes: the notes themselves change. */
    public void apply(Step step) {
        chosen().ifPresent(chosen -> {
            int id = part().id();
            HandEdits hands = hands();
            editLong(counted(StepCatalogue.of(step).title(), chosen), (part, song) -> Effort.of(step, part, song),
                    song -> hands.command(song, id, step, chosen));
        });
    }
}
