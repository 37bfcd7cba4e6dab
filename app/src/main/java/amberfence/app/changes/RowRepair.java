package amberfence.app.changes;

import java.util.List;
import javafx.collections.ObservableList;

/** Makes one list of rows into another by changing what differs, so that all other rows need not be styled and laid out anew. */
final class RowRepair {
    /** So many rows are changed one by one. */
    private static final int FEW = 30;
    /** Lists with more rows are put in as they are, without asking what differs. */
    private static final int MANY = 2_000;

    private RowRepair() {
    }

    /**
     * Changes what differs, where that is little.
     *
     * @return whether it was little; else nothing was changed
     */
    static <T> boolean tried(ObservableList<T> there, List<T> fresh) {
        if (fresh.size() > MANY || there.size() > MANY || there.isEmpty()) {
            return false;
        }
        int least = Math.min(fresh.size(), there.size());
        int first = 0;
        while (first < least && fresh.get(first).equals(there.get(first))) {
            first++;
        }
        int alike = 0;
        while (alike < least - first && fresh.get(fresh.size() - 1 - alike).equals(there.get(there.size() - 1 - alike))) {
            alike++;
        }
        int old = there.size() - alike - first;
        int now = fresh.size() - alike - first;
        if (old > FEW || now > FEW) {
            return false;
        }
        int shared = first + Math.min(old, now);
        for (int i = first; i < shared; i++) {
            if (!fresh.get(i).equals(there.get(i))) {
                there.set(i, fresh.get(i));
            }
        }
        there.remove(shared, first + old);
        there.addAll(shared, fresh.subList(shared, first + now));
        return true;
    }
}
