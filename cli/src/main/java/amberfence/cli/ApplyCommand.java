package amberfence.cli;

import amberfence.analysis.DoubtKind;
import amberfence.analysis.SongKeys;
import amberfence.edit.Ensemble;
import amberfence.edit.HarmonyParts;
import amberfence.edit.Mending;
import amberfence.edit.VoiceParts;
import amberfence.format.ReadSong;
import amberfence.format.WritableFormat;
import amberfence.format.WrittenSong;
import amberfence.format.midi.MidiExport;
import amberfence.format.sheet.ChangeTable;
import amberfence.format.sheet.NoteTable;
import amberfence.notes.ChordBank;
import amberfence.notes.Fence;
import amberfence.notes.FenceLine;
import amberfence.notes.KeyPlan;
import amberfence.notes.Note;
import amberfence.notes.PlaceText;
import amberfence.notes.Role;
import amberfence.reading.KeyCandidate;
import amberfence.reading.KeyFamily;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Finding;
import amberfence.step.Kept;
import amberfence.step.SettingTexts;
import amberfence.step.StepGroup;
import amberfence.step.StepWords;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.theory.Key;
import amberfence.theory.MusicTextException;
import amberfence.theory.NoteName;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Spelling;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Applies steps to the parts of a file, or the steps of a project, and writes a MIDI file, a score or a project. */
@Command(name = "apply", mixinStandardHelpOptions = true,
        sortOptions = false,
        description = {"Applies steps to parts, in the order in which they are given, and writes a MIDI file, a score or a project. With --key and "
                + "no step it brings inside; with neither everything comes back as it was.",
            "--pick limits the steps behind it: --pick lowest --octaves -1 --pick all --snap nearest."})
final class ApplyCommand implements Runnable {
    @Parameters(paramLabel = "FILE", arity = "0..*", description = "a MIDI file, a score or a chart; several with --out-dir")
    private List<Path> files = new ArrayList<>();

    @Option(names = "--project", paramLabel = "SONG.amber", description = "a project whose steps to apply instead")
    private Path project;

    @Option(names = "--out", paramLabel = "OUT", description = "the file to write: a MIDI file, or by its ending .musicxml, .mxl or .amber")
    private Path out;

    @Option(names = "--out-dir", paramLabel = "FOLDER", description = "the folder for the results of several files, which keep their names")
    private Path folder;

    @Mixin
    private KeyOption key;

    @Mixin
    private ChordOptions chords;

    @Mixin
    private StepOptions steps;

    @Mixin
    private SingleNotes notes;

    @Mixin
    private PartChoice chosen;

    @Option(names = "--allow", split = ",", paramLabel = "NOTE", description = "notes that are always allowed, as in C#,Bb")
    private List<String> allowed = new ArrayList<>();

    @Option(names = "--mend", paramLabel = "KINDS", description = "takes the first way out of every place of these kinds that check finds, before the steps")
    private String mend;

    @Option(names = "--type", paramLabel = "0|1", description = "type of the MIDI file; without it the type stays")
    private Integer type;

    @Option(names = "--changes", paramLabel = "FILE.csv", description = "a table of all changes with their reasons")
    private Path changes;

    @Option(names = "--notes", paramLabel = "FILE.csv", description = "a table of all notes as they are written")
    private Path table;

    @Spec
    private CommandSpec spec;

    /** Adds the options that stand for steps. */
    void offerSteps(CommandSpec command) {
        steps.offer(command);
    }

    @Override
    public void run() {
        PrintWriter printed = spec.commandLine().getOut();
        if (folder != null) {
            checkBatch();
            new Batch(files, folder, printed).run((file, target, words) -> one(file, target, words));
            return;
        }
        if (out == null) {
            throw wrong("say with --out which file to write, or with --out-dir into which folder");
        }
        if (files.size() > 1) {
            throw wrong("several files go into a folder: --out-dir FOLDER");
        }
        one(files.isEmpty() ? null : files.get(0), out, printed);
    }

    private void checkBatch() {
        if (out != null || project != null || changes != null || table != null || !chords.targets().isEmpty()) {
            throw wrong("--out, --project, --changes, --notes, --chart, --numerals and --lead-sheet do not go with --out-dir");
        }
        if (files.isEmpty()) {
            throw wrong("give the files whose results go into the folder");
        }
    }

    /** Does one file; says how many notes were changed or made. */
    private int one(Path file, Path target, PrintWriter words) {
        check(file, target);
        Song song = project != null ? CommandFiles.read(project, spec.commandLine().getErr()).song() : fromMidi(file, words);
        Map<Integer, PartResult> results = PartResult.all(song);
        write(song, results, target, words);
        if (table != null) {
            CommandFiles.write(table, NoteTable.of(song, results));
        }
        chords.write(song, !chosen.isGiven() ? song.parts().stream().map(Part::id).collect(Collectors.toSet()) : wanted(song), words);
        if (changes != null) {
            CommandFiles.write(changes, ChangeTable.of(song, results));
        }
        report(song, results, words);
        words.println("written: " + target);
        return results.values().stream().flatMap(result -> result.stages().stream()).mapToInt(stage -> stage.outcome().changes().size()).sum();
    }

    private void write(Song song, Map<Integer, PartResult> results, Path target, PrintWriter words) {
        Optional<WritableFormat> format = CommandFiles.otherThanMidi(target);
        if (format.isPresent()) {
            WrittenSong written = format.get().write(song, song.parts().stream().map(Part::id).collect(Collectors.toSet()));
            written.notices().forEach(notice -> words.println("noticed: " + notice.text()));
            CommandFiles.write(target, written.content());
            return;
        }
        MidiExport export = new MidiExport(song, PartResult.lines(results), Optional.ofNullable(type));
        export.repairs().forEach(repair -> words.println("repaired: " + repair.text()));
        CommandFiles.write(target, export.toBytes());
    }

    private void check(Path file, Path target) {
        CommandFiles.checkEnding(target);
        if (type != null && CommandFiles.otherThanMidi(target).isPresent()) {
            throw wrong("--type is one of MIDI files; " + target + " would be none");
        }
        if (type != null && type != 0 && type != 1) {
            throw wrong("--type is 0 or 1, not " + type);
        }
        if ((file == null) == (project == null)) {
            throw wrong("give either a MIDI file or --project");
        }
        notes.check();
        chords.check();
        steps.checkOwnParts();
        steps.chordsFrom(chords.from());
        if (chords.voices() && !steps.answerToChords() && chords.targets().isEmpty()) {
            throw wrong("--voicing would be ignored: give --play-chords NAME, or a step that answers to chords");
        }
        if (project != null && (key.isGiven() || !steps.isEmpty() || !notes.isEmpty() || chords.hasChart() || chords.voices() || mend != null || chosen.isGiven() || !allowed.isEmpty())) {
            throw wrong("a project brings its own key and steps; --key, --part, --allow and the steps do not go with it");
        }
        Path input = file != null ? file : project;
        CommandFiles.checkTarget(target, input);
        Set<Path> taken = new HashSet<>(Set.of(target.toAbsolutePath().normalize()));
        for (Path other : Stream.concat(Stream.of(changes, table).filter(Objects::nonNull), chords.targets().stream()).toList()) {
            CommandFiles.checkTarget(other, input);
            if (!taken.add(other.toAbsolutePath().normalize())) {
                throw wrong("two of --out, --changes, --notes, --chart, --numerals and --lead-sheet name the same file: " + other);
            }
        }
    }

    private static CommandFailure wrong(String message) {
        return new CommandFailure(CommandFailure.WRONG_COMMAND, message);
    }

    private Song fromMidi(Path file, PrintWriter out) {
        Optional<KeyPlan> named = key.plan();
        PitchClassSet always = PitchClassSet.of(allowed.stream().map(this::note).map(NoteName::pitchClass).toList());
        ReadSong read = CommandFiles.read(file, spec.commandLine().getErr());
        if (!CommandFiles.isWrittenMusic(file)) {
            read.notices().forEach(notice -> out.println("noticed: " + notice.text()));
        }
        Song song = read.song();
        Set<Integer> wanted = wanted(song);
        if (!key.isGiven() && steps.isEmpty() && !chords.hasChart() && !chords.asksForChords() && notes.isEmpty() && mend == null) {
            return read.writtenKey().isPresent() && !CommandFiles.isWrittenMusic(file) ? song.withFence(Fence.of(KeyPlan.of(read.writtenKey().get()))) : song;
        }
        boolean ownFence = !key.isGiven() && CommandFiles.bringsKey(file, read);
        Optional<KeyPlan> fence = named.or(() -> (steps.needKey() || chords.needsKey()) && !ownFence ? found(song, out).map(KeyPlan::of)
                : Optional.of(KeyPlan.of(song.fence().keys().first())));
        if (fence.isEmpty()) {
            out.println("key: none can be told from these notes; nothing is changed");
            return song;
        }
        Song fenced = chords.put(ownFence ? song : song.withFence(Fence.of(fence.get(), always)), fence.get().first(), steps.playsChords());
        if (mend != null) {
            fenced = Mending.firsts(fenced, StepOptions.read(() -> DoubtKind.parse(mend)), wanted);
        }
        boolean onlyElse = steps.isEmpty() && (mend != null || chords.asksForChords() && !key.isGiven());
        for (Part part : onlyElse ? List.<Part>of() : song.parts()) {
            if (wanted.contains(part.id())) {
                fenced = withSteps(fenced, part, OptionalInt.empty());
            }
        }
        for (int i = 0; i < steps.newParts().size(); i++) {
            fenced = fenced.plusEmptyPart(steps.newParts().get(i), Role.MELODY);
            fenced = withSteps(fenced, fenced.parts().get(fenced.parts().size() - 1), OptionalInt.of(i));
        }
        if (steps.voices().isPresent()) {
            for (int id : wanted) {
                fenced = fenced.part(id).isDrums() ? fenced : VoiceParts.lines(fenced, id, steps.voices().getAsInt(), Ensemble.AS_THEY_ARE);
            }
        }
        fenced = notes.isEmpty() ? fenced : notes.of(fenced, wanted);
        return steps.ownParts() ? HarmonyParts.apart(fenced) : fenced;
    }

    /** @param newPart which of the new parts it is; nothing for one of the file */
    private Song withSteps(Song song, Part part, OptionalInt newPart) {
        Song planned = song;
        for (PlannedStep step : steps.planned()) {
            if (!step.newPart().equals(newPart)) {
                continue;
            }
            planned = planned.plusStep(part.id(), StepOptions.read(() -> step.made(song, part, texts(song)).checkedFor(song.bank().orElse(ChordBank.EMPTY))), step.pick());
        }
        return planned.withPart(part.id(), worked -> worked.withSteps(worked.steps().stream()
                .map(slot -> slot.id() < song.nextId() ? slot : slot.withMeant(chosen.isGiven())).toList()));
    }

    /** How settings speak of the song: parts by their numbers or names, ticks of its resolution. */
    private static SettingTexts texts(Song song) {
        return new SettingTexts(id -> song.part(id).name(), text -> PartChoice.part(song, text).id(), song.time().ticksPerQuarter());
    }

    private NoteName note(String text) {
        try {
            return NoteName.parse(text);
        } catch (MusicTextException e) {
            throw wrong(e.getMessage());
        }
    }

    private static Optional<Key> found(Song song, PrintWriter out) {
        List<KeyCandidate> keys = SongKeys.find(song, KeyFamily.MODES);
        Optional<KeyCandidate> best = keys.stream().findFirst();
        best.ifPresent(candidate -> out.printf(Locale.ROOT, "key: %s (found, score %.2f)%n", candidate.key().text(),
                candidate.score()));
        SongKeys.along(song, KeyFamily.MODES, keys).ifPresent(along -> out.printf(Locale.ROOT, "the key seems to change along the song; %s leaves %d notes outside%n",
                KeyOption.text(along.plan()), along.outside()));
        return best.map(KeyCandidate::key);
    }

    /** Identities of the chosen parts, all when none is named. Drums that are named are meant. */
    private Set<Integer> wanted(Song song) {
        Set<Integer> ids = new TreeSet<>(chosen.of(song));
        if (!chosen.isGiven()) {
            song.parts().stream().filter(part -> steps.means(part)).map(Part::id).forEach(ids::add);
            if (ids.isEmpty() && !song.parts().isEmpty()) {
                throw wrong("no part has the role of " + steps.roles() + "; say with --part which to take");
            }
        }
        return ids;
    }

    private void report(Song song, Map<Integer, PartResult> results, PrintWriter out) {
        FenceLine fence = song.fence().along(song.time());
        for (Part part : song.parts()) {
            for (PartResult.Stage stage : results.get(part.id()).stages()) {
                var outcome = stage.outcome();
                boolean drums = outcome.findings().stream().anyMatch(Finding.Drums.class::isInstance);
                boolean inside = StepCatalogue.of(stage.slot().step()).group() == StepGroup.FENCE;
                out.println(part.name() + ": " + (inside ? "" : StepCatalogue.of(stage.slot().step()).title()
                        + ": ") + (drums ? "left alone" : outcome.changes().isEmpty()
                        ? inside ? "all " + outcome.untouched() + " notes are already inside" : "nothing to change"
                        : outcome.onlyAdds() ? outcome.added() + " notes added"
                        : outcome.changed() + " of " + outcome.considered() + " notes changed"
                                + (outcome.added() > 0 ? ", " + outcome.added() + " added" : "")));
                outcome.kept().stream().filter(kept -> kept.reason().isOpen())
                        .forEach(kept -> out.println("  " + open(song, fence, kept)));
                outcome.findings().forEach(finding -> out.println("  " + words(song, fence, finding)));
            }
        }
    }

    /** A note that is to be resolved, and the ways out. */
    private static String open(Song song, FenceLine fence, Kept kept) {
        Spelling spelling = fence.spellingAt(kept.note().start());
        String ways = kept.reason().fixes(kept.note()).stream().map(fix -> fix.label().apply(StepWords.of(spelling)))
                .collect(Collectors.joining(" or "));
        return PlaceText.of(song.time(), kept.note().start()) + "  " + spelling.pitch(kept.note().pitch()).text() + " "
                + StepWords.of(spelling).sentence(kept.reason()) + "; " + ways + " would resolve it";
    }

    private static String words(Song song, FenceLine fence, Finding finding) {
        long tick = finding.note().map(Note::start).orElse(0L);
        Spelling spelling = fence.spellingAt(tick);
        String place = finding.note().isEmpty() ? "" : PlaceText.of(song.time(), tick) + "  ";
        return place + StepWords.of(spelling).sentence(finding);
    }
}
