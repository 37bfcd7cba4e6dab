package amberfence.cli;

import amberfence.analysis.Doubt;
import amberfence.analysis.DoubtKind;
import amberfence.analysis.ReadThrough;
import amberfence.analysis.SongKeys;
import amberfence.edit.Mending;
import amberfence.format.ReadSong;
import amberfence.notes.BarPosition;
import amberfence.notes.Fence;
import amberfence.notes.FenceLine;
import amberfence.notes.KeyPlan;
import amberfence.notes.Note;
import amberfence.notes.PlaceText;
import amberfence.reading.KeyCandidate;
import amberfence.reading.KeyFamily;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.PitchClassSet;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Reads a song through: what may be wrong in it, one place after another. Exit code 0 with none, 1 with some. */
@Command(name = "check", mixinStandardHelpOptions = true, description = {"Lists what may be wrong in a file, place by place: exit code 0 with nothing, 1 "
        + "with something.", "Kinds are outside, clash, unison, overlap, leap, range, parallel, off-grid, doubled, chord, key."})
final class CheckCommand implements Callable<Integer> {
    private static final double PLACES = 1000;

    @Parameters(paramLabel = "FILE", description = "a MIDI file, a score, a chart or a project")
    private Path file;

    @Mixin
    private KeyOption key;

    @Option(names = "--kinds", paramLabel = "KINDS", description = "only these, as in outside,leap; +parallel for these besides the usual, -range for all but "
            + "these")
    private String kinds = "";

    @Option(names = "--json", description = "as JSON, for other programs")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        Set<DoubtKind> wanted = kinds.isBlank() ? DoubtKind.usual() : StepOptions.read(() -> DoubtKind.parse(kinds));
        Optional<KeyPlan> named = key.plan();
        ReadSong read = CommandFiles.read(file, spec.commandLine().getErr());
        Song song = keyed(read, named);
        List<Doubt> doubts = ReadThrough.of(song, Mending.own(song.parts()), wanted);
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(json(song, doubts));
        } else {
            print(song, doubts, out);
        }
        return doubts.isEmpty() ? 0 : 1;
    }

    /** With the key that is named, that the file has, or that is found. */
    private Song keyed(ReadSong read, Optional<KeyPlan> named) {
        Song song = read.song();
        if (named.isEmpty() && CommandFiles.bringsKey(file, read)) {
            return song;
        }
        return named.or(() -> SongKeys.find(song, KeyFamily.MODES).stream().findFirst().map(KeyCandidate::key).map(KeyPlan::of))
                .map(found -> song.withFence(Fence.of(found, PitchClassSet.EMPTY))).orElse(song);
    }

    private static String text(Doubt doubt, FenceLine fence) {
        return doubt.sentence().of(fence.spellingAt(doubt.tick())::pitchText);
    }

    private static List<String> mends(Doubt doubt, FenceLine fence) {
        return doubt.mends().stream().map(mend -> mend.words(fence.spellingAt(doubt.tick())::pitchText)).toList();
    }

    private static void print(Song song, List<Doubt> doubts, PrintWriter out) {
        FenceLine fence = song.fence().along(song.time());
        for (Doubt doubt : doubts) {
            List<String> mends = mends(doubt, fence);
            out.println(PlaceText.of(song.time(), doubt.tick()) + "  " + song.part(doubt.part()).name() + "  " + text(doubt, fence)
                    + (mends.isEmpty() ? "" : " (" + String.join(", ", mends) + ")"));
        }
        out.println(doubts.isEmpty() ? "nothing found" : doubts.stream().collect(Collectors.groupingBy(Doubt::kind, TreeMap::new, Collectors.counting()))
                .entrySet().stream().map(entry -> entry.getKey().title() + ": " + entry.getValue()).collect(Collectors.joining(", ")));
    }

    private static String json(Song song, List<Doubt> doubts) {
        ObjectMapper mapper = new ObjectMapper();
        FenceLine fence = song.fence().along(song.time());
        ObjectNode root = mapper.createObjectNode().put("key", song.fence().keys().first().plainText());
        root.putArray("findings");
        List<Integer> parts = song.parts().stream().map(Part::id).toList();
        for (Doubt doubt : doubts) {
            BarPosition position = song.time().position(doubt.tick());
            double beat = 4.0 * song.time().ticksPerQuarter() / song.time().metreAt(doubt.tick()).denominator();
            ObjectNode node = root.withArray("findings").addObject().put("tick", doubt.tick()).put("bar", position.bar())
                    .put("beat", Math.round((position.beat() + position.tick() / beat) * PLACES) / PLACES).put("part", parts.indexOf(doubt.part()))
                    .put("kind", doubt.kind().text());
            doubt.notes().stream().mapToInt(Note::pitch).sorted().forEach(node.putArray("pitches")::add);
            node.put("text", text(doubt, fence));
            mends(doubt, fence).forEach(node.putArray("fixes")::add);
        }
        try {
            return mapper.writeValueAsString(root);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("what was found could not be put into JSON", e);
        }
    }
}
