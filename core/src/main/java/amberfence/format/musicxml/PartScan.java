package amberfence.format.musicxml;

import amberfence.format.UnreadableFileException;
import amberfence.format.musicxml.WrittenScore.Bar;
import amberfence.format.musicxml.WrittenScore.WrittenPart;
import amberfence.format.notation.KeySignatures;
import amberfence.words.Texts;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.Backup;
import org.audiveris.proxymusic.Barline;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.Forward;
import org.audiveris.proxymusic.Key;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.Offset;
import org.audiveris.proxymusic.Sound;
import org.audiveris.proxymusic.Time;

/** Goes through one part as it is written: says what is heard in each bar, and tells the score what holds for all parts. */
final class PartScan {
    private static final double MOST_QUARTERS = 100_000;
    private final WrittenPart part;
    private final WrittenBars score;
    private final LeftOut leftOut;
    private final String name;
    private final ScoreNotes notes;
    private final List<BarEvents> bars = new ArrayList<>();
    private final Map<Integer, amberfence.theory.Key> keys = new HashMap<>();
    private double divisions = 1;
    private Transposition transposition = Transposition.NONE;
    private amberfence.theory.Key key = KeySignatures.read(0, "major");
    /** Where the next note begins, in quarters from the bar's beginning. */
    private double cursor;
    private int bar;
    private BarEvents events;

    PartScan(WrittenPart part, WrittenBars score, LeftOut leftOut, String name) {
        this.part = part;
        this.score = score;
        this.leftOut = leftOut;
        this.name = name;
        this.notes = new ScoreNotes(new ScoreInstruments(part.head()), leftOut);
    }

    List<BarEvents> scan() throws UnreadableFileException {
        for (bar = 0; bar < part.bars().size(); bar++) {
            Bar written = part.bars().get(bar);
            events = new BarEvents(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
            bars.add(events);
            cursor = 0;
            double reached = 0;
            for (Object item : written.items()) {
                take(item);
                reached = Math.max(reached, cursor);
                if (reached > MOST_QUARTERS) {
                    throw new UnreadableFileException(Texts.say("%s has a bar of more than %s quarters, bar %s", name, (long) MOST_QUARTERS, (bar + 1)));
                }
            }
            score.reach(bar, reached, written.implicit());
        }
        if (!isDrums()) {
            keys.forEach(score::key);
        }
        return bars;
    }

    /** Whether all that sounds are drums. */
    boolean isDrums() {
        return !notes.hasPitches() && bars.stream().anyMatch(some -> !some.notes().isEmpty());
    }

    private void take(Object item) {
        if (item instanceof Note note) {
            cursor = notes.take(note, bar, cursor, divisions, transposition, events.notes());
        } else if (item instanceof Backup backup) {
            cursor = Math.max(0, cursor - Quarters.length(backup.getDuration(), divisions));
        } else if (item instanceof Forward forward) {
            cursor += Quarters.length(forward.getDuration(), divisions);
        } else if (item instanceof Attributes attributes) {
            take(attributes);
        } else if (item instanceof Direction direction) {
            double at = at(direction.getOffset());
            ScoreTempos.of(direction, at).ifPresent(events.tempos()::add);
            direction.getDirectionType().forEach(type -> {
                type.getDynamics().forEach(mark -> leftOut.add(LeftOut.Kind.DYNAMICS, bar));
                if (type.getWedge() != null && type.getWedge().getType() != null && !type.getWedge().getType().name().matches("STOP|CONTINUE")) {
                    leftOut.add(LeftOut.Kind.HAIRPIN, bar);
                }
            });
            if (direction.getSound() != null) {
                BarMarks.take(direction.getSound(), score.marks().get(bar));
            }
        } else if (item instanceof Sound sound) {
            ScoreTempos.of(sound, at(sound.getOffset())).ifPresent(events.tempos()::add);
            BarMarks.take(sound, score.marks().get(bar));
        } else if (item instanceof Barline line) {
            BarMarks.take(line, score.marks(), bar);
        } else if (item instanceof org.audiveris.proxymusic.Harmony harmony) {
            double at = at(harmony.getOffset());
            HarmonyReader.read(harmony, key, transposition).ifPresentOrElse(chord -> events.chords().add(new BarEvents.Harmony(at, chord.sounding())),
                    () -> leftOut.add(LeftOut.Kind.CHORD, bar));
        }
    }

    private double at(Offset offset) {
        return Math.max(0, cursor + (offset == null ? 0 : Quarters.number(offset.getValue(), 0) / divisions));
    }

    private void take(Attributes attributes) {
        double given = Quarters.number(attributes.getDivisions(), 0);
        divisions = given > 0 ? given : divisions;
        if (!attributes.getTranspose().isEmpty()) {
            transposition = Transposition.of(attributes.getTranspose().get(0));
        }
        for (Key written : attributes.getKey()) {
            if (written.getFifths() != null) {
                int fifths = written.getFifths().max(BigInteger.valueOf(-99)).min(BigInteger.valueOf(99)).intValue();
                key = KeySignatures.read(fifths + transposition.fifths(), written.getMode());
                keys.put(bar, key);
                break;
            }
        }
        if (!attributes.getTime().isEmpty()) {
            Time time = attributes.getTime().get(0);
            score.time(bar, time.getSenzaMisura() != null ? Optional.empty() : TimeSignatures.read(time));
        }
    }
}
