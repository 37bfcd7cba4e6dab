package amberfence.app;

import amberfence.app.session.Session;
import amberfence.app.workspace.Workspace;
import amberfence.demo.LanternFerry;
import amberfence.format.WholeFile;
import amberfence.format.midi.MidiExport;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.util.Duration;
import javax.imageio.ImageIO;

/** Takes a picture of the window in one of its views, and leaves. */
final class Screenshots {
    private static final Duration SETTLING = Duration.millis(700);
    private final Scene scene;
    private final Workspace workspace;
    private final Session session;

    Screenshots(Scene scene, Workspace workspace, Session session) {
        this.scene = scene;
        this.workspace = workspace;
        this.session = session;
    }

    void take(Arguments arguments) {
        after(SETTLING, () -> {
            try {
                open(arguments.view());
            } catch (IOException e) {
                leave("the view cannot be opened: " + e.getMessage(), 1);
            }
            after(SETTLING, () -> write(arguments.screenshot().orElseThrow()));
        });
    }

    private static void after(Duration delay, Runnable action) {
        PauseTransition pause = new PauseTransition(delay);
        pause.setOnFinished(event -> action.run());
        pause.play();
    }

    private void open(String view) throws IOException {
        switch (view) {
            case "before" -> session.showingBefore().set(true);
            case "fence" -> workspace.openFence();
            case "export" -> workspace.openExport();
            case "shortcuts" -> workspace.openShortcuts();
            case "import" -> {
                Path folder = Files.createTempDirectory("amber-fence");
                Path midi = folder.resolve("lantern-ferry.mid");
                Files.write(midi, MidiExport.ofOriginals(LanternFerry.plain()).toBytes());
                workspace.files().open(midi);
            }
            default -> { }
        }
    }

    private void write(Path target) {
        WritableImage picture = scene.snapshot(null);
        int width = (int) picture.getWidth();
        int height = (int) picture.getHeight();
        PixelReader pixels = picture.getPixelReader();
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                image.setRGB(x, y, pixels.getArgb(x, y));
            }
        }
        try {
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(image, "png", png);
            WholeFile.write(target, png.toByteArray());
            leave("", 0);
        } catch (IOException e) {
            leave(target + " cannot be written: " + e.getMessage(), 1);
        }
    }

    private static void leave(String message, int code) {
        if (!message.isEmpty()) {
            System.err.println("amber-fence: " + message);
        }
        Platform.exit();
        if (code != 0) {
            System.exit(code);
        }
    }
}
