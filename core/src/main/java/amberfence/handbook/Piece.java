package amberfence.handbook;

/**
 * Some words of a paragraph in one look.
 *
 * @param target the name of the page to which a link leads, else empty
 */
public record Piece(String text, Look look, String target) {
    /** How words look. */
    public enum Look {
        PLAIN, STRONG, NAMED, TYPED, LINK
    }

    static Piece of(String text, Look look) {
        return new Piece(text, look, "");
    }
}
