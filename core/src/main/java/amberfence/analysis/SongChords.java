package amberfence.analysis;

import amberfence.notes.FenceLine;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.reading.ChordReader;
import amberfence.reading.ReadChord;
import amberfence.reading.TuneChords;
import amberfence.song.Song;
import amberfence.theory.Chord;
import amberfence.theory.ChordNames;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** The chords that the parts of a song sound together, or that go under its tunes where it has no more than these and a bass. */
public final class SongChords {
    /**
     * What was found.
     *
     * @param underTune whether nothing sounds these chords, but they go under a tune that has no bass either
     */
    public record Found(List<ReadChord> chords, boolean underTune) {
        public Found {
            chords = List.copyOf(chords);
        }
    }

    private record Voice(Role role, Line line) {
        boolean isTune() {
            return role == Role.MELODY && TuneChords.isTune(line);
        }
    }

    private SongChords() {
    }

    /**
     * The chords of a whole song: read out of its chord, figure and bass parts, or, without chords, out of all that has pitches; those that
     * go under its tunes where it has nothing else but a bass.
     */
    public static Found read(Song song) {
        Set<Role> harmony = EnumSet.of(Role.CHORDS, Role.BASS, Role.FIGURE);
        List<Voice> voices = voices(song);
        boolean chords = voices.stream().anyMatch(voice -> voice.role == Role.CHORDS);
        return read(voices.stream().filter(voice -> !chords || harmony.contains(voice.role)).toList(), UnaryOperator.identity(), song);
    }

    /** The chords of one line that has some role: those that it sounds, or that go under it when it is a tune. */
    public static Found read(Song song, Role role, Line line) {
        return read(List.of(new Voice(role, line)), UnaryOperator.identity(), song);
    }

    private static List<Voice> voices(Song song) {
        return song.parts().stream().filter(part -> !part.isDrums() && !part.line().isEmpty()).map(part -> new Voice(part.role(), part.line())).toList();
    }

    /** Whether there are tunes and nothing else but basses. */
    private static boolean areTunes(List<Voice> voices) {
        return voices.stream().anyMatch(voice -> voice.role == Role.MELODY) && voices.stream().allMatch(voice -> voice.role == Role.BASS || voice.isTune());
    }

    private static Found read(List<Voice> voices, UnaryOperator<Line> cut, Song song) {
        FenceLine fence = song.fence().along(song.time());
        if (!areTunes(voices)) {
            return new Found(ChordReader.read(voices.stream().map(voice -> cut.apply(voice.line)).toList(), song.time(), fence), false);
        }
        Map<Boolean, List<Line>> bass = voices.stream().collect(Collectors.partitioningBy(voice -> voice.role == Role.BASS,
                Collectors.mapping(voice -> cut.apply(voice.line), Collectors.toList())));
        return new Found(TuneChords.under(bass.get(false), bass.get(true), song.time(), fence), bass.get(true).isEmpty());
    }

    /** Other readings of what sounds in a span of ticks, best first. */
    public static List<Chord> readings(Song song, long from, long to) {
        List<Voice> voices = voices(song);
        UnaryOperator<Line> cut = line -> Line.of(line.notes().stream().filter(note -> note.start() < to && note.end() > from).toList());
        List<Chord> readings = new ArrayList<>();
        if (!areTunes(voices)) {
            List<Note> notes = voices.stream().flatMap(voice -> cut.apply(voice.line).notes().stream()).toList();
            PitchClassSet sounding = PitchClassSet.of(notes.stream().mapToInt(Note::pitch).toArray());
            notes.stream().mapToInt(Note::pitch).min().ifPresent(low -> readings.addAll(ChordNames.all(sounding, PitchClass.of(low),
                    song.fence().along(song.time()).spellingAt(from))));
        }
        read(voices, cut, song).chords().stream().filter(chord -> chord.start() < to && chord.end() > from).forEach(chord -> {
            readings.add(chord.chord());
            readings.addAll(chord.alternatives());
        });
        return readings.stream().distinct().toList();
    }
}
