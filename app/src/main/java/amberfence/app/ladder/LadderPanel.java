package amberfence.app.ladder;

import amberfence.app.hands.NoteClipboard;
import amberfence.app.hands.NoteCommands;
import amberfence.app.hands.NotesMenu;
import amberfence.app.overview.OverviewStrip;
import amberfence.app.progression.ProgressionView;
import amberfence.app.session.Session;
import amberfence.app.theme.PlaceMenu;
import amberfence.notes.Note;
import java.util.function.IntConsumer;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The ladder with its tools, and the progression and the keys of the song above it on the same axis of time. */
public final class LadderPanel extends VBox {
    /** The width of the degrees at the left, for lining up what stands below. */
    public static final double DEGREES = LadderView.DEGREES;
    /** How wide the scroll bar at the right of the rows is. */
    public static final double BAR = LadderView.BAR;
    private final LadderView ladder;
    private final LadderTools tools;
    private final Session session;
    private final ProgressionView strip;
    private final NoteCommands commands;

    /**
     * @param strip what stands above the ladder on the same axis of time
     * @param openFence opens the fence page at a key of the song
     */
    public LadderPanel(Session session, NoteCommands commands, NoteClipboard clipboard, NotesMenu menu, ProgressionView strip,
                       IntConsumer openFence) {
        super(3);
        PlaceMenu context = new PlaceMenu();
        ladder = new LadderView(session, commands,
                event -> context.open(this, menu.items(), event.getScreenX(), event.getScreenY()));
        addEventFilter(MouseEvent.MOUSE_PRESSED, event -> context.close());
        KeyLane keys = new KeyLane(session, ladder, openFence);
        VBox.setMargin(keys, new Insets(0, 10, -2, DEGREES));
        VBox.setVgrow(ladder, Priority.ALWAYS);
        VBox.setMargin(strip, new Insets(0, BAR, 3, DEGREES));
        tools = new LadderTools(session, ladder, menu, clipboard);
        getChildren().addAll(strip, tools, keys, ladder);
        this.session = session;
        this.strip = strip;
        this.commands = commands;
    }

    /** Tells whether the window is low: the progression folds then. */
    public void squeeze(boolean low) {
        strip.squeeze(low);
    }

    /** Puts one more tool at the end of the row above the ladder. */
    public void addTool(Node tool) {
        tools.getChildren().add(tool);
    }

    /** The velocities of what is seen, to stand below the rows. */
    public Node velocities() {
        return new VelocityLane(session, ladder, commands);
    }

    /** All parts of the whole song in small; a click goes there. */
    public Node overview() {
        return new OverviewStrip(session, ladder::showTick);
    }

    /** Scrolls so that a note is seen. */
    public void reveal(Note note) {
        ladder.reveal(note);
    }

    /** Takes a key that was pressed elsewhere as if the ladder had the focus; one that came from there is not taken again. */
    public boolean take(KeyEvent event) {
        if (event.getTarget() == ladder) {
            return false;
        }
        ladder.fireEvent(event.copyFor(ladder, ladder));
        return true;
    }

    public void focusLadder() {
        ladder.requestFocus();
    }
}
