package amberfence.app.files;

import amberfence.app.AmberFence;
import amberfence.app.session.Session;
import amberfence.app.sound.SoundDesk;
import amberfence.app.theme.Theme;
import amberfence.app.workspace.Workspace;
import amberfence.demo.LanternFerry;
import amberfence.format.Format;
import amberfence.sound.RecordedOutput;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Random;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;

/** A window in which somebody edits every third of a second to every three, until it is killed; it tells each edit. */
public final class EditingWindow extends Application {
    /** Java starts no {@link Application} from a plain class path, but this. */
    static final class Start {
        private Start() {
        }

        public static void main(String[] arguments) {
            launch(EditingWindow.class, arguments);
        }
    }

    @Override
    public void start(Stage stage) {
        Theme.load();
        Session session = new Session(LanternFerry.song());
        Workspace workspace = new Workspace(session, new FileChoice() {
            @Override
            public Optional<Path> toOpen() {
                return Optional.empty();
            }

            @Override
            public Optional<Path> toSave(String suggestion, Format format) {
                return Optional.empty();
            }
        }, new AppFolder(Path.of(getParameters().getRaw().get(0))), new SoundDesk(session, (wanted, trouble) -> new RecordedOutput(System::nanoTime),
                System::nanoTime));
        stage.setScene(AmberFence.scene(workspace, Theme.PAPER));
        stage.show();
        Thread thread = new Thread(() -> edit(session, new Random(Long.parseLong(getParameters().getRaw().get(1)))), "somebody");
        thread.setDaemon(true);
        thread.start();
    }

    private static void edit(Session session, Random random) {
        for (int i = 1;; i++) {
            int number = i;
            Platform.runLater(() -> {
                session.edit("edit", song -> song.withTitle("Edit " + number));
                System.out.println(number + " " + System.currentTimeMillis());
                System.out.flush();
            });
            try {
                Thread.sleep(300 + random.nextInt(2700));
            } catch (InterruptedException e) {
                return;
            }
        }
    }
}
