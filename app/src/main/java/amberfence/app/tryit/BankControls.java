package amberfence.app.tryit;

import amberfence.app.session.Session;
import amberfence.app.theme.Choice;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.notes.ChordBank;
import amberfence.sound.LiveKeys;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;

/** Where the chords on keys come from, how one is learnt, and how they are turned, strummed and struck. */
final class BankControls extends FlowPane {
    private static final int USUAL_KEY = 60;
    private static final int TURNS = 4;
    /** Milliseconds from note to note; 0 for all at once. */
    private static final List<Integer> STRUMS = List.of(0, 20, 40, 80);
    /** How loud chords are; 0 for as they are played. */
    private static final List<Integer> VELOCITIES = List.of(0, 50, 75, 100, 120);
    private final Session session;
    private final Supplier<LiveKeys> keys;
    private final PadGrid pads;
    private final Consumer<String> tell;
    /** What was put on the keys last; null before that. */
    private ChordBank shown;
    private int learning = -1;
    private int turns;
    private int octaves;

    /** @param tell shows in a few words what is being learnt */
    BankControls(Session session, Supplier<LiveKeys> keys, PadGrid pads, Consumer<String> tell) {
        super(4, 4);
        this.session = session;
        this.keys = keys;
        this.pads = pads;
        this.tell = tell;
        session.frames().follow(this::update, session.results());
    }

    /** Puts the song's chords on the keys, where it has none those of the key; returns the first key that has one. */
    int begin() {
        if (getChildren().isEmpty()) {
            build();
        }
        shown = null;
        update();
        return keys.get().bank().isEmpty() ? USUAL_KEY : keys.get().bank().chords().firstKey();
    }

    private void update() {
        if (!getChildren().isEmpty()) {
            ChordBank now = session.song().bank().orElseGet(this::fromKey);
            if (!now.equals(shown)) {
                shown = now;
                learning = -1;
                keys.get().learn(-1);
                keys.get().setBank(now);
                pads.update();
            }
        }
    }

    /** What was learnt belongs to the song. */
    void endLearning() {
        ChordBank learnt = keys.get().bank();
        keys.get().learn(-1);
        if (learning >= 0) {
            learning = -1;
            tell.accept("");
            fill("edit.bankLearnt", learnt);
        }
    }

    private void fill(String name, ChordBank bank) {
        session.edit(Words.say(name), song -> song.withBank(bank));
        update();
    }

    private void build() {
        Button from = Controls.button("bank-from", "tryit.bankFrom", null, "choice");
        from.setOnAction(event -> Controls.openMenu(from, List.of(
                Controls.menuItem("bank-key", Words.say("tryit.bankKey"), () -> fill("edit.bank", fromKey())),
                Controls.menuItem("bank-progression", Words.say("tryit.bankProgression"),
                        () -> fill("edit.bank", ChordBank.of(session.song().progression()))),
                Controls.menuItem("bank-clear", Words.say("tryit.bankClear"), () -> fill("edit.bankCleared", ChordBank.EMPTY)), clearOne())));
        Button learn = Controls.button("bank-learn", "tryit.learn", null, "choice");
        Controls.tip(learn, Words.say("tryit.learnTip"));
        learn.setOnAction(event -> Controls.openMenu(learn, learnable()));
        getChildren().setAll(from, learn, turn("bank-turn", "tryit.turn", true), turn("bank-octave", "tryit.octave", false),
                remembered("strum", STRUMS, millis -> Words.say(millis == 0 ? "tryit.noStrum" : "tryit.strum", millis),
                        millis -> keys.get().setStrum(millis)),
                remembered("velocity", VELOCITIES, loud -> Words.say(loud == 0 ? "tryit.asPlayed" : "tryit.loud", loud),
                        loud -> keys.get().setChordVelocity(loud)));
    }

    /** A choice that holds for every song, and at the next start. */
    private ComboBox<Integer> remembered(String name, List<Integer> values, Function<Integer, String> words, Consumer<Integer> set) {
        int kept = (int) session.preferences().number("keys-" + name, 0);
        int now = values.contains(kept) ? kept : 0;
        set.accept(now);
        return Choice.of("bank-" + name, values, now, words, chosen -> {
            set.accept(chosen);
            session.preferences().keep("keys-" + name, Integer.toString(chosen));
        });
    }

    /** Takes the chord of one key away. */
    private Menu clearOne() {
        Menu menu = new Menu(Words.say("tryit.bankClearOne"));
        menu.setId("bank-clear-one");
        var spelling = session.spelling();
        keys.get().bank().chords().keySet().forEach(key -> menu.getItems().add(Controls.menuItem("clear-" + key,
                spelling.pitchText(key), () -> fill("edit.bankCleared", keys.get().bank().with(key, List.of())))));
        return menu;
    }

    private ChordBank fromKey() {
        return ChordBank.of(session.results().get().fence().keyAt(session.transport().playhead().get()), 3);
    }

    /** The first seven white keys of the bank, to learn a chord each, and the end of learning. */
    private List<MenuItem> learnable() {
        List<MenuItem> items = new ArrayList<>();
        items.add(Controls.menuItem("learn-end", Words.say("tryit.learnEnd"), this::endLearning));
        var spelling = session.spelling();
        for (int i = 0; i < 7; i++) {
            int key = ChordBank.whiteKey(i);
            String name = spelling.pitchText(key);
            items.add(Controls.menuItem("learn-" + key, Words.say("tryit.learnKey", name), () -> {
                endLearning();
                keys.get().setBank(keys.get().bank().with(key, List.of()));
                keys.get().learn(key);
                learning = key;
                tell.accept(Words.say("tryit.learning", name));
            }));
        }
        return items;
    }

    private Button turn(String id, String words, boolean inversion) {
        Button button = Controls.button(id, null, null, "choice");
        Runnable show = () -> button.setText(Words.say(words, inversion ? turns : octaves));
        show.run();
        button.setOnAction(event -> {
            if (inversion) {
                turns = (turns + 1) % TURNS;
            } else {
                octaves = octaves == 1 ? -1 : octaves + 1;
            }
            keys.get().setTurn(turns, octaves);
            show.run();
        });
        return button;
    }
}
