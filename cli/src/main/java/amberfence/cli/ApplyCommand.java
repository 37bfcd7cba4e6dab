package amberfence.cli;

import amberfence.format.midi.MidiExport;
import amberfence.format.midi.MidiImport;
import amberfence.format.sheet.ChangeTable;
import amberfence.reading.KeyCandidate;
import amberfence.reading.KeyFamily;
import amberfence.reading.KeyFinder;
import amberfence.song.Fence;
import amberfence.song.FenceLine;
import amberfence.song.KeyPlan;
import amberfence.song.Note;
import amberfence.song.Part;
import amberfence.song.Role;
import amberfence.song.Song;
import amberfence.step.Finding;
import amberfence.step.PartResult;
import amberfence.step.StepWords;
import amberfence.step.fence.BringInside;
import amberfence.step.fence.MoveTo;
import amberfence.step.fence.Ties;
import amberfence.theory.Key;
import amberfence.theory.MusicTextException;
import amberfence.theory.NoteName;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Spelling;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Brings the parts of a MIDI file inside a key, or applies the steps of a project, and writes a MIDI file. */
@Command(name = "apply", mixinStandardHelpOptions = true,
        description = "Brings parts inside a key and writes a MIDI file; with neither --key nor --snap everything comes "
                + "back as it was.")
final class ApplyCommand implements Runnable {
    /** Where outside notes go, as the command line says it. */
    enum Snap {
        NEAREST(MoveTo.NEAREST), UP(MoveTo.UP), DOWN(MoveTo.DOWN), REMOVE(MoveTo.LEAVE_OUT);

        private final MoveTo moveTo;

        Snap(MoveTo moveTo) {
            this.moveTo = moveTo;
        }
    }

    @Parameters(paramLabel = "FILE", arity = "0..1", description = "a MIDI file")
    private Path file;

    @Option(names = "--project", paramLabel = "SONG.amber", description = "a project whose steps to apply instead")
    private Path project;

    @Option(names = "--out", required = true, paramLabel = "OUT", description = "the MIDI file to write")
    private Path target;

    @Option(names = "--key", description = "for example \"D dorian\"; without it the best found key counts")
    private String key;

    @Option(names = "--snap", description = "where outside notes go: nearest, up, down, remove")
    private Snap snap;

    @Option(names = "--ties", description = "what decides between two equally near: shape (the usual), down, up, chord")
    private Ties ties;

    @Option(names = "--part", paramLabel = "N", description = "only these parts, as analyze numbers them")
    private List<Integer> chosen = new ArrayList<>();

    @Option(names = "--allow", split = ",", paramLabel = "NOTE", description = "notes that are always allowed, as in C#,Bb")
    private List<String> allowed = new ArrayList<>();

    @Option(names = "--type", paramLabel = "0|1", description = "type of the file; without it the type stays")
    private Integer type;

    @Option(names = "--changes", paramLabel = "FILE.csv", description = "a table of all changes with their reasons")
    private Path changes;

    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        check();
        PrintWriter out = spec.commandLine().getOut();
        Song song = project != null ? CommandFiles.readProject(project) : fromMidi(out);
        Map<Integer, PartResult> results = PartResult.all(song);
        MidiExport export = new MidiExport(song, PartResult.lines(results), Optional.ofNullable(type));
        CommandFiles.write(target, export.toBytes());
        if (changes != null) {
            CommandFiles.write(changes, ChangeTable.of(song, results));
        }
        report(song, results, out);
    }

    private void check() {
        if (type != null && type != 0 && type != 1) {
            throw wrong("--type is 0 or 1, not " + type);
        }
        if ((file == null) == (project == null)) {
            throw wrong("give either a MIDI file or --project");
        }
        if (project != null && (key != null || snap != null || ties != null || !chosen.isEmpty() || !allowed.isEmpty())) {
            throw wrong("a project brings its own key and steps; --key, --snap, --ties, --part and --allow do not go with it");
        }
        Path input = file != null ? file : project;
        CommandFiles.checkTarget(target, input);
        if (changes != null) {
            CommandFiles.checkTarget(changes, input);
            if (changes.toAbsolutePath().normalize().equals(target.toAbsolutePath().normalize())) {
                throw wrong("--out and --changes name the same file");
            }
        }
    }

    private static CommandFailure wrong(String message) {
        return new CommandFailure(CommandFailure.WRONG_COMMAND, message);
    }

    private Song fromMidi(PrintWriter out) {
        Optional<Key> named = key == null ? Optional.empty() : Optional.of(named(key));
        PitchClassSet always = PitchClassSet.of(allowed.stream().map(this::note).map(NoteName::pitchClass).toList());
        MidiImport read = CommandFiles.readMidi(file);
        read.notices().forEach(notice -> out.println("noticed: " + notice.text()));
        Song song = read.song();
        Set<Integer> wanted = wanted(song);
        if (key == null && snap == null) {
            return song;
        }
        Optional<Key> fence = named.or(() -> found(song, out));
        if (fence.isEmpty()) {
            out.println("key: none can be told from these notes; nothing is changed");
            return song;
        }
        BringInside step = new BringInside(snap == null ? MoveTo.NEAREST : snap.moveTo,
                ties == null ? Ties.SHAPE : ties, List.of());
        Song fenced = song.withFence(new Fence(KeyPlan.of(fence.get()), always));
        for (Part part : song.parts()) {
            if (wanted.contains(part.id())) {
                fenced = fenced.plusStep(part.id(), step);
                if (part.isDrums() && !chosen.isEmpty()) {
                    fenced = fenced.withPart(part.id(), drums -> drums.withRole(Role.MELODY));
                }
            }
        }
        return fenced;
    }

    private Key named(String text) {
        try {
            return Key.parse(text);
        } catch (MusicTextException e) {
            throw wrong(e.getMessage());
        }
    }

    private NoteName note(String text) {
        try {
            return NoteName.parse(text);
        } catch (MusicTextException e) {
            throw wrong(e.getMessage());
        }
    }

    private static Optional<Key> found(Song song, PrintWriter out) {
        Optional<KeyCandidate> best = KeyFinder.find(song, KeyFamily.MODES).stream().findFirst();
        best.ifPresent(candidate -> out.printf(Locale.ROOT, "key: %s (found, score %.2f)%n", candidate.key().text(),
                candidate.score()));
        return best.map(KeyCandidate::key);
    }

    /** Identities of the chosen parts, all when none is named. Drums that are named are meant. */
    private Set<Integer> wanted(Song song) {
        Set<Integer> ids = new TreeSet<>();
        for (int index : chosen) {
            if (index < 0 || index >= song.parts().size()) {
                throw wrong("there is no part " + index + "; " + (song.parts().isEmpty() ? "the file has no notes"
                        : "the file has parts 0 to " + (song.parts().size() - 1)));
            }
            ids.add(song.parts().get(index).id());
        }
        if (chosen.isEmpty()) {
            song.parts().forEach(part -> ids.add(part.id()));
        }
        return ids;
    }

    private void report(Song song, Map<Integer, PartResult> results, PrintWriter out) {
        FenceLine fence = song.fence().along(song.time());
        for (Part part : song.parts()) {
            for (PartResult.Stage stage : results.get(part.id()).stages()) {
                var outcome = stage.outcome();
                boolean drums = outcome.findings().stream().anyMatch(Finding.Drums.class::isInstance);
                out.println(part.name() + ": " + (drums ? "left alone" : outcome.changes().isEmpty()
                        ? "all " + outcome.untouched() + " notes are already inside"
                        : outcome.changes().size() + " of " + outcome.considered() + " notes changed"));
                outcome.findings().forEach(finding -> out.println("  " + words(song, fence, finding)));
            }
        }
        out.println("written: " + target);
    }

    private static String words(Song song, FenceLine fence, Finding finding) {
        long tick = finding.note().map(Note::start).orElse(0L);
        Spelling spelling = fence.spellingAt(tick);
        String place = finding.note().isEmpty() ? "" : song.time().position(tick).text() + "  ";
        return place + new StepWords(pitch -> spelling.pitch(pitch).text()).sentence(finding);
    }
}
