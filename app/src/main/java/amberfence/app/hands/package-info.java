/** What hands do to the selected notes: commands, the clipboard, and the menu that lists them. */
package amberfence.app.hands;

