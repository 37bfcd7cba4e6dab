/** The head of the window: title, fence chip, place and tempo, before and after, undo, import and export. */
package amberfence.app.head;

