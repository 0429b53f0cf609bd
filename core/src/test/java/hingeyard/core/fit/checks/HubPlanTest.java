package hingeyard.core.fit.checks;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.Seeds;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.CaliperMount;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.HubDrive.HubAxle;
import hingeyard.core.kit.HubDrive;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.DrawerPart;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Cogs × rim's middle × rotor's plane × spread, against every count of every washer on either side with every way of putting cogs on. */
class HubPlanTest {

    private static final ShopRules RULES = ShopRules.standard();

    static IntStream seeds() {
        return Seeds.first(300);
    }

    private static FitCase any(Random random) {
        boolean threaded = random.nextBoolean();
        String survey = GivenKits.bike(
                "rear.over-locknut=%s;rear.rotor-plane=%s;rear.caliper-mount=%s;rear.dropout-material=%s;rear.cog-kind=%s;rear.cogs=%d;rear.freewheel-recess=%s;rear.plate-thickness=%d"
                        .formatted(
                                tenths(random, 1320, 80), tenths(random, 135, 50), random.nextBoolean() ? "post" : "is",
                                random.nextInt(4) == 0 ? "aluminium" : "steel",
                                threaded || random.nextBoolean() ? "screwed-freewheel" : "cassette",
                                6 + random.nextInt(3), tenths(random, 5, 30), 5 + random.nextInt(3)));
        String kit = "%s;rim-offset=%s;rotor-plane=%s;axle=%d;shoulders=%s".formatted(
                threaded ? "rear-thread room=" + (38 + random.nextInt(12)) + ";cover=" + random.nextInt(3) : "rear-cassette arms=1",
                tenths(random, -20, 40), tenths(random, 140, 30),
                27 + random.nextInt(12), tenths(random, 1300, 60));
        List<String> drawers = new ArrayList<>(List.of("FW1 freewheel-washer 4 t=1.0 i=35 o=42", "F6 freewheel-6 1", "F7 freewheel-7 1"));
        for (String thickness : List.of("0.5", "1.0", "1.5", "2.5")) {
            drawers.add("W%s axle-washer %d t=%s i=12.2 o=22".formatted(thickness, random.nextInt(3), thickness));
        }
        return new FitCase(new FitCase.Bike(BikeKind.DIAMOND, Given.survey(survey), RiderNeed.none(), Set.of()), GivenKits.kit(kit),
                GivenKits.drawers(String.join(";", drawers)), RULES);
    }

    private static String tenths(Random random, int from, int span) {
        int tenths = from + random.nextInt(span);
        return java.math.BigDecimal.valueOf(tenths, 1).toPlainString();
    }

    /** What lies left and right, µm; at nominal thickness, which is enough where the wishes ask for it. */
    private record Tried(long left, long right) {
    }

    private static List<Tried> everySet(FitCase c) {
        List<Tried> sets = List.of(new Tried(0, 0));
        for (DrawerPart part : c.drawers().usedAs("axle-washer")) {
            List<Tried> more = new ArrayList<>();
            long thick = part.size().orElseThrow().thickness().micrometres();
            for (Tried t : sets) {
                for (int l = 0; l <= part.free(); l++) {
                    for (int r = 0; l + r <= part.free(); r++) {
                        more.add(new Tried(t.left + l * thick, t.right + r * thick));
                    }
                }
            }
            sets = more;
        }
        return sets;
    }

    private static long um(Length length) {
        return length.micrometres();
    }

    private static boolean goesIn(FitCase c, Tried t, boolean axleToo) {
        HubAxle axle = hub(c).axle();
        long width = um(c.survey().length(RearMeasures.OVER_LOCKNUT).orElseThrow().value());
        long apart = um(RULES.spread(c.survey().choice(RearMeasures.DROPOUT_MATERIAL).orElseThrow()));
        long together = Math.max(um(RULES.pullIn(c.survey().choice(RearMeasures.DROPOUT_MATERIAL).orElseThrow())),
                um(RULES.value(LengthRule.WIDTH_TOLERANCE)));
        long easedApart = apart == 0 ? um(RULES.value(LengthRule.WIDTH_TOLERANCE)) : Math.max(0, apart - 100);
        long whole = um(axle.shoulderWidth()) + t.left + t.right;
        long rim = Math.abs(2 * um(axle.rimOffset()) + t.left - t.right);
        boolean held = whole >= width - together && whole <= width + easedApart && t.left <= um(axle.innerWashersMost())
                && t.right <= um(axle.innerWashersMost())
                && rim <= 2 * um(RULES.value(LengthRule.REDISH));
        long outside = um(c.survey().length(RearMeasures.PLATE_THICKNESS).orElseThrow().value()) + 1500 + um(axle.nutHeight())
                + um(axle.pitch());
        ArmPlan arms = HubPlan.of(c, WheelEnd.REAR).arms();
        return held && (!axleToo || t.left + outside + um(arms.thickness(0)) <= um(axle.freeLeft())
                && t.right + outside + um(arms.thickness(1)) <= um(axle.freeRight()));
    }

    private static HubDrive hub(FitCase c) {
        return c.kit().drive().hub().orElseThrow();
    }

    private static List<Long> costs(FitCase c, Tried t, CogPlan cogs) {
        List<Long> costs = new ArrayList<>();
        cogs.rightSide().ifPresent(least -> costs.add(t.right >= um(least) ? 0L : 1L));
        costs.add(Math.max(0, Math.abs(2 * um(hub(c).axle().rimOffset()) + t.left - t.right) - 2 * um(RULES.value(LengthRule.RIM_MIDDLE))));
        long slot = c.survey().choice(RearMeasures.CALIPER_MOUNT).orElseThrow() == CaliperMount.POST
                ? Math.max(200, um(RULES.value(LengthRule.CALIPER_SLOT))) : 200;
        long runs = um(hub(c).rotor().orElseThrow().plane()) + t.left;
        costs.add(Math.max(0, Math.abs(um(c.survey().length(RearMeasures.ROTOR_PLANE).orElseThrow().value()) - runs) - slot));
        costs.add(Math.max(0, um(hub(c).axle().shoulderWidth()) + t.left + t.right
                - um(c.survey().length(RearMeasures.OVER_LOCKNUT).orElseThrow().value()) - 500));
        return costs;
    }

    private static Optional<List<Long>> best(FitCase c) {
        List<CogPlan> cogs = CogPlan.candidates(c, hub(c)).toList();
        for (boolean axleToo : new boolean[]{true, false}) {
            Optional<List<Long>> best = everySet(c).stream().filter(t -> goesIn(c, t, axleToo))
                    .flatMap(t -> cogs.stream().map(p -> costs(c, t, p)))
                    .min((a, b) -> Arrays.compare(a.toArray(Long[]::new), b.toArray(Long[]::new)));
            if (best.isPresent()) {
                return best;
            }
        }
        return Optional.empty();
    }

    /** Only where the drawer holds a set at all; with what is bought the solver's own tests deal. */
    @ParameterizedTest
    @MethodSource("seeds")
    void noWashersAndNoCogsServeBetter(int seed) {
        FitCase c = any(new Random(seed));
        HubPlan plan = HubPlan.of(c, WheelEnd.REAR);
        plan.washers().filter(w -> w.best().isPresent()).ifPresent(w -> {
            assertThat(w.costs()).isEqualTo(best(c).orElseThrow());
            Tried chosen = new Tried(um(plan.inner(0)), um(plan.inner(1)));
            assertThat(costs(c, chosen, plan.cogs().orElseThrow())).as("the costs are those of the washers and cogs it tells")
                    .isEqualTo(w.costs());
            assertThat(plan.gearsKept())
                    .isEqualTo(plan.cogs().orElseThrow().rightSide().map(least -> chosen.right >= um(least)).orElse(true));
        });
    }

    /**
     * Sets that need the axle's whole length, lose a cog, leave the rim or the rotor off: each occurs among the random cases, or they prove
     * nothing.
     */
    @Test
    void theRandomCasesReachEveryCoupling() {
        int[] lacking = new int[4];
        int found = 0;
        for (int seed = 0; seed < 300; seed++) {
            FitCase c = any(new Random(seed));
            Optional<List<Long>> costs = HubPlan.of(c, WheelEnd.REAR).washers().filter(w -> w.best().isPresent()).map(w -> w.costs());
            found += costs.isPresent() ? 1 : 0;
            if (costs.isPresent()) {
                for (int i = 0; i < costs.get().size(); i++) {
                    lacking[4 - costs.get().size() + i] += costs.get().get(i) > 0 ? 1 : 0;
                }
            }
        }
        assertThat(found).isGreaterThan(100);
        assertThat(lacking).as("gears, rim, rotor, spread")
                .satisfies(s -> assertThat(Arrays.stream(s).allMatch(n -> n > 3)).as(Arrays.toString(s)).isTrue());
    }
}
