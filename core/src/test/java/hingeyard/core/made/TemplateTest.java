package hingeyard.core.made;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hingeyard.core.bench.BenchFaultException;
import hingeyard.core.made.Template.Circle;
import hingeyard.core.made.Template.Kind;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Sheets of plates: whatever measures are allowed, each hole lies whole on its plate, clear of the others, and as far apart as was asked.
 */
class TemplateTest {

    private static final Random RANDOM = new Random(77);

    private static double between(double least, double most) {
        return least + RANDOM.nextDouble() * (most - least);
    }

    private static List<Circle> circles(Template sheet, Kind kind) {
        return sheet.marks().stream().filter(Circle.class::isInstance).map(Circle.class::cast).filter(c -> c.kind() == kind).toList();
    }

    private static double apart(Circle a, Circle b) {
        return Math.hypot(a.x() - b.x(), a.y() - b.y());
    }

    private static void whole(Template sheet, List<Circle> holes, boolean joined) {
        for (Circle a : holes) {
            assertThat(Math.min(Math.min(a.x(), sheet.width() - a.x()), Math.min(a.y(), sheet.height() - a.y())) - a.radius())
                    .as("edge left of %s in %s", a, sheet.title()).isGreaterThan(-1e-9);
            for (Circle b : holes) {
                if (a != b && !joined) {
                    assertThat(apart(a, b) - a.radius() - b.radius()).as("%s and %s of %s", a, b, sheet.title()).isGreaterThan(-1e-9);
                }
            }
        }
        assertThat(sheet.words()).isNotEmpty().allSatisfy(w -> assertThat(w).endsWith("."));
    }

    @FunctionalInterface
    private interface Drawing {
        Template draw();
    }

    /** Draws with random measures until so many were allowed: most of what is asked is, or the bounds are too tight. */
    private static void tried(int times, Drawing drawing, java.util.function.Consumer<Template> judge) {
        int allowed = 0;
        for (int i = 0; i < times; i++) {
            try {
                judge.accept(drawing.draw());
                allowed++;
            } catch (BenchFaultException refused) {
                assertThat(refused.allowed()).isNotBlank();
            }
        }
        assertThat(allowed).isGreaterThan(times / 4);
    }

    @Test
    void aBagsPlateHasItsCableInTheMiddle() {
        tried(600, () -> {
            double length = between(40, 300);
            double width = between(25, 150);
            return TemplateKind.BAG_PLATE.of(List.of(length, width, between(15, length), between(2, width / 8 + 1), between(4, 20)));
        }, sheet -> {
            List<Circle> holes = circles(sheet, Kind.CUT);
            assertThat(holes).hasSize(5);
            whole(sheet, holes, false);
            Circle cable = holes.get(4);
            assertThat(cable.x()).isCloseTo(sheet.width() / 2, within(1e-9));
            assertThat(holes.subList(0, 4))
                    .allSatisfy(h -> assertThat(apart(h, cable)).isCloseTo(apart(holes.get(0), cable), within(1e-9)));
        });
        Template plate = TemplateKind.BAG_PLATE.of(List.of(120.0, 60.0, 90.0, 5.0, 14.0));
        assertThat(apart(circles(plate, Kind.CUT).get(0), circles(plate, Kind.CUT).get(2))).isCloseTo(90, within(1e-9));
    }

    /**
     * Five holes in a row reach from end to end of a slot as long as the strap and a little play, and what is left between two is filed
     * away.
     */
    @Test
    void slotsAreFiveHolesThatAFileJoins() {
        tried(600, () -> TemplateKind.PLATE_SLOTS.of(List.of(between(100, 500), between(40, 200), between(15, 60),
                (double) (1 + RANDOM.nextInt(4)), between(3, 10))), sheet -> {
                    List<Circle> holes = circles(sheet, Kind.MARK);
                    assertThat(holes.size() % 10).isZero();
                    whole(sheet, holes, true);
                    for (int slot = 0; slot < holes.size(); slot += 5) {
                        List<Circle> row = holes.subList(slot, slot + 5);
                        double left = apart(row.get(0), row.get(1)) - 2 * row.get(0).radius();
                        assertThat(left).isLessThanOrEqualTo(row.get(0).radius() + 1e-9);
                        assertThat(row.stream().map(Circle::y).distinct()).hasSize(1);
                    }
                });
        List<Circle> row = circles(TemplateKind.PLATE_SLOTS.of(List.of(300.0, 90.0, 38.0, 2.0, 6.0)), Kind.MARK).subList(0, 5);
        assertThat(apart(row.get(0), row.get(4)) + 6).isCloseTo(40, within(1e-9));
    }

    @Test
    void aBrakesPlateHoldsItsBoltsWhereTheCaliperStands() {
        tried(600,
                () -> TemplateKind.BRAKE_BRACKET
                        .of(List.of(between(8, 30), between(40, 160), between(0, 60), between(30, 90), between(4, 9))),
                sheet -> {
                    List<Circle> holes = circles(sheet, Kind.CUT);
                    assertThat(holes).hasSize(3);
                    whole(sheet, holes, false);
                });
        List<Circle> holes = circles(TemplateKind.BRAKE_BRACKET.of(List.of(12.0, 90.0, 20.0, 74.0, 6.0)), Kind.CUT);
        assertThat(apart(holes.get(1), holes.get(2))).isCloseTo(74, within(1e-9));
        assertThat((holes.get(1).y() + holes.get(2).y()) / 2 - holes.get(0).y()).isCloseTo(90, within(1e-9));
        assertThat(holes.get(1).x() - holes.get(0).x()).isCloseTo(20, within(1e-9));
    }

    @Test
    void aRailsHolesStandInOneLine() {
        tried(400,
                () -> TemplateKind.RAIL_HOLES
                        .of(List.of(between(5, 300), between(15, 200), (double) (2 + RANDOM.nextInt(7)), between(3, 10))),
                sheet -> whole(sheet, circles(sheet, Kind.CUT), false));
        List<Circle> holes = circles(TemplateKind.RAIL_HOLES.of(List.of(40.0, 64.0, 3.0, 5.2)), Kind.CUT);
        assertThat(holes).extracting(Circle::x).containsExactly(40.0, 104.0, 168.0);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "BAG_PLATE | 40 25 15 3 4 | ok",
        "BAG_PLATE | 120 60 110 5 14 | pitch: 110 mm, allowed: 15 to 105 mm",
        "BAG_PLATE | 120 60 90 5 36 | cable: 36 mm, allowed: 4 to 30 mm",
        "PLATE_SLOTS | 300 90 38 1.5 6 | pairs: 1.5, allowed: a whole number",
        "PLATE_SLOTS | 120 90 38 4 6 | pairs: 4, allowed: 1 to 3 on this plate",
        "PLATE_SLOTS | 300 90 58 2 6 | strap: 58 mm, allowed: 15 to 40 mm",
        "BRAKE_BRACKET | 12 40 20 74 6 | pitch: 74 mm, allowed: 30 to 50 mm",
        "RAIL_HOLES | 5 15 2 10 | first: 5 mm, allowed: 10 to 300 mm",
        "RAIL_HOLES | 40 64 9 5 | holes: 9, allowed: 2 to 8",
        "RAIL_HOLES | 40 64 3 | measures: 3 of them, allowed: first, pitch, holes, hole"})
    void whatCannotBeDrilledIsNamed(TemplateKind kind, String measures, String said) {
        List<Double> given = Arrays.stream(measures.split(" ")).map(Double::valueOf).toList();
        if (said.equals("ok")) {
            assertThat(kind.of(given).title()).isNotBlank();
        } else {
            assertThatThrownBy(() -> kind.of(given)).isInstanceOf(BenchFaultException.class).hasMessage(said);
        }
    }
}
