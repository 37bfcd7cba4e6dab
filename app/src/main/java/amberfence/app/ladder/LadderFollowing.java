package amberfence.app.ladder;

import amberfence.notes.Note;
import amberfence.result.Standing;
import java.util.List;
import java.util.Set;

/** Keeps in sight what an edit moved: the selection, and else what was seen of the part. */
final class LadderFollowing {
    /** Of a part with more notes in view only so many are asked: a picture so dense shows where it goes. */
    private static final int MOST = 2_000;

    private LadderFollowing() {
    }

    /** The view after an edit: the same, unless what it showed of the part, or the selection, has gone up or down out of it. */
    static Viewport follow(Viewport view, LadderScene before, LadderScene after, boolean original, Set<Long> selected) {
        if (before.isEmpty() || before.part().id() != after.part().id() || before.notes() == after.notes()) {
            return view;
        }
        List<Note> now = inTime(after, view, original);
        List<Note> chosen = now.stream().filter(note -> selected.contains(note.id())).toList();
        if (!chosen.isEmpty() && chosen.stream().anyMatch(note -> !isSeen(view, note))) {
            return towards(view, chosen);
        }
        boolean wasSeen = inTime(before, view, original).stream().anyMatch(note -> isSeen(view, note));
        return wasSeen && !now.isEmpty() && now.stream().noneMatch(note -> isSeen(view, note)) ? towards(view, now) : view;
    }

    /** The notes whose time is in view, as they are shown. */
    static List<Note> inTime(LadderScene scene, Viewport view, boolean original) {
        int first = scene.firstAt(view.firstTick());
        List<Standing> notes = scene.notes().subList(first, Math.max(first, scene.firstFrom(view.lastTick() + 1)));
        return notes.stream().limit(MOST).map(note -> note.shown(original))
                .filter(note -> note.end() > view.firstTick() && note.start() < view.lastTick()).toList();
    }

    /** Whether the row of a note is in view. */
    static boolean isSeen(Viewport view, Note note) {
        double y = view.middle(note.pitch());
        return y > 0 && y < view.height();
    }

    private static Viewport towards(Viewport view, List<Note> notes) {
        int lowest = notes.stream().mapToInt(Note::pitch).min().orElseThrow();
        int highest = notes.stream().mapToInt(Note::pitch).max().orElseThrow();
        return view.centredOn((lowest + highest) / 2);
    }
}
