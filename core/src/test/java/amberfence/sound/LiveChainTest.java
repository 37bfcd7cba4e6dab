package amberfence.sound;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.catalogue.StepText;
import amberfence.theory.Key;
import amberfence.theory.PitchClassSet;
import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Keys played through a part's steps: 120 quarters a minute, C major, a quarter lasts 500 ms. */
class LiveChainTest {
    private final Clock clock = new Clock();
    private final RecordedOutput output = new RecordedOutput(clock);
    private final LiveKeys keys = new LiveKeys(new Sounding(output, SilentOutput::new, trouble -> { }), clock);

    LiveChainTest() {
        keys.surround(PitchClassSet.ALL, List.of());
    }

    private static Song song(String... steps) {
        Song song = Song.empty("x").withFence(Fence.of(KeyPlan.of(Key.parse("C major")))).withParts(List.of(Part.of(0, "part", Role.MELODY, 0, Line.EMPTY)))
                .withNextId(100);
        for (String step : steps) {
            song = song.plusStep(0, StepText.parse(step).anywhere());
        }
        return song;
    }

    private void through(String... steps) {
        Song song = song(steps);
        keys.through(Optional.of(LiveChain.of(song, song.part(0), 0)));
    }

    /** What begins and ends, as pitch and milliseconds from now on, to the nearest ten. */
    private List<String> heard(int millis, Runnable act) {
        int from = output.size();
        long begin = clock.getAsLong();
        act.run();
        for (int i = 0; i < millis; i++) {
            keys.strum();
            clock.pass(1000);
        }
        keys.strum();
        List<String> heard = new ArrayList<>();
        for (int i = from; i < output.size(); i++) {
            if (Messages.isNoteOn(output.message(i))) {
                heard.add(Messages.first(output.message(i)) + "@" + 10 * Math.round((output.time(i) - begin) / 1e7));
            }
        }
        return heard;
    }

    private List<Integer> pitches(int key) {
        List<Integer> pitches = heard(0, () -> keys.press(key, 80)).stream().map(text -> Integer.parseInt(text.split("@")[0])).toList();
        keys.release(key, 0);
        return pitches;
    }

    @Test
    void aKeyGoesThroughTheStepsInTheirOrder() {
        through("bring-inside to=up", "move by=degrees amount=2");
        assertThat(pitches(60)).containsExactly(64);
        assertThat(pitches(61)).as("C sharp goes up to D, and D two degrees up").containsExactly(65);
        through("move by=semitones amount=1", "bring-inside to=down");
        assertThat(pitches(60)).containsExactly(60);
        assertThat(pitches(64)).containsExactly(65);
    }

    @Test
    void makesChordsAndLinesOfAKeyAndFoldsThem() {
        through("stack notes=3");
        assertThat(pitches(62)).containsExactly(62, 65, 69);
        through("harmony lines=\"third above\"");
        assertThat(pitches(64)).containsExactlyInAnyOrder(64, 67);
        through("stack notes=3", "fold range=C4..B4");
        assertThat(pitches(69)).as("A minor lies with its A on top").containsExactlyInAnyOrder(69, 60, 64);
        through("mirror about=C4 along=semitones");
        assertThat(pitches(64)).containsExactly(56);
    }

    @Test
    void velocitiesFollowTheTouch() {
        through("touch way=curve range=40..100");
        keys.press(60, 1);
        assertThat(Messages.second(output.message(output.size() - 1))).isEqualTo(40);
        keys.press(62, 64);
        assertThat(Messages.second(output.message(output.size() - 1))).isEqualTo(70);
        keys.press(64, 127);
        assertThat(Messages.second(output.message(output.size() - 1))).isEqualTo(100);
    }

    @Test
    void aChordOfOneKeyIsStrummed() {
        through("stack notes=3", "strum over=60ms");
        assertThat(heard(100, () -> keys.press(60, 80))).containsExactly("60@0", "64@30", "67@60");
        keys.release(60, 0);
        assertThat(heard(100, () -> {
            keys.press(60, 80);
            keys.strum();
            clock.pass(40_000);
            keys.strum();
            keys.release(60, 0);
        })).as("what has not begun when the key is let go never does").containsExactly("60@0", "64@40");
        assertThat(Heard.stuck(output)).isZero();
    }

    @Test
    void heldKeysAreBrokenInTimeAndTheBeatGoesOnWhenOthersCome() {
        through("arpeggio rate=1/8 order=up");
        List<String> heard = heard(1_100, () -> {
            keys.press(60, 80);
            keys.press(64, 80);
            keys.press(67, 80);
        });
        assertThat(heard).containsExactly("60@0", "64@250", "67@500", "60@750", "64@1000");
        assertThat(heard(600, () -> keys.press(72, 80))).as("from the next note on, a quarter of a second after the last").containsExactly("60@150", "64@400");
        keys.releaseAll();
        assertThat(heard(600, () -> { })).isEmpty();
        assertThat(Heard.stuck(output)).isZero();
    }

    @Test
    void stepsBehindAnArpeggioWorkOnItsNotes() {
        through("arpeggio rate=1/8 order=up", "move by=octaves amount=1", "touch way=fixed value=33");
        assertThat(heard(600, () -> {
            keys.press(60, 80);
            keys.press(64, 80);
        })).containsExactly("72@0", "76@250", "72@500");
        assertThat(Messages.second(output.message(0))).isEqualTo(33);
    }

    @Test
    void diceAreThrownAnewForEachKeyAndOnlyDelay() {
        through("chance range=C4..C5", "loosen onset=30ms");
        List<String> all = new ArrayList<>();
        for (int i = 0; i < 16; i++) {
            all.addAll(heard(60, () -> keys.press(48, 80)));
            keys.release(48, 0);
        }
        assertThat(all).hasSize(16).allSatisfy(text -> {
            assertThat(Integer.parseInt(text.split("@")[0])).isBetween(60, 72);
            assertThat(Integer.parseInt(text.split("@")[1])).isBetween(0, 31);
        });
        assertThat(all.stream().map(text -> text.split("@")[0]).distinct().count()).isGreaterThan(3);
    }

    @Test
    void stepsThatNeedTheWholeLineArePassedOverAndNamed() {
        Song song = song("deal way=turn", "fit-bass", "move by=octaves amount=1", "lengths", "push-pull", "harmony");
        assertThat(LiveChain.titles(LiveChain.works(song.part(0)))).containsExactly("Move", "Harmony");
        assertThat(LiveChain.titles(LiveChain.passedOver(song.part(0)))).containsExactly("Deal again", "Fit bass", "Lengths", "Push and pull");
        Song off = song.withPart(0, part -> part.withSteps(part.steps().stream().map(slot -> slot.withOn(false)).toList()));
        assertThat(LiveChain.works(off.part(0))).isEmpty();
        through("deal way=turn", "move by=octaves amount=1");
        assertThat(pitches(60)).containsExactly(72);
    }

    @Test
    void aStepForDrumsAloneIsMeant() {
        Song song = song("move by=octaves amount=1").withPart(0, part -> part.withRole(Role.DRUMS));
        keys.through(Optional.of(LiveChain.of(song, song.part(0), 0)));
        assertThat(pitches(36)).containsExactly(48);
        Song left = song.withPart(0, part -> part.withSteps(part.steps().stream().map(slot -> slot.withMeant(false)).toList()));
        keys.through(Optional.of(LiveChain.of(left, left.part(0), 0)));
        assertThat(pitches(36)).containsExactly(36);
    }

    private static final List<String> CHAINS = List.of("stack notes=4", "harmony lines=\"third above, sixth below\"", "arpeggio rate=1/16 order=up-down",
            "strum over=80ms", "chance chance=60 range=C3..C6", "loosen onset=40ms", "move by=octaves amount=1", "fold range=C4..B4", "bring-inside", "touch way=chance");

    /** Whatever is pressed and however the steps change meanwhile: what a key began is ended. */
    @Test
    void whatAKeyBeganIsEndedHoweverTheStepsChange() {
        List<LiveChain> chains = new ArrayList<>();
        Random random = new Random(5);
        for (int i = 0; i < 24; i++) {
            String[] steps = new String[1 + random.nextInt(4)];
            for (int k = 0; k < steps.length; k++) {
                steps[k] = CHAINS.get(random.nextInt(CHAINS.size()));
            }
            Song song = song(steps);
            chains.add(LiveChain.of(song, song.part(0), 480L * random.nextInt(8)));
        }
        for (int round = 0; round < 300; round++) {
            for (int i = 0; i < 60; i++) {
                switch (random.nextInt(8)) {
                    case 0 -> keys.through(random.nextInt(4) == 0 ? Optional.empty() : Optional.of(chains.get(random.nextInt(chains.size()))));
                    case 1, 2, 3 -> keys.press(40 + random.nextInt(30), 1 + random.nextInt(127));
                    case 4, 5 -> keys.release(40 + random.nextInt(30), 0);
                    case 6 -> keys.setChannel(random.nextInt(3));
                    default -> keys.setMode(LiveKeys.Mode.values()[random.nextInt(3)]);
                }
                clock.pass(random.nextInt(120_000));
                keys.strum();
            }
            keys.releaseAll();
            assertThat(Heard.stuck(output)).as("session %d", round).isZero();
            for (int pitch = 0; pitch < 128; pitch++) {
                assertThat(keys.isHeard(pitch)).as("session %d, pitch %d", round, pitch).isFalse();
            }
        }
    }

    /** A key through five steps allocates nothing, as a virtual machine that counts bytes by thread can tell. */
    @Test
    void aKeyThroughFiveStepsAllocatesNothing() {
        LiveKeys silent = new LiveKeys(new Sounding(new SilentOutput(), SilentOutput::new, trouble -> { }), System::nanoTime);
        Song song = song("bring-inside", "move by=degrees amount=2", "harmony lines=\"third above\"", "fold range=C4..B5", "touch way=curve range=40..100");
        silent.through(Optional.of(LiveChain.of(song, song.part(0), 0)));
        Runnable play = () -> {
            for (int key = 40; key < 80; key++) {
                silent.press(key, 90);
                silent.release(key, 0);
            }
        };
        for (int i = 0; i < 2_000; i++) {
            play.run();
        }
        ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        long before = threads.getCurrentThreadAllocatedBytes();
        play.run();
        long measured = threads.getCurrentThreadAllocatedBytes() - before;
        assertThat(measured).as("40 keys down and up").isLessThan(1_000);
    }
}
