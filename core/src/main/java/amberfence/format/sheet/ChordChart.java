package amberfence.format.sheet;

import amberfence.notes.ChordSpan;
import amberfence.notes.FenceLine;
import amberfence.notes.Metre;
import amberfence.notes.Progression;
import amberfence.notes.TimeMap;
import amberfence.song.Song;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.MusicTextException;
import amberfence.theory.Numerals;
import amberfence.theory.RomanNumeral;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.LongSupplier;

/**
 * Chords as a text chart: {@code | Dm7 G7 | Cmaj7 | % | N.C. |}. The chords of a bar share it evenly; {@code /} goes on with
 * the chord before, an empty bar as well, {@code %} repeats the bar before, {@code N.C.} is no chord; {@code |: :|} are played twice. Written with chord symbols or Roman numerals,
 * four bars in a line, and as a ChordPro grid.
 */
public final class ChordChart {
    private static final int BARS_IN_A_LINE = 4;
    /** Nobody reads a longer chart; it is broken off, and says so. */
    private static final int MOST_BARS = 4_000;
    private static final String NO_CHORD = "N.C.";
    /** A bar in which the chord before goes on. */
    private static final List<String> GOES_ON = List.of("/");

    private ChordChart() {
    }

    /**
     * Reads a chart.
     *
     * @param fromBar where the first bar of the chart stands in the song
     * @param fresh gives identities to the chords
     * @param key the key in which Roman numerals are read
     */
    public static List<ChordSpan> read(String text, TimeMap time, int fromBar, LongSupplier fresh, Key key) {
        List<ChordSpan> spans = new ArrayList<>();
        List<String> before = List.of(NO_CHORD);
        int bar = fromBar;
        for (List<String> written : ChartBars.read(text)) {
            List<String> tokens = written.equals(List.of("%")) ? before : written.isEmpty() ? GOES_ON : written;
            add(tokens, time, bar, fresh, key, spans);
            before = tokens;
            bar++;
        }
        return spans;
    }

    private static void add(List<String> tokens, TimeMap time, int bar, LongSupplier fresh, Key key, List<ChordSpan> spans) {
        for (int i = 0; i < tokens.size(); i++) {
            long start = time.shareStart(bar, i, tokens.size());
            long end = time.shareStart(bar, i + 1, tokens.size());
            String token = tokens.get(i);
            int last = spans.size() - 1;
            if (token.equals("/") || token.equals(".")) {
                if (last >= 0 && spans.get(last).end() == start) {
                    spans.set(last, spans.get(last).withTime(spans.get(last).start(), end));
                }
            } else if (!token.toUpperCase(Locale.ROOT).matches("N\\.?C\\.?|-")) {
                spans.add(ChordSpan.of(fresh.getAsLong(), start, end, chord(token, bar, key)));
            }
        }
    }

    private static Chord chord(String token, int bar, Key key) {
        try {
            return RomanNumeral.parseChord(token, key);
        } catch (MusicTextException e) {
            throw new MusicTextException(Texts.say("bar %s: %s", bar, e.getMessage()), e.suggestions());
        }
    }

    /** The progression as chord symbols, from the bar of its first chord to that of its last. */
    public static String symbols(Song song) {
        return lines(song, span -> span.chord().text());
    }

    /** The progression as Roman numerals, in the key of each moment. */
    public static String numerals(Song song) {
        FenceLine fence = song.fence().along(song.time());
        Numerals numerals = Numerals.of(song.progression().spans(), ChordSpan::chord, span -> fence.keyAt(span.start()));
        return lines(song, span -> numerals.of(span.chord(), fence.keyAt(span.start())).replace(" ", ""));
    }

    /** A ChordPro file (the open format of chordpro.org, version 6, from memory) with the chords as a grid. */
    public static String chordPro(Song song) {
        Metre metre = song.time().metres().get(0);
        return "{title: " + song.title() + "}\n{key: " + song.fence().keys().first().tonic().plainText()
                + (song.fence().keys().first().scale().semitones().containsPitch(4) ? "" : "m") + "}\n{time: " + metre.text()
                + "}\n{start_of_grid}\n" + lines(song, span -> span.chord().plainText()).replaceAll("(?<= )/(?= )", ".")
                + "{end_of_grid}\n";
    }

    private static String lines(Song song, Function<ChordSpan, String> words) {
        Progression progression = song.progression();
        if (progression.isEmpty()) {
            return "";
        }
        TimeMap time = song.time();
        StringBuilder text = new StringBuilder();
        int first = time.barOf(progression.spans().get(0).start());
        int end = time.barOf(progression.end() - 1);
        int last = Math.min(end, first + MOST_BARS - 1);
        for (int bar = first; bar <= last; bar++) {
            text.append((bar - first) % BARS_IN_A_LINE == 0 ? "| " : "").append(String.join(" ", bar(progression, time, bar, words)))
                    .append(" |").append((bar - first) % BARS_IN_A_LINE == BARS_IN_A_LINE - 1 || bar == last ? "\n" : " ");
        }
        if (end > last) {
            text.append("(").append(end - last).append(" more bars)\n");
        }
        return text.toString();
    }

    /** One sign a main beat, or fewer where the chords share the bar evenly. */
    private static List<String> bar(Progression progression, TimeMap time, int bar, Function<ChordSpan, String> words) {
        List<String> beats = new ArrayList<>();
        long end = time.barStart(bar + 1);
        for (long at = time.barStart(bar); at < end; at = time.nextPulse(at)) {
            long next = Math.min(end, time.nextPulse(at));
            long here = at;
            ChordSpan before = progression.at(here - 1).orElse(null);
            ChordSpan now = progression.at(here).or(() -> progression.at(next - 1)).orElse(null);
            beats.add(now == null ? NO_CHORD : now == before && !beats.isEmpty() ? "/" : words.apply(now));
        }
        return shortened(beats);
    }

    private static List<String> shortened(List<String> beats) {
        for (int parts = 1; parts < beats.size(); parts++) {
            if (beats.size() % parts == 0 && isEven(beats, parts)) {
                List<String> few = new ArrayList<>();
                for (int i = 0; i < parts; i++) {
                    few.add(beats.get(i * beats.size() / parts));
                }
                return few;
            }
        }
        return beats;
    }

    private static boolean isEven(List<String> beats, int parts) {
        int size = beats.size() / parts;
        for (int i = 0; i < beats.size(); i++) {
            boolean begins = i % size == 0;
            boolean repeats = beats.get(i).equals("/") || beats.get(i).equals(NO_CHORD) && beats.get(i - i % size).equals(NO_CHORD);
            if (begins ? beats.get(i).equals("/") : !repeats) {
                return false;
            }
        }
        return true;
    }
}
