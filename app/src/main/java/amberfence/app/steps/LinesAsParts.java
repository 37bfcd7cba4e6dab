package amberfence.app.steps;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.edit.HarmonyParts;
import amberfence.song.Part;
import amberfence.step.Step;
import amberfence.step.fit.Harmony;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;

/** Below the settings of "Harmony": its lines as parts of their own. */
final class LinesAsParts {
    private LinesAsParts() {
    }

    static Node of(Step step, FormHost host) {
        if (host.slot().isEmpty()) {
            return new HBox();
        }
        Session session = host.session();
        Part part = session.part().orElseThrow();
        String lines = Words.count("form.lineCount", ((Harmony) step).lines().size());
        Button button = Controls.button("harmony-parts", "form.asParts", event -> {
            session.edit(Words.say("form.asPartsDone", lines), song -> song.find(part.id())
                    .flatMap(now -> now.step(host.slot().get())).isEmpty() ? song : HarmonyParts.apart(song, part.id(), host.slot().get()));
            session.say(Words.say("form.asPartsMessage", lines, part.name()));
        }, "choice");
        Controls.tip(button, Words.say("form.asPartsTip"));
        return button;
    }
}
