package amberfence.app.progression;

import amberfence.app.session.Session;
import amberfence.app.session.TimeAxis;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Swatches.Role;
import amberfence.app.theme.Swatches;
import amberfence.app.words.Words;
import amberfence.notes.ChordSpan;
import amberfence.notes.Progression;
import amberfence.theory.PitchClass;
import amberfence.theory.Spelling;
import amberfence.theory.VoiceMotion;
import amberfence.theory.Voicing;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/**
 * The way of each voice from chord to chord: a point for every note, a thread to the note that it leads to. Large leaps are
 * drawn in another colour and thicker; parallel fifths and octaves carry a double line when they are to be shown.
 */
final class VoiceThreads extends Region {
    static final double HEIGHT = 28;
    /** To which number of notes the work on one chord compares. */
    static final int NOTES_OF_A_CHORD = 20;
    /** A voice that goes farther than this, in semitones, leaps. */
    private static final int LEAP = 4;
    private static final double MARGIN = 4;
    private final Session session;
    private final Swatches swatches = new Swatches(this::requestLayout);
    private final Canvas canvas = new Canvas();
    private final Label hover = Controls.label("", "tooltip");
    private boolean showParallels;
    /** Worked out once for a song, not on every frame of scrolling. */
    private Voices voices = Voices.of(Progression.EMPTY);

    /** What the chords of a progression sound, and between which pitches. */
    private record Voices(Progression chords, List<Voicing> voicings, int lowest, int highest) {
        static Voices of(Progression chords) {
            List<Voicing> voicings = chords.voicings();
            int lowest = voicings.stream().mapToInt(Voicing::lowest).min().orElse(0);
            int highest = voicings.stream().mapToInt(Voicing::highest).max().orElse(0);
            return new Voices(chords, voicings, lowest, Math.max(lowest + PitchClass.COUNT, highest));
        }
    }

    VoiceThreads(Session session) {
        this.session = session;
        setId("voice-threads");
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        hover.setVisible(false);
        hover.setId("thread-hover");
        hover.setMouseTransparent(true);
        getChildren().addAll(swatches, canvas, hover);
        session.results().addListener((property, old, now) -> update());
        update();
        canvas.setOnMouseMoved(event -> hoverAt(event.getX(), event.getY()));
        canvas.setOnMouseExited(event -> hover.setVisible(false));
    }

    void setShowParallels(boolean show) {
        showParallels = show;
        requestLayout();
    }

    boolean isShowingParallels() {
        return showParallels;
    }

    private List<ChordSpan> spans() {
        return voices.chords().spans();
    }

    private TimeAxis axis() {
        return session.timeAxis().get();
    }

    private double x(ChordSpan span) {
        return axis().x((span.start() + span.end()) / 2.0);
    }

    private void update() {
        Progression chords = session.results().get().song().progression();
        if (chords != voices.chords()) {
            session.computations().ask(this, NOTES_OF_A_CHORD * chords.spans().size(), () -> Voices.of(chords), made -> {
                voices = made;
                requestLayout();
            });
        }
    }

    private double y(int pitch) {
        return HEIGHT - MARGIN - (HEIGHT - 2 * MARGIN) * (pitch - voices.lowest()) / (voices.highest() - voices.lowest());
    }

    @Override
    protected void layoutChildren() {
        if (canvas.getWidth() != getWidth()) {
            canvas.setWidth(getWidth());
            canvas.setHeight(HEIGHT);
        }
        paint(canvas.getGraphicsContext2D());
    }

    /** Draws at once: on every frame of scrolling, without laying out the window. */
    void paint() {
        paint(canvas.getGraphicsContext2D());
    }

    private void paint(GraphicsContext g) {
        g.clearRect(0, 0, getWidth(), HEIGHT);
        List<ChordSpan> spans = spans();
        int first = Math.max(0, voices.chords().indexAt(Math.round(axis().tick(0))) - 1);
        for (int i = first + 1; i < spans.size() && x(spans.get(i - 1)) <= getWidth(); i++) {
            double from = x(spans.get(i - 1));
            double to = x(spans.get(i));
            if (to >= 0) {
                VoiceMotion motion = VoiceMotion.of(voices.voicings().get(i - 1), voices.voicings().get(i));
                motion.moves().forEach(move -> thread(g, from, to, move));
                if (showParallels && !motion.parallels().isEmpty()) {
                    g.setFill(swatches.color(Role.ALARM));
                    g.fillRect((from + to) / 2 - 4, 1, 8, 2);
                    g.fillRect((from + to) / 2 - 4, 5, 8, 2);
                }
            }
        }
        g.setFill(swatches.color(Role.AMBER_DEEP));
        for (int i = first; i < spans.size() && x(spans.get(i)) <= getWidth() + 5; i++) {
            double x = x(spans.get(i));
            if (x >= -5) {
                voices.voicings().get(i).pitches().forEach(pitch -> g.fillOval(x - 2.5, y(pitch) - 2.5, 5, 5));
            }
        }
    }

    private void thread(GraphicsContext g, double from, double to, VoiceMotion.Move move) {
        boolean leap = Math.abs(move.semitones()) > LEAP;
        g.setStroke(swatches.color(leap ? Role.ALARM : Role.AMBER_DEEP));
        g.setLineWidth(leap ? 2 : 1.2);
        double y1 = y(move.from());
        double y2 = y(move.to());
        double third = (to - from) / 3;
        g.beginPath();
        g.moveTo(from, y1);
        g.bezierCurveTo(from + third, y1, to - third, y2, to, y2);
        g.stroke();
    }

    private void hoverAt(double x, double y) {
        List<ChordSpan> spans = spans();
        for (int i = 1; i < spans.size(); i++) {
            double from = x(spans.get(i - 1));
            double to = x(spans.get(i));
            if (x >= from && x <= to) {
                nearest(VoiceMotion.of(voices.voicings().get(i - 1), voices.voicings().get(i)), (x - from) / (to - from), y)
                        .ifPresent(words -> show(words, x));
                return;
            }
        }
        hover.setVisible(false);
    }

    private Optional<String> nearest(VoiceMotion motion, double share, double y) {
        int best = 0;
        double distance = Double.MAX_VALUE;
        for (int i = 0; i < motion.moves().size(); i++) {
            VoiceMotion.Move move = motion.moves().get(i);
            double at = y(move.from()) + share * (y(move.to()) - y(move.from()));
            if (Math.abs(at - y) < distance) {
                distance = Math.abs(at - y);
                best = i;
            }
        }
        if (distance > 12) {
            return Optional.empty();
        }
        VoiceMotion.Move move = motion.moves().get(best);
        Spelling spelling = session.results().get().fence().spellingAt(0);
        return Optional.of(Words.say("chords.thread", motion.moves().size() - best, spelling.pitchText(move.from()),
                spelling.pitchText(move.to()), Math.abs(move.semitones())));
    }

    private void show(String words, double x) {
        hover.setText(words);
        hover.setVisible(true);
        hover.autosize();
        hover.relocate(Math.max(0, Math.min(getWidth() - hover.getWidth(), x + 10)), -hover.getHeight() + 8);
    }
}
