package amberfence.result;

import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.StepSlot;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** Which part of a song listens to which, through its steps that are on; and which listen to each other in a circle. */
final class Listening {
    private final Map<Integer, Set<Integer>> heard = new HashMap<>();
    private final Map<Integer, Set<Integer>> circles = new HashMap<>();
    // Tarjan, Depth-first search and linear graph algorithms, 1972.
    private final Map<Integer, Integer> order = new HashMap<>();
    private final Map<Integer, Integer> lowest = new HashMap<>();
    private final Deque<Integer> open = new ArrayDeque<>();

    private Listening() {
    }

    static Listening of(Song song) {
        Listening listening = new Listening();
        for (Part part : song.parts()) {
            Set<Integer> others = listensTo(part);
            if (!others.isEmpty()) {
                listening.heard.put(part.id(), others);
            }
        }
        listening.heard.keySet().forEach(part -> {
            if (!listening.order.containsKey(part)) {
                listening.visit(part);
            }
        });
        return listening;
    }

    static Set<Integer> listensTo(Part part) {
        Set<Integer> others = new TreeSet<>();
        for (StepSlot slot : part.steps()) {
            if (slot.on()) {
                others.addAll(slot.step().listensTo());
            }
        }
        return others;
    }

    private void visit(int part) {
        order.put(part, order.size());
        lowest.put(part, order.get(part));
        open.push(part);
        for (int other : heard.getOrDefault(part, Set.of())) {
            if (!order.containsKey(other)) {
                visit(other);
                lowest.merge(part, lowest.get(other), Math::min);
            } else if (open.contains(other)) {
                lowest.merge(part, order.get(other), Math::min);
            }
        }
        if (lowest.get(part).equals(order.get(part))) {
            Set<Integer> circle = new TreeSet<>();
            int last;
            do {
                last = open.pop();
                circle.add(last);
                circles.put(last, circle);
            } while (last != part);
        }
    }

    /** The parts that hear each other with a part, itself among them; it alone when there are none. */
    Set<Integer> circle(int part) {
        return circles.getOrDefault(part, Set.of(part));
    }

    /** Whether the notes of a part come back to it, over others or straight. */
    boolean isInCircle(int part) {
        return circle(part).size() > 1 || heard.getOrDefault(part, Set.of()).contains(part);
    }
}
