/** The same work on files, without a window. */
package amberfence.cli;

