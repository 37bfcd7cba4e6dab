package amberfence.analysis;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.reading.Strokes;
import amberfence.song.Part;
import amberfence.theory.PitchClass;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/**
 * Fifths and octaves that move in parallel between the highest and the lowest of all pitched parts together, at each stroke that
 * they begin together, both moving (Kostka and Payne, Tonal Harmony, from memory).
 */
final class ParallelFinder {
    private static final int FIFTH = 7;

    private record Outer(Note low, Part lowPart, Note high, Part highPart) {
        Outer with(Note note, Part part) {
            return new Outer(note.pitch() < low.pitch() ? note : low, note.pitch() < low.pitch() ? part : lowPart, note.pitch() > high.pitch() ? note : high,
                    note.pitch() > high.pitch() ? part : highPart);
        }

        boolean isTwo() {
            return high.pitch() > low.pitch();
        }

        int interval() {
            return (high.pitch() - low.pitch()) % PitchClass.COUNT;
        }
    }

    private ParallelFinder() {
    }

    static List<Doubt> find(List<Part> parts, Map<Integer, Line> lines, TimeMap time) {
        List<Outer> all = new ArrayList<>();
        for (Part part : parts) {
            for (Note note : part.isDrums() ? List.<Note>of() : lines.get(part.id()).notes()) {
                all.add(new Outer(note, part, note, part));
            }
        }
        all.sort(Comparator.comparingLong(outer -> outer.low.start()));
        long reach = Math.max(1, Strokes.together(time));
        List<Doubt> found = new ArrayList<>();
        Outer before = null;
        for (int next = 0; next < all.size();) {
            Outer now = all.get(next++);
            long until = now.low.start() + reach;
            while (next < all.size() && all.get(next).low.start() < until) {
                now = now.with(all.get(next).low, all.get(next).lowPart);
                next++;
            }
            if (!now.isTwo()) {
                continue;
            }
            if (before != null && now.interval() == before.interval() && (now.interval() == 0 || now.interval() == FIFTH)
                    && now.low.pitch() != before.low.pitch() && now.high.pitch() != before.high.pitch()
                    && Integer.signum(now.low.pitch() - before.low.pitch()) == Integer.signum(now.high.pitch() - before.high.pitch())) {
                found.add(doubt(now));
            }
            before = now;
        }
        return found;
    }

    private static Doubt doubt(Outer now) {
        boolean octave = now.interval() == 0;
        return new Doubt(DoubtKind.PARALLEL, now.highPart.id(), List.of(now.high, now.low), names -> Texts.say(octave
                ? Texts.text("%s and %s move in parallel octaves") : Texts.text("%s and %s move in parallel fifths"), names.apply(now.low.pitch()),
                names.apply(now.high.pitch())), List.of());
    }
}
