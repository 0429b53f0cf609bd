package hingeyard.core.fit.checks;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenBike;
import hingeyard.core.GivenKits;
import hingeyard.core.explain.Finding;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitCheck;
import hingeyard.core.kit.Kit;
import hingeyard.core.rules.ShopRules;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The rows of {@link WorkedCasesTest} and {@link LimitCasesTest} once more, all of one check in one test and nothing else assessed: for
 * {@code ./yard mutants},
 * which runs a test some thousand times. JUnit reads a whole table to run one row of it. Its name keeps it out of the ordinary run.
 */
class RowsByCheck {

    private record Asked(String key, FitCase given, String verdict, String overridable, String margin, String remedies) {
    }

    private static final Map<String, FitCheck> CHECKS = new HashMap<>();
    private static final Map<String, List<Asked>> ROWS = new HashMap<>();
    private static final Map<String, String> SAID = Said.kept();
    private static final Map<String, List<Object[]>> LIMITS = new HashMap<>();

    static {
        FitCheckCatalogue.all().forEach(c -> CHECKS.put(c.id(), c));
        WorkedCasesTest.bracket().map(Arguments::get).forEach(c -> {
            String[] spacers = c[4].toString().isEmpty() ? new String[0] : c[4].toString().split(";");
            Kit kit = Given.bracketKit(c[1].toString(), c[2].toString(), c[3].toString(), 13, "60", spacers);
            row(key(c, 6), c[6],
                    new FitCase(Given.survey(c[0].toString()), kit, Given.drawers(c[5].toString().split(";")), ShopRules.standard()), c[7],
                    "", c[8], c[9]);
        });
        WorkedCasesTest.hub().map(Arguments::get)
                .forEach(c -> row(key(c, 3), c[3], new FitCase(Given.survey(c[0].toString()), Given.frontHubKit(c[1].toString()),
                        Given.drawers(c[2].toString()), ShopRules.standard()), c[4], c[5], c[6], c[7]));
        WorkedCasesTest.families().map(Arguments::get).forEach(c -> {
            GivenBike bike = GivenBike.of(c[1].toString());
            row(key(c, 3), c[3], new FitCase(bike.bike(), GivenKits.kit(c[0].toString()), GivenKits.drawers(c[2].toString()), bike.rules()),
                    c[4], c[5], c[6], c[7]);
        });
        LimitCasesTest.limits().map(Arguments::get).forEach(c -> LIMITS.computeIfAbsent(c[3].toString(), k -> new ArrayList<>()).add(c));
    }

    /** A row by what is asked. */
    private static String key(Object[] cells, int check) {
        return cells[check] + ": " + Stream.of(cells).limit(check).map(c -> c.toString().strip()).collect(Collectors.joining(" | "));
    }

    private static void row(String key, Object check, FitCase given, Object verdict, Object overridable, Object margin, Object remedies) {
        ROWS.computeIfAbsent(check.toString(), k -> new ArrayList<>())
                .add(new Asked(key, given, verdict.toString(), overridable.toString(), margin.toString(), remedies.toString()));
    }

    static Stream<String> checks() {
        return FitCheckCatalogue.all().stream().map(FitCheck::id);
    }

    /** What is asked in the rows of a check. */
    static List<FitCase> given(String check) {
        return ROWS.getOrDefault(check, List.of()).stream().map(Asked::given).toList();
    }

    /** What every row says now, by row. */
    static Map<String, String> said() {
        Map<String, String> said = new TreeMap<>();
        ROWS.forEach((check, rows) -> rows.forEach(r -> said.put(r.key, Said.of(finding(check, r)))));
        return said;
    }

    /** A case remembers what was worked out of it: each asks anew. */
    private static Finding finding(String check, Asked asked) {
        return CHECKS.get(check).assess(new FitCase(asked.given.bike(), asked.given.kit(), asked.given.drawers(), asked.given.rules()));
    }

    @ParameterizedTest
    @MethodSource("checks")
    void answersAsItsRowsSay(String check) {
        for (Asked asked : ROWS.getOrDefault(check, List.of())) {
            Finding finding = finding(check, asked);
            assertThat(CHECKS.get(check).concerns(asked.given.kit())).isTrue();
            assertThat(Said.of(finding)).isEqualTo(SAID.get(asked.key));
            assertThat(finding.verdict()).hasToString(asked.verdict);
            assertThat(finding.margin().text()).isEqualTo(asked.margin);
            assertThat(RemediesSaid.of(finding)).isEqualTo(asked.remedies);
            if (!asked.overridable.isEmpty()) {
                assertThat(finding.overridable()).isEqualTo(asked.overridable.equals("yes"));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("checks")
    void turnsWhereItsLimitsLie(String check) {
        for (Object[] c : LIMITS.getOrDefault(check, List.of())) {
            new LimitCasesTest().theAnswerTurnsAtTheLimit(c[0].toString(), c[1].toString(), c[2].toString(), check, c[4].toString(),
                    c[5].toString(), c[6].toString(), c[7].toString());
        }
    }
}
