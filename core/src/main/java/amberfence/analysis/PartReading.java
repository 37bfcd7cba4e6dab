package amberfence.analysis;

import amberfence.notes.FenceLine;
import amberfence.notes.Line;
import amberfence.notes.TimeMap;
import amberfence.reading.RulingChords;
import amberfence.song.Part;
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
