package amberfence.bench;

import amberfence.demo.LanternFerry;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.result.SongResults;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Outcome;
import amberfence.step.Surroundings;
import amberfence.step.fence.BringInside;
import amberfence.step.fence.TieBreak;
import amberfence.theory.Key;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** "Bring inside" on a million notes, beside a plain copy of the same notes, object by object. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class BringInsideBench {
    private static final int NOTES = 1_000_000;
    private List<Note> notes;
    private Line line;
    private Surroundings around;

    /** A wandering line, of which about every fifth note is outside C major. */
    @Setup
    public void compose() {
        Random random = new Random(1);
        notes = new ArrayList<>(NOTES);
        int[] major = {0, 2, 4, 5, 7, 9, 11};
        int degree = 35;
        for (int i = 0; i < NOTES; i++) {
            degree = Math.max(20, Math.min(60, degree + random.nextInt(7) - 3));
            int pitch = degree / 7 * 12 + major[degree % 7] + (random.nextInt(4) == 0 ? 1 : 0);
            notes.add(new Note(i + 1, i * 120L, 110, pitch, 80, 0, 64));
        }
        line = new Line(notes);
        Song song = LanternFerry.plain().withFence(Fence.of(KeyPlan.of(Key.parse("C major"))));
        Part part = song.parts().get(0);
        around = SongResults.of(song).surroundings(part);
    }

    /** Of objects into objects, whatever way a line keeps its notes, so that what is measured beside it stays comparable. */
    @Benchmark
    public List<Note> copy() {
        List<Note> copy = new ArrayList<>(notes.size());
        for (Note note : notes) {
            copy.add(new Note(note.id(), note.start(), note.length(), note.pitch(), note.velocity(), note.channel(),
                    note.release()));
        }
        return copy;
    }

    @Benchmark
    public Outcome down() {
        return BringInside.USUAL.withTieBreak(TieBreak.DOWN).apply(line, around);
    }

    @Benchmark
    public Outcome up() {
        return BringInside.USUAL.withTieBreak(TieBreak.UP).apply(line, around);
    }

    @Benchmark
    public Outcome shape() {
        return BringInside.USUAL.apply(line, around);
    }

    @Benchmark
    public Outcome chord() {
        return BringInside.USUAL.withTieBreak(TieBreak.CHORD).apply(line, around);
    }
}
