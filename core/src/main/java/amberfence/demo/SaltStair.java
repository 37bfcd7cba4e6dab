package amberfence.demo;

import amberfence.edit.ProgressionEdits;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.reading.ChordReader;
import amberfence.song.Song;
import amberfence.step.shape.Strum;
import amberfence.theory.Key;
import java.util.ArrayList;
import java.util.List;

/**
 * "Salt Stair", an invented song for drawing new parts out of old ones: chords played by hand with loose timing, a plain bass
 * of roots, a guitar of blocks that is strummed, and a part for the tune that is still empty.
 */
public final class SaltStair {
    private static final int TICKS_PER_QUARTER = 480;
    private static final TimeMap TIME = TimeMap.of(TICKS_PER_QUARTER, 625_000, 4, 4);
    private static final int KEYS = 0;
    private static final int BASS = 1;
    private static final int GUITAR = 2;
    /** How a hand is late or early, in ticks, and louder or softer, note after note; the two are of different length, so that they do not fall into step. */
    private static final int[] LATE = {0, 9, 17, 4, 22, 13, 2, 11, 26, 6, 19};
    private static final int[] LOUDER = {0, 6, -5, 3, 9, -8, 1};
    private static final int VELOCITY = 76;

    private SaltStair() {
    }

    /** The song with nothing done to it. */
    public static Song plain() {
        return DemoText.read("Salt Stair", "salt-stair.txt", TIME, KeyPlan.of(Key.parse("E minor")), new int[] {1, 1}, SaltStair::byHand);
    }

    /** The song as the demo opens it: its chords are read from the keys and the bass, the guitar is strummed, and the tune is still to come. */
    public static Song song() {
        Song plain = plain();
        Song strummed = plain.plusStep(plain.parts().get(GUITAR).id(), Strum.USUAL);
        Song read = ProgressionEdits.read(strummed, ChordReader.read(List.of(plain.parts().get(KEYS).line(), plain.parts().get(BASS).line()), TIME,
                plain.fence().along(TIME)));
        return read.plusEmptyPart("Tune", Role.MELODY);
    }

    private static Line byHand(Line line) {
        List<Note> played = new ArrayList<>();
        for (Note note : line.notes()) {
            int i = played.size();
            played.add(note.withStart(note.start() + LATE[i % LATE.length]).withLength(note.length() - 2L * LATE[i % LATE.length] - LATE[(i + 4) % LATE.length])
                    .withVelocity(VELOCITY + LOUDER[i % LOUDER.length]));
        }
        return Line.of(played);
    }
}
