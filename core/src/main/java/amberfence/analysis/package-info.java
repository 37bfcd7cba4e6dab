/**
 * What the parts of a song are together: its keys and chords, and what may be wrong in it, one place after another: each
 * finder in its own file, with its reason and its ways out.
 */
package amberfence.analysis;
