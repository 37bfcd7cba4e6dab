/** Steps that move pitches: by semitones, octaves and degrees, to another key, about a mirror, into a range. */
package amberfence.step.move;

