package amberfence.analysis;

import amberfence.notes.ChordSpan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.Chord;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Chords of the progression that were read from notes and are uncertain, told at the lowest note that sounds in them. */
final class ChordFinder {
    private static final int OTHERS = 2;

    private record Lowest(Part part, Note note) {
    }

    private ChordFinder() {
    }

    static List<Doubt> find(Song song, Map<Integer, Line> lines) {
        List<Doubt> found = new ArrayList<>();
        for (ChordSpan chord : song.progression().spans()) {
            if (!chord.isSure()) {
                lowest(song, lines, chord).ifPresent(at -> found.add(new Doubt(DoubtKind.CHORD, at.part.id(), List.of(at.note),
                        names -> Texts.say("%s was read here, not for certain", chord.chord().text()), mends(song, chord))));
            }
        }
        return found;
    }

    private static Optional<Lowest> lowest(Song song, Map<Integer, Line> lines, ChordSpan chord) {
        return song.parts().stream().filter(part -> !part.isDrums()).flatMap(part -> lines.get(part.id()).between(chord.start(), chord.end()).notes().stream()
                .map(note -> new Lowest(part, note))).min(Comparator.comparingInt(at -> at.note.pitch()));
    }

    /** It is as it was read; or one of the next likely. */
    private static List<Mend> mends(Song song, ChordSpan chord) {
        List<Mend> mends = new ArrayList<>();
        mends.add(new Mend.ChordIs(chord.decided()));
        for (Chord other : SongChords.readings(song, chord.start(), chord.end())) {
            if (!other.equals(chord.chord()) && mends.size() <= OTHERS) {
                mends.add(new Mend.ChordIs(chord.withChord(other)));
            }
        }
        return mends;
    }
}
