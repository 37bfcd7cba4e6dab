package amberfence.analysis;

import amberfence.notes.FenceLine;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.reading.ChordReader;
import amberfence.reading.ReadChord;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.Chord;
import amberfence.theory.ChordNames;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** The chords that the parts of a song sound together. */
public final class SongChords {
    private SongChords() {
    }

    /** Reads the chords of a whole song: of its chord, figure and bass parts, or, without chords, of all that has pitches. */
    public static List<ReadChord> read(Song song) {
        Set<Role> harmony = EnumSet.of(Role.CHORDS, Role.BASS, Role.FIGURE);
        boolean chords = song.parts().stream().anyMatch(part -> part.role() == Role.CHORDS);
        return ChordReader.read(song.parts().stream().filter(part -> chords ? harmony.contains(part.role()) : !part.isDrums())
                .map(Part::line).toList(), song.time(), song.fence().along(song.time()));
    }

    /** Other readings of what sounds in a span of ticks, best first. */
    public static List<Chord> readings(Song song, long from, long to) {
        List<Line> lines = song.parts().stream().filter(part -> !part.isDrums()).map(part -> Line.of(part.line().notes().stream()
                .filter(note -> note.start() < to && note.end() > from).toList())).filter(line -> !line.isEmpty()).toList();
        PitchClassSet sounding = PitchClassSet.EMPTY;
        int low = Integer.MAX_VALUE;
        for (Line line : lines) {
            for (Note note : line.notes()) {
                sounding = sounding.plus(PitchClass.of(note.pitch()));
                low = Math.min(low, note.pitch());
            }
        }
        if (lines.isEmpty()) {
            return List.of();
        }
        FenceLine fence = song.fence().along(song.time());
        List<Chord> readings = new ArrayList<>(ChordNames.all(sounding, PitchClass.of(low), fence.spellingAt(from)));
        ChordReader.read(lines, song.time(), fence).stream().filter(chord -> chord.start() < to && chord.end() > from)
                .forEach(chord -> {
                    readings.add(chord.chord());
                    readings.addAll(chord.alternatives());
                });
        return readings.stream().distinct().toList();
    }
}
