package amberfence.app.files;

import amberfence.demo.LanternFerry;
import amberfence.format.WholeFile;
import amberfence.format.midi.MidiExport;
import amberfence.format.project.ProjectDocument;
import amberfence.format.project.ProjectFile;
import amberfence.format.project.UnsavedFile;
import amberfence.format.sheet.ChangeTable;
import amberfence.result.PartResult;
import amberfence.song.Song;
import amberfence.sound.SongScore;
import amberfence.sound.SoundFile;
import amberfence.sound.Tempi;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** Writes one kind of file again and again until it is killed; says when it begins, and when it has written the first time. */
final class KilledWriter {
    /** What is written. */
    enum Kind {
        PROJECT, UNSAVED, MIDI, CHANGES, SOUND, SETTINGS
    }

    private KilledWriter() {
    }

    public static void main(String[] arguments) throws Exception {
        Kind kind = Kind.valueOf(arguments[0]);
        Path folder = Path.of(arguments[1]);
        AppFolder app = new AppFolder(folder);
        UnsavedStore store = new UnsavedStore(app);
        System.out.println("begins");
        for (int i = 0;; i++) {
            Song song = LanternFerry.song().withTitle("Evening " + i);
            ProjectDocument document = ProjectDocument.of(song);
            switch (kind) {
                case PROJECT -> ProjectFile.save(folder.resolve("song.amber"), document, Optional.empty());
                case UNSAVED -> store.write(1, new UnsavedFile(song.title(), Optional.empty(), Optional.empty(), Instant.now(), i)
                        .write(document));
                case MIDI -> WholeFile.write(folder.resolve("song.mid"), new MidiExport(song, PartResult.lines(song), Optional.empty())
                        .toBytes());
                case CHANGES -> WholeFile.write(folder.resolve("changes.csv"), ChangeTable.of(song));
                case SOUND -> SoundFile.writeTo(folder.resolve("song.wav"), SongScore.of(song, PartResult.lines(song),
                        SongScore.audible(song), false), 0, new Tempi(song.time()).micros(480), Optional.empty(), share -> { }, () -> false);
                default -> app.keepOwnScales(List.of("0 2 3 7 8\tferry " + i, "0 2 4\tend"));
            }
            if (i == 0) {
                System.out.println("wrote");
            }
        }
    }
}
