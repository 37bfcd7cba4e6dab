package amberfence.format.musicxml;

import amberfence.format.Notice;
import amberfence.format.notation.NotatedBar;
import amberfence.format.notation.NotatedGrid;
import amberfence.format.notation.NotatedPieces;
import amberfence.format.notation.NotatedVoices.Together;
import amberfence.format.notation.NotatedVoices;
import amberfence.notes.ChordSpan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.notes.Tempo;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.Chord;
import amberfence.words.Texts;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.Backup;
import org.audiveris.proxymusic.Clef;
import org.audiveris.proxymusic.ClefSign;
import org.audiveris.proxymusic.Identification;
import org.audiveris.proxymusic.Key;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.TypedText;
import org.audiveris.proxymusic.YesNo;

/**
 * Puts a song into notation. Timing is only moved in what is written: how much earlier or later a note is played stands beside it.
 * Chords and tempos stand in the first part.
 */
final class ScoreWriter {
    private static final ObjectFactory MAKE = new ObjectFactory();
    private final Song song;
    private final List<Part> parts;
    private final Map<Integer, Line> lines;
    private final int perTick;
    private final int divisions;
    private final List<NotatedBar> bars;
    private final TreeMap<Long, Optional<Chord>> chords = new TreeMap<>();
    private final TreeMap<Long, Tempo> tempos = new TreeMap<>();
    private final List<Notice> notices = new ArrayList<>();

    ScoreWriter(Song song, Set<Integer> wanted) {
        this.song = song;
        Map<Integer, Line> results = PartResult.lines(song);
        List<Part> some = song.parts().stream().filter(part -> wanted.contains(part.id())).toList();
        this.parts = some.isEmpty() ? List.of(Part.of(0, Texts.say("Chords"), Role.CHORDS, 0, Line.EMPTY)) : some;
        this.lines = some.isEmpty() ? Map.of(0, Line.EMPTY) : results;
        int ticks = song.time().ticksPerQuarter();
        this.perTick = NotatedBar.divisionsPerTick(song.time());
        this.divisions = ticks * perTick;
        long end = Math.max(song.progression().end(), parts.stream().mapToLong(part -> lines.get(part.id()).end()).max().orElse(0));
        this.bars = NotatedBar.of(song, end, PlayingOrder.MOST_BARS, perTick);
        placeChords();
        song.time().tempos().forEach(tempo -> tempos.put(tempo.tick() * perTick, tempo));
    }

    List<Notice> notices() {
        return notices;
    }

    /** A chord where it begins, and that there is none where the one before ends and no other begins. */
    private void placeChords() {
        for (ChordSpan span : song.progression().spans()) {
            chords.put(span.start() * perTick, Optional.of(span.chord()));
            chords.putIfAbsent(span.end() * perTick, Optional.empty());
        }
        if (!chords.isEmpty() && chords.lastKey() >= bars.get(bars.size() - 1).end()) {
            chords.remove(chords.lastKey());
        }
    }

    ScorePartwise write() {
        ScorePartwise score = MAKE.createScorePartwise();
        score.setVersion("4.0");
        score.setWork(MAKE.createWork());
        score.getWork().setWorkTitle(song.title());
        score.setIdentification(identification());
        score.setPartList(MAKE.createPartList());
        for (Part part : parts) {
            List<Note> notes = written(part);
            PartHead head = PartHead.of(song, part, score.getPart().size(), notes);
            score.getPartList().getPartGroupOrScorePart().add(head.part());
            ScorePartwise.Part made = MAKE.createScorePartwisePart();
            made.setId(head.part());
            score.getPart().add(made);
            write(part, notes, head, made, score.getPart().size() == 1);
        }
        return score;
    }

    private Identification identification() {
        Identification who = MAKE.createIdentification();
        if (!song.credits().composer().isEmpty()) {
            who.getCreator().add(typed(song.credits().composer(), "composer"));
        }
        if (!song.credits().copyright().isEmpty()) {
            who.getRights().add(typed(song.credits().copyright(), null));
        }
        who.setEncoding(MAKE.createEncoding());
        who.getEncoding().getEncodingDateOrEncoderOrSoftware().add(MAKE.createEncodingSoftware("Amber Fence"));
        return who;
    }

    private static TypedText typed(String text, String type) {
        TypedText typed = MAKE.createTypedText();
        typed.setValue(text);
        typed.setType(type);
        return typed;
    }

    /** The notes of a part as far as bars are written. */
    private List<Note> written(Part part) {
        long end = bars.get(bars.size() - 1).end();
        List<Note> all = lines.get(part.id()).notes();
        List<Note> some = all.stream().filter(note -> note.start() * perTick < end).toList();
        if (some.size() < all.size()) {
            notices.add(new Notice(part.name(), Texts.count(all.size() - some.size(), "%s note behind bar %s left out", "%s notes behind bar %s left out", bars.size())));
        }
        return some;
    }

    private void write(Part part, List<Note> notes, PartHead head, ScorePartwise.Part made, boolean first) {
        NotatedGrid grid = new NotatedGrid(bars, divisions, perTick, notes);
        NotatedPieces pieces = new NotatedPieces(bars, grid, divisions);
        List<List<Together>> voices = NotatedVoices.of(notes, grid);
        List<List<List<Together>>> inBars = voices.stream().map(voice -> NotatedVoices.inBars(voice, bars)).toList();
        NoteWriter writer = new NoteWriter(head, perTick);
        for (int bar = 0; bar < bars.size(); bar++) {
            NotatedBar notated = bars.get(bar);
            ScorePartwise.Part.Measure measure = MAKE.createScorePartwisePartMeasure();
            measure.setNumber(Integer.toString(bar + 1));
            if (notated.isShort()) {
                measure.setImplicit(YesNo.YES);
            }
            made.getMeasure().add(measure);
            attributes(part, notes, bar).ifPresent(measure.getNoteOrBackupOrForward()::add);
            writer.beginBar(notated.spelling());
            for (int voice = 0; voice < voices.size(); voice++) {
                List<Together> here = inBars.get(voice).get(bar);
                if (voice > 0 && here.isEmpty()) {
                    continue;
                }
                if (voice > 0) {
                    Backup backup = MAKE.createBackup();
                    backup.setDuration(BigDecimal.valueOf(notated.end() - notated.start()));
                    measure.getNoteOrBackupOrForward().add(backup);
                }
                boolean marked = first && voice == 0;
                new VoiceWriter(writer, voice + 1, marked ? chords : new TreeMap<>(), marked ? tempos : new TreeMap<>(), measure.getNoteOrBackupOrForward())
                        .write(pieces.fill(bar, here), notated);
            }
        }
        sayWhatWasRounded(part, voices);
    }

    private void sayWhatWasRounded(Part part, List<List<Together>> voices) {
        long most = 0;
        int count = 0;
        for (Together together : voices.stream().flatMap(List::stream).toList()) {
            for (Note note : together.notes()) {
                long moved = Math.max(Math.abs(together.from() - note.start() * perTick), Math.abs(together.to() - note.end() * perTick));
                most = Math.max(most, moved);
                count += moved > 0 ? 1 : 0;
            }
        }
        if (count > 0) {
            notices.add(new Notice(part.name(), Texts.count(count, "%s note is written up to %s ticks from where it is played", "%s notes are written up to %s ticks from where they are played",
                    (most + perTick - 1) / perTick)));
        }
    }

    private Optional<Attributes> attributes(Part part, List<Note> notes, int bar) {
        NotatedBar notated = bars.get(bar);
        Attributes attributes = MAKE.createAttributes();
        if (bar == 0) {
            attributes.setDivisions(BigDecimal.valueOf(divisions));
        }
        notated.key().filter(signature -> bar == 0 || !part.isDrums()).ifPresent(signature -> {
            Key key = MAKE.createKey();
            key.setFifths(BigInteger.valueOf(part.isDrums() ? 0 : signature.fifths()));
            if (!part.isDrums()) {
                key.setMode(signature.mode());
            }
            attributes.getKey().add(key);
        });
        notated.metre().ifPresent(metre -> attributes.getTime().add(TimeSignatures.write(metre.numerator(), metre.denominator())));
        if (bar == 0) {
            attributes.getClef().add(clef(part, notes));
        }
        boolean empty = attributes.getDivisions() == null && attributes.getKey().isEmpty() && attributes.getTime().isEmpty();
        return empty ? Optional.empty() : Optional.of(attributes);
    }

    /** By where most of the notes lie. */
    private static Clef clef(Part part, List<Note> notes) {
        Clef clef = MAKE.createClef();
        boolean low = notes.isEmpty() ? part.role() == Role.BASS : NotatedBar.isLow(notes);
        clef.setSign(part.isDrums() ? ClefSign.PERCUSSION : low ? ClefSign.F : ClefSign.G);
        if (!part.isDrums()) {
            clef.setLine(BigInteger.valueOf(low ? 4 : 2));
        }
        return clef;
    }
}
