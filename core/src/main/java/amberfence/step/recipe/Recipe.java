package amberfence.step.recipe;

import amberfence.step.NoteChoice;
import amberfence.step.SettingTexts;
import amberfence.step.StepSlot;
import amberfence.step.catalogue.StepText;
import amberfence.step.pick.Pick;
import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A chain of steps with their picks. As text it has one step on a line, as {@code --step} reads it; a line {@code pick RULE}
 * limits the steps behind it, {@code pick all} ends that; what begins with {@code #} is a comment, of which the first says what
 * the recipe does.
 *
 * @param meaning what it does, in a line; may be empty
 */
public record Recipe(String name, String meaning, List<Entry> steps) {
    private static final int MOST = 200;
    private static final int LONGEST = 60;
    private static final String PICK = "pick ";
    private static final String ALL = "all";
    /** How earlier versions kept a limit to chosen notes, which means nothing elsewhere. */
    private static final Pattern CHOSEN = Pattern.compile("\\d+ notes?");

    /** One step, and to which notes it is limited. */
    public record Entry(StepText step, Optional<NoteChoice> pick) {
    }

    public Recipe {
        steps = List.copyOf(steps);
        if (name.isBlank() || name.length() > LONGEST) {
            throw new IllegalArgumentException(Texts.say("a recipe has a name of 1 to %s letters", LONGEST));
        }
        if (steps.isEmpty() || steps.size() > MOST) {
            throw new IllegalArgumentException(Texts.say("a recipe has 1 to %s steps, not %s", MOST, steps.size()));
        }
    }

    /** @throws MusicTextException says in which line what cannot be read */
    public static Recipe parse(String name, String text) {
        String meaning = "";
        Optional<NoteChoice> pick = Optional.empty();
        List<Entry> entries = new ArrayList<>();
        int number = 0;
        for (String raw : text.lines().toList()) {
            number++;
            String line = raw.strip();
            try {
                if (line.startsWith("#")) {
                    meaning = meaning.isEmpty() ? line.substring(1).strip() : meaning;
                } else if (line.startsWith(PICK)) {
                    String rule = line.substring(PICK.length()).strip();
                    pick = rule.equals(ALL) || CHOSEN.matcher(rule).matches() ? Optional.empty() : Optional.of(Pick.parse(rule));
                } else if (!line.isEmpty()) {
                    entries.add(new Entry(StepText.parse(line), pick));
                }
            } catch (IllegalArgumentException e) {
                throw new MusicTextException(Texts.say("line %s of the recipe: %s", number, e.getMessage()));
            }
        }
        return new Recipe(name, meaning, entries);
    }

    /** The steps of a part's list, those that are on, with their picks. A fixed set of notes is no rule, so such a limit is left out. */
    public static Recipe of(String name, String meaning, List<StepSlot> slots, SettingTexts texts) {
        List<Entry> entries = new ArrayList<>();
        for (StepSlot slot : slots) {
            if (slot.on()) {
                entries.add(new Entry(StepText.of(slot.step(), texts), slot.limit().filter(choice -> choice.fixed().isEmpty())));
            }
        }
        return new Recipe(name, meaning, entries);
    }

    /** The name as a title: {@code bass-from-chords} is Bass from chords. */
    public String title() {
        String words = Texts.say(name.replace('-', ' '));
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** What it does, as people read it. */
    public String meaningWords() {
        return Texts.say(meaning);
    }

    /** What {@link #parse} reads. */
    public String text() {
        StringBuilder text = new StringBuilder(meaning.isEmpty() ? "" : "# " + meaning + "\n");
        Optional<NoteChoice> pick = Optional.empty();
        for (Entry entry : steps) {
            if (!entry.pick.equals(pick)) {
                text.append(PICK).append(entry.pick.map(NoteChoice::text).orElse(ALL)).append('\n');
                pick = entry.pick;
            }
            text.append(entry.step.text()).append('\n');
        }
        return text.toString();
    }
}
