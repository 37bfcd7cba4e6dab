package amberfence.format.musicxml;

import amberfence.format.notation.NotatedBar;
import amberfence.format.notation.NotatedPieces.Piece;
import amberfence.format.notation.NotatedPieces.Value;
import amberfence.format.notation.NotatedVoices.Together;
import amberfence.notes.Tempo;
import amberfence.theory.Chord;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.Note;

/** Writes one voice of one bar, filled up with rests. */
final class VoiceWriter {
    private final NoteWriter writer;
    private final int voice;
    private final SortedMap<Long, Optional<Chord>> chords;
    private final SortedMap<Long, Tempo> tempos;
    private final List<Object> out;

    /**
     * @param chords where chords begin, to be written here
     * @param tempos where tempos begin, to be written here
     */
    VoiceWriter(NoteWriter writer, int voice, SortedMap<Long, Optional<Chord>> chords, SortedMap<Long, Tempo> tempos, List<Object> out) {
        this.writer = writer;
        this.voice = voice;
        this.chords = chords;
        this.tempos = tempos;
        this.out = out;
    }

    void write(List<Value> values, NotatedBar notated) {
        for (Value value : values) {
            Piece piece = value.piece();
            mark(piece);
            if (value.sounding().isPresent()) {
                together(value.sounding().get(), piece);
            } else {
                boolean whole = piece.from() == notated.start() && piece.to() == notated.end();
                Note rest = writer.rest(piece, voice, whole);
                writer.bracket(rest, piece);
                out.add(rest);
            }
        }
    }

    private void together(Together together, Piece piece) {
        boolean chordTone = false;
        for (amberfence.notes.Note note : together.notes()) {
            Note written = writer.note(note, together, piece, voice, chordTone);
            if (!chordTone) {
                writer.bracket(written, piece);
            }
            out.add(written);
            chordTone = true;
        }
    }

    /** The tempos and chords that begin while a piece lasts stand before it, with how much later they come. */
    private void mark(Piece piece) {
        tempos.subMap(piece.from(), piece.to()).forEach((at, tempo) -> {
            Direction direction = ScoreTempos.write(tempo.quartersPerMinute());
            Quarters.later(at - piece.from()).ifPresent(direction::setOffset);
            out.add(direction);
        });
        chords.subMap(piece.from(), piece.to()).forEach((at, chord) -> out.add(HarmonyWriter.write(chord, at - piece.from())));
    }
}
