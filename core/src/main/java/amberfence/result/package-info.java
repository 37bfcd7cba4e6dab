/** What the parts of a song come to, when the steps in their lists are done one after the other. */
package amberfence.result;
