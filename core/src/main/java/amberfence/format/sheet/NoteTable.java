package amberfence.format.sheet;

import amberfence.notes.BarPosition;
import amberfence.notes.FenceLine;
import amberfence.notes.Note;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.PitchClass;
import amberfence.theory.Spelling;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The notes of a song as its steps leave them, one row a note: by part, then in time. Ticks are of the song's resolution, beats of the metre. */
public final class NoteTable {
    private static final List<String> HEAD = List.of("part", "partName", "bar", "beat", "tick", "startTick", "lengthTicks", "pitch", "name", "degree", "velocity",
            "channel");

    private NoteTable() {
    }

    public static byte[] of(Song song) {
        return of(song, PartResult.all(song));
    }

    /** The same from results that are already there, by part. */
    public static byte[] of(Song song, Map<Integer, PartResult> results) {
        CsvRows rows = new CsvRows();
        rows.add(HEAD.stream());
        FenceLine fence = song.fence().along(song.time());
        for (int i = 0; i < song.parts().size(); i++) {
            Part part = song.parts().get(i);
            for (Note note : results.get(part.id()).line().notes()) {
                BarPosition place = song.time().position(note.start());
                Spelling spelling = fence.spellingAt(note.start());
                rows.add(Stream.of(i, part.name(), place.bar(), place.beat(), place.tick(), note.start(), note.length(), note.pitch(), spelling.pitch(note.pitch()).text(),
                        part.isDrums() ? "" : spelling.degreeText(PitchClass.of(note.pitch())), note.velocity(), note.channel() + 1));
            }
        }
        return rows.toBytes();
    }
}
