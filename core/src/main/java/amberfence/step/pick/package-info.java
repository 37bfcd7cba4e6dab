/** Picks: notes chosen by a rule, which adapts when the notes change, or a fixed set of them. */
package amberfence.step.pick;

