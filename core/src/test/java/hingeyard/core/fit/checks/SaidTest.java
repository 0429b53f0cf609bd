package hingeyard.core.fit.checks;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * What the rows of {@link WorkedCasesTest} say, word for word, as somebody read it last. Written anew with {@code -Dsaid.write=true}; then
 * read what changed.
 */
class SaidTest {

    @Test
    void everyRowSaysWhatSomebodyRead() {
        Map<String, String> now = RowsByCheck.said();
        if (Boolean.getBoolean("said.write")) {
            Said.keep(now);
        }
        assertThat(now).as("texts nobody has read yet").isEqualTo(Said.kept());
    }
}
