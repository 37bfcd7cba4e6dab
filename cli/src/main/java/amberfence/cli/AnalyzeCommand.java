package amberfence.cli;

import amberfence.edit.ProgressionEdits;
import amberfence.format.Notice;
import amberfence.format.ReadSong;
import amberfence.format.sheet.ChordChart;
import amberfence.reading.ChordReader;
import amberfence.reading.KeyCandidate;
import amberfence.reading.KeyEvidence;
import amberfence.reading.KeyFamily;
import amberfence.reading.KeyFinder;
import amberfence.reading.ReadChord;
import amberfence.song.Fence;
import amberfence.song.FenceLine;
import amberfence.song.KeyPlan;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.RomanNumeral;
import amberfence.theory.Spelling;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Says what is in a MIDI file: likely keys, parts, notes outside. */
@Command(name = "analyze", mixinStandardHelpOptions = true,
        description = "Says which keys a MIDI file may be in, which parts it has and what is outside.")
final class AnalyzeCommand implements Runnable {
    private static final int MOST_KEYS = 8;

    @Parameters(paramLabel = "FILE", description = "a MIDI file")
    private Path file;

    @Option(names = "--json", description = "as JSON, for other programs")
    private boolean json;

    @Option(names = "--family", defaultValue = "MODES",
            description = "among which scales to look: major_minor, modes (the usual), pentatonic")
    private KeyFamily family;

    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        ReadSong read = CommandFiles.read(file);
        List<KeyCandidate> keys = KeyFinder.find(read.song(), family).stream().limit(MOST_KEYS).toList();
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(json(read, keys));
        } else {
            print(read, keys, out);
        }
    }

    /** The fence of the best key, by which notes count as outside; with no key found, nothing is outside. */
    private static int outside(Song song, Part part, List<KeyCandidate> keys) {
        if (keys.isEmpty() || part.isDrums()) {
            return 0;
        }
        FenceLine fence = Fence.of(KeyPlan.of(keys.get(0).key())).along(song.time());
        return fence.countOutside(part.line());
    }

    private static String json(ReadSong read, List<KeyCandidate> keys) {
        ObjectMapper mapper = new ObjectMapper();
        ObjectNode root = mapper.createObjectNode().put("ticksPerQuarter", read.song().time().ticksPerQuarter());
        ArrayNode keyNodes = root.putArray("keys");
        for (KeyCandidate key : keys) {
            keyNodes.addObject().put("tonic", key.key().tonic().plainText()).put("scale", key.key().scale().name())
                    .put("score", Math.round(key.score() * 100) / 100.0).put("outside", key.outside());
        }
        Song keyed = keyed(read.song(), keys);
        FenceLine fence = keyed.fence().along(keyed.time());
        ArrayNode parts = root.putArray("parts");
        for (int i = 0; i < read.song().parts().size(); i++) {
            Part part = read.song().parts().get(i);
            ArrayNode chords = parts.addObject().put("index", i).put("name", part.name()).put("channel", part.channel())
                    .put("notes", part.line().size()).put("outOfKey", outside(read.song(), part, keys)).putArray("chords");
            if (!part.isDrums()) {
                write(chords, ChordReader.read(List.of(part.line()), keyed.time(), fence), fence);
            }
        }
        write(root.putArray("chords"), ChordReader.read(keyed), fence);
        ArrayNode findings = root.putArray("findings");
        read.notices().stream().map(Notice::text).forEach(findings::add);
        try {
            return mapper.writeValueAsString(root);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("an analysis could not be put into JSON", e);
        }
    }

    /** The song in its likeliest key, in which chords are spelled and numbered. */
    private static Song keyed(Song song, List<KeyCandidate> keys) {
        return keys.isEmpty() ? song : song.withFence(Fence.of(KeyPlan.of(keys.get(0).key())));
    }

    private static void write(ArrayNode target, List<ReadChord> chords, FenceLine fence) {
        for (ReadChord chord : chords) {
            target.addObject().put("startTick", chord.start()).put("endTick", chord.end()).put("symbol", chord.chord().plainText())
                    .put("roman", RomanNumeral.of(chord.chord(), fence.keyAt(chord.start())))
                    .put("confidence", Math.round(chord.confidence() * 100) / 100.0);
        }
    }

    private void print(ReadSong read, List<KeyCandidate> keys, PrintWriter out) {
        Song song = read.song();
        var time = song.time();
        out.printf(Locale.ROOT, "%s: %d bars in %s, %.0f quarters a minute, %d ticks per quarter%n", song.title(),
                song.lastBar(), time.metres().get(0).text(), time.tempos().get(0).quartersPerMinute(),
                time.ticksPerQuarter());
        out.println();
        out.println(keys.isEmpty() ? "Key: none can be told from these notes" : "Likely keys");
        for (KeyCandidate key : keys) {
            Spelling spelling = key.key().spelling();
            out.printf(Locale.ROOT, "  %-18s %.2f  %4d outside  %s%n", key.key().text(), key.score(), key.outside(),
                    key.evidence().stream().map((KeyEvidence e) -> e.words(spelling)).collect(Collectors.joining("; ")));
        }
        read.writtenKey().ifPresent(key -> out.println("  the file itself says " + key.text()));
        out.println();
        out.println("Parts");
        for (int i = 0; i < song.parts().size(); i++) {
            Part part = song.parts().get(i);
            out.printf(Locale.ROOT, "  %2d  %-24s %-7s channel %-2d  %6d notes  %s%n", i, part.name(),
                    part.role().name().toLowerCase(Locale.ROOT), part.channel() + 1, part.line().size(),
                    part.isDrums() ? "drums are left alone" : outside(song, part, keys) + " outside");
        }
        Song keyed = keyed(song, keys);
        Song harmonized = ProgressionEdits.read(keyed, ChordReader.read(keyed));
        if (!harmonized.progression().isEmpty()) {
            out.println();
            out.println("Chords");
            ChordChart.symbols(harmonized).lines().forEach(line -> out.println("  " + line));
        }
        if (!read.notices().isEmpty()) {
            out.println();
            out.println("Noticed");
            read.notices().forEach(notice -> out.println("  " + notice.text()));
        }
    }
}
