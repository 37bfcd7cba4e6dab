package amberfence.cli;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import amberfence.step.catalogue.StepCatalogue;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    @Test
    void theCommandLineKnowsStepsFromTheirSchemas() {
        Set<String> steps = StepCatalogue.all().stream().map(schema -> schema.usual().getClass().getName()).collect(Collectors.toSet());
        noClasses().should().dependOnClassesThat(describe("are steps", some -> steps.contains(some.getName())))
                .because("options are aliases of steps as they are typed").check(new ClassFileImporter()
                .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackages("amberfence.cli"));
    }
}
