/** Lead sheets on paper, from which a band can play: chord symbols, a tune or none, as PDF. */
package amberfence.format.leadsheet;
