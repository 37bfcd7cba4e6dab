package amberfence.format.midi;

import amberfence.format.Notice;
import amberfence.format.ReadSong;
import amberfence.format.SongLimits;
import amberfence.format.UnreadableFileException;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Role;
import amberfence.reading.RoleGuess;
import amberfence.song.Bytes;
import amberfence.song.Credits;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.song.SourceFile;
import amberfence.theory.Key;
import amberfence.theory.Letter;
import amberfence.theory.NoteName;
import amberfence.theory.Scales;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.SortedMap;

/** Reads a MIDI file of type 0, 1 or 2, in metrical or SMPTE time. */
public final class MidiReader {
    private static final int USUAL_DIVISION = 96;

    private final byte[] bytes;
    private final List<Notice> notices = new ArrayList<>();
    private final List<SourceFile.Chunk> chunks = new ArrayList<>();
    /** For each track the notes of each of its channels. */
    private final List<SortedMap<Integer, Line>> linesOfTrack = new ArrayList<>();
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
            throw new UnreadableFileException(Texts.say("%s ends inside the header of its MIDI data; there is nothing to save", name));
        }
    }

    private int findHead(Cursor cursor, String name) throws UnreadableFileException {
        if (cursor.isAt(0, "MThd")) {
            return 0;
        }
        if (bytes.length == 0) {
            throw new UnreadableFileException(Texts.say("%s is empty", name));
        }
        int found = cursor.find("MThd", 0);
        if (found < 0) {
            throw new UnreadableFileException(Texts.say("%s is not a MIDI file: there is no MThd header in it", name));
        }
        notices.add(new Notice(Texts.say("file"), cursor.isAt(0, "RIFF") ? Texts.say("the MIDI data is taken out of its RIFF wrapper")
                : Texts.say("%s bytes before the MIDI header are left out", found)));
        return found;
    }

    private int checkedType(int type) {
        if (type > 2) {
            notices.add(new Notice(Texts.say("header"), Texts.say("file type %s does not exist; the tracks are read as type 1", type)));
            return 1;
        }
        if (type == 2) {
            notices.add(new Notice(Texts.say("header"), Texts.say("type 2: each track is a pattern of its own; they are shown side by side")));
        }
        return type;
    }

    private int checkedDivision(int division) {
        if ((division & 0x7FFF) == 0 || (division & 0x80FF) == 0x8000) {
            notices.add(new Notice(Texts.say("header"), Texts.say("the time division is 0; %s ticks per quarter are assumed", USUAL_DIVISION)));
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
                notices.add(new Notice(Texts.say("file"), Texts.say("%s bytes after the last chunk are left out", cursor.remaining())));
            }
        } catch (Cursor.Truncated e) {
            notices.add(new Notice(Texts.say("file"), Texts.say("the last chunk is cut off and left out")));
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
                notices.add(new Notice(Texts.say("track %s",
                        (linesOfTrack.size() + 1)), Texts.say("claims %s bytes but the file has only %s more; those are read", length, (bytes.length - body))));
            }
            TrackReader track = new TrackReader(new Cursor(bytes, body, end), linesOfTrack.size(), nextId, notices);
            chunks.add(track.read());
            linesOfTrack.add(track.lines());
            nextId = track.nextId();
        } else if (body + length > bytes.length) {
            int found = cursor.find("MTrk", start + 1);
            notices.add(new Notice(Texts.say("file"), Texts.say(found < 0 ? "damaged bytes at %s are left out"
                    : Texts.text("damaged bytes at %s are left out; reading goes on at the next track"), start)));
            end = found < 0 ? bytes.length : found;
        } else {
            chunks.add(new SourceFile.Foreign(Bytes.of(bytes, start, end - start)));
            notices.add(new Notice(Texts.say("file"), Texts.say("a foreign chunk at byte %s is passed on unread", start)));
        }
        cursor.moveTo(end);
    }

    private ReadSong song(String name, SourceFile source, int declared) throws UnreadableFileException {
        List<SourceFile.Track> tracks = source.tracks();
        if (tracks.isEmpty()) {
            throw new UnreadableFileException(Texts.say("%s has a MIDI header but no track that could be read", name));
        }
        if (declared != tracks.size()) {
            notices.add(new Notice(Texts.say("header"), Texts.say("announces %s tracks; %s are there", declared, tracks.size())));
        }
        MetaEvents meta = MetaEvents.of(source, notices);
        List<Part> parts = new ArrayList<>();
        for (int track = 0; track < tracks.size(); track++) {
            addParts(track, meta, parts);
        }
        Song song = new Song(meta.title().orElse(name), meta.time(),
                Fence.of(KeyPlan.of(new Key(new NoteName(Letter.C, 0), Scales.MAJOR))), parts, source, nextId);
        Song read = SongLimits.checked(song.withCredits(Credits.NONE.withCopyright(meta.copyright())), name);
        return new ReadSong(read.withOrigin(source.withRead(read)), notices, meta.key());
    }

    /** One part for each channel that has notes in a track. */
    private void addParts(int track, MetaEvents meta, List<Part> parts) {
        SortedMap<Integer, Line> byChannel = linesOfTrack.get(track);
        byChannel.forEach((channel, line) -> {
            Role role = channel == Song.PERCUSSION ? Role.DRUMS : RoleGuess.of(line);
            String given = meta.trackName(track);
            String partName = given.isBlank() ? Texts.say("Part %s", parts.size() + 1) : given;
            String suffix = byChannel.size() > 1 ? Texts.say(", channel %s", channel + 1) : "";
            parts.add(Part.of(parts.size(), partName + suffix, role, OptionalInt.of(track), channel, line));
        });
    }
}
