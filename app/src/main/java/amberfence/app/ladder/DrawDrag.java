package amberfence.app.ladder;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Session;
import amberfence.notes.GridLines;
import amberfence.notes.Note;
import java.util.List;
import java.util.Optional;

/** Draws a note; as long as the mouse is held, its end follows. Only inside notes, unless Alt is held. */
final class DrawDrag implements LadderDrag {
    private static final int VELOCITY = 90;
    private final LadderView ladder;
    private final Session session;
    private final NoteCommands commands;
    private final long start;
    private final double y;
    private long end;
    private int pitch;

    DrawDrag(LadderView ladder, Session session, NoteCommands commands, double x, double y, boolean free) {
        this.ladder = ladder;
        this.session = session;
        this.commands = commands;
        this.y = y;
        long tick = Math.round(Math.max(0, ladder.viewport().tick(x)));
        this.start = lines(tick).map(grid -> grid.atOrBefore(tick)).orElse(tick);
        to(x, y, free);
    }

    private Optional<GridLines> lines(long tick) {
        return session.snap().lines(session.song().time(), tick);
    }

    @Override
    public void to(double x, double toY, boolean free) {
        Viewport now = ladder.viewport();
        long tick = Math.max(start, Math.round(now.tick(x)));
        end = lines(tick).map(grid -> grid.after(tick)).orElse(Math.max(tick, start + session.song().time().ticksPerQuarter() / 4));
        int row = now.pitch(y);
        boolean any = free || ladder.scene().part().isDrums();
        pitch = any ? row : ladder.scene().fence().nearestInside(start, row, y < now.middle(row));
    }

    private Note note() {
        return new Note(0, start, Math.max(1, end - start), pitch, VELOCITY, ladder.scene().part().channel(),
                Note.USUAL_RELEASE);
    }

    @Override
    public List<Note> ghosts() {
        return List.of(note());
    }

    @Override
    public String words() {
        return ladder.scene().fence().spellingAt(start).pitchText(pitch);
    }

    @Override
    public void finish(boolean adding) {
        commands.draw(note());
    }
}
