package amberfence.step;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.song.Note;
import amberfence.step.Reason.ShapeLoss;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.theory.Key;
import java.util.Arrays;
import java.util.List;
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
                Arguments.of(new Reason.Nearest(64, 67), "E4 is nearer than G4"),
                Arguments.of(new Reason.AsDirected(67, true), "the next note inside, going up"),
                Arguments.of(new Reason.AsDirected(65, false), "the next note inside, going down"),
                Arguments.of(new Reason.TieDirected(65, 67), "F4 and G4 are equally near; down decides"),
                Arguments.of(new Reason.TieDirected(67, 65), "F4 and G4 are equally near; up decides"),
                Arguments.of(new Reason.TieChordNote(67, 65), "G4 is in the chord, F4 is not; both equally near"),
                Arguments.of(new Reason.KeptShape(65, 67, ShapeLoss.REPEATS, 67), "keeps the step; G4 would repeat its neighbour"),
                Arguments.of(new Reason.KeptShape(65, 67, ShapeLoss.SPLITS, 65), "keeps the repeat; G4 would break away from it"),
                Arguments.of(new Reason.KeptShape(65, 67, ShapeLoss.TURNS, 66), "keeps the direction; G4 would turn the line"),
                Arguments.of(new Reason.SmallerLeap(65, 67, 60), "smaller leap to C4; either keeps the shape"),
                Arguments.of(new Reason.AvoidedUnison(67, 65), "F4 already sounds at that time"),
                Arguments.of(new Reason.WholeLine(67, 65), "the whole line keeps its shape better than with F4"),
                Arguments.of(new Reason.TieDown(65, 67), "F4 and G4 are equally near, the line alike: the lower"),
                Arguments.of(new Reason.OnlyCandidate(65), "the only note inside on this side of the range"),
                Arguments.of(new Reason.LeftOut(), "outside notes are left out"),
                Arguments.of(new Reason.LeftByHand(), "left alone by hand"));
    }

    @ParameterizedTest
    @MethodSource("reasons")
    void saysWhy(Reason reason, String sentence) {
        assertThat(WORDS.sentence(reason)).isEqualTo(sentence);
    }

    @Test
    void everyReasonAndFindingHasWords() {
        assertThat(reasons().map(arguments -> arguments.get()[0].getClass().getName()).distinct())
                .containsExactlyInAnyOrderElementsOf(names(Reason.class));
        Note note = new Note(1, 0, 10, 60, 80, 0, 64);
        List<Finding> findings = List.of(new Finding.StepLost(note, note), new Finding.Unison(note, note),
                new Finding.EndOfRange(note), new Finding.NoChords(), new Finding.Drums(3));
        assertThat(findings.stream().map(finding -> finding.getClass().getName()))
                .containsExactlyInAnyOrderElementsOf(names(Finding.class));
        assertThat(findings).allSatisfy(finding -> assertThat(WORDS.sentence(finding)).isNotBlank());
        assertThat(findings).filteredOn(finding -> finding.note().isPresent()).hasSize(3);
    }

    private static List<String> names(Class<?> family) {
        return Arrays.stream(family.getPermittedSubclasses()).map(Class::getName).toList();
    }

    @Test
    void everyKindOfStepIsListedWithSummaryAndSettings() {
        assertThat(StepCatalogue.all()).extracting(StepKind::id).doesNotHaveDuplicates();
        for (StepKind kind : StepCatalogue.all()) {
            assertThat(kind.summary()).endsWith(".");
            assertThat(StepCatalogue.kindOf(kind.usual())).isSameAs(kind);
            assertThat(Arrays.stream(kind.usual().getClass().getRecordComponents()).map(component -> component.getName()))
                    .as("the settings of %s", kind.name())
                    .containsExactlyElementsOf(kind.settings().stream().map(StepKind.SettingInfo::name).toList());
        }
    }
}
