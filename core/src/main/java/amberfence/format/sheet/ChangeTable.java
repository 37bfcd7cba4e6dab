package amberfence.format.sheet;

import amberfence.notes.FenceLine;
import amberfence.notes.Note;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Change;
import amberfence.step.StepWords;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.theory.PitchClass;
import amberfence.theory.Spelling;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The changes of a song's steps as comma-separated values (RFC 4180), UTF-8, one row a change. */
public final class ChangeTable {
    private static final List<String> HEAD = List.of("part", "partName", "step", "bar", "beat", "tick", "startTick",
            "fromPitch", "fromName", "fromDegree", "toPitch", "toName", "toDegree", "reason");

    private final Song song;
    private final FenceLine fence;
    private final CsvRows rows = new CsvRows();

    private ChangeTable(Song song) {
        this.song = song;
        this.fence = song.fence().along(song.time());
        rows.add(HEAD.stream());
    }

    /** All changes of all parts, in the order of parts, steps and time. */
    public static byte[] of(Song song) {
        return of(song, PartResult.all(song));
    }

    /** The same from results that are already there, by part. */
    public static byte[] of(Song song, Map<Integer, PartResult> results) {
        ChangeTable table = new ChangeTable(song);
        for (Part part : song.parts()) {
            for (PartResult.Stage stage : results.get(part.id()).stages()) {
                String step = StepCatalogue.of(stage.slot().step()).title();
                stage.outcome().changes().forEach(change -> table.row(part, step, change));
            }
        }
        return table.rows.toBytes();
    }

    private void row(Part part, String step, Change change) {
        Note before = change.note();
        var position = song.time().position(before.start());
        Spelling spelling = fence.spellingAt(before.start());
        StepWords words = StepWords.of(spelling);
        Stream<Object> place = Stream.of(song.parts().indexOf(part), part.name(), step, position.bar(), position.beat(),
                position.tick(), before.start());
        Stream<Object> to = change.now().map(now -> note(now.pitch(), spelling)).orElse(Stream.of("", "", ""));
        Stream<Object> from = change.isMade() ? Stream.of("", "", "") : note(before.pitch(), spelling);
        rows.add(Stream.of(place, from, to, Stream.<Object>of(words.sentence(change.reason())))
                .flatMap(cells -> cells));
    }

    private static Stream<Object> note(int pitch, Spelling spelling) {
        return Stream.of(pitch, spelling.pitch(pitch).text(), spelling.degreeText(PitchClass.of(pitch)));
    }
}
