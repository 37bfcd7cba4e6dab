package amberfence.sound;

import amberfence.notes.BarPosition;
import amberfence.notes.ChordSpan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.song.Bytes;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.song.SourceEvent;
import amberfence.song.SourceFile;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Predicate;

/** Turns a song, or some notes of it, into what is to be played. */
public final class SongScore {
    private static final int METRONOME_CHANNEL = Song.PERCUSSION;
    private static final int BAR_CLICK = 76;
    private static final int BEAT_CLICK = 77;
    private static final int CLICK_VELOCITY = 100;
    private static final long CLICK_MICROS = 40_000;
    private static final int CHORD_VELOCITY = 76;
    private static final int FULL = 100;

    private final Song song;
    private final Tempi tempi;
    private final Score.Builder builder = new Score.Builder();
    /** How many parts play on each channel. */
    private final Map<Integer, Integer> crowd = new HashMap<>();

    private SongScore(Song song) {
        this.song = song;
        this.tempi = new Tempi(song.time());
        song.parts().forEach(part -> crowd.merge(part.channel(), 1, Integer::sum));
    }

    /**
     * A song.
     *
     * @param lines the notes of each part by its identity, before or after its steps
     * @param heard which parts are heard; see {@link #audible}
     */
    public static Score of(Song song, Map<Integer, Line> lines, Predicate<Part> heard, boolean metronome) {
        SongScore score = new SongScore(song);
        score.sounds();
        for (Part part : song.parts()) {
            if (heard.test(part)) {
                score.notes(lines.getOrDefault(part.id(), Line.EMPTY).notes(), part);
            }
        }
        if (metronome) {
            score.clicks(song.time().barStart(song.lastBar() + 1));
        }
        return score.builder.build();
    }

    /** Some notes of a part alone, as they sound in the song. */
    public static Score of(Song song, Part part, Collection<Note> notes) {
        SongScore score = new SongScore(song);
        score.sounds();
        score.notes(List.copyOf(notes), part);
        return score.builder.build();
    }

    /** Chords of the progression as they are voiced, on the channel of the first part that plays chords. */
    public static Score of(Song song, List<ChordSpan> chords) {
        SongScore score = new SongScore(song);
        score.sounds();
        int channel = song.parts().stream().filter(part -> part.role() == Role.CHORDS).findFirst()
                .or(() -> song.parts().stream().filter(part -> !part.isDrums()).findFirst()).map(Part::channel).orElse(0);
        for (ChordSpan chord : chords) {
            chord.sounding().pitches().forEach(pitch -> score.builder.note(score.tempi.micros(chord.start()),
                    score.tempi.micros(chord.end()), channel, pitch, CHORD_VELOCITY, Note.USUAL_RELEASE));
        }
        return score.builder.build();
    }

    /** The same score with bars of clicks before a tick, so that it can begin that much earlier; see {@link #countInMicros}. */
    public static Score countedIn(Score score, TimeMap time, long from, int bars) {
        Score.Builder builder = new Score.Builder();
        for (int i = 0; i < score.size(); i++) {
            builder.add(score.micros(i), score.message(i));
        }
        Tempi tempi = new Tempi(time);
        long bar = barLength(time, from);
        long start = tempi.micros(from);
        double perTick = time.tempoAt(from).microsecondsPerQuarter() / (double) time.ticksPerQuarter();
        long beat = Math.max(1, time.pulseLength(from));
        for (long before = bar * bars; before > 0; before -= beat) {
            long at = start - Math.round(before * perTick);
            builder.note(at, at + CLICK_MICROS, METRONOME_CHANNEL, before % bar == 0 ? BAR_CLICK : BEAT_CLICK, CLICK_VELOCITY, 0);
        }
        return builder.build();
    }

    /** How long a count-in before a tick lasts, in microseconds. */
    public static long countInMicros(TimeMap time, long from, int bars) {
        double perTick = time.tempoAt(from).microsecondsPerQuarter() / (double) time.ticksPerQuarter();
        return Math.round(barLength(time, from) * bars * perTick);
    }

    private static long barLength(TimeMap time, long tick) {
        int bar = time.barOf(tick);
        return time.barStart(bar + 1) - time.barStart(bar);
    }

    /** Which parts are heard: those with solo where there are any, and none that is muted. */
    public static Predicate<Part> audible(Song song) {
        boolean solo = song.parts().stream().anyMatch(part -> part.sound().solo());
        return part -> !part.sound().muted() && (!solo || part.sound().solo());
    }

    /** What sets the sounds: the file's own events, and what the person chose for a part. */
    private void sounds() {
        Set<Integer> programmed = new HashSet<>();
        Set<Integer> ownProgram = new HashSet<>();
        Set<Integer> ownVolume = new HashSet<>();
        for (Part part : song.parts()) {
            if (part.sound().program().isPresent()) {
                ownProgram.add(part.channel());
            }
            if (part.sound().volume() != FULL && crowd.get(part.channel()) == 1) {
                ownVolume.add(part.channel());
                builder.add(0, Messages.control(part.channel(), Messages.VOLUME, part.sound().volume()));
            }
        }
        for (SourceFile.Track track : song.source().tracks()) {
            for (SourceEvent.Other other : track.events().others()) {
                if (other.channel() >= 0) {
                    int message = message(other.bytes());
                    boolean program = Messages.kind(message) == 0xC0;
                    boolean volume = Messages.kind(message) == 0xB0 && Messages.first(message) == Messages.VOLUME;
                    if (!(program && ownProgram.contains(other.channel())) && !(volume && ownVolume.contains(other.channel()))) {
                        builder.add(tempi.micros(other.tick()), message);
                    }
                    if (program) {
                        programmed.add(other.channel());
                    }
                }
            }
        }
        for (Part part : song.parts()) {
            OptionalInt chosen = part.sound().program();
            if (chosen.isPresent()) {
                builder.add(0, Messages.program(part.channel(), chosen.getAsInt()));
            } else if (!part.isDrums() && programmed.add(part.channel())) {
                builder.add(0, Messages.program(part.channel(), Instruments.usual(part.role())));
            }
        }
    }

    private static int message(Bytes bytes) {
        return Messages.of(bytes.at(0), bytes.length() > 1 ? bytes.at(1) & 0x7F : 0, bytes.length() > 2 ? bytes.at(2) & 0x7F : 0);
    }

    private void notes(List<Note> notes, Part part) {
        int share = crowd.getOrDefault(part.channel(), 1) > 1 ? part.sound().volume() : FULL;
        for (Note note : notes) {
            int velocity = Math.max(1, Math.min(127, note.velocity() * share / FULL));
            builder.note(tempi.micros(note.start()), tempi.micros(note.end()), note.channel(), note.pitch(), velocity, note.release());
        }
    }

    private void clicks(long to) {
        TimeMap time = song.time();
        for (long tick = 0; tick < to; tick = time.nextPulse(tick)) {
            BarPosition place = time.position(tick);
            boolean first = place.beat() == 1 && place.tick() == 0;
            long at = tempi.micros(tick);
            builder.note(at, at + CLICK_MICROS, METRONOME_CHANNEL, first ? BAR_CLICK : BEAT_CLICK, CLICK_VELOCITY, 0);
        }
    }
}
