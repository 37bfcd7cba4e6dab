package amberfence.format.leadsheet;

import amberfence.format.Notice;
import amberfence.format.notation.Accidentals;
import amberfence.format.notation.NotatedBar;
import amberfence.format.notation.NotatedGrid;
import amberfence.format.notation.NotatedPieces.Piece;
import amberfence.format.notation.NotatedPieces;
import amberfence.format.notation.NotatedVoices.Together;
import amberfence.format.notation.NotatedVoices;
import amberfence.notes.Note;
import amberfence.song.Song;
import amberfence.theory.SpelledPitch;
import amberfence.theory.Spelling;
import amberfence.words.Texts;
import amberfence.words.Typefaces;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** The tune on the staff, or strokes for the beats where none is written. */
final class Tune {
    /** How far stems and beams reach past the outermost head, in half spaces. */
    private static final int STEM = 7;
    /** What a bar, a head and a sign need at least, in points. */
    private static final float LEAST = 24;
    private static final float HEAD = 10;
    private static final float SIGN = 9;
    private final boolean written;
    private final List<NotatedBar> bars;
    private final NotatedPieces pieces;
    private final List<List<Together>> byBar;
    private final boolean low;

    /** @param written whether there is a tune at all */
    Tune(Song song, List<Note> notes, boolean written, List<NotatedBar> bars, int perTick, List<Notice> notices) {
        this.written = written;
        this.bars = bars;
        long end = bars.get(bars.size() - 1).end();
        List<Note> shown = notes.stream().filter(note -> note.start() * perTick < end).toList();
        long divisions = (long) song.time().ticksPerQuarter() * perTick;
        NotatedGrid grid = new NotatedGrid(bars, divisions, perTick, shown);
        this.pieces = new NotatedPieces(bars, grid, divisions);
        List<List<Together>> voices = NotatedVoices.of(shown, grid);
        int more = voices.stream().skip(1).flatMap(List::stream).mapToInt(together -> together.notes().size()).sum();
        if (more > 0) {
            notices.add(new Notice("", Texts.count(more, "%s note that overlaps others is not on the lead sheet", "%s notes that overlap others are not on the lead sheet")));
        }
        this.byBar = NotatedVoices.inBars(voices.get(0), bars);
        this.low = NotatedBar.isLow(shown);
    }

    boolean isWritten() {
        return written;
    }

    boolean isLow() {
        return low;
    }

    /** How far up or down each value of some bars reaches with its stem, in half spaces from the lowest line. */
    private IntStream reach(int from, int to, boolean upwards) {
        Staff staff = new Staff(null, low, 0);
        return IntStream.range(from, to).boxed().flatMap(bar -> byBar.get(bar).stream().map(together -> together.notes().stream()
                .mapToInt(note -> staff.step(bars.get(bar).spelling().key().spelling().pitch(note.pitch()))).summaryStatistics())).mapToInt(steps -> {
                    boolean up = Staff.isUp(steps.getMin(), steps.getMax());
                    return upwards ? up ? Math.max(steps.getMax() + STEM, 4) : steps.getMax() + 1 : up ? steps.getMin() - 1 : Math.min(steps.getMin() - STEM, 4);
                });
    }

    /** How much room the notes of some bars need above the staff. */
    float above(int from, int to) {
        return Math.max(0, reach(from, to, true).max().orElse(0) - 8) * Staff.SPACE / 2 + 6;
    }

    /** How much room they need below it. */
    float below(int from, int to) {
        return Math.max(0, -reach(from, to, false).min().orElse(0)) * Staff.SPACE / 2 + 6;
    }

    /** How wide the fullest of some bars should be at least. */
    float width(int from, int to) {
        return (float) IntStream.range(from, to).mapToDouble(bar -> {
            Accidentals accidentals = new Accidentals(bars.get(bar).spelling().fifths());
            double width = LEAST;
            for (Together together : byBar.get(bar)) {
                long signs = together.notes().stream().filter(note -> accidentals.sign(bars.get(bar).spelling().key().spelling().pitch(note.pitch())).isPresent()).count();
                width += HEAD + (signs > 0 ? SIGN : 0);
            }
            return width;
        }).max().orElse(LEAST);
    }

    /** A value at its place, with the heads that it has; none for a rest. */
    private record Placed(Piece piece, float x, List<SpelledPitch> pitches, boolean goesOn) {
        private boolean isShort() {
            return !pitches.isEmpty() && (piece.type().equals("eighth") || piece.type().equals("16th"));
        }
    }

    void draw(Staff staff, Ink ink, int bar, LeadSheet.Places places) throws IOException {
        NotatedBar notated = bars.get(bar);
        if (!written) {
            for (int beat = 0; beat < notated.beats().length - 1; beat++) {
                staff.stroke(places.x(notated.beats()[beat]));
            }
            return;
        }
        List<Placed> placed = place(bar, places);
        if (placed.size() == 1 && placed.get(0).pitches.isEmpty()) {
            staff.rest(0, placed.get(0).piece, (places.left() + places.right()) / 2, true);
            return;
        }
        Accidentals accidentals = new Accidentals(notated.spelling().fifths());
        for (int i = 0; i < placed.size(); i++) {
            Placed value = placed.get(i);
            if (value.pitches.isEmpty()) {
                staff.rest(value.x, value.piece, 0, false);
                continue;
            }
            boolean tied = i > 0 && placed.get(i - 1).goesOn && placed.get(i - 1).pitches.equals(value.pitches) || i == 0 && comesOver(bar);
            List<Integer> signs = new ArrayList<>();
            for (SpelledPitch pitch : value.pitches) {
                signs.add(tied ? null : accidentals.sign(pitch).orElse(null));
            }
            staff.heads(value.x, value.pitches, signs, value.piece);
        }
        stems(staff, notated, placed);
        for (int i = 0; i < placed.size(); i++) {
            if (placed.get(i).goesOn) {
                float to = i + 1 < placed.size() ? placed.get(i + 1).x : places.right() + 4;
                tie(staff, ink, placed.get(i), to);
            }
        }
        if (comesOver(bar) && !placed.isEmpty() && !placed.get(0).pitches.isEmpty()) {
            Placed first = placed.get(0);
            for (SpelledPitch pitch : first.pitches) {
                boolean up = staff.step(pitch) < 4;
                ink.tie(places.left() - 9, first.x, staff.y(staff.step(pitch)) + (up ? 4 : -4), up ? 4 : -4);
            }
        }
        threes(staff, ink, placed);
    }

    private boolean comesOver(int bar) {
        return !byBar.get(bar).isEmpty() && byBar.get(bar).get(0).from() < bars.get(bar).start();
    }

    private List<Placed> place(int bar, LeadSheet.Places places) {
        Spelling spelling = bars.get(bar).spelling().key().spelling();
        return pieces.fill(bar, byBar.get(bar)).stream().map(value -> new Placed(value.piece(), places.x(value.piece().from()),
                value.sounding().map(together -> together.notes().stream().map(note -> spelling.pitch(note.pitch())).toList()).orElse(List.of()),
                value.sounding().filter(together -> value.piece().to() < together.to()).isPresent())).toList();
    }

    private static void tie(Staff staff, Ink ink, Placed value, float to) throws IOException {
        for (SpelledPitch pitch : value.pitches) {
            boolean down = staff.step(pitch) < 4;
            ink.tie(value.x + 7, to, staff.y(staff.step(pitch)) + (down ? 4 : -4), down ? 4 : -4);
        }
    }

    /** Short values of one beat hang together under a beam, all others have a stem of their own. */
    private void stems(Staff staff, NotatedBar notated, List<Placed> placed) throws IOException {
        int i = 0;
        while (i < placed.size()) {
            int from = i++;
            if (!placed.get(from).isShort()) {
                stem(staff, placed.get(from));
                continue;
            }
            int beat = notated.beatAt(placed.get(from).piece.from());
            while (i < placed.size() && placed.get(i).isShort() && notated.beatAt(placed.get(i).piece.from()) == beat) {
                i++;
            }
            if (i - from == 1) {
                stem(staff, placed.get(from));
            } else {
                beam(staff, placed.subList(from, i));
            }
        }
    }

    private void stem(Staff staff, Placed value) throws IOException {
        if (value.pitches.isEmpty() || value.piece.type().equals("whole")) {
            return;
        }
        int lowest = value.pitches.stream().mapToInt(staff::step).min().orElseThrow();
        int highest = value.pitches.stream().mapToInt(staff::step).max().orElseThrow();
        boolean up = Staff.isUp(lowest, highest);
        float end = staff.y(up ? Math.max(highest + STEM, 4) : Math.min(lowest - STEM, 4));
        staff.stem(value.x, up, up ? lowest : highest, end);
        if (value.isShort()) {
            staff.flag(value.x, up, end, value.piece.type().equals("16th"));
        }
    }

    private void beam(Staff staff, List<Placed> group) throws IOException {
        int lowest = group.stream().flatMap(value -> value.pitches.stream()).mapToInt(staff::step).min().orElseThrow();
        int highest = group.stream().flatMap(value -> value.pitches.stream()).mapToInt(staff::step).max().orElseThrow();
        boolean up = Staff.isUp(lowest, highest);
        float end = staff.y(up ? Math.max(highest + STEM - 1, 4) : Math.min(lowest - STEM + 1, 4));
        for (Placed value : group) {
            int own = up ? value.pitches.stream().mapToInt(staff::step).min().orElseThrow() : value.pitches.stream().mapToInt(staff::step).max().orElseThrow();
            staff.stem(value.x, up, own, end);
        }
        staff.beam(staff.stemX(group.get(0).x, up), staff.stemX(group.get(group.size() - 1).x, up), end, up, 0);
        for (int i = 0; i < group.size(); i++) {
            if (!group.get(i).piece.type().equals("16th")) {
                continue;
            }
            float x = staff.stemX(group.get(i).x, up);
            boolean next = i + 1 < group.size() && group.get(i + 1).piece.type().equals("16th");
            boolean before = i > 0 && group.get(i - 1).piece.type().equals("16th");
            if (next) {
                staff.beam(x, staff.stemX(group.get(i + 1).x, up), end, up, 1);
            } else if (!before) {
                staff.beam(i == 0 ? x : x - 6, i == 0 ? x + 6 : x, end, up, 1);
            }
        }
    }

    /** A three over what is played in the time of two. */
    private void threes(Staff staff, Ink ink, List<Placed> placed) throws IOException {
        float from = 0;
        int highest = 8;
        for (Placed value : placed) {
            if (value.piece.opens()) {
                from = value.x;
                highest = 8;
            }
            highest = Math.max(highest, value.pitches.stream().mapToInt(pitch -> Staff.isUp(staff.step(pitch), staff.step(pitch)) ? staff.step(pitch) + STEM
                    : staff.step(pitch) + 3).max().orElse(0));
            if (value.piece.closes()) {
                ink.text(Typefaces.SERIF, 9, (from + value.x + 7) / 2 - 2, staff.y(highest) - 3, "3");
            }
        }
    }
}
