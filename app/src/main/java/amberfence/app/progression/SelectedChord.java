package amberfence.app.progression;

import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.notes.Note;
import amberfence.theory.Chord;
import amberfence.theory.ChordNames;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import java.util.List;
import java.util.Optional;

/** The notes that are selected in the ladder, and what chord they are. */
final class SelectedChord {
    private SelectedChord() {
    }

    /** The selected notes as the steps make them. */
    static List<Note> notes(Session session) {
        return session.part().map(part -> session.selection().in(session.results().get().part(part.id()).line())).orElse(List.of());
    }

    /** The best name of the pitch classes of some notes, the lowest being the bass. */
    static Optional<Chord> name(List<Note> notes, Results results) {
        if (notes.isEmpty()) {
            return Optional.empty();
        }
        PitchClassSet sounding = PitchClassSet.of(notes.stream().mapToInt(Note::pitch).toArray());
        int lowest = notes.stream().mapToInt(Note::pitch).min().orElseThrow();
        return ChordNames.best(sounding, PitchClass.of(lowest), results.fence().spellingAt(notes.get(0).start()));
    }
}
