/** The list of all formats. */
package amberfence.format.catalogue;
