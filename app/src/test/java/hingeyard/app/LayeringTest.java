package hingeyard.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class LayeringTest {

    private static final JavaClasses ALL = new ClassFileImporter().withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("hingeyard");

    @Test
    void coreAndFormatsKnowNothingOfTheApplication() {
        noClasses().that().resideInAnyPackage("hingeyard.core..", "hingeyard.formats..").should().dependOnClassesThat()
                .resideInAnyPackage("hingeyard.app..", "org.springframework..", "jakarta..", "org.hibernate..").check(ALL);
    }

    @Test
    void onlyWiringConstructsCoreEntries() {
        noClasses().that().resideInAPackage("hingeyard.app..").and().resideOutsideOfPackage("hingeyard.app.wiring..").should()
                .dependOnClassesThat().haveNameMatching(".*\\.FitCheckCatalogue").check(ALL);
    }

    @Test
    void controllersEntitiesAndRepositoriesAreHidden() {
        classes().that().resideInAPackage("hingeyard.app..").and().haveSimpleNameEndingWith("Controller")
                .or().haveSimpleNameEndingWith("Rows").or().areAnnotatedWith("jakarta.persistence.Entity").should().notBePublic().check(ALL);
    }
}
