package amberfence.app.theme;

import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.SVGPath;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import org.kordamp.ikonli.bootstrapicons.BootstrapIcons;
import org.kordamp.ikonli.bootstrapicons.BootstrapIconsIkonHandler;

/** Small signs on buttons. */
public enum Icons {
    UNDO(BootstrapIcons.ARROW_COUNTERCLOCKWISE), REDO(BootstrapIcons.ARROW_CLOCKWISE), MORE(BootstrapIcons.THREE_DOTS), WIDER(BootstrapIcons.PLUS),
    NARROWER(BootstrapIcons.DASH), WHOLE(BootstrapIcons.ARROW_LEFT_RIGHT), SELECTION(BootstrapIcons.BOUNDING_BOX), FOLLOW(BootstrapIcons.ARROW_BAR_RIGHT),
    GRIP(BootstrapIcons.GRIP_VERTICAL), EYE(BootstrapIcons.EYE), HISTORY(BootstrapIcons.CLOCK_HISTORY), PLAY(BootstrapIcons.PLAY_FILL),
    STOP(BootstrapIcons.STOP_FILL), LOOP(BootstrapIcons.ARROW_REPEAT), RECORD(BootstrapIcons.RECORD_FILL), FOLDED(BootstrapIcons.CARET_RIGHT_FILL),
    OPENED(BootstrapIcons.CARET_DOWN_FILL), DOWN(BootstrapIcons.CHEVRON_DOWN), CLOSE(BootstrapIcons.X),
    /** A metronome, which the pack does not have. */
    CLICK(null);

    private static final int SIZE = 15;
    /** Asked by hand: the library would look through all jars for packs of icons, at every start. */
    private static final Font FONT = Font.loadFont(new BootstrapIconsIkonHandler().getFontResource().toExternalForm(), SIZE);
    /** In a box of 16 by 16. */
    private static final String METRONOME = "M6 2 L10 2 L13 14 L3 14 Z M7.2 3.6 L5 12.4 L11 12.4 L8.8 3.6 Z M7.4 9.5 L11.8 3.6 L12.8 4.4 L8.6 10.2 Z";
    private final BootstrapIcons icon;

    Icons(BootstrapIcons icon) {
        this.icon = icon;
    }

    /** Loads the font of the signs, which else comes with the first of them. */
    static void load() {
        FONT.getName();
    }

    /** A fresh picture of the sign. */
    public Node node() {
        Node shape = icon == null ? metronome() : sign(icon);
        shape.getStyleClass().add("icon");
        StackPane box = new StackPane(shape);
        box.setMinSize(16, 16);
        box.setPrefSize(16, 16);
        box.setMaxHeight(16);
        return box;
    }

    private static Text sign(BootstrapIcons icon) {
        Text sign = new Text(Character.toString(icon.getCode()));
        sign.setFont(FONT);
        return sign;
    }

    private static SVGPath metronome() {
        SVGPath shape = new SVGPath();
        shape.setContent(METRONOME);
        return shape;
    }
}
