/** Puts the areas of the window together, and holds the table of keys. */
package amberfence.app.workspace;

