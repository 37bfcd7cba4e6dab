package amberfence.format.musicxml;

import amberfence.format.notation.Accidentals;
import amberfence.format.notation.KeySignatures;
import amberfence.format.notation.NotatedPieces.Piece;
import amberfence.format.notation.NotatedVoices.Together;
import amberfence.theory.SpelledPitch;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.Map;
import org.audiveris.proxymusic.Accidental;
import org.audiveris.proxymusic.AccidentalValue;
import org.audiveris.proxymusic.Instrument;
import org.audiveris.proxymusic.Notations;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.NoteheadValue;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.Pitch;
import org.audiveris.proxymusic.StartStop;
import org.audiveris.proxymusic.Step;
import org.audiveris.proxymusic.Tie;
import org.audiveris.proxymusic.Tied;
import org.audiveris.proxymusic.TiedType;
import org.audiveris.proxymusic.TimeModification;
import org.audiveris.proxymusic.Tuplet;
import org.audiveris.proxymusic.Unpitched;
import org.audiveris.proxymusic.YesNo;

/** Writes the notes and rests of one part. What the notation moves is kept beside it, as how much earlier or later it is played. */
final class NoteWriter {
    private static final ObjectFactory MAKE = new ObjectFactory();
    private static final Map<Integer, AccidentalValue> SIGNS = Map.of(-2, AccidentalValue.FLAT_FLAT, -1, AccidentalValue.FLAT, 0, AccidentalValue.NATURAL,
            1, AccidentalValue.SHARP, 2, AccidentalValue.DOUBLE_SHARP);
    private final PartHead head;
    private final int perTick;
    private Accidentals accidentals;
    private KeySignatures.Signature key;

    NoteWriter(PartHead head, int perTick) {
        this.head = head;
        this.perTick = perTick;
    }

    void beginBar(KeySignatures.Signature newKey) {
        key = newKey;
        accidentals = new Accidentals(newKey.fifths());
    }

    Note rest(Piece piece, int voice, boolean wholeBar) {
        Note note = timed(piece, voice, !wholeBar);
        note.setRest(MAKE.createRest());
        if (wholeBar) {
            note.getRest().setMeasure(YesNo.YES);
        }
        return note;
    }

    /** @param chordTone whether it sounds together with the note written before */
    Note note(amberfence.notes.Note sounding, Together together, Piece piece, int voice, boolean chordTone) {
        Note note = timed(piece, voice, true);
        if (chordTone) {
            note.setChord(MAKE.createEmpty());
        }
        boolean first = piece.from() == together.from();
        boolean last = piece.to() == together.to();
        if (head.drums().containsKey(sounding.pitch())) {
            drum(note, sounding.pitch());
        } else {
            pitch(note, sounding.pitch(), first);
        }
        if (sounding.velocity() != ScoreNotes.FORTE) {
            note.setDynamics(percent(sounding.velocity()));
        }
        if (first && sounding.start() * perTick != together.from()) {
            note.setAttack(BigDecimal.valueOf(sounding.start() * perTick - together.from()));
        }
        if (last) {
            if (sounding.end() * perTick != together.to()) {
                note.setRelease(BigDecimal.valueOf(sounding.end() * perTick - together.to()));
            }
            if (sounding.release() != amberfence.notes.Note.USUAL_RELEASE) {
                note.setEndDynamics(percent(sounding.release()));
            }
        }
        if (!first) {
            tie(note, StartStop.STOP, TiedType.STOP);
        }
        if (!last) {
            tie(note, StartStop.START, TiedType.START);
        }
        return note;
    }

    /** Percent of the forte velocity, fine enough to give the same velocity back. */
    private static BigDecimal percent(int velocity) {
        return BigDecimal.valueOf(velocity).multiply(BigDecimal.valueOf(100)).divide(BigDecimal.valueOf(ScoreNotes.FORTE), 2, RoundingMode.HALF_UP)
                .stripTrailingZeros();
    }

    private Note timed(Piece piece, int voice, boolean typed) {
        Note note = MAKE.createNote();
        note.setDuration(BigDecimal.valueOf(piece.to() - piece.from()));
        note.setVoice(Integer.toString(voice));
        if (typed && !piece.type().isEmpty()) {
            note.setType(MAKE.createNoteType());
            note.getType().setValue(piece.type());
            for (int i = 0; i < piece.dots(); i++) {
                note.getDot().add(MAKE.createEmptyPlacement());
            }
        }
        if (piece.tuplet()) {
            TimeModification three = MAKE.createTimeModification();
            three.setActualNotes(BigInteger.valueOf(3));
            three.setNormalNotes(BigInteger.TWO);
            three.setNormalType("eighth");
            note.setTimeModification(three);
        }
        return note;
    }

    /** Draws where three in the time of two begin and end, on the first note of a chord. */
    void bracket(Note note, Piece piece) {
        if (piece.opens()) {
            tuplet(note, StartStop.START);
        }
        if (piece.closes()) {
            tuplet(note, StartStop.STOP);
        }
    }

    private void tuplet(Note note, StartStop type) {
        Tuplet tuplet = MAKE.createTuplet();
        tuplet.setType(type);
        tuplet.setNumber(1);
        notations(note).getTiedOrSlurOrTuplet().add(tuplet);
    }

    private static Notations notations(Note note) {
        if (note.getNotations().isEmpty()) {
            note.getNotations().add(MAKE.createNotations());
        }
        return note.getNotations().get(0);
    }

    private static void tie(Note note, StartStop heard, TiedType drawn) {
        Tie tie = MAKE.createTie();
        tie.setType(heard);
        note.getTie().add(tie);
        Tied tied = MAKE.createTied();
        tied.setType(drawn);
        notations(note).getTiedOrSlurOrTuplet().add(tied);
    }

    private void drum(Note note, int pitch) {
        DrumStaff place = DrumStaff.of(pitch);
        Unpitched unpitched = MAKE.createUnpitched();
        unpitched.setDisplayStep(Step.valueOf(place.step()));
        unpitched.setDisplayOctave(place.octave());
        note.setUnpitched(unpitched);
        Instrument instrument = MAKE.createInstrument();
        instrument.setId(head.drums().get(pitch));
        note.getInstrument().add(instrument);
        if (place.cross()) {
            note.setNotehead(MAKE.createNotehead());
            note.getNotehead().setValue(NoteheadValue.X);
        }
    }

    private void pitch(Note note, int midi, boolean first) {
        SpelledPitch spelled = key.key().spelling().pitch(midi);
        Pitch pitch = MAKE.createPitch();
        pitch.setStep(Step.valueOf(spelled.name().letter().name()));
        // The standard has no octave below 0; the lowest pitches of MIDI are an octave under one of those.
        int below = Math.min(0, spelled.octave());
        pitch.setOctave(spelled.octave() - below);
        int alteration = spelled.name().alteration();
        if (alteration + 12 * below != 0) {
            pitch.setAlter(BigDecimal.valueOf(alteration + 12 * below));
        }
        note.setPitch(pitch);
        if (first && below == 0) {
            accidentals.sign(spelled).map(SIGNS::get).ifPresent(sign -> {
                Accidental accidental = MAKE.createAccidental();
                accidental.setValue(sign);
                note.setAccidental(accidental);
            });
        }
    }
}
