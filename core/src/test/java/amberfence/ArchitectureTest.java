package amberfence;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.INTERFACES;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import amberfence.step.Step;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The arrows between the packages of the core. */
class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackages("amberfence");

    @Test
    void everyPackageUsesOnlyThoseBelowIt() {
        layeredArchitecture().consideringOnlyDependenciesInLayers()
                .layer("words").definedBy("amberfence.words..")
                .layer("theory").definedBy("amberfence.theory..")
                .layer("song").definedBy("amberfence.song..")
                .layer("reading").definedBy("amberfence.reading..")
                .layer("step").definedBy("amberfence.step..")
                .layer("edit").definedBy("amberfence.edit..")
                .layer("format").definedBy("amberfence.format..")
                .layer("sound").definedBy("amberfence.sound..")
                .layer("demo").definedBy("amberfence.demo..")
                .layer("handbook").definedBy("amberfence.handbook..")
                .whereLayer("handbook").mayNotBeAccessedByAnyLayer()
                .whereLayer("sound").mayNotBeAccessedByAnyLayer()
                .whereLayer("demo").mayNotBeAccessedByAnyLayer()
                .whereLayer("format").mayOnlyBeAccessedByLayers("demo", "sound", "handbook")
                .whereLayer("edit").mayOnlyBeAccessedByLayers("demo", "sound", "handbook", "format")
                .whereLayer("step").mayOnlyBeAccessedByLayers("demo", "sound", "handbook", "format", "edit")
                .whereLayer("reading").mayOnlyBeAccessedByLayers("demo", "sound", "handbook", "format", "edit", "step")
                .whereLayer("song").mayOnlyBeAccessedByLayers("demo", "sound", "handbook", "format", "edit", "step", "reading")
                .because("a package uses only those below it").check(CORE);
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
