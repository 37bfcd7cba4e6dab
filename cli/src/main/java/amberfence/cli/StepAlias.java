package amberfence.cli;

import amberfence.notes.Role;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * An option that stands for a step with some settings, or for more settings of the step right before.
 *
 * @param option its name
 * @param value what is given with it; empty when nothing is
 * @param help one line
 * @param behind the option to which it belongs, unless it begins a step
 * @param step the step that it begins or belongs to, by what is given
 * @param settings by key, from what is given
 */
record StepAlias(String option, String value, String help, Optional<String> behind, Function<String, String> step,
                 Function<String, Map<String, String>> settings) {
    /** The parts that are meant when none is named, by the step that is fitted to the chords. */
    private static final Map<String, Role> MEANT = Map.of("fit-chords", Role.CHORDS, "fit-bass", Role.BASS, "fit-melody", Role.MELODY,
            "follow-chords", Role.FIGURE);

    static final List<StepAlias> ALL = List.of(
            begins("--snap", "WHERE", "brings inside; where outside notes go: nearest, line-first, up, down, remove", "bring-inside",
                    given -> Map.of("to", given.equals("remove") ? "out" : given)),
            begins("--transpose", "N", "moves by semitones, down when negative", "move", given -> Map.of("by", "semitones", "amount", given)),
            begins("--octaves", "N", "moves by octaves", "move", given -> Map.of("by", "octaves", "amount", given)),
            begins("--degrees", "N", "moves along the scale; 2 is a third up", "move", given -> Map.of("by", "degrees", "amount", given)),
            begins("--to-key", "KEY", "moves to another key, as in \"F major\"; steps behind it work in that key", "to-key",
                    given -> Map.of("to", given)),
            begins("--mirror", "PITCH", "mirrors about a pitch, exactly, as in C4", "mirror",
                    given -> Map.of("about", given, "along", "semitones")),
            begins("--mirror-degrees", "PITCH", "mirrors about a pitch along the scale", "mirror",
                    given -> Map.of("about", given, "along", "degrees")),
            begins("--reverse", "WHAT", "turns round: pitches (over the same rhythm) or time", "reverse", given -> Map.of("what", given)),
            begins("--fold", "RANGE", "brings into the octave around a note, as in C4, or into a range, as in C3..C5", "fold",
                    given -> Map.of(given.contains("..") ? "range" : "around", given)),
            begins("--quantize", "GRID", "draws starts to a grid, as in 1/16, 1/8. or 1/8t", "tidy-timing", given -> Map.of("grid", given)),
            more("--ends", "WHICH", "which ends of the notes: starts, ends, both", "--quantize", "tidy-timing", "ends"),
            more("--strength", "PERCENT", "how far", "--quantize", "tidy-timing", "strength"),
            more("--swing", "PERCENT", "where every second line stands, 50 to 80", "--quantize", "tidy-timing", "swing"),
            begins("--legato", "", "makes each note last until the next", "lengths", given -> Map.of("how", "legato")),
            begins("--trim-overlaps", "", "cuts notes that reach a little into the next", "lengths", given -> Map.of("how", "trim-overlaps")),
            begins("--staccato", "PERCENT", "cuts notes to a share of the way to the next", "lengths",
                    given -> Map.of("how", "staccato", "amount", given)),
            begins("--lengths", "PERCENT", "makes notes a share of their length", "lengths", given -> Map.of("how", "share", "amount", given)),
            new StepAlias("--fit", "WHAT", "fits parts to the chords: chords, bass or melody; without --part those that have that role",
                    Optional.empty(), given -> "fit-" + given, given -> Map.of()),
            new StepAlias("--held", "WHAT", "behind --fit chords: a note held into the next chord: keep, restrike, split",
                    Optional.of("--fit chords"), given -> "fit-chords", given -> Map.of("held", given.equals("split") ? "cut" : given)),
            flag("--chord-bass", "the lowest note takes the chord's bass", "--fit chords", "fit-chords", "bass", "on"),
            more("--strong", "WHERE", "strong beats to root, bass, nearest", "--fit bass", "fit-bass", "strong"),
            more("--between", "WHAT", "what may stand between, beside chord notes: scale, step, semitone (into the next root)", "--fit bass",
                    "fit-bass", "between"),
            more("--variety", "N", "0 stays near to 100 moves most", "--fit bass", "fit-bass", "variety"),
            more("--range", "RANGE", "as in E1..G3", "--fit bass", "fit-bass", "range"),
            more("--seed", "N", "another number, another line", "--fit bass", "fit-bass", "seed"),
            flag("--clashes", "changes nothing, lists what clashes with the chords", "--fit melody", "fit-melody", "what", "clashes"),
            begins("--follow", "HOW", "plays the first bar of the part through the chords: by member or position", "follow-chords",
                    given -> Map.of("count", given, "restart", "chord")),
            new StepAlias("--figure-bars", "N", "behind --follow: how many bars are the figure; 0 for all, once", Optional.of("--follow"),
                    given -> "follow-chords", given -> Map.of("figure", given.equals("0") ? "whole" : "first:" + given + "bars")),
            more("--written-over", "CHORD", "the chord over which it was written", "--follow", "follow-chords", "home"),
            more("--register", "WHERE", "near or climbing", "--follow", "follow-chords", "register"),
            new StepAlias("--restart", "WHERE", "behind --follow: begins anew at each chord, bar, or not", Optional.of("--follow"),
                    given -> "follow-chords", given -> Map.of("restart", given.equals("not") ? "on" : given)),
            flag("--once", "does not repeat", "--follow", "follow-chords", "fill", "off"),
            begins("--harmony", "LINES", "adds lines, as in \"third above\" or \"third below, octave below\", in the scale", "harmony",
                    given -> Map.of("lines", given, "crossing", "on")),
            new StepAlias("--harmony-way", "WAY", "behind --harmony: scale, exact, exact_minor (a minor third), or chord: the nearest note of "
                    + "the chords that sound", Optional.of("--harmony"), given -> "harmony", given -> Map.of("way", given.replace('_', '-'))),
            flag("--no-crossing", "no line crosses the tune", "--harmony", "harmony", "crossing", "off"),
            flag("--hold-common", "with --harmony-way chord: common notes are held", "--harmony", "harmony", "hold", "on"));

    private static StepAlias begins(String option, String value, String help, String step, Function<String, Map<String, String>> settings) {
        return new StepAlias(option, value, help, Optional.empty(), given -> step, settings);
    }

    private static StepAlias more(String option, String value, String help, String behind, String step, String key) {
        return new StepAlias(option, value, "behind " + behind + ": " + help, Optional.of(behind), given -> step, given -> Map.of(key, given));
    }

    private static StepAlias flag(String option, String help, String behind, String step, String key, String set) {
        return new StepAlias(option, "", "behind " + behind + ": " + help, Optional.of(behind), given -> step, given -> Map.of(key, set));
    }

    /** The role of the parts that are meant by a step when none is named. */
    static Optional<Role> meant(String step) {
        return Optional.ofNullable(MEANT.get(step));
    }

    /** What is given, as settings write it: words in lower case, names of notes and keys as they are. */
    static String plain(String given) {
        return given.matches("[A-Za-z_-]+") && !given.matches("[A-G]|.*[A-Z].*[A-Z].*") ? given.toLowerCase(Locale.ROOT) : given;
    }
}
