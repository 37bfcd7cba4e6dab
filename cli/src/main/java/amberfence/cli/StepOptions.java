package amberfence.cli;

import amberfence.edit.VoiceParts;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.step.NoteChoice;
import amberfence.step.StepSchema;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.catalogue.StepText;
import amberfence.step.pick.Pick;
import amberfence.theory.MusicTextException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.ISetter;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Option;

/** The steps of a command line, kept in the order in which they are given. */
final class StepOptions {
    private static final String FENCE = "bring-inside";
    private static final String HARMONY = "harmony";
    private static final String PLAY_CHORDS = "play-chords";
    private boolean playsChords;
    private Optional<String> from = Optional.empty();
    private final List<PlannedStep> planned = new ArrayList<>();
    private Optional<NoteChoice> limit = Optional.empty();
    private final List<String> newParts = new ArrayList<>();

    @Option(names = {"--tie-break", "--ties"}, description = "what decides between two equally near: shape (the usual), down, up, chord")
    private String tieBreak;

    @Option(names = "--let-pass", split = ",", description = "short outside notes off the beat that stay: passing, neighbour, "
            + "approach")
    private List<String> letPass = new ArrayList<>();

    @Option(names = "--strong-chords", description = "on strong beats only notes of the chord that sounds are inside")
    private boolean strongChords;

    @Option(names = "--gaps", paramLabel = "WHAT", description = "where there is no chord: hold (the last one, the usual), scale, "
            + "leave")
    private String gaps;

    @Option(names = "--step", paramLabel = "\"NAME key=value …\"", description = "any step with its settings, as steps lists them")
    private void step(String text) {
        planned.add(new PlannedStep(read(() -> StepText.parse(text)), limit, newPart(), false));
    }

    @Option(names = "--new-part", paramLabel = "NAME", description = "adds an empty part behind the others; the steps behind it work on it")
    private void newPart(String name) {
        if (name.isBlank()) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, "--new-part needs a name, as in --new-part Bass");
        }
        newParts.add(name.strip());
    }

    @Option(names = "--play-chords", paramLabel = "NAME", description = "adds a part that plays the chords; the steps behind it work on it")
    private void playChords(String name) {
        newPart(name);
        planned.add(new PlannedStep(read(() -> StepText.parse(PLAY_CHORDS)), limit, newPart(), false));
        playsChords = true;
    }

    private OptionalInt newPart() {
        return newParts.isEmpty() ? OptionalInt.empty() : OptionalInt.of(newParts.size() - 1);
    }

    @Option(names = "--recipe", paramLabel = "NAME|FILE", description = "the steps of a recipe, as recipes lists them, or of a text file")
    private void recipe(String name) {
        read(() -> CommandFiles.recipe(name)).steps().forEach(entry -> planned.add(new PlannedStep(entry.step(), entry.pick().map(pick -> pick),
                newPart(), false)));
    }

    @Option(names = "--voices", paramLabel = "N", description = "draws 2 to 8 lines of a part into parts of their own, after its steps; four are soprano, "
            + "alto, tenor and bass")
    private Integer voices;

    @Option(names = "--own-parts", description = "the lines of --harmony become parts of their own")
    private boolean ownParts;

    /** Own parts without a harmony are refused. */
    void checkOwnParts() {
        if (ownParts && planned.stream().noneMatch(step -> step.text().schema().name().equals(HARMONY))) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, "--own-parts would be ignored: it belongs to --harmony");
        }
    }

    /** Whether the lines of harmonies become parts of their own. */
    boolean ownParts() {
        return ownParts;
    }

    @Option(names = "--pick", paramLabel = "RULE", description = "limits the steps behind it to notes, as in \"lowest\", \"outside "
            + "and off beat\", \"not degree b3\"; \"all\" ends the limit")
    private void pick(String rule) {
        limit = rule.strip().equalsIgnoreCase("all") ? Optional.empty() : Optional.of(read(() -> Pick.parse(rule)));
    }

    /** Adds the options that stand for steps. */
    void offer(CommandSpec command) {
        for (StepAlias alias : StepAlias.ALL) {
            OptionSpec.Builder option = OptionSpec.builder(alias.option()).description(alias.help()).setter(new ISetter() {
                @Override
                @SuppressWarnings("unchecked")
                public <T> T set(T value) {
                    if (value != null && !value.equals(false)) {
                        given(alias, value instanceof String text ? StepAlias.plain(text) : "");
                    }
                    return null;
                }
            });
            command.addOption(alias.value().isEmpty() ? option.arity("0").type(boolean.class).build()
                    : option.arity("1").paramLabel(alias.value()).type(String.class).build());
        }
    }

    private void given(StepAlias alias, String value) {
        String name = alias.step().apply(value);
        int last = planned.size() - 1;
        if (alias.behind().isEmpty()) {
            StepSchema<?> schema = StepCatalogue.find(name).orElseThrow(() -> new CommandFailure(CommandFailure.WRONG_COMMAND,
                    alias.option() + " knows no “" + value + "”: " + alias.help()));
            planned.add(new PlannedStep(new StepText(schema, alias.settings().apply(value)), limit, newPart(), true));
        } else if (last < 0 || !planned.get(last).alias() || !planned.get(last).text().schema().name().equals(name)) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, alias.option() + " belongs right behind " + alias.behind().get());
        } else {
            planned.set(last, planned.get(last).with(alias.settings().apply(value)));
        }
        // What cannot be read is told at once, with the option.
        read(() -> {
            try {
                return planned.get(planned.size() - 1).text().anywhere();
            } catch (MusicTextException e) {
                throw new MusicTextException(alias.option() + ": " + e.getMessage());
            }
        });
    }

    boolean isEmpty() {
        return planned.isEmpty() && newParts.isEmpty() && voices == null;
    }

    /** Names of the parts to add, in order. */
    List<String> newParts() {
        return newParts;
    }

    /** Into how many lines parts are divided, if they are. */
    OptionalInt voices() {
        return voices == null ? OptionalInt.empty() : OptionalInt.of(read(() -> (int) VoiceParts.LINES.check(voices)));
    }

    /** Whether a step or a pick asks for the key. */
    boolean needKey() {
        return planned().stream().anyMatch(PlannedStep::needsKey);
    }

    /** The steps in order; bringing inside to the nearest when none is given. Settings that would be ignored are refused. */
    List<PlannedStep> planned() {
        List<PlannedStep> all = isEmpty() ? List.of(new PlannedStep(new StepText(StepCatalogue.find(FENCE).orElseThrow(), Map.of()),
                limit, newPart(), true)) : planned;
        Map<String, String> inside = new LinkedHashMap<>();
        List<String> given = new ArrayList<>();
        if (tieBreak != null) {
            inside.put("tie-break", tieBreak.toLowerCase(Locale.ROOT));
            given.add("--tie-break");
        }
        if (strongChords) {
            inside.put("strong", "chord");
            given.add("--strong-chords");
        }
        if (!letPass.isEmpty()) {
            inside.put("let-pass", String.join(",", letPass).toLowerCase(Locale.ROOT));
            given.add("--let-pass");
        }
        if (!given.isEmpty() && all.stream().noneMatch(StepOptions::takesOptions)) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, String.join(" and ", given) + " would be ignored: "
                    + "it belongs to bringing inside, as in --snap nearest");
        }
        return all.stream().map(step -> takesOptions(step) ? step.with(inside) : step)
                .map(step -> from.map(part -> step.withUsual("chords", part)).orElse(step))
                .map(step -> gaps == null ? step : step.withUsual("no-chord", gaps.toLowerCase(Locale.ROOT)))
                .map(step -> read(() -> {
                    step.text().check();
                    return step;
                })).toList();
    }

    private static boolean takesOptions(PlannedStep step) {
        return step.alias() && step.text().schema().name().equals(FENCE);
    }

    /** From which part, by its index, steps take their chords when they are not told. */
    void chordsFrom(Optional<String> part) {
        from = part;
    }

    /** Whether a part is to play the chords of the song. */
    boolean playsChords() {
        return playsChords;
    }

    /** Whether a step is given that answers to the chords of the song. */
    boolean answerToChords() {
        return planned.stream().anyMatch(step -> step.text().schema().answersToChords(step.text().anywhere()));
    }

    /** Whether a part is meant when none is named: all are, unless every step fits parts of a role. */
    boolean means(Part part) {
        List<Role> meant = meant();
        return meant.isEmpty() || meant.size() < planned.size() || meant.contains(part.role());
    }

    private List<Role> meant() {
        return planned.stream().filter(PlannedStep::alias).flatMap(step -> StepAlias.meant(step.text().schema().name()).stream()).toList();
    }

    /** The roles that the steps fit, in words. */
    String roles() {
        return meant().stream().map(role -> role.name().toLowerCase(Locale.ROOT)).distinct().collect(Collectors.joining(" or "));
    }

    /** What cannot be read in an option's value is a wrong command, told in the words of what could not read it. */
    static <T> T read(Supplier<T> reading) {
        try {
            return reading.get();
        } catch (IllegalArgumentException e) {
            throw new CommandFailure(CommandFailure.WRONG_COMMAND, e.getMessage());
        }
    }
}
