package amberfence.step.draw;

import amberfence.notes.ChordSpan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.reading.ChordReader;
import amberfence.reading.ReadChord;
import amberfence.reading.RulingChords;
import amberfence.reading.Strokes;
import amberfence.step.ChordSource;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.LongUnaryOperator;

/** Gathers the notes of each span of time into a block. */
final class BlockWriter {
    /** A span of time; the end is no longer part of it. */
    private record Span(long start, long end) {
        long shared(Note note) {
            return Math.min(end, note.end()) - Math.max(start, note.start());
        }
    }

    private final Block step;
    private final RulingChords ruling;
    private final Surroundings around;
    private final Work work;
    private final Making making;
    private final TimeMap time;

    BlockWriter(Block step, RulingChords ruling, Surroundings around, Work work) {
        this.step = step;
        this.ruling = ruling;
        this.around = around;
        this.work = work;
        this.making = new Making(around, work);
        this.time = around.time();
    }

    void write(Line in) {
        List<Note> free = making.free(in);
        List<Span> spans = free.isEmpty() ? List.of() : spans(Line.of(free));
        List<List<Note>> inside = new ArrayList<>();
        spans.forEach(span -> inside.add(new ArrayList<>()));
        int from = 0;
        for (Note note : free) {
            while (from < spans.size() && spans.get(from).end <= note.start()) {
                from++;
            }
            place(note, spans, from, inside);
        }
        Set<Long> used = new HashSet<>();
        for (int i = 0; i < spans.size(); i++) {
            block(spans.get(i), inside.get(i), used);
        }
        making.write();
    }

    /** A note counts in each span into which it reaches by more than a hand's unevenness; one that reaches into none so far counts where most of it is. */
    private void place(Note note, List<Span> spans, int from, List<List<Note>> inside) {
        long reach = Math.max(1, Strokes.together(time));
        int most = -1;
        boolean counts = false;
        for (int i = from; i < spans.size() && spans.get(i).start < note.end(); i++) {
            work.turn();
            long shared = spans.get(i).shared(note);
            if (shared >= reach || shared == note.length()) {
                inside.get(i).add(note);
                counts = true;
            }
            most = most < 0 || shared > spans.get(most).shared(note) ? i : most;
        }
        if (!counts && most >= 0) {
            inside.get(most).add(note);
            counts = true;
        }
        if (counts) {
            making.replace(note, new DrawReason.JoinedInBlock());
        } else {
            making.keep(note);
        }
    }

    private void block(Span span, List<Note> notes, Set<Long> used) {
        Map<Integer, List<Note>> pitches = new TreeMap<>();
        notes.forEach(note -> pitches.computeIfAbsent(note.pitch(), pitch -> new ArrayList<>()).add(note));
        for (List<Note> same : pitches.values()) {
            Note source = same.stream().filter(note -> !used.contains(note.id())).findFirst().orElse(same.get(0));
            used.add(source.id());
            int loudest = same.stream().mapToInt(Note::velocity).max().orElseThrow();
            making.make(source, source.withStart(span.start).withLength(span.end - span.start).withVelocity(loudest),
                    new DrawReason.InBlock(same.size()));
        }
    }

    private List<Span> spans(Line line) {
        long start = line.notes().get(0).start();
        long end = line.end();
        return switch (step.over()) {
            case BAR -> spans(time.barStart(time.barOf(start)), end, this::nextBar);
            case BEAT -> spans(pulseAt(start), end, time::nextPulse);
            case CHORD -> chords(start, end);
            case HARMONY -> harmony(line);
        };
    }

    private long nextBar(long at) {
        return time.barStart(time.barOf(at) + 1);
    }

    /** The beginning of the beat in which a tick is. */
    private long pulseAt(long tick) {
        long at = time.barStart(time.barOf(tick));
        for (long next = time.nextPulse(at); next <= tick; next = time.nextPulse(at)) {
            at = next;
        }
        return at;
    }

    private List<Span> spans(long start, long end, LongUnaryOperator next) {
        List<Span> spans = new ArrayList<>();
        for (long at = start; at < end;) {
            work.turn();
            long to = next.applyAsLong(at);
            spans.add(new Span(at, to));
            at = to;
        }
        return spans;
    }

    /** Chords, the last until the notes end; where there is none the gap is a span, or nothing. */
    private List<Span> chords(long start, long end) {
        boolean gapsCount = step.source().gaps() != ChordSource.Gaps.LEAVE;
        List<Span> spans = new ArrayList<>();
        long at = start;
        for (int i = 0; i < ruling.size(); i++) {
            ChordSpan chord = ruling.span(i);
            if (chord.end() <= start || chord.start() >= end) {
                continue;
            }
            if (gapsCount && chord.start() > at) {
                spans.add(new Span(at, chord.start()));
            }
            // A chord that holds for ever holds as long as it was written, or as long as the notes.
            at = Math.min(chord.end(), Math.max(end, Math.min(ruling.end(), chord.end())));
            spans.add(new Span(chord.start(), at));
        }
        if (gapsCount && at < end) {
            spans.add(new Span(at, end));
        }
        return spans;
    }

    /** What is read as one chord; what cannot be read, bar by bar. */
    private List<Span> harmony(Line line) {
        List<Span> spans = new ArrayList<>();
        long at = line.notes().get(0).start();
        for (ReadChord chord : ChordReader.read(List.of(line), time, around.fence())) {
            unread(at, chord.start(), spans);
            spans.add(new Span(chord.start(), chord.end()));
            at = chord.end();
        }
        unread(at, line.end(), spans);
        return spans;
    }

    private void unread(long from, long to, List<Span> spans) {
        for (long at = from; at < to;) {
            long next = Math.min(to, nextBar(at));
            spans.add(new Span(at, next));
            at = next;
        }
    }
}
