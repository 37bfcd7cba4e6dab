package amberfence.format.musicxml;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Plays repeats, endings and jumps out: in which order the written bars are heard. */
final class PlayingOrder {
    static final int MOST_BARS = 20_000;

    /** What a bar says of the order; a bar may say several things. */
    static final class Marks {
        /** Whether a repeat begins here. */
        boolean forward;
        /** How often what ends here is played in all; 0 when nothing is repeated. */
        int times;
        boolean afterJump;
        /** In which times of a repeat the bar is played; empty for always. */
        Set<Integer> endings = Set.of();
        /** Whether the ending of this bar ends with it. */
        boolean endingStops;
        Set<String> segnos = new HashSet<>();
        Set<String> codas = new HashSet<>();
        boolean daCapo;
        Optional<String> dalSegno = Optional.empty();
        Optional<String> toCoda = Optional.empty();
        boolean fine;
    }

    /** More bars are played than anybody wants to see. */
    static final class EndlessException extends Exception {
        private static final long serialVersionUID = 1L;
    }

    private final List<Marks> bars;
    private final LeftOut leftOut;
    private final List<Integer> order = new ArrayList<>();
    private final Set<Integer> taken = new HashSet<>();
    /** Where the repeat begins that the next repeat sign goes back to. */
    private int start;
    /** The how-manieth time it is played. */
    private int pass = 1;
    private boolean jumped;

    private PlayingOrder(List<Marks> bars, LeftOut leftOut) {
        this.bars = bars;
        this.leftOut = leftOut;
    }

    static List<Integer> of(List<Marks> bars, LeftOut leftOut) throws EndlessException {
        return new PlayingOrder(bars, leftOut).played();
    }

    private List<Integer> played() throws EndlessException {
        int at = 0;
        while (at < bars.size()) {
            Marks bar = bars.get(at);
            if (bar.forward && at != start) {
                begin(at);
            }
            if (!bar.endings.isEmpty() && !isHeard(at)) {
                at++;
                if (bar.endingStops && isLast(at - 1)) {
                    begin(at);
                }
                continue;
            }
            if (order.size() >= MOST_BARS) {
                throw new EndlessException();
            }
            order.add(at);
            at = next(at, bar);
        }
        return order;
    }

    private void begin(int at) {
        start = at;
        pass = 1;
    }

    /** After a jump repeats are not played, so that the last ending is the one that is heard. */
    private boolean isHeard(int at) {
        return bars.get(at).endings.contains(jumped ? last(at) : pass);
    }

    /** The last of the times for which the endings have bars that one of them belongs to. */
    private int last(int at) {
        int most = 1;
        int from = at;
        while (from > 0 && !bars.get(from - 1).endings.isEmpty()) {
            from--;
        }
        for (int i = from; i < bars.size() && !bars.get(i).endings.isEmpty(); i++) {
            most = Math.max(most, Math.max(bars.get(i).times, bars.get(i).endings.stream().max(Integer::compare).orElse(1)));
        }
        return most;
    }

    private boolean isLast(int at) {
        return at + 1 == bars.size() || bars.get(at + 1).endings.isEmpty();
    }

    private int next(int at, Marks bar) {
        if (jumped && bar.fine) {
            return bars.size();
        }
        if (jumped && bar.toCoda.isPresent() && taken.add(-1 - at)) {
            int coda = find(at, bar.toCoda.get(), false);
            if (coda >= 0) {
                begin(coda);
                return coda;
            }
        }
        boolean again = bar.times > 0 && (!jumped || bar.afterJump) && pass < (bar.endings.isEmpty() ? bar.times : last(at));
        if (again) {
            pass++;
            return start;
        }
        if ((bar.daCapo || bar.dalSegno.isPresent()) && taken.add(at)) {
            int target = bar.daCapo ? 0 : find(at, bar.dalSegno.get(), true);
            if (target >= 0) {
                jumped = true;
                begin(target);
                return target;
            }
        }
        if (bar.times > 0 || !bar.endings.isEmpty() && bar.endingStops && isLast(at)) {
            begin(at + 1);
        }
        return at + 1;
    }

    /** The bar with a label; an only one is meant by any label. */
    private int find(int at, String label, boolean segno) {
        int only = -1;
        int count = 0;
        for (int i = 0; i < bars.size(); i++) {
            Set<String> labels = segno ? bars.get(i).segnos : bars.get(i).codas;
            if (labels.contains(label)) {
                return i;
            }
            if (!labels.isEmpty()) {
                only = i;
                count++;
            }
        }
        if (count == 1) {
            return only;
        }
        leftOut.add(LeftOut.Kind.JUMP, at);
        return -1;
    }
}
