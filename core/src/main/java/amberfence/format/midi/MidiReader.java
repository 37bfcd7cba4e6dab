package amberfence.format.midi;

import amberfence.format.Notice;
import amberfence.format.ReadSong;
import amberfence.format.SongLimits;
import amberfence.format.UnreadableFileException;
import amberfence.reading.RoleGuess;
import amberfence.song.Bytes;
import amberfence.song.Credits;
import amberfence.song.Fence;
import amberfence.song.KeyPlan;
import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.song.Part;
import amberfence.song.Role;
import amberfence.song.Song;
import amberfence.song.SourceFile;
import amberfence.theory.Key;
import amberfence.theory.Letter;
import amberfence.theory.NoteName;
import amberfence.theory.Scales;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.TreeMap;

/** Reads a MIDI file of type 0, 1 or 2, in metrical or SMPTE time. */
public final class MidiReader {
    private static final int USUAL_DIVISION = 96;

    private final byte[] bytes;
    private final List<Notice> notices = new ArrayList<>();
    private final List<SourceFile.Chunk> chunks = new ArrayList<>();
    private final List<List<Note>> notesOfTrack = new ArrayList<>();
    private long nextId = 1;

    private MidiReader(byte[] bytes) {
        this.bytes = bytes;
    }

    /**
     * Reads a file's bytes.
     *
     * @param name what to call the song when the file does not say
     * @throws UnreadableFileException when nothing can be saved; the message is one sentence
     */
    public static ReadSong read(byte[] bytes, String name) throws UnreadableFileException {
        return new MidiReader(bytes).read(name);
    }

    private ReadSong read(String name) throws UnreadableFileException {
        Cursor cursor = new Cursor(bytes, 0, bytes.length);
        int head = findHead(cursor, name);
        cursor.moveTo(head + 4);
        try {
            long headLength = cursor.nextInt();
            int type = cursor.nextShort();
            int declared = cursor.nextShort();
            int division = cursor.nextShort();
            int rest = (int) Math.max(0, Math.min(headLength - 6, cursor.remaining()));
            Bytes headRest = Bytes.of(bytes, cursor.position(), rest);
            cursor.skip(rest);
            readChunks(cursor);
            return song(name, new SourceFile(checkedType(type), checkedDivision(division), headRest, chunks,
                    Bytes.of(bytes, 0, bytes.length)), declared);
        } catch (Cursor.Truncated e) {
            throw new UnreadableFileException(name + " ends inside the header of its MIDI data; there is nothing to save");
        }
    }

    private int findHead(Cursor cursor, String name) throws UnreadableFileException {
        if (cursor.isAt(0, "MThd")) {
            return 0;
        }
        if (bytes.length == 0) {
            throw new UnreadableFileException(name + " is empty");
        }
        int found = cursor.find("MThd", 0);
        if (found < 0) {
            throw new UnreadableFileException(name + " is not a MIDI file: there is no MThd header in it");
        }
        notices.add(new Notice("file", cursor.isAt(0, "RIFF") ? "the MIDI data is taken out of its RIFF wrapper"
                : found + " bytes before the MIDI header are left out"));
        return found;
    }

    private int checkedType(int type) {
        if (type > 2) {
            notices.add(new Notice("header", "file type " + type + " does not exist; the tracks are read as type 1"));
            return 1;
        }
        if (type == 2) {
            notices.add(new Notice("header", "type 2: each track is a pattern of its own; they are shown side by side"));
        }
        return type;
    }

    private int checkedDivision(int division) {
        if ((division & 0x7FFF) == 0 || (division & 0x80FF) == 0x8000) {
            notices.add(new Notice("header", "the time division is 0; " + USUAL_DIVISION + " ticks per quarter are assumed"));
            return USUAL_DIVISION;
        }
        return division;
    }

    private void readChunks(Cursor cursor) {
        try {
            while (cursor.remaining() >= 8) {
                readChunk(cursor);
            }
            if (cursor.hasMore()) {
                notices.add(new Notice("file", cursor.remaining() + " bytes after the last chunk are left out"));
            }
        } catch (Cursor.Truncated e) {
            notices.add(new Notice("file", "the last chunk is cut off and left out"));
        }
    }

    private void readChunk(Cursor cursor) throws Cursor.Truncated {
        int start = cursor.position();
        boolean isTrack = cursor.isAt(start, "MTrk");
        cursor.skip(4);
        long length = cursor.nextInt();
        int body = cursor.position();
        int end = (int) Math.min(body + length, bytes.length);
        if (isTrack) {
            if (body + length > bytes.length) {
                notices.add(new Notice("track " + (notesOfTrack.size() + 1), "claims " + length + " bytes but the file "
                        + "has only " + (bytes.length - body) + " more; those are read"));
            }
            TrackReader track = new TrackReader(new Cursor(bytes, body, end), notesOfTrack.size(), nextId, notices);
            chunks.add(track.read());
            notesOfTrack.add(track.notes());
            nextId = track.nextId();
        } else if (body + length > bytes.length) {
            int found = cursor.find("MTrk", start + 1);
            notices.add(new Notice("file", "damaged bytes at " + start + (found < 0
                    ? " are left out" : " are left out; reading goes on at the next track")));
            end = found < 0 ? bytes.length : found;
        } else {
            chunks.add(new SourceFile.Foreign(Bytes.of(bytes, start, end - start)));
            notices.add(new Notice("file", "a foreign chunk at byte " + start + " is passed on unread"));
        }
        cursor.moveTo(end);
    }

    private ReadSong song(String name, SourceFile source, int declared) throws UnreadableFileException {
        List<SourceFile.Track> tracks = source.tracks();
        if (tracks.isEmpty()) {
            throw new UnreadableFileException(name + " has a MIDI header but no track that could be read");
        }
        if (declared != tracks.size()) {
            notices.add(new Notice("header", "announces " + declared + " tracks; " + tracks.size() + " are there"));
        }
        MetaEvents meta = MetaEvents.of(source, notices);
        List<Part> parts = new ArrayList<>();
        for (int track = 0; track < tracks.size(); track++) {
            addParts(track, meta, parts);
        }
        Song song = new Song(meta.title().orElse(name), meta.time(),
                Fence.of(KeyPlan.of(new Key(new NoteName(Letter.C, 0), Scales.MAJOR))), parts, source, nextId);
        return new ReadSong(SongLimits.checked(song.withCredits(Credits.NONE.withCopyright(meta.copyright())), name), notices, meta.key());
    }

    /** One part for each channel that has notes in a track. */
    private void addParts(int track, MetaEvents meta, List<Part> parts) {
        Map<Integer, List<Note>> byChannel = new TreeMap<>();
        for (Note note : notesOfTrack.get(track)) {
            byChannel.computeIfAbsent(note.channel(), channel -> new ArrayList<>()).add(note);
        }
        byChannel.forEach((channel, notes) -> {
            Line line = Line.of(notes);
            Role role = channel == Song.PERCUSSION ? Role.DRUMS : RoleGuess.of(line);
            String given = meta.trackName(track);
            String partName = given.isBlank() ? "Part " + (parts.size() + 1) : given;
            String suffix = byChannel.size() > 1 ? ", channel " + (channel + 1) : "";
            parts.add(Part.of(parts.size(), partName + suffix, role, OptionalInt.of(track), channel, line));
        });
    }
}
