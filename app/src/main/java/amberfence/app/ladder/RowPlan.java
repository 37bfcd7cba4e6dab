package amberfence.app.ladder;

import amberfence.theory.PitchClassSet;

/** Where the rows of the 128 pitches lie, from the highest down: inside pitches tall, outside ones thin. In pixels. */
final class RowPlan {
    private static final double INSIDE = 25;
    private static final double OUTSIDE = 11;
    static final double LEAST_ZOOM = 0.4;
    static final double MOST_ZOOM = 2.5;
    /** Rows that fit a part are no flatter and no taller than this: they can be read, and leave room around the notes. */
    private static final double FLATTEST = 0.62;
    private static final double TALLEST = 1.1;
    /** How many semitones are seen at least where a part fits: two octaves and a tone. */
    private static final int LEAST_SPAN = 26;

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

    /** The zoom at which all from the lowest to the highest pitch fits into a height, and two octaves at least. */
    static double zoomFor(PitchClassSet inside, int lowest, int highest, double height) {
        int more = Math.max(2, (LEAST_SPAN - (highest - lowest) + 1) / 2);
        double needed = 0;
        for (int pitch = Math.max(0, lowest - more); pitch <= Math.min(127, highest + more); pitch++) {
            needed += inside.containsPitch(pitch) ? INSIDE : OUTSIDE;
        }
        return Math.max(FLATTEST, Math.min(TALLEST, height / needed));
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
