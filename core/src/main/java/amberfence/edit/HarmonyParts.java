package amberfence.edit;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.StepSlot;
import amberfence.step.fit.Harmony;
import amberfence.step.fit.HarmonyLine;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Puts the lines of a harmony into parts of their own. */
public final class HarmonyParts {
    private HarmonyParts() {
    }

    /** The lines of every harmony that is on, of all parts. */
    public static Song apart(Song song) {
        Song changed = song;
        for (Part part : song.parts()) {
            for (StepSlot slot : part.steps()) {
                changed = slot.on() && slot.step() instanceof Harmony ? apart(changed, part.id(), slot.id()) : changed;
            }
        }
        return changed;
    }

    /**
     * Adds a part behind the tune for each line of one of its steps. Each begins with the tune as it reaches that step, and
     * holds the line as a step, so that it can be adjusted; the step of the tune is switched off.
     */
    public static Song apart(Song song, int partId, long slotId) {
        Part tune = song.part(partId);
        StepSlot slot = tune.step(slotId).orElseThrow();
        Harmony harmony = (Harmony) slot.step();
        Line line = PartResult.of(song, tune).stage(slotId).map(PartResult.Stage::in).orElse(tune.line());
        Song changed = song.withPart(partId, part -> part.withStep(slotId, old -> old.withOn(false)));
        List<HarmonyLine> backwards = new ArrayList<>(harmony.lines());
        Collections.reverse(backwards);
        for (HarmonyLine apart : backwards) {
            List<Note> notes = new ArrayList<>();
            long id = changed.nextId();
            for (Note note : line.notes()) {
                notes.add(note.withId(id++));
            }
            changed = changed.withNextId(id).plusPartBehind(partId, tune.name() + ", " + apart.text(), tune.role(), tune.channel(),
                    Line.of(notes));
            int newId = changed.parts().get(changed.parts().indexOf(changed.part(partId)) + 1).id();
            changed = changed.plusStep(newId, harmony.withLines(List.of(apart)).withInstead(true));
        }
        return changed;
    }
}
