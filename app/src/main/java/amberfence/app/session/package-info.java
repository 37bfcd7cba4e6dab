/** The one place that changes: the song that is open, its history, what is selected, and what the steps come to. */
package amberfence.app.session;

