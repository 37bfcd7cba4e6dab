/** What runs beside the interface thread, and what waits for the next frame: the one place where threads are made. */
package amberfence.app.work;
