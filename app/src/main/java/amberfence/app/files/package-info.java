/** Files: opening, importing, saving and exporting off the interface thread; recent files; autosave and recovery. */
package amberfence.app.files;

