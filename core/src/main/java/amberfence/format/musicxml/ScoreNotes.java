package amberfence.format.musicxml;

import amberfence.format.musicxml.BarEvents.Grace;
import amberfence.format.musicxml.BarEvents.Sounding;
import amberfence.theory.Letter;
import amberfence.theory.Range;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.audiveris.proxymusic.Glissando;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.Ornaments;
import org.audiveris.proxymusic.Pitch;
import org.audiveris.proxymusic.Slide;
import org.audiveris.proxymusic.StartStop;
import org.audiveris.proxymusic.Tie;
import org.audiveris.proxymusic.Tied;
import org.audiveris.proxymusic.TiedType;

/** Reads the notes of a part. Percentages of loudness are of velocity 90 (MusicXML 4.0: "percentage of the default forte value 90"). */
final class ScoreNotes {
    static final int FORTE = 90;
    /** Two octaves either way: more than any sign, for the lowest pitches of MIDI are written an octave higher. */
    private static final int MOST_SIGNS = 24;
    private final ScoreInstruments instruments;
    private final LeftOut leftOut;
    /** What waits for the next note of a voice. */
    private final Map<String, List<List<Grace>>> graces = new HashMap<>();
    /** Where the note before began, which the notes of its chord share, in quarters. */
    private double chordAt;
    private boolean pitches;

    ScoreNotes(ScoreInstruments instruments, LeftOut leftOut) {
        this.instruments = instruments;
        this.leftOut = leftOut;
    }

    boolean hasPitches() {
        return pitches;
    }

    /** Adds what sounds; returns where the next note begins. */
    double take(Note note, int bar, double cursor, double divisions, Transposition transposition, List<Sounding> notes) {
        double length = Quarters.length(note.getDuration(), divisions);
        boolean inChord = note.getChord() != null;
        double at = inChord ? chordAt : cursor;
        double next = inChord || note.getGrace() != null ? cursor : cursor + length;
        if (note.getGrace() == null) {
            chordAt = at;
        }
        note.getLyric().forEach(lyric -> leftOut.add(LeftOut.Kind.LYRIC, bar));
        listNotations(note, bar);
        if (note.getRest() != null) {
            return next;
        }
        if (note.getCue() != null) {
            leftOut.add(LeftOut.Kind.CUE_NOTE, bar);
            return next;
        }
        OptionalInt pitch = pitch(note, bar, transposition);
        if (pitch.isEmpty()) {
            return next;
        }
        String voice = note.getVoice() == null ? "" : note.getVoice();
        int velocity = velocity(note.getDynamics(), FORTE, Range.VELOCITY);
        if (note.getGrace() != null) {
            List<List<Grace>> waiting = graces.computeIfAbsent(voice, some -> new ArrayList<>());
            if (!inChord || waiting.isEmpty()) {
                waiting.add(new ArrayList<>());
            }
            waiting.get(waiting.size() - 1).add(new Grace(pitch.getAsInt(), velocity));
            return next;
        }
        List<List<Grace>> before = graces.remove(voice);
        notes.add(new Sounding(at, length, pitch.getAsInt(), velocity, velocity(note.getEndDynamics(), amberfence.notes.Note.USUAL_RELEASE, Range.RELEASE), voice,
                isTied(note, StartStop.STOP, TiedType.STOP), isTied(note, StartStop.START, TiedType.START), Quarters.number(note.getAttack(), 0) / divisions,
                Quarters.number(note.getRelease(), 0) / divisions, before == null ? List.of() : before));
        return next;
    }

    private OptionalInt pitch(Note note, int bar, Transposition transposition) {
        if (note.getUnpitched() != null) {
            Object named = note.getInstrument().isEmpty() ? null : note.getInstrument().get(0).getId();
            OptionalInt drum = instruments.drum(named);
            if (drum.isEmpty()) {
                leftOut.add(LeftOut.Kind.DRUM_NOTE, bar);
            }
            return drum;
        }
        Pitch written = note.getPitch();
        if (written == null || written.getStep() == null) {
            return OptionalInt.empty();
        }
        pitches = true;
        double alter = Quarters.number(written.getAlter(), 0);
        if (Math.abs(alter - Math.rint(alter)) > 1e-6) {
            leftOut.add(LeftOut.Kind.QUARTER_TONE, bar);
        }
        int pitch = 12 * (written.getOctave() + 1) + Letter.valueOf(written.getStep().name()).semitones()
                + (int) Math.round(Math.max(-MOST_SIGNS, Math.min(MOST_SIGNS, alter))) + transposition.semitones();
        if (!Range.PITCH.contains(pitch)) {
            leftOut.add(LeftOut.Kind.OUT_OF_RANGE, bar);
            return OptionalInt.empty();
        }
        return OptionalInt.of(pitch);
    }

    private void listNotations(Note note, int bar) {
        note.getNotations().stream().flatMap(some -> some.getTiedOrSlurOrTuplet().stream()).forEach(notation -> {
            if (notation instanceof Ornaments) {
                leftOut.add(LeftOut.Kind.ORNAMENT, bar);
            } else if (notation instanceof Glissando glissando && glissando.getType() != StartStop.STOP || notation instanceof Slide slide && slide.getType() != StartStop.STOP) {
                leftOut.add(LeftOut.Kind.GLISSANDO, bar);
            } else if (notation instanceof org.audiveris.proxymusic.Dynamics) {
                leftOut.add(LeftOut.Kind.DYNAMICS, bar);
            }
        });
    }

    /** What sounds on is a {@code tie}; where a file only draws it, what is drawn. */
    private static boolean isTied(Note note, StartStop heard, TiedType drawn) {
        if (!note.getTie().isEmpty()) {
            return note.getTie().stream().map(Tie::getType).anyMatch(heard::equals);
        }
        return note.getNotations().stream().flatMap(some -> some.getTiedOrSlurOrTuplet().stream()).filter(Tied.class::isInstance)
                .flatMap(tied -> Stream.ofNullable(((Tied) tied).getType())).anyMatch(type -> type == drawn || type == TiedType.CONTINUE);
    }

    private static int velocity(BigDecimal percent, int usual, Range range) {
        return Optional.ofNullable(percent).map(given -> Quarters.number(given, 100) * FORTE / 100)
                .map(value -> (int) range.nearest(Math.round(value))).orElse(usual);
    }
}
