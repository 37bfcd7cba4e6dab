package amberfence.app;

import amberfence.app.session.Preferences;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.geometry.Dimension2D;
import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;

/**
 * Where the window is and how large, in units of the interface. It opens as it was left, but never larger than the screen, nor
 * where nobody can take hold of it.
 */
final class WindowPlace {
    static final Dimension2D USUAL = new Dimension2D(1280, 800);
    /** What 1280×800 leaves at an interface scale of 150 %. */
    private static final Dimension2D LEAST = new Dimension2D(850, 530);
    /** Along its upper edge a window is taken hold of. */
    private static final double HOLD = 24;
    private static final String KEPT = "window";
    private static final String KEPT_WHOLE = "window-whole-screen";
    private static final Pattern NUMBER = Pattern.compile("-?\\d{1,6}");

    private WindowPlace() {
    }

    /** Gives a window its place before it is shown: the size that is asked for, else as it was left, else the usual size. */
    static void take(Stage stage, Optional<Dimension2D> asked, Preferences preferences) {
        Optional<Rectangle2D> left = asked.isPresent() ? Optional.empty() : left(preferences.text(KEPT, ""));
        Rectangle2D room = left.flatMap(WindowPlace::screen).orElse(Screen.getPrimary()).getVisualBounds();
        Dimension2D size = left.map(place -> new Dimension2D(place.getWidth(), place.getHeight())).or(() -> asked).orElse(USUAL);
        stage.setMinWidth(Math.min(LEAST.getWidth(), room.getWidth()));
        stage.setMinHeight(Math.min(LEAST.getHeight(), room.getHeight()));
        stage.setWidth(Math.min(size.getWidth(), room.getWidth()));
        stage.setHeight(Math.min(size.getHeight(), room.getHeight()));
        left.ifPresent(place -> {
            stage.setX(within(place.getMinX(), room.getMinX(), room.getMaxX() - stage.getWidth()));
            stage.setY(within(place.getMinY(), room.getMinY(), room.getMaxY() - stage.getHeight()));
        });
        stage.setMaximized(asked.isEmpty() && preferences.isOn(KEPT_WHOLE, false));
    }

    /**
     * Keeps the place in which the window is when it closes. Of one that fills the screen the place before stays kept; a size that is
     * asked for is meant for this run alone.
     */
    static void keep(Stage stage, Optional<Dimension2D> asked, Preferences preferences) {
        if (asked.isPresent()) {
            return;
        }
        stage.setOnHiding(event -> {
            preferences.keep(KEPT_WHOLE, stage.isMaximized());
            if (!stage.isMaximized() && !stage.isIconified()) {
                preferences.keep(KEPT, String.format(Locale.ROOT, "%.0f %.0f %.0f %.0f", stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight()));
            }
        });
    }

    /** The place that was kept, where it can be seen on the screens that there are now. */
    private static Optional<Rectangle2D> left(String kept) {
        List<Double> numbers = Stream.of(kept.split(" ")).filter(word -> NUMBER.matcher(word).matches()).map(Double::valueOf).toList();
        if (numbers.size() != 4 || numbers.get(2) < LEAST.getWidth() || numbers.get(3) < LEAST.getHeight()) {
            return Optional.empty();
        }
        Rectangle2D place = new Rectangle2D(numbers.get(0), numbers.get(1), numbers.get(2), numbers.get(3));
        return screen(place).map(screen -> place);
    }

    /** A screen on which there is something of a window's upper edge. */
    private static Optional<Screen> screen(Rectangle2D place) {
        return Screen.getScreensForRectangle(place.getMinX() + HOLD, place.getMinY(), place.getWidth() - 2 * HOLD, HOLD).stream().findFirst();
    }

    private static double within(double wanted, double least, double most) {
        return Math.max(least, Math.min(most, wanted));
    }
}
