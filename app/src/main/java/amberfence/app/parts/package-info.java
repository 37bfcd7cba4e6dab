/** The parts at the left: a card each. */
package amberfence.app.parts;

