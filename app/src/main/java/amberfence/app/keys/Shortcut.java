package amberfence.app.keys;

import amberfence.app.words.Words;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import javafx.scene.input.KeyCombination;

/**
 * Every key, in one table: those with a combination work anywhere in the window, the others where the area named in
 * their words has the focus, and are listed here for the page of keys.
 */
public enum Shortcut {
    NEW("Shortcut+N"), OPEN("Shortcut+O"), SAVE("Shortcut+S"), SAVE_AS("Shortcut+Shift+S"), EXPORT("Shortcut+E"),
    UNDO("Shortcut+Z"), REDO("Shortcut+Shift+Z"), HISTORY("Shortcut+H"), FENCE("Shortcut+F"), BEFORE_AFTER("Shortcut+B"),
    SETTLE("Shortcut+Enter"), STEPS("Shortcut+T"), CHANGES("Shortcut+1"), CHORDS("Shortcut+2"), KEYS("Shortcut+3"), PICK("Shortcut+4"),
    NOTES("Shortcut+5"), VELOCITIES("Shortcut+6"),
    OVERVIEW("Shortcut+7"), THROUGH("Shortcut+8"), SELECT_ALL("Shortcut+A"), COPY("Shortcut+C"), CUT("Shortcut+X"),
    PASTE("Shortcut+V"), DUPLICATE("Shortcut+D"), PLAY("Space"), THEME("Shortcut+L"), ANOTHER("Shortcut+R"), HANDBOOK("F1"), SHORTCUTS("Shift+F1"),
    PEEK("", "B"), WITHOUT("", "Shift+B"), NEXT_NOTE("", "← →"), FIRST_LAST("", "Home  End"), DEGREE("", "↑ ↓"), SEMITONE("", "Alt+↑ ↓"),
    OCTAVE("", "Shift+↑ ↓"), NUDGE("", "Alt+← →"), TICK("", "Alt+Shift+← →"), LOUDER("", "Ctrl+↑ ↓"), DRAW("", "D"),
    CUT_GRID("", "K"), JOIN("", "J"), DELETE("", "Del"), ALLOW("", "A"), LEAVE("", "X"), NEXT_TAKE("", "T"), OUTLINE("", "O"),
    ZOOM("", "+  −  0  9"), PLAYHEAD("", "PgUp  PgDn"), CLEAR("", "Esc"), PARTS("", "↑ ↓"), RENAME("", "F2"), TURN("", "← →"),
    KEY_LANE("", "Alt+← →"), OPEN_STEP("", "Enter"), ONE_BY_ONE("", "←  →  Enter"), PLACES("", "N P  1–3  L  H"),
    PLACES_ALIKE("", "Shift+L  H"), RECIPES("", "Alt+1–9");

    private static final Set<Shortcut> FOR_NOTES = EnumSet.of(SELECT_ALL, COPY, CUT, PASTE, DUPLICATE);
    private static final Set<Shortcut> TABS = EnumSet.of(CHANGES, CHORDS, KEYS, PICK, NOTES, VELOCITIES, OVERVIEW, THROUGH);
    private static final Pattern NAMED = Pattern.compile("\\b(Ctrl|Shift|Enter|Space|Del|PgUp|PgDn|Home|End)\\b");
    private final String combination;
    private final String shown;

    Shortcut(String combination) {
        this(combination, "");
    }

    Shortcut(String combination, String shown) {
        this.combination = combination;
        this.shown = shown;
    }

    public boolean isGlobal() {
        return !combination.isEmpty();
    }

    /** Whether it is about notes, so that it must not work while text is typed. */
    public boolean isForNotes() {
        return FOR_NOTES.contains(this);
    }

    /** The tab of the drawer that it opens, if it does. */
    public Optional<String> tab() {
        return TABS.contains(this) ? Optional.of(name().toLowerCase(Locale.ROOT)) : Optional.empty();
    }

    public KeyCombination combination() {
        return KeyCombination.valueOf(combination);
    }

    /** The keys as they are shown to a person, called as on keyboards of that language. */
    public String keys() {
        return NAMED.matcher(isGlobal() ? combination().getDisplayText() : shown)
                .replaceAll(name -> Words.say("keyName." + name.group().toLowerCase(Locale.ROOT)));
    }

    /** What the keys do. */
    public String words() {
        return Words.say("key." + name().toLowerCase(Locale.ROOT));
    }
}
