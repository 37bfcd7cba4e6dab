package amberfence.analysis;

import amberfence.notes.FenceLine;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.reading.ChordReader;
import amberfence.reading.ReadChord;
import amberfence.reading.TuneChords;
import amberfence.song.Song;
import amberfence.theory.Chord;
import amberfence.theory.ChordNames;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
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

    /**
     * What chords are taken from.
     *
     * @param areTunes whether there are tunes and nothing else but basses
     */
    private record Voices(List<Voice> all, boolean areTunes, TimeMap time, FenceLine fence) {
        static Voices of(List<Voice> all, Song song) {
            boolean areTunes = all.stream().anyMatch(voice -> voice.role == Role.MELODY) && all.stream().allMatch(voice -> voice.role == Role.BASS || voice.isTune());
            return new Voices(all, areTunes, song.time(), song.fence().along(song.time()));
        }

        /** Only what sounds in a span of ticks; what they are is decided by the whole of them. */
        Voices within(long from, long to) {
            return new Voices(all.stream().map(voice -> new Voice(voice.role, Line.of(voice.line.notes().stream()
                    .filter(note -> note.start() < to && note.end() > from).toList()))).toList(), areTunes, time, fence);
        }

        Found read() {
            if (!areTunes) {
                return new Found(ChordReader.read(all.stream().map(Voice::line).toList(), time, fence), false);
            }
            Map<Boolean, List<Line>> bass = all.stream().collect(Collectors.partitioningBy(voice -> voice.role == Role.BASS,
                    Collectors.mapping(Voice::line, Collectors.toList())));
            return new Found(TuneChords.under(bass.get(false), bass.get(true), time, fence), bass.get(true).isEmpty());
        }

        /** Every name of what sounds together; of a tune there is none. */
        List<Chord> names(long tick) {
            List<Integer> pitches = all.stream().flatMap(voice -> voice.line.notes().stream()).map(Note::pitch).toList();
            if (areTunes || pitches.isEmpty()) {
                return List.of();
            }
            PitchClassSet sounding = PitchClassSet.of(pitches.stream().mapToInt(Integer::intValue).toArray());
            return ChordNames.all(sounding, PitchClass.of(Collections.min(pitches)), fence.spellingAt(tick));
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
        return Voices.of(voices.stream().filter(voice -> !chords || harmony.contains(voice.role)).toList(), song).read();
    }

    /** The chords of one line that has some role: those that it sounds, or that go under it when it is a tune. */
    public static Found read(Song song, Role role, Line line) {
        return Voices.of(List.of(new Voice(role, line)), song).read();
    }

    private static List<Voice> voices(Song song) {
        return song.parts().stream().filter(part -> !part.isDrums() && !part.line().isEmpty()).map(part -> new Voice(part.role(), part.line())).toList();
    }

    /** Other readings of what sounds in a span of ticks, best first. */
    public static List<Chord> readings(Song song, long from, long to) {
        Voices here = Voices.of(voices(song), song).within(from, to);
        List<Chord> readings = new ArrayList<>(here.names(from));
        here.read().chords().stream().filter(chord -> chord.start() < to && chord.end() > from).forEach(chord -> {
            readings.add(chord.chord());
            readings.addAll(chord.alternatives());
        });
        return readings.stream().distinct().toList();
    }
}
