package amberfence.format.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.demo.SaltStair;
import amberfence.format.notation.NotatedBar;
import amberfence.format.notation.NotatedGrid;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.result.PartResult;
import amberfence.song.Origin;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.Key;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What other readers play of our scores. The tables beside the tests were made by verovio 6.3.0 and musicxml-io 0.9.6 (npm), with
 * {@code scripts/readers/notes.mjs}, from the files that this test writes into {@code target/scores}. musicxml-io plays no drums, verovio plays all drums on note 0.
 */
class OtherReadersTest {
    private static final int SIXTEENTH = 120;
    private static final int TRIPLET = 160;

    private static Song song(String name) {
        return switch (name) {
            case "lantern-ferry" -> LanternFerry.song();
            case "salt-stair" -> SaltStair.song();
            default -> mixed();
        };
    }

    /** Sixteenths and triplets in turn, ties over bars and metres, two voices that overlap, and the spelling of A minor. */
    private static Song mixed() {
        List<Note> high = new ArrayList<>();
        List<Note> low = new ArrayList<>();
        long id = 1;
        long at = 0;
        for (int i = 0; i < 24; i++) {
            int cell = i % 2 == 0 ? SIXTEENTH : TRIPLET;
            for (int j = 0; j < 480 / cell; j++) {
                high.add(new Note(id++, at + (long) j * cell, cell, 69 + (i * 5 + j * 3) % 12, 60 + i, 0, Note.USUAL_RELEASE));
            }
            at += 480;
            if (i % 3 == 0) {
                low.add(new Note(id++, at, 480 + 3L * SIXTEENTH + 60L * (i % 2) * 2, 45 + i, 90, 1, Note.USUAL_RELEASE));
                low.add(new Note(id++, at + 2L * SIXTEENTH, 3L * 480, 56 + i % 7, 90, 1, Note.USUAL_RELEASE));
            }
        }
        TimeMap time = new TimeMap(480, List.of(new Tempo(0, 500_000), new Tempo(1920, 400_000)), List.of(new Metre(0, 4, 4), new Metre(3840, 7, 8), new Metre(3840 + 2 * 1680, 3, 4)));
        return new Song("Mixed", time, Fence.of(KeyPlan.of(Key.parse("A minor"))), List.of(Part.of(0, "High", Role.MELODY, 0, Line.of(high)),
                Part.of(1, "Low", Role.BASS, 1, Line.of(low))), Origin.MADE, id);
    }

    @ParameterizedTest
    @CsvSource({"lantern-ferry, verovio", "lantern-ferry, musicxml-io", "salt-stair, verovio", "salt-stair, musicxml-io", "mixed, verovio", "mixed, musicxml-io"})
    void playsTheSameNotes(String name, String reader) throws Exception {
        Song song = song(name);
        Path file = Path.of("target/scores", name + ".musicxml");
        Files.createDirectories(file.getParent());
        Files.write(file, MusicXmlFormat.PLAIN.write(song, song.parts().stream().map(Part::id).collect(Collectors.toSet())).content());
        List<long[]> theirs = sorted(rows(name, reader));
        List<long[]> ours = sorted(ours(song, reader.equals("verovio")));
        assertThat(theirs).hasSameSizeAs(ours);
        for (int i = 0; i < ours.size(); i++) {
            for (int column = 0; column < 4; column++) {
                // The finest that the tables can tell is a tick of 120 a quarter.
                assertThat(theirs.get(i)[column]).as("row " + i + ", column " + column).isBetween(ours.get(i)[column] - (column % 3 == 0 ? 0 : 4),
                        ours.get(i)[column] + (column % 3 == 0 ? 0 : 4));
            }
        }
    }

    /** By part, then by beginning as far as it can be told, then by pitch. */
    private static List<long[]> sorted(List<String> rows) {
        return rows.stream().map(row -> Stream.of(row.split("\t")).mapToLong(Long::parseLong).toArray())
                .sorted(Comparator.<long[]>comparingLong(row -> row[0]).thenComparingLong(row -> (row[1] + 4) / 20).thenComparingLong(row -> row[3])
                        .thenComparingLong(row -> row[2])).toList();
    }

    private static List<String> rows(String name, String reader) throws Exception {
        try (InputStream in = OtherReadersTest.class.getResourceAsStream("/musicxml/readers/" + name + "." + reader + ".tsv")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines().filter(line -> !line.startsWith("#")).toList();
        }
    }

    /** Our notes where the notation has them: what is played a little off the grid is written on it. */
    private static List<String> ours(Song song, boolean drums) {
        var lines = PartResult.lines(song);
        List<Part> sounding = song.parts().stream().filter(part -> !lines.get(part.id()).isEmpty()).filter(part -> drums || !part.isDrums()).toList();
        return sounding.stream().flatMap(part -> {
            List<Note> notes = lines.get(part.id()).notes();
            NotatedGrid grid = new NotatedGrid(NotatedBar.of(song, song.end(), 1000, 1), 480, 1, notes);
            return notes.stream().map(note -> {
                long[] place = grid.place(note);
                return Stream.of(sounding.indexOf(part), place[0], place[1] - place[0], part.isDrums() ? 0 : note.pitch()).map(Object::toString).collect(Collectors.joining("\t"));
            });
        }).toList();
    }
}
