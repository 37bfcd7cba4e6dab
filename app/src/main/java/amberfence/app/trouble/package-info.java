/** What happens when something goes wrong that nobody foresaw: it is written down, told in a sentence, and the window goes on. */
package amberfence.app.trouble;
