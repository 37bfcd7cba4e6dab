package amberfence.step.draw;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Note;
import amberfence.step.Finding;
import amberfence.step.Reason;
import amberfence.step.SettingValues;
import amberfence.step.StepWords;
import java.util.Arrays;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** One sentence for every reason and finding of the steps that draw. */
class DrawWordsTest {
    private static final StepWords WORDS = new StepWords(SettingValues::pitchText);
    private static final Note C4 = new Note(1, 0, 10, 60, 80, 0, 64);

    static Stream<Arguments> reasons() {
        return Stream.of(
                Arguments.of(new DrawReason.Arpeggiated(3, 0, Again.IN_PLACE, 0), "note 3 of the arpeggio"),
                Arguments.of(new DrawReason.Arpeggiated(3, 1, Again.parse("2 degrees"), 2), "note 3 of the arpeggio, up an octave, up 4 degrees"),
                Arguments.of(new DrawReason.Broken(), "its chord is broken into an arpeggio"),
                Arguments.of(new DrawReason.NoRoomForOne(true), "the lowest of a chord that is shorter than one note of the rate"),
                Arguments.of(new DrawReason.NoRoomForOne(false), "its chord is shorter than one note of the rate"),
                Arguments.of(new DrawReason.InBlock(1), "in the block"), Arguments.of(new DrawReason.InBlock(3), "in the block, for 3 notes"),
                Arguments.of(new DrawReason.JoinedInBlock(), "one with the same note of the block"),
                Arguments.of(new DrawReason.Replaced(), "its place is taken by what is drawn here"),
                Arguments.of(new DrawReason.OneVoice(Which.parse("lowest"), -1), "the lowest, down an octave"),
                Arguments.of(new DrawReason.OneVoice(Which.parse("above:2"), 0), "no. 2 from above"),
                Arguments.of(new DrawReason.OneVoice(Which.parse("line:1/4"), 0), "line 1 of 4"),
                Arguments.of(new DrawReason.MadeRoom(50), "50% shorter, to make room"),
                Arguments.of(new DrawReason.OnTheWay(1, 3), "1 of 3 on the way to the next note"),
                Arguments.of(new DrawReason.Graced(1, 2, true), "grace note 1 of 2 after"),
                Arguments.of(new DrawReason.GaveTime(1), "gives 1 tick to a grace note"),
                Arguments.of(new DrawReason.OwnLineNote(4, ""), "note 4 of the line"),
                Arguments.of(new DrawReason.OwnLineNote(4, "Dm7"), "note 4 of the line, of Dm7"),
                Arguments.of(new DrawReason.Stacked("in-key", 2), "no. 2 of the chord on it, in-key"));
    }

    @ParameterizedTest
    @MethodSource("reasons")
    void saysWhy(Reason reason, String sentence) {
        assertThat(WORDS.sentence(reason)).isEqualTo(sentence);
    }

    static Stream<Arguments> findings() {
        return Stream.of(
                Arguments.of(new DrawFinding.NoPart(), "choose the part whose voice it is to be"),
                Arguments.of(new DrawFinding.LeftOutOfLines(C4, 1, 2), "one inner note is in none of the lines, of which there are 2: C4"),
                Arguments.of(new DrawFinding.GaveWay(C4, 1), "one note is not made, as C4 begins there already"),
                Arguments.of(new DrawFinding.GaveWay(C4, 3), "3 notes are not made, as their pitch begins there already; the first is C4"),
                Arguments.of(new DrawFinding.CutShort(C4, 2), "2 made notes end early, as their pitch begins anew; the first is C4"),
                Arguments.of(new DrawFinding.TooShort(C4, 1), "one chord is shorter than one note of the rate; of it C4 stays"),
                Arguments.of(new DrawFinding.Inward(C4, 1), "one note would lie outside MIDI; C4, the same note in the nearest octave, is taken"),
                Arguments.of(new DrawFinding.NoTime(C4, 1, Fill.USUAL), "there is no free time behind one note, C4; half of it given would make room"),
                Arguments.of(new DrawFinding.NoRoomForGrace(C4, 2), "2 notes have no room for their grace notes; the first is C4"),
                Arguments.of(new DrawFinding.NothingToDrop(C4, 1), "one chord has no such voice to drop: on C4"),
                Arguments.of(new DrawFinding.LeftOut(C4, 1),
                        "one member of the chord on C4 is left out: it lies outside MIDI, and an octave inward it is there already"),
                Arguments.of(new DrawFinding.NoBank(), "the song has no chords on keys; put some on keys first"));
    }

    @ParameterizedTest
    @MethodSource("findings")
    void saysWhatItFound(Finding finding, String sentence) {
        assertThat(WORDS.sentence(finding)).isEqualTo(sentence);
    }

    @Test
    void noneIsMissingHere() {
        assertThat(reasons().map(some -> some.get()[0].getClass().getSimpleName()).distinct()).containsExactlyInAnyOrderElementsOf(names(DrawReason.class));
        assertThat(findings().map(some -> some.get()[0].getClass().getSimpleName()).distinct()).containsExactlyInAnyOrderElementsOf(names(DrawFinding.class));
    }

    private static Iterable<String> names(Class<?> family) {
        return Arrays.stream(family.getDeclaredClasses()).filter(Class::isRecord).map(Class::getSimpleName).toList();
    }
}
