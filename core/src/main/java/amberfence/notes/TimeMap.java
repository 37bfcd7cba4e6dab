package amberfence.notes;

import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.LongSummaryStatistics;
import java.util.Objects;
import java.util.function.ToLongFunction;
import java.util.stream.Collectors;

/**
 * Tempo and metre over time; turns ticks into bar, beat and tick and back, in any metre. A change of metre begins a bar,
 * wherever it stands. Beats that do not fall on whole ticks begin on the tick before.
 */
public final class TimeMap {
    private static final Range RESOLUTION = new Range(Texts.text("ticks per quarter"), 1, 65535);
    private final int ticksPerQuarter;
    private final List<Tempo> tempos;
    private final List<Metre> metres;
    private final StrongBeats strongBeats;
    /** How many bars lie before each metre, so that files with thousands of metres are not counted through for every note. */
    private final long[] barsBefore;

    /**
     * @param ticksPerQuarter 1–65535
     * @param givenTempos by tick, the first at 0
     * @param givenMetres by tick, the first at 0
     */
    public TimeMap(int ticksPerQuarter, List<Tempo> givenTempos, List<Metre> givenMetres) {
        this(ticksPerQuarter, givenTempos, givenMetres, StrongBeats.OF_THE_METRE);
    }

    private TimeMap(int ticksPerQuarter, List<Tempo> givenTempos, List<Metre> givenMetres, StrongBeats strongBeats) {
        this.strongBeats = strongBeats;
        this.ticksPerQuarter = RESOLUTION.check(ticksPerQuarter);
        this.tempos = List.copyOf(givenTempos);
        this.metres = List.copyOf(givenMetres);
        if (tempos.isEmpty() || tempos.get(0).tick() != 0 || metres.isEmpty() || metres.get(0).tick() != 0) {
            throw new IllegalArgumentException(Texts.say("a time map has a tempo and a metre at tick 0"));
        }
        checkOrder(tempos.stream().mapToLong(Tempo::tick).toArray(), "tempos");
        checkOrder(metres.stream().mapToLong(Metre::tick).toArray(), "metres");
        barsBefore = new long[metres.size()];
        for (int i = 1; i < barsBefore.length; i++) {
            barsBefore[i] = barsBefore[i - 1] + barsIn(i - 1);
        }
    }

    public int ticksPerQuarter() {
        return ticksPerQuarter;
    }

    /** By tick, the first at 0. */
    public List<Tempo> tempos() {
        return tempos;
    }

    /** By tick, the first at 0. */
    public List<Metre> metres() {
        return metres;
    }

    public StrongBeats strongBeats() {
        return strongBeats;
    }

    public TimeMap withStrongBeats(StrongBeats others) {
        return new TimeMap(ticksPerQuarter, tempos, metres, others);
    }

    public TimeMap withTempos(List<Tempo> others) {
        return new TimeMap(ticksPerQuarter, others, metres, strongBeats);
    }

    public TimeMap withMetres(List<Metre> others) {
        return new TimeMap(ticksPerQuarter, tempos, others, strongBeats);
    }

    /** A constant tempo and metre. */
    public static TimeMap of(int ticksPerQuarter, int microsecondsPerQuarter, int numerator, int denominator) {
        return new TimeMap(ticksPerQuarter, List.of(new Tempo(0, microsecondsPerQuarter)),
                List.of(new Metre(0, numerator, denominator)));
    }

    /** 120 quarters a minute in 4/4, which is what a MIDI file means when it says nothing. */
    public static TimeMap usual(int ticksPerQuarter) {
        return of(ticksPerQuarter, Tempo.USUAL, 4, 4);
    }

    private static void checkOrder(long[] ticks, String what) {
        for (int i = 1; i < ticks.length; i++) {
            if (ticks[i] <= ticks[i - 1]) {
                throw new IllegalArgumentException(Texts.say("%s must stand at rising ticks, not %s after %s", what, ticks[i], ticks[i - 1]));
            }
        }
    }

    /** Each metre once, as they come, for example "4/4, 3/4". */
    public String metresText() {
        return metres.stream().map(Metre::text).distinct().collect(Collectors.joining(", "));
    }

    /** The tempo in quarters a minute, or the slowest and the fastest, for example "92" or "60–92". */
    public String temposText() {
        LongSummaryStatistics whole = tempos.stream().mapToLong(tempo -> Math.round(tempo.quartersPerMinute())).summaryStatistics();
        return whole.getMin() == whole.getMax() ? Long.toString(whole.getMin()) : whole.getMin() + "–" + whole.getMax();
    }

    public Metre metreAt(long tick) {
        return metres.get(metreIndex(tick));
    }

    public Tempo tempoAt(long tick) {
        return tempos.get(lastAt(tempos, Tempo::tick, tick));
    }

    private int metreIndex(long tick) {
        return lastAt(metres, Metre::tick, tick);
    }

    /** The index of the last that stands at a tick or before; the first stands at 0. */
    private static <T> int lastAt(List<T> all, ToLongFunction<T> place, long tick) {
        int low = 0;
        int high = all.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (place.applyAsLong(all.get(middle)) <= tick) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    /** Ticks from a metre's beginning to its n-th beat (from 0). */
    private long beatOffset(Metre metre, long beat) {
        return Math.floorDiv(beat * 4 * ticksPerQuarter, metre.denominator());
    }

    private long beatAt(Metre metre, long tick) {
        long beat = (tick - metre.tick()) * metre.denominator() / (4L * ticksPerQuarter);
        return beatOffset(metre, beat + 1) <= tick - metre.tick() ? beat + 1 : beat;
    }

    /** How many bars the metre of this index fills before the next metre begins; a part of a bar counts. */
    private long barsIn(int index) {
        long ticks = metres.get(index + 1).tick() - metres.get(index).tick();
        Metre metre = metres.get(index);
        long bar = Math.max(1, beatOffset(metre, metre.numerator()));
        long bars = ticks / bar;
        while (beatOffset(metre, bars * metre.numerator()) < ticks) {
            bars++;
        }
        while (bars > 1 && beatOffset(metre, (bars - 1) * metre.numerator()) >= ticks) {
            bars--;
        }
        return bars;
    }

    /** How many whole bars lie before a tick; more than {@link #position} can tell when a song is endless. */
    public long barsUntil(long tick) {
        int index = metreIndex(tick);
        return barsBefore[index] + beatAt(metres.get(index), tick) / metres.get(index).numerator();
    }

    /** Where a tick falls. */
    public BarPosition position(long tick) {
        Range.TICK.check(tick);
        int index = metreIndex(tick);
        Metre metre = metres.get(index);
        long bars = barsBefore[index];
        long beat = beatAt(metre, tick);
        return new BarPosition((int) (bars + beat / metre.numerator() + 1), (int) (beat % metre.numerator() + 1),
                tick - metre.tick() - beatOffset(metre, beat));
    }

    /** The tick of a place; a beat beyond the bar's last counts on into the next bar. */
    public long tick(BarPosition position) {
        long bar = position.bar() - 1L;
        int found = barsBefore.length == 1 ? 0 : Arrays.binarySearch(barsBefore, bar);
        int index = found < 0 ? -found - 2 : found;
        bar -= barsBefore[index];
        Metre metre = metres.get(index);
        return metre.tick() + beatOffset(metre, bar * metre.numerator() + position.beat() - 1) + position.tick();
    }

    public long barStart(int bar) {
        return tick(new BarPosition(bar, 1, 0));
    }

    /** The tick at which one of the equal shares of a bar begins, counted from 0; the last of all ends where the next bar begins. */
    public long shareStart(int bar, int share, int shares) {
        long from = barStart(bar);
        return from + (barStart(bar + 1) - from) * share / shares;
    }

    public int barOf(long tick) {
        return position(tick).bar();
    }

    /** The first main beat after a tick: 6/8 has two in a bar. */
    public long nextPulse(long tick) {
        Metre metre = metreAt(tick);
        BarPosition position = position(tick);
        int pulse = (position.beat() - 1) / metre.beatsPerPulse() + 1;
        long next = tick(new BarPosition(position.bar(), pulse * metre.beatsPerPulse() + 1, 0));
        long bar = barStart(position.bar() + 1);
        return next <= tick || next > bar ? bar : next;
    }

    /** How many ticks the main beat lasts in which a tick falls. */
    public long pulseLength(long tick) {
        BarPosition position = position(tick);
        int pulse = (position.beat() - 1) / metreAt(tick).beatsPerPulse();
        long from = tick(new BarPosition(position.bar(), pulse * metreAt(tick).beatsPerPulse() + 1, 0));
        return Math.max(1, nextPulse(tick) - from);
    }

    /** Seconds from the beginning to a tick. */
    public double seconds(long tick) {
        double microseconds = 0;
        for (int i = 0; i < tempos.size() && tempos.get(i).tick() < tick; i++) {
            long until = i + 1 < tempos.size() ? Math.min(tick, tempos.get(i + 1).tick()) : tick;
            microseconds += (double) (until - tempos.get(i).tick()) * tempos.get(i).microsecondsPerQuarter();
        }
        return microseconds / ticksPerQuarter / 1e6;
    }

    /** The ticks of all beats in [from, to), for rulers and weights; at most {@code limit} of them. */
    public List<Long> beats(long from, long to, int limit) {
        List<Long> ticks = new ArrayList<>();
        int index = metreIndex(from);
        long beat = beatAt(metres.get(index), from);
        while (ticks.size() < limit) {
            long tick = metres.get(index).tick() + beatOffset(metres.get(index), beat);
            if (index + 1 < metres.size() && tick >= metres.get(index + 1).tick()) {
                index++;
                beat = 0;
                continue;
            }
            if (tick >= to) {
                break;
            }
            if (tick >= from) {
                ticks.add(tick);
            }
            beat++;
        }
        return ticks;
    }

    /** Whether a file that holds ticks, tempos and metres would say the same of both. */
    public boolean isWrittenAs(TimeMap other) {
        return ticksPerQuarter == other.ticksPerQuarter && tempos.equals(other.tempos) && metres.equals(other.metres);
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof TimeMap map && isWrittenAs(map) && strongBeats == map.strongBeats;
    }

    @Override
    public int hashCode() {
        return Objects.hash(ticksPerQuarter, tempos, metres, strongBeats);
    }

    @Override
    public String toString() {
        return ticksPerQuarter + " ticks a quarter, " + tempos + ", " + metres;
    }
}
