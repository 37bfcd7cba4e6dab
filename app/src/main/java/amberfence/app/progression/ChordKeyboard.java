package amberfence.app.progression;

import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Swatches.Role;
import amberfence.app.theme.Swatches;
import amberfence.app.words.Words;
import amberfence.notes.ChordSpan;
import amberfence.notes.Note;
import amberfence.theory.Chord;
import amberfence.theory.Spelling;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/**
 * A keyboard picture with a name: the notes that are selected in the ladder and what chord they are, else the selected chord,
 * else the chord under the playhead.
 */
public final class ChordKeyboard extends VBox {
    private static final double WIDTH = 176;
    private static final double HEIGHT = 44;
    private static final int WHITE_KEYS = 21;
    private static final int[] WHITE = {0, 2, 4, 5, 7, 9, 11};
    private final Session session;
    private final Swatches swatches = new Swatches(this::requestLayout);
    private final Canvas keys = new Canvas(WIDTH, HEIGHT);
    private List<Integer> pitches = List.of();
    private final Label name = Controls.label("", "name");
    private final Label notes = Controls.label("", "soft", "small");

    public ChordKeyboard(Session session) {
        super(4);
        this.session = session;
        setId("chord-keyboard");
        name.setId("chord-name");
        notes.setId("chord-notes");
        notes.setMinWidth(0);
        HBox head = new HBox(8, name, Controls.filler(), notes);
        head.setAlignment(Pos.BASELINE_LEFT);
        getChildren().addAll(head, new StackPane(keys), swatches);
        session.frames().follow(this::update, session.selection().notes(), session.selection().chords(), session.results());
        session.transport().playhead().addListener((property, old, now) -> {
            if (under(old.longValue()) != under(now.longValue())) {
                update();
            }
        });
        update();
    }

    /** The chord under a tick, by its place; what goes by while the song plays is shown when it changes. */
    private int under(long tick) {
        return session.results().get().song().progression().indexAt(tick);
    }

    private void update() {
        Results results = session.results().get();
        List<Note> chosen = SelectedChord.notes(session);
        if (chosen.size() > 1) {
            show(SelectedChord.name(chosen, results).map(Chord::text).orElse(Words.say("chords.noNameShort")),
                    chosen.stream().map(Note::pitch).distinct().sorted().toList(), results.fence().spellingAt(chosen.get(0).start()));
            return;
        }
        Set<Long> chords = session.selection().chords().get();
        Optional<ChordSpan> span = results.song().progression().spans().stream().filter(some -> chords.contains(some.id())).findFirst()
                .or(() -> results.song().progression().at(session.transport().playhead().get()))
                .or(() -> results.song().progression().at(session.transport().playhead().get() - 1));
        span.ifPresentOrElse(some -> show(some.chord().text(), some.sounding().pitches(),
                results.fence().spellingAt(some.start())), () -> show(Words.say("chords.whatChord"), List.of(), null));
    }

    private void show(String words, List<Integer> shown, Spelling spelling) {
        pitches = shown;
        name.setText(words);
        notes.setText(pitches.stream().map(pitch -> spelling.pitchText(pitch)).collect(Collectors.joining(" ")));
        requestLayout();
    }

    /** Painted with the layout, so that many changes at once are one picture. */
    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        GraphicsContext g = keys.getGraphicsContext2D();
        int lowest = pitches.isEmpty() ? 48 : Math.max(0, Math.min(127 - 36, pitches.get(0) / 12 * 12));
        double white = WIDTH / WHITE_KEYS;
        g.clearRect(0, 0, WIDTH, HEIGHT);
        for (int i = 0; i < WHITE_KEYS; i++) {
            int pitch = lowest + i / 7 * 12 + WHITE[i % 7];
            g.setFill(swatches.color(pitches.contains(pitch) ? Role.AMBER : Role.IVORY));
            g.fillRect(i * white, 0, white, HEIGHT);
            g.setStroke(swatches.color(Role.RULE));
            g.strokeRect(i * white + 0.5, 0.5, white - 0.5, HEIGHT - 1);
        }
        for (int i = 0; i < WHITE_KEYS - 1; i++) {
            int step = i % 7;
            if (step != 2 && step != 6) {
                int pitch = lowest + i / 7 * 12 + WHITE[step] + 1;
                g.setFill(swatches.color(pitches.contains(pitch) ? Role.AMBER_DEEP : Role.EBONY));
                g.fillRect((i + 1) * white - white * 0.3, 0, white * 0.6, HEIGHT * 0.6);
            }
        }
    }
}
