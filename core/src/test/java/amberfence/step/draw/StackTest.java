package amberfence.step.draw;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.notes.ChordBank;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Doing;
import amberfence.step.Outcome;
import amberfence.step.Typed;
import amberfence.theory.Key;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is expected stands in the rules of the music, unless it says otherwise. */
class StackTest {
    private static Doing stack(String settings) {
        return doing(Typed.step(Stack.SCHEMA, settings));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "notes=3 | C4 D4 B4 | [C4 E4 G4] [D4 F4 A4] [B4 D5 F5]",
        "notes=4 | G4 | [G4 B4 D5 F5]",
        "notes=3 note-is=top | C4 | [F3 A3 C4]",
        "notes=4 note-is=top | C4 | [D3 F3 A3 C4]",
        "notes=3 note-is=member:2 | E4 | [C4 E4 G4]",
        "notes=3 apart=fourths | C4 | [C4 F4 B4]",
        "notes=3 apart=fifths | C4 | [C4 G4 D5]",
        // A fourth raised by a semitone takes its alteration along.
        "notes=3 | F#4 | [F#4 A#4 C#5]"})
    void stacksInTheKey(String settings, String melody, String expected) {
        stack(settings).on(melody).in("C major").gives(expected);
    }

    /** The voicings follow from the definitions of inversion and drop; the root is set onto the note. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "chord=maj | C4 | [C4 E4 G4]",
        "chord=m7 | D4 | [D4 F4 A4 C5]",
        "chord=maj inversion=1 | C4 | [E3 G3 C4]",
        "chord=maj inversion=1 note-is=bass | E4 | [E4 G4 C5]",
        "chord=maj7 drop=2 | C4 | [G3 C4 E4 B4]",
        "chord=maj7 drop=3 | C4 | [E3 C4 G4 B4]",
        "chord=maj7 drop=2+4 note-is=bass | C3 | [C3 G3 E4 B4]",
        "chord=maj7 drop=2 note-is=top | B4 | [G3 C4 E4 B4]",
        "chord=maj7 spread=on | C3 | [C3 G3 E4 B4]"})
    void stacksAKindTurnedAndOpened(String settings, String melody, String expected) {
        stack(settings).on(melody).gives(expected);
    }

    @Test
    void theNoteItselfStaysAndOthersHaveAShareOfItsVelocity() {
        Outcome outcome = stack("velocity=50%").on("C4").outcome();
        assertThat(outcome.out().notes()).extracting(Note::velocity).containsExactly(80, 40, 40);
        assertThat(outcome.out().notes().get(0).id()).isEqualTo(1);
        assertThat(outcome.changes()).hasSize(2).allMatch(change -> change.isMade());
    }

    @Test
    void aDropWithoutItsVoiceIsListedAndNotDone() {
        Outcome outcome = stack("notes=3 drop=2+4").on("C4").outcome();
        stack("notes=3 drop=2+4").on("C4").gives("[C4 E4 G4]");
        assertThat(outcome.findings()).containsExactly(new DrawFinding.NothingToDrop(outcome.out().notes().get(0), 1));
    }

    /** F9 is 125; A9 would be 129, C10 132. */
    @Test
    void membersPastTheEndOfMidiGoAnOctaveInward() {
        Outcome outcome = stack("chord=maj").on("F9").outcome();
        assertThat(outcome.out().notes()).extracting(Note::pitch).containsExactly(117, 120, 125);
        assertThat(outcome.findings()).hasSize(1).first().isInstanceOf(DrawFinding.Inward.class);
    }

    @Test
    void triggerNotesBecomeTheChordsOnTheirKeys() {
        Song song = Song.empty("x").plusEmptyPart("Trigger", Role.CHORDS).withBank(ChordBank.of(Key.parse("C major"), 3)).withNextId(100);
        int id = song.parts().get(0).id();
        Song played = song.withPart(id, part -> part.withTake(take -> take.withLine(LineText.parse("C2 F2:2 C#5", Doing.UNIT, 0, 1))))
                .plusStep(id, Typed.step(Stack.SCHEMA, "chord=bank"));
        Part part = played.part(id);
        List<List<Integer>> chords = List.of(played.bank().orElseThrow().on(36), played.bank().orElseThrow().on(41), List.of(73));
        Line out = PartResult.of(played, part).line();
        assertThat(out.notes().stream().filter(note -> note.start() == 0)).extracting(Note::pitch).containsExactlyElementsOf(chords.get(0));
        assertThat(out.notes().stream().filter(note -> note.start() == 240)).extracting(Note::pitch).containsExactlyElementsOf(chords.get(1));
        assertThat(out.notes().stream().filter(note -> note.start() == 720)).extracting(Note::pitch).containsExactlyElementsOf(chords.get(2));
        stack("chord=bank").on("C4").gives("C4").finding("the song has no chords on keys; put some on keys first");
    }

    @Test
    void leavesDrumsAndOthersAloneAndRefusesWhatWouldBeIgnored() {
        assertThat(stack("").as(Role.DRUMS).on("C2").outcome().changes()).isEmpty();
        assertThat(stack("").onlyOn("lowest").on("[C4 E4]").outcome().out().notes()).extracting(Note::pitch)
                .as("the third is there already").containsExactly(60, 64, 67);
        assertThatThrownBy(() -> Typed.step(Stack.SCHEMA, "chord=xyz")).hasMessageContaining("chord=xyz");
        assertThat(Stack.SCHEMA.unused(Typed.step(Stack.SCHEMA, "chord=m7 notes=5"), List.of("notes"))).isPresent();
    }

    /** Whatever the voicing, the named member is the note, and in the key all are inside. */
    @Property(tries = 300)
    void theNoteIsTheMemberThatItIsSaidToBe(@ForAll @IntRange(min = 45, max = 80) int pitch, @ForAll @IntRange(min = 2, max = 7) int notes,
                                            @ForAll @IntRange(max = 3) int inversion, @ForAll boolean top) {
        int inside = pitch - (Key.parse("C major").pitchClasses().containsPitch(pitch) ? 0 : 1);
        Line line = Line.of(List.of(new Note(1, 0, 480, inside, 80, 0, 64)));
        Outcome outcome = stack("notes=" + notes + " inversion=" + inversion + " note-is=" + (top ? "top" : "bass")).on(line).in("C major").outcome();
        assertThat(outcome.out().size()).isEqualTo(notes);
        assertThat(outcome.out().notes()).allMatch(note -> Key.parse("C major").pitchClasses().containsPitch(note.pitch()));
        assertThat(outcome.out().notes().stream().mapToInt(Note::pitch).max().orElseThrow() == inside).isEqualTo(top);
        assertThat(outcome.out().notes().stream().mapToInt(Note::pitch).min().orElseThrow() == inside).isEqualTo(!top);
    }
}
