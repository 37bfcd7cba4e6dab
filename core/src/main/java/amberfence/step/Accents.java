package amberfence.step;

import amberfence.theory.MusicTextException;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/** Shares of velocity, in percent, that come round. */
public record Accents(List<Integer> shares) {
    private static final int MOST = 16;
    private static final Range SHARE = new Range(Texts.text("share of velocity in percent"), 1, 400);
    private static final int WHOLE = 100;
    public static final Accents NONE = new Accents(List.of(WHOLE));

    public Accents {
        shares = List.copyOf(shares);
        if (shares.isEmpty() || shares.size() > MOST) {
            throw new IllegalArgumentException(Texts.say("accents are 1 to %s shares in percent, as in 100,60,80, not %s", MOST, shares.size()));
        }
        shares.forEach(SHARE::check);
    }

    /** Reads {@code 100,60,80}, with or without percent signs. */
    public static Accents parse(String text) {
        List<String> words = Arrays.stream(text.split(",", -1)).map(word -> word.strip().replaceFirst("\\s*%$", "")).toList();
        if (!words.stream().allMatch(word -> word.matches("\\d{1,3}"))) {
            throw new MusicTextException(Texts.say("accents are shares in percent with commas, as in 100,60,80"));
        }
        return new Accents(words.stream().map(Integer::valueOf).toList());
    }

    /** What {@link #parse} reads. */
    public String text() {
        return shares.stream().map(String::valueOf).collect(Collectors.joining(","));
    }

    /** A velocity with the accent of a place, counted from 0; half a step is rounded up. */
    public int at(int velocity, long place) {
        return of(velocity, shares.get((int) (place % shares.size())));
    }

    /** A share of a velocity in percent; half a step is rounded up, and it stays a velocity. */
    public static int of(int velocity, int share) {
        return (int) Range.VELOCITY.nearest(Math.round(velocity * share / (double) WHOLE));
    }
}
