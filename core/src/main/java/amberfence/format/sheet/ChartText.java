package amberfence.format.sheet;

import amberfence.notes.Metre;
import amberfence.theory.Key;
import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A chart with what its file says of the song; empty texts for what it does not say.
 *
 * @param tempo quarters a minute
 * @param bars as {@link ChordChart} reads them
 * @param notices what was left out or assumed, in sentences
 */
public record ChartText(String title, String composer, String copyright, Optional<Key> key, Optional<Metre> metre, OptionalDouble tempo, String bars,
                        List<String> notices) {
    public ChartText {
        notices = List.copyOf(notices);
    }

    /** Lines such as {@code key: D minor} may stand before the first bar; the first other line without a bar is the title. */
    static ChartText ofPlain(String text) {
        Facts facts = new Facts();
        StringBuilder bars = new StringBuilder();
        boolean begun = false;
        for (String line : text.lines().toList()) {
            String stripped = line.strip();
            int colon = stripped.indexOf(':');
            if (begun || stripped.contains("|")) {
                begun = true;
                bars.append(line).append('\n');
            } else if (!stripped.isEmpty() && !(colon > 0 && facts.take(stripped.substring(0, colon), stripped.substring(colon + 1)))) {
                if (facts.title.isEmpty() && !looksLikeChords(stripped)) {
                    facts.title = stripped;
                } else {
                    begun = true;
                    bars.append(line).append('\n');
                }
            }
        }
        return facts.with(bars.toString());
    }

    private static boolean looksLikeChords(String line) {
        return line.matches("(?:[A-G][#b♯♭]?\\S*|N\\.?C\\.?|%|/|[#b♯♭]?[ivIV]+\\S*)(?:\\s+(?:[A-G][#b♯♭]?\\S*|N\\.?C\\.?|%|/|[#b♯♭]?[ivIV]+\\S*))*");
    }

    /** What is said of a song, collected line by line. */
    static final class Facts {
        private String title = "";
        private String composer = "";
        private String copyright = "";
        private Optional<Key> key = Optional.empty();
        private Optional<Metre> metre = Optional.empty();
        private OptionalDouble tempo = OptionalDouble.empty();
        private final List<String> notices = new ArrayList<>();

        /** @return whether it is a fact that is known here */
        boolean take(String name, String value) {
            String given = value.strip();
            switch (name.strip().toLowerCase(Locale.ROOT)) {
                case "title", "t" -> title = given;
                case "composer" -> composer = given;
                case "artist" -> composer = composer.isEmpty() ? given : composer;
                case "copyright" -> copyright = given;
                case "key" -> key = key(given);
                case "time" -> metre = metre(given);
                case "tempo" -> tempo = tempo(given);
                default -> {
                    return false;
                }
            }
            return true;
        }

        private Optional<Key> key(String given) {
            try {
                // Charts say Dm where we say D minor.
                return Optional.of(Key.parse(given.matches("[A-Ga-g][#b♯♭]?m") ? given.substring(0, given.length() - 1) + " minor" : given));
            } catch (MusicTextException e) {
                notices.add(Texts.say("the key “%s” is not known here; C major is taken", given));
                return Optional.empty();
            }
        }

        private Optional<Metre> metre(String given) {
            try {
                String[] parts = given.split("/");
                return Optional.of(new Metre(0, Integer.parseInt(parts[0].strip()), Integer.parseInt(parts[1].strip())));
            } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException e) {
                notices.add(Texts.say("the metre “%s” cannot be read; 4/4 is taken", given));
                return Optional.empty();
            }
        }

        private OptionalDouble tempo(String given) {
            if (given.matches("\\d{1,3}(\\.\\d+)?") && Double.parseDouble(given) >= 4) {
                return OptionalDouble.of(Double.parseDouble(given));
            }
            notices.add(Texts.say("the tempo “%s” cannot be read; 120 is taken", given));
            return OptionalDouble.empty();
        }

        void notice(String sentence) {
            notices.add(sentence);
        }

        ChartText with(String bars) {
            return new ChartText(title, composer, copyright, key, metre, tempo, bars, notices);
        }
    }
}
