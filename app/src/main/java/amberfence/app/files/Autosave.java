package amberfence.app.files;

import amberfence.app.session.Session;
import amberfence.format.UnreadableFileException;
import amberfence.format.WholeFile;
import amberfence.format.project.ProjectDocument;
import amberfence.format.project.ProjectReader;
import amberfence.format.project.ProjectWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.util.Optional;
import java.util.concurrent.Executor;
import javafx.animation.PauseTransition;
import javafx.util.Duration;

/** Keeps unsaved work beside the application, a little after each change, so that it survives a crash. */
public final class Autosave {
    private final Session session;
    private final AppFolder folder;
    private final Executor worker;
    private final PauseTransition pause;

    Autosave(Session session, AppFolder folder, Executor worker, Duration delay) {
        this.session = session;
        this.folder = folder;
        this.worker = worker;
        pause = new PauseTransition(delay);
        pause.setOnFinished(event -> write());
        session.results().addListener((property, old, now) -> {
            if (session.isChanged()) {
                pause.playFromStart();
            } else {
                forget();
            }
        });
    }

    /** Keeps the work as it is now, if it is not saved. */
    void write() {
        pause.stop();
        if (!session.isChanged()) {
            return;
        }
        ProjectDocument document = session.document();
        worker.execute(() -> {
            try {
                folder.create();
                WholeFile.write(folder.autosave(), ProjectWriter.write(document));
            } catch (IOException e) {
                System.getLogger("amberfence").log(System.Logger.Level.WARNING, "unsaved work could not be kept", e);
            }
        });
    }

    /** What was not saved when the application ended last, if anything was. */
    Optional<ProjectDocument> unsaved() {
        try {
            return Files.exists(folder.autosave())
                    ? Optional.of(ProjectReader.read(Files.readAllBytes(folder.autosave()), "the unsaved work"))
                    : Optional.empty();
        } catch (IOException | UnreadableFileException e) {
            return Optional.empty();
        }
    }

    /** Nothing is unsaved any more. */
    void forget() {
        pause.stop();
        worker.execute(() -> {
            try {
                Files.deleteIfExists(folder.autosave());
            } catch (IOException e) {
                System.getLogger("amberfence").log(System.Logger.Level.DEBUG, "unsaved work not removed", e);
            }
        });
    }
}
