/** The window of Amber Fence: starting it, and taking its picture. */
package amberfence.app;
