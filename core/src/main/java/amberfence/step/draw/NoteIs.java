package amberfence.step.draw;

import amberfence.theory.MusicTextException;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Which member of a chord a note is.
 *
 * @param member from the root, 1–7, with {@code MEMBER}
 */
record NoteIs(Place place, int member) {
    /** Where it is looked for. */
    enum Place {
        ROOT, BASS, TOP, MEMBER
    }

    private static final Range MEMBER = new Range("member", 1, 7);
    private static final Pattern TEXT = Pattern.compile("member *: *(\\d)");
    static final NoteIs ROOT = new NoteIs(Place.ROOT, 1);

    NoteIs {
        MEMBER.check(member);
    }

    /** Reads {@code root}, {@code bass}, {@code top} or {@code member:2}. */
    static NoteIs parse(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        Matcher matcher = TEXT.matcher(plain);
        if (matcher.matches()) {
            return new NoteIs(Place.MEMBER, Integer.parseInt(matcher.group(1)));
        } else if (!plain.matches("root|bass|top")) {
            throw new MusicTextException(Texts.say("it is root, bass, top, or member:2"));
        }
        return new NoteIs(Place.valueOf(plain.toUpperCase(Locale.ROOT)), 1);
    }

    /** What {@link #parse} reads. */
    String text() {
        return place == Place.MEMBER ? "member:" + member : place.name().toLowerCase(Locale.ROOT);
    }
}
