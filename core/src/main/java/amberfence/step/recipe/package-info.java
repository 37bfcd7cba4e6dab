/** Chains of steps kept as text, to be applied again. */
package amberfence.step.recipe;
