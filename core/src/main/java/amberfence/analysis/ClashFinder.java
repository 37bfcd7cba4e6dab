package amberfence.analysis;

import amberfence.notes.Note;
import amberfence.reading.Clashes;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;

/** Notes that clash with the chord over them; what is outside the fence is not listed again. */
final class ClashFinder implements Finder {
    @Override
    public List<Doubt> find(PartReading reading) {
        List<Doubt> found = new ArrayList<>();
        for (Note note : reading.line().notes()) {
            if (reading.fence().isInside(note)) {
                Clashes.of(note, reading.ruling(), reading.time()).ifPresent(clash -> {
                    String chord = reading.ruling().text(clash.chord());
                    found.add(new Doubt(DoubtKind.CLASH, reading.part().id(), List.of(note), names -> clash.kind() == Clashes.Kind.SEMITONE_ABOVE
                            ? Texts.say("%s is a semitone above %s of %s", names.apply(note.pitch()), names.apply(clash.against()), chord)
                            : Texts.say("%s is no note of %s", names.apply(note.pitch()), chord),
                            OutsideFinder.nearest(note, reading.ruling().notes(clash.chord()))));
                });
            }
        }
        return found;
    }
}
