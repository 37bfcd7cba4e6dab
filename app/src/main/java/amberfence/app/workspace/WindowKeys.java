package amberfence.app.workspace;

import amberfence.app.hands.NoteClipboard;
import amberfence.app.hands.NoteCommands;
import amberfence.app.keys.Shortcut;
import amberfence.app.parts.TakeSwitch;
import amberfence.app.session.Session;
import amberfence.app.steps.DiceThrow;
import amberfence.app.words.Words;
import amberfence.song.Song;
import java.util.EnumSet;
import java.util.Set;
import javafx.scene.Scene;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** The keys that work anywhere in the window. */
final class WindowKeys {
    private static final Set<KeyCode> FOR_NOTES = EnumSet.of(KeyCode.DELETE, KeyCode.BACK_SPACE, KeyCode.K, KeyCode.J);
    private final Workspace workspace;
    private final Session session;
    private final Navigator navigator;
    private final NoteCommands commands;
    private final NoteClipboard clipboard;

    WindowKeys(Workspace workspace, Navigator navigator, NoteCommands commands, NoteClipboard clipboard) {
        this.workspace = workspace;
        this.session = workspace.session();
        this.navigator = navigator;
        this.commands = commands;
        this.clipboard = clipboard;
        workspace.addEventHandler(KeyEvent.KEY_PRESSED, this::forNotes);
        workspace.addEventFilter(KeyEvent.KEY_PRESSED, this::playOrStop);
        workspace.addEventFilter(KeyEvent.KEY_PRESSED, event -> peek(event, true));
        workspace.addEventFilter(KeyEvent.KEY_RELEASED, event -> peek(event, false));
    }

    /** Keys for notes that no control had a use for work on the selected notes, wherever the focus is. */
    private void forNotes(KeyEvent event) {
        boolean plain = !event.isShortcutDown() && !event.isAltDown() && !event.isShiftDown();
        if (plain && FOR_NOTES.contains(event.getCode()) && !(event.getTarget() instanceof TextInputControl) && !navigator.isPageOpen()
                && !navigator.isSheetOpen() && workspace.typedForNotes(event)) {
            event.consume();
        }
    }

    /** Puts the keys of the table to work. */
    void install(Scene scene) {
        for (Shortcut shortcut : Shortcut.values()) {
            if (shortcut.isGlobal()) {
                scene.getAccelerators().put(shortcut.combination(), () -> run(shortcut));
            }
        }
    }

    private void run(Shortcut shortcut) {
        boolean typing = workspace.getScene().getFocusOwner() instanceof TextInputControl;
        if (navigator.isSheetOpen() || shortcut.isForNotes() && (typing || navigator.isPageOpen())
                || shortcut == Shortcut.PLAY && typing) {
            return;
        }
        if (shortcut.tab().isPresent()) {
            if (!navigator.isPageOpen()) {
                workspace.drawer().toggle(shortcut.tab().get());
            }
            return;
        }
        switch (shortcut) {
            case OPEN -> workspace.files().chooseAndOpen();
            case SAVE -> workspace.files().save();
            case SAVE_AS -> workspace.files().saveAs();
            case EXPORT -> workspace.openExport();
            case NEW -> workspace.files().take(Song.empty(Words.say("song.untitled")));
            case HISTORY -> workspace.openHistory();
            case COPY -> clipboard.copy();
            case CUT -> clipboard.cut();
            case PASTE -> clipboard.paste();
            case SELECT_ALL -> commands.selection().all();
            case DUPLICATE -> commands.duplicate();
            case PLAY -> workspace.sound().toggle();
            case UNDO -> session.undo();
            case REDO -> session.redo();
            case FENCE -> workspace.openFence();
            case BEFORE_AFTER -> session.transport().showBefore(!session.transport().showingBefore().get());
            case SETTLE -> workspace.settle();
            case STEPS -> workspace.callSteps();
            case ANOTHER -> DiceThrow.again(session);
            case THEME -> workspace.toggleTheme();
            case HANDBOOK -> workspace.openHandbook();
            case SHORTCUTS -> workspace.openShortcuts();
            default -> throw new IllegalStateException(shortcut + " is no key for the whole window");
        }
    }

    /** Space plays and stops wherever the focus is, but in a text field or an open list; buttons answer to Enter. */
    private void playOrStop(KeyEvent event) {
        boolean list = workspace.getScene().getFocusOwner() instanceof ComboBoxBase<?> box && box.isShowing();
        if (Shortcut.PLAY.combination().match(event) && !list && !(event.getTarget() instanceof TextInputControl)
                && !navigator.isSheetOpen()) {
            workspace.sound().toggle();
            event.consume();
        }
    }

    /** While B is held, the original shows, with Shift what would be without the open step. X leaves selected notes alone, T goes to the next take, O outlines another one. */
    private void peek(KeyEvent event, boolean down) {
        boolean free = !workspace.playsKeys(event) && !(event.getTarget() instanceof TextInputControl) && !event.isShortcutDown()
                && !navigator.isPageOpen() && !navigator.isSheetOpen();
        if (event.getCode() == KeyCode.B && !down && session.triedWithout().get() != null) {
            session.tryWithout(null);
        } else if (free && event.getCode() == KeyCode.B && down && event.isShiftDown()) {
            session.tryWithout(session.selection().openStep().get());
        } else if (free && event.getCode() == KeyCode.B) {
            session.transport().showBefore(down);
            event.consume();
        } else if (free && down && event.isAltDown() && event.getCode().isDigitKey() && event.getCode() != KeyCode.DIGIT0
                && workspace.recipes().byKey(Integer.parseInt(event.getCode().getName().replaceAll("\\D", "")))) {
            event.consume();
        } else if (free && down && !event.isAltDown() && typed(event)) {
            event.consume();
        }
    }

    private boolean typed(KeyEvent event) {
        switch (event.getCode()) {
            case X -> workspace.leaveSelected();
            case T -> TakeSwitch.step(session, event.isShiftDown() ? -1 : 1);
            case O -> TakeSwitch.toggleOutline(session);
            default -> {
                return false;
            }
        }
        return true;
    }
}
