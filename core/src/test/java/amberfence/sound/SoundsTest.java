package amberfence.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whose sounds are played with: what is written of them is read again, and only those that nobody chose are replaced. */
class SoundsTest {
    @TempDir
    private Path folder;

    private static Optional<Path> play(Optional<Path> file) throws SoundsException {
        if (file.isPresent()) {
            throw new SoundsException(file.get().getFileName() + " is damaged", null);
        }
        return file;
    }

    @Test
    void areReadAsTheyWereWritten() {
        for (Sounds sounds : List.of(Sounds.INSTALLED, Sounds.PLAIN, new Sounds.OfFile(folder.resolve("Tin box.sf2")))) {
            assertThat(Sounds.parse(sounds.text())).isEqualTo(sounds);
        }
    }

    @Test
    void damagedOnesThatAreOnlyInstalledAreToldAndThePlainOnesDo() throws Exception {
        try (RandomAccessFile file = new RandomAccessFile(folder.resolve("rusty.sf2").toFile(), "rw")) {
            file.setLength(2 << 20);
        }
        List<String> told = new ArrayList<>();
        Optional<Path> used = new Sounds.Installed(List.of(folder)).use(SoundsTest::play, told::add);
        assertThat(used).isEmpty();
        assertThat(told).containsExactly("rusty.sf2 is damaged");
    }

    @Test
    void damagedOnesThatSomebodyChoseAreRefused() throws Exception {
        Path chosen = Files.createFile(folder.resolve("rusty.sf2"));
        assertThatThrownBy(() -> new Sounds.OfFile(chosen).use(SoundsTest::play, told -> { })).isInstanceOf(SoundsException.class)
                .hasMessage("rusty.sf2 is damaged");
    }

    @Test
    void withNoneInstalledThePlainOnesPlay() throws Exception {
        assertThat(new Sounds.Installed(List.of(folder)).use(SoundsTest::play, told -> { })).isEmpty();
    }
}
