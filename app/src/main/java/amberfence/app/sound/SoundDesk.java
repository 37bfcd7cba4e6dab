package amberfence.app.sound;

import amberfence.app.session.Motion;
import amberfence.app.session.Preferences;
import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.app.work.Lane;
import amberfence.notes.BarPosition;
import amberfence.notes.ChordSpan;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.sound.LiveKeys;
import amberfence.sound.Player;
import amberfence.sound.Score;
import amberfence.sound.SongScore;
import amberfence.sound.Sounding;
import amberfence.sound.Tempi;
import amberfence.theory.ChordTone;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import javafx.animation.AnimationTimer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;

/**
 * Plays the song, what is clicked, and the keys. What is edited while it plays is heard at once, without a gap.
 */
public final class SoundDesk {
    /** How many bars can be counted in. */
    static final int MOST_COUNTED_IN = 2;
    private static final long SLEEP = 1_000_000_000;
    private static final String KEPT_CLICKS = "hear-clicks";
    private static final String KEPT_COUNT_IN = "count-in";
    private final Session session;
    private final LongSupplier nanos;
    private final HeardSong heard;
    private final ClickedSounds clicked;
    private final Outlet outlet;
    private final Sounding sounding;
    private final Player player;
    private final Player preview;
    private final LiveKeys keys;
    private final KeysThroughSteps through;
    private final ReadOnlyBooleanWrapper playing = new ReadOnlyBooleanWrapper();
    private final BooleanProperty metronome = new SimpleBooleanProperty();
    private final IntegerProperty countIn = new SimpleIntegerProperty();
    private final AnimationTimer clock = new AnimationTimer() {
        @Override
        public void handle(long now) {
            follow();
        }
    };
    private final Lane strumming = Lane.inOrder("strummer");
    private volatile Thread strummer;
    private Supplier<HeardSong.Taken> program = () -> () -> Score.EMPTY;
    private LongSupplier until = () -> 0;
    private long newest;
    private boolean moving;

    /**
     * @param opener opens what is played on; what it throws says why there is none
     * @param nanos a clock in nanoseconds
     */
    public SoundDesk(Session session, OutputOpener opener, LongSupplier nanos) {
        this.session = session;
        this.nanos = nanos;
        this.heard = new HeardSong(session);
        this.outlet = new Outlet(session, opener, this::begin);
        this.sounding = outlet.sounding();
        this.player = new Player(sounding, nanos);
        this.preview = new Player(sounding, nanos);
        this.keys = new LiveKeys(sounding, nanos);
        this.through = new KeysThroughSteps(session, keys);
        this.clicked = new ClickedSounds(session, heard, outlet, preview, playing);
        session.results().addListener((property, old, now) -> exchange());
        session.transport().showingBefore().addListener((property, old, now) -> exchange());
        session.transport().heardInstead().addListener((property, old, now) -> exchange());
        metronome.addListener((property, old, now) -> exchange());
        session.transport().playhead().addListener((property, old, now) -> moved(now.longValue()));
        session.transport().loop().addListener((property, old, now) -> setLoop());
        session.selection().part().addListener((property, old, now) -> surround());
        keys.setWake(() -> LockSupport.unpark(strummer));
        surround();
    }

    /** Takes how a person likes to listen from what was kept, and keeps it from now on. Asked once, when what was kept is read. */
    public void takeKept() {
        Preferences preferences = session.preferences();
        hearClicks().set(preferences.isOn(KEPT_CLICKS, true));
        hearClicks().addListener((property, old, on) -> preferences.keep(KEPT_CLICKS, on));
        countIn.set((int) Math.max(0, Math.min(MOST_COUNTED_IN, preferences.number(KEPT_COUNT_IN, 0))));
        countIn.addListener((property, old, bars) -> preferences.keep(KEPT_COUNT_IN, bars.toString()));
    }

    private void begin() {
        player.start();
        preview.start();
        strumming.execute(this::strum);
    }

    /** Lets the notes of strummed chords begin when they are due; in between it sleeps until it is woken. */
    private void strum() {
        strummer = Thread.currentThread();
        while (!Thread.currentThread().isInterrupted()) {
            long wait = keys.strum() - nanos.getAsLong();
            LockSupport.parkNanos(Math.max(100_000, Math.min(SLEEP, wait)));
        }
    }

    /** What was chosen to play on. */
    public PlayedOn playedOn() {
        return outlet.chosen();
    }

    /** Goes on with another output, also after the next start; what cannot be opened is told, and nothing changes. */
    public void choose(PlayedOn wanted) {
        outlet.choose(wanted, this::exchange);
    }

    /** Plays from the playhead, or stops. */
    public void toggle() {
        if (playing.get()) {
            stop();
        } else {
            playFrom(session.transport().playhead().get());
        }
    }

    /** Plays the whole song from a tick. */
    public void playFrom(long tick) {
        long from = session.transport().loop().get().map(loop -> tick >= loop.from() && tick < loop.to() ? tick : loop.from()).orElse(tick);
        long last = heard.end();
        play(from >= last ? 0 : from, heard::end, () -> heard.all(metronome.get()));
    }

    /** Plays a stretch of the song. */
    public void playBetween(long from, long to) {
        play(from, () -> to, () -> heard.all(metronome.get()));
    }

    /** Plays a stretch with one part in front of the others. */
    public void playInFront(int part, long from, long to) {
        play(from, () -> to, () -> heard.inFront(part, metronome.get()));
    }

    /** Plays the selected part alone, from the playhead. */
    public void playPartAlone() {
        Integer id = session.selection().part().get();
        play(session.transport().playhead().get(), heard::end, () -> heard.parts(part -> part.id() == id, metronome.get()));
    }

    /** Plays just the selected notes. */
    public void playSelected() {
        session.part().ifPresent(part -> {
            List<Note> notes = heard.selected(part);
            if (notes.isEmpty()) {
                session.say(Words.say("hands.selectFirst"));
                return;
            }
            long last = notes.stream().mapToLong(Note::end).max().orElseThrow();
            play(notes.get(0).start(), () -> last, () -> heard.notes(part, notes));
        });
    }

    /** Plays the chords of the progression that are selected, or all, as they are voiced. */
    public void playChords() {
        List<ChordSpan> chosen = heard.song().progression().in(session.selection().chords().get());
        List<ChordSpan> spans = chosen.isEmpty() ? heard.song().progression().spans() : chosen;
        if (spans.isEmpty()) {
            session.say(Words.say("chords.none"));
            return;
        }
        play(spans.get(0).start(), () -> spans.get(spans.size() - 1).end(), () -> heard.chords(spans));
    }

    /** @param to the tick at which it ends, asked again when the song changes */
    private void play(long from, LongSupplier to, Supplier<HeardSong.Taken> what) {
        program = what;
        until = to;
        outlet.whenOpen(() -> build(score -> {
            TimeMap time = heard.song().time();
            long start = heard.tempi().micros(from);
            int bars = countIn.get();
            setLoop();
            if (bars > 0) {
                player.play(SongScore.countedIn(score, time, from, bars), start - SongScore.countInMicros(time, from, bars), end());
            } else {
                player.play(score, start, end());
            }
            playing.set(true);
            clock.start();
        }));
    }

    private long end() {
        return heard.tempi().micros(until.getAsLong());
    }

    /** Makes the score of what is played, of a long song off the interface thread; the newest wins. */
    private void build(Consumer<Score> then) {
        long request = ++newest;
        if (!session.isLong()) {
            then.accept(program.get().score());
            return;
        }
        // What is heard is taken now, on this thread; only its score is made elsewhere.
        session.computations().ask("score", program.get()::score, score -> {
            if (request == newest) {
                then.accept(score);
            }
        });
    }

    public void stop() {
        newest++;
        player.stop();
        follow();
    }

    private void setLoop() {
        Tempi tempi = heard.tempi();
        session.transport().loop().get().ifPresentOrElse(loop -> player.loop(tempi.micros(loop.from()), tempi.micros(loop.to())),
                () -> player.loop(0, 0));
    }

    /** What is edited, switched or chosen while it plays is heard from now on. */
    private void exchange() {
        if (playing.get()) {
            build(score -> player.exchange(score, end()));
        }
        surround();
    }

    /** The playhead goes along with what is heard. */
    private void follow() {
        boolean on = player.isPlaying();
        if (playing.get()) {
            moving = true;
            session.transport().moveTo(shown(Math.max(0, heard.tempi().tick(Math.max(0, player.position())))));
            moving = false;
        }
        if (!on) {
            playing.set(false);
            clock.stop();
        }
        surround();
    }

    /** Where the playhead is seen while it plays. */
    private long shown(long tick) {
        if (session.preferences().choice(Motion.KEPT, Motion.GLIDING) == Motion.GLIDING) {
            return tick;
        }
        BarPosition at = session.song().time().position(tick);
        return session.song().time().tick(new BarPosition(at.bar(), at.beat(), 0));
    }

    /** A playhead that a person moves is where playing goes on. */
    private void moved(long tick) {
        if (!moving && playing.get()) {
            build(score -> player.play(score, heard.tempi().micros(tick), end()));
        }
        if (!moving) {
            surround();
        }
    }

    /** The keys play through the fence and the chord of the moment, like the selected part. */
    private void surround() {
        long tick = session.transport().playhead().get();
        Results results = session.results().get();
        List<Integer> members = results.song().progression().at(tick).map(ChordSpan::chord).map(chord -> chord.kind().tones().stream()
                .map(ChordTone::semitones).map(above -> above + chord.root().pitchClass().number()).toList()).orElse(List.of());
        keys.surround(results.fence().at(tick), members);
        session.part().ifPresent(part -> keys.setChannel(part.channel()));
        through.follow(tick);
    }

    /** Ends everything that sounds. */
    public void panic() {
        player.stop();
        preview.stop();
        keys.releaseAll();
        sounding.panic();
        follow();
        session.say(Words.say("sound.panicked"));
    }

    /** The keys that are played; the output opens with the first. */
    public LiveKeys keys() {
        outlet.whenOpen(() -> { });
        return keys;
    }

    /** Turns the clock into a tick of the song, while it plays and afterwards. */
    public long tickAt(long clockNanos) {
        long micros = player.positionAt(clockNanos);
        return micros < 0 ? -1 : heard.tempi().tick(micros);
    }

    public long nanos() {
        return nanos.getAsLong();
    }

    public ReadOnlyBooleanProperty playing() {
        return playing.getReadOnlyProperty();
    }

    /** Whether the keys are played through the chosen part's steps. */
    public BooleanProperty keysThroughSteps() {
        return through.on();
    }

    /** Which of the part's steps work on the keys, and which are passed over, in words. */
    public String throughWords() {
        String works = through.works().isEmpty() ? Words.say("tryit.throughNone") : String.join(", ", through.works());
        return through.passedOver().isEmpty() ? works : Words.say("tryit.passedOver", works, String.join(", ", through.passedOver()));
    }

    public BooleanProperty metronome() {
        return metronome;
    }

    /** Whether a note or chord that is clicked is heard. */
    public BooleanProperty hearClicks() {
        return clicked.wanted();
    }

    /** How many bars are counted in. */
    public IntegerProperty countIn() {
        return countIn;
    }

    /** The score of the whole song as it is heard now, for writing it to a file; it may be made on another thread. */
    public Supplier<Score> score(Optional<Integer> onlyPart) {
        return onlyPart.map(id -> heard.parts(part -> part.id() == id, false)).orElseGet(() -> heard.all(false))::score;
    }

    /** Ends playing and closes the output. */
    public void close() {
        clock.stop();
        player.end();
        preview.end();
        strumming.stop();
        sounding.close();
    }
}
