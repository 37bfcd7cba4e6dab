package amberfence.song;

import java.util.AbstractList;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.RandomAccess;

/**
 * The events of a track, in nine bytes for each that begins or ends a note: a file of a million notes keeps two million of
 * them for as long as its song is open. They are made anew whenever somebody looks at them.
 */
final class PackedEvents extends AbstractList<SourceEvent> implements RandomAccess {
    private static final int ON = 1;
    private static final int RUNNING = 2;
    private static final int AS_NOTE_ON = 4;
    private static final int OTHER = 8;

    private final int[] ticks;
    /** The identity of the note, or the index of what is no note. */
    private final int[] numbers;
    private final byte[] kinds;
    private final List<SourceEvent.Other> others = new ArrayList<>();

    private PackedEvents(List<SourceEvent> events) {
        ticks = new int[events.size()];
        numbers = new int[events.size()];
        kinds = new byte[events.size()];
        for (int i = 0; i < ticks.length; i++) {
            SourceEvent event = events.get(i);
            ticks[i] = (int) event.tick();
            if (event instanceof SourceEvent.NoteOn on) {
                numbers[i] = (int) on.noteId();
                kinds[i] = (byte) (ON | (on.running() ? RUNNING : 0));
            } else if (event instanceof SourceEvent.NoteOff off) {
                numbers[i] = (int) off.noteId();
                kinds[i] = (byte) ((off.running() ? RUNNING : 0) | (off.asNoteOn() ? AS_NOTE_ON : 0));
            } else {
                numbers[i] = others.size();
                kinds[i] = OTHER;
                others.add((SourceEvent.Other) event);
            }
        }
    }

    /** The same events, not to be changed; in as few bytes as may be. */
    static List<SourceEvent> of(List<SourceEvent> events) {
        if (events instanceof PackedEvents) {
            return events;
        }
        for (SourceEvent event : events) {
            if (!isSmall(event)) {
                return List.copyOf(events);
            }
        }
        return new PackedEvents(events);
    }

    /** Nothing is made anew for it, unlike in a walk through the list. */
    void eachBeginning(SourceFile.Beginning told) {
        for (int i = 0; i < kinds.length; i++) {
            if ((kinds[i] & ON) != 0) {
                told.at(ticks[i], numbers[i]);
            }
        }
    }

    /** Those that neither begin nor end a note. */
    List<SourceEvent.Other> others() {
        return Collections.unmodifiableList(others);
    }

    private static boolean isSmall(SourceEvent event) {
        return isSmall(event.tick()) && (event instanceof SourceEvent.NoteOn on ? isSmall(on.noteId())
                : !(event instanceof SourceEvent.NoteOff off) || isSmall(off.noteId()));
    }

    private static boolean isSmall(long number) {
        return number == (int) number;
    }

    @Override
    public SourceEvent get(int index) {
        byte kind = kinds[index];
        if (kind == OTHER) {
            return others.get(numbers[index]);
        }
        boolean running = (kind & RUNNING) != 0;
        return (kind & ON) != 0 ? new SourceEvent.NoteOn(ticks[index], numbers[index], running)
                : new SourceEvent.NoteOff(ticks[index], numbers[index], running, (kind & AS_NOTE_ON) != 0);
    }

    @Override
    public int size() {
        return ticks.length;
    }
}
