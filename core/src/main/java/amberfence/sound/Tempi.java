package amberfence.sound;

import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import java.util.List;

/** Turns ticks into microseconds and back, quickly, over all changes of tempo. */
public final class Tempi {
    private final long[] ticks;
    private final double[] micros;
    private final double[] perTick;

    public Tempi(TimeMap time) {
        List<Tempo> tempos = time.tempos();
        ticks = new long[tempos.size()];
        micros = new double[tempos.size()];
        perTick = new double[tempos.size()];
        for (int i = 0; i < ticks.length; i++) {
            ticks[i] = tempos.get(i).tick();
            perTick[i] = tempos.get(i).microsecondsPerQuarter() / (double) time.ticksPerQuarter();
            micros[i] = i == 0 ? 0 : micros[i - 1] + (ticks[i] - ticks[i - 1]) * perTick[i - 1];
        }
    }

    /** Microseconds from the beginning to a tick. */
    public long micros(long tick) {
        int low = 0;
        int high = ticks.length - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (ticks[middle] <= tick) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return Math.round(micros[low] + (tick - ticks[low]) * perTick[low]);
    }

    /** The tick at so many microseconds from the beginning. */
    public long tick(long at) {
        int low = 0;
        int high = ticks.length - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (micros[middle] <= at) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return Math.round(ticks[low] + (at - micros[low]) / perTick[low]);
    }
}
