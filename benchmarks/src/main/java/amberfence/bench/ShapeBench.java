package amberfence.bench;

import amberfence.notes.Role;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Outcome;
import amberfence.step.catalogue.StepText;
import java.util.List;
import java.util.OptionalInt;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** Each step that shapes notes or rolls dice for them, over 100,000 notes that came from a file. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class ShapeBench {
    @Param({"deal way=chance", "deal what=lengths,velocities groups=single way=up", "push-pull", "loosen", "touch way=curve", "touch way=chance", "chance",
        "chance what=degree", "lengths how=share variety=40%", "tidy-timing"})
    public String step;
    private Song song;

    @Setup
    public void compose() {
        Song plain = Song.empty("long").withParts(List.of(Part.of(0, "tune", Role.MELODY, OptionalInt.of(1), 0, DrawBench.blocks()))).withNextId(2 * DrawBench.NOTES);
        song = plain.plusStep(0, StepText.parse(step).anywhere());
    }

    @Benchmark
    public Outcome shaped() {
        return PartResult.of(song, song.part(0)).stages().get(0).outcome();
    }
}
