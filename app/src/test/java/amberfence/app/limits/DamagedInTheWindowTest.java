package amberfence.app.limits;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.WindowTest;
import amberfence.format.project.ProjectDocument;
import amberfence.format.project.ProjectWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Damaged projects opened in the window: a sentence, or a song. */
class DamagedInTheWindowTest extends WindowTest {
    private static final int COUNT = Integer.getInteger("amberfence.damaged", 12);

    /** Those of the folder that is given, or the demo with numbers and letters exchanged. */
    private List<Path> damaged() throws Exception {
        String from = System.getProperty("amberfence.damaged.from");
        if (from != null) {
            try (Stream<Path> files = Files.list(Path.of(from))) {
                return files.sorted().limit(COUNT).toList();
            }
        }
        Random random = new Random(3);
        List<Path> files = new ArrayList<>();
        byte[] good = ProjectWriter.write(ProjectDocument.of(song()));
        for (int i = 0; i < COUNT; i++) {
            byte[] bytes = good.clone();
            for (int change = 0; change < 3; change++) {
                bytes[random.nextInt(bytes.length / 2)] = "0123456789{}[],\":xyz".getBytes(StandardCharsets.US_ASCII)[random.nextInt(20)];
            }
            files.add(Files.write(folder.resolve("damaged-" + i + ".amber"), bytes));
        }
        return files;
    }

    @AfterEach
    void giveBack() {
        interact(() -> Thread.currentThread().setUncaughtExceptionHandler(null));
    }

    @Test
    void areToldInASentenceOrOpened() throws Exception {
        List<Throwable> thrown = new ArrayList<>();
        interact(() -> {
            Thread.currentThread().setUncaughtExceptionHandler((thread, cause) -> thrown.add(cause));
            session.setTrouble((sentence, cause) -> thrown.add(cause));
        });
        int opened = 0;
        int told = 0;
        for (Path file : damaged()) {
            byte[] before = Files.readAllBytes(file);
            if (isShown("trouble")) {
                click("trouble-close");
            }
            interact(() -> workspace.files().open(file));
            waitUntil(() -> !workspace.files().busy().get() && !session.working().get());
            if (isShown("trouble")) {
                assertThat(text("trouble")).as(file.toString()).hasSizeLessThan(600).doesNotContain("java.", "amberfence.", "Exception");
                told++;
            } else {
                assertThat(session.file().get()).isEqualTo(file);
                opened++;
            }
            assertThat(Files.readAllBytes(file)).isEqualTo(before);
            assertThat(thrown).as(file.toString()).isEmpty();
        }
        System.out.printf("%d damaged projects in the window: %d opened, %d told in a sentence%n", opened + told, opened, told);
        assertThat(told).isPositive();
    }
}
