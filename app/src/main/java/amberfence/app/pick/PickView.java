package amberfence.app.pick;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Named;
import amberfence.app.words.PickNames;
import amberfence.app.words.Words;
import amberfence.step.pick.Pick;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Puts a pick together, row by row or as text; the ladder shows at once what it finds. */
public final class PickView extends VBox {
    private static final double SIDE = 268;
    private final Session session;
    private final NoteCommands commands;
    private final Runnable ladder;
    private final Label count = Controls.label("", "small", "strong");
    private final Label trouble = Controls.paragraph("", "small", "alarm");
    private final VBox rows = new VBox(6);
    private final TextField text = new TextField();
    private final ToggleButton turned = new ToggleButton(Words.say("pick.turn"));
    /** What is picked while this is seen. */
    private Optional<Pick.Rule> last = Optional.empty();

    public PickView(Session session, NoteCommands commands, Runnable ladder) {
        super(7);
        this.ladder = ladder;
        this.session = session;
        this.commands = commands;
        setId("pick");
        count.setId("pick-count");
        trouble.setId("pick-trouble");
        text.setId("pick-text");
        Named.own(text, Words.say("named.pick-text"));
        text.setOnAction(event -> readText());
        Controls.tip(text, Words.say("pick.textTip"));
        turned.setId("pick-turn");
        turned.getStyleClass().add("chip-toggle");
        turned.setMinWidth(USE_PREF_SIZE);
        turned.setOnAction(event -> set(current(), turned.isSelected()));
        VBox side = new VBox(6, text, trouble, buttons());
        side.setMinWidth(SIDE);
        HBox.setHgrow(rows, Priority.ALWAYS);
        getChildren().add(new HBox(14, rows, side));
        setVisible(false);
        visibleProperty().addListener((property, old, now) -> shown(now));
        session.pick().rule().addListener((property, old, now) -> show());
        session.pick().notes().addListener((property, old, now) -> showCount());
        session.results().addListener((property, old, now) -> showCount());
        show();
    }

    /** In two lines, so that the count has the room where it is narrow. */
    private VBox buttons() {
        Button more = Controls.button("pick-more", "pick.more", event -> {
            List<PickRow> changed = new ArrayList<>(current());
            changed.add(PickRow.of(PickKind.OFF_BEAT));
            set(changed, turned.isSelected());
        });
        Button select = Controls.button("pick-select", "pick.select", event -> {
            commands.selection().byPick();
            ladder.run();
        }, "ink");
        HBox rule = new HBox(6, more, turned);
        rule.setAlignment(Pos.CENTER_LEFT);
        HBox found = new HBox(6, select, count);
        found.setAlignment(Pos.CENTER_LEFT);
        return new VBox(6, rule, found);
    }

    /** What was picked is picked again when this is seen again; else the ladder would show a pick that nobody sees. */
    private void shown(boolean now) {
        if (now) {
            Pick.Rule rule = session.pick().rule().get().or(() -> last)
                    .orElseGet(() -> PickRow.rule(List.of(PickRow.of(PickKind.LOWEST)), false));
            session.pick().choose(Optional.of(rule));
            session.frames().soon(this::focusFirst);
        } else {
            last = session.pick().rule().get();
            session.pick().choose(Optional.empty());
        }
    }

    private void focusFirst() {
        rows.lookupAll(".combo-box").stream().findFirst().ifPresent(Node::requestFocus);
    }

    private List<PickRow> current() {
        return session.pick().rule().get().map(PickRow::of).orElse(List.of());
    }

    private void set(List<PickRow> changed, boolean turn) {
        take(() -> PickRow.rule(changed, turn));
    }

    private void readText() {
        take(() -> Pick.parse(PickNames.meant(text.getText(), session.middleC())));
    }

    /** Takes a rule; one that cannot be read is told, and the rule before it stays. */
    private void take(Supplier<Pick.Rule> rule) {
        try {
            session.pick().choose(Optional.of(rule.get()));
            trouble.setText("");
        } catch (IllegalArgumentException e) {
            trouble.setText(e.getMessage());
        }
        showTrouble();
    }

    private void showTrouble() {
        trouble.setVisible(!trouble.getText().isEmpty());
        trouble.setManaged(trouble.isVisible());
    }

    private void show() {
        Optional<Pick.Rule> rule = session.pick().rule().get();
        text.setText(rule.map(some -> PickNames.shown(some.text(), session.middleC())).orElse(""));
        turned.setSelected(rule.filter(Pick.Rule::turned).isPresent());
        Controls.rebuild(rows, () -> {
            rows.getChildren().clear();
            List<PickRow> all = current();
            for (int i = 0; i < all.size(); i++) {
                rows.getChildren().add(new PickRowView(i, all, session.middleC(), changed -> set(changed, turned.isSelected())));
            }
        });
        showTrouble();
        showCount();
    }

    private void showCount() {
        boolean picking = session.pick().rule().get().isPresent();
        count.setText(!picking ? "" : session.part().map(part -> Words.say("pick.count",
                session.pick().notes().get().count(part.line()), part.line().size())).orElse(""));
    }
}
