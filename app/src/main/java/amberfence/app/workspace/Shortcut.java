package amberfence.app.workspace;

import amberfence.app.words.Words;
import java.util.Locale;
import javafx.scene.input.KeyCombination;

/**
 * Every key, in one table: those with a combination work anywhere in the window, the others where the area named in
 * their words has the focus, and are listed here for the page of keys.
 */
public enum Shortcut {
    OPEN("Shortcut+O"), SAVE("Shortcut+S"), SAVE_AS("Shortcut+Shift+S"), EXPORT("Shortcut+E"),
    UNDO("Shortcut+Z"), REDO("Shortcut+Shift+Z"), FENCE("Shortcut+F"), BEFORE_AFTER("Shortcut+B"),
    SETTLE("Shortcut+Enter"), THEME("Shortcut+L"), SHORTCUTS("F1"),
    PEEK("", "B"), NEXT_NOTE("", "← →"), FIRST_LAST("", "Home  End"), SCROLL("", "↑ ↓"), ZOOM("", "+  −  0"),
    LEAVE("", "X"), CLEAR("", "Esc"), PARTS("", "↑ ↓"), RENAME("", "F2"), TURN("", "← →"), OPEN_STEP("", "Enter");

    private final String combination;
    private final String shown;

    Shortcut(String combination) {
        this(combination, "");
    }

    Shortcut(String combination, String shown) {
        this.combination = combination;
        this.shown = shown;
    }

    boolean isGlobal() {
        return !combination.isEmpty();
    }

    KeyCombination combination() {
        return KeyCombination.valueOf(combination);
    }

    /** The keys as they are shown to a person. */
    public String keys() {
        return isGlobal() ? combination().getDisplayText() : shown;
    }

    /** What the keys do. */
    public String words() {
        return Words.say("key." + name().toLowerCase(Locale.ROOT));
    }
}
