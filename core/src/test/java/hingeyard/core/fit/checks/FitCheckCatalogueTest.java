package hingeyard.core.fit.checks;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import hingeyard.core.fit.FitCheck;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Fails when a check exists that the catalogue does not list. */
class FitCheckCatalogueTest {

    @Test
    void listsEveryCheckOnce() {
        assertThat(FitCheckCatalogue.all()).extracting(c -> c.getClass().getName())
                .as("a question asked of both wheels stands twice, with an id of its own for each")
                .containsAll(implementing(FitCheck.class));
        assertThat(FitCheckCatalogue.all()).extracting(FitCheck::id).doesNotHaveDuplicates().allMatch(id -> id.matches("[a-z]+(-[a-z]+)*"));
    }

    private static List<String> implementing(Class<?> type) {
        return new ClassFileImporter().withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("hingeyard.core").stream()
                .filter(c -> !c.isInterface() && !c.getModifiers().contains(JavaModifier.ABSTRACT) && c.isAssignableTo(type))
                .map(JavaClass::getName).toList();
    }

    @Test
    void aMakersLetterTurnsTheseAndNoOthers() {
        assertThat(new hingeyard.core.fit.FitAssessor(FitCheckCatalogue.all()).approvable()).containsExactlyInAnyOrder("brake-weld",
                "fork-material", "motor-pins", "rear-material");
    }
}
