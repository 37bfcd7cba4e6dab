package amberfence.format.musicxml;

import amberfence.song.Song;
import amberfence.theory.Range;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.audiveris.proxymusic.MidiInstrument;
import org.audiveris.proxymusic.ScorePart;

/** How a part is played by MIDI: its channel and program, and the note of each of its drums. */
final class ScoreInstruments {
    private final List<MidiInstrument> instruments;

    ScoreInstruments(ScorePart head) {
        instruments = head.getMidiDeviceAndMidiInstrument().stream().filter(MidiInstrument.class::isInstance).map(MidiInstrument.class::cast).toList();
    }

    /** From 0. */
    OptionalInt channel() {
        return first(instruments.stream().map(MidiInstrument::getMidiChannel), Range.CHANNEL);
    }

    /** From 0; nothing for drums, whose program is a kit. */
    OptionalInt program() {
        return channel().equals(OptionalInt.of(Song.PERCUSSION)) ? OptionalInt.empty()
                : first(instruments.stream().map(MidiInstrument::getMidiProgram), new Range("program", 0, 127));
    }

    /** The MIDI note of a drum, by the instrument that the note names, or the only one there is. */
    OptionalInt drum(Object named) {
        List<MidiInstrument> found = new ArrayList<>(instruments);
        if (named != null || found.size() != 1) {
            found.removeIf(instrument -> named == null || instrument.getId() != named);
        }
        return first(found.stream().map(MidiInstrument::getMidiUnpitched), Range.PITCH);
    }

    /** The file counts from 1. */
    private static OptionalInt first(Stream<Integer> numbers, Range range) {
        return numbers.flatMap(number -> Optional.ofNullable(number).stream()).mapToInt(number -> number - 1).filter(range::contains).findFirst();
    }
}
