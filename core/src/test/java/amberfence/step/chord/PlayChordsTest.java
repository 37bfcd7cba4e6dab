package amberfence.step.chord;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.edit.HandEdits;
import amberfence.edit.ProgressionEdits;
import amberfence.format.midi.MidiExport;
import amberfence.format.midi.MidiReader;
import amberfence.notes.Grid;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.Role;
import amberfence.result.PartResult;
import amberfence.song.Song;
import amberfence.step.Change;
import amberfence.theory.Chord;
import amberfence.theory.Voicing;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class PlayChordsTest {
    /** C for a bar of 4/4 and G7/B for half a bar. */
    private final Song song = ProgressionEdits.put(ProgressionEdits.put(Song.empty("x").plusEmptyPart("keys", Role.CHORDS),
            0, 1920, Chord.parse("C")), 1920, 2880, Chord.parse("G7/B"));

    private String played(PlayChords step) {
        return PartResult.of(song.plusStep(1, step), song.plusStep(1, step).part(1)).line().notes().stream()
                .collect(Collectors.groupingBy(note -> note.start() + "–" + note.end(), TreeMap::new,
                        Collectors.mapping(Note::pitch, Collectors.toList()))).toString();
    }

    @Test
    void holdsEachChordAsItIsVoiced() {
        assertThat(played(PlayChords.USUAL)).isEqualTo("{0–1920=[60, 64, 67], 1920–2880=[59, 62, 65, 67]}");
    }

    @Test
    void strikesOnBeatsEighthsAndOffBeats() {
        assertThat(played(PlayChords.USUAL.withRhythm(Rhythm.BEATS).withShare(50))).contains("0–240=[60, 64, 67]")
                .contains("1440–1680=[60, 64, 67]").contains("2400–2640=[59, 62, 65, 67]");
        assertThat(played(PlayChords.USUAL.withRhythm(Rhythm.EIGHTHS))).contains("240–480=[60, 64, 67]");
        assertThat(played(PlayChords.USUAL.withRhythm(Rhythm.OFF_BEATS))).contains("240–480=").doesNotContain("{0–");
    }

    @Test
    void playsAnOwnPatternOnTheGrid() {
        PlayChords own = new PlayChords(Rhythm.OWN, "x-.x ....", Grid.of(8), 100, 80);
        assertThat(played(own)).isEqualTo("{0–480=[60, 64, 67], 1920–2400=[59, 62, 65, 67], 2640–2880=[59, 62, 65, 67], "
                + "720–960=[60, 64, 67]}");
        assertThatThrownBy(() -> PlayChords.USUAL.withPattern("y")).hasMessageContaining("a rhythm is written with x");
    }

    @Test
    void followsTheProgressionUntilItIsSettled() {
        Song tied = song.plusStep(1, PlayChords.USUAL);
        long first = tied.progression().spans().get(0).id();
        Song changed = tied.withProgression(tied.progression().with(List.of(first),
                span -> span.withVoicing(Voicing.of(48, 55, 64))));
        assertThat(PartResult.of(changed, changed.part(1)).line().notes().get(0).pitch()).isEqualTo(48);
        Line result = PartResult.of(tied, tied.part(1)).line();
        Song settled = new HandEdits("Take 2").settle(tied, 1, result);
        assertThat(settled.part(1).line().notes()).allMatch(note -> note.id() > 0).hasSize(7);
        assertThat(settled.part(1).line().notes().stream().map(Note::id).distinct()).hasSize(7);
        assertThat(settled.nextId()).isEqualTo(tied.nextId() + 7);
    }

    @Test
    void everyNoteIsExplained() {
        Song tied = song.plusStep(1, PlayChords.USUAL);
        var outcome = PartResult.of(tied, tied.part(1)).stages().get(0).outcome();
        assertThat(outcome.changes()).hasSize(7).allMatch(Change::isMade);
        assertThat(outcome.changes().get(1).reason()).hasToString("FromChord[chord=C, member=third]");
        assertThat(outcome.untouched()).isZero();
        assertThat(NoteSet.of(outcome.out()).ids()).as("made notes belong to sets like any other").hasSize(7);
    }

    @Test
    void isHandedOutAsMidi() throws Exception {
        Song tied = song.plusStep(1, PlayChords.USUAL);
        byte[] midi = new MidiExport(tied, PartResult.lines(tied), Optional.empty()).toBytes();
        assertThat(MidiReader.read(midi, "x").song().parts().get(0).line().notes()).extracting(Note::pitch)
                .containsExactly(60, 64, 67, 59, 62, 65, 67);
    }

    @Test
    void withNoProgressionItSaysSo() {
        Song empty = Song.empty("x").plusEmptyPart("keys", Role.CHORDS).plusStep(1, PlayChords.USUAL);
        assertThat(PartResult.of(empty, empty.part(1)).stages().get(0).outcome().findings())
                .hasToString("[NoProgression[]]");
    }
}
