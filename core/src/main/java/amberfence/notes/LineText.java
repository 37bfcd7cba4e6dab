package amberfence.notes;

import amberfence.theory.MusicTextException;
import amberfence.theory.SpelledPitch;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Short melodies as text: {@code "A4:2 B4 r:3 | [D3 F3 A3]:6"}. A note is a pitch with its octave, after a colon its
 * length in units (1 when left out), after an {@code @} its velocity. {@code r} is a rest, square brackets hold what
 * sounds together, a bar line stands between bars and is only for the eye.
 */
public final class LineText {
    private static final Pattern TOKEN = Pattern.compile("\\s*(?:\\||(\\[[^\\]]*\\]|[^\\s:@|\\[\\]]+)(?::(\\d+))?(?:@(\\d+))?)");
    private static final int USUAL_VELOCITY = 80;

    private final long unit;
    private final int channel;
    private final List<Note> notes = new ArrayList<>();
    private long nextId;
    private long tick;

    private LineText(long unit, int channel, long firstId) {
        this.unit = unit;
        this.channel = channel;
        this.nextId = firstId;
    }

    /**
     * Reads a line.
     *
     * @param unit ticks of a length of 1
     * @param firstId the identity of the first note; the others follow
     */
    public static Line parse(String text, long unit, int channel, long firstId) {
        LineText reader = new LineText(unit, channel, firstId);
        Matcher matcher = TOKEN.matcher(text.strip());
        int end = 0;
        while (end < matcher.regionEnd()) {
            if (!matcher.find(end) || matcher.start() != end) {
                throw new MusicTextException(Texts.say("“%s” cannot be read; write notes like C4, C4:2 or [C4 E4]:3, rests like r:2", text.strip().substring(end)));
            }
            end = matcher.end();
            if (matcher.group(1) != null) {
                reader.add(matcher.group(1), matcher.group(2), matcher.group(3));
            }
        }
        return Line.of(reader.notes);
    }

    private void add(String what, String units, String velocity) {
        long length = unit * (units == null ? 1 : Long.parseLong(units));
        if (!what.equals("r")) {
            String pitches = what.startsWith("[") ? what.substring(1, what.length() - 1).strip() : what;
            for (String pitch : pitches.split("\\s+")) {
                notes.add(new Note(nextId++, tick, length, SpelledPitch.parse(pitch).number(),
                        velocity == null ? USUAL_VELOCITY : Integer.parseInt(velocity), channel, Note.USUAL_RELEASE));
            }
        }
        tick += length;
    }
}
