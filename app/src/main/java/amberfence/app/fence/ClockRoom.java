package amberfence.app.fence;

import javafx.scene.layout.Region;

/** Gives the clock as much room as there is: smaller than its own size where that is less, never larger. */
final class ClockRoom extends Region {
    private static final double LEAST = 230;
    private final ClockView clock;

    ClockRoom(ClockView clock) {
        this.clock = clock;
        setMinSize(LEAST, LEAST);
        setPrefSize(clock.getPrefWidth(), clock.getPrefHeight());
        setMaxSize(clock.getPrefWidth(), clock.getPrefHeight());
        getChildren().add(clock);
    }

    @Override
    protected void layoutChildren() {
        double scale = Math.min(1, Math.min(getWidth() / clock.getPrefWidth(), getHeight() / clock.getPrefHeight()));
        clock.setScaleX(scale);
        clock.setScaleY(scale);
        clock.resizeRelocate((getWidth() - clock.getPrefWidth()) / 2, (getHeight() - clock.getPrefHeight()) / 2, clock.getPrefWidth(),
                clock.getPrefHeight());
    }
}
