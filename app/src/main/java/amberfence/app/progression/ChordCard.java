package amberfence.app.progression;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.notes.ChordSpan;
import amberfence.theory.MusicTextException;
import amberfence.theory.PitchClass;
import amberfence.theory.Spelling;
import amberfence.theory.Voicing;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/**
 * One chord: its symbol and numeral. A press selects it, a drag moves it or, at an edge, changes its length; Enter or a
 * double click opens its symbol for typing.
 */
final class ChordCard extends StackPane {
    static final double HEIGHT = 36;
    private static final double EDGE = 6;
    /** Narrower cards show their symbol only, in smaller letters. */
    private static final double NARROW = 46;
    private static final double DECIDES = 4;
    private final Session session;
    private final ChordCommands commands;
    private final Label symbol = Controls.label("", "chord-symbol");
    private final Label roman = Controls.label("", "chord-numeral");
    private final VBox texts = new VBox(-4, symbol, roman);
    private ChordSpan span;
    private double pressedAt;
    private boolean moved;
    private int edge;
    private long ticks;

    ChordCard(Session session, ChordCommands commands, ChordSpan span, String numeral, Consumer<ChordCard> openMenu) {
        this.session = session;
        this.commands = commands;
        setId("chord-" + span.id());
        getStyleClass().addAll("card", "chord-card");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        // Its place is the time of the chord, not what its text asks for.
        setManaged(false);
        setMinWidth(0);
        symbol.setMinWidth(0);
        roman.setMinWidth(0);
        // Cut without a sign, it would be that of another chord: A of Am, VI of VII.
        symbol.setTextOverrun(OverrunStyle.ELLIPSIS);
        roman.setTextOverrun(OverrunStyle.ELLIPSIS);
        texts.setAlignment(Pos.CENTER_LEFT);
        texts.setMinWidth(0);
        setAlignment(Pos.CENTER_LEFT);
        widthProperty().addListener((property, old, now) -> {
            boolean narrow = now.doubleValue() < NARROW;
            roman.setVisible(!narrow);
            roman.setManaged(!narrow);
            Controls.style(this, "narrow", narrow);
        });
        Controls.tip(this, this::tip);
        setOnMousePressed(event -> pressed(event, openMenu));
        setOnMouseDragged(this::dragged);
        setOnMouseReleased(event -> released());
        setOnMouseClicked(event -> {
            if (event.getClickCount() == 2 && event.getButton() == MouseButton.PRIMARY) {
                type();
            }
        });
        setOnMouseMoved(event -> setCursor(edgeAt(event.getX()) == 0 ? Cursor.HAND : Cursor.H_RESIZE));
        setOnKeyPressed(this::typed);
        show(span, numeral);
    }

    ChordSpan span() {
        return span;
    }

    /**
     * Shows the chord as it is now; the card stays, as it may have the focus or just be dragged. What is being typed stays as long as
     * the chord is the same: other things than this one are worked out, and shown, in the meantime.
     */
    void show(ChordSpan now, String numeral) {
        boolean same = now.equals(span) && !getChildren().isEmpty();
        span = now;
        symbol.setText(now.chord().text());
        roman.setText(numeral);
        setAccessibleText(now.chord().text() + ", " + numeral);
        Controls.style(this, "unsure", !now.isSure());
        if (!same) {
            showTexts();
        }
        showChosen();
    }

    private void showTexts() {
        if (!getChildren().contains(texts)) {
            getChildren().setAll(texts);
        }
    }

    /** Shows whether the chord is among the selected ones. */
    void showChosen() {
        Controls.style(this, "chosen", session.selection().chords().get().contains(span.id()));
    }

    private String tip() {
        Spelling spelling = session.results().get().fence().spellingAt(span.start());
        String notes = span.sounding().pitches().stream().map(pitch -> span.chord().name(PitchClass.of(pitch), spelling).text())
                .collect(Collectors.joining(" "));
        String certain = span.corrected() ? "" : Words.say("chords.certain", Math.round(100 * span.confidence()));
        return Words.say("chords.tip", span.chord().text(), roman.getText(), notes) + certain;
    }

    private int edgeAt(double x) {
        return getWidth() < 3 * EDGE ? 0 : x < EDGE ? -1 : x > getWidth() - EDGE ? 1 : 0;
    }

    private void pressed(MouseEvent event, Consumer<ChordCard> openMenu) {
        requestFocus();
        Set<Long> selected = new HashSet<>(session.selection().chords().get());
        if (event.isShiftDown()) {
            if (!selected.add(span.id())) {
                selected.remove(span.id());
            }
        } else if (!selected.contains(span.id())) {
            selected = Set.of(span.id());
        }
        pressedAt = event.getSceneX();
        moved = false;
        ticks = 0;
        edge = edgeAt(event.getX());
        session.selection().selectChords(Set.copyOf(selected));
        if (event.getButton() == MouseButton.SECONDARY) {
            openMenu.accept(this);
        }
        event.consume();
    }

    private void dragged(MouseEvent event) {
        moved |= Math.abs(event.getSceneX() - pressedAt) > DECIDES;
        if (moved) {
            long from = edge > 0 ? span.end() : span.start();
            long wanted = from + Math.round((event.getSceneX() - pressedAt) / session.timeAxis().get().pixelsPerTick());
            ticks = event.isAltDown() ? wanted - from : session.snap().toLine(session.song().time(), from, wanted);
            double by = ticks * session.timeAxis().get().pixelsPerTick();
            setTranslateX(edge <= 0 ? by : 0);
            setOpacity(0.8);
        }
        event.consume();
    }

    private void released() {
        setTranslateX(0);
        setOpacity(1);
        if (moved && ticks != 0) {
            if (edge < 0) {
                commands.resize(span.id(), span.start() + ticks, span.end());
            } else if (edge > 0) {
                commands.resize(span.id(), span.start(), span.end() + ticks);
            } else {
                commands.shift(ticks);
            }
        }
    }

    private void typed(KeyEvent event) {
        if (event.getTarget() != this) {
            return;
        }
        boolean done = true;
        switch (event.getCode()) {
            case ENTER, F2 -> type();
            case DELETE, BACK_SPACE -> {
                session.selection().selectChords(Set.of(span.id()));
                commands.delete();
            }
            case UP -> invert(true);
            case DOWN -> invert(false);
            case LEFT -> go(-1);
            case RIGHT -> go(1);
            default -> done = false;
        }
        if (done) {
            event.consume();
        }
    }

    private void invert(boolean up) {
        if (!session.selection().chords().get().contains(span.id())) {
            session.selection().selectChords(Set.of(span.id()));
        }
        commands.voice(Words.say(up ? "voice.invertUp" : "voice.invertDown"), up ? Voicing::invertedUp : Voicing::invertedDown);
    }

    private void go(int by) {
        List<ChordSpan> spans = session.song().progression().spans();
        int to = Math.max(0, Math.min(spans.size() - 1, session.song().progression().indexOf(span.id()) + by));
        Parent strip = getParent();
        session.selection().selectChords(Set.of(spans.get(to).id()));
        Node next = strip.lookup("#chord-" + spans.get(to).id());
        if (next != null) {
            next.requestFocus();
        }
    }

    /** Opens the symbol for typing; what cannot be read is told and stays open. */
    void type() {
        TextField field = new TextField(span.chord().text());
        field.setId("chord-typing");
        field.getStyleClass().add("chord-typing");
        getChildren().setAll(field);
        field.requestFocus();
        field.selectAll();
        field.setOnAction(event -> {
            try {
                commands.replace(span.id(), commands.read(field.getText(), span.start()));
                showTexts();
                requestFocus();
            } catch (MusicTextException e) {
                session.say(e.getMessage());
                field.getStyleClass().add("wrong");
            }
        });
        field.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                showTexts();
                requestFocus();
                event.consume();
            }
        });
        field.focusedProperty().addListener((property, old, now) -> {
            if (!now) {
                showTexts();
            }
        });
    }
}
