package amberfence.format;

import java.util.List;

/** A kind of file. Those of songs are listed in {@code amberfence.format.catalogue.Formats}. */
public interface Format {
    /** What a person calls it, for example {@code MIDI file}. */
    String title();

    /** The endings of its files without the dot, in lower case, the usual one first. */
    List<String> endings();
}
