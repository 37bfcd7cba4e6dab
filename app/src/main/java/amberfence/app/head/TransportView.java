package amberfence.app.head;

import amberfence.app.session.Session;
import amberfence.app.session.TickRange;
import amberfence.app.sound.SoundDesk;
import amberfence.app.sound.SoundMenu;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.words.Words;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;

/** Play and stop, the loop, the metronome, and a menu of what else can be played. */
final class TransportView extends HBox {
    private final Session session;
    private final SoundDesk desk;
    private final Button play;
    private final ToggleButton loop = new ToggleButton();
    private final ToggleButton metronome = new ToggleButton();

    TransportView(Session session, SoundDesk desk, SoundMenu menu) {
        super(2);
        this.session = session;
        this.desk = desk;
        setAlignment(Pos.CENTER_LEFT);
        play = Controls.iconButton("play", Icons.PLAY, "sound.play", () -> Words.say(desk.playing().get() ? "sound.stop"
                : "sound.play"), event -> desk.toggle());
        play.getStyleClass().add("play");
        toggle(loop, "loop", Icons.LOOP, "sound.loop");
        loop.setOnAction(event -> changeLoop());
        toggle(metronome, "metronome", Icons.CLICK, "sound.metronome");
        metronome.selectedProperty().bindBidirectional(desk.metronome());
        getChildren().addAll(play, loop, metronome,
                Controls.menuButton("sound-menu", Icons.MORE, Words.say("sound.menu"), menu::items));
        desk.playing().addListener((property, old, now) -> {
            play.setGraphic((now ? Icons.STOP : Icons.PLAY).node());
            play.setAccessibleText(Words.say(now ? "sound.stop" : "sound.play"));
        });
        session.transport().loop().addListener((property, old, now) -> loop.setSelected(now.isPresent()));
    }

    private static void toggle(ToggleButton toggle, String id, Icons icon, String words) {
        toggle.setId(id);
        toggle.setGraphic(icon.node());
        toggle.getStyleClass().setAll("icon-toggle");
        toggle.setAccessibleText(Words.say(words));
        Controls.tip(toggle, Words.say(words + "Tip"));
    }

    /** Around the selection, or four bars from the playhead on. */
    private void changeLoop() {
        session.transport().goRound(loop.isSelected() ? Optional.of(SoundMenu.aroundSelection(session)
                .orElseGet(() -> SoundMenu.bars(session, 4))) : Optional.<TickRange>empty());
    }
}
