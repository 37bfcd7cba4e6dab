package amberfence.bench;

import amberfence.notes.ChordSpan;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.reading.SoundingChords;
import amberfence.step.Outcome;
import amberfence.step.Step;
import amberfence.step.Surroundings;
import amberfence.step.fit.FitBass;
import amberfence.step.fit.FitChords;
import amberfence.step.fit.FitMelody;
import amberfence.step.fit.FollowChords;
import amberfence.step.fit.Harmony;
import amberfence.step.fit.HarmonyLine;
import amberfence.step.fit.Held;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.KeyChords;
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

/** Each step that fits a part to chords: 100,000 notes against 1,000 chords. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class FitBench {
    private static final int NOTES = 100_000;
    private static final int CHORDS = 1000;
    private Line blocks;
    private Line line;
    private Surroundings around;

    /** Random blocks of four notes and a random line, under random sevenths. */
    @Setup
    public void compose() {
        Random random = new Random(6);
        TimeMap time = TimeMap.usual(480);
        List<Note> struck = new ArrayList<>(NOTES);
        List<Note> single = new ArrayList<>(NOTES);
        while (struck.size() < NOTES) {
            int low = 40 + random.nextInt(24);
            for (int pitch : random.ints(low, low + 20).distinct().limit(4).toArray()) {
                struck.add(new Note(struck.size() + 1, struck.size() / 4 * 240L, 200, pitch, 80, 0, 64));
            }
        }
        int pitch = 60;
        while (single.size() < NOTES) {
            pitch = Math.max(36, Math.min(84, pitch + random.nextInt(9) - 4));
            single.add(new Note(single.size() + 1, single.size() * 240L, 200, pitch, 80, 0, 64));
        }
        blocks = Line.of(struck);
        line = Line.of(single);
        long length = blocks.end() / CHORDS;
        List<Chord> sevenths = KeyChords.of(Key.parse("C major")).sevenths();
        List<ChordSpan> spans = new ArrayList<>();
        for (int i = 0; i < CHORDS; i++) {
            spans.add(ChordSpan.of(i + 1, i * length, (i + 1) * length, sevenths.get(random.nextInt(sevenths.size()))));
        }
        around = Surroundings.of(Fence.of(KeyPlan.of(Key.parse("C major"))).along(time), time, Role.CHORDS, SoundingChords.NONE)
                .withProgression(new Progression(spans));
    }

    private Outcome apply(Step step, Line to) {
        return step.apply(to, around);
    }

    @Benchmark
    public Outcome fitChords() {
        return apply(FitChords.USUAL, blocks);
    }

    @Benchmark
    public Outcome fitChordsSplit() {
        return apply(FitChords.USUAL.withHeld(Held.SPLIT).withBass(true), blocks);
    }

    @Benchmark
    public Outcome fitBass() {
        return apply(FitBass.USUAL.withRange(36, 84).withBetween(new FitBass.Between(true, true, true)), line);
    }

    @Benchmark
    public Outcome fitMelody() {
        return apply(FitMelody.USUAL, line);
    }

    @Benchmark
    public Outcome clashes() {
        return apply(FitMelody.USUAL.withMode(FitMelody.Mode.CLASHES), line);
    }

    @Benchmark
    public Outcome followWhole() {
        return apply(FollowChords.USUAL.withRestart(FollowChords.Restart.CHORD).withBars(0).withHome("Cmaj7"), line);
    }

    @Benchmark
    public Outcome followFill() {
        return apply(FollowChords.USUAL.withRestart(FollowChords.Restart.CHORD).withBars(1), line);
    }

    @Benchmark
    public Outcome harmony() {
        return apply(Harmony.of(Harmony.Way.CHORD, List.of(new HarmonyLine(3, true))).withNoCrossing(true).withHoldCommon(true),
                line);
    }
}
