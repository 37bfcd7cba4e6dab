package amberfence.app.hands;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.notes.Note;
import amberfence.step.StepSchema;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.move.Move;
import amberfence.step.move.MoveToKey;
import amberfence.theory.Key;
import amberfence.theory.KeyKin;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** Everything that can be done to the selected notes, as a menu. */
public final class NotesMenu {
    private static final int[] PIECES = {2, 3, 4, 6, 8};
    private final Session session;
    private final NoteCommands commands;
    private final NoteClipboard clipboard;
    private final Consumer<StepSchema<?>> doOnce;
    private final Runnable openRun;

    /**
     * @param doOnce opens the settings of a step that is done once to the selected notes
     * @param openRun opens the sheet of runs
     */
    public NotesMenu(Session session, NoteCommands commands, NoteClipboard clipboard, Consumer<StepSchema<?>> doOnce, Runnable openRun) {
        this.session = session;
        this.commands = commands;
        this.clipboard = clipboard;
        this.doOnce = doOnce;
        this.openRun = openRun;
    }

    /** The items as they are for what is selected now. */
    public List<MenuItem> items() {
        return List.of(select(), move(), keys(), needsNotes(new OnceMenu(doOnce).menu()), needsNotes(cut()),
                needsNotes(item("hands.allowOrNot", "A", commands::allow)), new SeparatorMenuItem(),
                needsNotes(item("hands.copy", "Ctrl+C", clipboard::copy)), needsNotes(item("hands.cut", "Ctrl+X", clipboard::cut)),
                item("hands.pasteHere", "Ctrl+V", clipboard::paste), item("hands.run", "", openRun),
                needsNotes(item("hands.duplicate", "Ctrl+D", commands::duplicate)),
                needsNotes(item("hands.delete", "Del", commands::delete)));
    }

    private Menu select() {
        NoteSelection selection = commands.selection();
        Menu menu = menu("hands.select", item("hands.all", "Ctrl+A", selection::all),
                needsNotes(item("hands.samePitch", "", selection::samePitch)),
                needsNotes(item("hands.sameDegree", "", selection::sameDegree)),
                item("hands.others", "", selection::others));
        if (session.pick().rule().get().isPresent()) {
            menu.getItems().add(item("hands.byPick", "", selection::byPick));
        }
        return menu;
    }

    private Menu move() {
        Menu menu = menu("hands.move", item("hands.degreeUp", "↑", () -> commands.move(Move.Unit.DEGREES, 1)),
                item("hands.degreeDown", "↓", () -> commands.move(Move.Unit.DEGREES, -1)),
                item("hands.semitoneUp", "Alt+↑", () -> commands.move(Move.Unit.SEMITONES, 1)),
                item("hands.semitoneDown", "Alt+↓", () -> commands.move(Move.Unit.SEMITONES, -1)),
                item("hands.octaveUp", "Shift+↑", () -> commands.move(Move.Unit.OCTAVES, 1)),
                item("hands.octaveDown", "Shift+↓", () -> commands.move(Move.Unit.OCTAVES, -1)),
                kindItem("move", "hands.moveMore"), new SeparatorMenuItem(),
                item("hands.louder", "Ctrl+↑", () -> commands.louder(true)),
                item("hands.softer", "Ctrl+↓", () -> commands.louder(false)),
                item("hands.nudgeLater", "Alt+→", () -> commands.nudge(true)),
                item("hands.nudgeEarlier", "Alt+←", () -> commands.nudge(false)));
        return (Menu) needsNotes(menu);
    }

    /** The kin of the key, one click each, and any other key. */
    private Menu keys() {
        Menu menu = menu("hands.toKey");
        session.partNow().ifPresent(part -> {
            long at = commands.selection().source().in(part.line()).stream().findFirst()
                    .map(Note::start).orElse(session.transport().playhead().get());
            Key key = session.results().get().fence().keyAt(at);
            for (KeyKin kin : KeyKin.values()) {
                kin.of(key).ifPresent(to -> {
                    String name = kin.name().toLowerCase(Locale.ROOT);
                    menu.getItems().add(Controls.menuItem("kin-" + name, Words.say("kin." + name, to.text()),
                            () -> commands.apply(new MoveToKey(Optional.empty(), to, MoveToKey.Way.NEAREST))));
                });
            }
        });
        menu.getItems().add(kindItem("to-key", "hands.otherKey"));
        return (Menu) needsNotes(menu);
    }

    private MenuItem kindItem(String kindId, String words) {
        StepSchema<?> kind = StepCatalogue.find(kindId).orElseThrow();
        return item(words, "", () -> doOnce.accept(kind));
    }

    private Menu cut() {
        Menu menu = menu("hands.cutUp", item("hands.cutAtGrid", "K", commands::cutAtGrid));
        for (int pieces : PIECES) {
            menu.getItems().add(Controls.menuItem("hands-cut-" + pieces, Words.say("hands.cutInto", pieces),
                    () -> commands.cut(pieces)));
        }
        menu.getItems().addAll(new SeparatorMenuItem(), item("hands.join", "J", commands::join));
        return menu;
    }

    private static Menu menu(String words, MenuItem... items) {
        Menu menu = new Menu(Words.say(words));
        menu.setId(words.replace('.', '-'));
        menu.getItems().setAll(items);
        return menu;
    }

    private static MenuItem item(String words, String keys, Runnable action) {
        return Controls.menuItem(words.replace('.', '-'),
                keys.isEmpty() ? Words.say(words) : Words.say("menu.withKeys", Words.say(words), keys), action);
    }

    /** Greyed while nothing is selected; the words say why. */
    private MenuItem needsNotes(MenuItem item) {
        if (session.selection().notes().get().isEmpty()) {
            item.setDisable(true);
            item.setText(Words.say("hands.needsNotes", item.getText()));
        }
        return item;
    }
}
