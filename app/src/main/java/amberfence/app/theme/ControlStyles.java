package amberfence.app.theme;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.Control;

/**
 * The part of JavaFX's own stylesheet that the window's controls answer to. Every control is matched with every rule there is,
 * which takes time with each start, page and cell; most rules are for charts, calendars and other controls that the window
 * does not have.
 */
public final class ControlStyles {
    private static final String WHOLE = "/com/sun/javafx/scene/control/skin/modena/modena.css";
    private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/", Pattern.DOTALL);
    private static final Pattern RULE = Pattern.compile("([^{}]+)\\{([^{}]*)\\}");
    private static final Pattern STYLE_CLASS = Pattern.compile("\\.([A-Za-z][\\w-]*)");
    /** Style classes of controls and parts of controls that the window has none of. */
    private static final Set<String> UNUSED = Set.of(
            "accordion", "alert", "button-bar", "chart", "check-box-table-cell", "choice-box", "choice-dialog", "color-palette", "color-picker",
            "custom-color-dialog", "date-picker", "date-picker-popup", "dialog-pane", "html-editor", "menu-bar", "menu-button", "pagination",
            "progress-indicator", "radio-button", "slider", "spinner", "split-menu-button", "split-button", "tab-pane", "titled-pane", "tool-bar",
            "tree-cell", "tree-view", "tree-table-cell", "tree-table-row-cell", "tree-table-view", "web-view", "axis", "axis-label");
    /** The same for all whose names begin so. */
    private static final List<String> UNUSED_FAMILIES = List.of("axis-", "chart-", "date-cell", "default-color", "html-editor-", "tree-");

    private ControlStyles() {
    }

    /** As text, for the build. */
    static String text() throws IOException {
        try (InputStream in = Control.class.getResourceAsStream(WHOLE)) {
            if (in == null) {
                throw new IOException("JavaFX has its stylesheet in another place than " + WHOLE);
            }
            return needed(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    private static String needed(String whole) {
        List<String> rules = new ArrayList<>();
        Matcher rule = RULE.matcher(COMMENT.matcher(whole).replaceAll(""));
        while (rule.find()) {
            String selectors = Stream.of(rule.group(1).split(",")).map(String::strip).filter(ControlStyles::isNeeded)
                    .collect(Collectors.joining(", "));
            if (!selectors.isEmpty()) {
                rules.add(selectors + " {" + rule.group(2) + "}");
            }
        }
        return String.join("\n", rules);
    }

    private static boolean isNeeded(String selector) {
        return STYLE_CLASS.matcher(selector).results().map(found -> found.group(1)).noneMatch(ControlStyles::isUnused);
    }

    /** Whether rules for a style class were left out. */
    public static boolean isUnused(String styleClass) {
        return UNUSED.contains(styleClass) || UNUSED_FAMILIES.stream().anyMatch(styleClass::startsWith);
    }
}
