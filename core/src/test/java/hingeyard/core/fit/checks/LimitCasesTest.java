package hingeyard.core.fit.checks;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Cases;
import hingeyard.core.Given;
import hingeyard.core.GivenBike;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.explain.Finding;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitCheck;
import hingeyard.core.rules.ShopRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Where the limits lie: one thing moves by one step of its tool, and the answer turns. {@link EveryLimitHasItsRowsTest} says that none is
 * left out.
 */
class LimitCasesTest {

    private static final String TABLE = "/hingeyard/core/fit/limit-cases.txt";
    private static final Map<String, FitCheck> CHECKS = FitCheckCatalogue.all().stream()
            .collect(Collectors.toMap(FitCheck::id, Function.identity()));

    /** One row of any table: what is asked, and its answer by the rules and readings of the row or by others. */
    record Row(FitCase given, FitCheck check, String said) {

        Finding finding(ShopRules rules, FrameSurvey survey) {
            FitCase.Bike bike = given.bike();
            return check.assess(
                    new FitCase(new FitCase.Bike(bike.kind(), survey, bike.need(), bike.approvals()), given.kit(), given.drawers(), rules));
        }

        String answer(ShopRules rules) {
            return answered(finding(rules, given.bike().survey()));
        }
    }

    static String answered(Finding finding) {
        return (finding.verdict() + " " + RemediesSaid.of(finding)).strip();
    }

    private static Row row(String kit, String bike, String drawers, String check) {
        GivenBike given = GivenBike.of(bike);
        return new Row(new FitCase(given.bike(), GivenKits.kit(kit), GivenKits.drawers(drawers), given.rules()), CHECKS.get(check),
                check + ": " + kit + " | " + bike);
    }

    private static Row turned(Object[] cells, boolean after) {
        String[] moves = cells[4].toString().split(" ");
        String value = moves[1] + "=" + moves[after ? 3 : 2];
        String kit = cells[0].toString();
        String bike = cells[1].toString();
        return moves[0].equals("kit") ? row(kit + (kit.contains(" ") ? ";" : " ") + value, bike, cells[2].toString(), cells[3].toString())
                : row(kit, bike.isEmpty() ? value : bike + ";" + value, cells[2].toString(), cells[3].toString());
    }

    /** Every row of the tables that name a family, and of front hubs. */
    static List<Row> rows() {
        List<Row> rows = new ArrayList<>();
        limits().map(Arguments::get).forEach(cells -> {
            rows.add(turned(cells, false));
            rows.add(turned(cells, true));
        });
        WorkedCasesTest.families().map(Arguments::get)
                .forEach(c -> rows.add(row(c[0].toString(), c[1].toString(), c[2].toString(), c[3].toString())));
        WorkedCasesTest.hub().map(Arguments::get)
                .forEach(c -> rows.add(new Row(new FitCase(Given.survey(c[0].toString()), Given.frontHubKit(c[1].toString()),
                        Given.drawers(c[2].toString()), ShopRules.standard()), CHECKS.get(c[3].toString()),
                        c[3] + ": front hub | " + c[0])));
        return rows;
    }

    static Stream<Arguments> limits() {
        return Cases.of(TABLE);
    }

    @ParameterizedTest(name = "{3}: {0} | {1} | {4}")
    @MethodSource("limits")
    void theAnswerTurnsAtTheLimit(String kit, String bike, String drawers, String check, String moves, String before, String after,
            String why) {
        Object[] cells = {kit, bike, drawers, check, moves};
        Row first = turned(cells, false);
        Row second = turned(cells, true);
        assertThat(first.answer(first.given().rules())).as(why).isEqualTo(before);
        assertThat(second.answer(second.given().rules())).as(why).isEqualTo(after);
    }
}
