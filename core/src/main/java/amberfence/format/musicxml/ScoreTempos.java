package amberfence.format.musicxml;

import amberfence.format.musicxml.BarEvents.Mark;
import amberfence.words.Decimals;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.audiveris.proxymusic.AboveBelow;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.DirectionType;
import org.audiveris.proxymusic.Metronome;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.Sound;

/** Tempos: {@code sound tempo} is in quarters a minute whatever is printed (MusicXML 4.0); without it a plain metronome mark counts. */
final class ScoreTempos {
    private static final ObjectFactory MAKE = new ObjectFactory();
    private static final List<String> VALUES = List.of("1024th", "512th", "256th", "128th", "64th", "32nd", "16th", "eighth", "quarter", "half", "whole", "breve",
            "long", "maxima");

    private ScoreTempos() {
    }

    static Optional<Mark> of(Sound sound, double at) {
        return Optional.ofNullable(sound.getTempo()).map(tempo -> Quarters.number(tempo, 0)).filter(tempo -> tempo > 0).map(tempo -> new Mark(at, tempo, true));
    }

    static Optional<Mark> of(Direction direction, double at) {
        return Optional.ofNullable(direction.getSound()).flatMap(sound -> of(sound, at)).or(() -> direction.getDirectionType().stream()
                .map(DirectionType::getMetronome).filter(some -> some != null).findFirst().flatMap(ScoreTempos::quartersPerMinute).map(tempo -> new Mark(at, tempo, false)));
    }

    private static Optional<Double> quartersPerMinute(Metronome metronome) {
        int value = metronome.getBeatUnit() == null ? -1 : VALUES.indexOf(metronome.getBeatUnit());
        String text = metronome.getPerMinute() == null || metronome.getPerMinute().getValue() == null ? "" : metronome.getPerMinute().getValue().strip();
        if (value < 0 || !metronome.getBeatUnitTied().isEmpty() || !text.matches("\\d{1,5}(\\.\\d{1,9})?")) {
            return Optional.empty();
        }
        double quarters = Math.pow(2, value - VALUES.indexOf("quarter"));
        // The first dot adds a half, the second a quarter.
        quarters *= 2 - Math.pow(0.5, metronome.getBeatUnitDot().size());
        double tempo = Double.parseDouble(text) * quarters;
        return tempo > 0 ? Optional.of(tempo) : Optional.empty();
    }

    /** A tempo as it is written: printed in quarters, and said exactly for playing. */
    static Direction write(double quartersPerMinute) {
        Metronome metronome = MAKE.createMetronome();
        metronome.setBeatUnit("quarter");
        metronome.setPerMinute(MAKE.createPerMinute());
        metronome.getPerMinute().setValue(Decimals.text(quartersPerMinute, 2));
        DirectionType type = MAKE.createDirectionType();
        type.setMetronome(metronome);
        Direction direction = MAKE.createDirection();
        direction.setPlacement(AboveBelow.ABOVE);
        direction.getDirectionType().add(type);
        direction.setSound(MAKE.createSound());
        direction.getSound().setTempo(new BigDecimal(Decimals.text(quartersPerMinute, 9)));
        return direction;
    }
}
