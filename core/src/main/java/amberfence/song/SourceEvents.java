package amberfence.song;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * The events of a track in their order, in two or three bytes for most that begin or end a note: a file of a million notes keeps two
 * million of them for as long as its song is open. They are told one by one.
 */
public final class SourceEvents {
    private static final int ON = 0;
    private static final int OFF = 1;
    private static final int OFF_AS_ON = 2;
    private static final int OTHER = 3;
    /** The two lowest bits of an event's first byte are its kind. */
    private static final int KIND = 3;
    private static final int RUNNING = 4;
    /** The rest is the time since the event before; this much says that it stands behind the byte instead. */
    private static final int LONG_TIME = 31;
    private static final int TIME_SHIFT = 3;

    private final byte[] packed;
    private final int size;
    private final List<SourceEvent.Other> others;

    private SourceEvents(byte[] packed, int size, List<SourceEvent.Other> others) {
        this.packed = packed;
        this.size = size;
        this.others = others;
    }

    /** Told of one event after another. */
    public interface Told {
        /** A note begins. */
        void on(long tick, long note, boolean running);

        /** A note ends. */
        void off(long tick, long note, boolean running, boolean asNoteOn);

        /** Any other event. */
        void other(SourceEvent.Other event);
    }

    /** Events in their order. */
    public static SourceEvents of(List<SourceEvent> events) {
        Builder builder = new Builder();
        for (SourceEvent event : events) {
            if (event instanceof SourceEvent.NoteOn on) {
                builder.on(on.tick(), on.noteId(), on.running());
            } else if (event instanceof SourceEvent.NoteOff off) {
                builder.off(off.tick(), off.noteId(), off.running(), off.asNoteOn());
            } else {
                builder.other((SourceEvent.Other) event);
            }
        }
        return builder.build();
    }

    public int size() {
        return size;
    }

    /** Those that neither begin nor end a note. */
    public List<SourceEvent.Other> others() {
        return others;
    }

    /** All events as objects; of a long track these are very many. */
    public List<SourceEvent> list() {
        List<SourceEvent> list = new ArrayList<>(size);
        tell(new Told() {
            @Override
            public void on(long tick, long note, boolean running) {
                list.add(new SourceEvent.NoteOn(tick, note, running));
            }

            @Override
            public void off(long tick, long note, boolean running, boolean asNoteOn) {
                list.add(new SourceEvent.NoteOff(tick, note, running, asNoteOn));
            }

            @Override
            public void other(SourceEvent.Other event) {
                list.add(event);
            }
        });
        return list;
    }

    /** Tells all events in their order. */
    public void tell(Told told) {
        Unpacking from = new Unpacking(packed);
        long tick = 0;
        long latest = 0;
        int other = 0;
        for (int i = 0; i < size; i++) {
            int first = packed[from.at++] & 0xFF;
            tick += first >> TIME_SHIFT == LONG_TIME ? from.number() : first >> TIME_SHIFT;
            boolean running = (first & RUNNING) != 0;
            switch (first & KIND) {
                case ON -> {
                    latest += 1 + from.number();
                    told.on(tick, latest, running);
                }
                case OTHER -> told.other(others.get(other++));
                default -> told.off(tick, latest - from.number(), running, (first & KIND) == OFF_AS_ON);
            }
        }
    }

    /** The same with others in place of those that neither begin nor end a note, or without them. */
    public SourceEvents withOthers(Function<SourceEvent.Other, Optional<SourceEvent.Other>> edit) {
        Builder builder = new Builder();
        tell(new Told() {
            @Override
            public void on(long tick, long note, boolean running) {
                builder.on(tick, note, running);
            }

            @Override
            public void off(long tick, long note, boolean running, boolean asNoteOn) {
                builder.off(tick, note, running, asNoteOn);
            }

            @Override
            public void other(SourceEvent.Other event) {
                edit.apply(event).ifPresent(builder::other);
            }
        });
        return builder.build();
    }

    @Override
    public boolean equals(Object same) {
        return this == same || same instanceof SourceEvents events && size == events.size && Arrays.equals(packed, events.packed)
                && others.equals(events.others);
    }

    @Override
    public int hashCode() {
        return 31 * Arrays.hashCode(packed) + others.hashCode();
    }

    @Override
    public String toString() {
        return list().toString();
    }

    /** Reads numbers of either sign, small ones in one byte. */
    private static final class Unpacking {
        private final byte[] packed;
        private int at;

        Unpacking(byte[] packed) {
            this.packed = packed;
        }

        long number() {
            long folded = 0;
            int shift = 0;
            int next;
            do {
                next = packed[at++];
                folded |= (next & 0x7FL) << shift;
                shift += 7;
            } while (next < 0);
            return folded >>> 1 ^ -(folded & 1);
        }
    }

    /** Takes events in their order. */
    public static final class Builder implements Told {
        private static final int LONGEST = 24;
        private byte[] packed = new byte[64];
        private int length;
        private int size;
        private final List<SourceEvent.Other> others = new ArrayList<>();
        private long tick;
        private long latest;

        @Override
        public void on(long at, long note, boolean running) {
            begin(ON, at, running);
            number(note - latest - 1);
            latest = note;
        }

        @Override
        public void off(long at, long note, boolean running, boolean asNoteOn) {
            begin(asNoteOn ? OFF_AS_ON : OFF, at, running);
            number(latest - note);
        }

        @Override
        public void other(SourceEvent.Other event) {
            begin(OTHER, event.tick(), event.running());
            others.add(event);
        }

        private void begin(int kind, long at, boolean running) {
            if (length + LONGEST > packed.length) {
                packed = Arrays.copyOf(packed, packed.length + (packed.length >> 1) + LONGEST);
            }
            size++;
            long since = at - tick;
            tick = at;
            boolean isShort = since >= 0 && since < LONG_TIME;
            packed[length++] = (byte) (kind | (running ? RUNNING : 0) | (isShort ? (int) since : LONG_TIME) << TIME_SHIFT);
            if (!isShort) {
                number(since);
            }
        }

        private void number(long number) {
            long folded = number << 1 ^ number >> 63;
            while (folded >>> 7 != 0) {
                packed[length++] = (byte) (folded | 0x80);
                folded >>>= 7;
            }
            packed[length++] = (byte) folded;
        }

        /** All events so far. */
        public SourceEvents build() {
            return new SourceEvents(Arrays.copyOf(packed, length), size, Collections.unmodifiableList(new ArrayList<>(others)));
        }
    }
}
