package amberfence.handbook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.step.StepSchema;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.catalogue.StepText;
import amberfence.step.pick.Pick;
import amberfence.step.recipe.Recipe;
import amberfence.theory.Key;
import amberfence.words.Languages;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class HandbookTest {
    private static final Handbook ENGLISH = Handbook.shipped("en");

    static List<String> languages() {
        return Languages.ALL.stream().filter(language -> Handbook.class.getResource(language) != null).toList();
    }

    @TestFactory
    Stream<DynamicTest> everyExampleGivesWhatTheHandbookSays() {
        return languages().stream().flatMap(language -> Handbook.shipped(language).pages().stream().flatMap(page -> page.examples().stream()
                .map(example -> DynamicTest.dynamicTest(language + " " + page.name() + ": " + example.recipe().text().strip(), () -> check(example)))));
    }

    private static void check(HandbookExample example) {
        boolean loudness = example.becomes().contains("@");
        if (example.promised().isPresent()) {
            assertThat(told(example.outcome(), loudness)).isEqualTo(told(example.promised().get(), loudness));
        } else {
            assertThat(example.outcome().notes()).as("left to chance, but not nothing").isNotEmpty()
                    .isNotEqualTo(example.song().part(HandbookExample.PART).line().notes());
        }
    }

    /** Notes as people compare them: when, how long, which, and where it is about that how loud. */
    private static List<String> told(Line line, boolean loudness) {
        return line.notes().stream().sorted(Comparator.comparingLong(Note::start).thenComparingInt(Note::pitch))
                .map(note -> note.start() + "+" + note.length() + ": " + note.pitch() + (loudness ? " " + note.velocity() : "")).toList();
    }

    @ParameterizedTest
    @MethodSource("languages")
    void everyStepHasAPageWithAnExampleOfItself(String language) {
        for (StepSchema<?> schema : StepCatalogue.all()) {
            HandbookPage page = Handbook.shipped(language).page(schema.name()).orElseThrow();
            assertThat(page.examples()).as(schema.name()).isNotEmpty().allSatisfy(example -> assertThat(example.recipe().steps())
                    .extracting(entry -> entry.step().schema().name()).contains(schema.name()));
        }
    }

    @ParameterizedTest
    @MethodSource("languages")
    void everyLinkLeadsToAPage(String language) {
        Handbook handbook = Handbook.shipped(language);
        assertThat(handbook.pages().stream().flatMap(page -> page.blocks().stream()).flatMap(HandbookTest::pieces)
                .filter(piece -> piece.look() == Piece.Look.LINK).map(Piece::target)).isNotEmpty()
                .allSatisfy(target -> assertThat(handbook.page(target)).as(target).isPresent());
    }

    private static Stream<Piece> pieces(HandbookBlock block) {
        return block instanceof HandbookBlock.Paragraph paragraph ? paragraph.pieces().stream()
                : block instanceof HandbookBlock.Point point ? point.text().pieces().stream() : Stream.empty();
    }

    @ParameterizedTest
    @MethodSource("languages")
    void theSamePagesSayTheSameInEveryLanguage(String language) {
        Handbook other = Handbook.shipped(language);
        for (HandbookPage page : ENGLISH.pages()) {
            HandbookPage same = other.page(page.name()).orElseThrow();
            assertThat(same.blocks()).as("%s in %s", page.name(), language).hasSameSizeAs(page.blocks());
            assertThat(same.examples()).extracting(HandbookExample::becomes).isEqualTo(page.examples().stream().map(HandbookExample::becomes).toList());
        }
    }

    @ParameterizedTest
    @MethodSource("languages")
    void whatThePagesTypeCanBeRead(String language) {
        Handbook handbook = Handbook.shipped(language);
        typed(handbook.page("picks").orElseThrow(), Piece.Look.TYPED).filter(rule -> !List.of("and", "or", "not").contains(rule))
                .forEach(rule -> assertThat(Pick.parse(rule).text()).as(rule).isNotEmpty());
        typed(handbook.page("fence").orElseThrow(), Piece.Look.TYPED).filter(key -> !key.startsWith("0"))
                .forEach(key -> assertThat(Key.parse(key).scale()).as(key).isNotNull());
        String recipe = handbook.page("steps").orElseThrow().blocks().stream().filter(HandbookBlock.Typed.class::isInstance)
                .map(HandbookBlock::plain).findFirst().orElseThrow();
        assertThat(Recipe.parse("of the handbook", recipe).steps()).hasSize(2);
        assertThat(handbook.page("commands").orElseThrow().blocks().get(1).plain()).contains("--step \"fit-bass variety=70%\"");
        assertThat(StepText.parse("fit-bass variety=70%").values()).containsKey("variety");
    }

    private static Stream<String> typed(HandbookPage page, Piece.Look look) {
        return page.blocks().stream().flatMap(HandbookTest::pieces).filter(piece -> piece.look() == look).map(Piece::text);
    }

    @Test
    void aPageIsFoundByItsTitleFirstThenByWhatItSays() {
        assertThat(ENGLISH.search("arpeggio")).extracting(found -> found.page().name()).startsWith("arpeggio").contains("fitting");
        assertThat(ENGLISH.search("last five versions")).singleElement().satisfies(found -> {
            assertThat(found.page().name()).isEqualTo("files");
            assertThat(found.where()).startsWith("… ").contains("last five versions").endsWith(" …");
        });
    }

    @Test
    void everyWordMustBeThereWhateverItsCaseAndItsMarks() {
        assertThat(ENGLISH.search("STRUM hand")).extracting(found -> found.page().name()).contains("strum");
        assertThat(ENGLISH.search("strum zebra")).isEmpty();
        assertThat(ENGLISH.search("strüm")).extracting(found -> found.page().name()).contains("strum");
        assertThat(ENGLISH.search("  ")).isEmpty();
    }

    @Test
    void settingsAreFoundByTheirNames() {
        assertThat(ENGLISH.search("over how many octaves")).extracting(found -> found.page().name()).containsExactly("arpeggio");
    }

    @Test
    void aLineOfAnExampleThatIsNoneIsToldInWords() {
        assertThatThrownBy(() -> HandbookExample.parse("some", "notes C4")).hasMessage("a line of an example is “word: value”, not “notes C4”");
    }
}
