package amberfence.app;

import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.paint.Color;

/** For measuring the start: prints when the first frame was painted, in milliseconds since 1970, and leaves. All of the window is in that frame. */
final class FirstPicture {
    private FirstPicture() {
    }

    static void leaveAfter(Scene scene) {
        int[] frames = {0};
        new AnimationTimer() {
            @Override
            public void handle(long now) {
                // With something to paint in it, the second frame waits until the first one is painted; the third comes after it.
                scene.setFill(Color.gray(++frames[0] / 4.0));
                if (frames[0] == 3) {
                    System.out.println(System.currentTimeMillis());
                    stop();
                    scene.getWindow().hide();
                    Platform.exit();
                }
            }
        }.start();
    }
}
