package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.commission.Symptom;
import hingeyard.core.commission.SymptomLint;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class SymptomFilesTest {

    private static final Set<String> STEPS = StepLibraryFiles.shipped().fragments().stream().flatMap(f -> f.steps().stream())
            .map(s -> s.key()).collect(Collectors.toSet());

    @Test
    void everyWayEndsInAStepOrAStop() {
        List<Symptom> symptoms = SymptomFiles.shipped();
        assertThat(symptoms).hasSizeGreaterThanOrEqualTo(10);
        assertThat(SymptomLint.of(symptoms, STEPS)).isEmpty();
        assertThat(symptoms).allSatisfy(s -> assertThat(s.causes()).allSatisfy(c -> {
            assertThat(c.check()).isNotBlank();
            assertThat(c.tells()).isNotBlank();
            assertThat(c.work()).isNotBlank();
        }));
    }

    @Test
    void deadEndsAreFound() {
        Symptom.Cause nowhere = new Symptom.Cause("a", "x", "look", "this", "", "", "mend");
        Symptom.Cause wrong = new Symptom.Cause("b", "x", "look", "this", "no-such-step", "", "mend");
        Symptom.Cause kind = new Symptom.Cause("b", "x", "look", "this", "", "BAD_LUCK", "mend");
        assertThat(SymptomLint.of(List.of(new Symptom("s", "S", List.of("no-step"), List.of(nowhere, wrong, kind)),
                new Symptom("s", "S", List.of(), List.of())), STEPS)).containsExactly(
                        "symptom 's': no step 'no-step'", "symptom 's', cause 'a': ends in a step or in a stop, one of them",
                        "symptom 's', cause 'b': no step 'no-such-step'",
                        "symptom 's', cause 'b': stands twice", "symptom 's', cause 'b': no kind of stop 'BAD_LUCK'",
                        "symptom 's' stands twice", "symptom 's' has fewer than two causes: there is nothing to find");
    }
}
