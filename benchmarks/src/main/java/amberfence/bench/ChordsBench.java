package amberfence.bench;

import amberfence.notes.Fence;
import amberfence.notes.FenceLine;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.reading.ChordReader;
import amberfence.reading.ReadChord;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.KeyChords;
import amberfence.theory.SmoothVoicings;
import amberfence.theory.Voicing;
import amberfence.theory.VoicingRules;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** Reading chords out of 100,000 notes, and the smoothest voicings of 256 chords. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class ChordsBench {
    private static final int NOTES = 100_000;
    private static final int CHORDS = 256;
    private Line line;
    private TimeMap time;
    private FenceLine fence;
    private List<Chord> chords;
    private List<Optional<Voicing>> free;

    /** Blocks of four notes, one chord a bar, and random sevenths. */
    @Setup
    public void compose() {
        Random random = new Random(4);
        time = TimeMap.usual(480);
        fence = Fence.of(KeyPlan.of(Key.parse("C major"))).along(time);
        List<Chord> sevenths = KeyChords.of(Key.parse("C major")).sevenths();
        List<Note> notes = new ArrayList<>(NOTES);
        for (int beat = 0; notes.size() < NOTES; beat++) {
            Voicing voicing = Voicing.of(sevenths.get(beat / 4 * 5 % 7));
            for (int pitch : voicing.pitches()) {
                notes.add(new Note(notes.size() + 1, beat * 480L, 400, pitch, 80, 0, 64));
            }
        }
        line = Line.of(notes);
        chords = new ArrayList<>();
        for (int i = 0; i < CHORDS; i++) {
            chords.add(sevenths.get(random.nextInt(sevenths.size())).transposed(random.nextInt(12),
                    Key.parse("C major").spelling()));
        }
        free = Collections.nCopies(CHORDS, Optional.empty());
    }

    @Benchmark
    public List<ReadChord> read() {
        return ChordReader.read(List.of(line), time, fence);
    }

    @Benchmark
    public List<Voicing> smooth() {
        return SmoothVoicings.of(chords, free, VoicingRules.USUAL);
    }
}
