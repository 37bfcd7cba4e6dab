package amberfence.notes;

import amberfence.theory.Key;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The keys of a song by bar: at least one, the first from bar 1. */
public record KeyPlan(List<KeySpan> spans) {
    public KeyPlan {
        spans = List.copyOf(spans);
        if (spans.isEmpty() || spans.get(0).fromBar() != 1) {
            throw new IllegalArgumentException(Texts.say("a key plan begins with a key from bar 1"));
        }
        for (int i = 1; i < spans.size(); i++) {
            if (spans.get(i).fromBar() <= spans.get(i - 1).fromBar()) {
                throw new IllegalArgumentException(Texts.say("key spans must begin at rising bars; bar %s does not", spans.get(i).fromBar()));
            }
        }
    }

    /** One key for the whole song. */
    public static KeyPlan of(Key key) {
        return new KeyPlan(List.of(new KeySpan(1, key)));
    }

    /** Index of the span that holds a bar. */
    public int indexAt(int bar) {
        int index = spans.size() - 1;
        while (spans.get(index).fromBar() > bar) {
            index--;
        }
        return index;
    }

    public Key at(int bar) {
        return spans.get(indexAt(bar)).key();
    }

    public Key first() {
        return spans.get(0).key();
    }

    /** The last bar of a span: the one before the next span, or the song's last, but never before the span begins. */
    public int lastBar(int index, int songLastBar) {
        int from = spans.get(index).fromBar();
        return Math.max(from, index + 1 < spans.size() ? spans.get(index + 1).fromBar() - 1 : songLastBar);
    }

    /** The plan with another key from a bar on, until the next span begins; a span that begins there is replaced. */
    public KeyPlan plus(int fromBar, Key key) {
        List<KeySpan> changed = new ArrayList<>(spans);
        changed.removeIf(span -> span.fromBar() == fromBar);
        changed.add(new KeySpan(fromBar, key));
        changed.sort(Comparator.comparingInt(KeySpan::fromBar));
        return new KeyPlan(changed);
    }

    /** The plan with another key in some bars, both included; behind them it goes on as it would have. */
    public KeyPlan with(int fromBar, int toBar, Key key) {
        Key behind = at(toBar + 1);
        List<KeySpan> changed = new ArrayList<>(spans);
        changed.removeIf(span -> span.fromBar() >= fromBar && span.fromBar() <= toBar + 1);
        changed.add(new KeySpan(fromBar, key));
        changed.add(new KeySpan(toBar + 1, behind));
        changed.sort(Comparator.comparingInt(KeySpan::fromBar));
        return new KeyPlan(changed);
    }

    /** The plan without one span; the one before it goes on. The first cannot be taken away. */
    public KeyPlan minus(int index) {
        if (index == 0) {
            throw new IllegalArgumentException(Texts.say("the first key of a song can be changed, but not taken away"));
        }
        List<KeySpan> changed = new ArrayList<>(spans);
        changed.remove(index);
        return new KeyPlan(changed);
    }

    /** The plan with a span beginning at another bar, as far as its neighbours leave room; the first stays at bar 1. */
    public KeyPlan moved(int index, int fromBar) {
        if (index == 0) {
            return this;
        }
        int last = index + 1 < spans.size() ? spans.get(index + 1).fromBar() - 1 : Integer.MAX_VALUE;
        int bar = Math.max(spans.get(index - 1).fromBar() + 1, Math.min(last, fromBar));
        List<KeySpan> changed = new ArrayList<>(spans);
        changed.set(index, new KeySpan(bar, spans.get(index).key()));
        return new KeyPlan(changed);
    }

    /** The plan with the key of one span replaced. */
    public KeyPlan with(int index, Key key) {
        List<KeySpan> changed = new ArrayList<>(spans);
        changed.set(index, new KeySpan(spans.get(index).fromBar(), key));
        return new KeyPlan(changed);
    }
}
