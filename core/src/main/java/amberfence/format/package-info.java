/**
 * Files in and out, one package a format. Readers return a song and notices of what they could not keep; writers are
 * pure (song to bytes), and {@link amberfence.format.WholeFile} puts bytes on the disk whole or not at all.
 */
package amberfence.format;
