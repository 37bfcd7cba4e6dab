package amberfence.format.musicxml;

import amberfence.format.ReadSong;
import amberfence.format.ReadableFormat;
import amberfence.format.UnreadableFileException;
import amberfence.format.WritableFormat;
import amberfence.format.WrittenSong;
import amberfence.song.Song;
import amberfence.words.Texts;
import java.util.List;
import java.util.Set;

/** MusicXML as text, and the same compressed. Which of both a file is, is told by its content, whatever its ending. */
public enum MusicXmlFormat implements ReadableFormat, WritableFormat {
    PLAIN("MusicXML", List.of("musicxml", "xml")) {
        @Override
        byte[] packed(byte[] xml) {
            return xml;
        }
    },
    COMPRESSED(Texts.text("compressed MusicXML"), List.of("mxl")) {
        @Override
        byte[] packed(byte[] xml) {
            return CompressedScore.pack(xml);
        }
    };

    private static final long MOST_BYTES = 32L << 20;
    private final String title;
    private final List<String> endings;

    MusicXmlFormat(String title, List<String> endings) {
        this.title = title;
        this.endings = endings;
    }

    abstract byte[] packed(byte[] xml);

    @Override
    public String title() {
        return Texts.say(title);
    }

    @Override
    public List<String> endings() {
        return endings;
    }

    @Override
    public long mostBytes() {
        return MOST_BYTES;
    }

    @Override
    public ReadSong read(byte[] bytes, String name) throws UnreadableFileException {
        byte[] xml = CompressedScore.isPacked(bytes) ? CompressedScore.unpack(bytes, name) : bytes;
        return new ScoreReader(ScoreXml.read(xml, name), name).read();
    }

    @Override
    public WrittenSong write(Song song, Set<Integer> parts) {
        ScoreWriter writer = new ScoreWriter(song, parts);
        return new WrittenSong(packed(ScoreXml.write(writer.write())), writer.notices());
    }
}
