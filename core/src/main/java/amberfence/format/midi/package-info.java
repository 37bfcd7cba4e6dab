/**
 * Standard MIDI Files (RP-001, Standard MIDI Files 1.0) read and written byte by byte.
 *
 * <p>Reading saves what can be saved and says what it could not; writing gives back, in order and in the file's own way
 * of writing (running status, velocity-0 note-offs), everything that was not edited: an unedited well-formed file comes
 * back byte for byte, except that times padded with needless bytes are written short.
 */
package amberfence.format.midi;
