/** What may be wrong in a song, one place after another: each finder in its own file, with its reason and its ways out. */
package amberfence.reading.through;
