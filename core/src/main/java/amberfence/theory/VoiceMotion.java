package amberfence.theory;

import java.util.ArrayList;
import java.util.List;

/**
 * How the voices of one voicing go on to those of the next: without crossing, and with the least motion in semitones
 * (Tymoczko, Science 313, 2006, 72–74: the sum of the distances). Where the counts differ, a voice splits or two meet.
 */
public record VoiceMotion(List<Move> moves) {
    /** One voice from a pitch to a pitch. */
    public record Move(int from, int to) {
        /** Semitones, upward positive. */
        public int semitones() {
            return to - from;
        }
    }

    public VoiceMotion {
        moves = List.copyOf(moves);
    }

    /** The motion between two voicings. */
    public static VoiceMotion of(Voicing from, Voicing to) {
        List<Integer> a = from.pitches();
        List<Integer> b = to.pitches();
        int[][] best = new int[a.size()][b.size()];
        for (int i = 0; i < a.size(); i++) {
            for (int j = 0; j < b.size(); j++) {
                int before = i == 0 && j == 0 ? 0 : Integer.MAX_VALUE;
                before = i > 0 && j > 0 ? Math.min(before, best[i - 1][j - 1]) : before;
                before = i > 0 && (a.size() > b.size() || j == 0) ? Math.min(before, best[i - 1][j]) : before;
                before = j > 0 && (b.size() > a.size() || i == 0) ? Math.min(before, best[i][j - 1]) : before;
                best[i][j] = before == Integer.MAX_VALUE ? before : before + Math.abs(a.get(i) - b.get(j));
            }
        }
        List<Move> moves = new ArrayList<>();
        int i = a.size() - 1;
        int j = b.size() - 1;
        while (true) {
            moves.add(0, new Move(a.get(i), b.get(j)));
            if (i == 0 && j == 0) {
                return new VoiceMotion(moves);
            }
            int straight = i > 0 && j > 0 ? best[i - 1][j - 1] : Integer.MAX_VALUE;
            int up = i > 0 && (a.size() > b.size() || j == 0) ? best[i - 1][j] : Integer.MAX_VALUE;
            int across = j > 0 && (b.size() > a.size() || i == 0) ? best[i][j - 1] : Integer.MAX_VALUE;
            if (straight <= up && straight <= across) {
                i--;
                j--;
            } else if (up <= across) {
                i--;
            } else {
                j--;
            }
        }
    }

    /** All voices together, in semitones. */
    public int total() {
        return moves.stream().mapToInt(move -> Math.abs(move.semitones())).sum();
    }

    /** Pairs of voices that keep a perfect fifth or octave and both move, the same way: 7 or 0 for each pair. */
    public List<Integer> parallels() {
        List<Integer> found = new ArrayList<>();
        for (int low = 0; low < moves.size(); low++) {
            for (int high = low + 1; high < moves.size(); high++) {
                Move one = moves.get(low);
                Move other = moves.get(high);
                int before = Math.floorMod(other.from() - one.from(), PitchClass.COUNT);
                int after = Math.floorMod(other.to() - one.to(), PitchClass.COUNT);
                boolean together = one.semitones() != 0 && Integer.signum(one.semitones()) == Integer.signum(other.semitones());
                if (together && before == after && (before == 7 || before == 0) && other.from() != one.from()) {
                    found.add(before);
                }
            }
        }
        return found;
    }
}
