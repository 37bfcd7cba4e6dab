package amberfence.app.ladder;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.notes.KeyPlan;
import amberfence.notes.KeySpan;
import amberfence.notes.TimeMap;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;

/**
 * The keys of the song along the ladder's axis of time. A click on a key opens what can be done with it, its left edge is
 * dragged to another bar; with the focus on it, Delete takes it away and Alt with Left and Right moves it by a bar.
 */
final class KeyLane extends Pane {
    static final double HEIGHT = 20;
    private static final double EDGE = 7;
    private static final double NARROWEST = 22;
    private final Session session;
    private final LadderView ladder;
    private final IntConsumer openFence;
    private KeyPlan shown;
    private int shownTo;
    /** The plan while an edge is dragged. */
    private Optional<KeyPlan> dragged = Optional.empty();
    private double pressedAt = -1;

    /** @param openFence opens the fence page at a key */
    KeyLane(Session session, LadderView ladder, IntConsumer openFence) {
        this.session = session;
        this.ladder = ladder;
        this.openFence = openFence;
        setId("key-lane");
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        // Placed at once: laying out the window on every frame of scrolling would be slow.
        ladder.view().addListener((property, old, now) -> layoutChildren());
        session.results().addListener((property, old, now) -> follow());
        addEventFilter(MouseEvent.MOUSE_PRESSED, event -> pressedAt = sceneToLocal(event.getSceneX(), 0).getX());
        rebuild();
    }

    private KeyPlan plan() {
        return dragged.orElse(session.results().get().song().fence().keys());
    }

    private TimeMap time() {
        return session.results().get().song().time();
    }

    private int lastBar() {
        return session.results().get().song().lastBar();
    }

    /** Most edits leave the keys as they are. */
    private void follow() {
        if (plan().equals(shown) && lastBar() == shownTo) {
            layoutChildren();
        } else {
            rebuild();
        }
    }

    private void rebuild() {
        shown = plan();
        shownTo = lastBar();
        getChildren().clear();
        for (int i = 0; i < plan().spans().size(); i++) {
            getChildren().add(span(i));
        }
        for (int i = 1; i < plan().spans().size(); i++) {
            getChildren().add(edge(i));
        }
        requestLayout();
    }

    private Button span(int index) {
        KeySpan span = plan().spans().get(index);
        Button button = Controls.button("key-span-" + index, null, null);
        button.getStyleClass().setAll("key-span");
        button.setText(span.key().text());
        button.setMinWidth(0);
        button.setOnAction(event -> Controls.openMenu(button, items(index)));
        int last = plan().lastBar(index, lastBar());
        Controls.tip(button, Words.say("keys.tip", span.key().text(), Words.bars(span.fromBar(), last)));
        button.setAccessibleText(span.key().text() + ", " + Words.bars(span.fromBar(), last));
        button.setOnKeyPressed(event -> {
            boolean moves = event.isAltDown() && (event.getCode() == KeyCode.LEFT || event.getCode() == KeyCode.RIGHT);
            if (event.getCode() == KeyCode.DELETE && index > 0) {
                remove(index);
                event.consume();
            } else if (moves && index > 0) {
                move(index, span.fromBar() + (event.getCode() == KeyCode.LEFT ? -1 : 1));
                event.consume();
            }
        });
        return button;
    }

    private Region edge(int index) {
        Region edge = new Region();
        edge.setId("key-edge-" + index);
        edge.getStyleClass().add("key-edge");
        edge.setCursor(Cursor.H_RESIZE);
        edge.setOnMouseDragged(event -> {
            double x = sceneToLocal(event.getSceneX(), 0).getX();
            dragged = Optional.of(session.results().get().song().fence().keys().moved(index, barNear(x)));
            requestLayout();
        });
        edge.setOnMouseReleased(event -> dragged.ifPresent(moved -> {
            dragged = Optional.empty();
            edit(Words.say("keys.moved", moved.spans().get(index).key().text(), moved.spans().get(index).fromBar()), moved);
            requestLayout();
        }));
        return edge;
    }

    /** The bar whose beginning is nearest to a place. */
    private int barNear(double x) {
        long tick = Math.round(Math.max(0, ladder.viewport().tick(x)));
        int bar = time().barOf(tick);
        return tick - time().barStart(bar) <= time().barStart(bar + 1) - tick ? bar : bar + 1;
    }

    private List<MenuItem> items(int index) {
        KeySpan span = plan().spans().get(index);
        int bar = newKeyBar(index);
        MenuItem change = Controls.menuItem("keys-change", Words.say("keys.change", span.key().text()), () -> openFence.accept(index));
        MenuItem split = Controls.menuItem("keys-new", Words.say("keys.new", bar), () -> {
            edit(Words.say("keys.newDone", bar), plan().plus(bar, span.key()));
            openFence.accept(plan().indexAt(bar));
        });
        MenuItem remove = Controls.menuItem("keys-remove", index == 0 ? Words.say("keys.firstStays")
                : Words.say("keys.remove", span.key().text(), plan().spans().get(index - 1).key().text()), () -> remove(index));
        remove.setDisable(index == 0);
        return List.of(change, split, remove);
    }

    /** Where another key would begin: the bar that was clicked, else that of the playhead, else the one after the first. */
    private int newKeyBar(int index) {
        int from = plan().spans().get(index).fromBar();
        int clicked = pressedAt < 0 ? 0 : time().barOf(Math.round(Math.max(0, ladder.viewport().tick(pressedAt))));
        int playhead = time().barOf(session.transport().playhead().get());
        return clicked > from ? clicked : playhead > from && plan().indexAt(playhead) == index ? playhead : from + 1;
    }

    private void remove(int index) {
        edit(Words.say("keys.removed", plan().spans().get(index).key().text()), plan().minus(index));
    }

    private void move(int index, int bar) {
        KeyPlan moved = plan().moved(index, bar);
        edit(Words.say("keys.moved", moved.spans().get(index).key().text(), moved.spans().get(index).fromBar()), moved);
        lookup("#key-span-" + index).requestFocus();
    }

    private void edit(String name, KeyPlan plan) {
        session.edit(name, song -> song.withFence(song.fence().withKeys(plan)));
    }

    @Override
    protected void layoutChildren() {
        Viewport view = ladder.viewport();
        if (view == null) {
            return;
        }
        List<KeySpan> spans = plan().spans();
        if (getChildren().size() != 2 * spans.size() - 1) {
            // The ladder heard of the new song first.
            rebuild();
        }
        for (int i = 0; i < spans.size(); i++) {
            double from = Math.max(0, view.x(time().barStart(spans.get(i).fromBar())));
            double to = i + 1 < spans.size() ? Math.min(view.width(), view.x(time().barStart(spans.get(i + 1).fromBar())))
                    : view.width();
            Node button = getChildren().get(i);
            button.setVisible(to - from > NARROWEST);
            button.resizeRelocate(from + 1, 1, Math.max(0, to - from - 2), HEIGHT - 3);
        }
        for (int i = 1; i < spans.size(); i++) {
            double x = view.x(time().barStart(spans.get(i).fromBar()));
            Node edge = getChildren().get(spans.size() + i - 1);
            edge.setVisible(x >= 0 && x <= view.width());
            edge.resizeRelocate(x - EDGE / 2, 0, EDGE, HEIGHT - 1);
        }
    }
}
