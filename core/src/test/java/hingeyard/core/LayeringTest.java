package hingeyard.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** The core stays free of frameworks, and its packages do not go in circles. */
class LayeringTest {

    private static final JavaClasses CORE = new ClassFileImporter().withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("hingeyard.core");

    @Test
    void needsOnlyTheJdkAndPureComputationLibraries() {
        classes().should().onlyDependOnClassesThat().resideInAnyPackage("hingeyard.core..", "java.lang..", "java.math..", "java.time..",
                "java.text..",
                "java.util..", "java.nio.charset..", "java.security..", "javax.crypto..", "org.jgrapht..", "org.locationtech.jts..",
                "org.hipparchus..",
                "org.apache.commons.text.similarity..").check(CORE);
    }

    @Test
    void packagesDoNotGoInCircles() {
        slices().matching("hingeyard.core.(**)").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void checksAreHiddenBehindTheirCatalogue() {
        classes().that().resideInAPackage("..fit.checks").and().doNotHaveSimpleName("FitCheckCatalogue")
                .and().doNotHaveSimpleName("package-info").should().notBePublic().check(CORE);
    }

    @Test
    void nobodyPrintsOrReadsTheClock() {
        noClasses().should().accessField(System.class, "out").orShould().callMethod(java.time.Instant.class, "now").check(CORE);
    }
}
