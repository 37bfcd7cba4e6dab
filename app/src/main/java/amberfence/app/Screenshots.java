package amberfence.app;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.app.workspace.Workspace;
import amberfence.demo.LanternFerry;
import amberfence.edit.ProgressionEdits;
import amberfence.edit.TimeEdits;
import amberfence.edit.VoiceParts;
import amberfence.format.WholeFile;
import amberfence.format.midi.MidiExport;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.result.SongResults;
import amberfence.song.Part;
import amberfence.sound.LiveKeys;
import amberfence.step.SettingTexts;
import amberfence.step.Step;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.fit.FigureReader;
import amberfence.step.fit.FitBass;
import amberfence.step.fit.FitMelody;
import amberfence.step.fit.FollowChords;
import amberfence.step.move.Move;
import amberfence.step.pick.Pick;
import amberfence.theory.VoicingRules;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.util.Duration;
import javax.imageio.ImageIO;

/** Takes a picture of the window in one of its views, and leaves. */
final class Screenshots {
    private static final Duration SETTLING = Duration.millis(700);
    /** A pause of no length ends before it begins, again and again within one frame. */
    private static final Duration AGAIN = Duration.millis(100);
    private final Scene scene;
    private final Workspace workspace;
    private final Session session;

    Screenshots(Scene scene, Workspace workspace, Session session) {
        this.scene = scene;
        this.workspace = workspace;
        this.session = session;
    }

    void take(Arguments arguments) {
        after(SETTLING, () -> {
            if (!arguments.view().equals("import") && scene.lookup("#import-take") instanceof Button take) {
                take.fire();
            }
            try {
                open(arguments.view());
            } catch (IOException | RuntimeException e) {
                leave("the view cannot be opened: " + e.getMessage(), 1);
            }
            after(SETTLING, () -> write(arguments.screenshot().orElseThrow()));
        });
    }

    /** Waits a while, and until nothing is being worked out and every view is up to date. */
    private void after(Duration delay, Runnable action) {
        PauseTransition pause = new PauseTransition(delay);
        pause.setOnFinished(event -> {
            if (session.working().get() || session.frames().isWaiting()) {
                after(AGAIN, action);
            } else {
                action.run();
            }
        });
        pause.play();
    }

    @SuppressWarnings("unchecked")
    private void open(String view) throws IOException {
        switch (view) {
            case "before" -> session.transport().showBefore(true);
            case "folded" -> workspace.openTab("");
            case "notes" -> {
                hands();
                workspace.openTab("notes");
            }
            case "hands" -> hands();
            case "velocities" -> {
                hands();
                workspace.openTab("velocities");
            }
            case "pick" -> {
                session.selection().selectPart(session.song().parts().get(2).id());
                session.pick().choose(Optional.of(Pick.parse("lowest and on beat or outside")));
                workspace.openTab("pick");
            }
            case "steps" -> ((Button) scene.lookup("#add-step")).fire();
            case "recipes" -> {
                ((Button) scene.lookup("#add-step")).fire();
                ((TextField) scene.lookup("#step-search")).setText("octave");
            }
            case "once" -> {
                hands();
                workspace.openOnce(StepCatalogue.find("mirror")
                        .orElseThrow());
            }
            case "handbook" -> workspace.openHandbook("arpeggio");
            case "tour" -> {
                workspace.offerTour();
                ((Button) scene.lookup("#tour-take")).fire();
            }
            case "offer" -> workspace.offerTour();
            case "history" -> {
                hands();
                workspace.openHistory();
            }
            case "chords" -> {
                session.selection().selectPart(session.song().parts().get(2).id());
                session.edit("smooth", song -> ProgressionEdits.smooth(song, VoicingRules.USUAL, Set.of()));
                session.selection().selectChords(Set.of(session.song().progression().spans().get(2).id()));
                session.transport().moveTo(session.song().time().barStart(4));
                workspace.openTab("chords");
            }
            case "bass" -> {
                workspace.openTab("overview");
                session.selection().selectPart(session.song().parts().get(1).id());
                NoteCommands commands = new NoteCommands(session);
                commands.selection().all();
                commands.cut(3);
                add(1, FitBass.USUAL.withRange(36, 60).withVariety(80));
            }
            case "follow" -> {
                Part kalimba = session.song().parts().get(3);
                FollowChords follow = FollowChords.USUAL.withRestart(FollowChords.Restart.CHORD).withRegister(FollowChords.Register.CLIMBING);
                add(3, follow.withFigure(FigureReader.read(kalimba.line().between(0, session.song().time().barStart(2)).notes(), follow,
                        SongResults.of(session.song()).surroundings(kalimba))));
            }
            case "through" -> {
                int tune = session.song().parts().get(0).id();
                session.edit("off", song -> song.withPart(tune, part -> part.withSteps(part.steps().stream().map(slot -> slot.withOn(false)).toList())));
                workspace.openTab("through");
                workspace.applyCss();
                workspace.layout();
                ((ListView<?>) scene.lookup("#through-rows")).getSelectionModel().select(1);
            }
            case "shape" -> {
                addTyped(0, "touch", Map.of("way", "shape", "shape", "0:60,55:112,100:64", "every", "2bars"));
                workspace.openTab("velocities");
            }
            case "bend" -> addTyped(0, "push-pull", Map.of("points", "0:0,30:40,70:55,100:100", "range", "1..8", "curve", "smooth"));
            case "lowest" -> {
                session.edit("bass", song -> VoiceParts.bass(song, song.parts().get(0).id()));
                session.selection().selectPart(session.song().parts().get(1).id());
            }
            case "arpeggio" -> addTyped(0, "arpeggio", Map.of("order", "up-down", "rate", "1/8"));
            case "fill" -> {
                addTyped(3, "voice", Map.of("from", session.song().parts().get(0).name(), "which", "highest"));
                addTyped(3, "fill", Map.of("rate", "1/8", "density", "80%", "room", "60%"));
            }
            case "melody" -> add(0, FitMelody.USUAL.withMode(FitMelody.Mode.CLASHES));
            case "live" -> {
                addTyped(0, "harmony", Map.of());
                addTyped(0, "deal", Map.of());
                session.preferences().keep("keys-through", true);
                workspace.openTab("keys");
            }
            case "tryit" -> {
                workspace.openTab("keys");
                workspace.applyCss();
                workspace.layout();
                ((ComboBox<LiveKeys.Mode>) scene.lookup("#tryit-mode")).setValue(LiveKeys.Mode.CHORDS);
            }
            case "compare" -> workspace.openCompare();
            case "smooth" -> workspace.openSmooth();
            case "fence" -> workspace.openFence();
            case "export" -> workspace.openExport();
            case "time" -> {
                session.edit("metre", song -> TimeEdits.metre(song, song.time().barStart(5), 3, 4));
                session.edit("tempo", song -> TimeEdits.tempo(song, song.time().barStart(7), 500_000));
                workspace.openTime();
            }
            case "settings" -> workspace.openSettings();
            case "title" -> workspace.openTitle();
            case "shortcuts" -> workspace.openShortcuts();
            case "import" -> {
                Path folder = Files.createTempDirectory("amber-fence");
                Path midi = folder.resolve("lantern-ferry.mid");
                Files.write(midi, MidiExport.ofOriginals(LanternFerry.plain()).toBytes());
                workspace.files().open(midi);
            }
            default -> { }
        }
    }

    private void addTyped(int index, String name, Map<String, String> settings) {
        SettingTexts texts = new SettingTexts(id -> session.song().part(id).name(), part -> session.song().parts().stream()
                .filter(some -> some.name().equals(part)).findFirst().orElseThrow().id(), SettingTexts.TEXT_TICKS);
        add(index, StepCatalogue.find(name).orElseThrow().read(settings, texts));
    }

    private void add(int index, Step step) {
        Part part = session.song().parts().get(index);
        session.selection().selectPart(part.id());
        session.addStep(part.id(), StepCatalogue.of(step).title(), song -> step);
    }

    /** A take that was edited by hand, the original as outlines over it, velocities open. */
    private void hands() {
        int part = session.song().parts().get(0).id();
        session.edit(Words.say("takes.copied", session.part().orElseThrow().take().name()),
                song -> song.plusTakeCopy(part, Words.say("parts.takeName", 2)));
        NoteCommands commands = new NoteCommands(session);
        Line line = session.part().orElseThrow().line();
        long from = session.song().time().barStart(3);
        long to = session.song().time().barStart(5);
        session.selection().selectNotes(line.between(from, to).notes().stream().map(Note::id).collect(Collectors.toSet()));
        commands.move(Move.Unit.DEGREES, 2);
        commands.louder(true);
        session.selection().outline(0);
    }

    private void write(Path target) {
        WritableImage picture = scene.snapshot(null);
        int width = (int) picture.getWidth();
        int height = (int) picture.getHeight();
        PixelReader pixels = picture.getPixelReader();
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                image.setRGB(x, y, pixels.getArgb(x, y));
            }
        }
        try {
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(image, "png", png);
            WholeFile.write(target, png.toByteArray());
            leave("", 0);
        } catch (IOException e) {
            leave(target + " cannot be written: " + e.getMessage(), 1);
        }
    }

    private static void leave(String message, int code) {
        if (!message.isEmpty()) {
            System.err.println("amber-fence: " + message);
        }
        Platform.exit();
        if (code != 0) {
            System.exit(code);
        }
    }
}
