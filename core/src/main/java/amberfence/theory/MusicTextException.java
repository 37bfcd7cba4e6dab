package amberfence.theory;

import java.util.List;

/** Music text that cannot be read: says what was understood, what was not, and offers the nearest readings. */
public final class MusicTextException extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;
    private final transient List<String> suggestions;

    /** @param suggestions readable texts near to what was given, best first; may be empty */
    public MusicTextException(String message, List<String> suggestions) {
        super(shortened(message));
        this.suggestions = List.copyOf(suggestions);
    }

    public MusicTextException(String message) {
        this(message, List.of());
    }

    /** What was given is quoted, but not at any length. */
    private static String shortened(String message) {
        return message.replaceAll("“([^”]{40})[^”]+”", "“$1…”");
    }

    /** Readable texts near to what was given, best first. */
    public List<String> suggestions() {
        return suggestions;
    }
}
