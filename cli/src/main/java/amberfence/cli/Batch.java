package amberfence.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** The same work on several files, one after another; a bad one does not stop the others. What was done is told in a table at the end. */
final class Batch {
    private static final int LONGEST = 40;
    private final List<Path> files;
    private final Path folder;
    private final PrintWriter out;

    /** Work on one file, which says how many notes were changed. */
    interface Work {
        int of(Path file, Path target, PrintWriter words);
    }

    /** @param folder for the results, which keep the names of their files as far as songs are written to such */
    Batch(List<Path> files, Path folder, PrintWriter out) {
        this.files = files;
        this.folder = folder;
        this.out = out;
    }

    void run(Work work) {
        check();
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw CommandFiles.notWritten(folder, e);
        }
        List<String> table = new ArrayList<>();
        int failed = 0;
        int number = 0;
        for (Path file : files) {
            number++;
            // A person sees how far it is; a pipe gets the table only.
            if (System.console() != null) {
                System.err.printf("\r%d of %d", number, files.size());
            }
            String name = file.getFileName().toString();
            String shown = name.length() > LONGEST ? name.substring(0, LONGEST - 1) + "…" : name;
            try {
                int changed = work.of(file, folder.resolve(CommandFiles.written(name)), new PrintWriter(new StringWriter()));
                table.add(String.format(Locale.ROOT, "%-" + LONGEST + "s  done    %d changes", shown, changed));
            } catch (CommandFailure e) {
                if (e.exitCode() == CommandFailure.WRONG_COMMAND && files.size() == 1) {
                    throw e;
                }
                failed++;
                table.add(String.format(Locale.ROOT, "%-" + LONGEST + "s  failed  %s", shown, e.getMessage()));
            }
        }
        if (System.console() != null) {
            System.err.println();
        }
        table.forEach(out::println);
        if (failed > 0) {
            throw new CommandFailure(CommandFailure.NOT_WRITTEN, failed + " of " + files.size() + " files failed");
        }
    }

    private void check() {
        if (Files.exists(folder) && !Files.isDirectory(folder)) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, folder + " is no folder");
        }
        Set<String> names = new HashSet<>();
        for (Path file : files) {
            if (!names.add(CommandFiles.written(file.getFileName().toString()).toLowerCase(Locale.ROOT))) {
                throw new CommandFailure(CommandFailure.WRONG_COMMAND, "the results of two of the files would be called "
                        + CommandFiles.written(file.getFileName().toString()));
            }
        }
    }
}
