/** What notes mean: which key they are in, which chords and voices they form, what a part is for. */
package amberfence.reading;
