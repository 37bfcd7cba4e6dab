package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.song.Song;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.application.Platform;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** An error on whatever thread becomes a sentence and a line in a file; the work is kept, and the window goes on. */
class TroublesTest extends WindowTest {
    private Thread.UncaughtExceptionHandler before;

    @BeforeEach
    void takeErrors() {
        before = Thread.getDefaultUncaughtExceptionHandler();
        Thread.setDefaultUncaughtExceptionHandler(workspace.troubles()::uncaught);
    }

    @AfterEach
    void giveBack() {
        Thread.setDefaultUncaughtExceptionHandler(before);
        workspace.troubles().close();
    }

    private String log() throws IOException {
        StringBuilder text = new StringBuilder();
        try (var files = Files.list(appFolder.resolve("log"))) {
            for (Path file : files.filter(some -> some.toString().endsWith(".log")).toList()) {
                text.append(Files.readString(file));
            }
        }
        return text.toString();
    }

    @Test
    void onTheInterfaceThread() throws IOException {
        interact(() -> session.edit("title", song -> song.withTitle("Before")));
        Platform.runLater(() -> {
            throw new IllegalStateException("on the interface thread");
        });
        waitUntil(() -> isShown("trouble"));
        assertThat(text("trouble")).startsWith("Something went wrong that should not: an error inside Amber Fence. Your work is kept.")
                .contains(appFolder.resolve("log").toString()).doesNotContain("Exception");
        assertThat(log()).contains("on the interface thread", "TroublesTest");
        try (var kept = Files.list(appFolder.resolve("unsaved"))) {
            assertThat(kept.map(Path::toString)).anyMatch(file -> file.endsWith(".unsaved"));
        }
        interact(() -> session.edit("title", song -> song.withTitle("After")));
        assertThat(text("song-title")).isEqualTo("After");
    }

    @Test
    void onAnyOtherThreadAlsoWhatIsNoException() throws IOException, InterruptedException {
        Thread thread = new Thread(() -> {
            throw new OutOfMemoryError("too much");
        });
        thread.start();
        thread.join();
        waitUntil(() -> isShown("trouble"));
        assertThat(text("trouble")).contains("there was not enough memory for it");
        assertThat(log()).contains("OutOfMemoryError");
    }

    @Test
    void anEditThatCannotBeWorkedOutLeavesTheSongAsItWas() throws IOException {
        Song good = session.song();
        // A song that no view can show: its fence fails when it is laid along the bars.
        interact(() -> session.edit("bad", song -> song.withFence(null)));
        waitUntil(() -> isShown("trouble"));
        assertThat(text("trouble")).startsWith("That edit could not be worked out, so the song is as it was before it.");
        assertThat(session.song()).isSameAs(good);
        interact(() -> session.edit("title", song -> song.withTitle("And on")));
        assertThat(text("song-title")).isEqualTo("And on");
    }
}
