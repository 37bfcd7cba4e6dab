package amberfence.cli;

import amberfence.notes.KeyPlan;
import amberfence.notes.KeySpan;
import amberfence.theory.Key;
import amberfence.theory.MusicTextException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import picocli.CommandLine.Option;

/** The option {@code --key}: one key for the whole song, and, given again with a bar in front, others from those bars on. */
final class KeyOption {
    @Option(names = "--key", paramLabel = "KEY", description = "for example \"D dorian\"; without it the best found key counts. Given again with a bar in front, as in "
            + "\"17: F major\", the key changes there")
    private List<String> texts = new ArrayList<>();

    boolean isGiven() {
        return !texts.isEmpty();
    }

    /** The keys as they were given; nothing without the option. */
    Optional<KeyPlan> plan() {
        if (texts.isEmpty()) {
            return Optional.empty();
        }
        List<KeySpan> spans = new ArrayList<>();
        for (String text : texts) {
            FromBar from = FromBar.of(text);
            spans.add(new KeySpan(from.bar(), key(from.text())));
        }
        spans.sort(Comparator.comparingInt(KeySpan::fromBar));
        if (spans.get(0).fromBar() != 1) {
            throw wrong("“" + texts.get(0) + "” says from which bar, and nothing says the key before; give --key KEY for the beginning as well");
        }
        try {
            return Optional.of(new KeyPlan(spans));
        } catch (IllegalArgumentException e) {
            throw wrong("--key is given twice for one bar; each key begins at a bar of its own, as in --key \"D dorian\" --key \"17: F major\"");
        }
    }

    /** How keys along a song are given. */
    static String text(KeyPlan plan) {
        return plan.spans().stream().map(span -> "--key \"" + (span.fromBar() == 1 ? "" : span.fromBar() + ": ") + span.key().plainText() + "\"")
                .collect(Collectors.joining(" "));
    }

    private static Key key(String text) {
        try {
            return Key.parse(text.strip());
        } catch (MusicTextException e) {
            throw wrong(e.getMessage());
        }
    }

    private static CommandFailure wrong(String message) {
        return new CommandFailure(CommandFailure.WRONG_COMMAND, message);
    }
}
