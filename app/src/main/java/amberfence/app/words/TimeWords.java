package amberfence.app.words;

import amberfence.notes.BarPosition;
import amberfence.notes.Metre;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.words.Decimals;

/** Places, metres and tempi as people write them. */
public final class TimeWords {
    private static final double MICROSECONDS = 60e6;
    private static final double SLOWEST = 4;
    private static final double FASTEST = 999;

    private TimeWords() {
    }

    /** A place: the bar alone at its beginning, else bar and beat. */
    public static String place(TimeMap time, long tick) {
        BarPosition position = time.position(tick);
        return position.beat() == 1 && position.tick() == 0 ? Words.say("time.bar", position.bar()) : Words.say("time.barBeat",
                position.bar(), position.beat());
    }

    /** The note that a tempo counts: dotted in compound metres. */
    public static String beat(Metre metre) {
        return metre.isCompound() ? "♩." : "♩";
    }

    /** How many of the notes that a metre counts go into a minute: quarters, dotted ones in compound metres. */
    public static double perMinute(Tempo tempo, Metre metre) {
        return tempo.quartersPerMinute() / (metre.isCompound() ? 1.5 : 1);
    }

    /** A number with a decimal only where it has one. */
    public static String number(double value) {
        return Decimals.text(value, 1);
    }

    /**
     * A tempo that was typed, in microseconds per quarter.
     *
     * @throws IllegalArgumentException in words, for what is no tempo
     */
    public static int microseconds(String text, Metre metre) {
        if (!text.matches("\\d{1,3}([.,]\\d{1,3})?")) {
            throw new IllegalArgumentException(Words.say("time.tempoWrong", text));
        }
        double value = Double.parseDouble(text.replace(',', '.'));
        if (value < SLOWEST || value > FASTEST) {
            throw new IllegalArgumentException(Words.say("time.tempoWrong", text));
        }
        return (int) Math.round(MICROSECONDS / (value * (metre.isCompound() ? 1.5 : 1)));
    }

    /** Metre and tempo, for example "6/8 · ♩. = 72". */
    public static String of(TimeMap time, long tick) {
        Metre metre = time.metreAt(tick);
        return metre.text() + " · " + tempo(time.tempoAt(tick), metre);
    }

    /** What is another from a tick above 0 on: the metre, the tempo, for example "♩ = 84", or both, as where another note is counted; empty where nothing is. */
    public static String change(TimeMap time, long tick) {
        Metre before = time.metreAt(tick - 1);
        Metre metre = time.metreAt(tick);
        String tempo = tempo(time.tempoAt(tick), metre);
        boolean otherTempo = !tempo.equals(tempo(time.tempoAt(tick - 1), before));
        if (metre.text().equals(before.text())) {
            return otherTempo ? tempo : "";
        }
        return otherTempo ? of(time, tick) : metre.text();
    }

    private static String tempo(Tempo tempo, Metre metre) {
        return beat(metre) + " = " + number(perMinute(tempo, metre));
    }
}
