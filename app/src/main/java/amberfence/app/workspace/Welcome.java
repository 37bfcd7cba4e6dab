package amberfence.app.workspace;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.demo.Demo;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;

/** What stands in the middle while there is no part: how to begin. */
final class Welcome extends VBox {
    private static final double WIDTH = 440;

    Welcome(Runnable importFile, Consumer<Demo> demo, Runnable startEmpty, Runnable time, Runnable fence) {
        super(14);
        setId("welcome");
        setAlignment(Pos.CENTER);
        Label words = Controls.paragraph(Words.say("welcome.words"), "soft");
        words.setMaxWidth(WIDTH);
        words.setTextAlignment(TextAlignment.CENTER);
        HBox buttons = new HBox(10, Controls.button("welcome-empty", "welcome.empty", event -> startEmpty.run()),
                Controls.button("welcome-import", "welcome.import", event -> importFile.run(), "primary"));
        buttons.setAlignment(Pos.CENTER);
        HBox demos = new HBox(10, Controls.label(Words.say("welcome.demo"), "soft"));
        for (Demo song : Demo.values()) {
            Button open = Controls.button("welcome-" + song.text(), "welcome." + song.text(), event -> demo.accept(song), "choice");
            demos.getChildren().add(open);
        }
        demos.setAlignment(Pos.CENTER);
        HBox first = new HBox(10, Controls.label(Words.say("welcome.first"), "soft"),
                Controls.button("welcome-time", "welcome.time", event -> time.run(), "choice"),
                Controls.button("welcome-fence", "welcome.fence", event -> fence.run(), "choice"));
        first.setAlignment(Pos.CENTER);
        getChildren().addAll(Controls.label(Words.say("welcome.title"), "title"), words, buttons, demos, first);
    }
}
