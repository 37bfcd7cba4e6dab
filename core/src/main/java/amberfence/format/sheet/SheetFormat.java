package amberfence.format.sheet;

import amberfence.format.WritableFormat;
import amberfence.format.WrittenSong;
import amberfence.song.Song;
import amberfence.words.Texts;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/** What of a song is written as text to be read by people: its chords, or what its steps did. */
public enum SheetFormat implements WritableFormat {
    SYMBOLS(Texts.text("chord symbols"), "txt", song -> text(ChordChart.symbols(song))),
    NUMERALS(Texts.text("Roman numerals"), "txt", song -> text(ChordChart.numerals(song))),
    CHORD_PRO(Texts.text("ChordPro sheet"), "cho", song -> text(ChordChart.chordPro(song))),
    CHANGES(Texts.text("table of changes"), "csv", ChangeTable::of),
    NOTES(Texts.text("table of notes"), "csv", NoteTable::of);

    private final String title;
    private final String ending;
    private final Function<Song, byte[]> write;

    SheetFormat(String title, String ending, Function<Song, byte[]> write) {
        this.title = title;
        this.ending = ending;
        this.write = write;
    }

    private static byte[] text(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Override
    public String title() {
        return Texts.say(title);
    }

    @Override
    public List<String> endings() {
        return List.of(ending);
    }

    @Override
    public WrittenSong write(Song song, Set<Integer> parts) {
        return new WrittenSong(write.apply(song), List.of());
    }
}
