package amberfence.app.ladder;

import amberfence.app.hands.NoteClipboard;
import amberfence.app.hands.NoteCommands;
import amberfence.app.hands.NotesMenu;
import amberfence.app.overview.OverviewStrip;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.theme.PlaceMenu;
import amberfence.app.words.Words;
import amberfence.song.Note;
import java.util.function.IntConsumer;
import javafx.beans.binding.Bindings;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The ladder with its tools, the keys above it, velocities below it, and the legend of its signs. */
public final class LadderPanel extends VBox {
    /** The width of the degrees at the left, for lining up what stands below. */
    public static final double DEGREES = LadderView.DEGREES;
    /** How wide the scroll bar at the right of the rows is. */
    public static final double BAR = LadderView.BAR;
    private final LadderView ladder;

    /**
     * @param strip what stands above the ladder on the same axis of time
     * @param openFence opens the fence page at a key of the song
     */
    public LadderPanel(Session session, NoteCommands commands, NoteClipboard clipboard, NotesMenu menu, Node strip,
                       IntConsumer openFence) {
        super(3);
        PlaceMenu context = new PlaceMenu();
        ladder = new LadderView(session, commands,
                event -> context.open(this, menu.items(), event.getScreenX(), event.getScreenY()));
        addEventFilter(MouseEvent.MOUSE_PRESSED, event -> context.close());
        KeyLane keys = new KeyLane(session, ladder, openFence);
        VBox.setMargin(keys, new Insets(0, 10, -2, DEGREES));
        VelocityLane velocities = new VelocityLane(session, ladder, commands);
        VBox.setVgrow(ladder, Priority.ALWAYS);
        VBox.setMargin(strip, new Insets(0, 10, 4, DEGREES));
        getChildren().add(strip);
        OverviewStrip overview = new OverviewStrip(session, ladder::showTick);
        VBox.setMargin(overview, new Insets(0, 10, 0, DEGREES));
        getChildren().addAll(new LadderTools(session, ladder, menu, clipboard), keys, ladder, velocities, overview,
                foot(folded(session, "velocity-fold", "ladder.velocities", velocities),
                        folded(session, "overview-fold", "overview.fold", overview)));
    }

    /** What opens and closes a lane; closed at first, then as it was left. */
    private static ToggleButton folded(Session session, String id, String words, Node lane) {
        ToggleButton fold = Controls.fold(id, words);
        fold.selectedProperty().bindBidirectional(session.preferences().flag(id));
        lane.managedProperty().bind(fold.selectedProperty());
        lane.visibleProperty().bind(fold.selectedProperty());
        return fold;
    }

    private static Node foot(ToggleButton velocities, ToggleButton overview) {
        Label legend = Controls.label("", "soft", "small");
        legend.textProperty().bind(Bindings.when(overview.selectedProperty()).then(Words.say("overview.legend"))
                .otherwise(Words.say("ladder.legend")));
        legend.setMinWidth(0);
        HBox foot = new HBox(10, velocities, overview, Controls.filler(), legend);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.setPadding(new Insets(0, 10, 0, DEGREES));
        return foot;
    }

    /** Scrolls so that a note is seen. */
    public void reveal(Note note) {
        ladder.reveal(note);
    }

    public void focusLadder() {
        ladder.requestFocus();
    }
}
