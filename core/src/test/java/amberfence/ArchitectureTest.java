package amberfence;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.INTERFACES;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.step.Step;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The arrows between the packages of the core. */
class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackages("amberfence");

    /** The packages of the core, lowest first: each uses only those of lines above its own. The README tells the same. */
    private static final List<List<String>> LEVELS = List.of(List.of("words"), List.of("theory"), List.of("notes"), List.of("reading"), List.of("step"),
            List.of("song"), List.of("result", "analysis"), List.of("edit"), List.of("format"), List.of("sound", "demo", "handbook"));

    @Test
    void everyPackageUsesOnlyThoseBelowIt() {
        Set<String> named = LEVELS.stream().flatMap(List::stream).collect(Collectors.toSet());
        assertThat(CORE.stream().map(some -> some.getPackageName().split("\\.")[1]).collect(Collectors.toSet())).as("every package has its level")
                .isEqualTo(named);
        for (int level = 0; level < LEVELS.size(); level++) {
            for (String name : LEVELS.get(level)) {
                String[] others = LEVELS.stream().skip(level).flatMap(List::stream).filter(other -> !other.equals(name))
                        .map(other -> "amberfence." + other + "..").toArray(String[]::new);
                noClasses().that().resideInAPackage("amberfence." + name + "..").should().dependOnClassesThat().resideInAnyPackage(others)
                        .because("a package uses only those below it").check(CORE);
            }
        }
        slices().matching("amberfence.(**)").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void filesAndPartsOfTheHouseNameNoStep() {
        noClasses().that().resideOutsideOfPackages("amberfence.step.[fence|move|shape|chord|fit|draw]..", "amberfence.step.catalogue..",
                        "amberfence.demo..", "amberfence.edit..").should().dependOnClassesThat(
                        assignableTo(Step.class).and(not(INTERFACES)).and(resideInAnyPackage("amberfence.step.*..")))
                .because("a step touches its record, its test and the catalogue").check(CORE);
    }

    @Test
    void theCoreKnowsNoWindow() {
        noClasses().should().dependOnClassesThat().resideInAnyPackage("javafx..", "java.awt..", "javax.swing..")
                .because("the core is used and tested without an interface").check(CORE);
    }

    @Test
    void onlySoundMayUseTheJdksMidi() {
        noClasses().that().resideOutsideOfPackage("amberfence.sound..").should().dependOnClassesThat()
                .resideInAPackage("javax.sound..").because("the JDK's MIDI types lose events in files").check(CORE);
    }

    @Test
    void theMusicHasNoClockAndNoUnseededChance() {
        noClasses().should().callMethod(System.class, "currentTimeMillis").orShould().callMethod(System.class, "nanoTime")
                .orShould().callMethod(Math.class, "random").orShould().callConstructor(Random.class)
                .because("the same notes and settings give the same result everywhere").check(CORE);
    }

    @Test
    void factoriesSpeakOneVocabulary() {
        methods().that().arePublic().and().areStatic().and().areDeclaredInClassesThat().resideInAPackage("amberfence.theory")
                .and().areDeclaredInClassesThat().areRecords()
                .should().haveNameMatching("of.*|parse.*|from.*").because("one vocabulary holds for the core").check(CORE);
    }

    @Test
    void noRoomIsWithoutAName() {
        classes().should().resideOutsideOfPackages("..util..", "..common..", "..helper..", "..manager..").check(CORE);
    }
}
