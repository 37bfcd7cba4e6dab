package amberfence.app.steps;

import amberfence.app.fence.AllowedChips;
import amberfence.app.session.Results;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.notes.FenceLine;
import amberfence.notes.Note;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Step;
import amberfence.theory.NoteName;
import amberfence.theory.PitchClass;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;

/** Below the settings of "Bring inside": what is always allowed, and which notes of the part are outside. */
final class OutsideNotes {
    private OutsideNotes() {
    }

    static Node of(Step step, FormHost host) {
        Label outside = Controls.paragraph("", "small", "teal");
        host.follow(() -> host.session().part().ifPresent(part -> {
            Results results = host.session().results().get();
            host.session().computations().ask(outside, part.line().size(), () -> text(results, part), outside::setText);
        }));
        outside.setId("outside-names");
        return new FormRows().plus(FormRows.row(Words.say("steps.allowed"), new AllowedChips(host.session())), outside);
    }

    /** The outside notes by name, in the order in which they appear. */
    private static String text(Results results, Part part) {
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
