/** The demo song, made from readable text. */
package amberfence.demo;

