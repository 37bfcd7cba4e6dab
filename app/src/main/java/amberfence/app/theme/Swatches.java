package amberfence.app.theme;

import java.util.EnumMap;
import java.util.Map;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;

/**
 * Brings the colours of the theme to what is drawn on a canvas, which no stylesheet reaches: an invisible region takes them from
 * the stylesheet, one fill for each role, and tells when they change.
 */
public final class Swatches extends Region {
    /** The roles, in the order of the fills; the stylesheet names them in lower case with hyphens, as in {@code -ink-soft}. */
    public enum Role {
        INK, INK_SOFT, PAPER, CARD, RULE, AMBER, AMBER_DEEP, AMBER_SOFT, WASH, OUTSIDE, ALARM, GOOD, RUNG, GAP, ROW,
        IVORY, EBONY
    }

    /** Asked for with every note that is drawn, so they are kept. */
    private final Map<Role, Color> colors = new EnumMap<>(Role.class);

    /** @param changed called when the theme changes: it asks for a layout, and paints there */
    public Swatches(Runnable changed) {
        setManaged(false);
        setVisible(false);
        getStyleClass().setAll("swatches");
        backgroundProperty().addListener((property, old, now) -> {
            colors.clear();
            for (int i = 0; now != null && i < now.getFills().size(); i++) {
                colors.put(Role.values()[i], (Color) now.getFills().get(i).getFill());
            }
            changed.run();
        });
    }

    /** The colour of a role in the theme of now; transparent before it has one. */
    public Color color(Role role) {
        return colors.getOrDefault(role, Color.TRANSPARENT);
    }
}
