package amberfence.format.leadsheet;

import amberfence.format.Notice;
import amberfence.format.notation.NotatedBar;
import amberfence.notes.ChordSpan;
import amberfence.notes.FenceLine;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.result.PartResult;
import amberfence.song.Song;
import amberfence.theory.Key;
import amberfence.theory.Numerals;
import amberfence.words.Texts;
import amberfence.words.Typefaces;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.OptionalInt;

/** Lays a song out on pages: title, key and tempo, then lines of four bars with their chords over them. */
final class LeadSheet {
    private static final int BARS_IN_A_LINE = 4;
    /** Nobody plays from a longer sheet; it is broken off, and says so. */
    private static final int MOST_BARS = 800;
    private static final float MARGIN = 44;
    private static final float CHORD = 13;
    private final Song song;
    private final boolean numerals;
    private final List<Notice> notices;
    private final int perTick;
    private final List<NotatedBar> bars;
    private final Tune tune;
    private final FenceLine fence;
    private final Numerals words;

    LeadSheet(Song song, OptionalInt part, boolean numerals, List<Notice> notices) {
        this.song = song;
        this.numerals = numerals;
        this.notices = notices;
        this.fence = song.fence().along(song.time());
        this.words = Numerals.of(song.progression().spans(), ChordSpan::chord, span -> fence.keyAt(span.start()));
        this.perTick = NotatedBar.divisionsPerTick(song.time());
        List<Note> notes = part.isEmpty() ? List.of() : PartResult.lines(song).get(part.getAsInt()).notes();
        long end = Math.max(song.progression().end(), notes.stream().mapToLong(Note::end).max().orElse(0));
        this.bars = NotatedBar.of(song, end, MOST_BARS, perTick);
        this.tune = new Tune(song, notes, part.isPresent(), bars, perTick, notices);
        if (song.time().barStart(bars.size() + 1) < end) {
            notices.add(new Notice("", Texts.say("the lead sheet ends with bar %s", bars.size())));
        }
    }

    byte[] write() {
        try (Ink ink = new Ink()) {
            ink.title(song.title(), song.credits().composer());
            float y = head(ink);
            int to;
            for (int from = 0; from < bars.size(); from = to) {
                to = from + barsInLine(from);
                float height = tune.above(from, to) + 8 * Staff.SPACE / 2 + tune.below(from, to) + CHORD + (numerals ? 16 : 0) + 26;
                if (y + height > Ink.HEIGHT - MARGIN) {
                    y = nextPage(ink);
                }
                y = line(ink, from, to, y);
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            ink.write(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("a lead sheet could not be made", e);
        }
    }

    /** Four, or fewer where they hold so much that it could not be told apart. */
    private int barsInLine(int from) {
        float room = Ink.WIDTH - 2 * MARGIN - (tune.isWritten() ? 30 + 7 * Math.abs(bars.get(from).spelling().fifths()) : 0);
        int count = Math.min(BARS_IN_A_LINE, bars.size() - from);
        while (count > 1 && tune.width(from, from + count) * count > room) {
            count--;
        }
        return count;
    }

    private float head(Ink ink) throws IOException {
        ink.newPage();
        float size = 24;
        while (size > 12 && ink.width(Typefaces.SERIF_BOLD, size, song.title()) > Ink.WIDTH - 2 * MARGIN) {
            size--;
        }
        ink.text(Typefaces.SERIF_BOLD, size, (Ink.WIDTH - ink.width(Typefaces.SERIF_BOLD, size, song.title())) / 2, MARGIN + 24, song.title());
        Key key = song.fence().keys().first();
        String facts = key.text() + "  ·  " + tempo();
        ink.text(Typefaces.SANS, 10, MARGIN, MARGIN + 46, facts);
        String who = song.credits().composer();
        ink.text(Typefaces.SANS, 10, Ink.WIDTH - MARGIN - ink.width(Typefaces.SANS, 10, who), MARGIN + 46, who);
        return MARGIN + 66;
    }

    /** In main beats a minute. */
    private String tempo() {
        Metre metre = song.time().metreAt(0);
        double beats = song.time().tempoAt(0).quartersPerMinute() * metre.denominator() / 4 / metre.beatsPerPulse();
        boolean half = metre.denominator() == 2;
        return metre.text() + "  ·  " + (metre.isCompound() ? "♩." : half ? "½" : metre.denominator() == 4 ? "♩" : "♪") + " = " + Math.round(beats);
    }

    private float nextPage(Ink ink) throws IOException {
        ink.newPage();
        ink.text(Typefaces.SANS, 9, MARGIN, MARGIN, song.title());
        String number = Integer.toString(ink.pages());
        ink.text(Typefaces.SANS, 9, Ink.WIDTH - MARGIN - ink.width(Typefaces.SANS, 9, number), MARGIN, number);
        return MARGIN + 18;
    }

    /** @return where the next line begins */
    private float line(Ink ink, int from, int to, float top) throws IOException {
        float chords = top + CHORD;
        float bottom = chords + 8 + tune.above(from, to) + 4 * Staff.SPACE;
        Staff staff = new Staff(ink, tune.isLow(), bottom);
        float at = MARGIN + 2;
        if (tune.isWritten()) {
            at = staff.clef(at + 2);
            at = staff.signature(at, bars.get(from).spelling());
        }
        if (from == 0) {
            at = staff.metre(at + 2, song.time().metreAt(0).numerator(), song.time().metreAt(0).denominator());
        }
        float right = Ink.WIDTH - MARGIN;
        // A last line that is not full has bars as wide as the others.
        float width = (right - at) / (to == bars.size() && tune.width(from, to) * BARS_IN_A_LINE <= right - at ? BARS_IN_A_LINE : to - from);
        float end = at + width * (to - from);
        staff.lines(MARGIN, end);
        ink.text(Typefaces.SANS, 7, MARGIN, bottom - 4 * Staff.SPACE - 4, Integer.toString(from + 1));
        for (int bar = from; bar < to; bar++) {
            float left = at + width * (bar - from);
            float inner = left + 8;
            NotatedBar notated = bars.get(bar);
            if (bar > 0 && notated.metre().isPresent()) {
                inner = staff.metre(left + 4, notated.metre().get().numerator(), notated.metre().get().denominator()) + 4;
            }
            Places places = new Places(notated, inner, left + width - 6);
            tune.draw(staff, ink, bar, places);
            chords(ink, bar, places, chords, bottom + tune.below(from, to) + 12);
            if (bar > 0 && notated.key().isPresent()) {
                ink.text(Typefaces.SERIF, 10, left + 2, chords - CHORD, song.fence().keys().at(bar + 1).text());
            }
            staff.barLine(left + width, bar == bars.size() - 1);
        }
        return bottom + tune.below(from, to) + (numerals ? 16 : 0) + 26;
    }

    /** Where in a bar a moment stands: in proportion to its time. */
    record Places(NotatedBar bar, float left, float right) {
        float x(long place) {
            return left + (right - left) * (place - bar.start()) / Math.max(1, bar.end() - bar.start());
        }
    }

    private void chords(Ink ink, int bar, Places places, float y, float numeralsY) throws IOException {
        NotatedBar notated = bars.get(bar);
        List<ChordSpan> here = song.progression().spans().stream().filter(span -> span.start() * perTick >= notated.start() && span.start() * perTick < notated.end()).toList();
        for (int i = 0; i < here.size(); i++) {
            ChordSpan span = here.get(i);
            float x = places.x(span.start() * perTick) - 2;
            float room = (i + 1 < here.size() ? places.x(here.get(i + 1).start() * perTick) - 2 : places.right() + 6) - x - 3;
            fitted(ink, Typefaces.SERIF_BOLD, CHORD, x, y, room, span.chord().text());
            if (numerals) {
                fitted(ink, Typefaces.SERIF, 11, x, numeralsY, room, words.of(span.chord(), fence.keyAt(span.start())));
            }
        }
    }

    /** Smaller where there is little room. */
    private static void fitted(Ink ink, Typefaces face, float size, float x, float y, float room, String text) throws IOException {
        float fits = size;
        while (fits > 5 && ink.width(face, fits, text) > room) {
            fits -= 0.5f;
        }
        ink.text(face, fits, x, y, text);
    }
}
