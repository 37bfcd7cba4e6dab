/** The texts of the core that people read, ready to be translated. */
package amberfence.words;
