package amberfence.app.sound;

import amberfence.app.session.Session;
import amberfence.app.session.TickRange;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.notes.ChordSpan;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.sound.Devices;
import amberfence.sound.Sounds;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** What else can be played, in what loop, counted in how, and on what. */
public final class SoundMenu {
    private static final int[] LOOPS = {1, 2, 4, 8};
    private final Session session;
    private final SoundDesk desk;
    private final Supplier<Optional<Path>> soundFile;
    private final Runnable exportSound;

    /**
     * @param soundFile lets a person choose a SoundFont 2 or DLS file
     * @param exportSound opens the sheet for writing a sound file
     */
    public SoundMenu(Session session, SoundDesk desk, Supplier<Optional<Path>> soundFile, Runnable exportSound) {
        this.session = session;
        this.desk = desk;
        this.soundFile = soundFile;
        this.exportSound = exportSound;
    }

    /** The items, made anew each time. */
    public List<MenuItem> items() {
        return new ArrayList<>(List.of(item("play-beginning", () -> desk.playFrom(0)), item("play-selected", desk::playSelected),
                item("play-around", this::playAround), item("play-part", desk::playPartAlone), item("play-chords", desk::playChords),
                new SeparatorMenuItem(), loops(), countIn(), hearClicks(), new SeparatorMenuItem(), outputs(),
                item("sound-export", exportSound), item("sound-panic", desk::panic)));
    }

    private static MenuItem item(String id, Runnable action) {
        return Controls.menuItem(id, Words.say("sound." + id), action);
    }

    /** The bars of the selection, with all parts: one change in its surroundings. */
    private void playAround() {
        aroundSelection(session).ifPresentOrElse(range -> desk.playBetween(range.from(), range.to()),
                () -> session.say(Words.say("hands.selectFirst")));
    }

    /** The whole bars in which the selected notes or chords lie. */
    public static Optional<TickRange> aroundSelection(Session session) {
        TimeMap time = session.song().time();
        List<Note> notes = session.part().map(part -> session.selection().in(part.line())).orElse(List.of());
        List<ChordSpan> chords = session.song().progression().in(session.selection().chords().get());
        if (notes.isEmpty() && chords.isEmpty()) {
            return Optional.empty();
        }
        long from = notes.isEmpty() ? chords.get(0).start() : notes.get(0).start();
        long to = notes.isEmpty() ? chords.get(chords.size() - 1).end() : notes.stream().mapToLong(Note::end).max().orElseThrow();
        return Optional.of(new TickRange(time.barStart(time.barOf(from)), time.barStart(time.barOf(to - 1) + 1)));
    }

    /** Some bars from that of the playhead on. */
    public static TickRange bars(Session session, int bars) {
        TimeMap time = session.song().time();
        int bar = time.barOf(session.transport().playhead().get());
        return new TickRange(time.barStart(bar), time.barStart(bar + bars));
    }

    private Menu loops() {
        Menu menu = menu("sound-loops");
        menu.getItems().add(Controls.menuItem("loop-selection", Words.say("sound.loop-selection"),
                () -> aroundSelection(session).ifPresentOrElse(range -> session.transport().goRound(Optional.of(range)),
                        () -> session.say(Words.say("hands.selectFirst")))));
        for (int bars : LOOPS) {
            menu.getItems().add(Controls.menuItem("loop-" + bars, Words.say("sound.loopBars", Words.count("form.bars", bars)),
                    () -> session.transport().goRound(Optional.of(bars(session, bars)))));
        }
        menu.getItems().add(Controls.menuItem("loop-none", Words.say("sound.loop-none"), () -> session.transport().goRound(Optional.empty())));
        return menu;
    }

    private Menu countIn() {
        Menu menu = menu("sound-count-in");
        for (int bars = 0; bars <= SoundDesk.MOST_COUNTED_IN; bars++) {
            int count = bars;
            menu.getItems().add(Controls.radioItem("count-in-" + bars, bars == 0 ? Words.say("sound.noCountIn") : Words.count("form.bars", bars),
                    desk.countIn().get() == bars, () -> desk.countIn().set(count)));
        }
        return menu;
    }

    private MenuItem hearClicks() {
        CheckMenuItem item = new CheckMenuItem(Words.say("sound.hear-clicks"));
        item.setId("hear-clicks");
        item.setSelected(desk.hearClicks().get());
        item.setOnAction(event -> desk.hearClicks().set(item.isSelected()));
        return item;
    }

    private Menu outputs() {
        Menu menu = menu("sound-outputs");
        menu.getItems().addAll(sounds());
        menu.getItems().addAll(devices());
        return menu;
    }

    /** The sounds that the application plays with by itself: its own, or those of a file. */
    public List<MenuItem> sounds() {
        PlayedOn now = desk.playedOn();
        return List.of(output("installed", Words.say("sound.output-installed"), now, now.with(Sounds.INSTALLED)),
                output("plain", Words.say("sound.output-plain"), now, now.with(Sounds.PLAIN)),
                item("output-soundfont", () -> soundFile.get().ifPresent(file -> desk.choose(desk.playedOn().with(new Sounds.OfFile(file))))));
    }

    /** Which sounds those are, in words; asking looks at the disk, and may be done on any thread. */
    public Supplier<String> soundsNow() {
        Sounds now = desk.playedOn().sounds();
        return () -> now.file().map(file -> file.getFileName().toString()).orElse(Words.say("settings.plainSounds"));
    }

    /** The devices outside that can sound in its place. */
    public List<MenuItem> devices() {
        PlayedOn now = desk.playedOn();
        return Devices.outputs().stream().map(name -> output(name.replaceAll("\\W+", "-"), name, now, now.with(name))).toList();
    }

    /** The device that does; empty for none. */
    public String deviceNow() {
        return desk.playedOn().device();
    }

    /** One of the outputs, marked when it is the one that was chosen. */
    private MenuItem output(String id, String words, PlayedOn now, PlayedOn wanted) {
        return Controls.radioItem("output-" + id, words, now.equals(wanted), () -> desk.choose(wanted));
    }

    private static Menu menu(String id) {
        Menu menu = new Menu(Words.say("sound." + id));
        menu.setId(id);
        return menu;
    }
}
