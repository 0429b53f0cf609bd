package hingeyard.core.bill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.condition.ConditionCatalogue;
import hingeyard.core.condition.Found;
import hingeyard.core.condition.Grade;
import hingeyard.core.condition.Lift;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Remedy.PartNeed;
import hingeyard.core.explain.Remedy.Supply;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Ruling;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitReport;
import hingeyard.core.fit.ManagersWord;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.KitItem;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.kit.ShopWork;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.Drawers;
import hingeyard.core.stock.PartFacts;
import java.util.Set;
import org.junit.jupiter.params.provider.EnumSource;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BillAssemblerTest {

    private static final FrameSurvey SURVEY = Given.survey(GivenKits.bike("bracket.shell-width=73"));
    /** 82 is wanted at the nut: 73 + 4 + 3 (kit) leaves 2.5 short, so the drawer's 4 goes on as well. */
    private static final Kit KIT = Given.wholeBracketKit("82", "96", "3", 13, "60", "3.0x2");

    private static Bill bill(FitReport report) {
        return BillAssembler.assemble(report, List.of());
    }

    @Test
    void whatGoesWithTheJobIsOnTheBill() {
        Found tyres = new Found(ConditionCatalogue.find("tyres").orElseThrow(), Grade.WITH_JOB, "rear cracked", Optional.empty());
        Found mended = new Found(ConditionCatalogue.find("fork-cracks").orElseThrow(), Grade.STOPS, "crown", Optional.of(Lift.MENDED));
        Found good = new Found(ConditionCatalogue.find("chain-wear").orElseThrow(), Grade.GOOD, "", Optional.empty());
        List<BillLine> lines = WithTheJob
                .of(List.of(tyres, mended, good), service(SURVEY), Set.of("arrival-tyres", "arrival-fork-cracks", "arrival-chain-wear"),
                        new Drawers(List.of(part("TY", "tyre", 3), part("TU", "tube", 1))))
                .lines();
        assertThat(lines).extracting(l -> l.source() + " " + l.count() + " " + l.name() + " " + l.partNumber() + " " + l.role())
                .containsExactly("WITH_JOB 1 Tyres and tubes renewed  ", "FROM_DRAWER 2 TY TY arrival-tyres",
                        "TO_ORDER 2 TU TU arrival-tyres", "WITH_JOB 1 Fork replaced  ");
        assertThat(lines.get(3).reason()).as("done already: charged, not mounted again").contains("crown", "mended before the job went on");
        assertThat(lines).allSatisfy(l -> assertThat(l.reason()).startsWith("Arrival check, "));
        assertThat(lines.get(0).reason()).contains("rear cracked");
    }

    private static DrawerPart part(String number, String use, int free) {
        return new DrawerPart(number, number, use, "M01", free, Optional.empty(), PartFacts.none());
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(delimiter = '|', value = {"one kind of chain for the cogs counted | chain-9 | 9 | CH CH",
        "another number of cogs | chain-9 | 8 | Chain,Cogs", "nobody counted the cogs | chain-9 | | Chain,Cogs"})
    void aChainIsTheOneForTheCogs(String why, String use, String cogs, String said) {
        Found worn = new Found(ConditionCatalogue.find("chain-wear").orElseThrow(), Grade.WITH_JOB, "0.9 %", Optional.empty());
        FrameSurvey survey = Given.survey(cogs == null ? "" : "rear.cogs=" + cogs);
        List<BillLine> lines = WithTheJob
                .of(List.of(worn), service(survey), Set.of("arrival-chain-wear"), new Drawers(List.of(part("CH", use, 4)))).lines();
        assertThat(
                lines.get(1).name() + (lines.get(1).partNumber().isEmpty() ? "," + lines.get(2).name() : " " + lines.get(1).partNumber()))
                .as(why).isEqualTo(said);
    }

    /** Two kinds of tyre, and work that the kit makes needless. */
    @Test
    void whichOfSeveralIsSaidByTheManagerAndWhatNoStepMountsIsNotBought() {
        Found tyres = new Found(ConditionCatalogue.find("tyres").orElseThrow(), Grade.WITH_JOB, "rear cracked", Optional.empty());
        Drawers drawers = new Drawers(List.of(part("TY1", "tyre", 3), part("TY2", "tyre", 3), part("TU", "tube", 9)));
        assertThat(WithTheJob.of(List.of(tyres), service(SURVEY), Set.of("arrival-tyres"), drawers).lines())
                .extracting(l -> l.source() + " " + l.name())
                .containsExactly("WITH_JOB Tyres and tubes renewed", "TO_ORDER Tyre", "FROM_DRAWER TU");
        assertThat(WithTheJob.of(List.of(tyres), service(SURVEY), Set.of(), drawers).lines()).extracting(BillLine::source)
                .containsExactly(Source.WITH_JOB);
    }

    private static FitReport service(FrameSurvey survey) {
        return Given.report(survey, ShopWork.SERVICE.kit(), Given.drawers());
    }

    /** Worn cogs and tyres on a bike that gets a motor wheel: what the match brings is not brought twice, what is new is not moved over. */
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', value = {
        "the motor takes another kind of cogs: the match brings them | rear-thread | rear.cog-kind=cassette;rear.cogs=8 | chain-wear | Chain | Cassette",
        "the motor takes the bike's own kind, worn: new ones of that kind | rear-thread | rear.cog-kind=screwed-freewheel;rear.cogs=7 | chain-wear | Chain,FW | Freewheel",
        "new tyres are not the old ones moved over | rear-cassette | | tyres | Tyre,Tube | Tyre",
        "the roller brings one tyre, the other is new | roller | rear.tread=blocks | tyres | Tyre,Tube | Tyre"})
    void whatTheMatchBringsIsNotBroughtTwice(String why, String kit, String bike, String point, String said, String notMoved) {
        FitReport match = Given.report(Given.survey(GivenKits.bike(bike == null ? "" : bike)), GivenKits.kit(kit), Given.drawers());
        Found found = new Found(ConditionCatalogue.find(point).orElseThrow(), Grade.WITH_JOB, "worn", Optional.empty());
        WithTheJob with = WithTheJob.of(List.of(found), match, Set.of("arrival-" + point),
                new Drawers(List.of(part("FW", "freewheel-7", 2), part("CS", "cassette-7", 2))));
        assertThat(with.lines().stream().skip(1).map(BillLine::name)).as(why).containsExactly(said.split(","));
        if (kit.equals("roller")) {
            assertThat(with.lines().get(1).count()).as(why).isEqualTo(1);
        }
        if (match.goesOn()) {
            assertThat(BillAssembler.assemble(match, with, List.of()).from(Source.MOVED_OVER)).as(why).extracting(BillLine::name)
                    .doesNotContain(notMoved);
        }
    }

    /** A job of the shop's own work has parts and labour, and no box. */
    @ParameterizedTest
    @EnumSource(ShopWork.class)
    void theShopsOwnWorkHasNoBox(ShopWork work) {
        FitReport report = Given.report(SURVEY, work.kit(), Given.drawers());
        assertThat(report.goesOn()).isTrue();
        assertThat(report.headline()).isEqualTo("Nothing to match");
        assertThat(bill(report).lines()).isEmpty();
    }

    @Test
    void everyLineHasAReasonAndTheCheckThatAskedForIt() {
        Bill bill = bill(Given.report(SURVEY, Given.wholeBracketKit("82", "96", "3", 13, "60", "3.0x1"), Given.drawers("C4:4:2")));
        assertThat(bill.lines()).allSatisfy(l -> assertThat(l.reason()).isNotBlank());
        assertThat(bill.from(Source.KIT_BOX)).singleElement().satisfies(l -> assertThat(l.partNumber()).isEqualTo("T-MID"));
        assertThat(bill.from(Source.FROM_DRAWER)).singleElement().satisfies(l -> {
            assertThat(l.partNumber()).isEqualTo("C4");
            assertThat(l.checkId()).isEqualTo("bracket-stack");
            assertThat(l.role()).startsWith("bracket-stack-");
        });
        assertThat(bill.from(Source.HANDED_BACK)).isNotEmpty();
    }

    @Test
    void kitPiecesThatAreNotUsedGoBackInTheDrawer() {
        Bill bill = bill(Given.report(SURVEY, Given.wholeBracketKit("70", "92", "0", 13, "60", "3.0x2"), Given.drawers()));
        assertThat(bill.from(Source.BACK_IN_DRAWER)).singleElement().satisfies(l -> {
            assertThat(l.count()).isEqualTo(2);
            assertThat(l.name()).isEqualTo("Spacer 3.0");
        });
        Bill used = bill(Given.report(SURVEY, Given.wholeBracketKit("70", "92", "3", 13, "60", "3.0x2"), Given.drawers()));
        assertThat(used.from(Source.BACK_IN_DRAWER)).singleElement().satisfies(l -> assertThat(l.count()).isEqualTo(1));
    }

    @Test
    void refusesAMatchThatDoesNotGoOn() {
        assertThatThrownBy(
                () -> bill(Given.report(Given.survey(GivenKits.bike("-bracket.shell-width;-bracket.standard")), KIT, Given.drawers())))
                .isInstanceOf(IllegalArgumentException.class).hasMessageContaining("Measure 2 things first");
    }

    /** The customer brings the spacer of 4: nothing is reserved, the step still knows what it mounts, the paper says why and who. */
    @Test
    void whatIsTickedOffStandsOnTheBillWithItsReason() {
        FitReport report = Given.report(SURVEY, Given.wholeBracketKit("82", "96", "3", 13, "60", "3.0x1"), Given.drawers("C4:4:2"));
        Finding stack = report.findings().stream().filter(f -> f.checkId().equals("bracket-stack")).findFirst().orElseThrow();
        int spacer = stack.remedies().indexOf(stack.remedies().stream()
                .filter(r -> r.part().filter(p -> p.partNumber().equals("C4")).isPresent()).findFirst().orElseThrow());
        Bill bill = BillAssembler.assemble(report, List.of(new NotTaken("bracket-stack", spacer, "brings his own", "Orla M.")));
        assertThat(bill.from(Source.FROM_DRAWER)).isEmpty();
        assertThat(bill.from(Source.NOT_TAKEN)).singleElement().satisfies(l -> {
            assertThat(l.reason()).isEqualTo("brings his own (Orla M.)");
            assertThat(l.role()).startsWith("bracket-stack-");
            assertThat(l.source().reserved()).isFalse();
        });
        assertThat(bill.from(Source.FROM_KIT)).as("the kit's own 3 stays")
                .anySatisfy(l -> assertThat(l.checkId()).isEqualTo("bracket-stack"));
    }

    @Test
    void theKitsOwnPieceThatIsTickedOffGoesBackForThatReason() {
        FitReport report = Given.report(SURVEY, Given.wholeBracketKit("70", "92", "3", 13, "60", "3.0x1"), Given.drawers());
        Bill bill = BillAssembler.assemble(report, List.of(new NotTaken("bracket-stack", 0, "brings his own", "Orla M.")));
        assertThat(bill.from(Source.BACK_IN_DRAWER)).singleElement()
                .satisfies(l -> assertThat(l.reason()).isEqualTo("Ticked off: another is brought"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"bracket-stack | 7 | it has", "bracket-stack | -1 | counted from 0",
        "fork-width | 0 | does not concern"})
    void refusesToTickOffWhatIsNotThere(String check, int remedy, String said) {
        FitReport report = Given.report(SURVEY, KIT, Given.drawers("C4:4:2"));
        assertThatThrownBy(() -> BillAssembler.assemble(report, List.of(new NotTaken(check, remedy, "why", "Orla M."))))
                .hasMessageContaining(said);
    }

    @Test
    void whatAVerdictBeyondOverridingAsksForIsNeverTickedOff() {
        Remedy cap = Remedy.part(new PartNeed("X", "Charger of 54.6 V", 1, Supply.DRAWER, "E1", "charger"), "1 × Charger");
        Finding never = Finding.of("charger", "Charger").neverOverridden().remedy(cap).remedy(Remedy.consent("x")).is(Verdict.FITS_WITH,
                "Never charged with the other.");
        assertThat(NotTaken.over(never, cap))
                .isEqualTo(Ruling.no("What 'Charger' asks for is never left out: Never charged with the other."));
        Finding open = Finding.of("charger", "Charger").remedy(cap).is(Verdict.FITS_WITH, "x");
        assertThat(NotTaken.over(open, cap).allowed()).isTrue();
        assertThat(NotTaken.over(open, Remedy.consent("x")).reason()).contains("neither a part nor work");
        assertThat(NotTaken.over(open, Remedy.work("general", 5, "x")).allowed()).isTrue();
    }

    private static FitReport whole(Kit kit, String bike) {
        return Given.report(Given.survey(GivenKits.bike(bike)), kit,
                GivenKits.drawers("S1 bracket-spacer 3 t=2.5 i=34 o=42;ST battery-strap 4;SC motor-screw 4 len=30"));
    }

    @Test
    void whatTheCustomerConsentsToStandsOnThePaperWithAManagersWord() {
        FitReport report = whole(GivenKits.kit("mid"), "bars.straight-length=120")
                .with(List.of(new ManagersWord("bars", "a longer bar comes on Friday", "Orla M.")));
        Bill bill = bill(report);
        assertThat(bill.from(Source.CONSENTED)).anySatisfy(l -> {
            assertThat(l.checkId()).isEqualTo("bars");
            assertThat(l.reason()).endsWith("Overridden by Orla M.: a longer bar comes on Friday");
            assertThat(l.partNumber()).isEmpty();
        });
        long tradeOffs = report.findings().stream().filter(f -> f.verdict() == Verdict.TRADE_OFF).count();
        assertThat(bill.from(Source.CONSENTED)).hasSize((int) tradeOffs);
        assertThat(Source.CONSENTED.reserved()).as("nothing lies in a drawer for it").isFalse();
    }

    @Test
    void anotherBatteryIsHeldBesideTheBoxAndTheBoxesOwnGoesBack() {
        Kit kit = GivenKits.kit("mid");
        Battery b = kit.battery();
        Battery larger = new Battery("LARGE", "Larger pack", b.cellsInSeries(), b.milliampereHours() + 3000, b.continuous(), b.cutOff(),
                b.mass(), b.length(), b.height(), b.casing(), b.plug(), b.charger());
        Kit other = kit.with(larger);
        assertThat(other.code()).isEqualTo("T-MID+LARGE");
        Bill bill = bill(whole(other, ""));
        assertThat(bill.from(Source.KIT_BOX)).singleElement().satisfies(l -> assertThat(l.partNumber()).isEqualTo("T-MID"));
        assertThat(bill.from(Source.FROM_DRAWER)).anySatisfy(l -> {
            assertThat(l.partNumber()).isEqualTo("LARGE");
            assertThat(l.role()).isEqualTo("battery");
            assertThat(l.count()).isEqualTo(1);
        });
        assertThat(bill.from(Source.BACK_IN_DRAWER)).anySatisfy(l -> assertThat(l.name()).isEqualTo("Battery"));
        assertThat(bill.from(Source.FROM_KIT)).noneMatch(l -> l.name().equals("Battery"));
        assertThat(bill(whole(kit, "")).from(Source.FROM_KIT)).anyMatch(l -> l.name().equals("Battery"));
    }

    @Test
    void everyPartAFindingAsksForHasItsLine() {
        for (String family : GivenKits.families()) {
            FitReport report = whole(GivenKits.kit(family), "");
            if (!report.goesOn()) {
                continue;
            }
            Bill bill = bill(report);
            report.findings().forEach(f -> f.remedies().stream().flatMap(r -> r.part().stream())
                    .forEach(p -> assertThat(bill.lines()).as(family + " " + f.checkId() + " " + p.name())
                            .anyMatch(l -> l.name().equals(p.name()) && l.checkId().equals(f.checkId()) && l.count() == p.count())));
            assertThat(bill.lines()).as(family).allSatisfy(l -> assertThat(l.reason()).isNotBlank());
        }
    }

    /** A report of one finding on a kit with two straps in its box, a bike with its own pedals. */
    private static FitReport asking(Remedy... remedies) {
        Finding.Builder finding = Finding.of("strap", "Straps");
        for (Remedy r : remedies) {
            finding.remedy(r);
        }
        Kit k = GivenKits.kit("mid arms=0");
        List<KitItem> contents = Stream.concat(k.contents().stream(), Stream.of(KitItem.of("Strap", 2, "battery-strap"))).toList();
        FitCase c = new FitCase(SURVEY,
                new Kit(k.code(), k.maker(), k.name(), k.drive(), k.controller(), k.battery(), k.equipment(), contents),
                GivenKits.drawers(""), ShopRules.standard());
        return new FitReport(c.bike(), c.kit(), c.rules(), List.of(finding.is(Verdict.FITS_WITH, "Others go on.")));
    }

    private static Remedy straps(int count, Supply supply) {
        return Remedy.part(new PartNeed(supply == Supply.KIT ? "" : "ST", supply == Supply.KIT ? "Strap" : "Strap, long", count, supply, "",
                "battery-strap"), "strap");
    }

    @Test
    void whatIsReplacedGoesBackAndIsMountedNowhere() {
        FitReport report = asking(straps(1, Supply.DRAWER).replacing("battery-strap"));
        Bill bill = bill(report);
        assertThat(bill.from(Source.BACK_IN_DRAWER)).singleElement().satisfies(l -> {
            assertThat(l.name()).isEqualTo("Strap");
            assertThat(l.count()).isEqualTo(2);
            assertThat(l.reason()).isEqualTo("Replaced by others: Others go on.");
            assertThat(l.checkId()).isEqualTo("strap");
        });
        assertThat(bill.from(Source.FROM_KIT)).noneMatch(l -> l.role().equals("battery-strap"));
        Bill ticked = BillAssembler.assemble(report, List.of(new NotTaken("strap", 0, "brings his own", "Orla M.")));
        assertThat(ticked.from(Source.BACK_IN_DRAWER)).as("nothing is replaced by what is not taken").isEmpty();
        assertThat(ticked.from(Source.FROM_KIT)).anySatisfy(l -> assertThat(l.role()).isEqualTo("battery-strap"));
        assertThatThrownBy(() -> BillAssembler.assemble(report, List.of(new NotTaken("strap", 1, "why", "Orla M."))))
                .hasMessageContaining("it has 1, counted from 0");
    }

    @ParameterizedTest
    @CsvSource({"1, 1", "2, 0"})
    void whatAFindingTakesOutOfTheBoxIsNotLaidOutTwice(int used, int left) {
        Bill bill = bill(asking(straps(used, Supply.KIT)));
        assertThat(bill.from(Source.FROM_KIT).filter(l -> l.checkId().equals("strap"))).singleElement()
                .satisfies(l -> assertThat(l.count()).isEqualTo(used));
        assertThat(
                bill.from(Source.FROM_KIT).filter(l -> l.name().equals("Strap") && l.checkId().isEmpty()).mapToInt(BillLine::count).sum())
                .isEqualTo(left);
        assertThat(bill.from(Source.BACK_IN_DRAWER)).isEmpty();
    }

    /** The customer's own pedals are moved over, unless new ones take their place. */
    @Test
    void whatIsReplacedIsNotMovedOver() {
        assertThat(bill(asking()).from(Source.MOVED_OVER)).extracting(BillLine::name).containsExactly("Pedals");
        assertThat(bill(asking(Remedy.part(new PartNeed("P1", "Pedals, new", 1, Supply.DRAWER, "", "pedals"), "p").replacing("pedals")))
                .from(Source.MOVED_OVER)).isEmpty();
    }
}
