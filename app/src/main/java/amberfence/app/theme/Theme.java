package amberfence.app.theme;

import java.net.URL;
import java.util.Locale;
import javafx.scene.Scene;
import javafx.scene.text.Font;

/** How the window looks: dark ink on paper, or light on dark under a lamp. Both name the same colour roles. */
public enum Theme {
    PAPER, LAMP;

    private static final String[] FONTS = {"FerrySans-Regular", "FerrySans-Bold", "FerrySerif-Regular",
        "FerrySerif-Bold"};

    /** Loads the fonts that ship with the application; needed once, before the first window. */
    public static void loadFonts() {
        for (String font : FONTS) {
            Font.loadFont(Theme.class.getResource("fonts/" + font + ".ttf").toExternalForm(), 13);
        }
    }

    /** Puts the theme on a scene. */
    public void apply(Scene scene) {
        scene.getStylesheets().setAll(sheet("shapes"), sheet(name().toLowerCase(Locale.ROOT)));
    }

    /** The build turns stylesheets into binary ones, which load faster; without a build the readable ones serve. */
    private static String sheet(String name) {
        URL binary = Theme.class.getResource(name + ".bss");
        return (binary != null ? binary : Theme.class.getResource(name + ".css")).toExternalForm();
    }
}
