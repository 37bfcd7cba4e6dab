package amberfence.demo;

import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Role;
import amberfence.song.Song;
import amberfence.step.shape.Strum;
import amberfence.theory.Key;

/**
 * "Salt Stair", an invented song for drawing new parts out of old ones: chords played by hand with loose timing, a plain bass
 * of roots, a guitar of blocks that is strummed, and a part for the tune that is still empty.
 */
public final class SaltStair {
    private static final int GUITAR = 2;
    /** Of the keys and the bass. */
    private static final String CHORDS = "Em C G D Em Am7 C B7 Em C G D Am Em B7 Em";

    private SaltStair() {
    }

    /** The song with nothing done to it. */
    public static Song plain() {
        return DemoFile.read("Salt Stair", "salt-stair.mid", Role.CHORDS, Role.BASS, Role.CHORDS).withFence(Fence.of(KeyPlan.of(Key.parse("E minor"))));
    }

    /** The song as the demo opens it: its chords are there, the guitar is strummed, and the tune is still to come. */
    public static Song song() {
        Song plain = plain();
        return DemoFile.withChords(plain.plusStep(plain.parts().get(GUITAR).id(), Strum.USUAL), CHORDS).plusEmptyPart("Tune", Role.MELODY);
    }
}
