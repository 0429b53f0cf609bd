package hingeyard.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.TimeZone;
import org.junit.jupiter.api.Test;

class LayeringTest {

    private static final JavaClasses ALL = new ClassFileImporter().withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("hingeyard");

    @Test
    void coreAndFormatsKnowNothingOfTheApplication() {
        noClasses().that().resideInAnyPackage("hingeyard.core..", "hingeyard.formats..").should().dependOnClassesThat()
                .resideInAnyPackage("hingeyard.app..", "org.springframework..", "jakarta..", "org.hibernate..").check(ALL);
    }

    /** What builds on another is not built on by it: each package can be read after those it uses. */
    @Test
    void noTwoPackagesOfTheServerBuildOnOneAnother() {
        slices().matching("hingeyard.app.(*)..").should().beFreeOfCycles().check(ALL);
    }

    @Test
    void onlyWiringConstructsCoreEntries() {
        noClasses().that().resideInAPackage("hingeyard.app..").and().resideOutsideOfPackage("hingeyard.app.wiring..").should()
                .dependOnClassesThat().haveNameMatching(".*\\.FitCheckCatalogue").check(ALL);
    }

    @Test
    void controllersAndRepositoriesAreHidden() {
        classes().that().resideInAPackage("hingeyard.app..").and().haveSimpleNameEndingWith("Controller").or()
                .haveSimpleNameEndingWith("Rows").should().notBePublic().check(ALL);
    }

    /** What the database holds is asked for by whoever owns it, in a transaction; a controller knows HTTP. */
    @Test
    void controllersKnowNoSql() {
        noClasses().that().haveSimpleNameEndingWith("Controller").should().dependOnClassesThat()
                .resideInAnyPackage("org.springframework.jdbc..", "jakarta.persistence..", "org.springframework.data..").check(ALL);
    }

    /** A customer and a bike are read by their jobs; nobody but their own package writes them. */
    @Test
    void onlyItsOwnPackageWritesAnEntity() {
        classes().that().areAnnotatedWith("jakarta.persistence.Entity").and().resideOutsideOfPackage("hingeyard.app.customer").should()
                .notBePublic().check(ALL);
        fields().that().areDeclaredInClassesThat().areAnnotatedWith("jakarta.persistence.Entity").should().notBePublic().check(ALL);
        methods().that().areDeclaredInClassesThat().areAnnotatedWith("jakarta.persistence.Entity").and().arePublic().should()
                .notHaveRawReturnType(void.class).check(ALL);
    }

    /** A moment is a moment, a day is a day at the shop: one clock knows where that is. */
    @Test
    void onlyTheShopsClockKnowsTheZone() {
        noClasses().that().doNotHaveSimpleName("ShopClock").should().callMethod(ZoneId.class, "systemDefault").orShould()
                .callMethod(LocalDate.class, "now").orShould().callMethod(LocalDateTime.class, "now")
                .orShould().callMethod(TimeZone.class, "getDefault").check(ALL);
    }

    /** A Turkish machine makes an İ of an i. */
    @Test
    void theMachinesLanguageChangesNoLetters() {
        noClasses().should().callMethod(String.class, "toLowerCase").orShould().callMethod(String.class, "toUpperCase").check(ALL);
    }
}
