package amberfence.app.sheets;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.words.TimeWords;
import amberfence.app.words.Words;
import amberfence.edit.TimeEdits;
import amberfence.notes.Metre;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.song.Song;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.Subscription;

/** Metre and tempo of the song: a row for its beginning and one for each change, and a field for one more. */
public final class TimeSheet {
    private static final Pattern METRE = Pattern.compile("\\s*(\\d{1,3})\\s*/\\s*(\\d{1,2})\\s*");
    private static final double FIELD = 84;
    /** More changes than this are not for typing: files with a tempo for every moment. */
    private static final int MOST = 60;
    private final Session session;
    private final VBox rows = new VBox(6);
    private final Label trouble = Controls.paragraph("", "alarm");
    private final TextField from = new TextField();

    private TimeSheet(Session session) {
        this.session = session;
        trouble.setId("time-trouble");
        from.setId("time-from");
        from.setPrefWidth(FIELD);
        from.setPromptText(Words.say("time.fromPrompt"));
    }

    public static Sheet of(Session session, Runnable close) {
        TimeSheet time = new TimeSheet(session);
        Button add = Controls.button("time-add", "time.add", event -> time.add());
        time.from.setOnAction(event -> time.add());
        HBox more = new HBox(8, Controls.label(Words.say("time.from"), "soft"), time.from, add);
        more.setAlignment(Pos.CENTER_LEFT);
        VBox content = new VBox(12, time.rows, more, time.trouble);
        time.build();
        Subscription following = session.frames().follow(time::build, session.results());
        Runnable leave = () -> {
            following.unsubscribe();
            close.run();
        };
        return new Sheet("time-sheet", Words.say("time.title"), Words.say("time.subtitle"), content, 470, leave,
                Controls.button("time-close", "sheet.close", event -> leave.run(), "ink"));
    }

    private TimeMap time() {
        return session.song().time();
    }

    private void build() {
        Controls.rebuild(rows, () -> {
            rows.getChildren().clear();
            TreeSet<Long> ticks = new TreeSet<>();
            time().metres().forEach(metre -> ticks.add(metre.tick()));
            time().tempos().forEach(tempo -> ticks.add(tempo.tick()));
            ticks.stream().limit(MOST).forEach(tick -> rows.getChildren().add(row(tick, ticks.headSet(tick).size())));
            if (ticks.size() > MOST) {
                rows.getChildren().add(Controls.label(Words.say("time.more", ticks.size() - MOST), "soft"));
            }
        });
    }

    private Node row(long tick, int index) {
        Label place = Controls.label(Words.say("time.row", TimeWords.place(time(), tick)), "soft");
        place.setMinWidth(96);
        Metre metre = time().metreAt(tick);
        TextField metreField = field("time-metre-" + index, metre.text(), metre.tick() == tick, text -> {
            Matcher matcher = METRE.matcher(text);
            if (!matcher.matches()) {
                throw new IllegalArgumentException(Words.say("time.metreWrong", text));
            }
            edit(Words.say("time.metreDone", text), song -> TimeEdits.metre(song, tick, Integer.parseInt(matcher.group(1)),
                    Integer.parseInt(matcher.group(2))));
        });
        Tempo tempo = time().tempoAt(tick);
        Label sign = Controls.label(Words.say("time.tempo", TimeWords.beat(metre)), "soft");
        sign.setMinWidth(Label.USE_PREF_SIZE);
        TextField tempoField = field("time-tempo-" + index, TimeWords.number(TimeWords.perMinute(tempo, metre)), tempo.tick() == tick,
                text -> edit(Words.say("time.tempoDone", text),
                        song -> TimeEdits.tempo(song, tick, TimeWords.microseconds(text, metre))));
        HBox row = new HBox(8, place, metreField, sign, tempoField);
        if (tick > 0) {
            row.getChildren().add(Controls.iconButton("time-remove-" + index, Icons.CLOSE, "time.remove",
                    event -> edit(Words.say("time.removed", TimeWords.place(time(), tick)), song -> TimeEdits.without(song, tick))));
        }
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** A field whose text is taken with Enter or when it is left; what goes on from before is only a hint in it. */
    private TextField field(String id, String text, boolean own, Consumer<String> take) {
        TextField field = new TextField(own ? text : "");
        field.setId(id);
        field.setPromptText(text);
        field.setPrefWidth(FIELD);
        Runnable commit = () -> {
            String typed = field.getText().strip();
            if (!typed.isEmpty() && !typed.equals(own ? text : "")) {
                attempt(() -> take.accept(typed));
            }
        };
        field.setOnAction(event -> commit.run());
        field.focusedProperty().addListener((property, old, now) -> {
            if (!now && field.getScene() != null) {
                commit.run();
            }
        });
        return field;
    }

    private void attempt(Runnable edit) {
        try {
            trouble.setText("");
            edit.run();
        } catch (IllegalArgumentException e) {
            trouble.setText(e.getMessage());
        }
    }

    private void edit(String name, UnaryOperator<Song> edit) {
        session.edit(name, edit);
    }

    /** One more change: at first with the tempo that holds there, to be changed then. */
    private void add() {
        attempt(() -> {
            if (!from.getText().strip().matches("\\d{1,5}") || Integer.parseInt(from.getText().strip()) < 2) {
                throw new IllegalArgumentException(Words.say("time.fromWrong", from.getText()));
            }
            int bar = Integer.parseInt(from.getText().strip());
            long tick = time().barStart(bar);
            edit(Words.say("time.added", bar), song -> TimeEdits.tempo(song, tick, song.time().tempoAt(tick).microsecondsPerQuarter()));
            from.clear();
        });
    }
}
