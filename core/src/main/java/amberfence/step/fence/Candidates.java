package amberfence.step.fence;

/** The one or two MIDI pitches that each note of a line may take. In bytes: a long line is looked through several times. */
public final class Candidates {
    private final byte[] low;
    private final byte[] high;

    /** @param notes how many; each must be given its pitches */
    public Candidates(int notes) {
        low = new byte[notes];
        high = new byte[notes];
    }

    /** A note has no choice. */
    public void settle(int note, int pitch) {
        low[note] = (byte) pitch;
        high[note] = (byte) pitch;
    }

    /** A note may take the inside pitches on both sides of one; at an end of MIDI the only one. */
    public void near(int note, int pitch, Neighbours neighbours) {
        int below = neighbours.below(pitch);
        int above = neighbours.above(pitch);
        low[note] = (byte) (below == Neighbours.NONE ? above : below);
        high[note] = (byte) (above == Neighbours.NONE ? below : above);
    }

    int low(int note) {
        return low[note];
    }

    int high(int note) {
        return high[note];
    }

    boolean isFixed(int note) {
        return low[note] == high[note];
    }
}
