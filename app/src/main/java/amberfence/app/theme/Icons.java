package amberfence.app.theme;

import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.SVGPath;

/** Small signs on buttons, drawn as paths in a box of 16 by 16. */
public enum Icons {
    UNDO("M6 3 L2.5 6.5 L6 10 L6 7.5 L9.5 7.5 C11.5 7.5 12.5 8.7 12.5 10.2 C12.5 11.8 11.5 13 9.5 13 L5 13 L5 14.5 "
            + "L9.6 14.5 C12.4 14.5 14 12.7 14 10.2 C14 7.8 12.4 6 9.6 6 L6 6 Z"),
    REDO("M10 3 L13.5 6.5 L10 10 L10 7.5 L6.5 7.5 C4.5 7.5 3.5 8.7 3.5 10.2 C3.5 11.8 4.5 13 6.5 13 L11 13 L11 14.5 "
            + "L6.4 14.5 C3.6 14.5 2 12.7 2 10.2 C2 7.8 3.6 6 6.4 6 L10 6 Z"),
    MORE("M3 6.6 A1.4 1.4 0 1 0 3 9.4 A1.4 1.4 0 1 0 3 6.6 Z M8 6.6 A1.4 1.4 0 1 0 8 9.4 A1.4 1.4 0 1 0 8 6.6 Z "
            + "M13 6.6 A1.4 1.4 0 1 0 13 9.4 A1.4 1.4 0 1 0 13 6.6 Z"),
    WIDER("M7.2 3 L8.8 3 L8.8 7.2 L13 7.2 L13 8.8 L8.8 8.8 L8.8 13 L7.2 13 L7.2 8.8 L3 8.8 L3 7.2 L7.2 7.2 Z"),
    NARROWER("M3 7.2 L13 7.2 L13 8.8 L3 8.8 Z"),
    WHOLE("M2 3 L3.5 3 L3.5 13 L2 13 Z M12.5 3 L14 3 L14 13 L12.5 13 Z M5 8 L7.5 5.5 L7.5 7.3 L8.5 7.3 L8.5 5.5 L11 8 "
            + "L8.5 10.5 L8.5 8.7 L7.5 8.7 L7.5 10.5 Z"),
    SELECTION("M2 3 L5 3 L5 4.5 L3.5 4.5 L3.5 11.5 L5 11.5 L5 13 L2 13 Z M14 3 L11 3 L11 4.5 L12.5 4.5 L12.5 11.5 L11 11.5 "
            + "L11 13 L14 13 Z M5.5 6.5 L10.5 6.5 L10.5 9.5 L5.5 9.5 Z"),
    FOLLOW("M3 2 L4.5 2 L4.5 14 L3 14 Z M6.5 7.2 L10 7.2 L10 4.5 L14 8 L10 11.5 L10 8.8 L6.5 8.8 Z"),
    GRIP("M5 3 L7 3 L7 5 L5 5 Z M9 3 L11 3 L11 5 L9 5 Z M5 7 L7 7 L7 9 L5 9 Z M9 7 L11 7 L11 9 L9 9 Z M5 11 L7 11 L7 13 "
            + "L5 13 Z M9 11 L11 11 L11 13 L9 13 Z"),
    EYE("M1.5 8 C4 3.5 12 3.5 14.5 8 C12 12.5 4 12.5 1.5 8 Z M8 5.6 A2.4 2.4 0 1 0 8 10.4 A2.4 2.4 0 1 0 8 5.6 Z"),
    HISTORY("M8 2 A6 6 0 1 1 2.2 6.5 L3.7 6.9 A4.5 4.5 0 1 0 8 3.5 L8 5.5 L4.8 2.7 L8 0 Z M7.3 5.5 L8.8 5.5 L8.8 8 L10.8 9.6 "
            + "L9.8 10.8 L7.3 8.8 Z"),
    PLAY("M4 2.5 L13 8 L4 13.5 Z"), STOP("M3.5 3.5 L12.5 3.5 L12.5 12.5 L3.5 12.5 Z"),
    LOOP("M4.5 4 L10 4 L10 2 L14 5 L10 8 L10 6 L4.5 6 C3.5 6 3 6.6 3 7.5 L3 8.5 L1.3 8.5 L1.3 7.5 C1.3 5.4 2.6 4 4.5 4 Z "
            + "M11.5 12 L6 12 L6 14 L2 11 L6 8 L6 10 L11.5 10 C12.5 10 13 9.4 13 8.5 L13 7.5 L14.7 7.5 L14.7 8.5 C14.7 10.6 13.4 12 "
            + "11.5 12 Z"),
    CLICK("M6 2 L10 2 L13 14 L3 14 Z M7.2 3.6 L5 12.4 L11 12.4 L8.8 3.6 Z M7.4 9.5 L11.8 3.6 L12.8 4.4 L8.6 10.2 Z"),
    RECORD("M8 3.2 A4.8 4.8 0 1 0 8 12.8 A4.8 4.8 0 1 0 8 3.2 Z"),
    FOLDED("M5 3.5 L11 8 L5 12.5 Z"), OPENED("M3.5 5 L12.5 5 L8 11 Z"),
    DOWN("M3 5.5 L4.2 4.3 L8 8.2 L11.8 4.3 L13 5.5 L8 10.6 Z"),
    CLOSE("M4 3 L8 7 L12 3 L13 4 L9 8 L13 12 L12 13 L8 9 L4 13 L3 12 L7 8 L3 4 Z");

    private final String path;

    Icons(String path) {
        this.path = path;
    }

    /** A fresh picture of the sign. */
    public Node node() {
        SVGPath shape = new SVGPath();
        shape.setContent(path);
        shape.getStyleClass().add("icon");
        StackPane box = new StackPane(shape);
        box.setMinSize(16, 16);
        box.setPrefSize(16, 16);
        return box;
    }
}
