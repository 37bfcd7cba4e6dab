/** The page on which two versions of a part are compared: takes, with their steps or before them. */
package amberfence.app.compare;

