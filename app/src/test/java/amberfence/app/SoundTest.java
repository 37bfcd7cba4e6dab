package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import amberfence.app.parts.PartsView;
import amberfence.app.session.TickRange;
import amberfence.app.words.GridWords;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.song.PartSound;
import amberfence.sound.Messages;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ProgressBar;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** Hearing the song and playing along, with the simulated output in the place of a sound card. */
class SoundTest extends WindowTest {
    private List<Integer> begun() {
        List<Integer> begun = new ArrayList<>();
        for (int i = 0; i < output.size(); i++) {
            if (Messages.isNoteOn(output.message(i))) {
                begun.add(output.message(i) & 0x7F0F);
            }
        }
        return begun;
    }

    private static int key(int channel, int pitch) {
        return channel | pitch << 8;
    }

    private int stuck() {
        boolean[] on = new boolean[16 * 128];
        for (int i = 0; i < output.size(); i++) {
            int message = output.message(i);
            if (Messages.isNoteOn(message) || Messages.isNoteOff(message)) {
                on[Messages.channel(message) << 7 | Messages.first(message)] = Messages.isNoteOn(message);
            }
        }
        int stuck = 0;
        for (boolean sounding : on) {
            stuck += sounding ? 1 : 0;
        }
        return stuck;
    }

    @Test
    void playsFromThePlayheadWhichGoesAlongAndStops() {
        push(KeyCode.SPACE);
        waitUntil(() -> session.transport().playhead().get() > 300);
        assertThat(begun()).contains(key(0, 69), key(1, 38), key(2, 50));
        assertThat(lookup("#play").query().getAccessibleText()).isEqualTo("Stop (Space)");
        push(KeyCode.SPACE);
        settle();
        assertThat(stuck()).isZero();
        long stopped = session.transport().playhead().get();
        assertThat(lookup("#play").query().getAccessibleText()).isEqualTo("Play (Space)");
        int before = output.size();
        timePasses(200);
        assertThat(output.size()).isEqualTo(before);
        assertThat(session.transport().playhead().get()).isEqualTo(stopped);
        var position = session.song().time().position(stopped);
        assertThat(text("place")).isEqualTo(position.bar() + " : " + position.beat());
    }

    @Test
    void goesRoundInALoopOfBars() {
        interact(() -> session.transport().goRound(Optional.of(new TickRange(1440, 1440 + 480))));
        assertThat(lookup("#loop").query().getPseudoClassStates()).extracting(Object::toString).contains("selected");
        click("play");
        // The second bar begins with G in the bass; a third of a bar is round in half a second.
        waitUntil(() -> begun().stream().filter(some -> some == key(1, 43)).count() >= 3);
        assertThat(session.transport().playhead().get()).isBetween(1440L, 1920L);
        click("play");
        assertThat(stuck()).isZero();
        click("loop");
        assertThat(session.transport().loop().get()).isEmpty();
        click("loop");
        assertThat(session.transport().loop().get().orElseThrow().to() - session.transport().loop().get().orElseThrow().from()).as("four bars")
                .isEqualTo(4 * 1440);
    }

    @Test
    void switchesBetweenBeforeAndAfterWhilePlayingWithoutAGap() {
        // Bar 2 has F♯ before and F after, on the fourth eighth; the loop goes round it.
        interact(() -> session.transport().goRound(Optional.of(new TickRange(1440 + 2 * 240, 2 * 1440))));
        click("play");
        waitUntil(() -> begun().contains(key(0, 65)));
        click("before");
        waitUntil(() -> begun().contains(key(0, 66)));
        assertThat(session.transport().playhead().get()).isBetween(1440L, 2L * 1440);
        click("play");
        assertThat(stuck()).isZero();
        interact(() -> session.transport().showBefore(false));
    }

    @Test
    void whatIsEditedIsHeardAtOnce() {
        click("play");
        waitUntil(() -> begun().contains(key(2, 50)));
        click("part-mute-2");
        assertThat(text("undo-words")).isEqualTo("Ctrl+Z undo “Mute”");
        output.clear();
        long at = session.transport().playhead().get();
        waitUntil(() -> session.transport().playhead().get() > at + 2000);
        click("play");
        assertThat(begun()).as("the bass goes on, the chords do not").anyMatch(some -> (some & 0x0F) == 1)
                .noneMatch(some -> (some & 0x0F) == 2);
        click("part-solo-1");
        assertThat(session.song().part(1).sound()).isEqualTo(PartSound.USUAL.withSolo(true));
        assertThat(stuck()).isZero();
    }

    @Test
    void whatIsClickedIsHeard() {
        interact(() -> session.selection().selectNotes(Set.of(note(0, 69, 0).id())));
        waitUntil(() -> begun().contains(key(0, 69)));
        output.clear();
        interact(() -> session.selection().selectChords(Set.of(session.song().progression().spans().get(1).id())));
        waitUntil(() -> begun().size() == 3);
        assertThat(begun()).extracting(some -> (some >> 8) % 12).containsExactlyInAnyOrder(7, 11, 2);
        output.clear();
        click("sound-menu");
        clickOn("#hear-clicks");
        settle();
        interact(() -> session.selection().selectNotes(Set.of(note(0, 71, 0).id())));
        timePasses(150);
        assertThat(begun()).isEmpty();
    }

    private Note note(int part, int pitch, int skip) {
        return session.song().part(part).line().notes().stream().filter(some -> some.pitch() == pitch).skip(skip).findFirst()
                .orElseThrow();
    }

    @Test
    void keysPlayThroughTheFenceAndShowWhatIsHeard() {
        click("tab-keys");
        choose("tryit-outside", 1);
        clickOn("#piano");
        settle();
        output.clear();
        // W is C♯, which D dorian does not have: up to D.
        press(KeyCode.W);
        settle();
        waitUntil(() -> begun().equals(List.of(key(0, 62))));
        release(KeyCode.W);
        settle();
        assertThat(stuck()).isZero();
        choose("tryit-outside", 4);
        clickOn("#piano");
        settle();
        output.clear();
        push(KeyCode.W);
        push(KeyCode.S);
        settle();
        assertThat(begun()).as("outside keys are silent now").containsExactly(key(0, 62));
        Node piano = lookup("#piano").query();
        Bounds bounds = piano.localToScreen(piano.getLayoutBounds());
        output.clear();
        clickOn(bounds.getMinX() + bounds.getWidth() / 36 * (14 + 4.5), bounds.getMaxY() - 8, MouseButton.PRIMARY);
        settle();
        assertThat(begun()).as("the fifth white key of the third octave is G").containsExactly(key(0, 67));
        assertThat(stuck()).isZero();
    }

    @Test
    void oneKeyPlaysAChordWhichIsLearntByTouching() {
        click("tab-keys");
        choose("tryit-mode", 1);
        interact(() -> lookup("#piano").query().requestFocus());
        output.clear();
        push(KeyCode.A);
        settle();
        assertThat(begun()).extracting(some -> (some >> 8) % 12).as("C2 plays the first degree of D dorian").containsExactly(2, 5, 9);
        click("bank-learn");
        clickOn("#learn-36");
        settle();
        assertThat(text("tryit-state")).isEqualTo("touch the notes for C2");
        interact(() -> lookup("#piano").query().requestFocus());
        push(KeyCode.S).push(KeyCode.G).push(KeyCode.D).push(KeyCode.D);
        click("bank-learn");
        clickOn("#learn-end");
        settle();
        interact(() -> lookup("#piano").query().requestFocus());
        output.clear();
        push(KeyCode.A);
        settle();
        assertThat(begun()).as("E was touched twice").containsExactly(key(0, 38), key(0, 43));
        assertThat(session.song().bank().orElseThrow().on(36)).as("it belongs to the song").containsExactly(38, 43);
        interact(session::undo);
        settle();
        interact(() -> lookup("#piano").query().requestFocus());
        output.clear();
        push(KeyCode.A);
        settle();
        assertThat(begun()).extracting(some -> (some >> 8) % 12).as("undone").containsExactly(2, 5, 9);
        click("bank-turn");
        assertThat(text("bank-turn")).isEqualTo("inversion 1");
        click("bank-from");
        clickOn("#bank-progression");
        settle();
    }

    @Test
    void whiteKeysPlayTheChordOfTheMoment() {
        click("tab-keys");
        choose("tryit-mode", 2);
        interact(() -> session.transport().moveTo(1440));
        interact(() -> lookup("#piano").query().requestFocus());
        output.clear();
        push(KeyCode.A).push(KeyCode.S).push(KeyCode.D);
        settle();
        assertThat(begun()).extracting(some -> (some >> 8) % 12).as("G B D over the G of bar 2").containsExactly(7, 11, 2);
    }

    @Test
    void recordsATakeOverTheSong() {
        click("tab-keys");
        int takes = session.song().part(0).takes().size();
        click("record");
        waitUntil(() -> session.transport().playhead().get() > 100);
        interact(() -> lookup("#piano").query().requestFocus());
        press(KeyCode.W);
        timePasses(200);
        release(KeyCode.W);
        press(KeyCode.G);
        timePasses(200);
        release(KeyCode.G);
        click("record");
        waitUntil(() -> session.song().part(0).takes().size() == takes + 1);
        List<Note> kept = session.song().part(0).line().notes();
        assertThat(kept).extracting(Note::pitch).as("what was heard: C♯ came inside").containsExactly(60, 67);
        assertThat(kept.get(0).start()).isPositive();
        assertThat(kept.get(1).start()).isGreaterThan(kept.get(0).end() - 1);
        assertThat(kept.get(0).length()).isBetween(80L, 2500L);
        assertThat(text("status")).contains("2 notes recorded into a new take of “Voice line”");
        click("undo");
        assertThat(session.song().part(0).takes()).hasSize(takes);
        // Nobody asked for it, and yet it can be kept.
        click("keep-minute");
        assertThat(session.song().part(0).line().notes()).extracting(Note::pitch).containsExactly(60, 67);
    }

    @Test
    void withoutAKeyboardASimulatedOnePlays() {
        click("tab-keys");
        output.clear();
        click("tryit-simulated");
        waitUntil(() -> begun().size() >= 3);
        assertThat(begun().subList(0, 3)).as("C, C♯ brought to C, D").containsExactly(key(0, 60), key(0, 60), key(0, 62));
        click("tryit-simulated");
        waitUntil(() -> stuck() == 0);
    }

    @Test
    void writesASoundFileWithProgress() throws Exception {
        toSave = folder.resolve("ferry.wav");
        interact(() -> session.transport().goRound(Optional.of(new TickRange(0, 1440))));
        click("sound-menu");
        clickOn("#sound-export");
        settle();
        choose("sound-what", 2);
        click("sound-write");
        waitUntil(() -> Files.exists(toSave));
        waitUntil(() -> text("sound-state").equals("Done."));
        assertThat(((ProgressBar) lookup("#sound-progress").query()).getProgress()).isEqualTo(1);
        // One bar of 6/8 at 72 dotted quarters a minute and two seconds, 44,100 frames of four bytes each.
        assertThat(Files.size(toSave)).isCloseTo(44 + 4 * Math.round(44_100 * (2 * 60 / 72.0 + 2)), Offset.offset(400L));
        click("sound-close");
    }

    @Test
    void aDeviceThatIsPulledOutIsToldAndPlayingGoesOn() {
        click("play");
        waitUntil(() -> session.transport().playhead().get() > 100);
        output.breakDown();
        waitUntil(() -> text("status").contains("does not answer any more"));
        long at = session.transport().playhead().get();
        waitUntil(() -> session.transport().playhead().get() > at + 200);
        click("play");
    }

    @Test
    void padsPlayTheBankAndVersionsAreHeardWhileTheyAreCompared() {
        click("tab-keys");
        choose("tryit-mode", 1);
        output.clear();
        click("pad-36");
        assertThat(begun()).extracting(some -> (some >> 8) % 12).as("Dm").containsExactly(2, 5, 9);
        assertThat(text("pad-38")).isEqualTo("Em");
        click("bank-from");
        chooseUnder("bank-clear-one", "clear-38");
        assertThat(lookup("#pad-38").tryQuery()).isEmpty();
        click("tab-keys");
        interact(() -> session.transport().goRound(Optional.of(new TickRange(1440 + 2 * 240, 2 * 1440))));
        click("takes-compare");
        push(KeyCode.SPACE);
        waitUntil(() -> begun().contains(key(0, 65)));
        click("compare-view-a");
        waitUntil(() -> begun().contains(key(0, 66)));
        push(KeyCode.ESCAPE);
        output.clear();
        waitUntil(() -> begun().contains(key(0, 65)));
        push(KeyCode.SPACE);
        settle();
        assertThat(stuck()).isZero();
    }

    @Test
    void recordsBothWhatIsPressedAndWhatIsHeardTidiedOverWhatIsThere() {
        click("tab-keys");
        choose("record-what", 2);
        choose("record-tidy", 5);
        choose("record-latency", 3);
        click("record-over");
        int size = session.song().part(0).line().size();
        click("record");
        waitUntil(() -> session.transport().playhead().get() > 100);
        interact(() -> lookup("#piano").query().requestFocus());
        press(KeyCode.W);
        timePasses(150);
        release(KeyCode.W);
        click("record");
        waitUntil(() -> session.song().part(0).takes().size() == 3);
        List<Note> first = session.song().part(0).takes().get(1).line().notes();
        assertThat(first).as("the tune and one note").hasSize(size + 1);
        List<Note> last = session.song().part(0).line().notes();
        Note pressed = last.stream().filter(some -> some.pitch() == 61).findFirst().orElseThrow();
        assertThat(last).as("the second take lies over the first").hasSize(size + 2).anyMatch(some -> some.pitch() == 60);
        long grid = GridWords.all().get(4).ticks(480);
        assertThat(pressed.start() % grid).isZero();
    }

    @Test
    void countsInBeforeItPlays() {
        click("sound-menu");
        chooseUnder("sound-count-in", "count-in-1");
        interact(() -> session.transport().moveTo(2 * 1440));
        output.clear();
        click("play");
        waitUntil(() -> begun().contains(key(1, 33)));
        click("play");
        List<Integer> clicks = begun().stream().filter(some -> (some & 0x0F) == 9 && some >> 8 >= 76 && some >> 8 <= 77).toList();
        assertThat(clicks).as("two beats in a bar of 6/8, the first higher").containsExactly(key(9, 76), key(9, 77));
        assertThat(begun().indexOf(key(9, 77))).isLessThan(begun().indexOf(key(1, 33)));
    }

    @Test
    void lettersOnTheKeyboardPlayAndNeverSwitchTakesWhileRecording() {
        click("take-copy");
        int take = session.song().part(0).current();
        click("tab-keys");
        click("record");
        waitUntil(() -> session.transport().playhead().get() > 100);
        clickOn("#piano");
        push(KeyCode.T);
        push(KeyCode.O);
        assertThat(session.song().part(0).current()).isEqualTo(take);
        assertThat(session.selection().outlinedTake().get()).isNull();
        click("record");
        waitUntil(() -> session.song().part(0).takes().size() == 3);
    }

    @Test
    void whatWasPlayedIsKeptThoughThePartWasTakenAwayMeanwhile() {
        click("tab-keys");
        click("record");
        waitUntil(() -> session.transport().playhead().get() > 100);
        clickOn("#piano");
        push(KeyCode.G);
        waitUntil(() -> session.transport().playhead().get() > 400);
        int parts = session.song().parts().size();
        interact(() -> session.edit("gone", song -> song.minusPart(0)));
        click("record");
        waitUntil(() -> session.song().parts().size() == parts);
        assertThat(session.song().parts().get(parts - 1).name()).isEqualTo("Recorded");
        assertThat(session.song().parts().get(parts - 1).line().size()).isGreaterThanOrEqualTo(1);
    }

    @Test
    void everyRoundOfALoopIsRecordedWhereItWasPlayed() {
        long from = 1440;
        long to = 1440 + 960;
        interact(() -> session.transport().goRound(Optional.of(new TickRange(from, to))));
        click("tab-keys");
        click("record");
        waitUntil(() -> session.transport().playhead().get() > from + 200);
        clickOn("#piano");
        push(KeyCode.A);
        // Two more rounds go by before it ends.
        output.clear();
        waitUntil(() -> begun().stream().filter(some -> some == key(1, 43)).count() >= 2);
        click("record");
        waitUntil(() -> session.song().part(0).takes().size() == 2);
        assertThat(session.song().part(0).line().notes()).isNotEmpty().allSatisfy(note -> {
            // Where it was played; on a slow machine that is already in the next round.
            assertThat(note.start()).isBetween(from, to - 20);
            assertThat(note.end()).isLessThanOrEqualTo(to);
        });
    }

    @Test
    void whatIsPlayedGoesInOneAfterAnother() {
        interact(() -> PartsView.addPart(session, Role.MELODY));
        click("tab-keys");
        click("one-by-one");
        long cell = 240;
        push(KeyCode.A);
        waitUntil(() -> session.part().orElseThrow().line().size() == 1);
        assertThat(session.transport().playhead().get()).isEqualTo(cell);
        push(KeyCode.RIGHT);
        press(KeyCode.A).press(KeyCode.D).release(KeyCode.A).release(KeyCode.D);
        waitUntil(() -> session.part().orElseThrow().line().size() == 3);
        push(KeyCode.ENTER);
        settle();
        List<Note> notes = session.part().orElseThrow().line().notes();
        assertThat(notes).extracting(Note::start, Note::length, Note::pitch).containsExactly(tuple(0L, cell, 60), tuple(2 * cell, 2 * cell, 60),
                tuple(2 * cell, 2 * cell, 64));
        assertThat(session.transport().playhead().get()).isEqualTo(4 * cell);
        push(KeyCode.LEFT);
        settle();
        assertThat(session.part().orElseThrow().line().notes()).hasSize(1);
        assertThat(session.transport().playhead().get()).isEqualTo(2 * cell);
        assertThat(session.undoName()).contains("take 2 notes back");
        click("one-by-one");
        push(KeyCode.A);
        settle();
        assertThat(session.part().orElseThrow().line().notes()).as("switched off it is only heard").hasSize(1);
    }
}
