package amberfence.app;

import amberfence.app.files.AppFolder;
import amberfence.app.files.DesktopFileChoice;
import amberfence.app.session.Session;
import amberfence.app.sound.PlayedOn;
import amberfence.app.sound.SoundDesk;
import amberfence.app.theme.Theme;
import amberfence.app.words.Words;
import amberfence.app.work.Lane;
import amberfence.app.workspace.Workspace;
import amberfence.demo.Demo;
import amberfence.song.Song;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Future;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.image.Image;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;
import javafx.util.Duration;

/** The application with its one window. */
public final class AmberFence extends Application {
    private static final List<Integer> ICON_SIZES = List.of(16, 32, 48, 128);

    /** The song to begin with, composed while the toolkit starts. */
    private static Future<Song> first;

    /** Comes to nothing; the fonts are there when it ends. */
    private Future<?> fonts;
    private Workspace workspace;

    /** Begins to compose the first song. */
    static void composeAhead(List<String> arguments) {
        Lane lane = Lane.inOrder("first song");
        first = lane.begin(() -> Arguments.demo(arguments).map(Demo::song).orElseGet(() -> Song.empty(Words.say("song.untitled"))));
        // What the window asks for first of all, while the toolkit may still be starting.
        lane.execute(() -> Words.say("song.untitled"));
    }

    /** The scene of a window. With its stylesheets already there the workspace is styled once, not twice. */
    public static Scene scene(Workspace workspace, Theme theme) {
        Scene scene = new Scene(new Pane(), WindowPlace.USUAL.getWidth(), WindowPlace.USUAL.getHeight());
        theme.apply(scene);
        workspace.setTheme(theme);
        scene.setRoot(workspace);
        workspace.installShortcuts(scene);
        return scene;
    }

    /** Called off the interface thread, which meanwhile prepares for the window. */
    @Override
    public void init() {
        fonts = Lane.inOrder("fonts").begin(() -> {
            Theme.loadFonts();
            return true;
        });
    }

    @Override
    public void start(Stage stage) {
        Arguments arguments;
        try {
            arguments = Arguments.parse(getParameters().getRaw());
        } catch (IllegalArgumentException e) {
            System.err.println("amber-fence: " + e.getMessage());
            System.exit(2);
            return;
        }
        Theme.loadControls();
        Session session = new Session(Lane.await(first));
        Lane.await(fonts);
        SoundDesk sound = new SoundDesk(session, PlayedOn::open, System::nanoTime);
        workspace = new Workspace(session, new DesktopFileChoice(stage), folder(arguments), sound);
        Theme theme = arguments.theme().map(name -> Theme.valueOf(name.toUpperCase(Locale.ROOT))).orElseGet(workspace::preferredTheme);
        Scene scene = scene(workspace, theme);
        stage.setScene(scene);
        stage.setTitle("Amber Fence");
        boolean isMeasured = System.getProperty("amberfence.firstPicture") != null;
        WindowPlace.take(stage, isMeasured ? Optional.of(WindowPlace.USUAL) : arguments.size(), session.preferences());
        stage.show();
        // Not before there is something to be seen: reading pictures takes its time.
        PauseTransition later = new PauseTransition(Duration.millis(500));
        later.setOnFinished(event -> ICON_SIZES.forEach(size -> stage.getIcons().add(new Image(Theme.class.getResource("icon/" + size + ".png").toExternalForm()))));
        later.play();
        workspace.focusLadder();
        Thread.setDefaultUncaughtExceptionHandler(workspace.troubles()::uncaught);
        stage.setOnCloseRequest(event -> {
            if (!workspace.mayClose(stage::close)) {
                event.consume();
            }
        });
        if (isMeasured) {
            FirstPicture.leaveAfter(scene);
        }
        if (arguments.screenshot().isPresent()) {
            arguments.file().ifPresent(workspace.files()::open);
            new Screenshots(scene, workspace, session).take(arguments);
        } else {
            if (!isMeasured) {
                WindowPlace.keep(stage, arguments.size(), session.preferences());
            }
            workspace.keyboard().listenAgain();
            // Whatever this run was started with: work that was left is offered first.
            workspace.files().offerUnsaved(() -> arguments.file().ifPresentOrElse(workspace.files()::open, workspace::offerTour));
        }
    }

    @Override
    public void stop() {
        if (workspace != null) {
            workspace.leave();
            workspace.sound().close();
            workspace.troubles().close();
        }
    }

    /** Pictures are taken without touching the person's own files. */
    private static AppFolder folder(Arguments arguments) {
        if (arguments.screenshot().isEmpty()) {
            return AppFolder.usual();
        }
        AppFolder pictures = new AppFolder(Path.of(System.getProperty("java.io.tmpdir"), "amber-fence-pictures"));
        try {
            // Every picture is of a window as it is at first.
            Files.deleteIfExists(pictures.preferences());
        } catch (IOException e) {
            System.getLogger("amberfence").log(System.Logger.Level.WARNING, "pictures may show what another one left open", e);
        }
        return pictures;
    }
}
