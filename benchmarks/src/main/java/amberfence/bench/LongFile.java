package amberfence.bench;

import amberfence.format.UnreadableFileException;
import amberfence.format.midi.MidiExport;
import amberfence.format.midi.MidiReader;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.result.PartResult;
import amberfence.song.Origin;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.fence.BringInside;
import amberfence.theory.Key;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Long MIDI files, and the proof that one of a million notes opens and exports in the heap that it is given. */
public final class LongFile {
    private static final int PARTS = 4;

    private LongFile() {
    }

    /** A file of so many notes in four tracks, seeded. */
    static byte[] of(int notes) {
        Random random = new Random(2);
        List<Part> parts = new ArrayList<>();
        long id = 1;
        for (int part = 0; part < PARTS; part++) {
            List<Note> line = new ArrayList<>();
            for (int i = 0; i < notes / PARTS; i++) {
                line.add(new Note(id++, i * 60L, 20 + random.nextInt(90), 40 + random.nextInt(40), 1 + random.nextInt(127),
                        part, 64));
            }
            parts.add(Part.of(part, "Part " + part, Role.MELODY, part, new Line(line)));
        }
        Song song = new Song("Long", TimeMap.usual(480), Fence.of(KeyPlan.of(Key.parse("C major"))), parts,
                Origin.MADE, id);
        return MidiExport.ofOriginals(song).toBytes();
    }

    /** Opens a file of a million notes, brings all parts inside and writes it; prints how much heap there was. */
    public static void main(String[] arguments) throws UnreadableFileException {
        byte[] file = of(1_000_000);
        Song song = MidiReader.read(file, "long.mid").song();
        for (Part part : song.parts()) {
            song = song.plusStep(part.id(), BringInside.USUAL);
        }
        byte[] out = new MidiExport(song, PartResult.lines(song), Optional.empty()).toBytes();
        System.out.printf("a file of 1,000,000 notes (%,d bytes) opened, brought inside and written (%,d bytes) in %,d MiB"
                + " of heap%n", file.length, out.length, Runtime.getRuntime().maxMemory() >> 20);
    }
}
