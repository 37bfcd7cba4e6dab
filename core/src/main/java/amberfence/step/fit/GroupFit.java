package amberfence.step.fit;

import amberfence.notes.Note;
import amberfence.reading.RulingChords;
import amberfence.reading.Strokes;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import amberfence.step.fit.HeldNotes.Piece;
import amberfence.theory.NearestVoicing;
import amberfence.theory.PitchClassSet;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** Finds the pitches of all pieces of a chord part: group by group as they are struck, and single ones by their chord. */
final class GroupFit {
    /** So many different notes struck one by one are still an arpeggio of one chord, and not a melody. */
    private static final int ARPEGGIO = 4;

    /** @param chord number of the chord among those that differ */
    private record Question(int chord, int voices, boolean bass) {
    }

    /** @param known what was found before, by the pitches from which it was looked for */
    private record Search(NearestVoicing nearest, Map<List<Integer>, List<Integer>> known) {
        List<Integer> of(List<Integer> from) {
            return known.computeIfAbsent(from, nearest::of);
        }
    }

    private final boolean bass;
    private final RulingChords ruling;
    private final Surroundings around;
    private final Work work;
    private final List<Piece> pieces = new ArrayList<>();
    /** Notes that are not to be moved, and pieces whose pitch is found, while they may still sound. */
    private final List<Note> fixed = new ArrayList<>();
    private final List<Note> sounding = new ArrayList<>();
    private int nextFixed;
    private final Map<Question, Search> searches = new HashMap<>();
    private int[] pitches = new int[0];

    GroupFit(boolean bass, RulingChords ruling, Surroundings around, Work work) {
        this.bass = bass;
        this.ruling = ruling;
        this.around = around;
        this.work = work;
    }

    void add(List<Piece> of) {
        pieces.addAll(of);
    }

    /** A note that sounds among the others and is not moved; notes come in order of time. */
    void sounds(Note note) {
        fixed.add(note);
    }

    /** The pitch of a piece, once all are solved. */
    int pitch(Piece piece) {
        return pitches[piece.index()];
    }

    void solve() {
        pitches = new int[pieces.size()];
        pieces.sort(Comparator.comparing(Piece::note, Note.IN_TIME));
        List<List<Piece>> groups = groups();
        Map<Integer, List<Piece>> singles = new LinkedHashMap<>();
        groups.stream().filter(GroupFit::isSingle).forEach(group -> singles.computeIfAbsent(group.get(0).chord(),
                chord -> new ArrayList<>()).addAll(group));
        singles.forEach((chord, together) -> {
            List<Integer> from = distinct(together);
            List<Integer> found = isArpeggio(from, chord) ? answer(chord, from, false) : List.of();
            take(together, from, found.isEmpty() ? nearest(from, ruling.notes(chord)) : found);
        });
        for (List<Piece> group : groups) {
            if (!isSingle(group)) {
                fit(group);
            }
            group.forEach(piece -> sounding.add(piece.note().withPitch(pitch(piece))));
        }
    }

    /** What is struck together under one chord. */
    private List<List<Piece>> groups() {
        List<List<Piece>> groups = new ArrayList<>();
        long reach = Math.max(1, Strokes.together(around.time()));
        for (int from = 0; from < pieces.size();) {
            int to = from + 1;
            while (to < pieces.size() && pieces.get(to).chord() == pieces.get(from).chord()
                    && pieces.get(to).note().start() - pieces.get(from).note().start() < reach) {
                to++;
            }
            groups.add(pieces.subList(from, to));
            from = to;
        }
        return groups;
    }

    private static boolean isSingle(List<Piece> group) {
        for (Piece piece : group) {
            if (piece.note().pitch() != group.get(0).note().pitch()) {
                return false;
            }
        }
        return true;
    }

    private boolean isArpeggio(List<Integer> different, int chord) {
        int members = ruling.chord(chord).kind().tones().size();
        return different.size() > 1 && different.size() <= 2 * members
                && PitchClassSet.of(different.stream().mapToInt(pitch -> pitch).toArray()).size() <= Math.max(ARPEGGIO, members);
    }

    /** Rising. */
    private static List<Integer> distinct(List<Piece> group) {
        BitSet different = new BitSet();
        group.forEach(piece -> different.set(piece.note().pitch()));
        List<Integer> rising = new ArrayList<>();
        for (int pitch = different.nextSetBit(0); pitch >= 0; pitch = different.nextSetBit(pitch + 1)) {
            rising.add(pitch);
        }
        return rising;
    }

    private void fit(List<Piece> group) {
        Note first = group.get(0).note();
        while (nextFixed < fixed.size() && fixed.get(nextFixed).start() <= first.start()) {
            sounding.add(fixed.get(nextFixed++));
        }
        sounding.removeIf(note -> note.end() <= first.start() + Strokes.together(around.time()));
        Set<Integer> taken = new TreeSet<>();
        sounding.forEach(note -> taken.add(note.pitch()));
        int chord = group.get(0).chord();
        List<Integer> from = distinct(group);
        List<Integer> found = taken.isEmpty() ? List.of()
                : NearestVoicing.of(from, ruling.chord(chord), bass, pitch -> !taken.contains(pitch));
        if (found.isEmpty()) {
            found = answer(chord, from, bass);
        }
        if (found.isEmpty()) {
            work.find(new FitFinding.Crowded(first, from.size()));
            found = nearest(from, ruling.notes(chord));
        }
        take(group, from, found);
    }

    private List<Integer> answer(int chord, List<Integer> from, boolean bassLowest) {
        return searches.computeIfAbsent(new Question(ruling.kindOf(chord), from.size(), bassLowest),
                question -> new Search(NearestVoicing.search(from.size(), ruling.chord(chord), bassLowest, pitch -> true), new HashMap<>())).of(from);
    }

    private void take(List<Piece> group, List<Integer> from, List<Integer> found) {
        group.forEach(piece -> pitches[piece.index()] = found.get(from.indexOf(piece.note().pitch())));
    }

    /** Each to the nearest note of the chord, of two alike the lower. */
    static List<Integer> nearest(List<Integer> from, PitchClassSet notes) {
        return from.stream().map(pitch -> {
            for (int distance = 0;; distance++) {
                if (pitch - distance >= 0 && notes.containsPitch(pitch - distance)) {
                    return pitch - distance;
                } else if (pitch + distance <= 127 && notes.containsPitch(pitch + distance)) {
                    return pitch + distance;
                }
            }
        }).toList();
    }
}
