package amberfence.app.sound;

import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.notes.ChordSpan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.sound.Score;
import amberfence.sound.SongScore;
import amberfence.sound.Tempi;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/** The open song as it is heard now: before or after the steps, with what is compared in its place. */
final class HeardSong {
    /** What is heard, as it was on the interface thread; its score can be made on any other. */
    interface Taken {
        Score score();
    }

    /** How loud the others are behind a part in front. */
    private static final float BEHIND = 0.35f;
    private final Session session;

    HeardSong(Session session) {
        this.session = session;
    }

    Song song() {
        return session.results().get().song();
    }

    Tempi tempi() {
        return new Tempi(song().time());
    }

    /** The tick behind the last bar. */
    long end() {
        return song().time().barStart(song().lastBar() + 1);
    }

    private Map<Integer, Line> lines() {
        Results results = session.results().get();
        Map<Integer, Line> lines = new HashMap<>();
        for (Part part : song().parts()) {
            lines.put(part.id(), session.transport().showingBefore().get() ? part.line() : results.part(part.id()).line());
        }
        session.transport().heardInstead().get().ifPresent(instead -> lines.put(instead.part(), instead.line()));
        return lines;
    }

    /** The selected notes of a part as they are heard, in time. */
    List<Note> selected(Part part) {
        return session.selection().in(lines().get(part.id()));
    }

    /** All parts that are heard, mute and solo counted. */
    Taken all(boolean metronome) {
        return parts(SongScore.audible(song()), metronome);
    }

    /** All parts that are heard, one of them as loud as it is, the others softly behind it. */
    Taken inFront(int partId, boolean metronome) {
        return parts(song().withParts(song().parts().stream().map(part -> part.id() == partId ? part
                : part.withSound(part.sound().withVolume(Math.round(part.sound().volume() * BEHIND)))).toList()), SongScore.audible(song()), metronome);
    }

    Taken parts(Predicate<Part> heard, boolean metronome) {
        return parts(song(), heard, metronome);
    }

    private Taken parts(Song song, Predicate<Part> heard, boolean metronome) {
        Map<Integer, Line> lines = lines();
        return () -> SongScore.of(song, lines, heard, metronome);
    }

    Taken notes(Part part, List<Note> notes) {
        Song song = song();
        return () -> SongScore.of(song, part, notes);
    }

    Taken chords(List<ChordSpan> spans) {
        Song song = song();
        return () -> SongScore.of(song, spans);
    }
}
