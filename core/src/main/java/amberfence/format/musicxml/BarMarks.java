package amberfence.format.musicxml;

import amberfence.format.musicxml.PlayingOrder.Marks;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.audiveris.proxymusic.BackwardForward;
import org.audiveris.proxymusic.Barline;
import org.audiveris.proxymusic.Ending;
import org.audiveris.proxymusic.Sound;
import org.audiveris.proxymusic.StartStopDiscontinue;
import org.audiveris.proxymusic.YesNo;

/** Takes from bar lines and sounds what they say of the order in which bars are played. */
final class BarMarks {
    private static final int MOST_TIMES = 100;

    private BarMarks() {
    }

    static void take(Sound sound, Marks marks) {
        Optional.ofNullable(sound.getSegno()).ifPresent(marks.segnos::add);
        Optional.ofNullable(sound.getCoda()).ifPresent(marks.codas::add);
        marks.daCapo |= sound.getDacapo() == YesNo.YES;
        marks.dalSegno = marks.dalSegno.or(() -> Optional.ofNullable(sound.getDalsegno()));
        marks.toCoda = marks.toCoda.or(() -> Optional.ofNullable(sound.getTocoda()));
        marks.fine |= sound.getFine() != null;
        marks.forward |= sound.getForwardRepeat() == YesNo.YES;
    }

    static void take(Barline line, List<Marks> bars, int bar) {
        Marks marks = bars.get(bar);
        Optional.ofNullable(line.getSegnoAttribute()).ifPresent(marks.segnos::add);
        Optional.ofNullable(line.getCodaAttribute()).ifPresent(marks.codas::add);
        if (line.getEnding() != null) {
            take(line.getEnding(), bars, bar);
        }
        if (line.getRepeat() != null && line.getRepeat().getDirection() == BackwardForward.FORWARD) {
            marks.forward = true;
        } else if (line.getRepeat() != null && line.getRepeat().getDirection() == BackwardForward.BACKWARD) {
            int times = Optional.ofNullable(line.getRepeat().getTimes()).map(given -> given.bitLength() > 20 ? MOST_TIMES + 1 : given.intValue()).orElse(2);
            marks.times = Math.max(marks.times, Math.max(1, times));
            marks.afterJump |= line.getRepeat().getAfterJump() == YesNo.YES;
        }
    }

    /** Whether some bar is repeated more often than anybody means. */
    static boolean isEndless(List<Marks> bars) {
        return bars.stream().anyMatch(marks -> marks.times > MOST_TIMES);
    }

    private static void take(Ending ending, List<Marks> bars, int bar) {
        Set<Integer> numbers = new HashSet<>();
        Stream.of(Optional.ofNullable(ending.getNumber()).orElse("").split("[^0-9]+")).filter(number -> number.matches("\\d{1,3}"))
                .map(Integer::parseInt).filter(number -> number > 0).forEach(numbers::add);
        if (ending.getType() == StartStopDiscontinue.START) {
            bars.get(bar).endings = numbers;
        } else {
            for (int i = bar; i >= 0; i--) {
                boolean begins = !bars.get(i).endings.isEmpty() && (i == bar || !bars.get(i).endingStops);
                if (begins) {
                    Set<Integer> all = bars.get(i).endings;
                    bars.subList(i, bar + 1).forEach(inside -> inside.endings = all);
                    break;
                }
            }
            bars.get(bar).endingStops = true;
        }
    }
}
