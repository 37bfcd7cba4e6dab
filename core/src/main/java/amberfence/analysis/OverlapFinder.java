package amberfence.analysis;

import amberfence.notes.Note;
import amberfence.reading.Overlaps;
import amberfence.words.Texts;
import java.util.List;

/** Notes that reach a little into the next of their voice: less than half of the shorter, at most a sixteenth. */
final class OverlapFinder implements Finder {
    private static final int SIXTEENTHS_IN_A_QUARTER = 4;

    @Override
    public List<Doubt> find(PartReading reading) {
        long most = reading.time().ticksPerQuarter() / SIXTEENTHS_IN_A_QUARTER;
        return Overlaps.of(reading.line()).stream().filter(overlap -> overlap.ticks() <= most && overlap.note().pitch() != overlap.next().pitch()
                && 2 * overlap.ticks() < Math.min(overlap.note().length(), overlap.next().length())).map(overlap -> {
                    Note note = overlap.note();
                    Note next = overlap.next();
                    return new Doubt(DoubtKind.OVERLAP, reading.part().id(), List.of(next, note),
                            names -> Texts.say("%s reaches %s ticks into %s", names.apply(note.pitch()), overlap.ticks(), names.apply(next.pitch())),
                            List.of(new Mend.EndAt(note.id(), next.start())));
                }).toList();
    }
}
