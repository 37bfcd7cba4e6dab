package amberfence.demo;

import amberfence.edit.ProgressionEdits;
import amberfence.notes.KeyPlan;
import amberfence.notes.KeySpan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.reading.ChordReader;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.fence.BringInside;
import amberfence.theory.Key;
import java.util.List;

/**
 * "Lantern Ferry", an invented song that has something to show on every screen: a tune with wrong notes, a bass of
 * roots, chords that jump, a figure and a hand drum. The notes are read from {@code lantern-ferry.txt}.
 */
public final class LanternFerry {
    private static final int TICKS_PER_QUARTER = 480;
    private static final int EIGHTH = TICKS_PER_QUARTER / 2;
    private static final TimeMap TIME = TimeMap.of(TICKS_PER_QUARTER, 555_556, 6, 8);
    private static final KeyPlan KEYS = new KeyPlan(List.of(new KeySpan(1, Key.parse("D dorian")),
            new KeySpan(17, Key.parse("F major")), new KeySpan(25, Key.parse("D dorian"))));
    private static final String TITLE = "Lantern Ferry";
    /** The C♯ in bar 7, which the demo leaves alone on purpose. */
    private static final long ON_PURPOSE = 6 * 6 * EIGHTH;

    private LanternFerry() {
    }

    /** The song with nothing done to it. */
    public static Song plain() {
        return DemoText.read(TITLE, "lantern-ferry.txt", TIME, KEYS, new int[] {0, 0}, LanternFerry::accented);
    }

    /**
     * The song as the demo opens it: the tune is being brought inside, one note left alone on purpose; the progression is read
     * out of the harmonium and the bass.
     */
    public static Song song() {
        Song plain = plain();
        Part tune = plain.parts().get(0);
        long onPurpose = tune.line().notes().stream().filter(note -> note.start() == ON_PURPOSE)
                .map(Note::id).findFirst().orElseThrow();
        Song withTune = plain.plusStep(tune.id(), BringInside.USUAL).withPart(tune.id(), part -> part.withSteps(
                part.steps().stream().map(slot -> slot.withLeft(onPurpose, true)).toList()));
        Song withChords = withTune.plusStep(plain.parts().get(2).id(), BringInside.USUAL);
        return ProgressionEdits.read(withChords, ChordReader.read(List.of(plain.parts().get(1).line(), PartResult.of(withChords,
                withChords.parts().get(2)).line()), TIME, withChords.fence().along(TIME)));
    }

    /** Main beats are louder, and each note ends a little before the next begins. */
    private static Line accented(Line line) {
        return Line.of(line.notes().stream().map(note -> {
            var position = TIME.position(note.start());
            int velocity = position.beat() == 1 ? 94 : position.beat() == 4 ? 86 : 72;
            return new Note(note.id(), note.start(), note.length() - EIGHTH / 12, note.pitch(), velocity, note.channel(),
                    note.release());
        }).toList());
    }
}
