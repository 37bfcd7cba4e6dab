/** Steps that make notes out of the progression. */
package amberfence.step.chord;
