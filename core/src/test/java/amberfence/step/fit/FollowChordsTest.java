package amberfence.step.fit;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.notes.ChordSpan;
import amberfence.notes.Note;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.step.ChordSource;
import amberfence.step.Outcome;
import amberfence.step.fit.FollowChords.Register;
import amberfence.step.fit.FollowChords.Restart;
import amberfence.theory.Chord;
import amberfence.theory.PitchClass;
import amberfence.theory.Voicing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class FollowChordsTest {
    /** The whole line, written over C. */
    private static final FollowChords OVER_C = FollowChords.USUAL.withBars(0).withHome("C");

    private static Progression voiced(String... chordsAndPitches) {
        List<ChordSpan> spans = new ArrayList<>();
        for (String chord : chordsAndPitches) {
            String[] words = chord.split(" ");
            long start = spans.size() * 1920L;
            spans.add(ChordSpan.of(spans.size() + 1, start, start + 1920, Chord.parse(words[0])).withVoicing(Voicing.of(
                    Arrays.stream(words).skip(1).map(Integer::parseInt).toList())));
        }
        return new Progression(spans);
    }

    @Test
    void playsTheSameMembersUnderAnotherChord() {
        // The worked example of the design.
        doing(OVER_C.withRegister(Register.CLIMBING)).under("| F |").on("C4 E4 G4").gives("F4 A4 C5")
                .because("the root, of F instead of C", "the third, of F instead of C", "the fifth, of F instead of C");
        doing(OVER_C).under("| F |").on("C5 E5 G5").gives("F5 A5 C6");
        doing(OVER_C).under("| G | Am |").on("C4 E4 G4 r:5 C4 E4 G4").gives("G3 B3 D4 r:5 A3 C4 E4");
    }

    @Test
    void playsTheSamePositionsOfTheVoicing() {
        doing(OVER_C.withCount(Count.POSITION)).under(voiced("F 60 65 69")).on("C4 E4 G4").gives("C4 F4 A4");
        doing(OVER_C.withCount(Count.POSITION)).under(voiced("F 60 65 69", "G 59 62 67")).on("C4 E4 G4 r:5 G4 E4 C4")
                .gives("C4 F4 A4 r:5 G4 D4 B3");
    }

    @Test
    void theFourthOfATriadIsTheFirstAnOctaveUp() {
        doing(OVER_C.withHome("Cmaj7")).under("| F |").on("C4 E4 G4 B4").gives("F4 A4 C5 F5");
        doing(OVER_C).under("| Fmaj7 |").on("C4 E4 G4 C5").gives("F4 A4 C5 F5");
    }

    @Test
    void whatIsNoChordNoteKeepsItsScaleSteps() {
        // D is a step above C, F a step above E, B a step below C; F♯ is outside and a semitone below G.
        doing(OVER_C).under("| G |").on("C4 D4 E4 F4").gives("G3 A3 B3 C4").because("the root, of G instead of C",
                "1 scale step above the root of G", "the third, of G instead of C", "1 scale step above the third of G");
        doing(OVER_C.withRegister(Register.CLIMBING)).under("| F |").on("C4 B3 C4").gives("F4 E4 F4");
        doing(OVER_C.withRegister(Register.CLIMBING)).under("| F |").on("F#4").gives("B4")
                .because("1 semitone below the fifth of F");
    }

    @Property(tries = 300)
    void everyFigureComesBackAsItWasOverItsOwnChord(@ForAll @Size(min = 1, max = 6) List<@IntRange(min = 40, max = 84) Integer> pitches, @ForAll Count count,
                                                    @ForAll("chords") String chord) {
        String text = pitches.stream().map(pitch -> doing(OVER_C).around().fence().spellingAt(0).pitch(pitch).plainText()).collect(Collectors.joining(" "));
        doing(OVER_C.withHome(chord).withCount(count)).under("| " + chord + " |").on(text).gives(text);
        doing(OVER_C.withHome(chord).withCount(count).withRegister(Register.CLIMBING)).under("| " + chord + " |").on(text).gives(text);
    }

    @Provide
    Arbitrary<String> chords() {
        return Arbitraries.of("C", "Dm7", "G7", "F/A", "Am9", "Bø7", "E7b9", "Csus4", "Ab");
    }

    @Test
    void onEveryChordTheSameMembersSound() {
        String[] chords = {"C", "Dm", "Em", "F", "G", "Am", "B°", "Eb", "F#m"};
        for (String chord : chords) {
            List<Note> notes = doing(OVER_C).under("| " + chord + " |").on("C4 G4 E4 C5").outcome().out().notes();
            Chord over = Chord.parse(chord);
            assertThat(notes.stream().sorted(Note.IN_TIME).map(note -> over.member(PitchClass.of(note.pitch()))
                    .orElseThrow().role())).containsExactly("root", "fifth", "third", "root");
        }
    }

    @Test
    void theFirstBarsAreAFigureThatFillsTheChords() {
        FollowChords follow = FollowChords.USUAL.withBars(1);
        Outcome outcome = doing(follow).under("| C | F | G |").on("C4:2 E4:2 G4:4").outcome();
        doing(follow).under("| C | F | G |").on("C4:2 E4:2 G4:4").gives("C4:2 E4:2 G4:4 F4:2 A4:2 C5:4 G3:2 B3:2 D4:4");
        assertThat(outcome.added()).isEqualTo(6);
        doing(follow).under("| C | F |").on("C4:2 E4:2 G4:4 B4:8").gives("C4:2 E4:2 G4:4 F4:2 A4:2 C5:4")
                .because("the root, of F instead of C", "the third, of F instead of C", "the fifth, of F instead of C",
                        "the repeated figure stands in its place");
    }

    @Test
    void beginsAnewAtEachChordEachBarOrNot() {
        // A figure of a bar over chords of a bar and a half: C until beat 3 of bar 2, then F.
        var chords = new Progression(List.of(ChordSpan.of(1, 0, 2880, Chord.parse("C")), ChordSpan.of(2, 2880, 5760, Chord.parse("F"))));
        doing(FollowChords.USUAL.withRestart(Restart.CHORD)).under(chords).on("C4:4 E4:4")
                .gives("C4:4 E4:4 C4:4 F4:4 A4:4 F4:4");
        doing(FollowChords.USUAL.withRestart(Restart.NOT)).under(chords).on("C4:4 E4:4").gives("C4:4 E4:4 C4:4 A4:4 F4:4 A4:4");
        doing(FollowChords.USUAL.withRestart(Restart.BAR)).under(chords).on("C4:4 E4:4").gives("C4:4 E4:4 C4:4 A4:4 F4:4 A4:4");
        doing(FollowChords.USUAL.withRestart(Restart.CHORD).withRepeat(false)).under(chords).on("C4:4 E4:4")
                .gives("C4:4 E4:4 r:4 F4:4 A4:4");
    }

    @Test
    void tellsWhichNotesAShortChordDoesNotReach() {
        doing(FollowChords.USUAL.withRestart(Restart.CHORD)).under("| C F |").on("C4:2 E4:2 G4:2 C5:2").finding("the figure is longer than 2 chords, under "
                + "which 4 of its notes are not reached; let it go on over the changes of chord to hear all");
    }

    @Test
    void playsAFigureThatWasDrawnBesideWhatThePartHasOrInItsPlace() {
        Figure drawn = new Figure("", 960, List.of(Figure.Note.of(0, 240, 0, 0), Figure.Note.of(480, 480, 2, 0)));
        doing(FollowChords.USUAL.withFigure(drawn)).under("| C Am |").on("").gives("C4 r:1 G4:2 A3 r:1 E4:2");
        doing(FollowChords.USUAL.withFigure(drawn).withInstead(false)).under("| C |").on("r C2").gives("C4 C2 G4:2 C4 r G4:2");
        doing(FollowChords.USUAL.withFigure(drawn)).under("| C |").on("r C2").gives("C4 r G4:2 C4 r G4:2");
        assertThat(drawn.withLength(300).notes()).hasSize(1);
        assertThatThrownBy(() -> new Figure("H", 960, List.of())).hasMessageContaining("H");
        assertThatThrownBy(() -> Figure.Note.of(0, 0, 0, 0)).hasMessageContaining("length");
    }

    @Test
    void whereThereIsNoChordTheScaleCountsOrNothingIsPlayed() {
        Figure drawn = new Figure("", 960, List.of(Figure.Note.of(0, 240, 0, 0)));
        FollowChords follow = FollowChords.USUAL.withFigure(drawn).withRestart(Restart.NOT);
        doing(follow.withSource(ChordSource.USUAL.withGaps(ChordSource.Gaps.LEAVE))).under("| Am N.C. | F |").on("")
                .gives("A3 r:7 F3 r:3 F3");
        doing(follow.withSource(ChordSource.USUAL.withGaps(ChordSource.Gaps.SCALE))).under("| Am N.C. | F |").on("")
                .gives("A3 r:3 A3 r:3 F3 r:3 F3");
    }

    @Test
    void saysWhatItCannotDo() {
        doing(FollowChords.USUAL).under("| C |").on("").finding("there is no figure yet: draw one in the grid, take one from "
                + "selected notes, or choose a part with notes");
        doing(FollowChords.USUAL.withBars(0)).under("| C |").on("C4").gives("C4").finding("every note is numbered against the chord "
                + "that sounds there, so nothing moves; name the chord over which they were written, or let the first bars be the "
                + "figure");
        doing(FollowChords.USUAL).on("C4").gives("C4")
                .finding("the song has no chords yet; put some on the progression strip, or read them from a part");
        doing(OVER_C).under("| F |").as(Role.DRUMS).on("C4").gives("C4");
        doing(OVER_C.withRegister(Register.CLIMBING)).under("| B |").on("G9").gives("F#9");
        assertThatThrownBy(() -> OVER_C.withHome("Q")).hasMessageContaining("Q");
    }
}
