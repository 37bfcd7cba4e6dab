package amberfence.handbook;

import amberfence.edit.RecipeEdits;
import amberfence.format.sheet.ChordChart;
import amberfence.notes.Fence;
import amberfence.notes.Grid;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.result.SongResults;
import amberfence.song.Origin;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.recipe.Recipe;
import amberfence.theory.Key;
import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;

/**
 * An example of the handbook: notes, what is around them, the steps, and what the handbook says that comes of it. As text it is
 * lines of {@code word: value}: {@code notes} as {@link LineText} reads them, {@code step} lines as a recipe has them,
 * {@code becomes}, unless it is left to chance; and, where it matters, {@code key}, {@code chords} as a chart, {@code role}, {@code unit} (the note value of a
 * length of 1, else an eighth) and {@code other}, the notes of another part, which is called Other.
 */
public record HandbookExample(String notes, Optional<String> other, Key key, Optional<String> chords, Role role, Grid unit, Recipe recipe,
                              String becomes) {
    /** The part with the notes of an example. */
    public static final int PART = 1;
    private static final int OTHER = 2;
    private static final String OTHER_NAME = "Other";
    private static final int QUARTER = 480;

    /** @throws MusicTextException says what cannot be read */
    static HandbookExample parse(String title, String text) {
        Map<String, String> values = new LinkedHashMap<>();
        StringBuilder steps = new StringBuilder();
        for (String line : text.lines().filter(some -> !some.isBlank()).toList()) {
            int colon = line.indexOf(':');
            if (colon < 0) {
                throw new MusicTextException(Texts.say("a line of an example is “word: value”, not “%s”", line));
            }
            String word = line.substring(0, colon).strip();
            String value = line.substring(colon + 1).strip();
            if (word.equals("step")) {
                steps.append(value).append('\n');
            } else {
                values.put(word, value);
            }
        }
        return new HandbookExample(values.getOrDefault("notes", ""), Optional.ofNullable(values.get("other")),
                Key.parse(values.getOrDefault("key", "C major")), Optional.ofNullable(values.get("chords")),
                Role.valueOf(values.getOrDefault("role", "melody").toUpperCase(Locale.ROOT)), Grid.parse(values.getOrDefault("unit", "1/8")),
                Recipe.parse(title, steps.toString()), values.getOrDefault("becomes", ""));
    }

    /** As a song with the steps on its part, to be looked at. */
    public Song song() {
        TimeMap time = TimeMap.usual(QUARTER);
        List<Part> parts = new ArrayList<>();
        Line line = line(notes, 1);
        parts.add(Part.of(PART, recipe.name(), role, 0, line));
        other.ifPresent(text -> parts.add(Part.of(OTHER, OTHER_NAME, Role.CHORDS, 1, line(text, 1 + line.size()))));
        AtomicLong ids = new AtomicLong(1 + parts.stream().mapToLong(part -> part.line().size()).sum());
        Progression progression = chords.map(chart -> new Progression(ChordChart.read(chart, time, 1, ids::getAndIncrement, key)))
                .orElse(Progression.EMPTY);
        Song bare = new Song(recipe.name(), time, Fence.of(KeyPlan.of(key)), parts, Origin.MADE, ids.get()).withProgression(progression);
        return RecipeEdits.onPart(bare, PART, recipe);
    }

    /** The notes that come of it. */
    public Line outcome() {
        return SongResults.of(song()).part(PART).line();
    }

    /** The notes that come of it as the handbook says; nothing where it leaves them to chance. What overlaps stands between strokes. */
    public Optional<Line> promised() {
        List<Note> all = new ArrayList<>();
        for (String voice : becomes.split("/")) {
            all.addAll(line(voice, 1 + all.size()).notes());
        }
        return becomes.isEmpty() ? Optional.empty() : Optional.of(Line.of(all));
    }

    private Line line(String text, long firstId) {
        return LineText.parse(text, unit.ticks(QUARTER), 0, firstId);
    }
}
