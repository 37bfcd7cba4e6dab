package amberfence.format.midi;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.result.PartResult;
import amberfence.song.Credits;
import amberfence.song.Origin;
import amberfence.song.Part;
import amberfence.song.Song;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.RandomDistribution;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.Test;

/** What is written after an edit, looked at with an independent reader: the JDK's own MIDI classes. */
class EditedFilesTest {
    /** Every event as the JDK reads it: track, tick and bytes. */
    private static List<String> events(byte[] midi, boolean withPitches) throws Exception {
        List<String> events = new ArrayList<>();
        Sequence sequence = MidiSystem.getSequence(new ByteArrayInputStream(midi));
        Track[] tracks = sequence.getTracks();
        for (int t = 0; t < tracks.length; t++) {
            for (int i = 0; i < tracks[t].size(); i++) {
                MidiEvent event = tracks[t].get(i);
                byte[] message = event.getMessage().getMessage().clone();
                boolean note = event.getMessage() instanceof ShortMessage s && (s.getCommand() & 0xE0) == 0x80;
                if (note && !withPitches) {
                    message[1] = 0;
                }
                events.add(t + " " + event.getTick() + " " + HexFormat.of().formatHex(message));
            }
        }
        return events;
    }

    @Test
    void anIndependentReaderFindsOnlyThePitchesChanged() throws Exception {
        Song song = LanternFerry.song();
        byte[] before = MidiExport.ofOriginals(song).toBytes();
        byte[] after = new MidiExport(song, PartResult.lines(song), Optional.empty()).toBytes();
        assertThat(after).isNotEqualTo(before).hasSameSizeAs(before);
        assertThat(events(after, false)).isEqualTo(events(before, false));
        Set<String> changed = new HashSet<>(events(after, true));
        changed.removeAll(events(before, true));
        int moved = song.parts().stream().flatMap(part -> PartResult.of(song, part).stages().stream())
                .mapToInt(stage -> stage.outcome().changes().size()).sum();
        assertThat(changed).hasSize(2 * moved);
    }

    /** Type and text of the text events of a track, as the JDK reads them. Source of the types: Standard MIDI File 1.0. */
    private static List<String> texts(byte[] midi, int track) throws Exception {
        List<String> texts = new ArrayList<>();
        Track read = MidiSystem.getSequence(new ByteArrayInputStream(midi)).getTracks()[track];
        for (int i = 0; i < read.size(); i++) {
            if (read.get(i).getMessage() instanceof MetaMessage meta && meta.getType() < 8) {
                texts.add(read.get(i).getTick() + " " + meta.getType() + " " + new String(meta.getData(), StandardCharsets.UTF_8));
            }
        }
        return texts;
    }

    @Test
    void aChangedTitleAndCopyrightStandAtTheBeginningOfTheFirstTrackAndNothingElseChanges() throws Exception {
        // A marker between the two, a name that is no title in the second track.
        byte[] bytes = MidiFiles.file(1, "00 FF 03 03 4F 6C 64 00 FF 06 01 41 00 FF 02 01 58 00 FF 2F 00",
                "00 FF 03 03 4F 6C 64 00 90 3C 40 30 80 3C 00 00 FF 2F 00");
        Song song = MidiFiles.read(bytes).song();
        assertThat(song.title()).isEqualTo("Old");
        assertThat(song.credits().copyright()).isEqualTo("X");
        byte[] written = MidiFiles.edited(song.withTitle("New").withCredits(song.credits().withCopyright("© 2026 Nobody"))).toBytes();
        assertThat(texts(written, 0)).containsExactlyInAnyOrder("0 3 New", "0 2 © 2026 Nobody", "0 6 A");
        assertThat(texts(written, 1)).containsExactly("0 3 Old");
        assertThat(MidiFiles.read(written).song().credits().copyright()).isEqualTo("© 2026 Nobody");
        assertThat(texts(MidiFiles.edited(song.withCredits(Credits.NONE)).toBytes(), 0)).containsExactly("0 3 Old", "0 6 A");
        assertThat(MidiExport.ofOriginals(song.withTitle("New").withTitle("Old")).toBytes()).as("back as it was").isEqualTo(bytes);
    }

    @Test
    void aSongThatWasMadeHereSaysItsCopyright() throws Exception {
        Song made = Song.empty("Made").withCredits(new Credits("Somebody", "© 2026 Somebody"));
        assertThat(texts(MidiExport.ofOriginals(made).toBytes(), 0)).containsExactly("0 3 Made", "0 2 © 2026 Somebody");
    }

    @Test
    void switchingAStepOffGivesTheBytesOfTheOriginalBack() {
        Song song = LanternFerry.song();
        byte[] original = song.source().original().toArray();
        Song off = song;
        for (Part part : song.parts()) {
            off = off.withPart(part.id(), same -> same.withSteps(same.steps().stream().map(slot -> slot.withOn(false)).toList()));
        }
        assertThat(new MidiExport(off, PartResult.lines(off), Optional.empty()).toBytes()).isEqualTo(original);
    }

    @Test
    void endsANoteBeforeTheNextOneOfItsPitchBegins() {
        // The second note begins before the first one's end is written; moved onto its pitch, it must come after.
        byte[] bytes = MidiFiles.file(0, "00 90 3C 40 30 90 3D 50 00 80 3C 00 30 80 3D 00 00 FF 2F 00");
        Song song = MidiFiles.read(bytes).song();
        Line moved = Line.of(song.parts().get(0).line().notes().stream().map(note -> note.withPitch(60)).toList());
        byte[] written = new MidiExport(song, Map.of(0, moved), Optional.empty()).toBytes();
        assertThat(written).isEqualTo(MidiFiles.file(0,
                "00 90 3C 40 30 80 3C 00 00 90 3C 50 30 80 3C 00 00 FF 2F 00"));
        assertThat(MidiFiles.notes(MidiFiles.read(written).song())).extracting(Note::velocity, Note::length)
                .containsExactly(Tuple.tuple(0x40, 48L),
                        Tuple.tuple(0x50, 48L));
    }

    @Test
    void aStrayNoteOffDoesNotCutANoteThatWasMovedOntoItsPitch() {
        byte[] bytes = MidiFiles.file(0, "00 90 3D 40 30 80 3C 00 30 80 3D 00 00 FF 2F 00");
        Song song = MidiFiles.read(bytes).song();
        Line moved = Line.of(song.parts().get(0).line().notes().stream().map(note -> note.withPitch(60)).toList());
        Song back = MidiFiles.read(new MidiExport(song, Map.of(0, moved), Optional.empty()).toBytes()).song();
        assertThat(MidiFiles.notes(back)).singleElement().satisfies(note -> assertThat(note.length()).isEqualTo(96));
        assertThat(MidiFiles.roundTrip(bytes)).isEqualTo(bytes);
    }

    /** @param pitches of the notes, again and again; below 0 a note keeps its own */
    @Property(tries = 40, edgeCases = EdgeCasesMode.NONE)
    void pitchEditsKeepEveryNoteOnAndNoteOffInItsTime(@ForAll("pitches") List<Integer> pitches) throws Exception {
        byte[] before = MidiExport.ofOriginals(LanternFerry.plain()).toBytes();
        Song song = MidiFiles.read(before).song();
        Map<Integer, Line> lines = new HashMap<>();
        for (Part part : song.parts()) {
            lines.put(part.id(), Line.of(part.line().notes().stream().map(note -> {
                int pitch = pitches.get((int) (note.id() % pitches.size()));
                return pitch < 0 ? note : note.withPitch(pitch);
            }).toList()));
        }
        byte[] after = new MidiExport(song, lines, Optional.empty()).toBytes();
        assertThat(counted(events(after, false))).isEqualTo(counted(events(before, false)));
        assertThat(MidiFiles.notes(MidiFiles.read(after).song())).hasSameSizeAs(MidiFiles.notes(song));
        assertThat(MidiFiles.read(after).notices()).isEmpty();
    }

    /** About every third changes. */
    @Provide
    Arbitrary<List<Integer>> pitches() {
        return Arbitraries.integers().between(-250, 127).withDistribution(RandomDistribution.uniform()).list().ofMinSize(1).ofMaxSize(60)
                .withSizeDistribution(RandomDistribution.uniform());
    }

    private static Map<String, Integer> counted(List<String> events) {
        Map<String, Integer> counted = new HashMap<>();
        events.forEach(event -> counted.merge(event, 1, Integer::sum));
        return counted;
    }

    @Test
    void writesOnePartWithWhatTheWholeSongNeeds() throws Exception {
        Song song = LanternFerry.plain();
        byte[] bass = MidiExport.ofOriginals(song).only(Set.of(1)).toBytes();
        Song back = MidiFiles.read(bass).song();
        assertThat(back.parts()).extracting(Part::name).containsExactly("Fretless");
        assertThat(back.parts().get(0).line().notes()).extracting(Note::pitch, Note::start)
                .isEqualTo(song.parts().get(1).line().notes().stream()
                        .map(note -> Tuple.tuple(note.pitch(), note.start())).toList());
        assertThat(back.time()).isEqualTo(song.time());
        assertThat(MidiSystem.getSequence(new ByteArrayInputStream(bass)).getTracks()).hasSize(2);
    }

    @Test
    void writesADuplicatedPartToATrackOfItsOwn() {
        Song song = LanternFerry.plain();
        Song twice = song.plusDuplicate(0, "Voice line copy");
        Song back = MidiFiles.read(MidiExport.ofOriginals(twice).toBytes()).song();
        assertThat(back.parts()).hasSize(6).extracting(Part::name).contains("Voice line copy");
        assertThat(back.parts().get(5).line().size()).isEqualTo(song.parts().get(0).line().size());
    }

    @Test
    void changesTheTypeOnRequest() {
        Song song = LanternFerry.plain();
        Song single = MidiFiles.read(MidiExport.ofOriginals(song).withType(0).toBytes()).song();
        assertThat(single.source().type()).isZero();
        assertThat(single.source().tracks()).hasSize(1);
        Song several = MidiFiles.read(MidiExport.ofOriginals(single).withType(1).toBytes()).song();
        assertThat(several.source().type()).isEqualTo(1);
        assertThat(several.parts()).hasSize(5);
        assertThat(MidiFiles.notes(several)).extracting(Note::pitch, Note::start, Note::length, Note::channel)
                .containsExactlyInAnyOrderElementsOf(MidiFiles.notes(song).stream().map(note ->
                        Tuple.tuple(note.pitch(), note.start(), note.length(), note.channel())).toList());
    }

    @Test
    void writesASongThatWasMadeHere() {
        Line line = LineText.parse("C4 D4 E4:2", 480, 0, 1);
        Song song = new Song("Made here", TimeMap.of(480, 500_000, 3, 4),
                LanternFerry.plain().fence(), List.of(Part.of(0, "Tune", Role.MELODY, 0, line)),
                Origin.MADE, 10);
        Song back = MidiFiles.read(MidiExport.ofOriginals(song).toBytes()).song();
        assertThat(back.title()).isEqualTo("Made here");
        assertThat(back.time()).isEqualTo(song.time());
        assertThat(back.parts().get(0).name()).isEqualTo("Tune");
        assertThat(MidiFiles.notes(back)).extracting(Note::pitch).containsExactly(60, 62, 64);
    }
}
