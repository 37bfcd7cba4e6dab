/** What is heard: the desk that plays the song and what is clicked, and recording. */
package amberfence.app.sound;
