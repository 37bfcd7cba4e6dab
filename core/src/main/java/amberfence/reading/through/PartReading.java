package amberfence.reading.through;

import amberfence.reading.RulingChords;
import amberfence.song.FenceLine;
import amberfence.song.Line;
import amberfence.song.Part;
import amberfence.song.TimeMap;
import java.util.OptionalInt;

/**
 * A part as it is read.
 *
 * @param line what it plays
 * @param ruling the chords over it
 * @param program General MIDI program, where it has one
 */
record PartReading(Part part, Line line, FenceLine fence, TimeMap time, RulingChords ruling, OptionalInt program) {
}
