package amberfence.notes;

import amberfence.theory.Voicing;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.LongSupplier;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/** The chords of a song in time: in order, none over another; between them there may be no chord. */
public record Progression(List<ChordSpan> spans) {
    public static final Progression EMPTY = new Progression(List.of());

    public Progression {
        spans = List.copyOf(spans);
        for (int i = 1; i < spans.size(); i++) {
            if (spans.get(i).start() < spans.get(i - 1).end()) {
                throw new IllegalArgumentException(Texts.say("chords stand one after the other; %s at tick %s begins before %s ends",
                        spans.get(i).chord(), spans.get(i).start(), spans.get(i - 1).chord()));
            }
        }
    }

    public boolean isEmpty() {
        return spans.isEmpty();
    }

    /** The chord that holds at a tick. */
    public Optional<ChordSpan> at(long tick) {
        int index = indexAt(tick);
        return index < 0 || spans.get(index).end() <= tick ? Optional.empty() : Optional.of(spans.get(index));
    }

    /** The index of the last chord that begins at a tick or before, −1 when none does. */
    public int indexAt(long tick) {
        int low = 0;
        int high = spans.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (spans.get(middle).start() <= tick) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low - 1;
    }

    public Optional<ChordSpan> find(long id) {
        return spans.stream().filter(span -> span.id() == id).findFirst();
    }

    /** The chords of these identities, in time. */
    public List<ChordSpan> in(Collection<Long> ids) {
        return spans.stream().filter(span -> ids.contains(span.id())).toList();
    }

    public int indexOf(long id) {
        for (int i = 0; i < spans.size(); i++) {
            if (spans.get(i).id() == id) {
                return i;
            }
        }
        return -1;
    }

    /** The first tick after the last chord, 0 when there is none. */
    public long end() {
        return spans.isEmpty() ? 0 : spans.get(spans.size() - 1).end();
    }

    /**
     * With more chords, none of them over another; what they cover is shortened or goes. A chord that sticks out on both sides of one goes
     * on behind it, as a chord of its own.
     *
     * @param fresh identities for those that go on
     */
    public Progression plus(Collection<ChordSpan> more, LongSupplier fresh) {
        List<ChordSpan> added = more.stream().sorted(Comparator.comparingLong(ChordSpan::start)).toList();
        Set<Long> replaced = added.stream().map(ChordSpan::id).collect(Collectors.toSet());
        List<ChordSpan> all = new ArrayList<>(added);
        int next = 0;
        for (ChordSpan old : spans) {
            if (replaced.contains(old.id())) {
                continue;
            }
            while (next < added.size() && added.get(next).end() <= old.start()) {
                next++;
            }
            long from = old.start();
            boolean goesOn = false;
            for (int i = next; i < added.size() && added.get(i).start() < old.end(); i++) {
                if (from < added.get(i).start()) {
                    all.add(rest(old, goesOn, fresh).withTime(from, added.get(i).start()));
                    goesOn = true;
                }
                from = added.get(i).end();
            }
            if (from < old.end()) {
                all.add(rest(old, goesOn, fresh).withTime(from, old.end()));
            }
        }
        return of(all);
    }

    private static ChordSpan rest(ChordSpan old, boolean goesOn, LongSupplier fresh) {
        return goesOn ? old.withId(fresh.getAsLong()) : old;
    }

    /** Chords in any order. */
    public static Progression of(Collection<ChordSpan> spans) {
        return new Progression(spans.stream().sorted(Comparator.comparingLong(ChordSpan::start)).toList());
    }

    public Progression minus(Collection<Long> ids) {
        return new Progression(spans.stream().filter(span -> !ids.contains(span.id())).toList());
    }

    /** With some chords changed; their times stay. */
    public Progression with(Collection<Long> ids, UnaryOperator<ChordSpan> change) {
        return new Progression(spans.stream().map(span -> ids.contains(span.id()) ? change.apply(span) : span).toList());
    }

    /**
     * A chord that begins and ends elsewhere; its neighbours make room, and those that touched it follow its edges.
     *
     * @param fresh as in {@link #plus}
     */
    public Progression resized(long id, long start, long end, LongSupplier fresh) {
        int index = indexOf(id);
        ChordSpan span = spans.get(index);
        long from = Math.max(0, Math.min(start, end - 1));
        List<ChordSpan> changed = new ArrayList<>(spans);
        if (index > 0 && spans.get(index - 1).end() == span.start() && from > spans.get(index - 1).start()
                && from < span.end()) {
            changed.set(index - 1, spans.get(index - 1).withTime(spans.get(index - 1).start(), from));
        }
        if (index + 1 < spans.size() && spans.get(index + 1).start() == span.end() && end < spans.get(index + 1).end()
                && end > span.start()) {
            changed.set(index + 1, spans.get(index + 1).withTime(end, spans.get(index + 1).end()));
        }
        changed.remove(index);
        return of(changed).plus(List.of(span.withTime(from, Math.max(from + 1, end))), fresh);
    }

    /** Cuts a chord in two at a tick inside it; the second half gets the identity that is given. */
    public Progression cut(long id, long tick, long freshId) {
        ChordSpan span = find(id).orElseThrow();
        if (tick <= span.start() || tick >= span.end()) {
            return this;
        }
        List<ChordSpan> changed = new ArrayList<>(spans);
        changed.set(indexOf(id), span.withTime(span.start(), tick));
        changed.add(span.withId(freshId).withTime(tick, span.end()));
        return of(changed);
    }

    /** Joins a chord with the one behind it, which goes. */
    public Progression joined(long id) {
        int index = indexOf(id);
        if (index + 1 >= spans.size()) {
            return this;
        }
        List<ChordSpan> changed = new ArrayList<>(spans);
        changed.set(index, spans.get(index).withTime(spans.get(index).start(), spans.get(index + 1).end()));
        changed.remove(index + 1);
        return new Progression(changed);
    }

    /** The voicings of all chords in order. */
    public List<Voicing> voicings() {
        return spans.stream().map(ChordSpan::sounding).toList();
    }
}
