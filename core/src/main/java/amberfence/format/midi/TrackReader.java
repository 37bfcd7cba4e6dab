package amberfence.format.midi;

import amberfence.format.Notice;
import amberfence.notes.Line;
import amberfence.notes.LineBuilder;
import amberfence.notes.Note;
import amberfence.song.Bytes;
import amberfence.song.SourceEvent;
import amberfence.song.SourceEvents;
import amberfence.song.SourceFile;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;

/** Reads the events of one track chunk, pairs notes, and goes on past damage as far as it can. */
final class TrackReader {
    private static final int END_OF_TRACK = 0x2F;
    private static final int CHANNELS = 16;
    /** The longest time between two events that a file can write in its four bytes. */
    static final long LONGEST_DELTA = 0x0FFFFFFF;

    private final Cursor cursor;
    private final String place;
    private final List<Notice> notices;
    private final SourceEvents.Builder events = new SourceEvents.Builder();
    /** The notes of each channel that has any, in the order in which they begin. */
    private final LineBuilder[] lines = new LineBuilder[CHANNELS];
    private final HangingNotes hanging = new HangingNotes();
    private final Map<String, Integer> tallies = new LinkedHashMap<>();
    private long nextId;
    private long tick;
    /** The end of the track, once it is there. */
    private Optional<SourceEvent.Other> end = Optional.empty();

    TrackReader(Cursor cursor, int track, long nextId, List<Notice> notices) {
        this.cursor = cursor;
        this.place = Texts.say("track %s", track + 1);
        this.nextId = nextId;
        this.notices = notices;
    }

    /** The notes of each channel that has any. */
    SortedMap<Integer, Line> lines() {
        SortedMap<Integer, Line> built = new TreeMap<>();
        for (int channel = 0; channel < CHANNELS; channel++) {
            if (lines[channel] != null) {
                built.put(channel, lines[channel].build());
            }
        }
        return built;
    }

    long nextId() {
        return nextId;
    }

    SourceFile.Track read() {
        try {
            int status = 0;
            while (cursor.hasMore() && end.isEmpty()) {
                status = readEvent(status);
            }
            if (end.isEmpty()) {
                notice(Texts.say("has no end-of-track event; one is added"));
            }
        } catch (Cursor.Truncated e) {
            notice(Texts.say("is cut off in the middle of an event; what comes before is kept"));
        }
        closeHanging();
        Bytes rest = end.isPresent() ? Bytes.of(cursor.bytes(), cursor.position(), cursor.remaining()) : Bytes.EMPTY;
        if (rest.length() > 0) {
            notice(Texts.say("%s bytes after the end of the track are passed on unread", rest.length()));
        }
        tallies.forEach((what, count) -> notice(Texts.say(what, count)));
        return new SourceFile.Track(events.build(), rest);
    }

    private void notice(String message) {
        notices.add(new Notice(place, message));
    }

    private void tally(String message) {
        tallies.merge(message, 1, Integer::sum);
    }

    private int readEvent(int runningStatus) throws Cursor.Truncated {
        advance(cursor.nextQuantity());
        int status = runningStatus;
        boolean running = cursor.peek() < 0x80;
        if (!running) {
            status = cursor.next();
        } else if (runningStatus == 0) {
            tally(Texts.text("%s stray bytes without a status before them are left out"));
            cursor.next();
            while (cursor.peek() < 0x80) {
                tally(Texts.text("%s stray bytes without a status before them are left out"));
                cursor.next();
            }
            status = cursor.next();
            running = false;
        }
        if (status < 0xF0) {
            readChannelEvent(status, running);
            return status;
        }
        readOther(status);
        return runningStatus;
    }

    private void advance(long delta) throws Cursor.Truncated {
        if (delta > LONGEST_DELTA) {
            tally(Texts.text("%s impossible times between events are read as none"));
            return;
        }
        if (!Range.TICK.contains(tick + delta + 1)) {
            throw new Cursor.Truncated();
        }
        tick += delta;
    }

    private void readChannelEvent(int status, boolean running) throws Cursor.Truncated {
        int kind = status & 0xF0;
        int channel = status & 0x0F;
        cursor.need(kind == 0xC0 || kind == 0xD0 ? 1 : 2);
        int first = cursor.next();
        int second = kind == 0xC0 || kind == 0xD0 ? 0 : cursor.next();
        if (kind <= 0x90 && first > 127) {
            tally(Texts.text("%s notes with an impossible pitch are left out"));
        } else if (kind == 0x90 && second > 0) {
            if (second > 127) {
                tally(Texts.text("%s impossible velocities are read as 127"));
            }
            Note note = new Note(nextId++, tick, 1, first, Math.min(127, second), channel, Note.USUAL_RELEASE);
            lines[channel] = lines[channel] == null ? new LineBuilder(0) : lines[channel];
            hanging.begin(new HangingNotes.Begun(note.id(), tick, first, channel, lines[channel].add(note)));
            events.on(tick, note.id(), running);
        } else if (kind <= 0x90) {
            endNote(status, first, Math.min(127, second), running);
        } else {
            if (first > 127 || second > 127) {
                tally(Texts.text("%s controller values above 127 are read as 127"));
            }
            events.other(new SourceEvent.Other(tick, kind == 0xC0 || kind == 0xD0
                    ? Bytes.of(status, Math.min(127, first))
                    : Bytes.of(status, Math.min(127, first), Math.min(127, second)), running));
        }
    }

    private void endNote(int status, int pitch, int release, boolean running) {
        HangingNotes.Begun begun = hanging.end(status & 0x0F, pitch);
        boolean asNoteOn = (status & 0xF0) == 0x90;
        if (begun == null) {
            tally(Texts.text("%s note-offs end no note; they are passed on as they are"));
            events.other(new SourceEvent.Other(tick, Bytes.of(status, pitch, release), running));
            return;
        }
        end(begun, tick, asNoteOn ? Note.USUAL_RELEASE : release);
        events.off(tick, begun.id(), running, asNoteOn);
    }

    private void end(HangingNotes.Begun begun, long at, int release) {
        lines[begun.channel()].end(begun.place(), begun.length(at), release);
    }

    private void readOther(int status) throws Cursor.Truncated {
        int from = cursor.position() - 1;
        boolean isEnd = status == 0xFF && cursor.next() == END_OF_TRACK;
        if (status == 0xFF || status == 0xF0 || status == 0xF7) {
            long length = cursor.nextQuantity();
            cursor.need(length);
            cursor.skip((int) length);
        } else {
            tally(Texts.text("%s events that a file may not hold are passed on as they are"));
            cursor.skip(status == 0xF2 ? 2 : status == 0xF1 || status == 0xF3 ? 1 : 0);
        }
        SourceEvent.Other event = new SourceEvent.Other(tick, Bytes.of(cursor.bytes(), from, cursor.position() - from), false);
        if (isEnd) {
            end = Optional.of(event);
        } else {
            events.other(event);
        }
    }

    private void closeHanging() {
        List<HangingNotes.Begun> rest = hanging.rest();
        SourceEvent.Other last = end.orElseGet(() -> new SourceEvent.Other(tick, Bytes.of(0xFF, END_OF_TRACK, 0), false));
        long latest = tick;
        for (HangingNotes.Begun begun : rest) {
            long close = Math.max(tick, begun.start() + 1);
            latest = Math.max(latest, close);
            end(begun, close, Note.USUAL_RELEASE);
        }
        rest.stream().filter(begun -> begun.start() < tick)
                .forEach(begun -> events.off(tick, begun.id(), false, false));
        rest.stream().filter(begun -> begun.start() >= tick)
                .forEach(begun -> events.off(begun.start() + 1, begun.id(), false, false));
        events.other(latest == last.tick() ? last : new SourceEvent.Other(latest, last.bytes(), false));
        if (!rest.isEmpty()) {
            notice(Texts.count(rest.size(), "%s note never ends; it is closed at the track's end; it has pitch %s at tick %s",
                    "%s notes never end; they are closed at the track's end, the first being pitch %s at tick %s", rest.get(0).pitch(), rest.get(0).start()));
        }
    }
}
