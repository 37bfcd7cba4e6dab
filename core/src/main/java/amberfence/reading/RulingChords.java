package amberfence.reading;

import amberfence.notes.ChordSpan;
import amberfence.notes.Note;
import amberfence.notes.Progression;
import amberfence.notes.TimeMap;
import amberfence.theory.Chord;
import amberfence.theory.ChordTone;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Range;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Which chord rules at a tick, and over a note. A note that begins a little before a chord, as players do, belongs to that
 * chord: what counts is a moment a thirty-second after its start, or its middle when it is shorter.
 */
public final class RulingChords {
    /** No chord rules. */
    public static final int NONE = -1;
    private final Progression chords;
    private final TimeMap time;
    private final long end;
    /** What is asked of a chord again and again, made when first asked for. */
    private final Known[] known;
    private final Map<Chord, Known> same = new HashMap<>();

    /** A chord with its notes and their names. */
    private record Known(int number, PitchClassSet notes, String text, String[] roles) {
        static Known of(Chord chord, int number) {
            String[] roles = new String[PitchClass.COUNT];
            for (int i = 0; i < roles.length; i++) {
                roles[i] = chord.member(new PitchClass(i)).map(ChordTone::role).orElse("bass");
            }
            return new Known(number, chord.pitchClasses(), chord.text(), roles);
        }
    }

    /** @param hold whether each chord holds on until the next, the last for ever */
    public RulingChords(Progression given, boolean hold, TimeMap time) {
        this.chords = hold ? held(given) : given;
        this.time = time;
        this.end = given.end();
        this.known = new Known[chords.spans().size()];
    }

    /** What goes on after a gap is one chord. */
    private static Progression held(Progression given) {
        List<ChordSpan> spans = new ArrayList<>();
        for (ChordSpan span : given.spans()) {
            int last = spans.size() - 1;
            if (last >= 0 && spans.get(last).end() < span.start() && spans.get(last).chord().equals(span.chord())) {
                spans.set(last, spans.get(last).withTime(spans.get(last).start(), span.end()));
                continue;
            }
            if (last >= 0) {
                spans.set(last, spans.get(last).withTime(spans.get(last).start(), span.start()));
            }
            spans.add(span);
        }
        if (!spans.isEmpty()) {
            int last = spans.size() - 1;
            spans.set(last, spans.get(last).withTime(spans.get(last).start(), Range.TICK.highest()));
        }
        return new Progression(spans);
    }

    public boolean isEmpty() {
        return chords.isEmpty();
    }

    /** The tick at which the last chord ends, were it not to hold on. */
    public long end() {
        return end;
    }

    /** How many chords there are. */
    public int size() {
        return chords.spans().size();
    }

    /** The index of the chord at a tick, or {@link #NONE}. */
    public int at(long tick) {
        int index = chords.indexAt(tick);
        return index < 0 || chords.spans().get(index).end() <= tick ? NONE : index;
    }

    /** The index of the chord that rules a note, or {@link #NONE}. */
    public int over(Note note) {
        return at(note.start() + Math.min(note.length() / 2, Strokes.together(time)));
    }

    /** A chord in time, by its index from 0. */
    public ChordSpan span(int index) {
        return chords.spans().get(index);
    }

    /** A chord by its index. */
    public Chord chord(int index) {
        return span(index).chord();
    }

    private Known known(int index) {
        if (known[index] == null) {
            known[index] = same.computeIfAbsent(chord(index), chord -> Known.of(chord, same.size()));
        }
        return known[index];
    }

    /** A number that two chords share when they are the same chord. */
    public int kindOf(int index) {
        return known(index).number();
    }

    /** The pitch classes of a chord. */
    public PitchClassSet notes(int index) {
        return known(index).notes();
    }

    /** The symbol of a chord. */
    public String text(int index) {
        return known(index).text();
    }

    /** What a pitch is called among the members of a chord. */
    public String role(int index, int pitch) {
        return known(index).roles()[pitch % PitchClass.COUNT];
    }
}
