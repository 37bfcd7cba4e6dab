/**
 * MusicXML 4.0 (W3C Music Notation Community Group, Final Community Group Report, June 2021), read and written through a binding of
 * its schema. What two readers would read differently is settled beside the class that reads it.
 */
package amberfence.format.musicxml;
