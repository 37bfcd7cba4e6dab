package amberfence.bench;

import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.stage.Stage;

/** The least window there can be; prints when its first frame was painted, as the real one does, and leaves. */
public final class EmptyWindow extends Application {
    /** Started through a class that is no application, as the real window is. */
    public static final class Starter {
        private Starter() {
        }

        public static void main(String[] arguments) {
            Application.launch(EmptyWindow.class, arguments);
        }
    }

    @Override
    public void start(Stage stage) {
        Scene scene = new Scene(new StackPane(), 1280, 800);
        stage.setScene(scene);
        stage.show();
        int[] frames = {0};
        new AnimationTimer() {
            @Override
            public void handle(long now) {
                // As where the real one is measured.
                scene.setFill(Color.gray(++frames[0] / 4.0));
                if (frames[0] == 3) {
                    System.out.println(System.currentTimeMillis());
                    stop();
                    stage.hide();
                    Platform.exit();
                }
            }
        }.start();
    }
}
