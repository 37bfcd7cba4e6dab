package amberfence.app;

import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Scene;

/** For measuring the start: leaves as soon as the first frames are painted. */
final class FirstPicture {
    private FirstPicture() {
    }

    static void leaveAfter(Scene scene) {
        int[] frames = {0};
        new AnimationTimer() {
            @Override
            public void handle(long now) {
                if (++frames[0] == 2) {
                    stop();
                    scene.getWindow().hide();
                    Platform.exit();
                }
            }
        }.start();
    }
}
