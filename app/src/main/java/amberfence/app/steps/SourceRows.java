package amberfence.app.steps;

import amberfence.app.theme.Choice;
import amberfence.app.words.Words;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.ChordSource;
import amberfence.step.fit.FitStep;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;

/** The rows of a form that say where a step takes its chords from, and what counts where there is none. */
final class SourceRows {
    private SourceRows() {
    }

    static Node[] of(FitStep step, FormHost host) {
        Song song = host.session().results().get().song();
        int own = host.session().part().map(Part::id).orElse(ChordSource.PROGRESSION);
        List<Integer> parts = new ArrayList<>(List.of(ChordSource.PROGRESSION));
        song.parts().stream().filter(part -> !part.isDrums() && part.id() != own).map(Part::id).forEach(parts::add);
        if (!parts.contains(step.source().part())) {
            parts.add(step.source().part());
        }
        Node from = Choice.of("chord-source", parts, step.source().part(), part -> name(part, song),
                part -> host.set("source", name(part, song), step.withSource(step.source().withPart(part))));
        Node gaps = FormRows.choice("chord-gaps", ChordSource.Gaps.values(), step.source().gaps(), "gaps",
                chosen -> host.chosen("gaps", chosen, step.withSource(step.source().withGaps(chosen))));
        return new Node[] {FormRows.row("step.source", from), FormRows.row("step.gaps", gaps)};
    }

    private static String name(int part, Song song) {
        if (part == ChordSource.PROGRESSION) {
            return Words.say(song.progression().isEmpty() ? "form.chordParts" : "form.progression");
        }
        return song.find(part).map(Part::name).orElse(Words.say("form.partGone"));
    }
}
