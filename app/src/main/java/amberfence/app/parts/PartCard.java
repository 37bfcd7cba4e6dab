package amberfence.app.parts;

import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.theme.LineOutline;
import amberfence.app.words.Words;
import amberfence.notes.Line;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.song.PartSound;
import amberfence.sound.Instruments;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** One part: its name, role, an outline of what sounds, how many notes are outside; the chosen one holds its takes. */
final class PartCard extends VBox {
    private static final int[] VOLUMES = {20, 40, 60, 80, 100, 120};
    private final Session session;
    private final int id;
    private final Label name = Controls.label("", "name");
    private final TextField rename = new TextField();
    /** The name, or the field for another one while it is asked for. */
    private final StackPane names = new StackPane(name);
    private final Label role = Controls.label("", "soft", "small");
    private final Label outside = Controls.label("", "small", "teal");
    private final ToggleButton mute = new ToggleButton();
    private final ToggleButton solo = new ToggleButton();
    private final LineOutline outline = new LineOutline(46, 17);
    private Line shown;

    PartCard(Session session, int id) {
        super(0);
        this.session = session;
        this.id = id;
        setId("part-" + id);
        getStyleClass().addAll("card", "washed", "part-card");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        outside.setId("part-outside-" + id);
        rename.setId("part-rename-" + id);
        names.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(names, Priority.ALWAYS);
        Button menu = Controls.menuButton("part-menu-" + id, Icons.MORE, Words.say("parts.menu"), this::menuItems);
        sound(mute, "mute");
        sound(solo, "solo");
        mute.setOnAction(event -> hear(Words.say(mute.isSelected() ? "parts.muted" : "parts.unmuted"),
                old -> old.withMuted(mute.isSelected())));
        solo.setOnAction(event -> hear(Words.say(solo.isSelected() ? "parts.soloed" : "parts.unsoloed"),
                old -> old.withSolo(solo.isSelected())));
        name.setMinWidth(0);
        Controls.tip(name, () -> name.getText());
        role.setMinWidth(0);
        outside.setMinWidth(USE_PREF_SIZE);
        HBox head = new HBox(1, names, mute, solo, menu);
        head.setAlignment(Pos.CENTER_LEFT);
        HBox foot = new HBox(6, role, outside, Controls.filler(), outline);
        foot.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(head, foot);
        setOnMousePressed(event -> {
            // Else the scrolling area around the cards would take the focus.
            event.consume();
            requestFocus();
            session.selection().selectPart(id);
        });
        setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                beginRename();
            }
        });
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getTarget() == this && (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE)) {
                session.selection().selectPart(id);
                event.consume();
            } else if (event.getTarget() == this && event.getCode() == KeyCode.F2) {
                beginRename();
                event.consume();
            }
        });
        rename.setOnAction(event -> endRename(true));
        rename.focusedProperty().addListener((property, old, now) -> {
            if (!now) {
                endRename(true);
            }
        });
        rename.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                endRename(false);
                event.consume();
            }
        });
    }

    private void sound(ToggleButton toggle, String what) {
        toggle.setText(Words.say("parts." + what + "Sign"));
        toggle.setId("part-" + what + "-" + id);
        toggle.getStyleClass().setAll("sound-toggle");
        toggle.setMinWidth(USE_PREF_SIZE);
        toggle.setAccessibleText(Words.say("parts." + what));
        Controls.tip(toggle, Words.say("parts." + what));
    }

    private void hear(String words, UnaryOperator<PartSound> change) {
        session.edit(words, song -> song.withPart(id, part -> part.withSound(change.apply(part.sound()))));
    }

    int partId() {
        return id;
    }

    void update(Results results) {
        Part part = results.song().part(id);
        Controls.showName(name, part.name(), OverrunStyle.CENTER_ELLIPSIS);
        role.setText(Words.say("role." + part.role().name().toLowerCase(Locale.ROOT)));
        int count = results.outside(id);
        outside.setText(part.isDrums() || count == 0 ? "" : Words.count("outside", count));
        outside.setManaged(!outside.getText().isEmpty());
        mute.setSelected(part.sound().muted());
        solo.setSelected(part.sound().solo());
        Controls.style(this, "chosen", Integer.valueOf(id).equals(session.selection().part().get()));
        Line sounding = results.part(id).line();
        if (shown != sounding) {
            shown = sounding;
            Line line = shown;
            long end = results.song().end();
            session.computations().ask(outline, line.size(), () -> LineOutline.tops(line, end), outline::show);
        }
        setAccessibleText(part.name() + ", " + role.getText() + ", "
                + (part.isDrums() ? Words.say("parts.drums") : Words.count("outside", count)));
    }

    /** Opens the card for what belongs to the chosen part, or closes it. */
    void hold(Node more) {
        if (more == null) {
            getChildren().remove(2, getChildren().size());
        } else if (!getChildren().contains(more)) {
            getChildren().add(more);
        }
    }

    private List<MenuItem> menuItems() {
        session.selection().selectPart(id);
        if (session.song().find(id).isEmpty()) {
            return List.of();
        }
        Part part = session.song().part(id);
        List<MenuItem> items = new ArrayList<>(List.of(item("parts.rename", this::beginRename), roles(part)));
        items.addAll(List.of(instruments(part), volumes(part)));
        if (!part.isDrums()) {
            items.add(VoiceMenu.of(session, part));
        }
        items.addAll(List.of(
                item("parts.duplicate", () -> duplicate(part)),
                item("parts.up", () -> session.edit(Words.say("edit.order"), song -> song.withPartMoved(id, -1))),
                item("parts.down", () -> session.edit(Words.say("edit.order"), song -> song.withPartMoved(id, 1))),
                item("parts.remove", () -> session.edit(Words.say("edit.remove", part.name()), song -> song.minusPart(id)))));
        return items;
    }

    /** The copy is chosen, so that what is tried next does not hit the original. */
    private void duplicate(Part part) {
        session.edit(Words.say("edit.duplicate", part.name()), song -> song.plusDuplicate(id, Words.kept("parts.copyOf", part.name())));
        List<Integer> order = session.song().parts().stream().map(Part::id).toList();
        session.selection().selectPart(order.get(order.indexOf(id) + 1));
    }

    private static MenuItem item(String words, Runnable action) {
        return Controls.menuItem(words.replace('.', '-'), Words.say(words), action);
    }

    /** The instruments of General MIDI, by families. */
    private Menu instruments(Part part) {
        Menu menu = new Menu(Words.say("parts.instrument"));
        menu.setId("part-instrument");
        String own = Words.say("parts.asItIs");
        menu.getItems().add(Controls.radioItem("instrument-own", own, part.sound().program().isEmpty(),
                () -> hear(Words.say("parts.instrumentDone", own), old -> old.withProgram(OptionalInt.empty()))));
        Menu family = null;
        for (int program = 0; program < Instruments.names().size(); program++) {
            if (family == null || !family.getText().equals(Instruments.family(program))) {
                family = new Menu(Instruments.family(program));
                menu.getItems().add(family);
            }
            int chosen = program;
            String name = Instruments.names().get(program);
            family.getItems().add(Controls.radioItem("instrument-" + program, name, part.sound().program().equals(OptionalInt.of(program)),
                    () -> hear(Words.say("parts.instrumentDone", name), old -> old.withProgram(OptionalInt.of(chosen)))));
        }
        return menu;
    }

    private Menu volumes(Part part) {
        Menu menu = new Menu(Words.say("parts.volume"));
        menu.setId("part-volume");
        for (int volume : VOLUMES) {
            menu.getItems().add(Controls.radioItem("volume-" + volume, Words.say("parts.percent", volume), part.sound().volume() == volume,
                    () -> hear(Words.say("parts.volumeDone", volume), old -> old.withVolume(volume))));
        }
        return menu;
    }

    private Menu roles(Part part) {
        Menu roles = new Menu(Words.say("parts.role"));
        for (Role choice : Role.values()) {
            String name = choice.name().toLowerCase(Locale.ROOT);
            String word = Words.say("role." + name);
            roles.getItems().add(Controls.radioItem("role-" + name, word, choice == part.role(),
                    () -> session.editPart(Words.say("edit.role", part.name(), word), same -> same.withRole(choice))));
        }
        return roles;
    }

    private void beginRename() {
        rename.setText(session.song().part(id).name());
        names.getChildren().setAll(rename);
        rename.requestFocus();
        rename.selectAll();
    }

    private void endRename(boolean keep) {
        if (rename.getParent() == null) {
            return;
        }
        names.getChildren().setAll(name);
        String text = rename.getText().strip();
        if (keep && !text.isEmpty() && !text.equals(session.song().part(id).name())) {
            session.edit(Words.say("edit.rename", text), song -> song.withPart(id, part -> part.withName(text)));
        }
    }
}
