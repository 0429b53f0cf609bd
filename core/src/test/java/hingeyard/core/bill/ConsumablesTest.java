package hingeyard.core.bill;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.Fastening;
import hingeyard.core.install.Step;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.Lead;
import hingeyard.core.kit.MovedOver;
import hingeyard.core.quantity.TorqueRange;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.Drawers;
import hingeyard.core.stock.PartFacts;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ConsumablesTest {

    private static final DrawerPart TIES = new DrawerPart("TI", "Cable tie", "tie", "N02", 400, Optional.empty());
    private static final DrawerPart WRAP = new DrawerPart("WX", "Loom wrap, metre", "loom-wrap", "N01", 40, Optional.empty());

    private static final Step RAIL = Step.called("battery-rail", "Battery rail on")
            .fasten(new Fastening("rail screws", Optional.of("M5"), TorqueRange.ofNewtonMetres("3", "4"), false, "medium locker",
                    Optional.empty(), "shop's table"))
            .step();

    private static List<BillLine> lines(Kit kit, ShopRules rules, DrawerPart... parts) {
        return Consumables.of(kit, List.of(RAIL), new Drawers(List.of(parts)), rules);
    }

    private static BillLine named(List<BillLine> lines, String name) {
        return lines.stream().filter(l -> l.name().equals(name)).findFirst().orElseThrow();
    }

    @Test
    void tiesByTheLengthOfTheLeadsAndWrapByTheMetreOfTheWays() {
        Kit kit = GivenKits.kit("mid");
        List<Lead> leads = kit.equipment().leads();
        ShopRules rules = ShopRules.standard().with(LengthRule.TIE_EVERY, Given.mm("200")).with(NumberRule.TIES_AT_ENDS,
                new BigDecimal("1"));
        int ties = leads.stream().mapToInt(l -> (int) Math.ceil(l.length().inMillimetres() / 200) + 1).sum();
        double ways = leads.stream().map(Lead::run).distinct()
                .mapToDouble(w -> leads.stream().filter(l -> l.run() == w).mapToDouble(l -> l.length().inMillimetres()).max().orElseThrow())
                .sum();
        List<BillLine> lines = lines(kit, rules, TIES, WRAP);
        assertThat(named(lines, "Cable tie")).satisfies(l -> {
            assertThat(l.count()).isEqualTo(ties);
            assertThat(l.source()).isEqualTo(Source.FROM_DRAWER);
            assertThat(l.role()).isEqualTo("loom");
            assertThat(l.reason()).contains(leads.size() + " leads", "a tie for every 200 mm begun, 1 at the ends of each");
        });
        assertThat(named(lines, "Loom wrap, metre").count()).isEqualTo((int) Math.ceil(ways / 1000));
    }

    @Test
    void tooFewAreOrderedAndUnknownOnesAreNamedAllTheSame() {
        Kit kit = GivenKits.kit("mid");
        assertThat(named(lines(kit, ShopRules.standard(), TIES.withFree(1), WRAP), "Cable tie")).satisfies(l -> {
            assertThat(l.source()).isEqualTo(Source.TO_ORDER);
            assertThat(l.partNumber()).isEqualTo("TI");
        });
        assertThat(named(lines(kit, ShopRules.standard()), "Cable tie").source()).isEqualTo(Source.CONSUMABLE);
    }

    /** A rim of 19 inside takes tape from 21 to 23. */
    @ParameterizedTest
    @CsvSource({"21, FROM_DRAWER", "23, FROM_DRAWER", "20.9, CONSUMABLE", "23.1, CONSUMABLE"})
    void aMotorsRimGetsItsTape(String width, Source source) {
        DrawerPart tape = new DrawerPart("RT", "Rim tape RT", "rim-tape", "M03", 2, Optional.empty(), PartFacts.ofLength(Given.mm(width)));
        assertThat(lines(GivenKits.kit("front"), ShopRules.standard(), tape)).filteredOn(l -> l.name().startsWith("Rim tape"))
                .singleElement().satisfies(l -> {
                    assertThat(l.source()).isEqualTo(source);
                    assertThat(l.reason()).contains("19 mm inside");
                });
        assertThat(lines(GivenKits.kit("mid"), ShopRules.standard())).noneMatch(l -> l.name().startsWith("Rim tape"));
    }

    @Test
    void lockerAndGreaseByTheFastenersOfTheSteps() {
        List<BillLine> mid = lines(GivenKits.kit("mid"), ShopRules.standard());
        assertThat(named(mid, "Thread locker").reason()).contains("rail screws").startsWith("For ");
        assertThat(mid).filteredOn(l -> l.source() == Source.CONSUMABLE).allSatisfy(l -> assertThat(l.reason()).isNotBlank());
    }

    @Test
    void aRotorThatIsHandledIsCleaned() {
        for (String family : GivenKits.families()) {
            Kit kit = GivenKits.kit(family);
            boolean rotor = kit.drive().rotorGear().isPresent() || kit.drive().hub().filter(h -> h.rotor().isPresent()).isPresent();
            assertThat(lines(kit, ShopRules.standard()).stream().anyMatch(l -> l.name().startsWith("Rotor cleaner"))).as(family)
                    .isEqualTo(rotor);
        }
    }

    @Test
    void theCustomersOwnIsMovedOver() {
        for (String family : GivenKits.families()) {
            Kit kit = GivenKits.kit(family);
            FitReport report = Given.report(Given.survey(GivenKits.bike("")), kit,
                    GivenKits.drawers("S1 bracket-spacer 3 t=2.5 i=34 o=42;ST battery-strap 4;SC motor-screw 4 len=30"));
            if (report.goesOn()) {
                assertThat(BillAssembler.assemble(report, List.of()).from(Source.MOVED_OVER).map(BillLine::name)).as(family)
                        .isSubsetOf(kit.drive().movesOver(report.bike().survey()).stream().map(MovedOver::name).toList()).as(family)
                        .isNotNull();
            }
        }
        assertThat(GivenKits.kit("mid").drive().movesOver(Given.survey(""))).extracting(MovedOver::name).containsExactly("Pedals");
    }

    private static Step fastened(String locker, String... what) {
        Step.Builder step = Step.called("s-" + locker.hashCode(), "S");
        for (String w : what) {
            step.fasten(new Fastening(w, Optional.of("M5"), TorqueRange.ofNewtonMetres("3", "4"), false, locker, Optional.empty(),
                    "shop's table"));
        }
        return step.step();
    }

    @Test
    void eachFastenerIsNamedOnceAndTheBottleBySomethingThatIsThere() {
        DrawerPart bottle = new DrawerPart("TL", "Locker", "locker", "N09", 1, Optional.empty());
        List<BillLine> lines = Consumables.of(GivenKits.kit("mid"),
                List.of(fastened("medium locker", "arm", "arm", "rail"), fastened("Grease", "axle"), fastened("", "stem")),
                new Drawers(List.of(bottle)), ShopRules.standard());
        assertThat(named(lines, "Thread locker")).satisfies(l -> {
            assertThat(l.reason()).isEqualTo("For 3 fasteners: arm, rail");
            assertThat(l.place()).isEqualTo("N09");
        });
        assertThat(named(lines, "Assembly grease")).satisfies(l -> {
            assertThat(l.reason()).isEqualTo("For 1 fastener: axle");
            assertThat(l.place()).isEmpty();
        });
    }

    /** Two leads of 350 and 650: at every 150 begun that is 3 and 5, one at each end of both; the metres are those of all of them. */
    @Test
    void tiesAndMetresAreCountedLeadByLead() {
        Kit kit = GivenKits.kit("mid");
        BillLine ties = named(lines(kit, ShopRules.standard(), TIES, WRAP), "Cable tie");
        double metres = kit.equipment().leads().stream().mapToDouble(l -> l.length().inMillimetres()).sum() / 1000;
        assertThat(ties.reason()).contains(BigDecimal.valueOf(metres).stripTrailingZeros().toPlainString() + " m in all");
        assertThat(named(lines(kit, ShopRules.standard(), TIES, WRAP), "Loom wrap, metre").reason()).contains("ways of the loom, ");
    }

    @Test
    void whereNoLeadIsThereIsNothingToTie() {
        for (String family : GivenKits.families()) {
            Kit kit = GivenKits.kit(family);
            assertThat(lines(kit, ShopRules.standard(), TIES, WRAP).stream().anyMatch(l -> l.name().equals("Cable tie"))).as(family)
                    .isEqualTo(!kit.equipment().leads().isEmpty());
        }
    }
}
