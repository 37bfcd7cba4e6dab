package amberfence.app.session;

import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.song.StepSlot;
import amberfence.step.Step;
import amberfence.step.catalogue.StepCatalogue;

/** About how much work it is to tell what something comes to, in notes that are only looked at. */
public final class Effort {
    /** What answers to chords, or listens to another part, takes so many times as long for a note. */
    private static final int WITH_CHORDS = 10;
    /** Songs with more work than this are worked out off the interface thread. */
    private static final int LONG_SONG = 20_000;

    private Effort() {
    }

    /** What a step has with a part. */
    public static int of(Step step, Part part) {
        boolean chords = StepCatalogue.of(step).answersToChords(step) || !step.listensTo().isEmpty();
        return part.line().size() * (chords ? WITH_CHORDS : 1);
    }

    /** What a step has with a part that waits, switched off, to show what it would do; nothing when no such step is open. */
    public static int waiting(Part part, Long openStep) {
        return openStep == null ? 0 : part.step(openStep).filter(slot -> !slot.on()).map(slot -> of(Step.in(slot), part)).orElse(0);
    }

    /** What a part has with its steps: the heaviest decides. */
    public static int of(Part part) {
        return part.line().size() + part.steps().stream().filter(StepSlot::on).mapToInt(slot -> of(Step.in(slot), part)).max().orElse(0);
    }

    /** Whether work on a song must not keep the interface waiting. */
    static boolean isLong(Song song) {
        return song.parts().stream().mapToInt(Effort::of).sum() > LONG_SONG;
    }
}
