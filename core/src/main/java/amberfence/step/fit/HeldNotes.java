package amberfence.step.fit;

import amberfence.notes.Note;
import amberfence.reading.RulingChords;
import amberfence.reading.Strokes;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import java.util.ArrayList;
import java.util.List;

/** Cuts notes that are held across a change of chord into pieces, one under each chord, and puts them together again. */
final class HeldNotes {
    /**
     * A note or a part of one.
     *
     * @param note with the start and length of the piece and the identity of the whole
     * @param chord index of the chord that rules it
     * @param index among all pieces, from 0
     */
    record Piece(Note note, int chord, int index) {
    }

    private final Held held;
    private final RulingChords ruling;
    private final long shortest;
    private int count;

    HeldNotes(Held held, RulingChords ruling, Surroundings around) {
        this.held = held;
        this.ruling = ruling;
        this.shortest = Math.max(1, Strokes.together(around.time()));
    }

    /**
     * The pieces of a note over which a chord rules. No piece is shorter than a thirty-second.
     *
     * @param first index of the chord that rules the note
     */
    List<Piece> of(Note note, int first) {
        if (held == Held.KEEP) {
            return List.of(new Piece(note, first, count++));
        }
        int chord = first;
        List<Piece> pieces = new ArrayList<>();
        long from = note.start();
        for (int next = chord + 1; next < ruling.size() && ruling.span(next).start() <= note.end() - shortest; next++) {
            long cut = ruling.span(next).start();
            if (cut - from >= shortest) {
                pieces.add(new Piece(note.withStart(from).withLength(cut - from), chord, count++));
                from = cut;
            }
            chord = next;
        }
        pieces.add(new Piece(note.withStart(from).withLength(note.end() - from), chord, count++));
        return pieces;
    }

    /** Puts a note and the pieces into which it is cut in the books. */
    void write(Note note, List<Piece> pieces, GroupFit fit, Work work) {
        if (pieces.size() == 1) {
            whole(note, pieces.get(0), fit.pitch(pieces.get(0)), work);
            return;
        }
        List<Piece> joined = new ArrayList<>();
        for (Piece piece : pieces) {
            int pitch = fit.pitch(piece);
            int last = joined.size() - 1;
            if (held == Held.SPLIT && last >= 0 && joined.get(last).note().pitch() == pitch) {
                Note before = joined.get(last).note();
                joined.set(last, new Piece(before.withLength(piece.note().end() - before.start()), joined.get(last).chord(), piece.index()));
            } else {
                joined.add(new Piece(piece.note().withPitch(pitch), piece.chord(), piece.index()));
            }
        }
        Piece first = joined.get(0);
        if (joined.size() == 1) {
            whole(note, first, first.note().pitch(), work);
            return;
        }
        work.change(note, first.note(), new FitReason.CutAtChord(ruling.text(first.chord()),
                ruling.role(first.chord(), first.note().pitch()), ruling.text(joined.get(1).chord())));
        if (work.isFree(note)) {
            joined.subList(1, joined.size()).forEach(piece -> work.add(note, piece.note(),
                    Members.reason(ruling, piece.chord(), piece.note().pitch())));
        }
    }

    /** What is not cut after all. */
    private void whole(Note note, Piece piece, int pitch, Work work) {
        work.change(note, piece.note().withPitch(pitch), Members.reason(ruling, piece.chord(), pitch));
    }
}
