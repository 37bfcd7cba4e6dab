/** The ladder: the note editor, whose rungs are the degrees of the key. Drawn on canvases, only what is visible. */
package amberfence.app.ladder;

