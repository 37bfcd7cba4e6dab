package amberfence.sound;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.edit.ProgressionEdits;
import amberfence.notes.ChordBank;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.song.Song;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.PitchClassSet;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class LiveKeysTest {
    private final Clock clock = new Clock();
    private final RecordedOutput output = new RecordedOutput(clock);
    private final LiveKeys keys = new LiveKeys(new Sounding(output, SilentOutput::new, trouble -> { }), clock);

    LiveKeysTest() {
        keys.surround(Key.parse("C major").pitchClasses(), List.of());
    }

    /** The pitches that begin when keys are pressed one after the other. */
    private List<Integer> heard(int... pressed) {
        List<Integer> heard = new ArrayList<>();
        for (int key : pressed) {
            int from = output.size();
            keys.press(key, 80);
            for (int i = from; i < output.size(); i++) {
                if (Messages.isNoteOn(output.message(i))) {
                    heard.add(Messages.first(output.message(i)));
                }
            }
            keys.release(key, 0);
        }
        return heard;
    }

    @Test
    void bringsOutsideKeysInsideAsOneChooses() {
        assertThat(heard(60, 61, 62, 66)).containsExactly(60, 60, 62, 65);
        keys.setOutside(Outside.UP);
        assertThat(heard(61, 66, 70)).containsExactly(62, 67, 71);
        keys.setOutside(Outside.DOWN);
        assertThat(heard(61, 66, 70)).containsExactly(60, 65, 69);
        keys.setOutside(Outside.SILENT);
        assertThat(heard(60, 61, 62)).containsExactly(60, 62);
    }

    @Test
    void goesOnInTheDirectionOfTheKeys() {
        keys.setOutside(Outside.SHAPE);
        // C, C♯: up from C is D, not C again. Then B♭ below B goes to A, not back to B.
        assertThat(heard(60, 61)).containsExactly(60, 62);
        assertThat(heard(71, 70)).containsExactly(71, 69);
        assertThat(heard(66, 66)).as("the same key is the same note").hasSize(2).allMatch(pitch -> pitch == 65 || pitch == 67)
                .satisfies(twice -> assertThat(twice.get(0)).isEqualTo(twice.get(1)));
    }

    @Test
    void lettingGoEndsWhatItBeganThoughTheFenceChangedBetween() {
        keys.press(66, 80);
        keys.surround(Key.parse("F# major").pitchClasses(), List.of());
        keys.setMode(LiveKeys.Mode.MEMBERS);
        keys.setChannel(5);
        keys.release(66, 40);
        assertThat(output.message(output.size() - 1)).isEqualTo(Messages.noteOff(0, 65, 40));
        assertThat(keys.isPressed(66)).isFalse();
        assertThat(keys.isHeard(65)).isFalse();
    }

    @Test
    void velocitySustainAndBendsGoThrough() {
        keys.setChannel(3);
        keys.receive(Messages.noteOn(9, 60, 33));
        keys.receive(Messages.control(9, 64, 127));
        keys.receive(Messages.of(0xE9, 1, 70));
        keys.receive(Messages.noteOn(9, 60, 0));
        assertThat(List.of(output.message(0), output.message(1), output.message(2), output.message(3))).containsExactly(
                Messages.noteOn(3, 60, 33), Messages.control(3, 64, 127), Messages.of(0xE3, 1, 70), Messages.noteOff(3, 60, 0));
    }

    @Test
    void oneKeyPlaysAChordOfTheKeysDegrees() {
        keys.setBank(ChordBank.of(Key.parse("C major"), 3));
        keys.setMode(LiveKeys.Mode.CHORDS);
        assertThat(heard(36)).containsExactly(60, 64, 67);
        assertThat(heard(38)).extracting(pitch -> pitch % 12).containsExactly(2, 5, 9);
        assertThat(heard(73)).as("keys outside the bank play single notes, inside").containsExactly(72);
        keys.setTurn(1, 0);
        assertThat(heard(36)).containsExactlyInAnyOrder(64, 67, 72);
        keys.setTurn(0, -1);
        assertThat(heard(36)).containsExactly(48, 52, 55);
    }

    @Test
    void theBankIsFilledFromTheProgressionOrLearntByTouching() {
        Song song = ProgressionEdits.put(ProgressionEdits.put(Song.empty("x"), 0, 100, Chord.parse("Am")), 100, 200, Chord.parse("F"));
        ChordBank bank = ChordBank.of(song.progression());
        assertThat(bank.on(36)).extracting(pitch -> pitch % 12).containsExactly(9, 0, 4);
        assertThat(bank.on(38)).extracting(pitch -> pitch % 12).containsExactly(5, 9, 0);
        keys.learn(40);
        heard(60, 64, 67, 64);
        keys.learn(-1);
        assertThat(keys.bank().on(40)).as("a note that is touched again is taken out").containsExactly(60, 67);
        keys.setMode(LiveKeys.Mode.CHORDS);
        assertThat(heard(40)).containsExactly(60, 67);
        assertThat(keys.bank().with(40, List.of()).isEmpty()).isTrue();
    }

    @Test
    void whiteKeysPlayTheMembersOfTheChordOfTheMoment() {
        keys.setMode(LiveKeys.Mode.MEMBERS);
        keys.surround(PitchClassSet.ALL, List.of(5, 9, 12));
        assertThat(heard(60, 62, 64, 65)).as("root, third, fifth of F, and the root above").containsExactly(65, 69, 72, 77);
        assertThat(heard(61)).isEmpty();
        keys.surround(Key.parse("C major").pitchClasses(), List.of());
        assertThat(heard(60, 61)).as("without a chord the fence counts").containsExactly(60, 60);
    }

    @Test
    void whatWasPlayedBecomesNotesAsPressedOrAsHeard() {
        keys.press(61, 70);
        clock.pass(500_000);
        keys.release(61, 12);
        clock.pass(500_000);
        keys.press(64, 90);
        clock.pass(250_000);
        // 480 ticks a quarter, 120 quarters a minute: 960 ticks a second.
        var played = keys.capture().since(0);
        Line heard = Recording.of(played, Recording.What.HEARD, nanos -> (nanos - 1_000_000) * 960 / 1_000_000_000, 1200, 2);
        assertThat(heard.notes()).containsExactly(new Note(-1, 0, 480, 60, 70, 2, 12), new Note(-2, 960, 240, 64, 90, 2, 64));
        Line pressed = Recording.of(played, Recording.What.PRESSED, nanos -> (nanos - 1_000_000) * 960 / 1_000_000_000, 1200, 2);
        assertThat(pressed.notes()).extracting(Note::pitch).containsExactly(61, 64);
        assertThat(keys.capture().since(clock.getAsLong() - 300_000_000)).as("since a moment").hasSize(2);
    }

    @Test
    void aWrittenPerformancePlaysLikeAKeyboard() {
        Performance performance = new Performance(LineText.parse("C4 C#4 G4:2", 480, 0, 1), TimeMap.usual(480), keys::receive, clock);
        performance.begin();
        while (performance.step() >= 0) {
            clock.pass(1000);
        }
        assertThat(Heard.notes(output)).containsExactly("on 60 @ 0", "off 60 @ 500", "on 60 @ 500", "off 60 @ 1000", "on 67 @ 1000",
                "off 67 @ 2000");
    }

    @Test
    void strumsAChordFromBelowAndForgetsWhatDidNotBeginYet() {
        keys.setBank(ChordBank.of(Key.parse("C major"), 3));
        keys.setMode(LiveKeys.Mode.CHORDS);
        keys.setStrum(30);
        keys.setChordVelocity(50);
        keys.press(36, 90);
        for (int i = 0; i < 50; i++) {
            clock.pass(1000);
            keys.strum();
        }
        assertThat(Heard.notes(output)).containsExactly("on 60 @ 0", "on 64 @ 30");
        assertThat(Messages.second(output.message(0))).as("as loud as chords are set").isEqualTo(50);
        keys.release(36, 0);
        clock.pass(100_000);
        assertThat(keys.strum()).isEqualTo(Long.MAX_VALUE);
        assertThat(Heard.stuck(output)).isZero();
        assertThat(Heard.notes(output)).doesNotContain("on 67 @ 60");
    }

    @Test
    void modifierKeysTurnAndLiftAChordWhileTheyAreHeld() {
        keys.setBank(ChordBank.of(Key.parse("C major"), 3));
        keys.setMode(LiveKeys.Mode.CHORDS);
        keys.setModifiers(1, 0);
        assertThat(heard(36)).containsExactlyInAnyOrder(64, 67, 72);
        keys.setModifiers(2, 1);
        assertThat(heard(36)).containsExactlyInAnyOrder(79, 84, 88);
        keys.setModifiers(0, 0);
        assertThat(heard(36)).containsExactly(60, 64, 67);
    }

    @Test
    void lettingEverythingGoLiftsThePedalToo() {
        keys.receive(Messages.control(0, Messages.SUSTAIN, 127));
        keys.receive(Messages.noteOn(0, 60, 80));
        keys.setChannel(4);
        keys.releaseAll();
        assertThat(output.message(output.size() - 1)).isEqualTo(Messages.control(0, Messages.SUSTAIN, 0));
        int before = output.size();
        keys.releaseAll();
        assertThat(output.size()).isEqualTo(before);
    }
}
