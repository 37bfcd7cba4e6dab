package amberfence.app.theme;

import amberfence.words.Typefaces;
import java.net.URL;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import javafx.application.Application;
import javafx.application.ConditionalFeature;
import javafx.application.Platform;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.text.Font;

/** How the window looks: dark ink on paper, or light on dark under a lamp. Both name the same colour roles. */
public enum Theme {
    PAPER, LAMP;

    /** Where menus cannot be seen through, a shadow and round corners would lie on white. */
    private static final String OPAQUE = "opaque";
    private static final List<Typefaces> FONTS = List.of(Typefaces.SANS, Typefaces.SANS_BOLD, Typefaces.SERIF, Typefaces.SERIF_BOLD);

    /** Loads how controls look at all, and the fonts; needed once, before the first window. */
    public static void load() {
        loadControls();
        loadFonts();
    }

    /** Loads how controls look at all; needed before the first of them. */
    public static void loadControls() {
        Application.setUserAgentStylesheet(sheet("controls"));
    }

    /** Loads the fonts that ship with the application, on any thread; needed before anything is written in them. */
    public static void loadFonts() {
        Icons.load();
        FONTS.forEach(font -> Font.loadFont(font.file().toExternalForm(), 13));
    }

    /**
     * Puts the theme on a scene. The stylesheets stay when the theme changes: with new ones everything in the window would
     * be matched with every rule again.
     */
    public void apply(Scene scene) {
        List<String> sheets = List.of(sheet("shapes"), sheet("colours"));
        if (!scene.getStylesheets().equals(sheets)) {
            scene.getStylesheets().setAll(sheets);
        }
        apply(scene.getRoot());
    }

    /** Names the theme on what is, or will be, the root of a scene that has the stylesheets. */
    public void apply(Parent root) {
        List<String> styles = new ArrayList<>(root.getStyleClass());
        styles.removeAll(Stream.of(values()).map(Theme::style).toList());
        styles.add(style());
        styles.remove(OPAQUE);
        if (!Platform.isSupported(ConditionalFeature.TRANSPARENT_WINDOW)) {
            styles.add(OPAQUE);
        }
        root.getStyleClass().setAll(styles);
    }

    private String style() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The build turns stylesheets into binary ones, which load faster; without a build the readable ones serve. */
    private static String sheet(String name) {
        URL binary = Theme.class.getResource(name + ".bss");
        return (binary != null ? binary : Theme.class.getResource(name + ".css")).toExternalForm();
    }
}
