package amberfence.app.ladder;

import amberfence.app.session.Results;
import amberfence.app.theme.Swatches.Role;
import amberfence.app.theme.Swatches;
import amberfence.app.words.TimeWords;
import amberfence.notes.ChordSpan;
import amberfence.notes.FenceLine;
import amberfence.notes.KeySpan;
import amberfence.notes.Metre;
import amberfence.notes.Progression;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.song.Song;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Spelling;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;

/** Draws rows and rungs, the grid of bars and beats, the ruler, and the degrees at the left. */
final class RowPainter {
    private static final int MOST_CHANGES = 500;
    private static final double BESIDE_NUMBER = 28;
    private static final double BETWEEN_WORDS = 8;
    private static final double HALF_A_NAME = 7;
    private static final double CHORD_SHADE = 0.5;
    private static final int MOST_BEATS = 4000;
    private static final double NARROWEST_BEAT = 7;
    private static final double NARROWEST_BAR_NUMBER = 34;
    private final Swatches swatches;
    private final Font degreeFont = Font.font("Ferry Serif", FontWeight.BOLD, 15);
    private final Font nameFont = Font.font("Ferry Sans", 10.5);
    private final Font rulerFont = Font.font("Ferry Sans", 11);
    /** Not shown: says how wide words are. */
    private final Text measured = new Text();

    RowPainter(Swatches swatches) {
        this.swatches = swatches;
        measured.setFont(rulerFont);
    }

    void paintRows(GraphicsContext g, Viewport view, Results results) {
        g.setFill(swatches.color(Role.ROW));
        g.fillRect(0, 0, view.width(), view.height());
        Song song = results.song();
        FenceLine fence = results.fence();
        List<KeySpan> spans = song.fence().keys().spans();
        for (int i = 0; i < spans.size(); i++) {
            double from = Math.max(0, view.x(song.time().barStart(spans.get(i).fromBar())));
            double to = i + 1 < spans.size()
                    ? Math.min(view.width(), view.x(song.time().barStart(spans.get(i + 1).fromBar()))) : view.width();
            if (to > from) {
                paintSpan(g, view, from, to, fence, song.time().barStart(spans.get(i).fromBar()));
            }
        }
        paintChords(g, view, song.progression());
        paintGrid(g, view, song.time());
        g.setFill(swatches.color(Role.AMBER_DEEP));
        for (int i = 1; i < spans.size(); i++) {
            g.fillRect(Math.round(view.x(song.time().barStart(spans.get(i).fromBar()))) - 1, 0, 2, view.height());
        }
    }

    private void paintSpan(GraphicsContext g, Viewport view, double from, double to, FenceLine fence, long tick) {
        int highest = view.pitch(0);
        int lowest = view.pitch(view.height());
        int tonic = fence.keyAt(tick).tonic().pitchClass().number();
        for (int pitch = lowest; pitch <= highest; pitch++) {
            double top = Math.round(view.top(pitch));
            double height = Math.round(view.top(pitch) + view.rows().height(pitch)) - top;
            if (!fence.at(tick).containsPitch(pitch)) {
                g.setFill(swatches.color(Role.GAP));
                g.fillRect(from, top + 1, to - from, height - 2);
            } else {
                boolean isTonic = pitch % 12 == tonic;
                g.setFill(swatches.color(isTonic ? Role.AMBER_SOFT : Role.RUNG));
                g.fillRect(from, Math.round(view.middle(pitch)) - 1, to - from, isTonic ? 2 : 1.5);
            }
        }
    }

    /** The rows of each chord's notes, shaded while it holds. */
    private void paintChords(GraphicsContext g, Viewport view, Progression progression) {
        int first = Math.max(0, progression.indexAt((long) view.firstTick()));
        g.setFill(swatches.color(Role.WASH));
        g.setGlobalAlpha(CHORD_SHADE);
        for (int i = first; i < progression.spans().size() && progression.spans().get(i).start() <= view.lastTick(); i++) {
            ChordSpan span = progression.spans().get(i);
            double from = Math.max(0, view.x(span.start()));
            double to = Math.min(view.width(), view.x(span.end()));
            PitchClassSet members = span.chord().pitchClasses();
            for (int pitch = view.pitch(view.height()); pitch <= view.pitch(0); pitch++) {
                if (members.containsPitch(pitch)) {
                    double top = Math.round(view.top(pitch));
                    g.fillRect(from, top, to - from, Math.round(view.top(pitch) + view.rows().height(pitch)) - top);
                }
            }
        }
        g.setGlobalAlpha(1);
    }

    private void paintGrid(GraphicsContext g, Viewport view, TimeMap time) {
        double tickOfBeat = 4.0 * time.ticksPerQuarter() / time.metreAt((long) view.firstTick()).denominator();
        boolean beats = tickOfBeat * view.pixelsPerTick() >= NARROWEST_BEAT;
        if (beats) {
            g.setFill(swatches.color(Role.GAP));
            for (long tick : time.beats((long) view.firstTick(), (long) view.lastTick() + 1, MOST_BEATS)) {
                g.fillRect(Math.round(view.x(tick)), 0, 1, view.height());
            }
        }
        g.setFill(swatches.color(Role.RULE));
        eachBar(view, time, (bar, x) -> g.fillRect(x, 0, 1, view.height()));
    }

    private interface BarVisitor {
        void visit(int bar, double x);
    }

    /** Visits bars from the left edge on, leaving out some where they would stand too close. */
    private static void eachBar(Viewport view, TimeMap time, BarVisitor visitor) {
        int bar = time.barOf((long) view.firstTick());
        while (true) {
            double x = view.x(time.barStart(bar));
            if (x > view.width()) {
                return;
            }
            visitor.visit(bar, Math.round(x));
            double barWidth = view.x(time.barStart(bar + 1)) - x;
            bar += Math.max(1, (int) Math.ceil(6 / Math.max(1e-6, barWidth)));
        }
    }

    void paintRuler(GraphicsContext g, Viewport view, LadderScene scene, double height) {
        g.clearRect(0, 0, view.width(), height);
        g.setFont(rulerFont);
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.LEFT);
        TimeMap time = scene.results().song().time();
        List<double[]> changes = paintChanges(g, view, time, height);
        double[] free = {-100};
        eachBar(view, time, (bar, x) -> {
            g.setFill(swatches.color(Role.RULE));
            g.fillRect(x, height - 6, 1, 6);
            double end = x + BESIDE_NUMBER - BETWEEN_WORDS;
            if (x >= free[0] && changes.stream().noneMatch(words -> x < words[1] && end > words[0])) {
                g.setFill(swatches.color(Role.INK_SOFT));
                g.fillText(Integer.toString(bar), x + 4, height / 2);
                free[0] = x + NARROWEST_BAR_NUMBER;
            }
        });
    }

    /** Where metre or tempo change, after the number of the bar; answers where words stand, from and to, for no number to run into. */
    private List<double[]> paintChanges(GraphicsContext g, Viewport view, TimeMap time, double height) {
        TreeSet<Long> ticks = new TreeSet<>();
        time.metres().stream().map(Metre::tick).filter(tick -> isInTime(view, tick)).forEach(ticks::add);
        time.tempos().stream().map(Tempo::tick).filter(tick -> isInTime(view, tick)).limit(MOST_CHANGES).forEach(ticks::add);
        g.setFill(swatches.color(Role.AMBER_DEEP));
        List<double[]> taken = new ArrayList<>();
        double free = -1;
        for (long tick : ticks) {
            double x = view.x(tick);
            String words = TimeWords.change(time, tick);
            if (x >= free && !words.isEmpty()) {
                g.fillRect(x, 1, 1, height - 1);
                g.fillText(words, x + BESIDE_NUMBER, height / 2);
                measured.setText(words);
                free = x + BESIDE_NUMBER + measured.getLayoutBounds().getWidth() + BETWEEN_WORDS;
                taken.add(new double[] {x + BESIDE_NUMBER, free});
            }
        }
        return taken;
    }

    private static boolean isInTime(Viewport view, long tick) {
        return tick > 0 && tick >= view.firstTick() && tick <= view.lastTick();
    }

    /** Degrees and note names of the key in the middle of the view. */
    void paintDegrees(GraphicsContext g, Viewport view, double width, Spelling spelling) {
        g.clearRect(0, 0, width, view.height());
        g.setTextBaseline(VPos.CENTER);
        for (int pitch = view.pitch(view.height()); pitch <= view.pitch(0); pitch++) {
            if (!view.rows().isInside(pitch)) {
                continue;
            }
            double y = view.middle(pitch);
            if (y < HALF_A_NAME || y > view.height() - HALF_A_NAME) {
                continue;
            }
            PitchClass pitchClass = PitchClass.of(pitch);
            boolean tonic = pitchClass.equals(spelling.key().tonic().pitchClass());
            g.setTextAlign(TextAlignment.RIGHT);
            if (view.rows().height(pitch) > 12) {
                g.setFont(degreeFont);
                g.setFill(swatches.color(tonic ? Role.AMBER_DEEP : Role.INK));
                g.fillText(spelling.degreeText(pitchClass), 26, y);
            }
            g.setFont(nameFont);
            g.setFill(swatches.color(Role.INK_SOFT));
            g.fillText(spelling.pitchText(pitch), width - 8, y);
        }
    }
}
