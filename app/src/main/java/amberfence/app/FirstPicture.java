package amberfence.app;

import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Scene;

/** For measuring the start: prints when the first frame was painted, in milliseconds since 1970, and leaves. All of the window is in that frame. */
final class FirstPicture {
    private FirstPicture() {
    }

    static void leaveAfter(Scene scene) {
        int[] frames = {0};
        new AnimationTimer() {
            @Override
            public void handle(long now) {
                // A frame is painted when the next one begins.
                if (++frames[0] == 2) {
                    System.out.println(System.currentTimeMillis());
                    stop();
                    scene.getWindow().hide();
                    Platform.exit();
                }
            }
        }.start();
    }
}
