package amberfence.app.overview;

import amberfence.app.overview.OverviewModel.Row;
import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Swatches.Role;
import amberfence.app.theme.Swatches;
import amberfence.app.words.Words;
import amberfence.notes.TimeMap;
import amberfence.reading.ChordStanding.Bar;
import java.util.function.LongConsumer;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;

/**
 * A row for each part, a column for each bar of the whole song: how much of it is of the chord, of the scale, or outside,
 * and a mark where something clashes. A click goes there; arrow keys and Enter do too.
 */
public final class OverviewStrip extends Region {
    private static final double ROW = 16;
    private static final double LABELS = 84;
    private static final double RULER = 5;
    private static final double HATCH = 3;

    private final Session session;
    private final LongConsumer goTo;
    private final Swatches swatches = new Swatches(this::requestLayout);
    private final Canvas canvas = new Canvas();
    private final Label hover = Controls.label("", "tooltip");
    private OverviewModel model = OverviewModel.EMPTY;
    private int row;
    private int bar;

    /** @param goTo shows a tick in the ladder */
    public OverviewStrip(Session session, LongConsumer goTo) {
        this.session = session;
        this.goTo = goTo;
        setId("overview");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.NODE);
        hover.setId("overview-hover");
        hover.setVisible(false);
        hover.setMouseTransparent(true);
        getChildren().addAll(swatches, canvas, hover);
        session.frames().follow(this::update, session.results());
        session.timeAxis().addListener((property, old, now) -> paint());
        session.selection().part().addListener((property, old, now) -> paint());
        visibleProperty().addListener((property, old, now) -> update());
        focusedProperty().addListener((property, old, now) -> paint());
        setOnMouseMoved(this::hoverAt);
        setOnMouseExited(event -> hover.setVisible(false));
        setOnMousePressed(event -> {
            // Else the scrolling area around it would take the focus.
            event.consume();
            requestFocus();
            point(event);
            open();
        });
        setOnKeyPressed(this::keyed);
        update();
    }

    /** Only what is seen is worked out. */
    private void update() {
        if (!isVisible()) {
            session.computations().stop(this);
            show(OverviewModel.EMPTY);
            return;
        }
        Results results = session.results().get();
        session.computations().ask(this, results.song().parts().stream().mapToInt(part -> part.line().size()).sum(),
                () -> OverviewModel.of(results), this::show);
    }

    private void show(OverviewModel fresh) {
        model = fresh;
        row = Math.max(0, Math.min(row, model.rows().size() - 1));
        bar = Math.min(bar, Math.max(0, model.bars() - 1));
        double height = RULER + ROW * Math.max(1, model.rows().size());
        setMinHeight(height);
        setPrefHeight(height);
        say();
        requestLayout();
    }

    private double column() {
        return Math.max(0.01, (getWidth() - LABELS) / model.bars());
    }

    private void point(MouseEvent event) {
        row = (int) Math.max(0, Math.min(model.rows().size() - 1, (event.getY() - RULER) / ROW));
        bar = (int) Math.max(0, Math.min(model.bars() - 1, (event.getX() - LABELS) / column()));
        say();
    }

    private void open() {
        if (model.rows().isEmpty()) {
            return;
        }
        session.selection().selectPart(model.rows().get(row).part());
        long tick = session.results().get().song().time().barStart(model.firstBar(bar));
        session.transport().moveTo(tick);
        goTo.accept(tick);
    }

    private void keyed(KeyEvent event) {
        switch (event.getCode()) {
            case UP -> row = Math.max(0, row - 1);
            case DOWN -> row = Math.min(model.rows().size() - 1, row + 1);
            case LEFT -> bar = Math.max(0, bar - 1);
            case RIGHT -> bar = Math.min(model.bars() - 1, bar + 1);
            case ENTER, SPACE -> open();
            default -> {
                return;
            }
        }
        event.consume();
        say();
        paint();
    }

    private void say() {
        setAccessibleText(model.rows().isEmpty() ? Words.say("overview.nothing") : words());
    }

    private String words() {
        Row part = model.rows().get(row);
        Bar here = part.bars().get(bar);
        return here.notes() == 0 ? Words.say("overview.silent", part.name(), model.firstBar(bar))
                : Words.say("overview.bar", part.name(), model.firstBar(bar), here.chord(), here.scale(), here.outside(), here.clashes());
    }

    private void hoverAt(MouseEvent event) {
        if (model.rows().isEmpty()) {
            return;
        }
        point(event);
        hover.setText(words());
        hover.autosize();
        hover.relocate(Math.max(0, Math.min(getWidth() - hover.getWidth(), event.getX() + 10)), -hover.getHeight() - 2);
        hover.setVisible(true);
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        paint();
    }

    private void paint() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        g.setFont(Font.font("Ferry Sans", 10));
        for (int i = 0; i < model.rows().size(); i++) {
            Row part = model.rows().get(i);
            double y = RULER + ROW * i;
            boolean chosen = Integer.valueOf(part.part()).equals(session.selection().part().get());
            g.setFill(swatches.color(chosen ? Role.AMBER_DEEP : Role.INK_SOFT));
            g.fillText(part.name(), 0, y + ROW - 3, LABELS - 8);
            for (int at = 0; at < part.bars().size(); at++) {
                paint(g, part.bars().get(at), LABELS + column() * at, y);
            }
        }
        paintView(g);
        if (isFocused() && !model.rows().isEmpty()) {
            g.setStroke(swatches.color(Role.AMBER_DEEP));
            g.strokeRect(LABELS + column() * bar + 0.5, RULER + ROW * row + 0.5, Math.max(3, column() - 1), ROW - 2);
        }
    }

    /** The shares stand on each other: of the chord at the bottom, outside on top. */
    private void paint(GraphicsContext g, Bar here, double x, double y) {
        double wide = Math.max(1, column() - 1);
        g.setFill(swatches.color(Role.ROW));
        g.fillRect(x, y, wide, ROW - 2);
        if (here.notes() == 0) {
            return;
        }
        double chord = (ROW - 2) * here.chord() / here.notes();
        double scale = (ROW - 2) * here.scale() / here.notes();
        double outside = here.outside() == 0 ? 0 : Math.max(3, ROW - 2 - chord - scale);
        g.setFill(swatches.color(Role.WASH));
        g.fillRect(x, y + ROW - 2 - chord, wide, chord);
        g.setFill(swatches.color(Role.AMBER));
        g.fillRect(x, y + ROW - 2 - chord - scale, wide, scale);
        if (outside > 0) {
            g.setFill(swatches.color(Role.CARD));
            g.fillRect(x, y, wide, outside);
            g.setStroke(swatches.color(Role.OUTSIDE));
            for (double at = x; at < x + wide; at += HATCH) {
                g.strokeLine(at, y + outside, Math.min(x + wide, at + outside), y);
            }
            g.strokeRect(x + 0.5, y + 0.5, Math.max(1, wide - 1), outside);
        }
        if (here.clashes() > 0) {
            g.setFill(swatches.color(Role.ALARM));
            g.fillPolygon(new double[] {x + wide - 6, x + wide, x + wide}, new double[] {y, y, y + 6}, 3);
        }
    }

    /** Which bars the ladder shows. */
    private void paintView(GraphicsContext g) {
        var axis = session.timeAxis().get();
        var time = session.results().get().song().time();
        double from = LABELS + column() * bars(axis.tick(0), time) / model.together();
        double to = LABELS + column() * Math.min(model.bars(), bars(axis.tick(axis.width()), time) / model.together());
        g.setFill(swatches.color(Role.INK_SOFT));
        g.fillRect(from, 0, Math.max(4, to - from), 2);
    }

    private static double bars(double tick, TimeMap time) {
        long whole = Math.round(Math.max(0, tick));
        int bar = time.barOf(whole);
        long start = time.barStart(bar);
        return bar - 1 + (whole - start) / (double) Math.max(1, time.barStart(bar + 1) - start);
    }
}
