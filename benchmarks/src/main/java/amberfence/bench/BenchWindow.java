package amberfence.bench;

import amberfence.app.AmberFence;
import amberfence.app.files.AppFolder;
import amberfence.app.files.FileChoice;
import amberfence.app.session.Session;
import amberfence.app.sound.SoundDesk;
import amberfence.app.theme.Theme;
import amberfence.app.workspace.Workspace;
import amberfence.format.Format;
import amberfence.sound.SilentOutput;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.Scene;
import javafx.stage.Stage;

/** The real window, silent and without files of its own, to be measured. */
final class BenchWindow {
    private BenchWindow() {
    }

    static Scene open(Stage stage, Session session) {
        Theme.load();
        Workspace workspace = new Workspace(session, new FileChoice() {
            @Override
            public Optional<Path> toOpen() {
                return Optional.empty();
            }

            @Override
            public Optional<Path> toSave(String suggestion, Format format) {
                return Optional.empty();
            }
        }, new AppFolder(Path.of(System.getProperty("java.io.tmpdir"), "amber-fence-frames")),
                new SoundDesk(session, (wanted, trouble) -> new SilentOutput(), System::nanoTime));
        Scene scene = AmberFence.scene(workspace, Theme.PAPER);
        stage.setScene(scene);
        stage.show();
        return scene;
    }
}
