package amberfence.app.workspace;

import amberfence.app.files.SongFiles;
import amberfence.app.keys.Shortcut;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.song.Part;
import javafx.animation.PauseTransition;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.HBox;
import javafx.util.Duration;

/** The foot of the window: what just happened, or how the part stands; and what undo would undo. */
final class StatusLine extends HBox {
    /** What is worked out sooner needs no words, which would only flicker. */
    private static final Duration PATIENCE = Duration.millis(300);
    private final Session session;
    private final SongFiles files;
    private final Label status = new Label();
    private final Label undo = new Label();
    private final PauseTransition patience = new PauseTransition(PATIENCE);
    private boolean takesLong;

    StatusLine(Session session, SongFiles files) {
        super(20);
        this.session = session;
        this.files = files;
        getStyleClass().add("foot");
        status.setId("status");
        undo.setId("undo-words");
        status.setTextOverrun(OverrunStyle.ELLIPSIS);
        undo.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(status, Controls.filler(), undo);
        patience.setOnFinished(event -> {
            takesLong = true;
            update();
        });
        session.working().subscribe(this::await);
        session.frames().follow(this::update, session.results(), session.selection().part(), session.message(), files.busy());
        update();
    }

    private void await(boolean working) {
        patience.stop();
        if (working) {
            patience.play();
        } else if (takesLong) {
            takesLong = false;
            update();
        }
    }

    private void update() {
        undo.setText(session.undoName().map(name -> Words.say("status.undo", Shortcut.UNDO.keys(), name)).orElse(""));
        if (files.busy().get()) {
            status.setText(Words.say("status.files"));
        } else if (takesLong) {
            status.setText(Words.say("status.working"));
        } else if (!session.message().get().isEmpty()) {
            status.setText(session.message().get());
        } else {
            status.setText(session.part().map(this::ofPart).orElse(Words.say("status.noPart")));
        }
    }

    private String ofPart(Part part) {
        int sounding = session.results().get().part(part.id()).line().size();
        String own = Words.count("noteCount", part.line().size());
        return Words.say("status.part", sounding == part.line().size() ? own : Words.say("status.sounding", own, sounding),
                Words.count("outside", session.results().get().outside(part.id())),
                Words.say(part.steps().isEmpty() ? "status.noSteps" : "status.kept"));
    }
}
