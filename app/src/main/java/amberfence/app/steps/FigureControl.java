package amberfence.app.steps;

import amberfence.app.session.Session;
import amberfence.app.theme.Choice;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.edit.HandEdits;
import amberfence.notes.Grid;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.song.Part;
import amberfence.step.fit.Figure;
import amberfence.step.fit.FigureReader;
import amberfence.step.fit.FollowChords;
import java.util.List;
import java.util.Locale;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The figure of "Follow chords": the first bars of the part, all of it, or one that is drawn or taken. */
final class FigureControl {
    private static final List<Integer> BARS = List.of(1, 2, 3, 4, 8);

    /** Where the figure comes from. */
    private enum From {
        FIRST_BARS, WHOLE, DRAWN
    }

    private final FollowChords step;
    private final FormHost host;
    private final Session session;

    private FigureControl(FollowChords step, FormHost host) {
        this.step = step;
        this.host = host;
        this.session = host.session();
    }

    static Node of(SettingControl<?> control) {
        return new FigureControl((FollowChords) control.step(), control.host()).rows(control.label());
    }

    private Node rows(Label label) {
        VBox rows = new VBox(7, FormRows.row(label, Choice.of("figure-from", List.of(From.values()), from(),
                FigureControl::word, this::choose)));
        switch (from()) {
            case FIRST_BARS -> rows.getChildren().add(FormRows.row("", bars()));
            case WHOLE -> {
            }
            default -> rows.getChildren().addAll(FormRows.row("", Choice.of("figure-length", BARS, drawnBars(), bars -> Words.count("form.bars", bars),
                    bars -> set(Words.count("form.bars", bars), step.withFigure(step.figure().withLength(bars * barLength()))))),
                    new FigureGrid(step.figure(), step.count(), cell(), figure -> set(Words.count("noteCount", figure.notes().size()),
                            step.withFigure(figure))));
        }
        rows.getChildren().add(taking());
        return rows;
    }

    private static String word(From from) {
        return Words.say("figureFrom." + from.name().toLowerCase(Locale.ROOT));
    }

    private void set(String words, FollowChords changed) {
        host.set(Words.say("step.figure"), words, changed);
    }

    private From from() {
        return !step.figure().isOwnNotes() ? From.DRAWN : step.bars() == 0 ? From.WHOLE : From.FIRST_BARS;
    }

    private void choose(From from) {
        set(word(from), switch (from) {
            case FIRST_BARS -> step.withFigure(Figure.OWN_NOTES).withBars(1);
            case WHOLE -> step.withFigure(Figure.OWN_NOTES).withBars(0);
            default -> step.withFigure(beginning());
        });
    }

    /** Something to begin with: the first three members, one after the other. */
    private Figure beginning() {
        long cell = cell();
        return new Figure("", Math.max(barLength(), 3 * cell), List.of(Figure.Note.of(0, cell, 0, 0),
                Figure.Note.of(cell, cell, 1, 0), Figure.Note.of(2 * cell, cell, 2, 0)));
    }

    private TimeMap time() {
        return session.results().get().song().time();
    }

    private long barLength() {
        int bar = time().barOf(host.tick());
        return time().barStart(bar + 1) - time().barStart(bar);
    }

    private int drawnBars() {
        int bars = (int) Math.max(1, Math.round(step.figure().length() / (double) barLength()));
        return BARS.stream().filter(some -> some >= bars).findFirst().orElse(BARS.get(BARS.size() - 1));
    }

    /** How many ticks a column of the grid lasts. */
    private long cell() {
        return Math.round(session.snap().of(time().metreAt(host.tick())).orElse(Grid.of(8)).ticks(time().ticksPerQuarter()));
    }

    private Node bars() {
        HBox box = new HBox(6, FormRows.number("figure-bars", step.bars(), 1, 16, bars -> set(Words.count("form.bars", bars), step.withBars(bars))),
                Controls.label(Words.say("unit.bars"), "soft", "small"));
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    /** Figures out of notes that are there: those that are selected, or the first bar of another part. */
    private Node taking() {
        Part part = session.part().orElseThrow();
        List<Note> selected = session.selection().in(session.results().get().part(part.id()).line());
        Button take = Controls.button("figure-take", "form.takeSelected", event -> take(selected, part), "choice");
        Button other = Controls.button("figure-other", "form.takeFromPart", null, "choice");
        other.setOnAction(event -> Controls.openMenu(other, others()));
        return new FlowPane(5, 5, Controls.disabledWhen(take, new SimpleBooleanProperty(selected.isEmpty()), "form.selectFirst"), other);
    }

    private List<MenuItem> others() {
        return session.results().get().song().parts().stream().filter(part -> !part.isDrums() && !part.line().isEmpty())
                .map(part -> Controls.menuItem("figure-part-" + part.id(), part.name(), () -> {
                    Line line = session.results().get().part(part.id()).line();
                    long from = time().barStart(time().barOf(line.notes().get(0).start()));
                    take(line.between(from, from + barLength()).notes(), part);
                })).toList();
    }

    private void take(List<Note> notes, Part part) {
        Figure figure = FigureReader.read(notes, step, HandEdits.meant(session.results().get().song(), part));
        set(Words.count("noteCount", figure.notes().size()), step.withFigure(figure));
    }
}
