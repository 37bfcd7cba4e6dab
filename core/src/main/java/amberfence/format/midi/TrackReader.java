package amberfence.format.midi;

import amberfence.format.Notice;
import amberfence.notes.Note;
import amberfence.song.Bytes;
import amberfence.song.SourceEvent;
import amberfence.song.SourceFile;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Reads the events of one track chunk, pairs notes, and goes on past damage as far as it can. */
final class TrackReader {
    private static final int END_OF_TRACK = 0x2F;
    /** The longest time between two events that a file can write in its four bytes. */
    static final long LONGEST_DELTA = 0x0FFFFFFF;

    private final Cursor cursor;
    private final String place;
    private final List<Notice> notices;
    private final List<SourceEvent> events = new ArrayList<>();
    private final List<Note> notes = new ArrayList<>();
    private final HangingNotes hanging = new HangingNotes();
    private final Map<String, Integer> tallies = new LinkedHashMap<>();
    private long nextId;
    private long tick;
    private boolean ended;

    TrackReader(Cursor cursor, int track, long nextId, List<Notice> notices) {
        this.cursor = cursor;
        this.place = Texts.say("track %s", track + 1);
        this.nextId = nextId;
        this.notices = notices;
    }

    List<Note> notes() {
        return notes;
    }

    long nextId() {
        return nextId;
    }

    SourceFile.Track read() {
        try {
            int status = 0;
            while (cursor.hasMore() && !ended) {
                status = readEvent(status);
            }
            if (!ended) {
                notice(Texts.say("has no end-of-track event; one is added"));
            }
        } catch (Cursor.Truncated e) {
            notice(Texts.say("is cut off in the middle of an event; what comes before is kept"));
        }
        closeHanging();
        Bytes rest = ended ? Bytes.of(cursor.bytes(), cursor.position(), cursor.remaining()) : Bytes.EMPTY;
        if (rest.length() > 0) {
            notice(Texts.say("%s bytes after the end of the track are passed on unread", rest.length()));
        }
        tallies.forEach((what, count) -> notice(Texts.say(what, count)));
        return new SourceFile.Track(events, rest);
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
            hanging.begin(new HangingNotes.Begun(nextId, tick, first, Math.min(127, second), channel));
            events.add(new SourceEvent.NoteOn(tick, nextId++, running));
        } else if (kind <= 0x90) {
            endNote(status, first, Math.min(127, second), running);
        } else {
            if (first > 127 || second > 127) {
                tally(Texts.text("%s controller values above 127 are read as 127"));
            }
            events.add(new SourceEvent.Other(tick, kind == 0xC0 || kind == 0xD0
                    ? Bytes.of(status, Math.min(127, first))
                    : Bytes.of(status, Math.min(127, first), Math.min(127, second)), running));
        }
    }

    private void endNote(int status, int pitch, int release, boolean running) {
        HangingNotes.Begun begun = hanging.end(status & 0x0F, pitch);
        boolean asNoteOn = (status & 0xF0) == 0x90;
        if (begun == null) {
            tally(Texts.text("%s note-offs end no note; they are passed on as they are"));
            events.add(new SourceEvent.Other(tick, Bytes.of(status, pitch, release), running));
            return;
        }
        notes.add(begun.ended(tick, asNoteOn ? Note.USUAL_RELEASE : release));
        events.add(new SourceEvent.NoteOff(tick, begun.id(), running, asNoteOn));
    }

    private void readOther(int status) throws Cursor.Truncated {
        int from = cursor.position() - 1;
        boolean end = status == 0xFF && cursor.next() == END_OF_TRACK;
        if (status == 0xFF || status == 0xF0 || status == 0xF7) {
            long length = cursor.nextQuantity();
            cursor.need(length);
            cursor.skip((int) length);
        } else {
            tally(Texts.text("%s events that a file may not hold are passed on as they are"));
            cursor.skip(status == 0xF2 ? 2 : status == 0xF1 || status == 0xF3 ? 1 : 0);
        }
        ended = end;
        events.add(new SourceEvent.Other(tick, Bytes.of(cursor.bytes(), from, cursor.position() - from), false));
    }

    private void closeHanging() {
        List<HangingNotes.Begun> rest = hanging.rest();
        SourceEvent.Other end = ended ? (SourceEvent.Other) events.remove(events.size() - 1)
                : new SourceEvent.Other(tick, Bytes.of(0xFF, END_OF_TRACK, 0), false);
        long last = tick;
        for (HangingNotes.Begun begun : rest) {
            long close = Math.max(tick, begun.start() + 1);
            last = Math.max(last, close);
            notes.add(begun.ended(close, Note.USUAL_RELEASE));
        }
        rest.stream().filter(begun -> begun.start() < tick)
                .forEach(begun -> events.add(new SourceEvent.NoteOff(tick, begun.id(), false, false)));
        rest.stream().filter(begun -> begun.start() >= tick)
                .forEach(begun -> events.add(new SourceEvent.NoteOff(begun.start() + 1, begun.id(), false, false)));
        events.add(last == end.tick() ? end : new SourceEvent.Other(last, end.bytes(), false));
        if (!rest.isEmpty()) {
            notice(Texts.count(rest.size(), "%s note never ends; it is closed at the track's end; it has pitch %s at tick %s",
                    "%s notes never end; they are closed at the track's end, the first being pitch %s at tick %s", rest.get(0).pitch(), rest.get(0).start()));
        }
    }
}
