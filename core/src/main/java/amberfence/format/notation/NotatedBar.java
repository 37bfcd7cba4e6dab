package amberfence.format.notation;

import amberfence.format.notation.KeySignatures.Signature;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.song.Song;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A bar as it is notated; places are in divisions from the beginning of the song.
 *
 * @param metre when another one begins
 * @param key when another one begins
 * @param spelling the key that holds
 * @param isShort whether it is not as long as its metre says
 * @param beats where its beats begin, and at last where it ends: quarters, or the main beats of a compound metre
 */
public record NotatedBar(long start, long end, Optional<Metre> metre, Optional<Signature> key, Signature spelling, boolean isShort, long[] beats) {
    private static final int MIDDLE_C = 60;

    /** How many divisions a tick has, so that sixteenths, triplets and ticks all have whole numbers. */
    public static int divisionsPerTick(TimeMap time) {
        return 12 / BigInteger.valueOf(time.ticksPerQuarter()).gcd(BigInteger.valueOf(12)).intValue();
    }

    /** Whether most notes lie so low that they want a bass clef; not so when there are none. */
    public static boolean isLow(List<Note> notes) {
        int[] pitches = notes.stream().mapToInt(Note::pitch).sorted().toArray();
        return pitches.length > 0 && pitches[pitches.length / 2] < MIDDLE_C;
    }

    /** All bars until a tick, at most so many. */
    public static List<NotatedBar> of(Song song, long endTick, int most, int divisionsPerTick) {
        TimeMap time = song.time();
        List<NotatedBar> bars = new ArrayList<>();
        Metre metre = null;
        for (int number = 1; number <= most && (number == 1 || time.barStart(number) < endTick); number++) {
            long from = time.barStart(number);
            long to = time.barStart(number + 1);
            Metre now = time.metreAt(from);
            boolean otherMetre = metre == null || metre.numerator() != now.numerator() || metre.denominator() != now.denominator();
            Signature signature = KeySignatures.write(song.fence().keys().at(number));
            long[] beats = beats(from * divisionsPerTick, to * divisionsPerTick, now, (long) time.ticksPerQuarter() * divisionsPerTick);
            boolean isShort = (to - from) * now.denominator() < 4L * time.ticksPerQuarter() * now.numerator();
            bars.add(new NotatedBar(from * divisionsPerTick, to * divisionsPerTick, Optional.of(now).filter(some -> otherMetre),
                    Optional.of(signature).filter(some -> bars.isEmpty() || !some.equals(bars.get(bars.size() - 1).spelling())), signature, isShort, beats));
            metre = now;
        }
        return bars;
    }

    private static long[] beats(long from, long to, Metre metre, long divisions) {
        long beat = metre.isCompound() ? 12 * divisions / metre.denominator() : divisions;
        int count = (int) ((to - from + beat - 1) / beat);
        long[] beats = new long[count + 1];
        Arrays.setAll(beats, i -> Math.min(to, from + i * beat));
        return beats;
    }

    /** The index of the beat that a place in the bar lies in. */
    public int beatAt(long place) {
        int found = Arrays.binarySearch(beats, place);
        return Math.min(beats.length - 2, found >= 0 ? found : -found - 2);
    }
}
