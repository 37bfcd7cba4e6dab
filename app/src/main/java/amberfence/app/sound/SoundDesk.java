package amberfence.app.sound;

import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.song.ChordSpan;
import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.song.Part;
import amberfence.song.Role;
import amberfence.song.Song;
import amberfence.song.TimeMap;
import amberfence.sound.LiveKeys;
import amberfence.sound.Player;
import amberfence.sound.Score;
import amberfence.sound.SilentOutput;
import amberfence.sound.SongScore;
import amberfence.sound.SoundOutput;
import amberfence.sound.Sounding;
import amberfence.sound.SynthesizerOutput;
import amberfence.sound.Tempi;
import amberfence.theory.ChordTone;
import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.locks.LockSupport;
import java.util.function.LongSupplier;
import java.util.function.Predicate;
import java.util.function.Supplier;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;

/**
 * Plays the song, what is clicked, and the keys. The output is opened when something is to be heard for the first time, off
 * the interface thread; where there is none, all runs silently and says so once. What is edited while it plays is heard at
 * once, without a gap.
 */
public final class SoundDesk {
    /** Opens an output. */
    public interface Opener {
        SoundOutput open() throws IOException;
    }

    private static final long LONGEST_PREVIEW = 1_500_000;
    private final Session session;
    private final LongSupplier nanos;
    private final Sounding sounding;
    private final Player player;
    private final Player preview;
    private final LiveKeys keys;
    private final ReadOnlyBooleanWrapper playing = new ReadOnlyBooleanWrapper();
    private final BooleanProperty metronome = new SimpleBooleanProperty();
    private final BooleanProperty hearClicks = new SimpleBooleanProperty(true);
    private final IntegerProperty countIn = new SimpleIntegerProperty();
    private final ReadOnlyStringWrapper outputName = new ReadOnlyStringWrapper("");
    private final AnimationTimer clock = new AnimationTimer() {
        @Override
        public void handle(long now) {
            follow();
        }
    };
    private final Thread strummer = new Thread(this::strum, "strummer");
    private Opener usual;
    private CompletableFuture<Void> opened;
    private Supplier<Score> program = () -> Score.EMPTY;
    private long end;
    private boolean moving;
    private volatile Optional<Path> sounds = Optional.empty();

    /**
     * @param usual opens the output to begin with
     * @param nanos a clock in nanoseconds
     */
    public SoundDesk(Session session, Opener usual, LongSupplier nanos) {
        this.session = session;
        this.usual = usual;
        this.nanos = nanos;
        this.sounding = new Sounding(new SilentOutput(), SilentOutput::new, this::tell);
        this.player = new Player(sounding, nanos);
        this.preview = new Player(sounding, nanos);
        this.keys = new LiveKeys(sounding, nanos);
        session.results().addListener((property, old, now) -> exchange());
        session.showingBefore().addListener((property, old, now) -> exchange());
        session.heardInstead().addListener((property, old, now) -> exchange());
        metronome.addListener((property, old, now) -> exchange());
        session.playhead().addListener((property, old, now) -> moved(now.longValue()));
        session.loop().addListener((property, old, now) -> setLoop());
        session.selectedPart().addListener((property, old, now) -> surround());
        session.selectedNotes().addListener((property, old, now) -> clickedNotes(now));
        session.selectedChords().addListener((property, old, now) -> clickedChords(now));
        strummer.setDaemon(true);
        surround();
    }

    /** Lets the notes of strummed chords begin when they are due. */
    private void strum() {
        while (!Thread.currentThread().isInterrupted()) {
            long wait = keys.strum() - nanos.getAsLong();
            LockSupport.parkNanos(Math.max(100_000, Math.min(2_000_000, wait)));
        }
    }

    private void tell(String trouble) {
        Platform.runLater(() -> {
            session.message().set(trouble);
            outputName.set(sounding.outputName());
        });
    }

    /** Runs something when the output is open; it is opened with the first that asks. */
    private void whenOpen(Runnable action) {
        if (opened == null) {
            player.start();
            preview.start();
            strummer.start();
            opened = CompletableFuture.runAsync(() -> {
                try {
                    sounding.replace(usual.open());
                } catch (IOException e) {
                    tell(Words.say("sound.none", e.getMessage()));
                }
                Platform.runLater(() -> outputName.set(sounding.outputName()));
            });
        }
        if (opened.isDone()) {
            action.run();
        } else {
            opened.thenRun(() -> Platform.runLater(action));
        }
    }

    /** Goes on with another output; what cannot be opened is told, and nothing changes. */
    public void choose(Opener opener) {
        usual = opener;
        if (opened == null) {
            whenOpen(() -> { });
            return;
        }
        CompletableFuture.runAsync(() -> {
            try {
                SoundOutput next = opener.open();
                sounding.replace(next);
                Platform.runLater(() -> {
                    outputName.set(next.name());
                    exchange();
                });
            } catch (IOException e) {
                tell(e.getMessage());
            }
        });
    }

    private Song song() {
        return session.results().get().song();
    }

    private Tempi tempi() {
        return new Tempi(song().time());
    }

    private Map<Integer, Line> lines() {
        Results results = session.results().get();
        Map<Integer, Line> lines = new HashMap<>();
        for (Part part : song().parts()) {
            lines.put(part.id(), session.showingBefore().get() ? part.line() : results.part(part.id()).line());
        }
        session.heardInstead().get().ifPresent(instead -> lines.put(instead.part(), instead.line()));
        return lines;
    }

    private Score all(Predicate<Part> heard) {
        return SongScore.of(song(), lines(), heard, metronome.get());
    }

    /** Plays from the playhead, or stops. */
    public void toggle() {
        if (playing.get()) {
            stop();
        } else {
            playFrom(session.playhead().get());
        }
    }

    /** Plays the whole song from a tick. */
    public void playFrom(long tick) {
        long from = session.loop().get().map(loop -> tick >= loop.from() && tick < loop.to() ? tick : loop.from()).orElse(tick);
        long last = song().time().barStart(song().lastBar() + 1);
        play(from >= last ? 0 : from, last, () -> all(SongScore.audible(song())));
    }

    /** Plays a stretch of the song. */
    public void playBetween(long from, long to) {
        play(from, to, () -> all(SongScore.audible(song())));
    }

    /** Plays the selected part alone, from the playhead. */
    public void playPartAlone() {
        Integer id = session.selectedPart().get();
        play(session.playhead().get(), song().time().barStart(song().lastBar() + 1), () -> all(part -> part.id() == id));
    }

    /** Plays just the selected notes. */
    public void playSelected() {
        session.part().ifPresent(part -> {
            List<Note> notes = session.selectedIn(lines().get(part.id()));
            if (notes.isEmpty()) {
                session.message().set(Words.say("hands.selectFirst"));
                return;
            }
            play(notes.get(0).start(), notes.stream().mapToLong(Note::end).max().orElseThrow(), () -> SongScore.of(song(), part, notes));
        });
    }

    /** Plays the chords of the progression that are selected, or all, as they are voiced. */
    public void playChords() {
        List<ChordSpan> chosen = song().progression().in(session.selectedChords().get());
        List<ChordSpan> spans = chosen.isEmpty() ? song().progression().spans() : chosen;
        if (spans.isEmpty()) {
            session.message().set(Words.say("chords.none"));
            return;
        }
        play(spans.get(0).start(), spans.get(spans.size() - 1).end(), () -> chordScore(spans));
    }

    private Score chordScore(List<ChordSpan> spans) {
        Tempi tempi = tempi();
        Score.Builder builder = new Score.Builder();
        int channel = chordChannel();
        for (ChordSpan span : spans) {
            span.sounding().pitches().forEach(pitch -> builder.note(tempi.micros(span.start()), tempi.micros(span.end()), channel,
                    pitch, 76, Note.USUAL_RELEASE));
        }
        return builder.build();
    }

    /** The channel of the part that plays chords, or the selected part's. */
    private int chordChannel() {
        return song().parts().stream().filter(part -> part.role() == Role.CHORDS).findFirst().or(session::part)
                .map(Part::channel).orElse(0);
    }

    private void play(long from, long to, Supplier<Score> what) {
        program = what;
        TimeMap time = song().time();
        whenOpen(() -> {
            Tempi tempi = tempi();
            end = tempi.micros(to);
            long start = tempi.micros(from);
            Score score = what.get();
            int bars = countIn.get();
            setLoop();
            if (bars > 0) {
                player.play(SongScore.countedIn(score, time, from, bars), start - SongScore.countInMicros(time, from, bars), end);
            } else {
                player.play(score, start, end);
            }
            playing.set(true);
            clock.start();
        });
    }

    public void stop() {
        player.stop();
        follow();
    }

    private void setLoop() {
        Tempi tempi = tempi();
        session.loop().get().ifPresentOrElse(loop -> player.loop(tempi.micros(loop.from()), tempi.micros(loop.to())),
                () -> player.loop(0, 0));
    }

    /** What is edited, switched or chosen while it plays is heard from now on. */
    private void exchange() {
        if (playing.get()) {
            player.exchange(program.get(), end);
        }
        surround();
    }

    /** The playhead goes along with what is heard. */
    private void follow() {
        boolean on = player.isPlaying();
        if (playing.get()) {
            moving = true;
            session.playhead().set(Math.max(0, tempi().tick(Math.max(0, player.position()))));
            moving = false;
        }
        if (!on) {
            playing.set(false);
            clock.stop();
        }
        surround();
    }

    /** A playhead that a person moves is where playing goes on. */
    private void moved(long tick) {
        if (!moving && playing.get()) {
            player.play(program.get(), tempi().micros(tick), end);
        }
        if (!moving) {
            surround();
        }
    }

    /** The keys play through the fence and the chord of the moment, like the selected part. */
    private void surround() {
        long tick = session.playhead().get();
        Results results = session.results().get();
        List<Integer> members = results.song().progression().at(tick).map(ChordSpan::chord).map(chord -> chord.kind().tones().stream()
                .map(ChordTone::semitones).map(above -> above + chord.root().pitchClass().number()).toList()).orElse(List.of());
        keys.surround(results.fence().at(tick), members);
        session.part().ifPresent(part -> keys.setChannel(part.channel()));
    }

    private void clickedNotes(Set<Long> chosen) {
        if (chosen.size() == 1 && hearClicks.get() && !playing.get()) {
            session.part().ifPresent(part -> session.selectedIn(lines().get(part.id())).stream().findFirst()
                    .ifPresent(note -> hear(SongScore.of(song(), part, List.of(note)), note.start(), note.end())));
        }
    }

    private void clickedChords(Set<Long> chosen) {
        if (chosen.size() == 1 && hearClicks.get() && !playing.get()) {
            song().progression().in(chosen).forEach(span -> hear(chordScore(List.of(span)), span.start(), span.end()));
        }
    }

    private void hear(Score score, long from, long to) {
        whenOpen(() -> {
            long start = tempi().micros(from);
            preview.play(score, start, Math.min(tempi().micros(to) + 1, start + LONGEST_PREVIEW));
        });
    }

    /** Ends everything that sounds. */
    public void panic() {
        player.stop();
        preview.stop();
        keys.releaseAll();
        sounding.panic();
        follow();
        session.message().set(Words.say("sound.panicked"));
    }

    /** The keys that are played; the output opens with the first. */
    public LiveKeys keys() {
        whenOpen(() -> { });
        return keys;
    }

    /** Turns the clock into a tick of the song, while it plays and afterwards. */
    public long tickAt(long clockNanos) {
        long micros = player.position() - (nanos.getAsLong() - clockNanos) / 1000;
        return micros < 0 ? -1 : tempi().tick(micros);
    }

    public long nanos() {
        return nanos.getAsLong();
    }

    public ReadOnlyBooleanProperty playing() {
        return playing.getReadOnlyProperty();
    }

    public BooleanProperty metronome() {
        return metronome;
    }

    /** Whether a note or chord that is clicked is heard. */
    public BooleanProperty hearClicks() {
        return hearClicks;
    }

    /** How many bars are counted in. */
    public IntegerProperty countIn() {
        return countIn;
    }

    /** What is played on, once it is open. */
    public ReadOnlyStringProperty outputName() {
        return outputName.getReadOnlyProperty();
    }

    /** The score of the whole song as it is heard now, for writing it to a file. */
    public Score score(Optional<Integer> onlyPart) {
        return SongScore.of(song(), lines(), onlyPart.<Predicate<Part>>map(id -> part -> part.id() == id)
                .orElse(SongScore.audible(song())), false);
    }

    /** The file whose sounds are played with, if one was chosen. */
    public Optional<Path> sounds() {
        return sounds;
    }

    /** Plays on the built-in synthesizer, with the sounds of a file or its own. */
    public void chooseSounds(Optional<Path> file) {
        choose(() -> {
            SoundOutput opened = SynthesizerOutput.open(file);
            sounds = file;
            return opened;
        });
    }

    /** Ends playing and closes the output. */
    public void close() {
        clock.stop();
        player.end();
        preview.end();
        strummer.interrupt();
        sounding.close();
    }
}
