/** Steps that keep a part inside the fence. */
package amberfence.step.fence;
