package amberfence.step;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Note;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.fence.FenceFinding;
import amberfence.step.fence.FenceReason;
import amberfence.step.fence.FenceReason.Choice;
import amberfence.step.fence.FenceReason.Why;
import amberfence.step.fit.FitFinding;
import amberfence.step.fit.FitReason;
import amberfence.step.fit.HarmonyLine;
import amberfence.step.move.MoveFinding;
import amberfence.step.move.MoveReason;
import amberfence.step.shape.ShapeFinding;
import amberfence.step.shape.ShapeReason.LengthCause;
import amberfence.step.shape.ShapeReason;
import amberfence.theory.Key;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** One sentence for every reason and finding. */
class StepWordsTest {
    private static final StepWords WORDS = new StepWords(pitch -> Key.parse("C major").spelling().pitch(pitch).text());

    static Stream<Arguments> reasons() {
        return Stream.of(
                Arguments.of(new Choice(Why.NEARER, 64, 67, 64), "E4 is nearer than G4"),
                Arguments.of(new Choice(Why.GOING_UP, 67, 67, 67), "the next note inside, going up"),
                Arguments.of(new Choice(Why.GOING_DOWN, 65, 65, 65), "the next note inside, going down"),
                Arguments.of(new Choice(Why.TIE_TO_LOWER, 65, 67, 65), "F4 and G4 are equally near; down decides"),
                Arguments.of(new Choice(Why.TIE_TO_HIGHER, 67, 65, 67), "F4 and G4 are equally near; up decides"),
                Arguments.of(new Choice(Why.CHORD_NOTE, 67, 65, 67), "G4 is in the chord, F4 is not; both equally near"),
                Arguments.of(new Choice(Why.REPEATS, 65, 67, 67), "keeps the step; G4 would repeat its neighbour"),
                Arguments.of(new Choice(Why.SPLITS, 65, 67, 65), "keeps the repeat; G4 would break away from it"),
                Arguments.of(new Choice(Why.TURNS, 65, 67, 66), "keeps the direction; G4 would turn the line"),
                Arguments.of(new Choice(Why.SMALLER_LEAP, 65, 67, 60), "smaller leap to C4; either keeps the shape"),
                Arguments.of(new Reason.AvoidedUnison(67, 65), "F4 already sounds at that time"),
                Arguments.of(new Choice(Why.WHOLE_LINE, 67, 65, 67), "the whole line keeps its shape better than with F4"),
                Arguments.of(new Choice(Why.LOWER, 65, 67, 65), "F4 and G4 are equally near, the line alike: the lower"),
                Arguments.of(new Choice(Why.ONLY, 65, 65, 65), "the only note inside on this side of the range"),
                Arguments.of(new FenceReason.LeftOut(), "outside notes are left out"),
                Arguments.of(new Reason.LeftByHand(), "left alone by hand"),
                Arguments.of(new FenceReason.Passing(64, 67), "let pass: a passing note from E4 to G4"),
                Arguments.of(new FenceReason.Neighbour(67), "let pass: a neighbour note of G4"),
                Arguments.of(new FenceReason.Approach(67), "let pass: leads by a semitone to G4 of the chord"),
                Arguments.of(new Reason.BySemitones(-1), "down a semitone"),
                Arguments.of(new Reason.BySemitones(7), "up 7 semitones"),
                Arguments.of(new Reason.ByOctaves(1), "up an octave"),
                Arguments.of(new Reason.ByOctaves(-2), "down 2 octaves"),
                Arguments.of(new Reason.ByDegrees(2, "1", "3"), "up 2 degrees: 1 becomes 3"),
                Arguments.of(new MoveReason.SameDegree(64, Key.parse("C major"), 63, Key.parse("C minor")), "3 of C major becomes ♭3 of C minor"),
                Arguments.of(new MoveReason.Mirrored(60), "mirrored about C4"),
                Arguments.of(new MoveReason.Reversed(), "the pitches in reverse over the same rhythm"),
                Arguments.of(new MoveReason.ReversedInTime(), "the line in reverse, from its end"),
                Arguments.of(new MoveReason.Folded(-1), "down an octave, into the range"),
                Arguments.of(new ShapeReason.OnGrid("1/16", -1, 0), "on 1/16: start 1 tick earlier"),
                Arguments.of(new ShapeReason.OnGrid("1/8t", 5, -10), "on 1/8t: start 5 ticks later, end 10 ticks earlier"),
                Arguments.of(new ShapeReason.LengthChanged(LengthCause.TO_NEXT, 20), "up to the next note, 20 ticks longer"),
                Arguments.of(new ShapeReason.LengthChanged(LengthCause.OVERLAP, -1),
                        "overlap with the next note trimmed, 1 tick shorter"),
                Arguments.of(new FitReason.NearestToInterval(new HarmonyLine(3, true), "2", "5"), "third above, as near as the scale has it: 2 becomes 5"),
                Arguments.of(new FitReason.NearestChordNote(new HarmonyLine(3, true)), "the nearest note of the chord, third above or farther"),
                Arguments.of(new Reason.FromChord("Dm7", "third"), "the third of Dm7"),
                Arguments.of(new FitReason.ScaleWithoutChord(64), "no chord holds here; E4 is the nearest note of the scale"),
                Arguments.of(new FitReason.NoChordHere(), "left alone: no chord holds here"),
                Arguments.of(new FitReason.CutAtChord("C", "third", "F"), "the third of C, cut where F begins"),
                Arguments.of(new FitReason.OnStrongBeat("G7", "seventh"), "on a strong beat: the seventh of G7"),
                Arguments.of(new FitReason.Clashing("Cmaj7", "third", OptionalInt.of(64), OptionalInt.of(67)), "clashes with Cmaj7: a semitone above its third"),
                Arguments.of(new FitReason.Clashing("G/B", "", OptionalInt.of(67), OptionalInt.empty()), "clashes with G/B: none of its notes, on a strong beat"),
                Arguments.of(new FitReason.BetweenChordNotes(62), "a note of the scale, between chord notes"),
                Arguments.of(new FitReason.LeadsTo(60, true), "leads by a semitone to C4"),
                Arguments.of(new FitReason.LeadsTo(60, false), "leads by step to C4"),
                Arguments.of(new FitReason.SameMember("fifth", "C", "F"), "the fifth, of F instead of C"),
                Arguments.of(new FitReason.SameMember("fifth", "C", "C"), "the fifth of C"),
                Arguments.of(new FitReason.BesideMember(-2, 0, "root", "F"), "2 scale steps below the root of F"),
                Arguments.of(new FitReason.BesideMember(1, 1, "root", "F"), "1 scale step and a sharp above the root of F"),
                Arguments.of(new FitReason.BesideMember(0, -1, "third", "F"), "1 semitone below the third of F"),
                Arguments.of(new FitReason.FigureInstead(), "the repeated figure stands in its place"),
                Arguments.of(new FitReason.CommonNote(67), "G4 is held: the chord has it too"),
                Arguments.of(new ShapeReason.Strummed(2, 3, true, 60), "2 of 3 from below: start 60 ticks later"),
                Arguments.of(new ShapeReason.Strummed(1, 3, false, 0), "1 of 3 from above, on the beat"),
                Arguments.of(new ShapeReason.Loosened(4, -2), "loosened: start 4 ticks later, 2 softer"),
                Arguments.of(new ShapeReason.Loosened(0, 3), "loosened: 3 louder"),
                Arguments.of(new ShapeReason.Loosened(-1, 0), "loosened: start 1 tick earlier"),
                Arguments.of(new ShapeReason.Loosened(0, 0), "loosened: its end"),
                Arguments.of(new ShapeReason.Louder(-12), "12 softer"),
                Arguments.of(new ShapeReason.ByChance(), "by chance"),
                Arguments.of(new ShapeReason.Dealt(4), "dealt to place 4"),
                Arguments.of(new ShapeReason.Bent(30), "time is bent: start 30 ticks later"),
                Arguments.of(new ShapeReason.Bent(0), "time is bent: its end"),
                Arguments.of(new FitReason.NotCrossing(new HarmonyLine(3, true), 1), "third above, up an octave so as not to cross the tune"));
    }

    @ParameterizedTest
    @MethodSource("reasons")
    void saysWhy(Reason reason, String sentence) {
        assertThat(WORDS.sentence(reason)).isEqualTo(sentence);
    }

    @Test
    void everyReasonAndFindingHasWords() {
        assertThat(reasons().map(arguments -> arguments.get()[0].getClass().getName()).distinct())
                .containsExactlyInAnyOrderElementsOf(names(Reason.class, FenceReason.class, MoveReason.class, ShapeReason.class,
                        FitReason.class));
        assertThat(reasons().map(arguments -> arguments.get()[0]).filter(Choice.class::isInstance).map(reason -> ((Choice) reason).why()))
                .containsExactlyInAnyOrder(Why.values());
        Note note = new Note(1, 0, 10, 60, 80, 0, 64);
        List<Finding> findings = List.of(new FenceFinding.StepLost(note, note), new Finding.Unison(note, note),
                new FenceFinding.EndOfRange(note), new FenceFinding.NoChords(), new Finding.Drums(3), new Finding.NothingPicked(),
                new MoveFinding.NoRoom(note, 1), new Finding.OctaveBack(note, 72), new Finding.NoProgression(), new Finding.NoChordsInPart(),
                new FitFinding.NoChordThere(2, true), new FitFinding.Crowded(note, 30), new FitFinding.NoFigure(), new FitFinding.FigureAtHome(),
                new FitFinding.LinesMeet(note, 2), new FitFinding.FigureCut(2, 1), new FitFinding.NothingBetween(4), new ShapeFinding.SpreadShrunk(note, 120, 99),
                new Finding.ListensInCircle(3), new Finding.TooMuch(),
                new Finding.Failed(new IllegalStateException("x")), new Finding.Unread("why"));
        assertThat(findings.stream().map(finding -> finding.getClass().getName()))
                .containsExactlyInAnyOrderElementsOf(names(Finding.class, FenceFinding.class, MoveFinding.class, ShapeFinding.class,
                        FitFinding.class));
        assertThat(findings).allSatisfy(finding -> assertThat(WORDS.sentence(finding)).isNotBlank());
        assertThat(findings).filteredOn(finding -> finding.note().isPresent()).hasSize(8);
    }

    private static List<String> names(Class<?>... families) {
        return Arrays.stream(families).flatMap(family -> Arrays.stream(family.getDeclaredClasses())).filter(Class::isRecord)
                .map(Class::getName).toList();
    }

    @Test
    void everyKindOfStepIsListedWithSummaryAndSettings() {
        assertThat(StepCatalogue.all()).extracting(StepSchema::name).doesNotHaveDuplicates();
        for (StepSchema<?> schema : StepCatalogue.all()) {
            assertThat(schema.meaning()).endsWith(".");
            assertThat(StepCatalogue.of(schema.usual())).isSameAs(schema);
            assertThat(schema.settings()).extracting(StepSetting::key).doesNotHaveDuplicates();
        }
    }
}
