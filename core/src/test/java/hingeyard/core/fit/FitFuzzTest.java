package hingeyard.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.Choice;
import hingeyard.core.bike.ChoiceMeasure;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.NumberMeasure;
import hingeyard.core.bike.Reading;
import hingeyard.core.booking.LegalClass;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.Rule;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stack.StackSection;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.Drawers;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A check never throws, whatever possible bike meets whatever kit, and its answer does not hang on how things are ordered or said. */
class FitFuzzTest {

    private static final int CASES = 100_000;
    /** Every so many is opened, drawings and all. */
    private static final int EXHIBITED = 5;
    private static final FitAssessor ASSESSOR = new FitAssessor(FitCheckCatalogue.all());
    private static final Drawers DRAWERS = GivenKits.drawers(
            "S1 bracket-spacer 3 t=1 i=34 o=42;S2 bracket-spacer 2 t=2.5 i=34 o=42;W1 axle-washer 4 t=1 i=12.2 o=22;W2 axle-washer 2 t=0.5 i=12.2 o=22;"
                    + "CW caliper-washer 8 t=0.5 i=6 o=12;RS rotor-shim 2 t=1 i=44 o=54;FW freewheel-washer 2 t=1.5 i=35 o=42;AD plug-adapter 2 plug=blade>bullet@30;AE plug-adapter 2 plug=bullet>ring@20;"
                    + "B1 motor-block 1 t=10;TA torque-arm 2 t=4 i=12 o=30 len=110 span=0..14;MB motor-band 1 span=40..60;SW safety-washer 4 t=2 i=12.2 o=20;"
                    + "R1 rail-stand-off 4 t=1 i=5.2 o=10;R5 rail-stand-off 4 t=5 i=5.2 o=10;G1 gear-shim 4 t=0.2 i=8 o=14;CS chainring-spacer 4 t=1 i=20 o=30;SS steerer-spacer 6 t=5 i=28.6 o=34;"
                    + "SP seat-plate 1 len=150;PS plate-spacer 8 t=3 i=8 o=16;CB battery-clamp 4 span=28..60");
    private static final List<String> TWEAKS = List.of("", "cells=10;max=42", "limit=30;settable=15", "throttle=yes", "hold=bag",
            "hold=straps", "controller-plug=ring", "gauge=20", "teeth=52;plane=20",
            "key=upper-end;swing=15;wedge=30", "key=beside;swing=40", "hold=seat_plate", "hold=frame_bay;eye=8;cable=120;fuse=12",
            "steerer=230", "sensing=solid_ring", "sensing=tapped_bracket", "cut-off=clip_on;lights=6", "rotor=no",
            "watts=750;peak=1500;torque=90", "pack=500;pack-height=140");

    private static Reading reading(Measure measure, Random random) {
        if (measure instanceof LengthMeasure l) {
            long least = l.possible().least().micrometres();
            Length value = Length.ofMicrometres(least + (long) (random.nextDouble() * (l.possible().greatest().micrometres() - least)));
            return new Reading.OfLength(l, value, measure.tool().uncertainty(), measure.tool(), "x", Instant.EPOCH);
        }
        if (measure instanceof NumberMeasure n) {
            return new Reading.OfNumber(n, n.least() + (long) (random.nextDouble() * (n.greatest() - n.least())), measure.tool(), "x",
                    Instant.EPOCH);
        }
        List<? extends Choice> choices = ((ChoiceMeasure<?>) measure).options();
        return new Reading.OfChoice((ChoiceMeasure<?>) measure, choices.get(random.nextInt(choices.size())), measure.tool(), "x",
                Instant.EPOCH);
    }

    private static FrameSurvey survey(Random random, double share) {
        List<Reading> readings = new ArrayList<>();
        for (Measure measure : MeasureCatalogue.all()) {
            if (random.nextDouble() < share) {
                readings.add(reading(measure, random));
            }
        }
        return FrameSurvey.of(readings);
    }

    private static FitCase.Bike bike(Random random) {
        RiderNeed need = random.nextBoolean() ? RiderNeed.none()
                : new RiderNeed(Map.of(NeedAmount.RIDER, 40_000L + random.nextInt(90_000), NeedAmount.CARGO, (long) random.nextInt(80_000)),
                        Set.of(),
                        LegalClass.values()[random.nextInt(LegalClass.values().length)]);
        return new FitCase.Bike(BikeKind.values()[random.nextInt(BikeKind.values().length)],
                survey(random, random.nextInt(4) == 0 ? random.nextDouble() : 1), need,
                random.nextInt(5) == 0 ? Set.of("brake-weld", "motor-pins", "fork-material") : Set.of());
    }

    /** What may be saved as a rule breaks no answer: every rule at an end of what it may be, any with any. */
    @Test
    void noRuleThatMayBeSetBreaksACheck() {
        Random random = new Random(11);
        List<Kit> kits = GivenKits.families().stream().flatMap(f -> TWEAKS.stream().map(t -> GivenKits.kit(f + " " + t))).toList();
        for (int i = 0; i < CASES / 20; i++) {
            ShopRules rules = ShopRules.standard();
            for (Rule rule : Rule.all()) {
                String end = rule.ends().get(random.nextInt(rule.ends().size()));
                rules = random.nextInt(3) > 0 && rules.mayBe(rule, end).allowed() ? rules.with(rule, end) : rules;
            }
            FitReport report = ASSESSOR.assess(new FitCase(bike(random), kits.get(random.nextInt(kits.size())), DRAWERS, rules));
            assertThat(report.findings()).as("case %d", i).allSatisfy(f -> {
                assertThat(f.sentence()).isNotBlank().doesNotContain("null");
                assertThat(f.margin().text()).isNotBlank();
            });
            if (i % EXHIBITED == 0) {
                report.findings().forEach(FitFuzzTest::shown);
            }
        }
    }

    @Test
    void neverThrowsAndAlwaysExplains() {
        Random random = new Random(7);
        List<Kit> kits = GivenKits.families().stream().flatMap(f -> TWEAKS.stream().map(t -> GivenKits.kit(f + " " + t))).toList();
        int[] verdicts = new int[Verdict.values().length];
        for (int i = 0; i < CASES; i++) {
            FitReport report = ASSESSOR
                    .assess(new FitCase(bike(random), kits.get(random.nextInt(kits.size())), DRAWERS, ShopRules.standard()));
            for (Finding f : report.findings()) {
                verdicts[f.verdict().ordinal()]++;
                if (f.sentence().isBlank() || f.margin().text().isBlank() || f.verdict() != Verdict.FITS && f.remedies().isEmpty()
                        || f.sentence().contains("null")) {
                    assertThat(f).as("case %d", i).isNull();
                }
                if (i % EXHIBITED == 0) {
                    shown(f);
                }
            }
        }
        assertThat(verdicts).as("every verdict occurs").doesNotContain(0);
    }

    /** What somebody sees who opens it. */
    private static void shown(Finding f) {
        assertThat(f.bike().says()).isNotNull();
        assertThat(f.kit().detail()).isNotNull();
        f.figures().forEach(figure -> assertThat(figure.amount().text()).isNotBlank());
        f.remedies().forEach(r -> assertThat(r.text()).isNotBlank());
        f.exhibit().filter(StackSection.class::isInstance).map(StackSection.class::cast)
                .ifPresent(s -> assertThat(s.layers()).as(s.title()).isNotEmpty());
    }

    static IntStream seeds() {
        return IntStream.range(0, 60);
    }

    /** The order in which readings and stock come changes nothing. */
    @ParameterizedTest
    @MethodSource("seeds")
    void orderChangesNothing(int seed) {
        Random random = new Random(seed);
        FitCase.Bike bike = bike(random);
        List<Reading> readings = new ArrayList<>(bike.survey().readings());
        List<DrawerPart> parts = new ArrayList<>(DRAWERS.parts());
        Collections.shuffle(readings, random);
        Collections.shuffle(parts, random);
        FitCase.Bike shuffled = new FitCase.Bike(bike.kind(), FrameSurvey.of(readings), bike.need(), bike.approvals());
        for (String family : GivenKits.families()) {
            Kit kit = GivenKits.kit(family);
            assertThat(ASSESSOR.assess(new FitCase(shuffled, kit, new Drawers(parts), ShopRules.standard())).findings())
                    .usingRecursiveComparison()
                    .isEqualTo(ASSESSOR.assess(new FitCase(bike, kit, DRAWERS, ShopRules.standard())).findings());
        }
    }

    /** The same bike said in inches. */
    @ParameterizedTest
    @MethodSource("seeds")
    void unitsChangeNothing(int seed) {
        Random random = new Random(seed);
        String metric = GivenKits.bike("front.over-locknut=%s;rear.over-locknut=%s;bracket.shell-width=%s".formatted(
                95 + random.nextInt(12) + ".25", 128 + random.nextInt(12) + ".27",
                66 + random.nextInt(9) + ".04"));
        String imperial = Arrays.stream(metric.split(";")).map(FitFuzzTest::inInches).collect(Collectors.joining(";"));
        for (String family : List.of("mid", "front", "rear-cassette")) {
            assertThat(said(imperial, family)).isEqualTo(said(metric, family));
        }
    }

    private static List<String> said(String survey, String family) {
        return ASSESSOR.assess(new FitCase(Given.survey(survey), GivenKits.kit(family), DRAWERS, ShopRules.standard())).findings().stream()
                .map(f -> f.checkId() + f.verdict() + f.sentence() + f.margin().text()).toList();
    }

    private static String inInches(String reading) {
        String[] kv = reading.split("=");
        boolean length = kv[0].endsWith("over-locknut") || kv[0].endsWith("shell-width");
        return length ? kv[0] + "="
                + new BigDecimal(kv[1]).divide(new BigDecimal("25.4"), 6, RoundingMode.HALF_EVEN).stripTrailingZeros().toPlainString()
                + " in" : reading;
    }
}
