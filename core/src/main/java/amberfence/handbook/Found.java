package amberfence.handbook;

/**
 * A page that was found.
 *
 * @param where some words around what was looked for; the page's first words when its title holds it
 */
public record Found(HandbookPage page, String where) {
}
