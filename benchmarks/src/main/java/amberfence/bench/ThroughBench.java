package amberfence.bench;

import amberfence.analysis.DoubtKind;
import amberfence.analysis.ReadThrough;
import amberfence.edit.Mending;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.Key;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** Reading 100,000 notes through with all finders: blocks of 60,000, and a tune of 40,000 that leaps, overlaps and leaves the fence. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class ThroughBench {
    private static final int TUNE = 40_000;
    private static final int[] SCALE = {0, 2, 3, 5, 7, 8, 10};
    private Song song;

    @Setup
    public void compose() {
        Random random = new Random(3);
        List<Note> tune = new ArrayList<>(TUNE);
        for (int i = 0; i < TUNE; i++) {
            int pitch = 60 + SCALE[random.nextInt(SCALE.length)] + (random.nextInt(40) == 0 ? 1 : 0) + (random.nextInt(50) == 0 ? 12 : 0);
            tune.add(new Note(DrawBench.NOTES + i, i * 240L + (random.nextInt(60) == 0 ? 40 : 0), random.nextInt(40) == 0 ? 290 : 230, pitch, 80, 1, 64));
        }
        List<Part> parts = List.of(Part.of(1, "blocks", Role.CHORDS, 0, Line.of(DrawBench.blocks().notes().subList(0, DrawBench.NOTES - TUNE))),
                Part.of(2, "tune", Role.MELODY, 1, Line.of(tune)));
        song = Song.empty("long").withFence(Fence.of(KeyPlan.of(Key.parse("C minor")))).withParts(parts.stream().map(part -> part.withSound(part.sound()
                .withProgram(OptionalInt.of(73)))).toList());
    }

    @Benchmark
    public ReadThrough.Found allFinders() {
        return ReadThrough.read(song, Mending.own(song.parts()), EnumSet.allOf(DoubtKind.class));
    }
}
