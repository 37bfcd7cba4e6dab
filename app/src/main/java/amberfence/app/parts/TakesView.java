package amberfence.app.parts;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.words.Words;
import amberfence.song.Part;
import amberfence.song.Take;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The takes of the selected part: which one plays, which one is drawn as outlines over it, and what can be done with each. */
final class TakesView extends VBox {
    private final Session session;
    private final VBox rows = new VBox(3);
    private Shown shown;

    /** @param compare opens the page on which takes are compared */
    TakesView(Session session, Runnable compare) {
        super(3);
        this.session = session;
        setId("takes");
        Button comparing = Controls.button("takes-compare", "takes.compare", event -> compare.run(), "quiet", "small");
        Controls.tip(comparing, Words.say("takes.compareTip"));
        comparing.setMinWidth(USE_PREF_SIZE);
        Button copy = Controls.button("take-copy", "takes.copy", event -> copy(), "quiet", "small");
        Controls.tip(copy, Words.say("takes.copyTip"));
        HBox foot = new HBox(4, comparing, Controls.filler(), copy);
        foot.setAlignment(Pos.CENTER_LEFT);
        setPadding(new Insets(4, 0, 0, 0));
        getChildren().addAll(rows, foot);
        session.frames().follow(this::update, session.results(), session.selection().part(), session.selection().outlinedTake());
        update();
    }

    private void copy() {
        session.partNow().ifPresent(part -> session.edit(Words.say("takes.copied", part.take().name()),
                song -> song.plusTakeCopy(part.id(), Words.say("parts.takeName", part.takes().size() + 1))));
    }

    /** What the rows tell of; as long as it is the same, they stay. */
    private record Shown(int part, List<String> takes, int current, Integer outlined) {
    }

    private void update() {
        Part part = session.part().orElse(null);
        Shown now = part == null ? null : new Shown(part.id(), part.takes().stream().map(Take::name).toList(), part.current(),
                session.selection().outlinedTake().get());
        if (part != null && now.equals(shown)) {
            return;
        }
        build(part);
        shown = now;
    }

    private void build(Part part) {
        rows.getChildren().clear();
        setVisible(part != null);
        setManaged(part != null);
        if (part != null) {
            for (int i = 0; i < part.takes().size(); i++) {
                rows.getChildren().add(row(part, i));
            }
        }
    }

    private Node row(Part part, int index) {
        Take take = part.takes().get(index);
        boolean current = index == part.current();
        ToggleButton choose = new ToggleButton(take.name());
        choose.setId("take-" + index);
        choose.getStyleClass().setAll("take");
        choose.setSelected(current);
        choose.setMinWidth(0);
        choose.setMaxWidth(Double.MAX_VALUE);
        choose.setOnAction(event -> {
            choose.setSelected(true);
            withTake(part, index, now -> TakeSwitch.to(session, now, index));
        });
        Controls.tip(choose, () -> session.part().filter(now -> index < now.takes().size()).map(now -> Words.say("takes.chooseTip",
                now.takes().get(index).name(), Words.count("noteCount", now.takes().get(index).line().size()))).orElse(""));
        HBox.setHgrow(choose, Priority.ALWAYS);
        ToggleButton outline = new ToggleButton();
        outline.setId("take-outline-" + index);
        outline.setGraphic(Icons.EYE.node());
        outline.getStyleClass().setAll("icon-toggle");
        outline.setSelected(Integer.valueOf(index).equals(session.selection().outlinedTake().get()));
        outline.setAccessibleText(Words.say("takes.outline", take.name()));
        outline.setVisible(!current);
        outline.setManaged(!current);
        outline.setOnAction(event -> session.selection().outline(outline.isSelected() ? index : null));
        Controls.tip(outline, Words.say("takes.outline", take.name()));
        HBox row = new HBox(2, choose, outline, Controls.menuButton("take-menu-" + index, Icons.MORE,
                Words.say("takes.menu", take.name()), () -> items(part, index)));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** Does something with a take that a row shows, unless it has gone since the row was made. */
    private void withTake(Part shown, int index, Consumer<Part> act) {
        session.song().find(shown.id()).filter(now -> index < now.takes().size()
                && now.takes().get(index).name().equals(shown.takes().get(index).name())).ifPresent(act);
    }

    private List<MenuItem> items(Part part, int index) {
        Take take = part.takes().get(index);
        MenuItem rename = Controls.menuItem("take-rename", Words.say("takes.rename"), () -> rename(part, index));
        MenuItem toPart = Controls.menuItem("take-to-part", Words.say("takes.toPart"), () -> withTake(part, index,
                now -> session.edit(Words.say("takes.toPartDone", take.name()), song -> song.plusPartFromTake(part.id(), index,
                        Words.kept("takes.partName", part.name(), take.name())))));
        MenuItem remove = Controls.menuItem("take-remove", Words.say(index == 0 ? "takes.originalStays" : "takes.remove"), () -> withTake(part, index, now -> {
            session.selection().outline(null);
            session.edit(Words.say("takes.removed", take.name()), song -> song.withPart(part.id(), same -> same.minusTake(index)));
        }));
        remove.setDisable(index == 0);
        return List.of(rename, toPart, remove);
    }

    /** Puts a field in the place of the take's name. */
    private void rename(Part part, int index) {
        TextField field = new TextField(part.takes().get(index).name());
        field.setId("take-name");
        HBox.setHgrow(field, Priority.ALWAYS);
        ((HBox) rows.getChildren().get(index)).getChildren().set(0, field);
        boolean[] done = new boolean[1];
        Runnable finish = () -> {
            if (!done[0]) {
                done[0] = true;
                String name = field.getText().strip();
                if (!name.isEmpty()) {
                    withTake(part, index, now -> session.edit(Words.say("takes.renamed", name),
                            song -> song.withPart(part.id(), same -> same.withTakeName(index, name))));
                }
                build(session.part().orElse(null));
            }
        };
        field.setOnAction(event -> finish.run());
        field.focusedProperty().addListener((property, old, now) -> {
            if (!now) {
                finish.run();
            }
        });
        field.requestFocus();
        field.selectAll();
    }
}
