package amberfence.edit;

import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.reading.RulingChords;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.move.Move;
import amberfence.step.pick.Pick;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Moves chords of the progression together with the notes of all parts under them. */
public final class ChordMoves {
    /**
     * What was moved.
     *
     * @param moved names of the parts whose notes under the chords move, each by a step of its own
     * @param following names of the parts that follow the progression by themselves
     */
    public record Done(Song song, List<String> moved, List<String> following) {
        public Done {
            moved = List.copyOf(moved);
            following = List.copyOf(following);
        }
    }

    private ChordMoves() {
    }

    /**
     * Moves chords, and gives each part a step that moves just the notes under them. Parts with a step that follows the
     * progression are left to that step; drums stay.
     */
    public static Done moved(Song song, Collection<Long> chords, Move move) {
        Set<Long> ids = new HashSet<>(chords);
        RulingChords ruling = new RulingChords(song.progression(), false, song.time());
        Song changed = ProgressionEdits.changed(song, chords, (chord, key) -> moved(chord, key, move));
        List<String> moved = new ArrayList<>();
        List<String> following = new ArrayList<>();
        for (Part part : song.parts()) {
            List<Long> under = part.line().notes().stream().filter(note -> isUnder(note, ruling, ids)).map(Note::id).toList();
            if (part.isDrums() || under.isEmpty()) {
                continue;
            }
            if (part.steps().stream().anyMatch(slot -> slot.on() && slot.step().followsProgression())) {
                following.add(part.name());
                continue;
            }
            changed = changed.plusStep(part.id(), move, Optional.of(new Pick.Frozen(NoteSet.of(under))));
            moved.add(part.name());
        }
        return new Done(changed, moved, following);
    }

    private static boolean isUnder(Note note, RulingChords ruling, Set<Long> ids) {
        int chord = ruling.over(note);
        return chord != RulingChords.NONE && ids.contains(ruling.span(chord).id());
    }

    private static Chord moved(Chord chord, Key key, Move move) {
        return switch (move.by()) {
            case SEMITONES -> chord.transposed(move.amount(), key.spelling());
            case DEGREES -> ProgressionEdits.byDegrees(chord, key, move.amount());
            default -> chord;
        };
    }
}
