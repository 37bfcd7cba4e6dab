package amberfence.step.draw;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.step.Accents;
import amberfence.step.InsidePlaces;
import amberfence.step.NoteCount;
import amberfence.step.NoteDice;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import amberfence.theory.Range;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.LongFunction;

/** Writes grace notes, and takes their time from what is there. */
final class GraceWriter {
    private static final int WHOLE = 100;
    private static final int CHANCE = 0;
    private final Grace step;
    private final Line in;
    private final NoteDice dice;
    private final Work work;
    private final Making making;
    private final TimeMap time;
    private final LongFunction<InsidePlaces> placesAt;
    /** What became of notes that gave time, by identity. */
    private final Map<Long, Note> now;
    private final Set<Long> free;
    /** Beginnings of grace notes, each with its pitch and channel in one number. */
    private final Set<Long> there;
    private final NoteCount without = new NoteCount();

    GraceWriter(Grace step, Line in, Surroundings around, Work work) {
        this.step = step;
        this.in = in;
        this.dice = NoteDice.of(step.seed(), in, around);
        this.work = work;
        this.making = new Making(around, work);
        this.time = around.time();
        // With room for all from the beginning: growing again and again is what took longest.
        this.free = new HashSet<>(2 * in.size());
        this.there = new HashSet<>(2 * in.size());
        this.now = new HashMap<>(2 * in.size());
        this.placesAt = InsidePlaces.along(around.fence());
    }

    void write() {
        List<Note> notes = making.free(in);
        notes.forEach(note -> free.add(note.id()));
        List<Note> sounding = new ArrayList<>();
        int next = 0;
        for (Note note : notes) {
            long each = Math.max(1, step.at().ticks(time, note.start()));
            long all = each * step.count();
            long from = step.place() == Grace.Place.AFTER ? note.end() - all : step.onBeat() ? note.start() : note.start() - all;
            long earliest = note.start() - all;
            // What begins before the last of the grace notes ends, and still sounds where they could be.
            while (next < in.size() && in.notes().get(next).start() <= Math.max(note.start(), from + all - 1)) {
                sounding.add(in.notes().get(next++));
            }
            sounding.removeIf(old -> old.end() <= earliest);
            if (dice.roll(note, CHANCE, WHOLE) < step.chance()) {
                work.turn();
                grace(note, from, each, sounding);
            }
        }
        for (Note note : notes) {
            Note after = now.getOrDefault(note.id(), note);
            if (after.equals(note)) {
                making.keep(note);
            } else {
                making.change(note, after, new DrawReason.GaveTime(note.length() - after.length()));
            }
        }
        work.find(without, DrawFinding.NoRoomForGrace::new);
        making.write();
    }

    private Note now(Note note) {
        return now.getOrDefault(note.id(), note);
    }

    /** A run has room whole or not at all. */
    private void grace(Note note, long from, long each, List<Note> sounding) {
        long to = from + each * step.count();
        List<Integer> pitches = pitches(note.pitch(), from, each);
        boolean before = step.place() == Grace.Place.BEFORE && !step.onBeat();
        Map<Long, Note> given = new HashMap<>();
        List<Long> places = new ArrayList<>();
        for (int i = 0; i < pitches.size(); i++) {
            places.add((from + i * each) << 11 | pitches.get(i) << 4 | note.channel());
        }
        boolean room = from >= 0 && Collections.disjoint(places, there) && pitches.stream().allMatch(Range.PITCH::contains) && (before || gives(note, from, to, given));
        for (Note other : sounding) {
            Note there = now(other);
            if (other.id() == note.id() || there.start() >= to || there.end() <= from || !room) {
                continue;
            }
            if (before && there.end() <= note.start() && free.contains(other.id())) {
                room = there.start() < from;
                given.put(other.id(), there.withLength(Math.max(1, from - there.start())));
            } else if (there.channel() == note.channel() && pitches.contains(there.pitch())) {
                room = false;
            }
        }
        if (!room) {
            without.add(note);
            return;
        }
        now.putAll(given);
        there.addAll(places);
        for (int i = 0; i < pitches.size(); i++) {
            making.make(note, note.withStart(from + i * each).withLength(each).withPitch(pitches.get(i)).withVelocity(Accents.of(note.velocity(),
                    step.velocity())), new DrawReason.Graced(i + 1, step.count(), step.place() == Grace.Place.AFTER));
        }
    }

    /** The note gives the time itself; at least a tick of it stays. */
    private boolean gives(Note note, long from, long to, Map<Long, Note> given) {
        Note there = now(note);
        boolean onBeat = step.place() == Grace.Place.BEFORE;
        long length = onBeat ? there.end() - to : from - there.start();
        if (length < 1) {
            return false;
        }
        given.put(note.id(), onBeat ? there.withStart(to).withLength(length) : there.withLength(length));
        return true;
    }

    /** In the order in which they sound: towards the note, or from it on. */
    private List<Integer> pitches(int pitch, long from, long each) {
        List<Integer> pitches = new ArrayList<>();
        boolean after = step.place() == Grace.Place.AFTER;
        for (int i = 0; i < step.count(); i++) {
            int away = after ? i + 1 : step.count() - i;
            InsidePlaces places = placesAt.apply(Math.max(0, from + i * each));
            pitches.add(switch (step.from()) {
                case ABOVE -> places.moved(pitch, away);
                case BELOW -> places.moved(pitch, -away);
                case BOTH -> places.moved(pitch, i % 2 == 0 ? 1 : -1);
                case SEMITONE -> pitch - away;
                case SAME -> pitch;
            });
        }
        return pitches;
    }
}
