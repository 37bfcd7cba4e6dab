package amberfence.sound;

import java.util.function.LongSupplier;

/** A clock that stands still until it is told to go on. */
final class Clock implements LongSupplier {
    private long nanos = 1_000_000;

    @Override
    public long getAsLong() {
        return nanos;
    }

    /** Lets time pass, and the player do its work whenever something is due. */
    void pass(Player player, long micros) {
        long until = nanos + micros * 1000;
        while (true) {
            long pause = player.step();
            if (nanos + Math.max(1, pause) >= until) {
                nanos = until;
                player.step();
                return;
            }
            nanos += Math.max(1, pause);
        }
    }

    void pass(long micros) {
        nanos += micros * 1000;
    }
}
