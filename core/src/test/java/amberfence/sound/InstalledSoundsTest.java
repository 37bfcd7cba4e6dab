package amberfence.sound;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class InstalledSoundsTest {
    @TempDir
    private Path home;

    private Path file(Path folder, String name, int megabytes) throws IOException {
        Files.createDirectories(folder);
        try (RandomAccessFile file = new RandomAccessFile(folder.resolve(name).toFile(), "rw")) {
            file.setLength((long) megabytes << 20);
        }
        return folder.resolve(name);
    }

    @Test
    void takesTheLargestUnlessOneIsCalledTheDefault() throws IOException {
        Path folder = home.resolve("sf2");
        file(folder, "small.sf2", 5);
        Path large = file(folder, "Large.SF2", 30);
        file(folder, "huge.sf2", 400);
        file(folder, "words.txt", 50);
        assertThat(InstalledSounds.find(List.of(home.resolve("missing"), folder))).contains(large);
        Path preferred = file(folder, "default-GM.sf2", 6);
        assertThat(InstalledSounds.find(List.of(folder))).contains(preferred);
    }

    @Test
    void aPersonsOwnFolderGoesFirst() throws IOException {
        Path own = file(home.resolve(".local/share/soundfonts"), "mine.sf2", 2);
        assertThat(InstalledSounds.find(InstalledSounds.folders("Linux", home))).contains(own);
    }

    @Test
    void whereThereIsNoneNoneIsFound() throws IOException {
        file(home.resolve("tiny"), "noise.sf2", 0);
        assertThat(InstalledSounds.find(List.of(home.resolve("tiny"), home.resolve("missing")))).isEmpty();
    }

    @Test
    void everySystemHasItsFolders() {
        assertThat(InstalledSounds.folders("Linux", home)).contains(Path.of("/usr/share/sounds/sf2"));
        assertThat(InstalledSounds.folders("Mac OS X", home)).allMatch(folder -> folder.endsWith("Banks"));
        assertThat(InstalledSounds.folders("Windows 11", home)).first().isEqualTo(home.resolve("SoundFonts"));
    }
}
