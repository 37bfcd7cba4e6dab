/** Playing along: keys through the fence, chords on keys, recording. */
package amberfence.app.tryit;
