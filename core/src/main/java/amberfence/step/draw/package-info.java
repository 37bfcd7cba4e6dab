/** Steps that draw new notes out of old ones: arpeggios, blocks, chords on notes, voices, passing and grace notes. */
package amberfence.step.draw;
