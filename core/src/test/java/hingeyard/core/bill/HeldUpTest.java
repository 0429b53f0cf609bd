package hingeyard.core.bill;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HeldUpTest {

    /** {@code name@day} is due then, {@code name@} has no day yet, {@code name!} has no number. */
    private static HeldUp.Line line(String said) {
        if (said.endsWith("!")) {
            return new HeldUp.Line(said.substring(0, said.length() - 1), Optional.empty(), true);
        }
        String[] parts = said.split("@", -1);
        return new HeldUp.Line(parts[0],
                parts[1].isEmpty() ? Optional.empty() : Optional.of(LocalDate.of(2026, 3, Integer.parseInt(parts[1]))), false);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "nothing is waited for,           '',                      '',     ''",
        "one part,                        spacer@9,                spacer, 9",
        "the last one counts,             spacer@9 lever@12 arm@3, lever,  12",
        "of two on a day the first,       spacer@9 lever@9,        spacer, 9",
        "no day is known,                 spacer@,                 '',     ''",
        "one has a day the other not,     spacer@ lever@12,        lever,  12",
        "what has no number comes first,  lever@12 sleeve!,        sleeve, ''",
        "the first of those,              sleeve! strap! lever@12, sleeve, ''",
    })
    void theLastPartOrTheOneNobodyCanOrder(String why, String lines, String part, String day) {
        List<HeldUp.Line> open = lines.isEmpty() ? List.of() : Arrays.stream(lines.split(" ")).map(HeldUpTest::line).toList();
        assertThat(HeldUp.by(open))
                .isEqualTo(new HeldUp(part, day.isEmpty() ? Optional.empty() : Optional.of(LocalDate.of(2026, 3, Integer.parseInt(day)))));
    }

    @ParameterizedTest
    @CsvSource({"4, 4, true", "4, 5, true", "4, 3, false", "1, 0, false"})
    void halfALineIsNotTakenFromAnotherDrawer(int wanted, int free, boolean does) {
        assertThat(StandIn.suffices(wanted, free)).isEqualTo(does);
    }
}
