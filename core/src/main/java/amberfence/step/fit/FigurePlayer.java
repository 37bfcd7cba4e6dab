package amberfence.step.fit;

import amberfence.notes.ChordSpan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.reading.RulingChords;
import amberfence.reading.Strokes;
import amberfence.step.ChordSource.Gaps;
import amberfence.step.Finding;
import amberfence.step.Reason;
import amberfence.step.Surroundings;
import amberfence.step.Work;
import amberfence.step.fit.FollowChords.Register;
import amberfence.step.fit.FollowChords.Restart;
import amberfence.theory.Chord;
import amberfence.theory.Octaves;
import amberfence.theory.PitchClass;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Plays a figure through chords, pass by pass. */
final class FigurePlayer {
    /**
     * A note of the figure as it was written.
     *
     * @param number its place in the chord of home
     * @param pitch where it was written, by which the register is found
     * @param own the part's own note that it is in the first pass, or null
     * @param from symbol of the chord of home
     */
    private record Written(Figure.Note number, int pitch, Note own, String from) {
    }

    private final FollowChords step;
    private final Line in;
    private final Surroundings around;
    private final RulingChords ruling;
    private final Work work;
    private final TimeMap time;
    private final ChordPlaces places;
    private final Chordless chordless;
    private final ChordSpan named;
    private int notReached;
    private int cutChords;

    FigurePlayer(FollowChords step, Line in, Surroundings around, RulingChords ruling, Work work) {
        this.step = step;
        this.in = in;
        this.around = around;
        this.ruling = ruling;
        this.work = work;
        this.time = around.time();
        this.places = new ChordPlaces(step.count(), around);
        String home = step.figure().isOwnNotes() ? step.home() : step.figure().home();
        this.named = home.isBlank() ? null : ChordSpan.of(1, 0, 1, Chord.parse(home));
        this.chordless = new Chordless(step.source().gaps(), around);
    }

    void play() {
        if (!step.figure().isOwnNotes()) {
            fill(drawn(), ruling.span(0).start(), step.figure().length());
        } else if (step.bars() == 0) {
            wholeLine();
        } else {
            firstBars();
        }
        chordless.report(work);
        if (notReached > 0) {
            work.find(new FitFinding.FigureCut(notReached, cutChords));
        }
    }

    private List<Written> drawn() {
        ChordSpan home = home(0);
        Places at = places.of(home, home.start());
        return step.figure().notes().stream().map(note -> new Written(note, at.pitch(note.place(), note.octave(), note.steps(),
                note.alteration()), null, home.chord().text())).toList();
    }

    /** The chord over which the figure was written: the one that is named, else one that rules. */
    private ChordSpan home(int otherwise) {
        return named == null ? ruling.span(otherwise) : named;
    }

    /** The part's own notes, numbered against home or against what sounds over each. */
    private List<Written> written(List<Note> notes, long from) {
        List<Written> written = new ArrayList<>();
        for (Note note : notes) {
            int over = Math.max(0, ruling.over(note));
            ChordSpan home = home(over);
            written.add(new Written(places.of(home, note.start()).number(note.pitch(), Math.max(0, note.start() - from), note.length(),
                    note.velocity()), note.pitch(), note, home.chord().text()));
        }
        return written;
    }

    private void wholeLine() {
        if (step.home().isBlank()) {
            work.find(new FitFinding.FigureAtHome());
            in.notes().forEach(work::keep);
            return;
        }
        List<Written> all = written(in.notes(), 0);
        for (int from = 0; from < all.size();) {
            int chord = ruling.over(all.get(from).own());
            int to = from + 1;
            while (to < all.size() && ruling.over(all.get(to).own()) == chord) {
                to++;
            }
            List<Written> under = all.subList(from, to);
            int octaves = chord == RulingChords.NONE ? 0 : octaves(under, chord, under.get(0).own().start());
            for (Written note : under) {
                if (chord == RulingChords.NONE) {
                    chordless.treat(note.own(), work);
                } else {
                    int wanted = pitch(note, chord, note.own().start()) + PitchClass.COUNT * octaves;
                    work.change(note.own(), note.own().withPitch(within(note.own(), wanted)), reason(note, chord));
                }
            }
            from = to;
        }
    }

    private void firstBars() {
        int bar = time.barOf(in.notes().get(0).start());
        long from = time.barStart(bar);
        long to = time.barStart(bar + step.bars());
        fill(written(in.between(from, to).notes(), from), from, to - from);
    }

    /** The figure from a tick on; what the part has there itself makes room, or stays beside it. */
    private void fill(List<Written> figure, long from, long length) {
        boolean once = !step.repeat() && step.restart() == Restart.NOT;
        long end = once ? from + length : Math.max(from + length, ruling.end());
        boolean beside = !step.figure().isOwnNotes() && !step.instead();
        OwnNotes own = new OwnNotes(Strokes.together(time));
        for (Note note : in.notes()) {
            if (beside || note.start() < from || note.start() >= end || !around.picked().contains(note)) {
                work.keep(note);
            } else if (around.left().contains(note)) {
                work.leave(note, new Reason.LeftByHand());
            } else {
                own.add(note);
            }
        }
        playPasses(figure, from, length, own);
        own.left().forEach(note -> work.remove(note, new FitReason.FigureInstead()));
    }

    /** @param own the part's notes that are in the way; those that the first pass meets again are taken out of it */
    private void playPasses(List<Written> figure, long from, long length, OwnNotes own) {
        long end = Math.max(from + 1, step.figure().isOwnNotes() ? Math.max(ruling.end(), from + length) : ruling.end());
        switch (step.restart()) {
            case NOT -> stretch(figure, from, end, length, false, own);
            case CHORD -> {
                for (int chord = 0; chord < ruling.size(); chord++) {
                    ChordSpan span = ruling.span(chord);
                    if (span.end() > from && span.start() < end) {
                        stretch(figure, Math.max(from, span.start()), Math.min(end, span.end()), length, true, own);
                    }
                }
            }
            default -> {
                for (long at = from; at < end;) {
                    work.turn();
                    long next = time.barStart(time.barOf(at) + 1);
                    stretch(figure, at, Math.min(end, next), length, true, own);
                    at = next;
                }
            }
        }
    }

    /** The figure again and again in a stretch of time. */
    private void stretch(List<Written> figure, long from, long end, long length, boolean cut, OwnNotes own) {
        for (long at = from; at < end; at += length) {
            work.turn();
            long until = Math.min(end, at + length);
            List<Written> reached = new ArrayList<>();
            for (Written note : figure) {
                if (at + note.number().start() < until) {
                    reached.add(note);
                }
            }
            if (at == from && cut && reached.size() < figure.size()) {
                notReached += figure.size() - reached.size();
                cutChords++;
            }
            pass(reached, at, cut ? end : Long.MAX_VALUE, own);
            if (!step.repeat()) {
                return;
            }
        }
    }

    private void pass(List<Written> notes, long at, long end, OwnNotes own) {
        for (int from = 0; from < notes.size();) {
            int chord = ruling.over(sounding(notes.get(from), at, end));
            int to = from + 1;
            while (to < notes.size() && ruling.over(sounding(notes.get(to), at, end)) == chord) {
                to++;
            }
            List<Written> under = notes.subList(from, to);
            int octaves = chord == RulingChords.NONE ? 0 : octaves(under, chord, at + under.get(0).number().start());
            for (Written note : under) {
                Note sounding = sounding(note, at, end);
                if (chord != RulingChords.NONE) {
                    int wanted = pitch(note, chord, sounding.start()) + PitchClass.COUNT * octaves;
                    put(note, ruling.span(chord).id(), sounding.withPitch(within(sounding, wanted)), own, reason(note, chord));
                } else if (step.source().gaps() != Gaps.LEAVE) {
                    int pitch = chordless.pitch(sounding);
                    put(note, 0, sounding.withPitch(pitch), own, new FitReason.ScaleWithoutChord(pitch));
                }
            }
            from = to;
        }
    }

    private Note sounding(Written note, long at, long end) {
        long start = at + note.number().start();
        long length = Math.max(1, Math.min(note.number().length(), end - start));
        int channel = in.isEmpty() ? around.channel() : in.notes().get(0).channel();
        return note.own() == null ? new Note(0, start, length, Octaves.within(note.pitch()), note.number().velocity(), channel,
                Note.USUAL_RELEASE) : note.own().withStart(start).withLength(length);
    }

    /** A note of the figure sounds: as one that the part has there already, where it has one like it, or as a new one. */
    private void put(Written from, long chord, Note sounding, OwnNotes own, Reason reason) {
        Optional<Note> there = own.take(from.own(), sounding);
        if (there.isPresent()) {
            work.change(there.get(), there.get().withPitch(sounding.pitch()), reason);
        } else if (from.own() == null) {
            work.add(chord, sounding, reason);
        } else {
            work.add(from.own(), sounding, reason);
        }
    }

    private int pitch(Written note, int chord, long tick) {
        Figure.Note number = note.number();
        return places.of(ruling.span(chord), tick).pitch(number.place(), number.octave(), number.steps(), number.alteration());
    }

    /** By how many octaves the notes under a chord are moved for the register. */
    private int octaves(List<Written> under, int chord, long tick) {
        ChordSpan span = ruling.span(chord);
        if (step.register() == Register.CLIMBING) {
            if (step.count() == Count.POSITION) {
                return 0;
            }
            int home = Places.root(home(step.figure().isOwnNotes() ? Math.max(0, ruling.over(under.get(0).own())) : 0));
            int root = Places.root(span);
            return (home + Math.floorMod(root - home, PitchClass.COUNT) - root) / PitchClass.COUNT;
        }
        long away = 0;
        for (Written note : under) {
            away += note.pitch() - pitch(note, chord, tick);
        }
        return (int) Math.ceil(away / (double) (PitchClass.COUNT * under.size()) - 0.5);
    }

    private int within(Note note, int wanted) {
        int pitch = Octaves.within(wanted);
        if (pitch != wanted) {
            work.find(new Finding.OctaveBack(note, pitch));
        }
        return pitch;
    }

    private Reason reason(Written note, int chord) {
        Figure.Note number = note.number();
        Places at = places.of(ruling.span(chord), ruling.span(chord).start());
        String member = ruling.role(chord, Octaves.within(at.pitch(number.place(), number.octave(), 0, 0)));
        return number.steps() == 0 && number.alteration() == 0 ? new FitReason.SameMember(member, note.from(), ruling.text(chord))
                : new FitReason.BesideMember(number.steps(), number.alteration(), member, ruling.text(chord));
    }
}
