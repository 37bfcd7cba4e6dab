package amberfence.app.files;

import amberfence.app.words.Words;
import amberfence.format.Format;
import amberfence.format.catalogue.Formats;
import amberfence.format.sheet.ChartFormat;
import java.io.File;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.stage.FileChooser;
import javafx.stage.Stage;

/** Chooses files with the desktop's own dialog. */
public final class DesktopFileChoice implements FileChoice {
    private final Stage stage;
    private File folder;

    public DesktopFileChoice(Stage stage) {
        this.stage = stage;
    }

    @Override
    public Optional<Path> toOpen() {
        FileChooser chooser = chooser("files.open");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(Words.say("files.readable"),
                Formats.readable().stream().flatMap(format -> format.endings().stream()).flatMap(ending ->
                        Stream.of("*." + ending, "*." + ending.toUpperCase(Locale.ROOT))).toList()));
        return remembered(chooser.showOpenDialog(stage));
    }

    @Override
    public Optional<Path> toOpenChart() {
        FileChooser chooser = chooser("files.chart");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(Words.say("files.charts"), Stream.of(ChartFormat.values())
                .flatMap(format -> format.endings().stream()).map(ending -> "*." + ending).toList()));
        return remembered(chooser.showOpenDialog(stage));
    }

    @Override
    public Optional<Path> toPlayWith() {
        FileChooser chooser = chooser("files.sounds");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(Words.say("files.soundFiles"), "*.sf2", "*.SF2", "*.dls",
                "*.DLS"));
        return remembered(chooser.showOpenDialog(stage));
    }

    @Override
    public Optional<Path> toSave(String suggestion, Format format) {
        String ending = format.endings().get(0);
        FileChooser chooser = chooser("files.save");
        chooser.setInitialFileName(suggestion + "." + ending);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("*." + ending, "*." + ending));
        return remembered(chooser.showSaveDialog(stage)).map(path -> path.getFileName().toString().contains(".") ? path
                : path.resolveSibling(path.getFileName() + "." + ending));
    }

    private FileChooser chooser(String title) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(Words.say(title));
        if (folder != null && folder.isDirectory()) {
            chooser.setInitialDirectory(folder);
        }
        return chooser;
    }

    private Optional<Path> remembered(File file) {
        if (file != null) {
            folder = file.getParentFile();
        }
        return Optional.ofNullable(file).map(File::toPath);
    }
}
