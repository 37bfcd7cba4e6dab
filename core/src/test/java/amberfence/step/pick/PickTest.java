package amberfence.step.pick;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.reading.SoundingChords;
import amberfence.result.SongResults;
import amberfence.song.Origin;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Surroundings;
import amberfence.theory.Key;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Notes are numbered from 1 in the order in which they are written; a length of 1 is an eighth in 4/4. */
class PickTest {
    private static final TimeMap TIME = TimeMap.usual(480);

    private static List<Long> picked(String rule, String notes) {
        Line line = LineText.parse(notes, 240, 0, 1);
        Surroundings around = Surroundings.of(Fence.of(KeyPlan.of(Key.parse("D dorian"))).along(TIME), TIME, Role.CHORDS,
                SoundingChords.NONE);
        return Pick.parse(rule).choose(line, around).ids();
    }

    private static final String CHORDS = "[C4 E4 G4] [D4 A4] B4";

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "lowest | 1 4 6", "highest | 3 5 6", "voice 2 | 2 5", "voice 2 from top | 2 4", "voice 3 | 3",
        "within 4 of lowest | 1 2 4 6", "every 2 | 1 2 3 6", "every 2 from 2 | 4 5", "pitch E4 to A4 | 2 3 5",
        "degree b7 | 1", "degree 6 | 6", "not lowest | 2 3 5", "lowest and highest | 6", "lowest or highest | 1 3 4 5 6",
        "not (lowest or highest) | 2", "highest and not degree 5 | 3 6", "strong beat | 1 2 3", "off beat | 4 5",
        "on beat | 1 2 3 6"})
    void picksByVoiceDegreePitchAndBeat(String rule, String numbers) {
        assertThat(picked(rule, CHORDS)).isEqualTo(List.of(numbers.split(" ")).stream().map(Long::valueOf).toList());
    }

    @Test
    void picksInsideOutsideLengthAndVelocity() {
        String tune = "D4:2@90 Eb4@40 F4:4@64 F#4@127";
        assertThat(picked("inside", tune)).containsExactly(1L, 3L);
        assertThat(picked("outside", tune)).containsExactly(2L, 4L);
        assertThat(picked("length from 1/4", tune)).containsExactly(1L, 3L);
        assertThat(picked("length up to 1/8", tune)).containsExactly(2L, 4L);
        assertThat(picked("length from 1/4 up to 1/4", tune)).containsExactly(1L);
        assertThat(picked("velocity 41 to 90", tune)).containsExactly(1L, 3L);
        assertThat(picked("outside and velocity 100 to 127 or length from 1/2", tune)).containsExactly(3L, 4L);
    }

    @Test
    void picksChordNotesAndOverlaps() {
        Song song = new Song("x", TIME, Fence.of(KeyPlan.of(Key.parse("C major"))), List.of(
                Part.of(0, "tune", Role.MELODY, 0, LineText.parse("C4 D4 E4 F4", 240, 0, 1)),
                Part.of(1, "chords", Role.CHORDS, 1, LineText.parse("[C3 E3 G3]:2 [F3 A3 C4]:2", 240, 1, 5))),
                Origin.MADE, 20);
        Part tune = song.part(0);
        assertThat(Pick.parse("chord note").choose(tune.line(), SongResults.of(song).surroundings(tune)).ids()).containsExactly(1L, 4L);
        Line late = Line.of(List.of(new Note(1, 0, 250, 60, 80, 0, 64), new Note(2, 240, 200, 62, 80, 0, 64)));
        assertThat(Pick.parse("overlapping").choose(late, SongResults.of(song).surroundings(tune)).ids()).containsExactly(1L);
    }

    @ParameterizedTest
    @ValueSource(strings = {"lowest", "voice 3 from top", "not (outside and not degree ♭3 or every 4 from 2)", "chord note",
        "pitch Eb3 to F#5", "length from 1/8t up to 1/4.", "velocity 1 to 60", "within 12 of lowest", "overlapping",
        "strong beat or on beat or off beat", "inside"})
    void aRuleIsWrittenAsItIsRead(String text) {
        Pick.Rule rule = Pick.parse(text);
        assertThat(rule.text()).isEqualTo(text);
        assertThat(Pick.parse(rule.text())).isEqualTo(rule);
    }

    @Test
    void saysWhatCannotBeRead() {
        assertThatThrownBy(() -> Pick.parse("loudest")).hasMessageStartingWith("“loudest” is no condition of a pick; conditions "
                + "are lowest, highest");
        assertThatThrownBy(() -> Pick.parse("  ")).hasMessage("a pick needs at least one condition, as in lowest");
        assertThatThrownBy(() -> Pick.parse("velocity 0 to 300")).hasMessageContaining("velocity");
        assertThatThrownBy(() -> Pick.parse("pitch C5 to C3")).hasMessageContaining("from low to high");
    }

    @Test
    void aRuleAdaptsWhenNotesChangeAndFrozenNotesDoNot() {
        Surroundings around = Surroundings.of(Fence.of(KeyPlan.of(Key.parse("C major"))).along(TIME), TIME, Role.CHORDS,
                SoundingChords.NONE);
        Line before = LineText.parse("[C4 E4]", 240, 0, 1);
        Line after = Line.of(List.of(before.notes().get(0).withPitch(67), before.notes().get(1)));
        assertThat(Pick.parse("lowest").choose(before, around).ids()).containsExactly(1L);
        assertThat(Pick.parse("lowest").choose(after, around).ids()).containsExactly(2L);
        Pick frozen = new Pick.Frozen(NoteSet.of(List.of(1L)));
        assertThat(frozen.choose(after, around).ids()).containsExactly(1L);
        assertThat(frozen.renamed(id -> id + 10).choose(after, around).ids()).containsExactly(11L);
        assertThat(frozen.text()).isEqualTo("1 note");
    }
}
