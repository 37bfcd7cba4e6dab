package amberfence.bench;

import amberfence.format.UnreadableFileException;
import amberfence.format.midi.MidiExport;
import amberfence.format.midi.MidiReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.concurrent.TimeUnit;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** Reading and writing a file of a hundred thousand notes, beside the JDK's own MIDI classes doing the same. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class MidiFileBench {
    private byte[] file;

    @Setup
    public void write() {
        file = LongFile.of(100_000);
    }

    @Benchmark
    public byte[] jdk() throws Exception {
        Sequence sequence = MidiSystem.getSequence(new ByteArrayInputStream(file));
        ByteArrayOutputStream out = new ByteArrayOutputStream(file.length);
        MidiSystem.write(sequence, 1, out);
        return out.toByteArray();
    }

    @Benchmark
    public byte[] readAndWrite() throws UnreadableFileException {
        return MidiExport.ofOriginals(MidiReader.read(file, "bench.mid").song()).toBytes();
    }
}
