package amberfence.app.steps;

import amberfence.app.theme.Controls;
import amberfence.app.theme.Swatches;
import amberfence.app.theme.Swatches.Role;
import amberfence.app.words.Words;
import amberfence.step.fit.Count;
import amberfence.step.fit.Figure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Consumer;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;

/**
 * A small grid on which a figure is drawn: a row for each place of the chord, the lowest at the bottom, and a column for each
 * step of time. A press puts a note or takes it away, a drag to the right makes it longer; arrow keys and the space bar do
 * the same.
 */
final class FigureGrid extends Region {
    private static final double LABELS = 52;
    private static final double ROW = 17;
    private static final int MOST_COLUMNS = 64;
    private static final int MEMBERS = 4;

    /** A row: a place of the chord in an octave. */
    private record Place(int octave, int place) {
    }

    private final Figure figure;
    private final Count count;
    private final long cell;
    private final int columns;
    private final List<Place> places;
    private final Consumer<Figure> onChange;
    private final Swatches swatches = new Swatches(this::requestLayout);
    private final Canvas canvas = new Canvas();
    private int row;
    private int column;
    private int dragFrom = -1;
    private int dragTo = -1;

    /** @param cell ticks of a column */
    FigureGrid(Figure figure, Count count, long cell, Consumer<Figure> onChange) {
        this.figure = figure;
        this.count = count;
        long wide = Math.max(1, cell);
        while (figure.length() > wide * MOST_COLUMNS) {
            wide *= 2;
        }
        this.cell = wide;
        this.columns = (int) Math.max(1, (figure.length() + this.cell - 1) / this.cell);
        this.places = places(figure);
        this.onChange = onChange;
        setId("figure-grid");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.NODE);
        setMinHeight(ROW * places.size());
        setPrefHeight(ROW * places.size());
        getChildren().addAll(swatches, canvas);
        Controls.tip(this, Words.say("form.gridTip"));
        setOnMousePressed(this::pressed);
        setOnMouseDragged(event -> {
            dragTo = Math.max(dragFrom, columnAt(event.getX()));
            paint();
        });
        setOnMouseReleased(event -> released());
        setOnKeyPressed(this::keyed);
        focusedProperty().addListener((property, old, now) -> {
            standWhereItWas();
            paint();
        });
        say();
    }

    /** The place of the keys outlasts the grid, which is made anew with every change. */
    private record Cursor(int row, int column) {
    }

    private void standWhereItWas() {
        if (getUserData() instanceof Cursor cursor) {
            row = Math.min(cursor.row(), places.size() - 1);
            column = Math.min(cursor.column(), columns - 1);
            say();
        }
    }

    /** An octave and a half of members, and whatever else the figure uses; from low to high. */
    private static List<Place> places(Figure figure) {
        TreeSet<Place> all = new TreeSet<>(Comparator.comparingInt(Place::octave).thenComparingInt(Place::place));
        int octave = figure.notes().stream().mapToInt(Figure.Note::octave).min().orElse(0);
        for (int place = 0; place < MEMBERS; place++) {
            all.add(new Place(octave, place));
        }
        for (int place = 0; place < MEMBERS - 1; place++) {
            all.add(new Place(octave + 1, place));
        }
        figure.notes().forEach(note -> all.add(new Place(note.octave(), note.place())));
        return List.copyOf(all);
    }

    private String name(Place place) {
        String name = Words.say((count == Count.MEMBER ? "member." : "position.") + Math.min(place.place(), 6));
        return place.octave() == 0 ? name : name + " " + (place.octave() > 0 ? "+" : "−") + Math.abs(place.octave());
    }

    private double width() {
        return Math.max(1, getWidth() - LABELS) / columns;
    }

    private int columnAt(double x) {
        return (int) Math.max(0, Math.min(columns - 1, (x - LABELS) / width()));
    }

    private Optional<Figure.Note> noteAt(Place place, int at) {
        return figure.notes().stream().filter(note -> note.octave() == place.octave() && note.place() == place.place()
                && note.start() < (at + 1) * cell && note.start() + note.length() > at * cell).findFirst();
    }

    private void pressed(MouseEvent event) {
        requestFocus();
        // What scrolls around it would take the focus otherwise.
        event.consume();
        row = (int) Math.max(0, Math.min(places.size() - 1, places.size() - 1 - Math.floor(event.getY() / ROW)));
        column = columnAt(event.getX());
        dragFrom = column;
        dragTo = column;
        paint();
    }

    private void released() {
        int from = dragFrom;
        int to = dragTo;
        dragFrom = -1;
        if (from >= 0) {
            put(from, to);
        }
    }

    /** Puts a note on the chosen row, or takes away the one that is there. */
    private void put(int from, int to) {
        setUserData(new Cursor(row, from));
        Place place = places.get(row);
        List<Figure.Note> notes = new ArrayList<>(figure.notes());
        Optional<Figure.Note> there = noteAt(place, from);
        if (there.isPresent() && from == to) {
            notes.remove(there.get());
        } else {
            there.ifPresent(notes::remove);
            long start = there.map(Figure.Note::start).orElse(from * cell);
            notes.add(Figure.Note.of(start, Math.max(1, Math.min(figure.length(), (to + 1) * cell) - start), place.place(),
                    place.octave()));
        }
        onChange.accept(figure.withNotes(notes));
    }

    private void keyed(KeyEvent event) {
        switch (event.getCode()) {
            case UP -> row = Math.min(places.size() - 1, row + 1);
            case DOWN -> row = Math.max(0, row - 1);
            case LEFT -> column = Math.max(0, column - 1);
            case RIGHT -> column = Math.min(columns - 1, column + 1);
            case SPACE, ENTER -> put(column, column);
            default -> {
                return;
            }
        }
        event.consume();
        say();
        paint();
    }

    private void say() {
        Place place = places.get(row);
        setAccessibleText(Words.say(noteAt(place, column).isPresent() ? "form.gridOn" : "form.gridOff", name(place), column + 1));
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
        g.setFont(Font.font("Ferry Serif", 11.5));
        for (int i = 0; i < places.size(); i++) {
            double y = ROW * (places.size() - 1 - i);
            g.setFill(swatches.color(places.get(i).place() == 0 ? Role.WASH : Role.CARD));
            g.fillRect(LABELS, y + 1, width() * columns, ROW - 2);
            g.setFill(swatches.color(Role.INK_SOFT));
            g.fillText(name(places.get(i)), 0, y + ROW - 5);
        }
        g.setStroke(swatches.color(Role.RULE));
        for (int i = 0; i <= columns; i++) {
            double x = Math.round(LABELS + width() * i) + 0.5;
            g.strokeLine(x, 0, x, ROW * places.size());
        }
        figure.notes().forEach(note -> paint(g, note));
        if (dragFrom >= 0) {
            g.setFill(swatches.color(Role.AMBER_SOFT));
            g.fillRoundRect(LABELS + width() * dragFrom + 1, ROW * (places.size() - 1 - row) + 2,
                    width() * (dragTo - dragFrom + 1) - 2, ROW - 4, 5, 5);
        }
        if (isFocused()) {
            g.setStroke(swatches.color(Role.AMBER_DEEP));
            g.setLineWidth(1.5);
            g.strokeRect(LABELS + width() * column + 1, ROW * (places.size() - 1 - row) + 1, width() - 1, ROW - 2);
            g.setLineWidth(1);
        }
    }

    private void paint(GraphicsContext g, Figure.Note note) {
        double y = ROW * (places.size() - 1 - places.indexOf(new Place(note.octave(), note.place())));
        double x = LABELS + width() * note.start() / cell;
        double wide = Math.max(3, width() * note.length() / cell - 2);
        boolean plain = note.steps() == 0 && note.alteration() == 0;
        g.setFill(swatches.color(plain ? Role.AMBER : Role.AMBER_SOFT));
        g.fillRoundRect(x + 1, y + 2, Math.min(wide, LABELS + width() * columns - x - 1), ROW - 4, 5, 5);
        if (!plain) {
            g.setFill(swatches.color(Role.INK));
            int beside = note.steps() != 0 ? note.steps() : note.alteration();
            g.fillText((beside > 0 ? "+" : "−") + Math.abs(beside), x + 2, y + ROW - 5);
        }
    }
}
