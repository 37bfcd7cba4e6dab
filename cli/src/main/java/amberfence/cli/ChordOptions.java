package amberfence.cli;

import amberfence.analysis.SongChords;
import amberfence.edit.ProgressionEdits;
import amberfence.edit.VoicingChange;
import amberfence.format.WrittenSong;
import amberfence.format.leadsheet.LeadSheetFormat;
import amberfence.format.sheet.ChordChart;
import amberfence.format.sheet.SheetFormat;
import amberfence.reading.ReadChord;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.Key;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import picocli.CommandLine.Option;

/** Where the chords of a command line come from, how they are voiced, and where they are written to. */
final class ChordOptions {
    private static final Pattern DEGREES = Pattern.compile("(?:^|[|:\\s])[b#♭♯]?[ivIV]");

    @Option(names = "--progression", paramLabel = "CHART", description = "chords from bar 1 on, as in \"| Dm7 | G7 | Cmaj7 |\"; "
            + "symbols or Roman numerals, or the name of a file with a chart (.txt, .cho). With a bar in front, \"17: | F | C |\", from that bar on; may be given again")
    private List<String> charts = new ArrayList<>();

    @Option(names = "--progression-from", paramLabel = "N|NAME", description = "takes the chords from what a part plays; under a tune, those that go with it")
    private String from;

    @Option(names = "--voicing", paramLabel = "WAY", description = "voices the chords, one after another: " + VoicingChange.WAYS
            + "; with bars in front, as in \"5-8: drop 2\", only theirs")
    private List<String> voicings = new ArrayList<>();

    @Option(names = "--chart", paramLabel = "FILE", description = "writes the chords: symbols, or a ChordPro sheet when the name ends in .cho")
    private Path chart;

    @Option(names = "--numerals", paramLabel = "FILE", description = "writes the chords as Roman numerals")
    private Path numerals;

    @Option(names = "--lead-sheet", paramLabel = "FILE.pdf", description = "writes a lead sheet: the tune of the first melody, with chords over it")
    private Path leadSheet;

    @Option(names = "--no-tune", description = "the lead sheet has strokes for the beats in place of the tune")
    private boolean noTune;

    @Option(names = "--lead-numerals", description = "the lead sheet has Roman numerals under its chords as well")
    private boolean leadNumerals;

    /** The number or the name of the part that the chords come from, if they come from one. */
    Optional<String> from() {
        return Optional.ofNullable(from);
    }

    /** Whether a chart is given. */
    boolean hasChart() {
        return charts.stream().anyMatch(text -> !text.isBlank());
    }

    /** Whether chords are to be voiced or written, so that some are needed though no step asks for them. */
    boolean asksForChords() {
        return !voicings.isEmpty() || !targets().isEmpty();
    }

    /** Whether what is given or asked for is told by degrees. */
    boolean needsKey() {
        return numerals != null || leadSheet != null || charts.stream().anyMatch(text -> DEGREES.matcher(text).find());
    }

    /** Whether voicings are asked for. */
    boolean voices() {
        return !voicings.isEmpty();
    }

    /** The files that chords are written to. */
    List<Path> targets() {
        return Stream.of(chart, numerals, leadSheet).filter(Objects::nonNull).toList();
    }

    /**
     * The song with the chords that are given, voiced. When none are given and some are needed, those that it brings, or
     * those that are read from its notes.
     *
     * @param needed whether what else is asked for needs chords
     */
    Song put(Song song, Key key, boolean needed) {
        from().ifPresent(part -> PartChoice.part(song, part));
        Song with = song;
        for (String text : charts) {
            with = text.isBlank() ? with : put(with, text, key);
        }
        if (!hasChart() && (needed || asksForChords()) && (from != null || song.progression().isEmpty())) {
            with = ProgressionEdits.read(song, read(song));
        }
        for (String voicing : voicings) {
            Song before = with;
            with = StepOptions.read(() -> VoicingChange.parse(voicing).of(before));
        }
        return with;
    }

    private static Song put(Song song, String text, Key first) {
        FromBar chart = FromBar.of(CommandFiles.chart(text).orElse(text));
        int bar = chart.bar();
        if (bar < 1) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, "bars are counted from 1, not " + bar);
        }
        Key key = bar == 1 ? first : song.fence().along(song.time()).keyAt(song.time().barStart(bar));
        return StepOptions.read(() -> ProgressionEdits.put(song, ChordChart.read(chart.text(), song.time(), bar, song::nextId, key)));
    }

    private List<ReadChord> read(Song song) {
        if (from == null) {
            return SongChords.read(song).chords();
        }
        Part part = PartChoice.part(song, from);
        return SongChords.read(song, part.role(), part.line()).chords();
    }

    /** Refuses what would be ignored. */
    void check() {
        if (leadSheet == null && (noTune || leadNumerals)) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, "--no-tune and --lead-numerals would be ignored: give --lead-sheet FILE.pdf");
        }
    }

    /**
     * Writes the chords where they are asked for; a song without any is told.
     *
     * @param parts identities of the parts among which the tune is
     */
    void write(Song song, Set<Integer> parts, PrintWriter words) {
        if (!targets().isEmpty() && song.progression().isEmpty()) {
            words.println("no chords can be told from these notes; the chart is empty");
        }
        if (chart != null) {
            boolean sheet = chart.toString().toLowerCase(Locale.ROOT).endsWith(".cho");
            write(chart, sheet ? SheetFormat.CHORD_PRO : SheetFormat.SYMBOLS, song, words);
        }
        if (numerals != null) {
            write(numerals, SheetFormat.NUMERALS, song, words);
        }
        if (leadSheet != null) {
            WrittenSong written = new LeadSheetFormat(!noTune, leadNumerals).write(song, parts);
            written.notices().forEach(notice -> words.println("noticed: " + notice.text()));
            CommandFiles.write(leadSheet, written.content());
            words.println("written: " + leadSheet);
        }
    }

    private static void write(Path target, SheetFormat format, Song song, PrintWriter words) {
        CommandFiles.write(target, format.write(song, Set.of()).content());
        words.println("written: " + target);
    }
}
