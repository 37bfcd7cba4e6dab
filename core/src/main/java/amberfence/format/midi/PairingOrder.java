package amberfence.format.midi;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;

/**
 * Orders the note events of one tick so that a reader which pairs first in, first out finds the same notes again: what
 * ends comes before what begins on the same pitch, and of two that begin together the one that ends first comes first.
 * Only events of a channel and pitch on which an edited note stands change places, and only among their own places.
 */
final class PairingOrder {
    private static final int FEW = 20;

    private final Consumer<OutEvent> out;
    /** The events of one tick so far. */
    private OutEvent[] together = new OutEvent[FEW];
    private int size;
    private long tick;

    /** @param out told of the events once those of their tick are in order */
    PairingOrder(Consumer<OutEvent> out) {
        this.out = out;
    }

    /** One event more, not before the one in front of it. */
    void add(OutEvent event) {
        if (event.tick() != tick) {
            end();
            tick = event.tick();
        }
        if (size == together.length) {
            together = Arrays.copyOf(together, 2 * size);
        }
        together[size++] = event;
    }

    /** There are no more events. */
    void end() {
        if (size > 1 && isToBeOrdered()) {
            order();
        }
        for (int i = 0; i < size; i++) {
            out.accept(together[i]);
            together[i] = null;
        }
        size = 0;
    }

    /** Whether a note that was edited stands among others of its channel and pitch; of few events that is seen at once. */
    private boolean isToBeOrdered() {
        if (size > FEW) {
            return true;
        }
        for (int i = 0; i < size; i++) {
            if (together[i] instanceof OutEvent.Sounding note && note.edited()) {
                for (int j = 0; j < size; j++) {
                    if (j != i && together[j] instanceof OutEvent.Sounding other && other.voice() == note.voice()) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private void order() {
        Map<Integer, List<Integer>> places = new HashMap<>();
        Set<Integer> edited = new HashSet<>();
        for (int i = 0; i < size; i++) {
            if (together[i] instanceof OutEvent.Sounding note) {
                places.computeIfAbsent(note.voice(), voice -> new ArrayList<>()).add(i);
                if (note.edited()) {
                    edited.add(note.voice());
                }
            }
        }
        for (int voice : edited) {
            List<Integer> own = places.get(voice);
            List<OutEvent> sorted = new ArrayList<>(own.stream().map(place -> together[place]).toList());
            sorted.sort(Comparator.comparingInt(PairingOrder::rank).thenComparingLong(PairingOrder::end));
            for (int i = 0; i < own.size(); i++) {
                together[own.get(i)] = sorted.get(i);
            }
        }
    }

    private static int rank(OutEvent event) {
        OutEvent.Sounding note = (OutEvent.Sounding) event;
        return note.isOn() ? 1 : note.otherTick() < note.tick() ? 0 : 2;
    }

    private static long end(OutEvent event) {
        return ((OutEvent.Sounding) event).otherTick();
    }
}
