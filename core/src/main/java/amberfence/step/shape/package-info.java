/** Steps that shape time: starts and ends on a grid, and lengths. */
package amberfence.step.shape;

