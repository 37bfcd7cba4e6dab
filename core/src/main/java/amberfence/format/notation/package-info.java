/** How a song is put into notation, for whoever writes it down: bars and beats, places on a grid, voices, values and signatures. */
package amberfence.format.notation;
