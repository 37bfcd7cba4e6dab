package amberfence.format.catalogue;

import amberfence.format.FileBytes;
import amberfence.format.Format;
import amberfence.format.ReadSong;
import amberfence.format.ReadableFormat;
import amberfence.format.UnreadableFileException;
import amberfence.format.WritableFormat;
import amberfence.format.leadsheet.LeadSheetFormat;
import amberfence.format.midi.MidiFormat;
import amberfence.format.musicxml.MusicXmlFormat;
import amberfence.format.project.ProjectFormat;
import amberfence.format.sheet.ChartFormat;
import amberfence.format.sheet.SheetFormat;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** All kinds of files that songs are read from and written to: window, dialogs and command line know them from here. */
public final class Formats {
    private static final List<Format> ALL = Stream.of(Stream.of(MidiFormat.AS_READ, ProjectFormat.PROJECT, MusicXmlFormat.PLAIN, MusicXmlFormat.COMPRESSED,
            new LeadSheetFormat(true, false)), Arrays.stream(SheetFormat.values()), Arrays.stream(ChartFormat.values())).<Format>flatMap(formats -> formats).toList();

    private Formats() {
    }

    public static List<Format> all() {
        return ALL;
    }

    /** Those that songs are read from. */
    public static List<ReadableFormat> readable() {
        return ALL.stream().filter(ReadableFormat.class::isInstance).map(ReadableFormat.class::cast).toList();
    }

    /** Those that songs are written to. */
    public static List<WritableFormat> writable() {
        return ALL.stream().filter(WritableFormat.class::isInstance).map(WritableFormat.class::cast).toList();
    }

    /** The format of a file by its ending; a file with an ending that says nothing is taken for a MIDI file. */
    public static ReadableFormat of(Path file) {
        String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
        return readable().stream().filter(format -> format.endings().stream().anyMatch(ending -> name.endsWith("." + ending))).findFirst()
                .orElse(MidiFormat.AS_READ);
    }

    /**
     * Reads a song from a file of any kind.
     *
     * @throws UnreadableFileException says in a sentence what is wrong
     */
    public static ReadSong read(Path file) throws UnreadableFileException {
        ReadableFormat format = of(file);
        return format.read(FileBytes.read(file, format.mostBytes()), String.valueOf(file.getFileName()));
    }
}
