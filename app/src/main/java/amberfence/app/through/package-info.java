/** Reading a song through: what may be wrong in it, one place after another. */
package amberfence.app.through;
