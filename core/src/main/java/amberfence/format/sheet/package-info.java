/** Tables and sheets as plain text. */
package amberfence.format.sheet;
