package amberfence.app.ladder;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Session;
import amberfence.edit.LineEdit;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import java.util.List;

/** Moves the beginnings or the ends of the selected notes with the one that was grabbed. */
final class StretchDrag implements LadderDrag {
    private final LadderView ladder;
    private final Session session;
    private final NoteCommands commands;
    private final Note grabbed;
    private final List<Note> notes;
    private final boolean atEnd;
    private final double fromX;
    private long ticks;

    /** @param notes what is stretched, as it is heard, the grabbed note among it */
    StretchDrag(LadderView ladder, Session session, NoteCommands commands, Note grabbed, List<Note> notes, boolean atEnd,
                double x) {
        this.ladder = ladder;
        this.session = session;
        this.commands = commands;
        this.grabbed = grabbed;
        this.notes = notes;
        this.atEnd = atEnd;
        this.fromX = x;
    }

    @Override
    public void to(double x, double y, boolean free) {
        long edge = atEnd ? grabbed.end() : grabbed.start();
        long wanted = edge + Math.round((x - fromX) / ladder.viewport().pixelsPerTick());
        ticks = x == fromX ? 0 : free ? wanted - edge : session.snap().toLine(session.song().time(), edge, wanted);
    }

    @Override
    public List<Note> ghosts() {
        Viewport view = ladder.viewport();
        return ticks == 0 ? List.of() : edit().apply(Line.of(notes.stream().filter(note -> note.end() >= view.firstTick()
                && note.start() <= view.lastTick()).toList()), () -> 0).notes();
    }

    private LineEdit edit() {
        return atEnd ? LineEdit.moveEnds(NoteSet.ALL, ticks) : LineEdit.moveStarts(NoteSet.ALL, ticks);
    }

    @Override
    public String words() {
        return ticks == 0 ? "" : session.song().time().position(Math.max(0, (atEnd ? grabbed.end() : grabbed.start()) + ticks))
                .text();
    }

    @Override
    public void finish(boolean adding) {
        if (ticks != 0 && atEnd) {
            commands.moveEnds(ticks);
        } else if (ticks != 0) {
            commands.moveStarts(ticks);
        }
    }
}
