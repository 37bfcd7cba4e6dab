package amberfence.app.pick;

import amberfence.app.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The kinds of conditions, each with the text of its rule, {@code %s} standing for what can be set, and what is usual there. */
enum PickKind {
    LOWEST("lowest"), HIGHEST("highest"), VOICE("voice %s", "2"), VOICE_FROM_TOP("voice %s from top", "2"),
    NEAR_LOWEST("within %s of lowest", "7"), INSIDE("inside"), OUTSIDE("outside"), DEGREE("degree %s", "3"),
    CHORD_NOTE("chord note"), PITCH("pitch %s to %s", "C3", "C5"), STRONG_BEAT("strong beat"), ON_BEAT("on beat"),
    OFF_BEAT("off beat"), LONGER("length from %s", "1/4"), SHORTER("length up to %s", "1/8"),
    LENGTH("length from %s up to %s", "1/8", "1/4"), VELOCITY("velocity %s to %s", "1", "64"), EVERY("every %s", "2"),
    EVERY_FROM("every %s from %s", "2", "2"), OVERLAPPING("overlapping");

    private final String template;
    private final List<String> usual;
    private final Pattern pattern;

    PickKind(String template, String... usual) {
        this.template = template;
        this.usual = List.of(usual);
        this.pattern = Pattern.compile(template.replace("%s", "(\\S+)"));
    }

    /** What is set to begin with. */
    List<String> usual() {
        return usual;
    }

    /** The condition as the text of a rule. */
    String text(List<String> values) {
        return String.format(Locale.ROOT, template, values.toArray());
    }

    /** The values in a condition's text, if it is of this kind. */
    Optional<List<String>> values(String text) {
        Matcher matcher = pattern.matcher(text);
        if (!matcher.matches()) {
            return Optional.empty();
        }
        List<String> values = new ArrayList<>();
        for (int i = 1; i <= matcher.groupCount(); i++) {
            values.add(matcher.group(i));
        }
        return Optional.of(values);
    }

    /** How people read it. */
    String words() {
        return Words.say("pick." + name().toLowerCase(Locale.ROOT));
    }
}
