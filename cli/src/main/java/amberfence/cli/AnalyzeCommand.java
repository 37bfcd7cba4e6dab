package amberfence.cli;

import amberfence.analysis.SongChords;
import amberfence.analysis.SongKeys;
import amberfence.edit.ProgressionEdits;
import amberfence.format.Notice;
import amberfence.format.ReadSong;
import amberfence.format.sheet.ChordChart;
import amberfence.notes.Fence;
import amberfence.notes.FenceLine;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.reading.KeyCandidate;
import amberfence.reading.KeyEvidence;
import amberfence.reading.KeyFamily;
import amberfence.reading.ReadChord;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.Key;
import amberfence.theory.Numerals;
import amberfence.theory.Spelling;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Says what is in a MIDI file: likely keys, parts, notes outside. */
@Command(name = "analyze", mixinStandardHelpOptions = true,
        description = "Says which keys a MIDI file may be in, which parts it has and what is outside.")
final class AnalyzeCommand implements Runnable {
    private static final int MOST_KEYS = 8;
    private static final Pattern BARS = Pattern.compile("(\\d{1,6})\\s*\\.\\.\\s*(\\d{1,6})");

    @Parameters(paramLabel = "FILE", description = "a MIDI file, a score, a chart or a project")
    private Path file;

    @Option(names = "--json", description = "as JSON, for other programs")
    private boolean json;

    @Mixin
    private KeyOption key;

    @Mixin
    private PartChoice chosen;

    @Option(names = "--bars", paramLabel = "FROM..TO", description = "only what begins in these bars, as in 5..8")
    private String bars;

    @Option(names = "--family", defaultValue = "MODES",
            description = "among which scales to look: major_minor, modes (the usual), pentatonic")
    private KeyFamily family;

    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        ReadSong read = CommandFiles.read(file, spec.commandLine().getErr());
        Song heard = heard(read.song());
        List<KeyCandidate> keys = SongKeys.find(heard, family).stream().limit(MOST_KEYS).toList();
        List<KeyStretch> along = along(read, heard, keys);
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(json(read, heard, keys, along));
        } else {
            print(read, heard, keys, along, out);
        }
    }

    /** The parts and bars that are asked for: of the others nothing is heard. */
    private Song heard(Song song) {
        Optional<int[]> range = bars == null ? Optional.empty() : Optional.of(bars());
        Set<Integer> wanted = chosen.of(song);
        return wanted.isEmpty() && range.isEmpty() ? song : song.withParts(song.parts().stream().map(part -> part.withTake(take -> take.withLine(
                !wanted.isEmpty() && !wanted.contains(part.id()) ? Line.EMPTY : range.map(ends -> part.line().between(song.time().barStart(ends[0]),
                        song.time().barStart(ends[1] + 1))).orElse(part.line())))).toList());
    }

    private int[] bars() {
        Matcher ends = BARS.matcher(bars.strip());
        if (!ends.matches() || Integer.parseInt(ends.group(1)) < 1 || Integer.parseInt(ends.group(2)) < Integer.parseInt(ends.group(1))) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, "--bars rises from 1, as in 5..8, not “" + bars + "”");
        }
        return new int[] {Integer.parseInt(ends.group(1)), Integer.parseInt(ends.group(2))};
    }

    /** The keys along the song: as they were named or stand in the score, else as they are found; always at least one. */
    private List<KeyStretch> along(ReadSong read, Song song, List<KeyCandidate> keys) {
        Optional<KeyPlan> named = key.plan().or(() -> Optional.of(song.fence().keys()).filter(plan -> CommandFiles.isWrittenMusic(file) && CommandFiles.bringsKey(file, read)));
        if (named.isPresent()) {
            return named.get().spans().stream().map(span -> new KeyStretch(span.fromBar(), span.key(), 1)).toList();
        }
        List<KeyStretch> found = SongKeys.changes(song, family).stream().map(span -> new KeyStretch(span.fromBar(), span.candidate().key(),
                span.candidate().score())).toList();
        return !found.isEmpty() ? found : List.of(keys.stream().findFirst().map(best -> new KeyStretch(1, best.key(), best.score()))
                .orElse(new KeyStretch(1, song.fence().keys().first(), 0)));
    }

    /**
     * From a bar on a key.
     *
     * @param certainty 0 to 1; 1 for one that was named
     */
    private record KeyStretch(int startBar, Key key, double certainty) {
    }

    /** The fence by which notes count as outside: the keys that were named, else the best one; with no key found, nothing is outside. */
    private Optional<Fence> fence(List<KeyCandidate> keys) {
        return key.plan().or(() -> keys.stream().findFirst().map(best -> KeyPlan.of(best.key()))).map(Fence::of);
    }

    private int outside(Song song, Part part, List<KeyCandidate> keys) {
        return part.isDrums() ? 0 : fence(keys).map(fence -> fence.along(song.time()).countOutside(part.line())).orElse(0);
    }

    private String json(ReadSong read, Song song, List<KeyCandidate> keys, List<KeyStretch> along) {
        ObjectMapper mapper = new ObjectMapper();
        ObjectNode root = mapper.createObjectNode().put("ticksPerQuarter", read.song().time().ticksPerQuarter());
        ArrayNode keyNodes = root.putArray("keys");
        for (KeyCandidate found : keys) {
            keyNodes.addObject().put("tonic", found.key().tonic().plainText()).put("scale", found.key().scale().name())
                    .put("score", Math.round(found.score() * 100) / 100.0).put("outside", found.outside());
        }
        ArrayNode spans = root.putArray("keySpans");
        along.forEach(span -> spans.addObject().put("startBar", span.startBar).put("tonic", span.key.tonic().plainText()).put("scale", span.key.scale().name())
                .put("certainty", Math.round(span.certainty * 100) / 100.0));
        Song keyed = keyed(song, keys);
        FenceLine fence = keyed.fence().along(keyed.time());
        ArrayNode parts = root.putArray("parts");
        for (int i = 0; i < song.parts().size(); i++) {
            Part part = song.parts().get(i);
            ArrayNode chords = parts.addObject().put("index", i).put("name", part.name()).put("channel", part.channel())
                    .put("notes", part.line().size()).put("outOfKey", outside(song, part, keys)).putArray("chords");
            if (!part.isDrums()) {
                write(chords, SongChords.read(keyed, part.role(), part.line()).chords(), fence);
            }
        }
        write(root.putArray("chords"), SongChords.read(keyed).chords(), fence);
        if (CommandFiles.isWrittenMusic(file) || !song.progression().isEmpty()) {
            ArrayNode progression = root.putArray("progression");
            song.progression().spans().forEach(span -> progression.addObject().put("startTick", span.start()).put("endTick", span.end()).put("symbol", span.chord().plainText()));
        }
        ArrayNode findings = root.putArray("findings");
        read.notices().stream().map(Notice::text).forEach(findings::add);
        try {
            return mapper.writeValueAsString(root);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("an analysis could not be put into JSON", e);
        }
    }

    /** The song in its keys, in which chords are spelled and numbered. */
    private Song keyed(Song song, List<KeyCandidate> keys) {
        return fence(keys).map(song::withFence).orElse(song);
    }

    private static void write(ArrayNode target, List<ReadChord> chords, FenceLine fence) {
        Numerals numerals = Numerals.of(chords, ReadChord::chord, chord -> fence.keyAt(chord.start()));
        for (ReadChord chord : chords) {
            target.addObject().put("startTick", chord.start()).put("endTick", chord.end()).put("symbol", chord.chord().plainText())
                    .put("roman", numerals.of(chord.chord(), fence.keyAt(chord.start())))
                    .put("confidence", Math.round(chord.confidence() * 100) / 100.0);
        }
    }

    private void print(ReadSong read, Song song, List<KeyCandidate> keys, List<KeyStretch> along, PrintWriter out) {
        var time = song.time();
        out.printf(Locale.ROOT, "%s: %d %s in %s, %s quarters a minute, %d ticks per quarter%n", song.title(), song.lastBar(),
                song.lastBar() == 1 ? "bar" : "bars", time.metresText(), time.temposText(), time.ticksPerQuarter());
        out.println();
        out.println(keys.isEmpty() ? "Key: none can be told from these notes" : "Likely keys");
        for (KeyCandidate found : keys) {
            Spelling spelling = found.key().spelling();
            out.printf(Locale.ROOT, "  %-18s %.2f  %4d outside  %s%n", found.key().text(), found.score(), found.outside(),
                    found.evidence().stream().map((KeyEvidence e) -> e.words(spelling)).collect(Collectors.joining("; ")));
        }
        read.writtenKey().ifPresent(written -> out.println("  the file itself says " + written.text()));
        if (along.size() > 1 || key.isGiven()) {
            out.println("Keys along the song");
            along.forEach(span -> out.printf(Locale.ROOT, "  from bar %-4d %s%s%n", span.startBar, span.key.text(), key.isGiven() ? "" : String.format(Locale.ROOT,
                    " (%.2f)", span.certainty)));
        }
        out.println();
        out.println("Parts");
        for (int i = 0; i < song.parts().size(); i++) {
            Part part = song.parts().get(i);
            out.printf(Locale.ROOT, "  %2d  %-24s %-7s channel %-2d  %6d %-5s  %s%n", i, part.name(),
                    part.role().name().toLowerCase(Locale.ROOT), part.channel() + 1, part.line().size(), part.line().size() == 1 ? "note" : "notes",
                    part.isDrums() ? "drums are left alone" : outside(song, part, keys) + " outside");
        }
        Song keyed = keyed(song, keys);
        SongChords.Found chords = SongChords.read(keyed);
        Song harmonized = ProgressionEdits.read(keyed, chords.chords());
        if (!harmonized.progression().isEmpty()) {
            out.println();
            out.println(switch (chords.basis()) {
                case TUNE -> "Chords that go under the tune";
                case BASS -> "Chords that go over the bass";
                default -> "Chords";
            });
            ChordChart.symbols(harmonized).lines().forEach(line -> out.println("  " + line));
        }
        if (!read.notices().isEmpty() && !CommandFiles.isWrittenMusic(file)) {
            out.println();
            out.println("Noticed");
            read.notices().forEach(notice -> out.println("  " + notice.text()));
        }
    }
}
