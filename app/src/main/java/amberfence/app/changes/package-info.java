/** The changes below the ladder: what the open step did, note by note, with the reason, and move or leave for each. */
package amberfence.app.changes;

