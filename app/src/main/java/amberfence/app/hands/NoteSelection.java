package amberfence.app.hands;

import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.theory.PitchClass;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/** Chooses notes of the selected part. */
public final class NoteSelection {
    private final Session session;

    NoteSelection(Session session) {
        this.session = session;
    }

    private List<Note> notes() {
        return session.partNow().map(part -> part.line().notes()).orElse(List.of());
    }

    /** The selected notes that the part holds itself: what a step made is not among them. */
    public NoteSet source() {
        return session.partNow().map(part -> NoteSet.of(session.selection().in(part.line()).stream().map(Note::id).toList()))
                .orElse(NoteSet.NONE);
    }

    private void select(Predicate<Note> chosen) {
        session.selection().selectNotes(notes().stream().filter(chosen).map(Note::id).collect(Collectors.toSet()));
        session.say(Words.say("hands.selected", Words.count("noteCount", session.selection().notes().get().size())));
    }

    public void all() {
        select(note -> true);
    }

    /** The others instead of those that are selected. */
    public void others() {
        Set<Long> selected = session.selection().notes().get();
        select(note -> !selected.contains(note.id()));
    }

    /** All notes on a pitch of the selected ones. */
    public void samePitch() {
        sameAs(Note::pitch);
    }

    /** All notes on a degree of the selected ones, in the key of each moment. */
    public void sameDegree() {
        sameAs(note -> session.results().get().fence().spellingAt(note.start()).degreeText(PitchClass.of(note.pitch())));
    }

    private void sameAs(Function<Note, Object> what) {
        NoteSet selected = source();
        Set<Object> wanted = notes().stream().filter(selected::contains).map(what).collect(Collectors.toSet());
        if (wanted.isEmpty()) {
            session.say(Words.say("hands.selectFirst"));
        } else {
            select(note -> wanted.contains(what.apply(note)));
        }
    }

    /** What the pick finds. */
    public void byPick() {
        NoteSet picked = session.pick().notes().get();
        select(picked::contains);
    }
}
