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

/** The chords that the parts of a song sound together, or that go with its tunes and basses where it has nothing else. */
public final class SongChords {
    /** What chords were taken from: what sounds together, a tune that they go under, a bass that they go over, or both of these. */
    public enum Basis {
        SOUND, TUNE, BASS, TUNE_AND_BASS
    }

    /** What was found. */
    public record Found(List<ReadChord> chords, Basis basis) {
        public Found {
            chords = List.copyOf(chords);
        }
    }

    private record Voice(Role role, Line line) {
        boolean isTune() {
            return role == Role.MELODY && TuneChords.isTune(line);
        }

        boolean isBass() {
            return role == Role.BASS;
        }
    }

    /** What chords are taken from, in its song. */
    private record Voices(List<Voice> all, Basis basis, TimeMap time, FenceLine fence) {
        static Voices of(List<Voice> all, Song song) {
            return new Voices(all, basis(all, song.time()), song.time(), song.fence().along(song.time()));
        }

        private static Basis basis(List<Voice> all, TimeMap time) {
            boolean bass = all.stream().anyMatch(Voice::isBass);
            boolean tune = all.stream().anyMatch(voice -> voice.role == Role.MELODY);
            if (tune && all.stream().allMatch(voice -> voice.isBass() || voice.isTune())) {
                return bass ? Basis.TUNE_AND_BASS : Basis.TUNE;
            }
            return bass && all.stream().allMatch(voice -> voice.isBass() && TuneChords.isBass(voice.line, time)) ? Basis.BASS : Basis.SOUND;
        }

        /** Only what sounds in a span of ticks; what they are is decided by the whole of them. */
        Voices within(long from, long to) {
            return new Voices(all.stream().map(voice -> new Voice(voice.role, Line.of(voice.line.notes().stream()
                    .filter(note -> note.start() < to && note.end() > from).toList()))).toList(), basis, time, fence);
        }

        Found read() {
            if (basis == Basis.SOUND) {
                return new Found(ChordReader.read(all.stream().map(Voice::line).toList(), time, fence), basis);
            }
            Map<Boolean, List<Line>> bass = all.stream().collect(Collectors.partitioningBy(Voice::isBass,
                    Collectors.mapping(Voice::line, Collectors.toList())));
            return new Found(TuneChords.under(bass.get(false), bass.get(true), time, fence), basis);
        }

        /** Every name of what sounds together; of tunes and basses there is none. */
        List<Chord> names(long tick) {
            List<Integer> pitches = all.stream().flatMap(voice -> voice.line.notes().stream()).map(Note::pitch).toList();
            if (basis != Basis.SOUND || pitches.isEmpty()) {
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
     * go with its tunes and basses where it has nothing else.
     */
    public static Found read(Song song) {
        Set<Role> harmony = EnumSet.of(Role.CHORDS, Role.BASS, Role.FIGURE);
        List<Voice> voices = voices(song);
        boolean chords = voices.stream().anyMatch(voice -> voice.role == Role.CHORDS);
        return Voices.of(voices.stream().filter(voice -> !chords || harmony.contains(voice.role)).toList(), song).read();
    }

    /** The chords of one line that has some role: those that it sounds, or that go with it when it is a tune or a bass. */
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
