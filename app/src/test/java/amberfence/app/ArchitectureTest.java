package amberfence.app;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.step.catalogue.StepCatalogue;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.FileOutputStream;
import java.nio.file.Files;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The arrows between the areas of the window. */
class ArchitectureTest {
    private static final JavaClasses APP = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackages("amberfence.app");
    private static final Set<String> STEPS = StepCatalogue.all().stream().map(schema -> schema.usual().getClass().getName())
            .collect(Collectors.toSet());
    private static final String[] AREAS = {"amberfence.app.head..", "amberfence.app.parts..", "amberfence.app.fence..",
        "amberfence.app.ladder..", "amberfence.app.hands..", "amberfence.app.pick..", "amberfence.app.steps..",
        "amberfence.app.changes..", "amberfence.app.progression..", "amberfence.app.compare..", "amberfence.app.overview..",
        "amberfence.app.sound..", "amberfence.app.tryit..", "amberfence.app.notes..", "amberfence.app.through..",
        "amberfence.app.sheets..", "amberfence.app.handbook..", "amberfence.app.tour..", "amberfence.app.workspace.."};

    @Test
    void theSessionKnowsNoView() {
        noClasses().that().resideInAPackage("amberfence.app.session..").should().dependOnClassesThat()
                .resideInAnyPackage(AREAS).orShould().dependOnClassesThat().resideInAPackage("javafx.scene..")
                .because("views read the session, not the other way round").check(APP);
        noClasses().that().resideInAnyPackage("amberfence.app.words..", "amberfence.app.theme..").should()
                .dependOnClassesThat().resideInAPackage("amberfence.app.session..").check(APP);
    }

    @Test
    void whatIsSeenIsWorkedOutWithoutNodes() {
        noClasses().that().haveSimpleName("Viewport").or().haveSimpleName("RowPlan").or().haveSimpleName("LadderScene")
                .or().haveSimpleName("FenceModel").or().haveSimpleName("RowWords").or().haveSimpleName("ChangeRow")
                .should().dependOnClassesThat().resideInAPackage("javafx.scene..")
                .because("it is tested without a window").check(APP);
    }

    /** A new step needs nothing in the window: these have special controls for single steps, or do them to selected notes. */
    @Test
    void onlyTheseNameASingleStep() {
        noClasses().that().doNotHaveSimpleName("Screenshots").and().haveNameNotMatching(
                        ".*\\.steps\\.(\\w+Control|LinesAsParts|OrderPicture)(\\$.*)?")
                .and().haveNameNotMatching(".*\\.(NoteCommands|NotesMenu|LadderKeys|LadderTools|MoveDrag|ChordCommands|ChordMenus)(\\$.*)?")
                .and().haveNameNotMatching(".*\\.(ImportSheet|Recorder)(\\$.*)?")
                .should().dependOnClassesThat(describe("are steps", some -> STEPS.contains(some.getName())))
                .because("forms, lists and words follow from the schema of a step").check(APP);
    }

    /** What runs beside the interface thread is begun in one place, so that nothing is lost there and no error goes unheard. */
    @Test
    void threadsAreMadeInOnePlace() {
        noClasses().that().resideOutsideOfPackage("amberfence.app.work..").should().dependOnClassesThat().haveNameMatching(
                        "java\\.util\\.concurrent\\.(.*Executor.*|CompletableFuture|ForkJoin.*|ThreadFactory)|java\\.util\\.Timer")
                .orShould().callConstructorWhere(target(owner(assignableTo(Thread.class))))
                .because("work beside the interface thread has a Lane").check(APP);
    }

    @Test
    void theWindowDrawsWithOneToolkit() {
        noClasses().that().doNotHaveSimpleName("Screenshots").should().dependOnClassesThat()
                .resideInAnyPackage("java.awt..", "javax.swing..").check(APP);
    }

    @Test
    void filesLeaveTheApplicationThroughOneDoor() {
        noClasses().that().doNotHaveSimpleName("Screenshots").and().doNotHaveSimpleName("BinaryStyles").should()
                .callMethodWhere(target(owner(assignableTo(Files.class))).and(target(nameMatching("write.*|newOutputStream|newBufferedWriter|copy"))))
                .orShould().dependOnClassesThat().areAssignableTo(FileOutputStream.class)
                .because("WholeFile writes whole files, keeps their manner and clears up").check(APP);
    }

    /** The areas of the window, lowest first: each uses only those of lines above its own. The README tells the same. */
    private static final List<List<String>> LEVELS = List.of(List.of("words"), List.of("keys", "theme", "trouble", "work"), List.of("session", "handbook"),
            List.of("changes", "files", "hands", "overview", "progression", "sound"),
            List.of("fence", "ladder", "notes", "parts", "pick", "through", "tryit"), List.of("compare", "head", "steps"), List.of("sheets", "tour"),
            List.of("workspace"));

    @Test
    void anAreaOfTheWindowUsesOnlyThoseBelowIt() {
        Set<String> named = LEVELS.stream().flatMap(List::stream).collect(Collectors.toSet());
        assertThat(APP.stream().map(some -> some.getPackageName()).filter(name -> name.startsWith("amberfence.app."))
                .map(name -> name.substring("amberfence.app.".length())).collect(Collectors.toSet())).as("every area has its level").isEqualTo(named);
        for (int level = 0; level < LEVELS.size(); level++) {
            for (String area : LEVELS.get(level)) {
                String[] beside = LEVELS.stream().skip(level).flatMap(List::stream).filter(other -> !other.equals(area))
                        .map(other -> "amberfence.app." + other + "..").toArray(String[]::new);
                if (beside.length > 0) {
                    noClasses().that().resideInAPackage("amberfence.app." + area + "..").should().dependOnClassesThat()
                            .resideInAnyPackage(beside).because("an area is understood without those that use it").check(APP);
                }
            }
        }
    }
}
