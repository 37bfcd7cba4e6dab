package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.files.AppFolder;
import amberfence.app.files.PreferencesFile;
import amberfence.app.session.Preferences;
import amberfence.app.sound.PlayedOn;
import amberfence.sound.SoundOutput;
import amberfence.sound.Sounds;
import amberfence.sound.SoundsException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** What the song is played on is chosen once, and holds until another thing is chosen; with simulated devices. */
class PlayedOnTest extends WindowTest {
    private static final PlayedOn PLAIN = new PlayedOn(Sounds.PLAIN, "");
    private static final PlayedOn DEVICE = new PlayedOn(Sounds.PLAIN, "Moon organ");
    /** What is not there today. */
    private volatile PlayedOn missing;
    private volatile Path goodFile;
    private volatile boolean hasSoundCard = true;

    @Override
    protected SoundOutput open(PlayedOn wanted, Consumer<String> trouble) throws IOException {
        if (wanted.equals(missing)) {
            throw new IOException("there is no device called " + wanted.device() + " any more");
        }
        if (wanted.sounds() instanceof Sounds.OfFile file && !file.chosen().equals(goodFile)) {
            throw new SoundsException(file.chosen().getFileName() + " holds no sounds", null);
        }
        if (!hasSoundCard) {
            throw new IOException("there is no sound card to play on");
        }
        return super.open(wanted, trouble);
    }

    private Preferences nextStart() {
        interact(() -> workspace.leave());
        Preferences next = new Preferences();
        new PreferencesFile(new AppFolder(appFolder), next).load();
        return next;
    }

    private void hearSomething() {
        click("play");
        waitUntil(() -> session.transport().playhead().get() > 100);
        click("play");
    }

    private boolean isMarked(String item) {
        return workspace.soundMenu().sounds().stream().filter(some -> item.equals(some.getId())).map(RadioMenuItem.class::cast)
                .anyMatch(RadioMenuItem::isSelected);
    }

    @Test
    void otherSoundsHoldFromNowOnAndAreMarked() {
        hearSomething();
        assertThat(opened).containsExactly(PLAIN);
        click("sound-menu");
        chooseUnder("sound-outputs", "output-installed");
        waitUntil(() -> opened.size() == 2);
        settle();
        assertThat(opened.get(1)).isEqualTo(PlayedOn.USUAL);
        interact(() -> assertThat(List.of(isMarked("output-installed"), isMarked("output-plain"))).containsExactly(true, false));
        assertThat(nextStart().text("sounds", "")).isEqualTo("installed");
    }

    @Test
    void aFileOfSoundsIsKeptByItsName() throws Exception {
        goodFile = Files.write(folder.resolve("Tin box.sf2"), new byte[] {1});
        chooseFile(goodFile);
        waitUntil(() -> opened.size() == 2);
        settle();
        assertThat(opened.get(1)).isEqualTo(new PlayedOn(new Sounds.OfFile(goodFile), ""));
        interact(workspace::openSettings);
        waitUntil(() -> text("settings-sounds-now").equals("Tin box.sf2"));
        push(KeyCode.ESCAPE);
        assertThat(nextStart().text("sounds", "")).isEqualTo(goodFile.toString());
    }

    @Test
    void aFileWithoutSoundsChangesNothing() throws Exception {
        chooseFile(Files.write(folder.resolve("poem.sf2"), new byte[] {1}));
        waitUntil(() -> text("status").contains("poem.sf2 holds no sounds"));
        interact(() -> assertThat(workspace.sound().playedOn()).isEqualTo(PLAIN));
    }

    @Test
    void withoutASoundCardOtherSoundsHoldForTheFilesThatAreWritten() {
        hasSoundCard = false;
        click("sound-menu");
        chooseUnder("sound-outputs", "output-installed");
        waitUntil(() -> text("status").contains("there is no sound card to play on"));
        waitUntil(() -> session.preferences().text("sounds", "").equals("installed"));
        interact(() -> assertThat(workspace.sound().playedOn()).isEqualTo(PlayedOn.USUAL));
    }

    private void chooseFile(Path file) {
        toOpen = file;
        click("song-menu");
        clickOn("#menu-settings");
        settle();
        click("settings-sounds");
        clickOn("#output-soundfont");
        push(KeyCode.ESCAPE);
    }

    @Test
    void whatWasKeptAndIsGoneIsToldAndTheUsualSoundsPlay() {
        missing = DEVICE;
        interact(() -> session.preferences().keep("sound-device", "Moon organ"));
        hearSomething();
        assertThat(opened).containsExactly(PlayedOn.USUAL);
        assertThat(text("status")).contains("there is no device called Moon organ any more");
        assertThat(nextStart().text("sound-device", "")).as("it may be plugged in tomorrow").isEqualTo("Moon organ");
    }

    @Test
    void whatCannotBeOpenedChangesNothing() {
        missing = DEVICE;
        hearSomething();
        interact(() -> workspace.sound().choose(DEVICE));
        waitUntil(() -> text("status").contains("there is no device called Moon organ any more"));
        interact(() -> assertThat(workspace.sound().playedOn()).isEqualTo(PLAIN));
        missing = null;
        interact(() -> workspace.sound().choose(DEVICE));
        waitUntil(() -> opened.contains(DEVICE));
        interact(() -> workspace.openSettings());
        assertThat(text("settings-device-now")).isEqualTo("Moon organ");
        push(KeyCode.ESCAPE);
        assertThat(nextStart().values()).containsAllEntriesOf(Map.of("sounds", "plain", "sound-device", "Moon organ"));
    }

    @Test
    void countingInAndHearingWhatIsClickedAreKept() {
        click("sound-menu");
        chooseUnder("sound-count-in", "count-in-2");
        click("sound-menu");
        clickOn("#hear-clicks");
        settle();
        assertThat(nextStart().values()).containsAllEntriesOf(Map.of("count-in", "2", "hear-clicks", "off"));
        interact(() -> {
            session.preferences().take(Map.of("count-in", "7", "hear-clicks", "on"));
            workspace.sound().takeKept();
            assertThat(workspace.sound().countIn().get()).as("not more than can be chosen").isEqualTo(2);
            assertThat(workspace.sound().hearClicks().get()).isTrue();
        });
    }
}
