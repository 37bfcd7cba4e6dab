/** The whole song at a glance: how every part stands to the chords, bar by bar. */
package amberfence.app.overview;

