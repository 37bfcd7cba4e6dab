package amberfence.app.theme;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import javafx.scene.layout.Background;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;

/**
 * Brings the colours of the theme to what is drawn on a canvas, which no stylesheet reaches: an invisible region for each
 * role takes its colour from the stylesheet, and tells when it changes.
 */
public final class Swatches extends Pane {
    /** The roles; the stylesheet names them in lower case with hyphens, as in {@code -ink-soft}. */
    public enum Role {
        INK, INK_SOFT, PAPER, CARD, RULE, AMBER, AMBER_DEEP, AMBER_SOFT, WASH, OUTSIDE, ALARM, GOOD, RUNG, GAP, ROW,
        IVORY, EBONY
    }

    /** Asked for with every note that is drawn, so they are kept. */
    private final Map<Role, Color> colors = new EnumMap<>(Role.class);

    /** @param changed called for each colour that changes, in one pass for all of them when the theme does: it asks for a layout, and paints there */
    public Swatches(Runnable changed) {
        setManaged(false);
        setVisible(false);
        for (Role role : Role.values()) {
            Region region = new Region();
            region.getStyleClass().setAll("swatch-" + role.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            region.backgroundProperty().addListener((property, old, now) -> {
                colors.put(role, color(now));
                changed.run();
            });
            getChildren().add(region);
        }
    }

    /** The colour of a role in the theme of now; transparent before it has one. */
    public Color color(Role role) {
        return colors.getOrDefault(role, Color.TRANSPARENT);
    }

    private static Color color(Background background) {
        boolean ready = background != null && !background.getFills().isEmpty()
                && background.getFills().get(0).getFill() instanceof Color;
        return ready ? (Color) background.getFills().get(0).getFill() : Color.TRANSPARENT;
    }
}
