package amberfence.app.ladder;

import amberfence.app.hands.NoteClipboard;
import amberfence.app.hands.NotesMenu;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.words.GridWords;
import amberfence.app.words.Words;
import amberfence.notes.Grid;
import amberfence.notes.Metre;
import amberfence.song.Part;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.shape.LengthWay;
import amberfence.step.shape.Lengths;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;

/** The row above the ladder: what the hand does, the grid, the notes' menu, overlaps, and what is seen. */
final class LadderTools extends HBox {
    private final Session session;
    private final LadderView ladder;
    private final NoteClipboard clipboard;
    private final Label heading = Controls.label("", "heading");
    private final Button snap = Controls.button("snap", null, null, "choice");
    private final Button overlaps = Controls.button("overlaps", null, event -> trim(), "choice", "alarm");

    LadderTools(Session session, LadderView ladder, NotesMenu menu, NoteClipboard clipboard) {
        super(6);
        this.session = session;
        this.ladder = ladder;
        this.clipboard = clipboard;
        heading.setId("ladder-heading");
        heading.setMinWidth(0);
        Controls.tip(heading, heading::getText);
        snap.setOnAction(event -> open(snap, grids()));
        Controls.tip(snap, Words.say("ladder.snapTip"));
        Controls.tip(overlaps, Words.say("ladder.overlapsTip"));
        Button notes = Controls.button("notes-menu", "ladder.notes", null, "choice");
        notes.setOnAction(event -> open(notes, menu.items()));
        Controls.tip(notes, Words.say("ladder.notesTip"));
        getChildren().addAll(heading, hand(), snap, notes, overlaps, Controls.filler(), follow(), grip(),
                Controls.iconButton("zoom-out", Icons.NARROWER, "ladder.narrower", event -> ladder.zoomTime(0.8)),
                Controls.iconButton("zoom-in", Icons.WIDER, "ladder.wider", event -> ladder.zoomTime(1.25)),
                Controls.iconButton("zoom-selection", Icons.SELECTION, "ladder.toSelection", event -> ladder.showSelection()),
                Controls.iconButton("zoom-song", Icons.WHOLE, "ladder.whole", event -> ladder.showAll()));
        setAlignment(Pos.CENTER_LEFT);
        setPadding(new Insets(0, 10, 0, LadderView.DEGREES));
        session.frames().follow(this::update, session.results(), session.selection().part(), ladder.overlaps().changes());
        session.transport().playhead().addListener((property, old, now) -> updateSnap());
        session.snap().changes().addListener((property, old, now) -> updateSnap());
        update();
    }

    /** When the menu is done, the ladder has the keys again. */
    private void open(Node under, List<MenuItem> items) {
        Controls.openMenu(under, items).setOnHidden(event -> ladder.requestFocus());
    }

    private Node hand() {
        ToggleButton select = new ToggleButton(Words.say("ladder.select"));
        ToggleButton draw = new ToggleButton(Words.say("ladder.draw"));
        select.setId("hand-select");
        draw.setId("hand-draw");
        select.setSelected(true);
        HBox either = Controls.either(select, draw, "tiny");
        draw.selectedProperty().addListener((property, old, now) -> ladder.drawing().set(now));
        ladder.drawing().addListener((property, old, now) -> (now ? draw : select).setSelected(true));
        Controls.tip(either, Words.say("ladder.handTip"));
        return either;
    }

    private Node follow() {
        ToggleButton follow = new ToggleButton();
        follow.setId("follow");
        follow.setGraphic(Icons.FOLLOW.node());
        follow.getStyleClass().setAll("icon-toggle");
        follow.setAccessibleText(Words.say("ladder.follow"));
        follow.selectedProperty().bindBidirectional(ladder.following());
        Controls.tip(follow, Words.say("ladder.follow"));
        return follow;
    }

    /** From here the selected notes are dragged out as a MIDI file. */
    private Node grip() {
        Node grip = Icons.GRIP.node();
        grip.setId("drag-out");
        grip.setCursor(Cursor.OPEN_HAND);
        Controls.tip(grip, Words.say("ladder.dragOut"));
        grip.setOnDragDetected(event -> {
            clipboard.draggedOut().ifPresent(file -> grip.startDragAndDrop(TransferMode.COPY)
                    .setContent(NoteClipboard.content(file)));
            event.consume();
        });
        return grip;
    }

    private Metre metre() {
        return session.results().get().song().time().metreAt(session.transport().playhead().get());
    }

    private List<MenuItem> grids() {
        MenuItem free = choice("snap-free", Words.say("grid.free"), Optional.empty());
        Menu dotted = new Menu(Words.say("grid.dottedValues"));
        dotted.setId("snap-dotted");
        Menu triplets = new Menu(Words.say("grid.tripletValues"));
        triplets.setId("snap-triplets");
        List<MenuItem> items = new ArrayList<>();
        for (Grid grid : GridWords.all()) {
            MenuItem item = choice("snap-" + grid.text().replace('/', '-').replace(".", "d"), GridWords.of(grid), Optional.of(grid));
            switch (grid.feel()) {
                case STRAIGHT -> items.add(item);
                case DOTTED -> dotted.getItems().add(item);
                default -> triplets.getItems().add(item);
            }
        }
        items.addAll(List.of(dotted, triplets, new SeparatorMenuItem(), free));
        return items;
    }

    private MenuItem choice(String id, String words, Optional<Grid> grid) {
        return Controls.radioItem(id, words, session.snap().of(metre()).equals(grid), () -> session.snap().choose(metre(), grid));
    }

    /** Adds the step that trims small overlaps. */
    private void trim() {
        Lengths step = new Lengths(new LengthWay.TrimOverlaps());
        session.addStep(session.selection().part().get(), Words.say("edit.stepAdd", StepCatalogue.of(step).title()), song -> step);
    }

    private void update() {
        Controls.showName(heading, session.part().map(Part::name).map(name -> name.toUpperCase(Locale.ROOT)).orElse(Words.say("ladder.empty")), OverrunStyle.CENTER_ELLIPSIS);
        int count = ladder.overlaps().found().size();
        overlaps.setText(Words.count("ladder.overlaps", count));
        overlaps.setVisible(count > 0);
        overlaps.setManaged(count > 0);
        updateSnap();
    }

    private void updateSnap() {
        snap.setText(session.snap().of(metre()).map(GridWords::of).orElse(Words.say("grid.free")));
    }
}
