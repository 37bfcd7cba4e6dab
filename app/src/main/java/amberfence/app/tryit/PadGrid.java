package amberfence.app.tryit;

import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.notes.ChordBank;
import amberfence.sound.LiveKeys;
import amberfence.theory.ChordNames;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Spelling;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;

/** The chords of the bank as pads: each sounds while it is pressed. */
final class PadGrid extends FlowPane {
    private static final double WIDTH = 60;
    private static final int VELOCITY = 90;
    private final Session session;
    private final Supplier<LiveKeys> keys;

    PadGrid(Session session, Supplier<LiveKeys> keys) {
        super(4, 4);
        this.session = session;
        this.keys = keys;
        setId("pads");
    }

    /** Shows the chords of the bank as they are now. */
    void update() {
        ChordBank bank = keys.get().bank();
        Spelling spelling = session.spelling();
        getChildren().setAll(bank.chords().keySet().stream().map(key -> pad(key, name(bank.on(key), spelling),
                spelling.pitchText(key))).toList());
    }

    private static String name(List<Integer> pitches, Spelling spelling) {
        return ChordNames.best(PitchClassSet.of(pitches.stream().mapToInt(pitch -> pitch).toArray()), PitchClass.of(pitches.get(0)),
                spelling).map(chord -> chord.text()).orElse(spelling.pitchText(pitches.get(0)));
    }

    private Button pad(int key, String chord, String keyName) {
        Button pad = new Button(chord);
        pad.setId("pad-" + key);
        pad.getStyleClass().add("pad");
        pad.setPrefWidth(WIDTH);
        pad.setAccessibleText(Words.say("tryit.pad", chord, keyName));
        pad.setOnMousePressed(event -> keys.get().press(key, VELOCITY));
        pad.setOnMouseReleased(event -> keys.get().release(key, 0));
        pad.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if ((event.getCode() == KeyCode.SPACE || event.getCode() == KeyCode.ENTER) && !keys.get().isPressed(key)) {
                keys.get().press(key, VELOCITY);
                event.consume();
            }
        });
        pad.addEventFilter(KeyEvent.KEY_RELEASED, event -> keys.get().release(key, 0));
        pad.focusedProperty().addListener((property, old, now) -> keys.get().release(key, 0));
        return pad;
    }
}
