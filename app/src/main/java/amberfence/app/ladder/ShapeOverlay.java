package amberfence.app.ladder;

import amberfence.app.hands.ShapeHand;
import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.app.theme.Swatches.Role;
import amberfence.app.theme.Swatches;
import amberfence.app.words.Words;
import amberfence.edit.LaidShapes;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.step.shape.LaidShape;
import amberfence.step.shape.ShapePoints;
import amberfence.step.shape.ShapedOverTime;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/**
 * The shape of the open step laid over the notes in time: velocities over their stems, a bend of time over the bars. Its points are
 * dragged there; whatever else is pressed is for what lies below.
 */
final class ShapeOverlay extends Region {
    private static final double EDGE = 8;
    private final Session session;
    private final LadderView ladder;
    private final boolean velocities;
    private final DoubleUnaryOperator velocityY;
    private final Swatches swatches = new Swatches(this::requestLayout);
    private final Canvas canvas = new Canvas();
    private Optional<LaidShape> laid = Optional.empty();
    private Optional<ShapeHand> hand = Optional.empty();
    private Optional<ShapeHand.Frame> held = Optional.empty();

    /**
     * @param velocities whether shapes of velocities are shown, else those of time
     * @param velocityY the y of a velocity in what lies below; of no use for shapes of time
     */
    ShapeOverlay(Session session, LadderView ladder, boolean velocities, DoubleUnaryOperator velocityY) {
        this.session = session;
        this.ladder = ladder;
        this.velocities = velocities;
        this.velocityY = velocityY;
        setId(velocities ? "shape-of-velocities" : "shape-of-time");
        setMouseTransparent(true);
        setFocusTraversable(false);
        setAccessibleRole(AccessibleRole.SLIDER);
        getChildren().addAll(swatches, canvas);
        setVisible(false);
        ladder.view().addListener((property, old, now) -> requestLayout());
        session.results().addListener((property, old, now) -> ask());
        session.selection().openStep().addListener((property, old, now) -> ask());
        session.selection().part().addListener((property, old, now) -> ask());
        session.selection().shapePoint().addListener((property, old, now) -> requestLayout());
        addEventHandler(KeyEvent.KEY_PRESSED, event -> hand.ifPresent(some -> some.typed(event)));
        focusedProperty().addListener((property, old, now) -> requestLayout());
        ask();
    }

    /** Takes presses on its points, and drags of them, from what it lies over. */
    void listenOn(Node below) {
        below.addEventFilter(MouseEvent.MOUSE_PRESSED, event -> {
            held = frameAt(event);
            held.ifPresent(frame -> {
                requestFocus();
                hand.orElseThrow().press(frame, event.getX(), event.getY());
                event.consume();
            });
        });
        below.addEventFilter(MouseEvent.MOUSE_DRAGGED, event -> held.ifPresent(frame -> {
            hand.orElseThrow().drag(frame, event.getX(), event.getY());
            event.consume();
        }));
        below.addEventFilter(MouseEvent.MOUSE_RELEASED, event -> held.ifPresent(frame -> {
            held = Optional.empty();
            hand.orElseThrow().release();
            event.consume();
        }));
    }

    private Optional<ShapeHand.Frame> frameAt(MouseEvent event) {
        if (hand.isEmpty() || !isVisible()) {
            return Optional.empty();
        }
        for (LaidShape.Stretch stretch : stretches()) {
            ShapeHand.Frame frame = new Over(stretch);
            double x = event.getX();
            boolean onLine = x >= frame.x(0) && x <= frame.x(100) && Math.abs(frame.y(hand.get().points().at(stretch.place(tick(x)))) - event.getY()) <= ShapeHand.NEAR / 2;
            if (hand.get().isOver(frame, x, event.getY()) || onLine) {
                return Optional.of(frame);
            }
        }
        return Optional.empty();
    }

    private double tick(double x) {
        return ladder.viewport().tick(x);
    }

    private List<LaidShape.Stretch> stretches() {
        Viewport view = ladder.viewport();
        return view == null ? List.of() : laid.map(shape -> shape.stretches(session.results().get().song().time(), (long) view.firstTick(), (long) Math.ceil(view.lastTick())))
                .orElse(List.of());
    }

    /** Asks for the shape of the open step, where it has one. */
    private void ask() {
        Results results = session.results().get();
        Long open = session.selection().openStep().get();
        Optional<Part> part = session.part().flatMap(chosen -> results.song().find(chosen.id()));
        Optional<PartResult.Stage> stage = open == null ? Optional.empty() : part.flatMap(some -> results.part(some.id()).stage(open));
        if (stage.isEmpty() || !(stage.get().slot().step() instanceof ShapedOverTime)) {
            lay(Optional.empty());
            return;
        }
        session.computations().ask(this, stage.get().in().size(), () -> LaidShapes.of(results.song(), part.get(), stage.get())
                .filter(shape -> shape.velocities() == velocities), this::lay);
    }

    private void lay(Optional<LaidShape> shape) {
        laid = shape;
        setVisible(shape.isPresent());
        setFocusTraversable(shape.isPresent());
        if (held.isEmpty()) {
            hand = shape.map(some -> new ShapeHand(session.selection(), some.lowest(), some.highest(), some.points(), this::take, this::requestLayout));
        }
        setAccessibleText(shape.map(some -> Words.say("form.shapeOver", some.points().text())).orElse(""));
        requestLayout();
    }

    private void take(ShapePoints points) {
        Long open = session.selection().openStep().get();
        if (open == null || laid.isEmpty() || points.equals(laid.get().points())) {
            return;
        }
        try {
            session.editStep(Words.say("edit.setting", Words.say("form.shape"), points.text()), open,
                    slot -> slot.step() instanceof ShapedOverTime step ? slot.withStep(step.withShape(points)) : slot);
        } catch (IllegalArgumentException e) {
            session.say(e.getMessage());
            hand.ifPresent(some -> some.show(laid.get().points()));
        }
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        GraphicsContext to = canvas.getGraphicsContext2D();
        to.clearRect(0, 0, getWidth(), getHeight());
        if (hand.isEmpty() || !isVisible()) {
            return;
        }
        to.setLineWidth(isFocused() ? 2.5 : 1.5);
        for (LaidShape.Stretch stretch : stretches()) {
            Over over = new Over(stretch);
            to.setStroke(swatches.color(Role.RULE));
            to.strokeLine(over.x(0), 0, over.x(0), getHeight());
            to.strokeLine(over.x(100), 0, over.x(100), getHeight());
            hand.get().paint(to, over, swatches::color);
        }
    }

    /** One stretch on the axis of time that the ladder shows. */
    private final class Over implements ShapeHand.Frame {
        private final LaidShape.Stretch stretch;
        private final double lowest = laid.map(LaidShape::lowest).orElse(0.0);
        private final double highest = laid.map(LaidShape::highest).orElse(1.0);

        Over(LaidShape.Stretch stretch) {
            this.stretch = stretch;
        }

        @Override
        public double x(double place) {
            return ladder.viewport().x(stretch.tick(place));
        }

        @Override
        public double y(double value) {
            return velocities ? velocityY.applyAsDouble(value) : getHeight() - EDGE - (getHeight() - 2 * EDGE) * (value - lowest) / (highest - lowest);
        }

        @Override
        public double place(double x) {
            return Math.rint(Math.max(0, Math.min(100, stretch.place(tick(x)))));
        }

        @Override
        public double value(double y) {
            double top = y(highest);
            double value = highest - (y - top) * (highest - lowest) / (y(lowest) - top);
            return Math.rint(Math.max(lowest, Math.min(highest, value)));
        }
    }
}
