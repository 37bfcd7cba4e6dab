package amberfence.step.fit;

import amberfence.notes.ChordSpan;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.reading.RulingChords;
import amberfence.step.Surroundings;
import amberfence.theory.Chord;
import amberfence.theory.KeyChords;
import amberfence.theory.KeyLadder;
import java.util.List;

/** Makes a figure out of notes. */
public final class FigureReader {
    private FigureReader() {
    }

    /**
     * Numbers notes against the chord that rules over the first of them, or the tonic's where none does. The figure lasts
     * from the main beat of the first note to the end of the main beat in which the last one ends.
     *
     * @param notes at least one, in order of time
     * @param step how notes are numbered, and where the chords come from
     */
    public static Figure read(List<Note> notes, FollowChords step, Surroundings around) {
        TimeMap time = around.time();
        Note first = notes.get(0);
        long last = notes.stream().mapToLong(Note::end).max().orElseThrow();
        long from = pulseStart(first.start(), time);
        long to = pulseStart(last - 1, time) + time.pulseLength(last - 1);
        RulingChords ruling = step.source().ruling(around);
        Chord home = ruling.isEmpty() || ruling.over(first) == RulingChords.NONE
                ? KeyChords.of(around.fence().keyAt(first.start())).on(1, 3) : ruling.chord(ruling.over(first));
        Places places = Places.of(ChordSpan.of(1, 0, 1, home), step.count(), around.fence().at(first.start()),
                KeyLadder.of(around.fence().keyAt(first.start())));
        return new Figure(home.plainText(), Math.max(1, to - from), notes.stream().map(note -> places.number(note.pitch(),
                note.start() - from, note.length(), note.velocity())).toList());
    }

    private static long pulseStart(long tick, TimeMap time) {
        return time.nextPulse(tick) - time.pulseLength(tick);
    }
}
