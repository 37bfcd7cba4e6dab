package amberfence.app.fence;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.notes.Fence;
import amberfence.theory.NoteName;
import amberfence.theory.PitchClass;
import amberfence.theory.Spelling;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;

/** The pitch classes that are always allowed, as chips; pressing one takes it away, + adds one. */
public final class AllowedChips extends FlowPane {
    /** Chips that change the song at once. */
    public AllowedChips(Session session) {
        this(session, session.results().get().song().fence(),
                session.results().get().song().fence().keys().first().spelling(), null);
    }

    /** @param trial takes the changed fence instead of the song, unless it is null */
    AllowedChips(Session session, Fence fence, Spelling spelling, Consumer<Fence> trial) {
        super(5, 5);
        String place = trial == null ? "" : "fence-";
        for (PitchClass pitchClass : fence.alwaysAllowed().members()) {
            NoteName name = spelling.name(pitchClass);
            Button chip = Controls.button(place + "allowed-" + pitchClass.number(), null,
                    event -> change(session, pitchClass, name, trial, fence), "chip");
            chip.setText(name.text());
            chip.setAccessibleText(Words.say("fence.disallow", name.text()));
            Controls.tip(chip, Words.say("fence.disallow", name.text()));
            getChildren().add(chip);
        }
        Button add = Controls.button(place + "allow", null, null);
        add.setText("+");
        add.setOnAction(event -> Controls.openMenu(add, choices(session, fence, spelling, trial, place)));
        add.setAccessibleText(Words.say("fence.allow"));
        Controls.tip(add, Words.say("fence.allow"));
        getChildren().add(add);
    }

    private static List<MenuItem> choices(Session session, Fence fence, Spelling spelling, Consumer<Fence> trial,
                                          String place) {
        List<MenuItem> items = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            PitchClass pitchClass = new PitchClass(i);
            boolean inside = fence.keys().spans().stream().allMatch(span -> span.key().contains(pitchClass));
            if (!inside && !fence.alwaysAllowed().contains(pitchClass)) {
                NoteName name = spelling.name(pitchClass);
                items.add(Controls.menuItem(place + "allow-" + pitchClass.number(),
                        name.text() + "   " + spelling.degreeText(pitchClass),
                        () -> change(session, pitchClass, name, trial, fence)));
            }
        }
        return items;
    }

    private static void change(Session session, PitchClass pitchClass, NoteName name,
                               Consumer<Fence> trial, Fence fence) {
        UnaryOperator<Fence> toggle = before -> before.withToggled(pitchClass);
        if (trial != null) {
            trial.accept(toggle.apply(fence));
        } else {
            session.edit(Words.say(fence.alwaysAllowed().contains(pitchClass) ? "edit.disallow" : "edit.allow", name.text()),
                    song -> song.withFence(toggle.apply(song.fence())));
        }
    }
}
