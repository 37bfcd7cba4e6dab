package amberfence.bench;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Session;
import amberfence.format.project.ProjectDocument;
import amberfence.notes.ChordSpan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.ChordSource;
import amberfence.step.fit.FitBass;
import amberfence.step.fit.FitMelody;
import amberfence.theory.Chord;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import java.util.function.IntConsumer;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;

/**
 * How long an edit keeps the interface thread of the real window: its processor time from the edit until every view is up to
 * date and drawn, beside that of an edit of a part without steps in the same run. The clock that watches makes frames of its
 * own; what such a frame takes when nothing was edited is measured before each trial and taken off.
 */
public final class EditTimes extends Application {
    private static final int EDITS = 60;
    private static final int WARM_UP = Integer.getInteger("warm", 120);
    private static final int IDLE = 120;
    /** Between edits with pauses: the unsaved work of a long song is written by then, as when somebody looks at what an edit did. */
    private static final long PAUSE = 5_000_000_000L;
    private static final int PAUSED_EDITS = 12;
    private static final double AIM = 16;
    private static final String[] CHORDS = {"Dm7", "G7", "Cmaj7", "Am7", "F/A", "E7"};

    /** A song, and what is done to it again and again: so often to warm up, and so often that is measured. */
    private record Trial(String name, Song song, IntConsumer edit, int warmUp, int edits, long pause) {
        Trial(String name, Song song, IntConsumer edit) {
            this(name, song, edit, WARM_UP, EDITS, 0);
        }
    }

    private final ThreadMXBean threads = ManagementFactory.getThreadMXBean();
    private final List<Trial> trials = new ArrayList<>();
    private final double[] times = new double[EDITS];
    /** From the edit until it is seen, with the frames that this takes. */
    private final double[] seen = new double[EDITS];
    private Session session;
    private NoteCommands commands;
    private double plain;
    private int trial = -1;
    private int edit;
    private int settled;
    private int idleFrames;
    private int frames;
    private double idle;
    private long since;
    private long began;
    private boolean measured;

    /** Starts from a plain class path too. */
    public static final class Starter {
        private Starter() {
        }

        public static void main(String[] arguments) {
            Application.launch(EditTimes.class, arguments);
        }
    }

    private static Song song(int parts, int notes, int chords) {
        return song(parts, notes, chords, 200);
    }

    /** @param length of each note in ticks; from 240 on they sound together */
    private static Song song(int parts, int notes, int chords, long length) {
        Random random = new Random(8);
        List<Part> all = new ArrayList<>();
        long id = 1;
        for (int p = 0; p < parts; p++) {
            List<Note> line = new ArrayList<>(notes);
            for (int i = 0; i < notes; i++) {
                line.add(new Note(id++, i * 240L, length, 40 + random.nextInt(30), 60 + random.nextInt(40), 0, 64));
            }
            all.add(Part.of(p, "Part " + p, p == 0 ? Role.BASS : Role.MELODY, 0, Line.of(line)));
        }
        List<ChordSpan> spans = new ArrayList<>();
        for (int i = 0; i < chords; i++) {
            spans.add(ChordSpan.of(id++, i * 1920L, (i + 1) * 1920L, Chord.parse(CHORDS[i % CHORDS.length])));
        }
        return Song.empty("Edits").withParts(all).withProgression(new Progression(spans)).withNextId(id);
    }

    /** Each part fits its melody to what the part before it plays. */
    private static Song listening(int parts) {
        Song song = song(parts, 200, 60);
        for (int p = 0; p < parts; p++) {
            song = song.plusStep(p, FitMelody.USUAL.withSource(ChordSource.of((p + parts - 1) % parts)));
        }
        return song;
    }

    private void plan() {
        IntConsumer rename = i -> session.edit("rename", song -> song.withTitle("Title " + i));
        IntConsumer chord = i -> session.edit("chord", song -> song.withProgression(song.progression().with(
                List.of(song.progression().spans().get(3).id()), span -> span.withChord(Chord.parse(CHORDS[i % CHORDS.length])))));
        IntConsumer nudge = i -> commands.shift(i % 2 == 0 ? 1 : -1);
        Song plainSong = song(1, 4_000, 60);
        Song bass = plainSong.plusStep(0, FitBass.USUAL);
        Song twenty = listening(20);
        Song hundredThousand = song(1, 100_000, 60);
        trials.add(new Trial("nudge, 4,000 notes without steps", plainSong, nudge));
        trials.add(new Trial("rename, Fit bass on 4,000 notes", bass, rename));
        trials.add(new Trial("a chord, Fit bass on 4,000 notes", bass, chord));
        trials.add(new Trial("nudge, Fit bass on 4,000 notes", bass, nudge));
        trials.add(new Trial("rename, 20 parts listening", twenty, rename));
        trials.add(new Trial("a chord, 20 parts listening", twenty, chord));
        trials.add(new Trial("nudge, 20 parts listening", twenty, nudge));
        trials.add(new Trial("rename, 100,000 notes", hundredThousand, rename));
        trials.add(new Trial("a chord, 100,000 notes", hundredThousand, chord));
        trials.add(new Trial("nudge, 100,000 notes", hundredThousand, nudge));
        trials.add(new Trial("nudge, 1,000,000 notes in 10 parts", song(10, 100_000, 60), nudge));
        trials.add(new Trial("nudge, 1,000,000 notes in one part", song(1, 1_000_000, 60), nudge));
        trials.add(new Trial("nudge, 1,000,000 notes sounding together", song(1, 1_000_000, 60, 700), nudge));
        trials.add(new Trial("nudge, the same, with pauses", song(1, 1_000_000, 60, 700), nudge, 4, PAUSED_EDITS, PAUSE));
        String only = System.getProperty("only", "");
        trials.removeIf(some -> !some.name().contains(only));
    }

    @Override
    public void start(Stage stage) {
        session = new Session(Song.empty("Edits"));
        commands = new NoteCommands(session);
        BenchWindow.open(stage, session);
        plan();
        new AnimationTimer() {
            @Override
            public void handle(long now) {
                next(this);
            }
        }.start();
    }

    private long used() {
        return threads.getThreadCpuTime(Thread.currentThread().getId());
    }

    /** Once a frame: waits until the last edit is to be seen everywhere, then begins the next. */
    private void next(AnimationTimer timer) {
        frames++;
        if (session.working().get() || session.frames().isWaiting()) {
            settled = 0;
            return;
        }
        // One more frame draws what the last one brought up to date.
        if (++settled < 2) {
            return;
        }
        Trial now = trial < 0 ? null : trials.get(trial);
        if (now != null && !measured && edit > now.warmUp()) {
            times[edit - now.warmUp() - 1] = (used() - since) / 1e6 - frames * idle;
            seen[edit - now.warmUp() - 1] = (System.nanoTime() - began) / 1e6;
        }
        measured = true;
        if (now != null && System.nanoTime() - began < now.pause()) {
            return;
        }
        if (now == null || edit == now.warmUp() + now.edits()) {
            if (now != null) {
                report(now);
            }
            trial++;
            edit = 0;
            settled = 0;
            if (trial == trials.size()) {
                timer.stop();
                Platform.exit();
                System.exit(0);
            }
            idleFrames = IDLE;
            session.open(ProjectDocument.of(trials.get(trial).song()), null);
            session.selection().selectNotes(Set.of(trials.get(trial).song().part(0).line().notes().get(5).id()));
            return;
        }
        if (idleFrames > 0) {
            idleFrames--;
            // The first of them still draw what was opened.
            if (idleFrames == IDLE / 2) {
                frames = 0;
                since = used();
            } else if (idleFrames == 0) {
                idle = (used() - since) / 1e6 / frames;
            }
            return;
        }
        settled = 0;
        edit++;
        frames = 0;
        measured = false;
        since = used();
        began = System.nanoTime();
        trials.get(trial).edit().accept(edit);
    }

    private void report(Trial reported) {
        int edits = reported.edits();
        double[] sorted = Arrays.copyOf(times, edits);
        Arrays.sort(sorted);
        double late = sorted[edits * 95 / 100];
        plain = trial == 0 ? late : plain;
        double[] shown = Arrays.copyOf(seen, edits);
        Arrays.sort(shown);
        System.out.printf(Locale.ROOT, "edit, %-36s %6.1f ms median   %6.1f ms 95th percentile   %5.2f × the first   (aim: ≤ %.0f ms)   all worked out after %4.0f ms median %4.0f ms 95th percentile%n",
                reported.name(), sorted[edits / 2], late, late / plain, AIM, shown[edits / 2], shown[edits * 95 / 100]);
    }
}
