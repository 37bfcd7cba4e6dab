package amberfence.sound;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Plays a figure over the keys that are held, in time. Other keys change the figure from its next note on, so that the beat goes
 * on; when the last key is let go everything ends. Whoever uses it guards it against several threads.
 */
final class LiveArpeggio {
    /** Takes what begins and ends. */
    interface Sink {
        void on(int channel, int pitch, int velocity);

        void off(int channel, int pitch);
    }

    static final long NOTHING_DUE = Long.MAX_VALUE;

    private record Held(int key, int pitch, int velocity) {
    }

    private record Ringing(int channel, int pitch, long until) {
    }

    private final Sink sink;
    private final List<Held> held = new ArrayList<>();
    private final List<Ringing> ringing = new ArrayList<>();
    private LiveFigure figure = LiveFigure.NONE;
    /** When the figure began, by the clock. */
    private long origin;
    private int next;
    private boolean stale;

    LiveArpeggio(Sink sink) {
        this.sink = sink;
    }

    void hold(int key, int pitch, int velocity, long now) {
        if (held.isEmpty()) {
            origin = now;
            figure = LiveFigure.NONE;
            next = 0;
        }
        held.add(new Held(key, pitch, velocity));
        stale = true;
    }

    void release(int key) {
        // A loop, for letting a key go must not allocate.
        boolean any = false;
        for (int i = held.size() - 1; i >= 0; i--) {
            if (held.get(i).key == key) {
                held.remove(i);
                any = true;
            }
        }
        stale |= any;
        if (any && held.isEmpty()) {
            end();
        }
    }

    /** The steps changed: another figure is wanted. */
    void changed() {
        stale = true;
    }

    /** Whether other keys are held than the figure is made of. */
    boolean isStale() {
        return stale && !held.isEmpty();
    }

    /** What is held, from below, each pitch with its velocity; a figure of it is awaited then. */
    List<int[]> held() {
        stale = false;
        return held.stream().sorted(Comparator.comparingInt(Held::pitch)).map(note -> new int[] {note.pitch, note.velocity}).toList();
    }

    /** Goes on with another figure, in the beat of the one before. */
    void play(LiveFigure other) {
        if (held.isEmpty()) {
            return;
        }
        origin = figure.events().isEmpty() ? origin : due();
        figure = other;
        next = 0;
    }

    private long due() {
        return figure.events().isEmpty() ? NOTHING_DUE : origin + figure.events().get(next).start();
    }

    /** Begins and ends what is due. Returns when the next is. */
    long step(int channel, long now) {
        endDue(now);
        while (!held.isEmpty() && due() <= now) {
            LiveFigure.Event event = figure.events().get(next);
            long until = due() + event.length();
            endSame(channel, event.pitch());
            sink.on(channel, event.pitch(), event.velocity());
            ringing.add(new Ringing(channel, event.pitch(), until));
            if (++next == figure.events().size()) {
                next = 0;
                origin += figure.length();
            }
        }
        long earliest = held.isEmpty() ? NOTHING_DUE : due();
        for (Ringing note : ringing) {
            earliest = Math.min(earliest, note.until);
        }
        return earliest;
    }

    private void endDue(long now) {
        for (int i = ringing.size() - 1; i >= 0; i--) {
            if (ringing.get(i).until <= now) {
                Ringing over = ringing.remove(i);
                sink.off(over.channel, over.pitch);
            }
        }
    }

    private void endSame(int channel, int pitch) {
        for (int i = ringing.size() - 1; i >= 0; i--) {
            if (ringing.get(i).channel == channel && ringing.get(i).pitch == pitch) {
                ringing.remove(i);
                sink.off(channel, pitch);
            }
        }
    }

    /** Ends everything that sounds, and begins nothing more. */
    void end() {
        ringing.forEach(note -> sink.off(note.channel, note.pitch));
        ringing.clear();
        held.clear();
        figure = LiveFigure.NONE;
        stale = false;
    }
}
