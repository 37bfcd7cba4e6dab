/** The pick panel: notes chosen by a rule that is put together from conditions, shown at once in the ladder. */
package amberfence.app.pick;

