/** Fonts, colours by role, and the two themes: paper and lamp. */
package amberfence.app.theme;

