package amberfence.format;

import amberfence.words.Texts;

/** Something noticed while reading a file: where, what was wrong, and what was done about it. */
public record Notice(String place, String message) {
    public Notice {
        if (message.isBlank()) {
            throw new IllegalArgumentException(Texts.say("a notice must say something"));
        }
    }

    /** Place and message as one sentence part, for lists. */
    public String text() {
        return place.isEmpty() ? message : place + ": " + message;
    }
}
