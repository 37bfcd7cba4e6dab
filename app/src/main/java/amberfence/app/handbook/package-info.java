/** The handbook as a page of the window, and how anything in the window asks for one of its pages. */
package amberfence.app.handbook;
