package amberfence.app.session;

import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.StepSlot;
import amberfence.step.Touch;
import amberfence.step.catalogue.StepCatalogue;

/** About how much work it is to tell what something comes to, in notes that are only looked at. */
public final class Effort {
    /** What answers to chords, or listens to another part, takes so many times as long for a note. */
    private static final int WITH_CHORDS = 10;
    private static final int NOTES_IN_A_QUARTER = 4;
    /** Songs with more work than this are worked out off the interface thread. */
    private static final int LONG_SONG = 20_000;

    private Effort() {
    }

    /** What a step has with a part of a song, and with the parts to which it listens; one that makes notes may make some in every beat. */
    public static int of(Step step, Part part, Song song) {
        StepSchema<?> schema = StepCatalogue.of(step);
        long notes = part.line().size();
        for (int other : step.listensTo()) {
            notes += song.find(other).map(heard -> heard.line().size()).orElse(0);
        }
        boolean chords = schema.answersToChords(step) || !step.listensTo().isEmpty();
        long made = schema.touches().contains(Touch.COUNT) ? made(song) : 0;
        return (int) Math.min(Integer.MAX_VALUE / 8, notes * (chords ? WITH_CHORDS : 1) + made);
    }

    /** What a step has with a part that waits, switched off, to show what it would do; nothing when no such step is open. */
    public static int waiting(Part part, Long openStep, Song song) {
        return openStep == null ? 0 : part.step(openStep).filter(slot -> !slot.on()).map(slot -> of(slot.step(), part, song)).orElse(0);
    }

    /** What a part has with its steps: the heaviest decides. */
    public static int of(Part part, Song song) {
        return part.line().size() + part.steps().stream().filter(StepSlot::on).mapToInt(slot -> of(slot.step(), part, song)).max().orElse(0);
    }

    /** Whether work on a song must not keep the interface waiting. */
    static boolean isLong(Song song) {
        return atMost(song) > LONG_SONG && song.parts().stream().mapToLong(part -> of(part, song)).sum() > LONG_SONG;
    }

    /** What no song of so many notes comes to more than, whatever its steps are; the first song of all does not have to ask them. */
    private static long atMost(Song song) {
        long notes = song.parts().stream().mapToLong(part -> part.line().size()).sum();
        long worked = song.parts().stream().filter(part -> part.steps().stream().anyMatch(StepSlot::on)).count();
        return worked == 0 ? notes : notes + worked * (notes * WITH_CHORDS + made(song));
    }

    /** Some notes in every beat. */
    private static long made(Song song) {
        return NOTES_IN_A_QUARTER * (song.end() / song.time().ticksPerQuarter());
    }
}
