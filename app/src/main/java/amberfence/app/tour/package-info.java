/** A tour of the window on the demo, which one may leave at any time. */
package amberfence.app.tour;
