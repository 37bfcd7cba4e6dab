package amberfence.app.progression;

import amberfence.app.session.Session;
import amberfence.app.session.TimeAxis;
import amberfence.app.theme.Controls;
import amberfence.app.theme.PlaceMenu;
import amberfence.app.words.Words;
import amberfence.notes.ChordSpan;
import amberfence.notes.Fence;
import amberfence.notes.FenceLine;
import amberfence.notes.Progression;
import amberfence.theory.Numerals;
import amberfence.theory.SmoothVoicings;
import amberfence.theory.Voicing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;

/** The strip above the ladder: heading and menus, the cards of the chords, and the voice threads. */
public final class ProgressionView extends VBox {
    private static final int NOTES_OF_A_VOICING = 200;
    private final Session session;
    private final ChordCommands commands;
    private final ChordMenus menus;
    private final ToggleButton fold = Controls.fold("progression-fold", "chords.heading");
    private boolean isLow;
    private boolean openBefore;
    private final Label motion = Controls.label("", "good", "small");
    private final Pane cards = new Pane();
    private final VoiceThreads threads;
    private final PlaceMenu context = new PlaceMenu();
    private Progression shown;
    private Fence shownFence;
    private Numerals numerals;
    private Map<ChordSpan, Voices> voices = Map.of();

    /** What a chord plays, and what it would play in close position. */
    private record Voices(Voicing sounding, Voicing close) {
        static Voices of(ChordSpan span) {
            Voicing sounding = span.sounding();
            return new Voices(sounding, span.voicing().isEmpty() ? sounding : Voicing.of(span.chord()));
        }
    }

    /** @param openPanel opens what puts chords in */
    public ProgressionView(Session session, ChordCommands commands, ChordMenus menus, Runnable openPanel) {
        super(2);
        this.session = session;
        this.commands = commands;
        this.menus = menus;
        this.threads = new VoiceThreads(session);
        setId("progression");
        motion.setId("voice-motion");
        cards.setId("chord-cards");
        cards.setMinHeight(ChordCard.HEIGHT);
        cards.setPrefHeight(ChordCard.HEIGHT);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(cards.widthProperty());
        clip.heightProperty().bind(cards.heightProperty());
        cards.setClip(clip);
        fold.setSelected(!session.song().progression().isEmpty());
        Button add = Controls.button("chords-put", "chords.addToggle", event -> openPanel.run(), "choice");
        Controls.tip(add, Words.say("chords.addTip"));
        VBox body = new VBox(0, cards, threads);
        body.visibleProperty().bind(fold.selectedProperty());
        body.managedProperty().bind(body.visibleProperty());
        HBox head = new HBox(6, fold, add, menuButton("chords-add", "chords.from", menus::add),
                menuButton("chords-voice", "chords.voice", this::voice), menuButton("chords-change", "chords.change", menus::change),
                Controls.filler(), motion);
        head.setAlignment(Pos.CENTER_LEFT);
        fold.setMinWidth(USE_PREF_SIZE);
        motion.setMinWidth(0);
        Controls.tip(motion, motion::getText);
        getChildren().addAll(head, body);
        addEventFilter(MouseEvent.MOUSE_PRESSED, event -> context.close());
        cards.setOnMousePressed(event -> {
            session.selection().selectChords(Set.of());
            session.transport().moveTo(Math.max(0, session.snap().nearest(session.song().time(),
                    Math.round(session.timeAxis().get().tick(event.getX())))));
        });
        session.frames().follow(this::rebuild, session.results());
        // The cards stay: one of them may just be pressed, dragged, or have a menu open.
        session.selection().chords().addListener((property, old, now) -> place());
        session.timeAxis().addListener((property, old, now) -> place());
        shown = progression();
        numerals = style();
        build();
        showMotion();
    }

    /** Tells whether the window is so low that the cards have no room: they fold, until somebody opens them or there is room. */
    public void squeeze(boolean low) {
        isLow = low;
        openBefore = low ? fold.isSelected() : openBefore || fold.isSelected();
        fold.setSelected(!low && openBefore);
    }

    private static Button menuButton(String id, String words, Supplier<List<MenuItem>> items) {
        Button button = Controls.button(id, words, null, "choice");
        button.setOnAction(event -> Controls.openMenu(button, items.get()));
        return button;
    }

    /** The voicings, and whether parallel fifths and octaves are shown. */
    private List<MenuItem> voice() {
        CheckMenuItem parallels = new CheckMenuItem(Words.say("chords.parallels"));
        parallels.setId("show-parallels");
        parallels.setSelected(threads.isShowingParallels());
        parallels.setOnAction(event -> threads.setShowParallels(parallels.isSelected()));
        List<MenuItem> items = new ArrayList<>(menus.voice());
        items.addAll(List.of(new SeparatorMenuItem(), parallels));
        return items;
    }

    private void rebuild() {
        Progression before = shown;
        Progression now = progression();
        shown = now;
        if (before.isEmpty() != now.isEmpty()) {
            openBefore = !now.isEmpty();
            fold.setSelected(openBefore && !isLow);
        }
        Fence fence = session.results().get().song().fence();
        // The numerals of the cards follow from the keys.
        if (before != now || !fence.equals(shownFence)) {
            Numerals style = style();
            boolean sameKeys = fence.equals(shownFence) && before.isEmpty() == now.isEmpty() && style.equals(numerals);
            numerals = style;
            shownFence = fence;
            Controls.rebuild(cards, sameKeys ? this::replace : this::build);
        }
        if (before != now) {
            showMotion();
        }
    }

    private void build() {
        cards.getChildren().clear();
        if (progression().isEmpty()) {
            Label hint = Controls.label(Words.say("chords.hint"), "soft");
            hint.relocate(0, 12);
            cards.getChildren().add(hint);
        }
        place();
    }

    /** The cards of chords that are others now show them; those of chords that are gone go too. */
    private void replace() {
        Map<Long, ChordSpan> spans = new HashMap<>();
        progression().spans().forEach(span -> spans.put(span.id(), span));
        cards.getChildren().removeIf(node -> node instanceof ChordCard card && !spans.containsKey(card.span().id()));
        for (Node node : cards.getChildren()) {
            if (node instanceof ChordCard card) {
                ChordSpan now = spans.get(card.span().id());
                if (!now.equals(card.span())) {
                    card.show(now, numeral(now));
                }
            }
        }
        place();
    }

    private String numeral(ChordSpan span) {
        return numerals.of(span.chord(), session.results().get().fence().keyAt(span.start()));
    }

    private void showMotion() {
        List<ChordSpan> spans = progression().spans();
        Map<ChordSpan, Voices> before = voices;
        int fresh = (int) spans.stream().filter(span -> !before.containsKey(span)).count();
        // Voicing a chord is as much work as looking at many notes; those of chords that stay are there already.
        session.computations().ask("motion of the voices", spans.size() + NOTES_OF_A_VOICING * fresh, () -> {
            Map<ChordSpan, Voices> now = new LinkedHashMap<>();
            spans.forEach(span -> now.put(span, Optional.ofNullable(before.get(span)).orElseGet(() -> Voices.of(span))));
            return now;
        }, this::showMotion);
    }

    private void showMotion(Map<ChordSpan, Voices> now) {
        voices = now;
        motion.setText(now.size() < 2 ? "" : Words.say("chords.motion",
                SmoothVoicings.motion(now.values().stream().map(Voices::sounding).toList()),
                SmoothVoicings.motion(now.values().stream().map(Voices::close).toList())));
    }

    private void openMenu(ChordCard card) {
        var point = card.localToScreen(10, ChordCard.HEIGHT);
        context.open(this, menus.card(card), point.getX(), point.getY());
    }

    private Numerals style() {
        FenceLine fence = session.results().get().fence();
        return Numerals.of(progression().spans(), ChordSpan::chord, span -> fence.keyAt(span.start()));
    }

    private Progression progression() {
        return session.results().get().song().progression();
    }

    /** Lays the cards along the axis of time, at once, as the ladder scrolls; only what can be seen or reached has a card. */
    private void place() {
        TimeAxis axis = session.timeAxis().get();
        Map<Long, ChordSpan> inView = inView(axis);
        Map<Long, ChordCard> there = new HashMap<>();
        cards.getChildren().removeIf(node -> {
            boolean stays = !(node instanceof ChordCard card) || inView.containsKey(card.span().id()) || card.isFocusWithin();
            if (stays && node instanceof ChordCard card) {
                there.put(card.span().id(), card);
            }
            return !stays;
        });
        for (ChordSpan span : inView.values()) {
            if (!there.containsKey(span.id())) {
                ChordCard card = new ChordCard(session, commands, span, numeral(span), this::openMenu);
                there.put(span.id(), card);
                cards.getChildren().add(card);
            }
        }
        for (ChordCard card : there.values()) {
            card.showChosen();
            double from = axis.x(card.span().start());
            double to = axis.x(card.span().end());
            card.setVisible(to > 0 && from < axis.width());
            card.resizeRelocate(from + 1, 0, Math.max(3, to - from - 2), ChordCard.HEIGHT);
        }
        threads.paint();
    }

    /** The chords in view, and the selected one with its neighbours, to which the arrow keys go. */
    private Map<Long, ChordSpan> inView(TimeAxis axis) {
        List<ChordSpan> spans = progression().spans();
        Map<Long, ChordSpan> inView = new LinkedHashMap<>();
        for (int i = Math.max(0, progression().indexAt(Math.round(axis.tick(0)))); i < spans.size()
                && axis.x(spans.get(i).start()) < axis.width(); i++) {
            inView.put(spans.get(i).id(), spans.get(i));
        }
        if (session.selection().chords().get().size() == 1) {
            int selected = progression().indexOf(session.selection().chords().get().iterator().next());
            if (selected >= 0) {
                spans.subList(Math.max(0, selected - 1), Math.min(spans.size(), selected + 2))
                        .forEach(span -> inView.put(span.id(), span));
            }
        }
        return inView;
    }
}
