package amberfence.reading;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.theory.Key;
import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * Keys of tunes out of two books in the public domain, none of which the finder was adjusted to: Francis O'Neill, Music of
 * Ireland, Chicago 1903 (every twelfth tune, by number), and Ryan's Mammoth Collection, Boston 1883 (every ninth). Of these,
 * only those are taken whose edition names the key on whose tonic the tune ends, as else nobody can say. The scale is the
 * edition's, also where the notes would have it otherwise. The aims were set for the finder, not by what it reaches.
 */
class BookTunesTest {
    private static final double EXACT = 0.95;
    private static final double WITH_RELATIVES = 0.98;
    private static final double CHANGES = 0.9;
    private static final double FALSE_SPLITS = 0.02;
    /** {@code -Damberfence.figures=200} for every other key behind each tune; else one. */
    private static final boolean ALL_KEYS = Integer.getInteger("amberfence.figures", 0) >= 100;
    private static List<BookTune> tunes;

    @BeforeAll
    static void open() throws IOException {
        tunes = BookTune.all();
        assertThat(tunes).hasSizeGreaterThanOrEqualTo(150);
    }

    private static String percent(int count, int of) {
        return String.format("%.1f %%", 100.0 * count / of);
    }

    @Test
    void findsTheKeysOfTunes() {
        int exact = 0;
        int relative = 0;
        StringBuilder missed = new StringBuilder();
        for (int i = 0; i < tunes.size(); i++) {
            BookTune tune = tunes.get(i);
            Key key = tune.key(i % 12);
            Key found = KeyFinder.find(List.of(tune.line(i % 12)), tune.time(), KeyFamily.MODES).get(0).key();
            boolean right = found.equals(key);
            exact += right ? 1 : 0;
            relative += right || found.pitchClasses().equals(key.pitchClasses()) ? 1 : 0;
            missed.append(right ? "" : String.format("  %s (%s): %s, found %s%n", tune.name(), tune.book(), key.text(), found.text()));
        }
        System.out.printf("keys of %d tunes out of books: exact %s (aim 95 %%), with relatives %s (aim 98 %%)%n%s", tunes.size(), percent(exact, tunes.size()),
                percent(relative, tunes.size()), missed);
        assertThat((double) exact / tunes.size()).isGreaterThanOrEqualTo(EXACT);
        assertThat((double) relative / tunes.size()).isGreaterThanOrEqualTo(WITH_RELATIVES);
    }

    @Test
    void aTuneThatStaysInItsKeyIsOneSpan() {
        int split = 0;
        StringBuilder names = new StringBuilder();
        for (int i = 0; i < tunes.size(); i++) {
            BookTune tune = tunes.get(i);
            List<Modulations.Span> spans = Modulations.find(List.of(tune.line(i % 12)), tune.time(), KeyFamily.MODES);
            split += spans.size() > 1 ? 1 : 0;
            names.append(spans.size() > 1 ? "  " + tune.name() + " (" + tune.book() + ")" + spans.stream().map(span -> " " + span.fromBar() + ": " + span.candidate().key().text())
                    .toList() + "\n" : "");
        }
        System.out.printf("tunes taken for changing their key: %s of %d (aim 2 %%)%n%s", percent(split, tunes.size()), tunes.size(), names);
        assertThat((double) split / tunes.size()).isLessThanOrEqualTo(FALSE_SPLITS);
    }

    /** A tune, and behind it another one in another key: the bar is known. */
    @Test
    void findsTheBarInWhichTheKeyChanges() {
        int found = 0;
        int asked = 0;
        StringBuilder missed = new StringBuilder();
        for (int i = 0; i < tunes.size(); i++) {
            BookTune tune = tunes.get(i);
            BookTune next = next(i);
            for (int up = ALL_KEYS ? 1 : 1 + i % 11; up <= (ALL_KEYS ? 11 : 1 + i % 11); up++) {
                Line first = tune.line(0);
                int bar = tune.time().barOf(first.end() - 1) + 1;
                List<Note> behind = next.on(up, tune.time().barStart(bar)).stream().map(note -> note.withId(note.id() + 10_000)).toList();
                if (tune.key(0).pitchClasses().equals(next.key(up).pitchClasses())) {
                    continue;
                }
                Line both = Line.of(Stream.concat(first.notes().stream(), behind.stream()).toList());
                List<Modulations.Span> spans = Modulations.find(List.of(both), tune.time(), KeyFamily.MODES);
                boolean right = spans.size() == 2 && Math.abs(spans.get(1).fromBar() - bar) <= 1;
                asked++;
                found += right ? 1 : 0;
                missed.append(right ? "" : String.format("  %s (%s), then %s up %d: bar %d, found %s%n", tune.name(), tune.scale(), next.scale(), up, bar,
                        spans.stream().map(span -> span.fromBar() + " " + span.candidate().key().text()).toList()));
            }
        }
        System.out.printf("changes of key found to a bar: %s of %d (aim 90 %%)%n%s", percent(found, asked), asked, ALL_KEYS ? "" : missed);
        assertThat((double) found / asked).isGreaterThanOrEqualTo(CHANGES);
    }

    /** The next tune of the book in the same metre. */
    private static BookTune next(int i) {
        BookTune tune = tunes.get(i);
        for (int j = 1; j < tunes.size(); j++) {
            BookTune next = tunes.get((i + j) % tunes.size());
            if (next.numerator() == tune.numerator() && next.denominator() == tune.denominator()) {
                return next;
            }
        }
        return tune;
    }
}
