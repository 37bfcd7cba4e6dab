package amberfence.analysis;

import amberfence.notes.FenceLine;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.reading.ChordReader;
import amberfence.reading.ReadChord;
import amberfence.reading.TuneChords;
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

/** The chords that the parts of a song sound together, or that go under a tune that is alone. */
public final class SongChords {
    /**
     * What was found.
     *
     * @param underTune whether nothing sounds these chords, but they go under a tune
     */
    public record Found(List<ReadChord> chords, boolean underTune) {
        public Found {
            chords = List.copyOf(chords);
        }
    }

    private SongChords() {
    }

    /**
     * The chords of a whole song: read out of its chord, figure and bass parts, or, without chords, out of all that has pitches; those that
     * go under its tune where it has nothing else.
     */
    public static Found read(Song song) {
        Set<Role> harmony = EnumSet.of(Role.CHORDS, Role.BASS, Role.FIGURE);
        boolean chords = song.parts().stream().anyMatch(part -> part.role() == Role.CHORDS);
        List<Part> parts = song.parts().stream().filter(part -> chords ? harmony.contains(part.role()) : !part.isDrums()).filter(part -> !part.line().isEmpty()).toList();
        return parts.size() == 1 ? read(song, parts.get(0).role(), parts.get(0).line())
                : new Found(ChordReader.read(parts.stream().map(Part::line).toList(), song.time(), song.fence().along(song.time())), false);
    }

    /** The chords of one part: those that it sounds, or that go under it when it is a tune. */
    public static Found read(Song song, Role role, Line line) {
        FenceLine fence = song.fence().along(song.time());
        boolean tune = role == Role.MELODY && TuneChords.isTune(line);
        return new Found(tune ? TuneChords.under(line, song.time(), fence) : ChordReader.read(List.of(line), song.time(), fence), tune);
    }

    /** Other readings of what sounds in a span of ticks, best first. */
    public static List<Chord> readings(Song song, long from, long to) {
        List<Part> parts = song.parts().stream().filter(part -> !part.isDrums() && !part.line().isEmpty()).toList();
        List<Line> lines = parts.stream().map(part -> Line.of(part.line().notes().stream()
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
        boolean tune = parts.size() == 1 && parts.get(0).role() == Role.MELODY && TuneChords.isTune(parts.get(0).line());
        List<Chord> readings = new ArrayList<>(tune ? List.of() : ChordNames.all(sounding, PitchClass.of(low), fence.spellingAt(from)));
        (tune ? TuneChords.under(lines.get(0), song.time(), fence) : ChordReader.read(lines, song.time(), fence)).stream().filter(chord -> chord.start() < to && chord.end() > from)
                .forEach(chord -> {
                    readings.add(chord.chord());
                    readings.addAll(chord.alternatives());
                });
        return readings.stream().distinct().toList();
    }
}
