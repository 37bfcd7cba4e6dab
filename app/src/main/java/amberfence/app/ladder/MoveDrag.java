package amberfence.app.ladder;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Session;
import amberfence.notes.Note;
import amberfence.notes.PlaceText;
import amberfence.step.move.Move;
import java.util.List;

/**
 * Moves the selected notes with the one that was grabbed. The first direction decides whether pitch or time is moved, and
 * the other stays exactly as it was.
 */
final class MoveDrag implements LadderDrag {
    /** So far the mouse goes before a direction is taken, in pixels. */
    private static final double DECIDES = 4;

    private enum Direction {
        NONE, PITCH, TIME
    }

    private final LadderView ladder;
    private final Session session;
    private final NoteCommands commands;
    private final Note grabbed;
    private final List<Note> notes;
    private final long first;
    private final double fromX;
    private final double fromY;
    private Direction direction = Direction.NONE;
    private Move.Unit unit = Move.Unit.DEGREES;
    private int places;
    private long ticks;

    /** @param notes what is moved, as it is heard, the grabbed note among it */
    MoveDrag(LadderView ladder, Session session, NoteCommands commands, Note grabbed, List<Note> notes, double x, double y) {
        this.ladder = ladder;
        this.session = session;
        this.commands = commands;
        this.grabbed = grabbed;
        this.notes = notes;
        this.first = notes.stream().mapToLong(Note::start).min().orElse(0);
        this.fromX = x;
        this.fromY = y;
    }

    @Override
    public void to(double x, double y, boolean free) {
        if (direction == Direction.NONE && Math.max(Math.abs(x - fromX), Math.abs(y - fromY)) >= DECIDES) {
            direction = Math.abs(x - fromX) > Math.abs(y - fromY) ? Direction.TIME : Direction.PITCH;
        }
        if (direction == Direction.PITCH) {
            toPitch(ladder.viewport().pitch(y), free);
        } else if (direction == Direction.TIME) {
            long wanted = grabbed.start() + Math.round((x - fromX) / ladder.viewport().pixelsPerTick());
            long by = free ? wanted - grabbed.start() : session.snap().toLine(session.song().time(), grabbed.start(), wanted);
            ticks = Math.max(-first, by);
        }
    }

    private void toPitch(int pitch, boolean free) {
        unit = free || ladder.scene().part().isDrums() ? Move.Unit.SEMITONES : Move.Unit.DEGREES;
        places = unit == Move.Unit.SEMITONES ? pitch - grabbed.pitch()
                : ladder.scene().fence().degreesBetween(grabbed, pitch);
    }

    /** Only what can be seen: a drag of a whole long part must not be slower than one of a few notes. */
    @Override
    public List<Note> ghosts() {
        if (direction == Direction.PITCH && places != 0) {
            return commands.preview(unit, places, seen(0)).out().notes();
        }
        return direction == Direction.TIME && ticks != 0
                ? seen(ticks).stream().map(note -> note.withStart(note.start() + ticks)).toList() : List.of();
    }

    private List<Note> seen(long shift) {
        Viewport view = ladder.viewport();
        return notes.stream().filter(note -> note.end() + shift >= view.firstTick() && note.start() + shift <= view.lastTick())
                .toList();
    }

    @Override
    public String words() {
        if (direction == Direction.PITCH && places != 0) {
            return commands.moveWords(unit, places);
        }
        return direction == Direction.TIME && ticks != 0
                ? PlaceText.of(session.song().time(), grabbed.start() + ticks) : "";
    }

    @Override
    public void finish(boolean adding) {
        if (direction == Direction.PITCH && places != 0) {
            commands.move(unit, places);
        } else if (direction == Direction.TIME && ticks != 0) {
            commands.shift(ticks);
        }
    }

    /** Whether the mouse has gone anywhere yet. */
    boolean hasMoved() {
        return direction != Direction.NONE;
    }
}
