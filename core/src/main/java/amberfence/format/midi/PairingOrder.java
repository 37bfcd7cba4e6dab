package amberfence.format.midi;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Orders the note events of one tick so that a reader which pairs first in, first out finds the same notes again: what
 * ends comes before what begins on the same pitch, and of two that begin together the one that ends first comes first.
 * Only events of a channel and pitch on which an edited note stands change places, and only among their own places.
 */
final class PairingOrder {
    private static final int FEW = 20;

    private PairingOrder() {
    }

    static void apply(List<OutEvent> events) {
        int from = 0;
        while (from < events.size()) {
            long tick = events.get(from).tick();
            int to = from + 1;
            while (to < events.size() && events.get(to).tick() == tick) {
                to++;
            }
            if (to - from > 1 && isToBeOrdered(events, from, to)) {
                applyToTick(events, from, to);
            }
            from = to;
        }
    }

    /** Whether a note that was edited stands among others of its channel and pitch; of few events that is seen at once. */
    private static boolean isToBeOrdered(List<OutEvent> events, int from, int to) {
        if (to - from > FEW) {
            return true;
        }
        for (int i = from; i < to; i++) {
            if (events.get(i) instanceof OutEvent.Sounding note && note.edited()) {
                for (int j = from; j < to; j++) {
                    if (j != i && events.get(j) instanceof OutEvent.Sounding other && other.voice() == note.voice()) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private static void applyToTick(List<OutEvent> events, int from, int to) {
        Map<Integer, List<Integer>> places = new HashMap<>();
        Set<Integer> edited = new HashSet<>();
        for (int i = from; i < to; i++) {
            if (events.get(i) instanceof OutEvent.Sounding note) {
                places.computeIfAbsent(note.voice(), voice -> new ArrayList<>()).add(i);
                if (note.edited()) {
                    edited.add(note.voice());
                }
            }
        }
        for (int voice : edited) {
            List<Integer> own = places.get(voice);
            List<OutEvent> sorted = new ArrayList<>(own.stream().map(events::get).toList());
            sorted.sort(Comparator.comparingInt(PairingOrder::rank).thenComparingLong(PairingOrder::end));
            for (int i = 0; i < own.size(); i++) {
                events.set(own.get(i), sorted.get(i));
            }
        }
    }

    private static int rank(OutEvent event) {
        OutEvent.Sounding note = (OutEvent.Sounding) event;
        return note.isOn() ? 1 : note.note().start() < note.tick() ? 0 : 2;
    }

    private static long end(OutEvent event) {
        OutEvent.Sounding note = (OutEvent.Sounding) event;
        return note.isOn() ? note.note().end() : note.note().start();
    }
}
