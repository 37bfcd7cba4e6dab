package amberfence.demo;

import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.KeySpan;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.fence.BringInside;
import amberfence.theory.Key;
import java.util.List;

/**
 * "Lantern Ferry", an invented song that has something to show on every screen: a tune with wrong notes, a bass of
 * roots, chords that jump, a figure and a hand drum.
 */
public final class LanternFerry {
    private static final KeyPlan KEYS = new KeyPlan(List.of(new KeySpan(1, Key.parse("D dorian")),
            new KeySpan(17, Key.parse("F major")), new KeySpan(25, Key.parse("D dorian"))));
    /** Of the harmonium and the bass. */
    private static final String CHORDS = "Dm G Am7 Cmaj7 Dm G Em7 Am Dm G Am7 Cmaj7 Dm7 G Am7 Dm F C Dm Bb F C Gm7 C7 Dm G Am7 Cmaj7 Dm G Am Dm";
    /** The bar with the C♯ that the demo leaves alone on purpose. */
    private static final int ON_PURPOSE = 7;

    private LanternFerry() {
    }

    /** The song with nothing done to it. */
    public static Song plain() {
        return DemoFile.read("Lantern Ferry", "lantern-ferry.mid", Role.MELODY, Role.BASS, Role.CHORDS, Role.FIGURE, Role.DRUMS).withFence(Fence.of(KEYS));
    }

    /** The song as the demo opens it: the tune is being brought inside, one note left alone on purpose; the progression is there. */
    public static Song song() {
        Song plain = plain();
        Part tune = plain.parts().get(0);
        long bar = plain.time().barStart(ON_PURPOSE);
        long onPurpose = tune.line().notes().stream().filter(note -> note.start() == bar).map(Note::id).findFirst().orElseThrow();
        Song withTune = plain.plusStep(tune.id(), BringInside.USUAL).withPart(tune.id(), part -> part.withSteps(
                part.steps().stream().map(slot -> slot.withLeft(onPurpose, true)).toList()));
        return DemoFile.withChords(withTune.plusStep(plain.parts().get(2).id(), BringInside.USUAL), CHORDS);
    }
}
