package amberfence.app.steps;

import amberfence.app.theme.Choice;
import amberfence.app.words.Words;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.ChordSource;
import amberfence.step.fit.FitStep;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;

/** The rows of a form that say where a step takes its chords from, and what counts where there is none. */
final class SourceRows {
    private SourceRows() {
    }

    static Node[] of(FitStep step, FormHost host) {
        Song song = host.session().results().get().song();
        Optional<Integer> own = host.session().part().map(Part::id);
        List<ChordSource> sources = new ArrayList<>(List.of(ChordSource.USUAL));
        song.parts().stream().filter(part -> !part.isDrums() && !own.equals(Optional.of(part.id())))
                .map(part -> ChordSource.of(part.id())).forEach(sources::add);
        if (!song.progression().isEmpty()) {
            sources.add(ChordSource.CHORD_PARTS);
        }
        ChordSource chosen = ChordSource.USUAL.withChordsOf(step.source());
        if (!sources.contains(chosen)) {
            sources.add(chosen);
        }
        Node from = Choice.of("chord-source", sources, chosen, source -> name(source, song),
                source -> host.set("source", name(source, song), step.withSource(step.source().withChordsOf(source))));
        Node gaps = FormRows.choice("chord-gaps", ChordSource.Gaps.values(), step.source().gaps(), "gaps",
                gap -> host.chosen("gaps", gap, step.withSource(step.source().withGaps(gap))));
        return new Node[] {FormRows.row("step.source", from), FormRows.row("step.gaps", gaps)};
    }

    private static String name(ChordSource source, Song song) {
        return switch (source.from()) {
            case PROGRESSION -> Words.say(song.progression().isEmpty() ? "form.chordParts" : "form.progression");
            case CHORD_PARTS -> Words.say("form.chordParts");
            case PART -> song.find(source.part()).map(Part::name).orElse(Words.say("form.partGone"));
        };
    }
}
