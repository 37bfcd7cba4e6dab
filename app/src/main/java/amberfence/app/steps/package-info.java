/** The steps of the selected part, at the right: a card each, the open one with its settings. */
package amberfence.app.steps;

