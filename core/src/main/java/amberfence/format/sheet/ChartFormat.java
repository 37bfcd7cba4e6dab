package amberfence.format.sheet;

import amberfence.format.FileBytes;
import amberfence.format.Notice;
import amberfence.format.ReadSong;
import amberfence.format.ReadableFormat;
import amberfence.format.SongLimits;
import amberfence.format.UnreadableFileException;
import amberfence.notes.ChordSpan;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Metre;
import amberfence.notes.Progression;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.song.Credits;
import amberfence.song.LeftPlaces;
import amberfence.song.Origin;
import amberfence.song.Song;
import amberfence.theory.Key;
import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Charts that songs are read from: their chords become the progression of a song that has no parts yet. */
public enum ChartFormat implements ReadableFormat {
    TEXT(Texts.text("text chart"), List.of("txt", "chart")) {
        @Override
        ChartText read(String text) {
            return ChartText.ofPlain(text);
        }
    },
    CHORD_PRO(Texts.text("ChordPro sheet to read"), List.of("cho", "chordpro", "chopro", "crd", "pro")) {
        @Override
        ChartText read(String text) {
            return ChordProText.read(text);
        }
    };

    private static final long MOST_BYTES = 4L << 20;
    private static final int TICKS = 480;
    private final String title;
    private final List<String> endings;

    ChartFormat(String title, List<String> endings) {
        this.title = title;
        this.endings = endings;
    }

    abstract ChartText read(String text);

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

    private ChartText chart(byte[] bytes, String name) throws UnreadableFileException {
        try {
            return read(StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString().replace("\uFEFF", ""));
        } catch (CharacterCodingException e) {
            throw new UnreadableFileException(Texts.say("%s is no text in UTF-8", name));
        } catch (MusicTextException e) {
            throw new UnreadableFileException(Texts.say("%s: %s", name, e.getMessage()));
        }
    }

    /**
     * The bars of a chart in a file, as text.
     *
     * @param name what to call the file in messages
     */
    public String bars(Path file, String name) throws UnreadableFileException {
        return chart(FileBytes.read(file, mostBytes()), name).bars();
    }

    @Override
    public ReadSong read(byte[] bytes, String name) throws UnreadableFileException {
        ChartText chart = chart(bytes, name);
        TimeMap time = new TimeMap(TICKS, List.of(new Tempo(0, chart.tempo().isPresent() ? (int) Math.round(60e6 / chart.tempo().getAsDouble()) : Tempo.USUAL)),
                List.of(chart.metre().orElse(new Metre(0, 4, 4))));
        Key key = chart.key().orElse(Key.parse("C major"));
        long[] next = {1};
        List<ChordSpan> spans;
        try {
            spans = ChordChart.read(chart.bars(), time, 1, () -> next[0]++, key);
        } catch (MusicTextException e) {
            throw new UnreadableFileException(Texts.say("%s: %s", name, e.getMessage()));
        }
        String title = chart.title().isEmpty() ? name.replaceFirst("\\.[^.]*$", "") : chart.title();
        Song song = new Song(title, new Credits(chart.composer(), chart.copyright()), time, Fence.of(KeyPlan.of(key)), new Progression(spans), List.of(), Origin.MADE,
                Optional.empty(), LeftPlaces.NONE, next[0]);
        List<Notice> notices = new ArrayList<>();
        chart.notices().forEach(notice -> notices.add(new Notice("", notice)));
        return new ReadSong(SongLimits.checked(song, name), notices, chart.key());
    }
}
