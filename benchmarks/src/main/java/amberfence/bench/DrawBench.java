package amberfence.bench;

import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Outcome;
import amberfence.step.SettingTexts;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.KeyChords;
import amberfence.theory.Voicing;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** Each step that draws new notes out of 100,000 old ones: blocks of four on every eighth, a chord of the key for each bar. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class DrawBench {
    static final int NOTES = 100_000;
    private static final int STROKES_IN_A_BAR = 8;
    private static final int BLOCKS = 1;
    private static final int EMPTY = 2;
    private Song song;

    /** Blocks of four on every eighth, a chord of C minor for each bar. */
    static Line blocks() {
        List<Chord> sevenths = KeyChords.of(Key.parse("C minor")).sevenths();
        List<Note> notes = new ArrayList<>(NOTES);
        for (int stroke = 0; notes.size() < NOTES; stroke++) {
            for (int pitch : Voicing.of(sevenths.get(stroke / STROKES_IN_A_BAR * 5 % sevenths.size())).pitches()) {
                notes.add(new Note(notes.size() + 1, stroke * 240L, 200, pitch, 80, 0, 64));
            }
        }
        return Line.of(notes);
    }

    @Setup
    public void compose() {
        song = Song.empty("long").withFence(Fence.of(KeyPlan.of(Key.parse("C minor")))).withParts(List.of(
                Part.of(BLOCKS, "blocks", Role.CHORDS, 0, blocks()), Part.of(EMPTY, "empty", Role.MELODY, 1, Line.EMPTY))).withNextId(2 * NOTES);
    }

    private Outcome drawn(int part, String name, Map<String, String> settings) {
        StepSchema<?> schema = StepCatalogue.find(name).orElseThrow();
        Step step = schema.read(settings, SettingTexts.ALONE);
        Song with = song.plusStep(part, step);
        return PartResult.of(with, with.part(part)).stages().get(0).outcome();
    }

    @Benchmark
    public Outcome voice() {
        return drawn(EMPTY, "voice", Map.of("from", "1", "which", "lowest"));
    }

    @Benchmark
    public Outcome voiceLine() {
        return drawn(EMPTY, "voice", Map.of("from", "1", "which", "line:2/4"));
    }

    @Benchmark
    public Outcome stack() {
        return drawn(BLOCKS, "stack", Map.of());
    }

    @Benchmark
    public Outcome arpeggio() {
        return drawn(BLOCKS, "arpeggio", Map.of());
    }

    @Benchmark
    public Outcome blockBars() {
        return drawn(BLOCKS, "block", Map.of("over", "bar"));
    }

    @Benchmark
    public Outcome blockHarmony() {
        return drawn(BLOCKS, "block", Map.of());
    }

    @Benchmark
    public Outcome strum() {
        return drawn(BLOCKS, "strum", Map.of());
    }

    @Benchmark
    public Outcome fill() {
        return drawn(BLOCKS, "fill", Map.of("rate", "1/32", "room", "50%"));
    }

    @Benchmark
    public Outcome grace() {
        return drawn(BLOCKS, "grace", Map.of());
    }

    @Benchmark
    public Outcome line() {
        return drawn(BLOCKS, "line", Map.of());
    }
}
