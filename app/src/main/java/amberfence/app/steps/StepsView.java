package amberfence.app.steps;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.song.Part;
import amberfence.song.StepSlot;
import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The steps of the selected part, in order. */
public final class StepsView extends VBox {
    private final Session session;
    private final Label heading = Controls.label("", "heading");
    private final Label kept = Controls.label("", "good", "small");
    private final VBox cards = new VBox(9);
    private final StepPicker picker;

    public StepsView(Session session) {
        super(8);
        this.session = session;
        setId("steps");
        picker = new StepPicker(session);
        heading.setId("steps-heading");
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        Controls.followFocus(scroll);
        getChildren().addAll(new HBox(heading, Controls.filler(), kept), scroll);
        session.frames().follow(this::update, session.results(), session.selectedPart(), session.openStep());
        update();
    }

    private void update() {
        Controls.rebuild(this, this::build);
    }

    private void build() {
        cards.getChildren().clear();
        Part part = session.part().orElse(null);
        heading.setText(part == null ? Words.say("steps.none") : Words.say("steps.heading",
                part.name().toUpperCase(Locale.ROOT)));
        kept.setText(part == null || part.takes().size() == 1 && part.steps().isEmpty() ? "" : Words.say("steps.kept"));
        if (part == null) {
            return;
        }
        for (StepSlot slot : part.steps()) {
            cards.getChildren().add(new StepCard(session, part, slot));
        }
        if (part.steps().isEmpty()) {
            Label empty = Controls.label(Words.say("steps.empty"), "soft");
            empty.setWrapText(true);
            cards.getChildren().add(empty);
        }
        cards.getChildren().add(picker);
    }
}
