package amberfence.app.ladder;

import amberfence.theory.PitchClassSet;

/** Where the rows of the 128 pitches lie, from the highest down: inside pitches tall, outside ones thin. In pixels. */
final class RowPlan {
    private static final double INSIDE = 25;
    private static final double OUTSIDE = 11;

    private final double[] tops = new double[129];
    private final PitchClassSet inside;
    private final double zoom;

    RowPlan(PitchClassSet inside, double zoom) {
        this.inside = inside;
        this.zoom = zoom;
        double y = 0;
        for (int pitch = 127; pitch >= 0; pitch--) {
            tops[pitch] = y;
            y += (inside.containsPitch(pitch) ? INSIDE : OUTSIDE) * zoom;
        }
        tops[128] = y;
    }

    boolean isInside(int pitch) {
        return inside.containsPitch(pitch);
    }

    double top(int pitch) {
        return tops[pitch];
    }

    double height(int pitch) {
        return (isInside(pitch) ? INSIDE : OUTSIDE) * zoom;
    }

    double middle(int pitch) {
        return tops[pitch] + height(pitch) / 2;
    }

    /** The height of all rows together. */
    double total() {
        return tops[128];
    }

    /** The pitch whose row holds this height, the nearest one beyond the ends. */
    int pitch(double y) {
        int low = 0;
        int high = 127;
        while (low < high) {
            int middle = (low + high) / 2;
            if (tops[middle] <= y) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }
}
