package amberfence.format.leadsheet;

import amberfence.format.notation.KeySignatures.Signature;
import amberfence.format.notation.NotatedPieces.Piece;
import amberfence.theory.SpelledPitch;
import amberfence.words.Typefaces;
import java.io.IOException;
import java.util.List;
import java.util.Map;

/** Draws on one staff: its lines, clef, signature, notes and rests. Steps count lines and spaces up from the lowest line. */
final class Staff {
    static final float SPACE = 6;
    private static final float SIZE = 4 * SPACE;
    private static final float HEAD = 7.1f;
    private static final float LINE = 0.5f;
    private static final float STEM = 0.8f;
    private static final int MIDDLE = 4;
    /** From the letter C up: the steps of F, C, G … in a signature with sharps, and of B, E, A … with flats, in the treble clef. */
    private static final int[] SHARPS = {8, 5, 9, 6, 3, 7, 4};
    private static final int[] FLATS = {4, 7, 3, 6, 2, 5, 1};
    private static final String[] SIGNS = {sign(0x1D12B), "♭", "♮", "♯", sign(0x1D12A)};
    private static final String TREBLE = sign(0x1D11E);
    private static final String BASS = sign(0x1D122);
    private static final String WHOLE_REST = sign(0x1D13B);
    private static final String SIXTEENTH_REST = sign(0x1D13F);
    private static final Map<String, String> RESTS = Map.of("whole", WHOLE_REST, "half", sign(0x1D13C), "quarter", sign(0x1D13D), "eighth", sign(0x1D13E));
    private static final Map<String, String> HEADS = Map.of("whole", sign(0x1D15D), "half", sign(0x1D157));
    private static final String HEAD_OF_OTHERS = sign(0x1D158);
    private static final String FLAG = sign(0x1D16E);
    private static final String TWO_FLAGS = sign(0x1D16F);
    private final Ink ink;
    private final boolean low;
    /** Where the lowest line is. */
    private final float bottom;

    Staff(Ink ink, boolean low, float bottom) {
        this.ink = ink;
        this.low = low;
        this.bottom = bottom;
    }

    private static String sign(int codePoint) {
        return Character.toString(codePoint);
    }

    float y(int step) {
        return bottom - step * SPACE / 2;
    }

    void lines(float from, float to) throws IOException {
        for (int i = 0; i < 5; i++) {
            ink.line(LINE, from, y(2 * i), to, y(2 * i));
        }
    }

    void barLine(float x, boolean last) throws IOException {
        ink.line(last ? 2.4f : STEM, x, y(8), x, y(0));
        if (last) {
            ink.line(STEM, x - 4, y(8), x - 4, y(0));
        }
    }

    private void sign(float x, int step, String sign) throws IOException {
        ink.text(Typefaces.MUSIC, SIZE, x, y(step), sign);
    }

    /** @return where the next sign stands */
    float clef(float x) throws IOException {
        sign(x, 0, low ? BASS : TREBLE);
        return x + 3.6f * SPACE;
    }

    float signature(float x, Signature key) throws IOException {
        int[] steps = key.fifths() > 0 ? SHARPS : FLATS;
        float at = x;
        for (int i = 0; i < Math.abs(key.fifths()); i++) {
            accidental(at, steps[i] - (low ? 2 : 0), key.fifths() > 0 ? 1 : -1);
            at += SPACE * 1.1f;
        }
        return at + (key.fifths() == 0 ? 0 : SPACE * 0.6f);
    }

    float metre(float x, int numerator, int denominator) throws IOException {
        String above = Integer.toString(numerator);
        String below = Integer.toString(denominator);
        float size = 3 * SPACE;
        float width = Math.max(ink.width(Typefaces.SERIF_BOLD, size, above), ink.width(Typefaces.SERIF_BOLD, size, below));
        ink.text(Typefaces.SERIF_BOLD, size, x + (width - ink.width(Typefaces.SERIF_BOLD, size, above)) / 2, y(4), above);
        ink.text(Typefaces.SERIF_BOLD, size, x + (width - ink.width(Typefaces.SERIF_BOLD, size, below)) / 2, y(0), below);
        return x + width + SPACE;
    }

    /** The signs are drawn on the baseline of letters; their middle belongs on the line or space. */
    private void accidental(float x, int step, int alteration) throws IOException {
        float down = alteration == 2 ? 0.5f : alteration < 0 ? 0.45f : 0.52f;
        ink.text(Typefaces.MUSIC, SIZE, x, y(step) + down * SPACE, SIGNS[alteration + 2]);
    }

    /** Lines and spaces from the lowest line up to a note. */
    int step(SpelledPitch pitch) {
        return pitch.octave() * 7 + pitch.name().letter().ordinal() - (low ? 2 * 7 + 4 : 4 * 7 + 2);
    }

    /** Strokes in place of notes that nobody has written. */
    void stroke(float x) throws IOException {
        ink.line(2, x, y(2), x + SPACE * 1.3f, y(6));
    }

    void rest(float x, Piece piece, float barMiddle, boolean wholeBar) throws IOException {
        String sign = wholeBar ? WHOLE_REST : RESTS.getOrDefault(piece.type(), SIXTEENTH_REST);
        sign(wholeBar ? barMiddle - 2 * SPACE : x - 1, 0, sign);
        dots(x + 2.2f * SPACE, 5, wholeBar ? 0 : piece.dots());
    }

    private void dots(float x, int step, int count) throws IOException {
        for (int i = 0; i < count; i++) {
            ink.dot(x + i * 3, y(step % 2 == 0 ? step + 1 : step), 1.1f);
        }
    }

    /** One value with all its heads, without stem and flags. */
    void heads(float x, List<SpelledPitch> pitches, List<Integer> accidentals, Piece piece) throws IOException {
        String head = HEADS.getOrDefault(piece.type(), HEAD_OF_OTHERS);
        for (int i = 0; i < pitches.size(); i++) {
            int step = step(pitches.get(i));
            for (int ledger = -2; ledger >= step; ledger -= 2) {
                ink.line(STEM, x - 2, y(ledger), x + HEAD + 2, y(ledger));
            }
            for (int ledger = 10; ledger <= step; ledger += 2) {
                ink.line(STEM, x - 2, y(ledger), x + HEAD + 2, y(ledger));
            }
            // Heads stand on their baseline, half a space under their middle, and a little to the right.
            ink.text(Typefaces.MUSIC, SIZE, x - 1.2f, y(step) + SPACE * 0.53f, head);
            if (accidentals.get(i) != null) {
                accidental(x - SPACE * 1.35f, step, accidentals.get(i));
            }
            dots(x + HEAD + 3, step, piece.dots());
        }
    }

    /** Whether a stem goes up from notes that lie here. */
    static boolean isUp(int low, int high) {
        return low + high < 2 * MIDDLE;
    }

    /** @param to the step or place at which it ends */
    void stem(float x, boolean up, int from, float to) throws IOException {
        float at = up ? x + HEAD - 0.6f : x + 0.3f;
        ink.line(STEM, at, y(from), at, to);
    }

    float stemX(float x, boolean up) {
        return up ? x + HEAD - 0.6f : x + 0.3f;
    }

    void flag(float x, boolean up, float end, boolean two) throws IOException {
        String sign = two ? TWO_FLAGS : FLAG;
        float height = 1009 / 1000f * SIZE;
        if (up) {
            ink.text(Typefaces.MUSIC, SIZE, stemX(x, true), end + height, sign);
        } else {
            ink.turned(SIZE, stemX(x, false), end - height, sign);
        }
    }

    void beam(float from, float to, float y, boolean up, int level) throws IOException {
        float at = y + (up ? 1 : -1) * (level * 4.2f + 1.5f);
        ink.line(3, from - STEM / 2, at, to + STEM / 2, at);
    }
}
