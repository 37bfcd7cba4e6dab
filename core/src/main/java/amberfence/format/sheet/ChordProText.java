package amberfence.format.sheet;

import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads ChordPro (the open format of chordpro.org, version 6, from memory). Grids say how long chords are. In lines of words they do
 * not: where there is no grid, each chord among the words gets a bar, and that is told.
 */
final class ChordProText {
    private static final Pattern DIRECTIVE = Pattern.compile("\\{\\s*([A-Za-z_]+)(?:-[\\w!]+)?\\s*(?::\\s*(.*?)|\\s+(.*?))?\\s*}");
    private static final Pattern CHORD = Pattern.compile("\\[([^\\]*][^\\]]*)]");
    private static final Pattern BAR_LINE = Pattern.compile("\\|[.|]?|:\\|:?|\\|:");

    private final ChartText.Facts facts = new ChartText.Facts();
    private final List<String> grid = new ArrayList<>();
    private final List<String> among = new ArrayList<>();
    private final TreeMap<String, Integer> left = new TreeMap<>();
    private int words;
    private boolean inGrid;
    private boolean inOther;

    private ChordProText() {
    }

    static ChartText read(String text) {
        return new ChordProText().of(text);
    }

    private ChartText of(String text) {
        for (String line : text.lines().toList()) {
            String stripped = line.strip();
            Matcher directive = DIRECTIVE.matcher(stripped);
            if (stripped.startsWith("#")) {
                continue;
            }
            if (directive.matches()) {
                directive(directive.group(1).toLowerCase(Locale.ROOT), directive.group(2) != null ? directive.group(2) : directive.group(3) == null ? "" : directive.group(3));
            } else if (inGrid) {
                grid(stripped);
            } else if (!inOther) {
                words(stripped);
            }
        }
        String bars = bars();
        if (words > 0) {
            facts.notice(Texts.count(words, "%s line of words left out", "%s lines of words left out"));
        }
        left.forEach((name, count) -> facts.notice(Texts.count(count, "%s directive “%s” left out", "%s directives “%s” left out", name)));
        return facts.with(bars);
    }

    private void directive(String name, String value) {
        if (name.matches("start_of_grid|sog")) {
            inGrid = true;
        } else if (name.matches("end_of_grid|eog")) {
            inGrid = false;
        } else if (name.matches("start_of_(tab|abc|ly|svg|textblock)|sot")) {
            inOther = true;
            left.merge(name, 1, Integer::sum);
        } else if (name.matches("end_of_(tab|abc|ly|svg|textblock)|eot")) {
            inOther = false;
        } else if (name.matches("transpose|capo")) {
            left.merge(name, 1, Integer::sum);
        } else {
            facts.take(name, value);
        }
    }

    /** Left of the first bar line and right of the last stand labels and remarks. */
    private void grid(String line) {
        int from = line.indexOf('|');
        int to = line.lastIndexOf('|');
        if (from < 0 || to <= from) {
            return;
        }
        int begin = from > 0 && line.charAt(from - 1) == ':' ? from - 1 : from;
        int end = to + 1 < line.length() && (line.charAt(to + 1) == ':' || line.charAt(to + 1) == '.') ? to + 2 : to + 1;
        grid.add(line.substring(begin, end).replace("|.", "|"));
    }

    private void words(String line) {
        Matcher chord = CHORD.matcher(line);
        while (chord.find()) {
            among.add(chord.group(1).strip());
        }
        if (!line.replaceAll("\\[[^\\]]*]", "").isBlank()) {
            words++;
        }
    }

    private String bars() {
        if (!grid.isEmpty()) {
            // Beats behind a sign for a whole bar say nothing.
            return twice(String.join("\n", grid).replaceAll("(%+)(?:\\s+\\.)+", "$1"));
        }
        if (among.isEmpty()) {
            throw new MusicTextException(Texts.say("there are no chords in it: neither a grid nor chords in square brackets among the words"));
        }
        facts.notice(Texts.say("chords among words have no length; each of the %s got a bar", among.size()));
        return "| " + String.join(" | ", among) + " |";
    }

    /** The sign for two bars again is written out, for a chart knows one only; its second bar may stand empty in the grid. */
    private static String twice(String text) {
        if (!text.contains("%%")) {
            return text;
        }
        List<String> bars = new ArrayList<>(List.of(BAR_LINE.matcher(text).replaceAll(" | ").split("\\|")));
        bars.removeIf(bar -> bar.contains("\n") && bar.isBlank());
        List<String> kept = new ArrayList<>();
        for (int i = 0; i < bars.size(); i++) {
            String bar = bars.get(i).strip();
            if (bar.equals("%%") && kept.size() >= 2) {
                kept.add(kept.get(kept.size() - 2));
                kept.add(kept.get(kept.size() - 2));
                if (i + 1 < bars.size() && bars.get(i + 1).matches("[\\s.]*")) {
                    i++;
                }
            } else if (!bar.isEmpty()) {
                kept.add(bar);
            }
        }
        return "| " + String.join(" | ", kept) + " |";
    }
}
