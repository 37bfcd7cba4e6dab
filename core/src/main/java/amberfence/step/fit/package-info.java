/** Steps that answer to chords: fitted chord parts, basslines and melodies, figures that follow, harmony lines. */
package amberfence.step.fit;
