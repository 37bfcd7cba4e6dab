package amberfence.app.ladder;

import amberfence.result.Standing;
import java.util.Optional;
import javafx.scene.control.Label;

/** The words beside the mouse: what a note is and why, what a row is, or what a drag would do. */
final class LadderHover extends Label {
    private final NoteWords noteWords = new NoteWords();

    LadderHover() {
        setId("ladder-hover");
        getStyleClass().addAll("tooltip");
        setVisible(false);
        setMouseTransparent(true);
        setWrapText(true);
        setMaxWidth(360);
    }

    /** What lies under a place: the note, or the row. */
    String words(Optional<LadderHit> hit, Viewport view, LadderScene scene, double x, double y) {
        return hit.map(note -> noteWords.of(note.standing(), scene))
                .orElseGet(() -> noteWords.ofRow(view.pitch(y), (long) Math.max(0, view.tick(x)), scene));
    }

    String words(Standing note, LadderScene scene) {
        return noteWords.of(note, scene);
    }

    /** Shows words beside a place of the notes' layer; none hide it. */
    void show(String words, double x, double y, double width, double height) {
        setText(words);
        setVisible(!words.isEmpty());
        autosize();
        double left = Math.min(LadderView.DEGREES + x + 14, width - getWidth() - 4);
        double below = LadderView.RULER + y + 18;
        relocate(left, below + getHeight() > height ? LadderView.RULER + y - getHeight() - 10 : below);
    }
}
