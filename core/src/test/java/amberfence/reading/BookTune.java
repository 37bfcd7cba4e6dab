package amberfence.reading;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.theory.Key;
import amberfence.theory.PitchClass;
import amberfence.theory.Scales;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/**
 * A tune of a book in the public domain, written as degrees of the major scale above its tonic, so that it can be heard on any:
 * {@code 5,} lies an octave below, {@code 1'} an octave above, {@code b3:12} lasts twelve twelfths of a quarter; six are left out.
 */
record BookTune(String name, String book, String scale, int numerator, int denominator, String degrees) {
    private static final int TWELFTH = 40;
    private static final int USUAL = 6;
    private static final List<String> SEMITONES = List.of("1", "b2", "2", "b3", "3", "4", "#4", "5", "b6", "6", "b7", "7");

    static List<BookTune> all() throws IOException {
        List<BookTune> tunes = new ArrayList<>();
        try (BufferedReader in = new BufferedReader(new InputStreamReader(BookTune.class.getResourceAsStream("book-tunes.txt"), StandardCharsets.UTF_8))) {
            for (String line : in.lines().filter(text -> !text.isBlank() && !text.startsWith("#")).toList()) {
                String[] cells = line.split("\\s*\\|\\|\\s*");
                String[] metre = cells[3].split("/");
                tunes.add(new BookTune(cells[0], cells[1], cells[2], Integer.parseInt(metre[0]), Integer.parseInt(metre[1]), cells[4]));
            }
        }
        return tunes;
    }

    Key key(int tonic) {
        return Key.of(new PitchClass(tonic), Scales.named(scale).orElseThrow());
    }

    TimeMap time() {
        return TimeMap.of(12 * TWELFTH, 500_000, numerator, denominator);
    }

    /** Its notes on a tonic, from a tick on. */
    List<Note> on(int tonic, long from) {
        List<Note> notes = new ArrayList<>();
        long tick = from;
        for (String token : degrees.split(" ")) {
            String[] parts = token.split(":");
            long length = TWELFTH * (parts.length > 1 ? Long.parseLong(parts[1]) : USUAL);
            String degree = parts[0].replaceAll("[',]", "");
            if (!degree.equals("r")) {
                long octaves = parts[0].chars().filter(sign -> sign == '\'').count() - parts[0].chars().filter(sign -> sign == ',').count();
                notes.add(new Note(notes.size() + 1, tick, length, (int) (60 + tonic + SEMITONES.indexOf(degree) + 12 * octaves), 80, 0, 64));
            }
            tick += length;
        }
        return notes;
    }

    Line line(int tonic) {
        return Line.of(on(tonic, 0));
    }
}
