package amberfence.format.musicxml;

import amberfence.notes.DrumNames;
import amberfence.notes.Note;
import amberfence.song.Part;
import amberfence.song.Song;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.TreeMap;
import org.audiveris.proxymusic.MidiInstrument;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.ScoreInstrument;
import org.audiveris.proxymusic.ScorePart;

/**
 * What the list of parts says of one: its name, channel and program; of drums one instrument for each note.
 *
 * @param drums the instruments of drums, by MIDI note; nothing for a part with pitches
 */
record PartHead(ScorePart part, Map<Integer, ScoreInstrument> drums) {
    private static final ObjectFactory MAKE = new ObjectFactory();

    static PartHead of(Song song, Part part, int index, List<Note> notes) {
        ScorePart head = MAKE.createScorePart();
        head.setId("P" + (index + 1));
        head.setPartName(MAKE.createPartName());
        head.getPartName().setValue(part.name());
        Map<Integer, ScoreInstrument> drums = new TreeMap<>();
        if (part.isDrums() && !notes.isEmpty()) {
            notes.stream().map(Note::pitch).distinct().sorted().forEach(pitch -> drums.put(pitch, instrument(head, "-I" + pitch, DrumNames.of(pitch).orElse("Drum " + pitch))));
            drums.forEach((pitch, drum) -> midi(head, drum, part.channel()).setMidiUnpitched(pitch + 1));
        } else {
            MidiInstrument midi = midi(head, instrument(head, "-I1", part.name()), part.channel());
            OptionalInt program = part.sound().program().isPresent() ? part.sound().program() : song.source().program(part.channel());
            program.ifPresent(number -> midi.setMidiProgram(number + 1));
        }
        return new PartHead(head, drums);
    }

    private static ScoreInstrument instrument(ScorePart head, String suffix, String name) {
        ScoreInstrument instrument = MAKE.createScoreInstrument();
        instrument.setId(head.getId() + suffix);
        instrument.setInstrumentName(name);
        head.getScoreInstrument().add(instrument);
        return instrument;
    }

    private static MidiInstrument midi(ScorePart head, ScoreInstrument instrument, int channel) {
        MidiInstrument midi = MAKE.createMidiInstrument();
        midi.setId(instrument);
        midi.setMidiChannel(channel + 1);
        head.getMidiDeviceAndMidiInstrument().add(midi);
        return midi;
    }
}
