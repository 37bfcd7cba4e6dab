package amberfence.app.steps;

import amberfence.app.fence.AllowedChips;
import amberfence.app.session.Results;
import amberfence.app.theme.Choice;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.song.FenceLine;
import amberfence.song.Note;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.fence.BringInside;
import amberfence.step.fence.LetPass;
import amberfence.step.fence.MoveTo;
import amberfence.step.fence.TieBreak;
import amberfence.theory.NoteName;
import amberfence.theory.PitchClass;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** The settings of "Bring inside". */
final class BringInsideForm extends VBox {
    private static final List<Integer> SHORT = List.of(4, 8, 16);

    BringInsideForm(BringInside step, FormHost host) {
        super(7);
        ComboBox<MoveTo> moveTo = FormRows.choice("move-to", MoveTo.values(), step.moveTo(), "moveTo",
                chosen -> host.chosen("moveTo", chosen, step.withMoveTo(chosen)));
        ComboBox<TieBreak> ties = FormRows.choice("ties", TieBreak.values(), step.tieBreak(), "ties",
                chosen -> host.chosen("ties", chosen, step.withTieBreak(chosen)));
        Node tiesRow = FormRows.row("steps.ties", Controls.disabledWhen(ties,
                new SimpleBooleanProperty(step.moveTo() != MoveTo.NEAREST), "steps.tiesOff"));
        Label outside = Controls.label("", "small", "teal");
        Results results = host.session().results().get();
        Part part = host.session().part().orElseThrow();
        host.session().computations().ask(outside, part.line().size(), () -> outsideText(results, part), outside::setText);
        outside.setWrapText(true);
        outside.setId("outside-names");
        getChildren().addAll(FormRows.row("steps.moveTo", moveTo), tiesRow, FormRows.row("steps.letPass", letPass(step, host)),
                strongChords(step, host),
                FormRows.row("steps.allowed", new AllowedChips(host.session())), outside);
    }

    /** On strong beats chord notes only, where a chord is known. */
    private static Node strongChords(BringInside step, FormHost host) {
        ComboBox<Boolean> box = Choice.of("strong-chords", List.of(false, true), step.strongChords(),
                on -> Words.say(on ? "steps.strongChords" : "steps.strongScale"), on -> host.set("strongBeats",
                        Words.say(on ? "steps.strongChords" : "steps.strongScale"), step.withStrongChords(on)));
        return FormRows.row("step.strongBeats", box);
    }

    /** Which kinds of outside notes may stay, and how long they may be. */
    private static Node letPass(BringInside step, FormHost host) {
        LetPass now = step.letPass();
        FlowPane kinds = new FlowPane(4, 4,
                kind("passing", now.passing(), host, step,
                        on -> new LetPass(on, now.neighbours(), now.approaches(), now.longest())),
                kind("neighbours", now.neighbours(), host, step,
                        on -> new LetPass(now.passing(), on, now.approaches(), now.longest())),
                kind("approaches", now.approaches(), host, step,
                        on -> new LetPass(now.passing(), now.neighbours(), on, now.longest())));
        if (!now.isNothing()) {
            kinds.getChildren().add(Choice.of("let-pass-longest", SHORT, now.longest(),
                    longest -> Words.say("letPass.upTo", longest), longest -> host.set("letPass",
                            Words.say("letPass.upTo", longest), step.withLetPass(new LetPass(now.passing(),
                                    now.neighbours(), now.approaches(), longest)))));
        }
        return kinds;
    }

    private static Node kind(String name, boolean on, FormHost host, BringInside step, Function<Boolean, LetPass> change) {
        ToggleButton chip = Controls.chip("let-pass-" + name, Words.say("letPass." + name), on, now -> host.set("letPass",
                Words.say("letPass." + name) + " " + Words.say(now ? "form.on" : "form.off"), step.withLetPass(change.apply(now))));
        Controls.tip(chip, Words.say("letPass." + name + "Tip"));
        return chip;
    }

    /** Which notes of the part are outside, by name, in the order in which they appear. */
    private static String outsideText(Results results, Part part) {
        Song song = results.song();
        FenceLine fence = results.fence();
        Set<NoteName> names = new LinkedHashSet<>();
        for (Note note : part.line().notes()) {
            if (!part.isDrums() && !fence.isInside(note)) {
                names.add(fence.spellingAt(note.start()).name(PitchClass.of(note.pitch())));
                if (names.size() == 12) {
                    break;
                }
            }
        }
        String keys = song.fence().keys().spans().size() == 1 ? song.fence().keys().first().text() : Words.say("steps.theKeys");
        return names.isEmpty() ? Words.say("steps.nothingOutside", keys)
                : Words.say(names.size() == 1 ? "steps.outside.one" : "steps.outside.many", names.stream().map(NoteName::text).collect(Collectors.joining(" ")), keys);
    }
}
