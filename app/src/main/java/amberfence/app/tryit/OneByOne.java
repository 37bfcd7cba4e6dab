package amberfence.app.tryit;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Session;
import amberfence.app.sound.SoundDesk;
import amberfence.app.words.Words;
import amberfence.edit.LineEdit;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.TimeMap;
import amberfence.song.Part;
import amberfence.sound.Capture;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javafx.animation.AnimationTimer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;

/**
 * Puts in what is played, one note or chord after another, while nothing plays: each is as long as a cell of the grid and the
 * playhead goes on behind it. Keys that are held together are a chord; it is put in when the last of them is let go.
 */
final class OneByOne {
    /** What one press put in, and where the playhead was before. */
    private record Entered(List<Long> notes, long from) {
    }

    private final Session session;
    private final SoundDesk desk;
    private final NoteCommands commands;
    private final BooleanProperty on = new SimpleBooleanProperty();
    private final Deque<Entered> entered = new ArrayDeque<>();
    private final Set<Integer> down = new HashSet<>();
    private final Map<Integer, Integer> chord = new HashMap<>();
    private long since;
    private final AnimationTimer listening = new AnimationTimer() {
        @Override
        public void handle(long now) {
            listen();
        }
    };

    OneByOne(Session session, SoundDesk desk, NoteCommands commands) {
        this.session = session;
        this.desk = desk;
        this.commands = commands;
        on.addListener((property, old, now) -> {
            down.clear();
            chord.clear();
            entered.clear();
            since = desk.nanos();
            if (now) {
                listening.start();
            } else {
                listening.stop();
            }
        });
        session.selection().part().addListener((property, old, now) -> entered.clear());
    }

    /** While true, what is played is put in. */
    BooleanProperty on() {
        return on;
    }

    private void listen() {
        List<Capture.Entry> played = desk.keys().capture().since(since);
        for (Capture.Entry entry : played) {
            since = Math.max(since, entry.nanos() + 1);
            if (entry.kind() == Capture.Kind.HEARD_ON && entry.velocity() > 0) {
                down.add(entry.pitch());
                chord.put(entry.pitch(), entry.velocity());
            } else if (entry.kind() == Capture.Kind.HEARD_OFF || entry.kind() == Capture.Kind.HEARD_ON) {
                down.remove(entry.pitch());
            }
        }
        if (down.isEmpty() && !chord.isEmpty()) {
            Map<Integer, Integer> put = new HashMap<>(chord);
            chord.clear();
            // While the song plays, playing along is only heard.
            if (!desk.playing().get()) {
                put(put);
            }
        }
    }

    private void put(Map<Integer, Integer> pitches) {
        if (session.part().isEmpty()) {
            session.say(Words.say("tryit.noPart"));
            return;
        }
        Part part = session.part().get();
        long from = session.transport().playhead().get();
        long to = next(from);
        List<Note> notes = new ArrayList<>();
        pitches.keySet().stream().sorted().forEach(pitch -> notes.add(
                new Note(0, from, to - from, pitch, pitches.get(pitch), part.channel(), Note.USUAL_RELEASE)));
        List<Long> ids = commands.put(Words.say("oneByOne.put", Words.count("noteCount", notes.size())), notes);
        entered.push(new Entered(ids, from));
        session.transport().moveTo(to);
    }

    /** The next line of the grid; a quarter further where there is no grid. */
    private long next(long tick) {
        TimeMap time = session.song().time();
        return session.snap().lines(time, tick).map(grid -> grid.after(tick)).orElse(tick + time.ticksPerQuarter());
    }

    /** Goes on by a cell of the grid without a note. */
    void rest() {
        session.transport().moveTo(next(session.transport().playhead().get()));
    }

    /** What was put in last lasts a cell longer. */
    void holdOn() {
        if (entered.isEmpty()) {
            session.say(Words.say("oneByOne.nothing"));
            return;
        }
        long at = session.transport().playhead().get();
        long to = next(at);
        commands.edit("oneByOne.held", Words.count("noteCount", entered.peek().notes().size()),
                LineEdit.moveEnds(NoteSet.of(entered.peek().notes()), to - at));
        session.transport().moveTo(to);
    }

    /** Takes away what was put in last, and goes back to where it stood; else goes back by a cell of the grid. */
    void back() {
        if (entered.isEmpty()) {
            TimeMap time = session.song().time();
            long at = session.transport().playhead().get();
            session.transport().moveTo(Math.max(0, session.snap().lines(time, at).map(grid -> grid.before(at))
                    .orElse(at - time.ticksPerQuarter())));
            return;
        }
        Entered last = entered.pop();
        commands.edit("oneByOne.back", Words.count("noteCount", last.notes().size()), LineEdit.delete(NoteSet.of(last.notes())));
        session.transport().moveTo(last.from());
    }
}
