package amberfence.format.musicxml;

import amberfence.format.musicxml.WrittenBars.TimeSignature;
import java.util.Optional;
import java.util.stream.Stream;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.Time;

/** Metres as they are written; several in one signature are added up, as in 3/8 + 2/4. */
final class TimeSignatures {
    private static final ObjectFactory MAKE = new ObjectFactory();

    private TimeSignatures() {
    }

    /** The signature; empty where it cannot be told. */
    static Optional<TimeSignature> read(Time time) {
        double quarters = 0;
        int finest = 1;
        int beats = 0;
        for (var number : time.getTimeSignature()) {
            String text = number.getValue() == null ? "" : number.getValue().strip();
            if (number.getName().getLocalPart().equals("beats")) {
                if (!text.matches("\\d{1,3}( *\\+ *\\d{1,3}){0,9}")) {
                    return Optional.empty();
                }
                beats = Stream.of(text.split("\\+")).mapToInt(beat -> Integer.parseInt(beat.strip())).sum();
            } else if (text.matches("\\d{1,2}") && beats > 0 && Integer.bitCount(Integer.parseInt(text)) == 1 && Integer.parseInt(text) <= 64) {
                finest = Math.max(finest, Integer.parseInt(text));
                quarters += 4.0 * beats / Integer.parseInt(text);
            } else {
                return Optional.empty();
            }
        }
        int numerator = (int) Math.round(quarters * finest / 4);
        return numerator < 1 || numerator > 255 ? Optional.empty() : Optional.of(new TimeSignature(numerator, finest));
    }

    static Time write(int numerator, int denominator) {
        Time time = MAKE.createTime();
        time.getTimeSignature().add(MAKE.createTimeBeats(Integer.toString(numerator)));
        time.getTimeSignature().add(MAKE.createTimeBeatType(Integer.toString(denominator)));
        return time;
    }
}
