package amberfence.reading;

import amberfence.notes.Line;
import amberfence.notes.Note;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What differs between two lines. Notes of one identity belong together; of the others those that begin at one moment with
 * one pitch, then those that begin at one moment, from low to high.
 *
 * @param differences in order of time
 * @param same how many notes are alike in both
 */
public record Comparison(List<Difference> differences, int same) {
    /** A note of either line, or of one only, where they differ. */
    public record Difference(Optional<Note> a, Optional<Note> b) {
        /** The note that tells where the difference is. */
        public Note either() {
            return a.orElseGet(b::orElseThrow);
        }

        public boolean isPitch() {
            return isBoth() && a.get().pitch() != b.get().pitch();
        }

        public boolean isStart() {
            return isBoth() && a.get().start() != b.get().start();
        }

        public boolean isLength() {
            return isBoth() && a.get().length() != b.get().length();
        }

        public boolean isVelocity() {
            return isBoth() && a.get().velocity() != b.get().velocity();
        }

        private boolean isBoth() {
            return a.isPresent() && b.isPresent();
        }
    }

    public Comparison {
        differences = List.copyOf(differences);
    }

    public static Comparison of(Line a, Line b) {
        Map<Note, Note> pairs = new LinkedHashMap<>();
        List<Note> left = new ArrayList<>();
        Map<Long, Note> byId = new HashMap<>();
        b.notes().stream().filter(note -> note.id() > 0).forEach(note -> byId.put(note.id(), note));
        for (Note note : a.notes()) {
            Note other = note.id() > 0 ? byId.remove(note.id()) : null;
            if (other == null) {
                left.add(note);
            } else {
                pairs.put(note, other);
            }
        }
        List<Note> right = new ArrayList<>(b.notes().stream().filter(note -> note.id() <= 0 || byId.containsKey(note.id())).toList());
        pair(left, right, pairs, true);
        pair(left, right, pairs, false);
        List<Difference> differences = new ArrayList<>();
        pairs.forEach((one, other) -> {
            if (!isAlike(one, other)) {
                differences.add(new Difference(Optional.of(one), Optional.of(other)));
            }
        });
        int same = pairs.size() - differences.size();
        left.forEach(note -> differences.add(new Difference(Optional.of(note), Optional.empty())));
        right.forEach(note -> differences.add(new Difference(Optional.empty(), Optional.of(note))));
        differences.sort(Comparator.comparing(Difference::either, Note.IN_TIME));
        return new Comparison(differences, same);
    }

    /** Pairs what begins together, with the same pitch or with any; what finds a partner leaves the lists. */
    private static void pair(List<Note> left, List<Note> right, Map<Note, Note> pairs, boolean samePitch) {
        Map<Object, List<Note>> places = new HashMap<>();
        right.forEach(note -> places.computeIfAbsent(place(note, samePitch), key -> new ArrayList<>()).add(note));
        List<Note> found = new ArrayList<>();
        left.removeIf(note -> {
            List<Note> there = places.get(place(note, samePitch));
            if (there == null || there.isEmpty()) {
                return false;
            }
            Note other = there.remove(0);
            pairs.put(note, other);
            found.add(other);
            return true;
        });
        Set<Note> gone = new HashSet<>(found);
        right.removeIf(gone::contains);
    }

    private static Object place(Note note, boolean withPitch) {
        return withPitch ? List.of(note.start(), note.pitch()) : List.of(note.start());
    }

    /** Alike in all that is heard. */
    private static boolean isAlike(Note a, Note b) {
        return a.withId(b.id()).equals(b);
    }
}
