/** The fence: the small clock in the head, and the page on which it is chosen. */
package amberfence.app.fence;

