/** The notes of the selected part as a table, for eyes, keys and screen readers. */
package amberfence.app.notes;
