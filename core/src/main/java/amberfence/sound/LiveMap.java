package amberfence.sound;

import amberfence.theory.PitchClassSet;

/** For every key the note that is heard, as the fence has it at a moment. Asking allocates nothing. */
public final class LiveMap {
    /** Nothing is heard. */
    public static final int SILENCE = -1;
    private final byte[] below = new byte[128];
    private final byte[] above = new byte[128];
    private final PitchClassSet inside;

    /** @param inside what is inside; everything is where the set is empty */
    public LiveMap(PitchClassSet inside) {
        this.inside = inside.isEmpty() ? PitchClassSet.ALL : inside;
        int last = SILENCE;
        for (int pitch = 0; pitch < 128; pitch++) {
            last = this.inside.containsPitch(pitch) ? pitch : last;
            below[pitch] = (byte) last;
        }
        last = SILENCE;
        for (int pitch = 127; pitch >= 0; pitch--) {
            last = this.inside.containsPitch(pitch) ? pitch : last;
            above[pitch] = (byte) last;
        }
    }

    public PitchClassSet inside() {
        return inside;
    }

    /**
     * The note that a key sounds.
     *
     * @param lastKey the key before it, or {@link #SILENCE}
     * @param lastHeard what that one sounded
     */
    public int heard(int key, Outside policy, int lastKey, int lastHeard) {
        int down = below[key];
        int up = above[key];
        if (down == key) {
            return key;
        } else if (policy == Outside.SILENT) {
            return SILENCE;
        } else if (down < 0 || up < 0) {
            return Math.max(down, up);
        }
        return switch (policy) {
            case UP -> up;
            case DOWN -> down;
            case SHAPE -> inShape(key, down, up, lastKey, lastHeard);
            default -> key - down <= up - key ? down : up;
        };
    }

    private static int inShape(int key, int down, int up, int lastKey, int lastHeard) {
        if (lastKey < 0 || lastHeard < 0) {
            return key - down <= up - key ? down : up;
        } else if (key == lastKey) {
            return lastHeard;
        }
        boolean rising = key > lastKey;
        boolean downFits = rising ? down > lastHeard : down < lastHeard;
        boolean upFits = rising ? up > lastHeard : up < lastHeard;
        return downFits != upFits ? (downFits ? down : up) : key - down <= up - key ? down : up;
    }
}
