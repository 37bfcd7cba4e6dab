package amberfence.app.ladder;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.notes.Note;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.event.ActionEvent;
import javafx.event.EventHandler;
import javafx.scene.control.Button;

/** At the upper and the lower edge: how many notes of what is seen lie beyond it. A press goes there. */
final class LadderEdges {
    private static final double GAP = 4;
    private final Button above;
    private final Button below;
    private int highest;
    private int lowest;

    /** @param goTo shows a pitch in the middle */
    LadderEdges(IntConsumer goTo) {
        above = button("notes-above", "ladder.aboveTip", event -> goTo.accept(highest));
        below = button("notes-below", "ladder.belowTip", event -> goTo.accept(lowest));
    }

    private static Button button(String id, String tip, EventHandler<ActionEvent> action) {
        Button button = Controls.button(id, null, action, "edge-count");
        button.setAccessibleText(Words.say(tip, Words.count("noteCount", 0)));
        Controls.tip(button, button::getAccessibleText);
        button.setManaged(false);
        button.setVisible(false);
        button.setFocusTraversable(false);
        return button;
    }

    Button above() {
        return above;
    }

    Button below() {
        return below;
    }

    void follow(Viewport view, LadderScene scene, boolean original) {
        List<Note> notes = scene.isEmpty() ? List.of() : LadderFollowing.inTime(scene, view, original);
        List<Note> over = notes.stream().filter(note -> view.middle(note.pitch()) <= 0).toList();
        List<Note> under = notes.stream().filter(note -> view.middle(note.pitch()) >= view.height()).toList();
        highest = over.stream().mapToInt(Note::pitch).max().orElse(0);
        lowest = under.stream().mapToInt(Note::pitch).min().orElse(0);
        say(above, over.size(), "ladder.above", "ladder.aboveTip");
        say(below, under.size(), "ladder.below", "ladder.belowTip");
    }

    private static void say(Button button, int count, String words, String tip) {
        button.setVisible(count > 0);
        if (count > 0) {
            String text = Words.say(words, count);
            if (!text.equals(button.getText())) {
                button.setText(text);
                button.setAccessibleText(Words.say(tip, Words.count("noteCount", count)));
                button.applyCss();
                button.autosize();
            }
        }
    }

    /** Puts both into the corners at the right of the rows. */
    void place(double x, double y, double width, double height) {
        for (Button button : List.of(above, below)) {
            button.autosize();
            button.relocate(x + width - button.getWidth() - GAP, button == above ? y + GAP : y + height - button.getHeight() - GAP);
        }
    }
}
