package amberfence.app.sheets;

import amberfence.app.files.SongFiles;
import amberfence.app.files.SongFiles.Rendered;
import amberfence.app.session.Session;
import amberfence.app.session.TickRange;
import amberfence.app.sound.SoundDesk;
import amberfence.app.theme.Choice;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Named;
import amberfence.app.words.Words;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.sound.Score;
import amberfence.sound.Tempi;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.VBox;

/** Writes the song, a part or the loop to a sound file, with progress and a way to stop. */
public final class SoundSheet {
    /** What is written. */
    private enum What {
        SONG, PART, LOOP
    }

    private SoundSheet() {
    }

    public static Sheet of(Session session, SoundDesk desk, SongFiles files, Runnable close) {
        List<What> choices = new ArrayList<>(List.of(What.SONG));
        if (session.part().isPresent()) {
            choices.add(What.PART);
        }
        if (session.transport().loop().get().isPresent()) {
            choices.add(What.LOOP);
        }
        What[] chosen = {What.SONG};
        ComboBox<What> what = Choice.of("sound-what", choices, What.SONG, some -> Words.say("soundSheet."
                + some.name().toLowerCase(Locale.ROOT), session.part().map(Part::name).orElse("")), some -> chosen[0] = some);
        Named.choice(what, Words.say("named.sound-what"));
        ProgressBar progress = new ProgressBar(0);
        progress.setId("sound-progress");
        progress.setMaxWidth(Double.MAX_VALUE);
        Label state = Controls.paragraph(Words.say("soundSheet.hint"), "soft");
        state.setId("sound-state");
        AtomicBoolean stop = new AtomicBoolean();
        Button write = Controls.button("sound-write", "soundSheet.write", null, "primary");
        write.setOnAction(event -> {
            Song song = session.results().get().song();
            Tempi tempi = new Tempi(song.time());
            Supplier<Score> score = desk.score(chosen[0] == What.PART ? session.part().map(Part::id) : Optional.empty());
            TickRange range = chosen[0] == What.LOOP ? session.transport().loop().get().orElseThrow()
                    : new TickRange(0, Math.max(1, song.end()));
            write.setDisable(true);
            stop.set(false);
            files.exportSound(score, tempi.micros(range.from()), tempi.micros(range.to()), desk.playedOn().sounds(),
                    share -> Platform.runLater(() -> progress.setProgress(share)), stop::get, (done, sentence) -> {
                        state.setText(done == Rendered.FAILED ? sentence
                                : Words.say(done == Rendered.WRITTEN ? "soundSheet.done" : "soundSheet.stopped"));
                        progress.setProgress(done == Rendered.WRITTEN ? 1 : 0);
                        write.setDisable(false);
                    });
        });
        Button halt = Controls.button("sound-stop", "soundSheet.stop", event -> stop.set(true));
        return new Sheet("sound-sheet", Words.say("soundSheet.title"), Words.say("soundSheet.subtitle"),
                new VBox(12, what, progress, state), 440, () -> {
                    stop.set(true);
                    close.run();
                }, Controls.button("sound-close", "sheet.close", event -> {
                    stop.set(true);
                    close.run();
                }), halt, write);
    }
}
