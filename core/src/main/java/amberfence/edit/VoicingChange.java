package amberfence.edit;

import amberfence.notes.ChordSpan;
import amberfence.notes.TimeMap;
import amberfence.song.Song;
import amberfence.theory.Chord;
import amberfence.theory.MusicTextException;
import amberfence.theory.NoteName;
import amberfence.theory.PitchClass;
import amberfence.theory.SpelledPitch;
import amberfence.theory.Voicing;
import amberfence.theory.VoicingRules;
import amberfence.words.Texts;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A change of the progression's voicings as it is typed: {@code drop 2}, {@code invert -1}, {@code smoothest range=C3..C5
 * pedal=C3}; with bars in front, {@code 5-8: drop 2}, only of the chords that begin in them.
 */
public final class VoicingChange {
    /** What can be typed, one way a line, with an example. */
    public static final String WAYS = "smoothest [voices=4 range=C3..G5 bass=on pedal=C3], invert 1, drop 2 (3; 2,4), close, open, spread, fold C4, octave 1, "
            + "top E, bottom G, usual";
    private static final Pattern TEXT = Pattern.compile("\\s*(?:(\\d{1,6})(?:\\s*-\\s*(\\d{1,6}))?\\s*:)?\\s*([a-z]+)(?:\\s+(.*\\S))?\\s*");
    private static final int MOST_INVERSIONS = 24;
    private static final int OCTAVE = 12;
    private static final String NOTHING = "";

    private interface Change {
        Song of(Song song, List<Long> chords);
    }

    /** What each way makes of what is typed behind it. */
    private static final Map<String, Function<String, Change>> TABLE = Map.ofEntries(
            Map.entry("smoothest", VoicingChange::smoothest),
            Map.entry("invert", given -> each(inverted(number(given, "invert 1", MOST_INVERSIONS)))),
            Map.entry("drop", given -> each(dropped(given))),
            Map.entry("close", given -> each(alone(given, "close", Voicing::closed))),
            Map.entry("open", given -> each(alone(given, "open", Voicing::opened))),
            Map.entry("spread", given -> fromChord(alone(given, "spread", Voicing::ofSpread))),
            Map.entry("usual", given -> fromChord(alone(given, "usual", Voicing::of))),
            Map.entry("fold", given -> {
                int centre = pitch(given);
                return each(voicing -> voicing.foldedAround(centre));
            }),
            Map.entry("octave", given -> {
                int octaves = number(given, "octave 1", OCTAVE);
                return each(voicing -> voicing.transposed(OCTAVE * octaves));
            }),
            Map.entry("top", given -> each(outer(given, Voicing::withTop))),
            Map.entry("bottom", given -> each(outer(given, Voicing::withBottom))));

    private final Optional<Integer> from;
    private final Optional<Integer> to;
    private final Change change;

    private VoicingChange(Optional<Integer> from, Optional<Integer> to, Change change) {
        this.from = from;
        this.to = to;
        this.change = change;
    }

    /**
     * Reads a change.
     *
     * @throws MusicTextException for what is none, naming the ways
     */
    public static VoicingChange parse(String text) {
        Matcher matcher = TEXT.matcher(text);
        Function<String, Change> way = matcher.matches() ? TABLE.get(matcher.group(3).toLowerCase(Locale.ROOT)) : null;
        if (way == null) {
            throw new MusicTextException(Texts.say("“%s” is no way to voice chords; ways are %s; bars may stand in front, as in 5-8: drop 2", text.strip(), WAYS));
        }
        Optional<Integer> from = Optional.ofNullable(matcher.group(1)).map(Integer::parseInt);
        Optional<Integer> to = Optional.ofNullable(matcher.group(2)).map(Integer::parseInt);
        if (from.isPresent() && to.isPresent() && to.get() < from.get()) {
            throw new MusicTextException(Texts.say("the bars %s-%s run backwards; write the earlier one first", from.get(), to.get()));
        }
        return new VoicingChange(from, to, way.apply(matcher.group(4) == null ? NOTHING : matcher.group(4)));
    }

    /** The song with its chords voiced so. */
    public Song of(Song song) {
        TimeMap time = song.time();
        List<Long> chords = song.progression().spans().stream().filter(span -> {
            int bar = time.barOf(span.start());
            return from.isEmpty() || bar >= from.get() && bar <= to.orElse(from.get());
        }).map(ChordSpan::id).toList();
        return change.of(song, chords);
    }

    private static Change each(UnaryOperator<Voicing> change) {
        return (song, chords) -> ProgressionEdits.voiced(song, chords, change);
    }

    private static Change fromChord(Function<Chord, Voicing> make) {
        return (song, chords) -> song.withProgression(song.progression().with(chords, span -> span.withVoicing(make.apply(span.chord()))));
    }

    private static Change smoothest(String given) {
        VoicingRules rules = rules(given);
        return (song, chords) -> {
            song.progression().in(chords).stream().map(ChordSpan::chord).filter(chord -> rules.all(chord).isEmpty()).findFirst().ifPresent(chord -> {
                throw new MusicTextException(Texts.say("no voicing of %s fits in “smoothest %s”; the pedal lies below the others, and a range is wide "
                        + "enough for all voices", chord.text(), given));
            });
            return ProgressionEdits.smooth(song, rules, song.progression().spans().stream().map(ChordSpan::id).filter(id -> !chords.contains(id)).toList());
        };
    }

    private static VoicingRules rules(String given) {
        VoicingRules rules = VoicingRules.USUAL;
        for (String setting : given.isEmpty() ? new String[0] : given.split("\\s+")) {
            String[] parts = setting.split("=", 2);
            String value = parts.length < 2 ? NOTHING : parts[1];
            switch (parts[0]) {
                case "voices" -> rules = rules.withVoices(number(value, "voices=4", 8));
                case "range" -> {
                    String[] ends = value.split("\\.\\.", 2);
                    rules = rules.withRange(pitch(ends[0]), pitch(ends.length < 2 ? NOTHING : ends[1]));
                }
                case "bass" -> rules = rules.withBassFixed(value.equals("on"));
                case "pedal" -> rules = rules.withPedal(Optional.of(pitch(value)));
                default -> throw new MusicTextException(Texts.say("smoothest has no setting “%s”; it has voices, range, bass, pedal", parts[0]));
            }
        }
        return rules;
    }

    private static UnaryOperator<Voicing> inverted(int times) {
        return voicing -> {
            Voicing turned = voicing;
            for (int i = 0; i < Math.abs(times); i++) {
                turned = times > 0 ? turned.invertedUp() : turned.invertedDown();
            }
            return turned;
        };
    }

    private static UnaryOperator<Voicing> dropped(String given) {
        if (!given.matches("\\d(\\s*,\\s*\\d)*")) {
            throw new MusicTextException(Texts.say("drop says which voices from the top go down an octave, as in drop 2 or drop 2,4, not “%s”", given));
        }
        int[] voices = Arrays.stream(given.split("\\s*,\\s*")).mapToInt(Integer::parseInt).toArray();
        return voicing -> voicing.dropped(voices);
    }

    private static UnaryOperator<Voicing> outer(String given, BiFunction<Voicing, PitchClass, Voicing> place) {
        PitchClass member = NoteName.parse(given).pitchClass();
        return voicing -> place.apply(voicing, member);
    }

    private static <T> T alone(String given, String way, T change) {
        if (!given.isEmpty()) {
            throw new MusicTextException(Texts.say("%s takes nothing behind it, not “%s”", way, given));
        }
        return change;
    }

    private static int number(String given, String example, int most) {
        if (!given.matches("-?\\d{1,3}") || Math.abs(Integer.parseInt(given)) > most) {
            throw new MusicTextException(Texts.say("a number up to %s is needed, as in %s, not “%s”", most, example, given));
        }
        return Integer.parseInt(given);
    }

    private static int pitch(String given) {
        return SpelledPitch.parse(given).number();
    }
}
