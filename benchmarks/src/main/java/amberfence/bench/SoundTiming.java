package amberfence.bench;

import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.sound.LiveChain;
import amberfence.sound.LiveKeys;
import amberfence.sound.LiveMap;
import amberfence.sound.Messages;
import amberfence.sound.Outside;
import amberfence.sound.Player;
import amberfence.sound.RecordedOutput;
import amberfence.sound.Score;
import amberfence.sound.SilentOutput;
import amberfence.sound.Sounding;
import amberfence.step.catalogue.StepText;
import amberfence.theory.Key;
import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.locks.LockSupport;

/** How soon a pressed key is sent and what it allocates, and how well a dense song keeps its time, with simulated devices. */
public final class SoundTiming {
    private static final int PRESSES = 20_000;
    private static final int WARM = 20_000;

    private SoundTiming() {
    }

    public static void main(String[] arguments) throws InterruptedException {
        keys();
        keysThroughSteps();
        brokenKeys(arguments.length > 0 ? Integer.parseInt(arguments[0]) : 10);
        playing(arguments.length > 0 ? Integer.parseInt(arguments[0]) : 10);
    }

    private static void keys() {
        RecordedOutput output = new RecordedOutput(System::nanoTime);
        LiveKeys keys = new LiveKeys(new Sounding(output, SilentOutput::new, trouble -> { }), System::nanoTime);
        keys.surround(Key.parse("D dorian").pitchClasses(), List.of());
        keys.setOutside(Outside.SHAPE);
        for (int i = 0; i < WARM; i++) {
            keys.receive(Messages.noteOn(0, 36 + i % 48, 90));
            keys.receive(Messages.noteOff(0, 36 + i % 48, 0));
        }
        output.clear();
        long[] delays = new long[PRESSES];
        var threads = (com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean();
        long allocated = threads.getThreadAllocatedBytes(Thread.currentThread().getId());
        for (int i = 0; i < PRESSES; i++) {
            long pressed = System.nanoTime();
            keys.receive(Messages.noteOn(0, 36 + i % 48, 90));
            delays[i] = output.time(output.size() - 1) - pressed;
            keys.receive(Messages.noteOff(0, 36 + i % 48, 0));
            output.clear();
        }
        allocated = threads.getThreadAllocatedBytes(Thread.currentThread().getId()) - allocated;
        Arrays.sort(delays);
        System.out.printf(Locale.ROOT, "pressed key to message          %8.1f µs at the 99th percentile, %.2f bytes a key   (aim: < 1,000 µs, "
                + "none)%n", delays[PRESSES * 99 / 100] / 1000.0, (double) allocated / PRESSES);
        LiveMap map = new LiveMap(Key.parse("D dorian").pitchClasses());
        long sum = 0;
        long from = System.nanoTime();
        for (int i = 0; i < 50_000_000; i++) {
            sum += map.heard(i % 128, Outside.SHAPE, (i + 5) % 128, 62);
        }
        System.out.printf(Locale.ROOT, "mapping a key                   %8.1f ns   (aim: < 200 ns) sum %d%n", (System.nanoTime() - from) / 5e7, sum);
    }

    private static Song song(String... steps) {
        Song song = Song.empty("keys").withFence(Fence.of(KeyPlan.of(Key.parse("D dorian"))))
                .withParts(List.of(Part.of(0, "keys", Role.MELODY, 0, Line.EMPTY))).withNextId(100);
        for (String step : steps) {
            song = song.plusStep(0, StepText.parse(step).anywhere());
        }
        return song;
    }

    /** A key through five steps, up to the message. */
    private static void keysThroughSteps() {
        RecordedOutput output = new RecordedOutput(System::nanoTime);
        LiveKeys keys = new LiveKeys(new Sounding(output, SilentOutput::new, trouble -> { }), System::nanoTime);
        Song song = song("bring-inside", "move by=degrees amount=2", "harmony lines=\"third above\"", "fold range=C4..B5", "touch way=curve range=40..100");
        long made = System.nanoTime();
        keys.through(Optional.of(LiveChain.of(song, song.part(0), 0)));
        made = System.nanoTime() - made;
        for (int i = 0; i < WARM; i++) {
            keys.press(36 + i % 48, 90);
            keys.release(36 + i % 48, 0);
            output.clear();
        }
        var threads = (com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean();
        long allocated = threads.getThreadAllocatedBytes(Thread.currentThread().getId());
        long from = System.nanoTime();
        for (int i = 0; i < PRESSES; i++) {
            keys.press(36 + i % 48, 90);
            keys.release(36 + i % 48, 0);
            output.clear();
        }
        long each = (System.nanoTime() - from) / PRESSES;
        allocated = threads.getThreadAllocatedBytes(Thread.currentThread().getId()) - allocated;
        System.out.printf(Locale.ROOT, "a key through five steps        %8.2f µs down and up, %.2f bytes a key   (aim: < 2 µs, none); worked out ahead in %.0f ms%n",
                each / 1000.0, (double) allocated / PRESSES, made / 1e6);
    }

    /** Keys that are held, broken into sixteenths at 120 quarters a minute, on a thread as the window has it. */
    private static void brokenKeys(int seconds) throws InterruptedException {
        RecordedOutput output = new RecordedOutput(System::nanoTime);
        LiveKeys keys = new LiveKeys(new Sounding(output, SilentOutput::new, trouble -> { }), System::nanoTime);
        Song song = song("arpeggio rate=1/16 order=up-down");
        keys.through(Optional.of(LiveChain.of(song, song.part(0), 0)));
        Thread strummer = new Thread(() -> {
            while (!Thread.currentThread().isInterrupted()) {
                long wait = keys.strum() - System.nanoTime();
                LockSupport.parkNanos(Math.max(100_000, Math.min(1_000_000_000, wait)));
            }
        });
        keys.setWake(() -> LockSupport.unpark(strummer));
        strummer.start();
        keys.press(60, 90);
        long zero = System.nanoTime();
        keys.press(64, 90);
        keys.press(67, 90);
        Thread.sleep(seconds * 1000L);
        keys.releaseAll();
        strummer.interrupt();
        strummer.join();
        List<Long> late = new ArrayList<>();
        for (int i = 0; i < output.size(); i++) {
            if (Messages.isNoteOn(output.message(i))) {
                long since = output.time(i) - zero;
                late.add(Math.abs(since - Math.round(since / 125e6) * 125_000_000));
            }
        }
        Collections.sort(late);
        System.out.printf(Locale.ROOT, "held keys broken for %d s: off by %8.2f ms at the 95th percentile of %d notes   (aim: ≤ 2 ms)%n", seconds,
                late.get(late.size() * 95 / 100) / 1e6, late.size());
    }

    /** A dense song: four hundred messages a second on a thread of its own. */
    private static void playing(int seconds) throws InterruptedException {
        RecordedOutput output = new RecordedOutput(System::nanoTime);
        Player player = new Player(new Sounding(output, SilentOutput::new, trouble -> { }), System::nanoTime);
        Score.Builder builder = new Score.Builder();
        for (int i = 0; i < seconds * 200; i++) {
            builder.note(i * 5000L, i * 5000L + 4000, i % 16, 40 + i % 40, 80, 0);
        }
        Score score = builder.build();
        player.start();
        long zero = System.nanoTime();
        player.play(score, 0, seconds * 1_000_000L);
        while (player.isPlaying()) {
            LockSupport.parkNanos(50_000_000);
        }
        player.end();
        long[] late = new long[score.size()];
        for (int i = 0; i < late.length; i++) {
            late[i] = output.time(i) - zero - score.micros(i) * 1000;
        }
        long drift = middle(late, late.length * 9 / 10, late.length) - middle(late, 0, late.length / 10);
        Arrays.sort(late);
        System.out.printf(Locale.ROOT, "a dense song of %d s: late by   %8.2f ms at the 95th percentile, drift %.3f ms   (aim: ≤ 2 ms, none)%n",
                seconds, late[late.length * 95 / 100] / 1e6, drift / 1e6);
    }

    private static long middle(long[] values, int from, int to) {
        long[] some = Arrays.copyOfRange(values, from, to);
        Arrays.sort(some);
        return some[some.length / 2];
    }
}
