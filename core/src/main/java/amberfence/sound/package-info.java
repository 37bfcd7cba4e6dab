/** Hearing a song: schedules, players, live keys, rendering to a file, and stand-ins for devices. Clocks are handed in. */
package amberfence.sound;

