package amberfence.app.steps;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.words.Words;
import amberfence.notes.Fence;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.StepSlot;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.recipe.Recipe;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.OverrunStyle;
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
    private Shown shown;

    /**
     * @param settling what the button at the foot does
     * @param onParts asks for which parts a recipe is meant
     * @param keep asks under which name the steps are kept as a recipe
     */
    public StepsView(Session session, Settling settling, RecipeCommands recipes, Consumer<Recipe> onParts, Runnable keep) {
        super(8);
        this.session = session;
        setId("steps");
        picker = new StepPicker(session, recipes, onParts);
        heading.setId("steps-heading");
        ScrollPane scroll = Controls.scrolling(cards);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        heading.setMinWidth(0);
        heading.setTextOverrun(OverrunStyle.ELLIPSIS);
        Controls.tip(heading, heading::getText);
        kept.setMinWidth(USE_PREF_SIZE);
        Button more = Controls.menuButton("steps-more", Icons.MORE, Words.say("steps.more"), () -> List.of(keepItem(keep)));
        HBox head = new HBox(6, heading, Controls.filler(), kept, more);
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(head, scroll, settling.button());
        session.frames().follow(this::update, session.results(), session.selection().part(), session.selection().openStep());
        update();
    }

    private MenuItem keepItem(Runnable keep) {
        MenuItem item = Controls.menuItem("steps-keep", Words.say("recipe.keep"), keep);
        item.setDisable(session.partNow().filter(part -> part.steps().stream().anyMatch(StepSlot::on)).isEmpty());
        return item;
    }

    /** Puts the focus on the first card. */
    public void focusFirst() {
        cards.getChildren().stream().findFirst().ifPresent(card -> card.lookupAll("*").stream()
                .filter(node -> node.isFocusTraversable() && !node.isDisabled()).findFirst().ifPresent(Node::requestFocus));
    }

    /** What the cards and forms tell of; as long as it is the same, they stay. */
    private record Shown(Part part, PartResult result, Long openStep, Fence fence, boolean hasChords, List<String> parts, int middleC) {
        /** Results are the same only when they are the same object: to compare long lines would take longer than to show them. */
        boolean isSame(Shown other) {
            return isAlikeAround(other) && part.equals(other.part) && result == other.result;
        }

        private boolean isAlikeAround(Shown other) {
            return other != null && Objects.equals(openStep, other.openStep) && fence.equals(other.fence) && hasChords == other.hasChords
                    && parts.equals(other.parts) && middleC == other.middleC;
        }

        /** Whether only notes are different, and the forms show none of them. */
        boolean hasSameForms(Shown other) {
            return isAlikeAround(other) && part.id() == other.part.id() && part.name().equals(other.part.name())
                    && part.steps().equals(other.part.steps()) && part.takes().size() == other.part.takes().size()
                    && part.steps().stream().filter(slot -> Long.valueOf(slot.id()).equals(openStep))
                            .noneMatch(slot -> SpecialControls.showsNotes(StepCatalogue.of(slot.step())));
        }
    }

    private void update() {
        Song song = session.results().get().song();
        Shown now = session.part().map(part -> new Shown(part, session.results().get().part(part.id()), session.selection().openStep().get(), song.fence(),
                !song.progression().isEmpty(), song.parts().stream().map(Part::name).toList(), session.middleC())).orElse(null);
        if (now != null && now.isSame(shown)) {
            return;
        }
        boolean sameForms = now != null && now.hasSameForms(shown);
        shown = now;
        if (sameForms) {
            cards.getChildren().stream().filter(StepCard.class::isInstance).forEach(card -> ((StepCard) card).refresh(now.part()));
        } else {
            Controls.rebuild(this, this::build);
        }
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
            cards.getChildren().add(Controls.paragraph(Words.say("steps.empty"), "soft"));
        }
        cards.getChildren().add(picker);
    }
}
