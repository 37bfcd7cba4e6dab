package amberfence.format.musicxml;

import amberfence.format.notation.NotatedBar;
import amberfence.format.notation.NotatedPieces.Piece;
import amberfence.format.notation.NotatedPieces;
import amberfence.format.notation.NotatedVoices.Together;
import amberfence.format.notation.NotatedVoices;
import amberfence.song.Tempo;
import amberfence.theory.Chord;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.YesNo;

/** Writes one voice of one bar, filled up with rests. */
final class VoiceWriter {
    private static final ObjectFactory MAKE = new ObjectFactory();
    private final NoteWriter writer;
    private final NotatedPieces pieces;
    private final NotatedBar notated;
    private final int bar;
    private final int voice;
    private final List<Object> out;
    private SortedMap<Long, Optional<Chord>> chords;
    private SortedMap<Long, Tempo> tempos;

    VoiceWriter(NoteWriter writer, NotatedPieces pieces, NotatedBar notated, int bar, int voice, List<Object> out) {
        this.writer = writer;
        this.pieces = pieces;
        this.notated = notated;
        this.bar = bar;
        this.voice = voice;
        this.out = out;
    }

    /**
     * Writes the bar.
     *
     * @param sounding what sounds in the voice, from the first that reaches into the bar on
     * @param allChords where chords begin, to be written here
     * @param allTempos where tempos begin, to be written here
     */
    void write(List<Together> sounding, SortedMap<Long, Optional<Chord>> allChords, SortedMap<Long, Tempo> allTempos) {
        chords = allChords.subMap(notated.start(), notated.end());
        tempos = allTempos.subMap(notated.start(), notated.end());
        long at = notated.start();
        for (Together together : sounding) {
            if (together.from() >= notated.end()) {
                break;
            }
            long from = Math.max(at, together.from());
            rest(at, from);
            long to = Math.min(notated.end(), together.to());
            for (Piece piece : pieces.split(bar, from, to)) {
                mark(piece);
                boolean chordTone = false;
                for (amberfence.song.Note note : together.notes()) {
                    Note written = writer.note(note, together, piece, voice, chordTone);
                    if (!chordTone) {
                        writer.bracket(written, piece);
                    }
                    out.add(written);
                    chordTone = true;
                }
            }
            at = to;
        }
        rest(at, notated.end());
    }

    private void rest(long from, long to) {
        if (from == notated.start() && to == notated.end()) {
            Piece whole = new Piece(from, to, "", 0, false, false, false);
            mark(whole);
            out.add(writer.rest(whole, voice, true));
            return;
        }
        for (Piece piece : pieces.split(bar, from, to)) {
            mark(piece);
            Note rest = writer.rest(piece, voice, false);
            writer.bracket(rest, piece);
            out.add(rest);
        }
    }

    /** The tempos and chords that begin while a piece lasts stand before it, with how much later they come. */
    private void mark(Piece piece) {
        tempos.subMap(piece.from(), piece.to()).forEach((at, tempo) -> {
            Direction direction = ScoreTempos.write(tempo.quartersPerMinute());
            if (at > piece.from()) {
                direction.setOffset(MAKE.createOffset());
                direction.getOffset().setValue(BigDecimal.valueOf(at - piece.from()));
                direction.getOffset().setSound(YesNo.YES);
            }
            out.add(direction);
        });
        chords.subMap(piece.from(), piece.to()).forEach((at, chord) -> out.add(HarmonyWriter.write(chord, at - piece.from())));
    }
}
