package amberfence.step.draw;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.step.NoteCount;
import amberfence.step.Reason;
import amberfence.step.Surroundings;
import amberfence.step.Tally;
import amberfence.step.Work;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Notes that a step makes, collected until all of them are known: they give way to what is there. One that would begin with a
 * note of its pitch on its channel is not made, one that would reach into a later one of its pitch ends there; both are found.
 * A note whose place is taken by others is the first of them that has its pitch; without such a one it is gone.
 */
final class Making {
    /**
     * @param source the note of this line that it comes from, if it comes from one
     * @param from identity of what it comes from
     */
    private record Made(Optional<Note> source, long from, Note note, Reason reason) {
        Made withLength(long length) {
            return new Made(source, from, note.withLength(length), reason);
        }
    }

    private final Surroundings around;
    private final Work work;
    private final List<Note> staying = new ArrayList<>();
    private final Map<Long, Reason> replaced = new HashMap<>();
    private final List<Note> sources = new ArrayList<>();
    private final List<Made> made = new ArrayList<>();

    Making(Surroundings around, Work work) {
        this.around = around;
        this.work = work;
    }

    /** Puts into the books what may not be changed, and gives the notes that may. */
    List<Note> free(Line in) {
        List<Note> free = new ArrayList<>();
        for (Note note : in.notes()) {
            if (around.isFree(note)) {
                free.add(note);
            } else {
                staying.add(note);
                work.keepAsChosen(note);
            }
        }
        return free;
    }

    /** A note stays. */
    void keep(Note note) {
        staying.add(note);
        work.keep(note);
    }

    /** A note stays, though it was to be changed. */
    void keep(Note note, Reason reason) {
        staying.add(note);
        work.leave(note, reason);
    }

    /** A note stays, a little changed. */
    void change(Note before, Note after, Reason reason) {
        staying.add(after);
        work.change(before, after, reason);
    }

    /** A note's place is taken by what is made of it, for a reason. */
    void replace(Note source, Reason reason) {
        replaced.put(source.id(), reason);
        sources.add(source);
    }

    /** A note is made from another. */
    void make(Note source, Note note, Reason reason) {
        work.turn();
        made.add(new Made(Optional.of(source), source.id(), note, reason));
    }

    /** A note is made from something that is no note of this line. */
    void makeFrom(long from, Note note, Reason reason) {
        work.turn();
        made.add(new Made(Optional.empty(), from, note, reason));
    }

    private static long place(Note note) {
        return note.start() << 11 | voice(note);
    }

    private static int voice(Note note) {
        return note.channel() << 7 | note.pitch();
    }

    /** Puts all into the books. */
    void write() {
        List<Made> left = withEnds(withRoom());
        Map<Long, Integer> first = new HashMap<>();
        for (int i = 0; i < left.size() && !replaced.isEmpty(); i++) {
            int index = i;
            Note made = left.get(i).note;
            left.get(i).source.filter(source -> source.pitch() == made.pitch() && source.channel() == made.channel() && replaced.containsKey(source.id()))
                    .ifPresent(source -> first.putIfAbsent(source.id(), index));
        }
        for (Note source : sources) {
            Integer index = first.get(source.id());
            if (index == null) {
                work.remove(source, replaced.get(source.id()));
            } else {
                Made now = left.get(index);
                work.change(source, now.note, now.reason);
                left.set(index, null);
            }
        }
        for (Made some : left) {
            if (some != null) {
                some.source.ifPresentOrElse(source -> work.add(source, some.note, some.reason), () -> work.add(some.from, some.note, some.reason));
            }
        }
    }

    /** Those that do not begin with another of their pitch. */
    private List<Made> withRoom() {
        Tally there = new Tally();
        staying.forEach(note -> there.again(place(note)));
        List<Made> left = new ArrayList<>();
        NoteCount gone = new NoteCount();
        for (Made some : made) {
            if (there.again(place(some.note)) == 0) {
                left.add(some);
            } else {
                gone.add(some.note);
            }
        }
        work.find(gone, DrawFinding.GaveWay::new);
        return left;
    }

    /** Each ends where a later one of its pitch begins. */
    private List<Made> withEnds(List<Made> given) {
        long[] next = new long[16 * 128];
        Arrays.fill(next, Long.MAX_VALUE);
        Integer[] order = new Integer[given.size()];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, Comparator.comparingLong((Integer i) -> given.get(i).note.start()).reversed());
        List<Note> there = new ArrayList<>(staying);
        there.sort(Comparator.comparingLong(Note::start).reversed());
        List<Made> left = new ArrayList<>(given);
        Note first = null;
        int cut = 0;
        int staysAt = 0;
        for (int i : order) {
            Made some = given.get(i);
            while (staysAt < there.size() && there.get(staysAt).start() > some.note.start()) {
                next[voice(there.get(staysAt))] = there.get(staysAt).start();
                staysAt++;
            }
            int voice = voice(some.note);
            if (some.note.end() > next[voice]) {
                left.set(i, some.withLength(next[voice] - some.note.start()));
                first = some.note;
                cut++;
            }
            next[voice] = some.note.start();
        }
        if (cut > 0) {
            work.find(new DrawFinding.CutShort(first, cut));
        }
        return left;
    }
}
