package amberfence.step.draw;

import amberfence.notes.Grid;
import amberfence.theory.MusicTextException;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** When the notes of a line of its own begin. */
sealed interface LineRhythm {
    Pattern TEXT = Pattern.compile("every *: *(1/\\S+)|even *: *(\\d{1,2})/(\\d{1,2})(?: *@ *(\\d{1,2}))?|density *: *(\\d{1,3}) *%?");
    int MOST_CELLS = 64;

    /** At every line of a note value. */
    record Every(Grid value) implements LineRhythm {
    }

    /** So many beats spread evenly over so many cells, turned so many cells later. */
    record Even(int beats, int cells, int turned) implements LineRhythm {
        public Even {
            new Range("cells", 1, MOST_CELLS).check(cells);
            new Range(Texts.say("beats over %s cells", cells), 1, cells).check(beats);
            new Range(Texts.text("cells to turn by"), 0, cells - 1).check(turned);
        }
    }

    /** Each cell with a chance, in percent. */
    record Density(int percent) implements LineRhythm {
        public Density {
            new Range(Texts.text("density in percent"), 0, 100).check(percent);
        }
    }

    /** Reads {@code every:1/8}, {@code even:3/8@0} or {@code density:40%}. */
    static LineRhythm parse(String text) {
        Matcher matcher = TEXT.matcher(text.strip());
        if (!matcher.matches()) {
            throw new MusicTextException(Texts.say("it is every:1/8, even:3/8@0 or density:40%"));
        } else if (matcher.group(1) != null) {
            return new Every(Grid.parse(matcher.group(1)));
        } else if (matcher.group(5) != null) {
            return new Density(Integer.parseInt(matcher.group(5)));
        }
        return new Even(Integer.parseInt(matcher.group(2)), Integer.parseInt(matcher.group(3)),
                matcher.group(4) == null ? 0 : Integer.parseInt(matcher.group(4)));
    }

    /** What {@link #parse} reads. */
    default String text() {
        if (this instanceof Every every) {
            return "every:" + every.value.text();
        } else if (this instanceof Density density) {
            return "density:" + density.percent + "%";
        }
        Even even = (Even) this;
        return "even:" + even.beats + "/" + even.cells + "@" + even.turned;
    }
}
