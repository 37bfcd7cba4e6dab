package amberfence.cli;

import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.sound.Score;
import amberfence.sound.SongScore;
import amberfence.sound.SoundFile;
import amberfence.sound.Sounds;
import amberfence.sound.SoundsException;
import amberfence.sound.Tempi;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Renders a MIDI file or a project to a WAV file, without any sound card. */
@Command(name = "sound", mixinStandardHelpOptions = true, sortOptions = false,
        description = "Writes a WAV file (44.1 kHz, 16 bits, stereo) of a MIDI file or a project, faster than it sounds.")
final class SoundCommand implements Runnable {
    @Parameters(paramLabel = "FILE", description = "a MIDI file, a score, a chart or a project (SONG.amber)")
    private Path file;

    @Option(names = "--out", required = true, paramLabel = "OUT.wav", description = "the file to write")
    private Path target;

    @Mixin
    private PartChoice chosen;

    @Option(names = "--sounds", paramLabel = "FILE", defaultValue = "installed", description = "a SoundFont 2 or DLS file, or plain "
            + "for the sounds of Java; without it one that is installed, else the plain ones")
    private String sounds;

    @Option(names = "--metronome", description = "with clicks on every main beat")
    private boolean metronome;

    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        CommandFiles.checkTarget(target, file);
        PrintWriter out = spec.commandLine().getOut();
        Song song = CommandFiles.read(file, spec.commandLine().getErr()).song();
        Set<Integer> wanted = chosen.of(song);
        Predicate<Part> heard = chosen.isGiven() ? part -> wanted.contains(part.id()) : SongScore.audible(song);
        Score score = SongScore.of(song, PartResult.lines(song), heard, metronome);
        long end = new Tempi(song.time()).micros(song.end());
        Optional<Path> bank;
        try {
            bank = Sounds.parse(sounds).use(file -> {
                SoundFile.writeTo(target, score, 0, end, file, share -> { }, () -> false);
                return file;
            }, spec.commandLine().getErr()::println);
        } catch (SoundsException e) {
            throw new CommandFailure(CommandFailure.UNREADABLE, e.getMessage());
        } catch (IOException e) {
            throw CommandFiles.notWritten(target, e);
        }
        out.printf(Locale.ROOT, "written: %s, %.1f seconds, with %s%n", target, SoundFile.frames(0, end) / (double) SoundFile.RATE,
                bank.map(file -> file.getFileName().toString()).orElse("the plain sounds of Java"));
    }
}
