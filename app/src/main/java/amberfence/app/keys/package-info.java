/** The keys of the window in one table, for what runs them and for the page that lists them. */
package amberfence.app.keys;
