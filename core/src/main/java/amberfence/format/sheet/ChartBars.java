package amberfence.format.sheet;

import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Takes a chart apart into bars. Bars stand between lines; a new line of text is one, too, where none stands at its edge. {@code ||}
 * is a double line; what stands between {@code |:} and {@code :|} is played twice, {@code :|} without a beginning goes back to the
 * first bar or the last repeat, {@code :|:} ends and begins.
 */
final class ChartBars {
    private static final Pattern LINE = Pattern.compile(":\\|+:|\\|+:|:\\|+|\\|+");
    /** Commas and spaces inside brackets belong to a symbol. */
    private static final Pattern TOKEN = Pattern.compile("(?:\\([^()]*\\)?|[^\\s,(])+");
    private static final Pattern ENDING = Pattern.compile("\\[?[1-9][.),:].*|\\[[1-9]");

    private ChartBars() {
    }

    /** The signs of each bar; none in a bar that stands empty. */
    static List<List<String>> read(String text) {
        String joined = text.strip().replaceAll("(\\|+:?)\\s*\\R\\s*(:?\\|+:?)", "$1$2").replaceAll("\\s*\\R\\s*(?=:?\\|)", " ")
                .replaceAll("(?<=\\||\\|:)\\s*\\R\\s*", " ").replaceAll("\\R", " | ").strip();
        List<List<String>> bars = new ArrayList<>();
        int repeat = 0;
        int at = 0;
        Matcher line = LINE.matcher(joined);
        while (line.find()) {
            boolean first = line.start() == 0;
            if (!first) {
                bars.add(tokens(joined.substring(at, line.start())));
            }
            at = line.end();
            if (line.group().startsWith(":") && !first) {
                bars.addAll(List.copyOf(bars.subList(repeat, bars.size())));
                repeat = bars.size();
            }
            if (line.group().endsWith(":")) {
                repeat = bars.size();
            }
        }
        if (!joined.substring(at).isBlank()) {
            bars.add(tokens(joined.substring(at)));
        }
        if (bars.stream().allMatch(List::isEmpty)) {
            throw new MusicTextException(Texts.say("there is no chord in this chart; write bars like | Dm7 G7 | Cmaj7 |"));
        }
        return bars;
    }

    private static List<String> tokens(String bar) {
        List<String> tokens = new ArrayList<>();
        Matcher token = TOKEN.matcher(bar);
        while (token.find()) {
            String plain = token.group().replaceAll("\\s", "");
            if (ENDING.matcher(plain).matches()) {
                throw new MusicTextException(Texts.say("first and second endings cannot be played here, as in “%s”; write the bars out", bar.strip()));
            }
            tokens.add(plain);
        }
        return tokens;
    }
}
