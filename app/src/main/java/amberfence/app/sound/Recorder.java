package amberfence.app.sound;

import amberfence.app.session.Session;
import amberfence.app.session.TickRange;
import amberfence.app.words.Words;
import amberfence.edit.HandEdits;
import amberfence.notes.Grid;
import amberfence.notes.GridLines;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.sound.Capture;
import amberfence.sound.Recording;
import amberfence.sound.Tempi;
import amberfence.step.shape.TidyTiming;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.LongUnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;

/** Records what is played on the keys into a new take of the selected part, while the song plays. */
public final class Recorder {
    private static final long MINUTE = 60_000_000_000L;
    private static final int MICRO = 1000;
    private final Session session;
    private final SoundDesk desk;
    private final ReadOnlyBooleanWrapper recording = new ReadOnlyBooleanWrapper();
    private Set<Recording.What> what = EnumSet.of(Recording.What.HEARD);
    private Optional<Grid> tidy = Optional.empty();
    private boolean overdub;
    private int latencyMillis;
    private long begunNanos;
    private long begunTick;
    private int part;

    public Recorder(Session session, SoundDesk desk) {
        this.session = session;
        this.desk = desk;
        desk.playing().addListener((property, old, now) -> {
            if (!now && recording.get()) {
                finish();
            }
        });
    }

    /** Begins, with the song, or ends. */
    public void toggle() {
        if (recording.get()) {
            desk.stop();
            return;
        }
        if (session.part().isEmpty()) {
            session.say(Words.say("tryit.noPart"));
            return;
        }
        part = session.part().get().id();
        begunTick = session.transport().loop().get().map(TickRange::from).orElse(session.transport().playhead().get());
        begunNanos = desk.nanos();
        recording.set(true);
        desk.playFrom(begunTick);
    }

    /** Ends, when a recording is under way; what was played is kept. */
    public void end() {
        if (recording.get()) {
            desk.stop();
        }
    }

    private void finish() {
        recording.set(false);
        List<Capture.Entry> played = desk.keys().capture().since(begunNanos);
        long end = session.transport().loop().get().map(TickRange::to).orElse(session.transport().playhead().get());
        keep(played, desk::tickAt, Math.max(begunTick + 1, end), Words.say("tryit.recorded"));
    }

    /** Keeps what was played in the last minute, though nobody had asked for it: from the playhead on, in its tempo. */
    public void keepLastMinute() {
        List<Capture.Entry> played = desk.keys().capture().since(desk.nanos() - MINUTE);
        if (played.isEmpty() || session.part().isEmpty()) {
            session.say(Words.say("tryit.nothingPlayed"));
            return;
        }
        part = session.part().get().id();
        begunTick = 0;
        Tempi tempi = new Tempi(session.song().time());
        long first = played.get(0).nanos();
        long from = tempi.micros(session.transport().playhead().get());
        LongUnaryOperator tick = nanos -> tempi.tick(from + (nanos - first) / MICRO);
        keep(played, tick, tick.applyAsLong(desk.nanos()), Words.say("tryit.keptMinute"));
    }

    private void keep(List<Capture.Entry> played, LongUnaryOperator tick, long end, String name) {
        if (session.song().find(part).isEmpty()) {
            // The part was taken away while it was recorded; what was played is not.
            session.edit(Words.say("edit.partAdd", Words.say("tryit.recordedPart")),
                    song -> song.plusEmptyPart(Words.say("tryit.recordedPart"), Role.MELODY));
            part = session.song().parts().get(session.song().parts().size() - 1).id();
        }
        Part target = session.song().part(part);
        List<Line> lines = new ArrayList<>();
        for (Recording.What kind : what) {
            long late = (long) latencyMillis * MICRO * MICRO;
            Line line = Recording.of(played, kind, nanos -> kept(tick.applyAsLong(nanos - late)), end, target.channel());
            if (!line.isEmpty()) {
                lines.add(tidied(line, target));
            }
        }
        if (lines.isEmpty()) {
            session.say(Words.say("tryit.nothingPlayed"));
            return;
        }
        for (Line line : lines) {
            int takes = session.song().part(part).takes().size();
            HandEdits hands = new HandEdits(Words.say("parts.takeName", takes + 1));
            session.edit(name, song -> hands.settle(song, part, overdub ? over(song.part(part).line(), line) : line));
        }
        session.say(Words.say("tryit.kept", Words.count("noteCount", lines.get(0).size()), target.name()));
    }

    /** What was played before recording began is not kept. In a loop every round lies on the same bars by itself. */
    private long kept(long tick) {
        return tick < begunTick ? -1 : tick;
    }

    private Line tidied(Line line, Part target) {
        return tidy.map(grid -> new TidyTiming(grid, TidyTiming.Ends.STARTS, 100, GridLines.STRAIGHT).apply(line,
                HandEdits.meant(session.song(), target)).out()).orElse(line);
    }

    private static Line over(Line below, Line line) {
        List<Note> notes = new ArrayList<>(below.notes());
        notes.addAll(line.notes());
        return Line.of(notes);
    }

    public ReadOnlyBooleanProperty recording() {
        return recording.getReadOnlyProperty();
    }

    /** Whether the keys that were pressed, what was heard, or both are kept, each as a take of its own. */
    public void setWhat(Set<Recording.What> chosen) {
        what = EnumSet.copyOf(chosen);
    }

    /** The grid to which what is recorded is drawn, if it is. */
    public void setTidy(Optional<Grid> grid) {
        tidy = grid;
    }

    /** Whether what the part has already stays below what is recorded. */
    public void setOverdub(boolean over) {
        overdub = over;
    }

    /** How late keys arrive, in milliseconds: so much earlier is what they mean. */
    public void setLatency(int millis) {
        latencyMillis = millis;
    }
}
