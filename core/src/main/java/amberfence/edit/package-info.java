/** What hands do to the notes of a part: draw, move, stretch, cut, join, copy, and commands on a selection. */
package amberfence.edit;

