package amberfence.app.compare;

import amberfence.app.session.Effort;
import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.edit.Alternation;
import amberfence.edit.HandEdits;
import amberfence.notes.Line;
import amberfence.reading.Comparison;
import amberfence.song.Part;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;

/** Which two versions are compared, how they are looked at, and which bars are seen. */
final class CompareModel {
    /** How the two are looked at. */
    enum View {
        A, B, OVER, SIDE, TURNS
    }

    static final int BARS = 8;
    private final Session session;
    private final ReadOnlyLongWrapper changes = new ReadOnlyLongWrapper();
    private int partId;
    private Version a;
    private Version b;
    private View view = View.OVER;
    private int firstBar = 1;
    private int turns = 1;
    private Line lineA = Line.EMPTY;
    private Line lineB = Line.EMPTY;
    private Comparison comparison = new Comparison(List.of(), 0);

    CompareModel(Session session) {
        this.session = session;
    }

    /** Begins with the selected part: its notes before and after its steps, or its original and its current take. */
    void begin() {
        Part part = session.part().orElseThrow();
        partId = part.id();
        boolean steps = !part.steps().isEmpty();
        a = new Version(steps ? part.current() : 0, false);
        b = new Version(part.current(), steps);
        if (a.equals(b) && part.takes().size() > 1) {
            b = Version.of(part).stream().filter(version -> version.take() == 1).findFirst().orElse(b);
        }
        firstBar = Math.max(1, results().song().time().barOf(session.transport().playhead().get()));
        update();
    }

    /** Works out anew what both come to; a version that is gone gives way to the original. */
    void update() {
        if (a == null || isGone()) {
            return;
        }
        List<Version> all = Version.of(part());
        a = all.contains(a) ? a : new Version(0, false);
        b = all.contains(b) ? b : new Version(0, false);
        Results now = results();
        Version first = a;
        Version second = b;
        Part part = part();
        int effort = Effort.of(part.withTake(first.take()), now.song()) + Effort.of(part.withTake(second.take()), now.song());
        session.computations().ask(this, effort, () -> Compared.of(first.line(now, partId), second.line(now, partId)), compared -> {
            lineA = compared.a();
            lineB = compared.b();
            comparison = compared.comparison();
            changed();
        });
    }

    private record Compared(Line a, Line b, Comparison comparison) {
        static Compared of(Line a, Line b) {
            return new Compared(a, b, Comparison.of(a, b));
        }
    }

    /** Whether the part is no longer in the song. */
    boolean isGone() {
        return results().song().find(partId).isEmpty();
    }

    private void changed() {
        changes.set(changes.get() + 1);
    }

    /** Counts whatever changes. */
    ReadOnlyLongProperty changes() {
        return changes.getReadOnlyProperty();
    }

    Results results() {
        return session.results().get();
    }

    Part part() {
        return results().song().part(partId);
    }

    /** The tick at which the song is heard. */
    long playhead() {
        return session.transport().playhead().get();
    }

    Version a() {
        return a;
    }

    Version b() {
        return b;
    }

    void choose(Version newA, Version newB) {
        a = newA;
        b = newB;
        update();
    }

    View view() {
        return view;
    }

    void look(View newView) {
        view = newView;
        changed();
    }

    /** From one of the two to the other. */
    void exchange() {
        look(view == View.A ? View.B : View.A);
    }

    int turns() {
        return turns;
    }

    void takeTurns(int bars) {
        turns = Math.max(1, bars);
        changed();
    }

    int firstBar() {
        return firstBar;
    }

    void showFrom(int bar) {
        firstBar = Math.max(1, Math.min(Math.max(1, results().song().lastBar() - BARS + 1), bar));
        changed();
    }

    Line lineA() {
        return lineA;
    }

    Line lineB() {
        return lineB;
    }

    Line turnsLine() {
        return Alternation.of(lineA, lineB, results().song().time(), turns);
    }

    /** What is heard of the part while it is looked at so; as it is when both are seen. */
    Optional<Line> heard() {
        return switch (view) {
            case A -> Optional.of(lineA);
            case B -> Optional.of(lineB);
            case TURNS -> Optional.of(turnsLine());
            default -> Optional.empty();
        };
    }

    /** Whether a bar is the first one's turn. */
    boolean isTurnOfA(int bar) {
        return (bar - 1) / turns % 2 == 0;
    }

    Comparison comparison() {
        return comparison;
    }

    /** Keeps the two taking turns as a new take. */
    void keepTurns() {
        Line line = turnsLine();
        HandEdits hands = new HandEdits(Words.say("parts.takeName", part().takes().size() + 1));
        session.edit(Words.say("compare.kept", Words.count("form.bars", turns)), song -> hands.settle(song, partId, line));
    }
}
