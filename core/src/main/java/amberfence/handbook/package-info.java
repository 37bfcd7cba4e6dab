/** The handbook that ships with the application: pages of text, what each step does, and examples that are worked out. */
package amberfence.handbook;
