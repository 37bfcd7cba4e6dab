/** Sheets that lie over the workspace for a moment: what an import found, what to export, the keys. */
package amberfence.app.sheets;

