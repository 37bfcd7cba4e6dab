/** Steps that stand a part beside others: harmony lines. */
package amberfence.step.fit;
