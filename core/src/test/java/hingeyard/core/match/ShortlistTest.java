package hingeyard.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.JobKind;
import hingeyard.core.booking.LegalClass;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.NeedWish;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitReport;
import hingeyard.core.fit.Known;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Mass;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.Drawers;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ShortlistTest {

    private static final FitAssessor ASSESSOR = new FitAssessor(FitCheckCatalogue.all());
    private static final Drawers DRAWERS = GivenKits.drawers("");
    private static final FitCase.Bike BIKE = new FitCase.Bike(BikeKind.DIAMOND, Given.survey(GivenKits.BIKE),
            new RiderNeed(Map.of(NeedAmount.DISTANCE, 20_000L), Set.of(), LegalClass.OPEN), Set.of());

    private static List<Candidate> candidates() {
        List<Candidate> candidates = new ArrayList<>();
        Random random = new Random(9);
        for (String family : List.of("mid", "front", "rear-cassette", "rear-thread", "roller", "second")) {
            for (int i = 0; i < 6; i++) {
                Kit kit = GivenKits.kit(family + " teeth=" + (38 + 2 * i) + ";limit=" + (14 + i));
                Battery b = kit.battery();
                Battery heavier = new Battery(b.code(), b.name(), b.cellsInSeries(), b.milliampereHours(), b.continuous(), b.cutOff(),
                        Mass.ofKilograms("3." + random.nextInt(3)), b.length(), b.height(), b.casing(), b.plug(), b.charger());
                candidates.add(new Candidate(
                        new Kit(kit.code() + i, kit.maker(), kit.name() + i, kit.drive(), kit.controller(), heavier, kit.equipment(),
                                kit.contents()),
                        random.nextInt(2),
                        1000 * random.nextInt(4), 5 * random.nextInt(3), 0));
            }
        }
        return candidates;
    }

    private static Shortlist.Wanted wanted(FitCase.Bike bike) {
        return new Shortlist.Wanted(bike, JobKind.DRIVE_KIT);
    }

    /** Counts what it is asked. */
    private static Costing costing(AtomicInteger asked) {
        return new Costing() {

            @Override
            public int minutes(FitReport match) {
                asked.incrementAndGet();
                return 60 + match.findings().size();
            }

            @Override
            public long total(FitReport match) {
                return 100_000 + match.kit().battery().milliampereHours() * 5L;
            }
        };
    }

    private static List<ShortlistRow> rows(List<Candidate> candidates) {
        return new Shortlist(ASSESSOR).of(wanted(BIKE), candidates, DRAWERS, ShopRules.standard(), costing(new AtomicInteger()));
    }

    @Test
    void everyCandidateHasOneRowBestVerdictFirst() {
        List<ShortlistRow> rows = rows(candidates());
        assertThat(rows).hasSameSizeAs(candidates());
        assertThat(rows).extracting(r -> r.brief().goesOn() ? 0 : r.brief().verdict() == Verdict.MEASURE ? 1 : 2)
                .as("what goes on, what is to be measured, what does not").isSorted();
        assertThat(rows.stream().filter(r -> r.brief().goesOn())).extracting(ShortlistRow::missed)
                .as("what misses the need below what meets it").isSorted();
        for (ShortlistRow row : rows) {
            FitReport whole = ASSESSOR.assess(new FitCase(BIKE, row.kit(), DRAWERS, ShopRules.standard()));
            assertThat(row.brief().headline()).isEqualTo(whole.headline());
            assertThat(row.brief().strip())
                    .isEqualTo(whole.findings().stream().map(f -> new Brief.Knuckle(f.checkId(), f.title(), f.verdict())).toList());
            assertThat(row.minutes().isPresent()).isEqualTo(row.brief().goesOn());
            row.ride().ifPresent(ride -> assertThat(row.reserve()).contains(Math.min(ride.thumbRange(), ride.physicsRange()) - 20));
        }
    }

    @Test
    void theOrderTheCandidatesAreReadInChangesNothing() {
        List<Candidate> shuffled = candidates();
        Collections.shuffle(shuffled, new Random(1));
        assertThat(rows(shuffled)).isEqualTo(rows(candidates()));
    }

    /** A row folds under another of its family only when that one is as good in everything: said here once more, in other words. */
    @Test
    void aRowFoldsOnlyUnderOneThatIsNoWorseInAnything() {
        List<ShortlistRow> rows = rows(candidates());
        assertThat(rows).anyMatch(r -> !r.dominatedBy().isEmpty());
        for (ShortlistRow row : rows) {
            List<ShortlistRow> better = rows.stream().filter(o -> o != row && o.brief().goesOn() && row.brief().goesOn()
                    && o.candidate().kit().drive().family().equals(row.candidate().kit().drive().family()) && noWorse(o, row)
                    && !noWorse(row, o)).toList();
            assertThat(row.dominatedBy().isEmpty()).as(row.candidate().kit().code()).isEqualTo(better.isEmpty());
            assertThat(better.stream().map(o -> o.candidate().kit().code())).as("folded under one of these")
                    .containsAll(row.dominatedBy().isEmpty() ? List.of() : List.of(row.dominatedBy()));
        }
    }

    private static RiderNeed need(Map<NeedAmount, Long> amounts, NeedWish... wishes) {
        return new RiderNeed(amounts, Set.of(wishes), LegalClass.OPEN);
    }

    static Stream<RiderNeed> needs() {
        return Stream.of(need(Map.of()), need(Map.of(NeedAmount.STEEPEST, 120L)), need(Map.of(NeedAmount.DISTANCE, 70_000L)),
                need(Map.of(), NeedWish.MUST_CARRY), need(Map.of(NeedAmount.BUDGET, 165_000L)),
                need(Map.of(NeedAmount.STEEPEST, 250L, NeedAmount.DISTANCE, 60_000L, NeedAmount.BUDGET, 170_000L), NeedWish.MUST_CARRY,
                        NeedWish.THROTTLE));
    }

    /** The order said once more as a list of figures, on a bike where some kits go on, some are to be measured and some never will. */
    @ParameterizedTest
    @MethodSource("needs")
    void theRowsStandInTheOrderOfTheirFigures(RiderNeed need) {
        FitCase.Bike bike = new FitCase.Bike(BikeKind.DIAMOND,
                Given.survey(GivenKits.bike("-rear.over-locknut;front.fork-material=carbon;bracket.shell-width=120")), need, Set.of());
        List<Candidate> candidates = candidates();
        Random random = new Random(31);
        for (String family : List.of("mid", "front", "frame", "roller", "rear-cassette", "second")) {
            for (int i = 0; i < 4; i++) {
                Kit kit = GivenKits.kit(family + " hold=" + (i % 2 == 0 ? "bag" : "straps") + ";pack-height=" + (60 + 40 * i));
                candidates.add(new Candidate(new Kit(kit.code() + "H" + i, kit.maker(), kit.name() + i % 2, kit.drive(), kit.controller(),
                        kit.battery(), kit.equipment(), kit.contents()), random.nextInt(2), 1000 * random.nextInt(3), 5, 0));
            }
        }
        for (FitCase.Bike one : List.of(bike, new FitCase.Bike(BikeKind.DIAMOND, Given.survey(GivenKits.BIKE), need, Set.of()))) {
            List<ShortlistRow> rows = new Shortlist(ASSESSOR).of(wanted(one), candidates, DRAWERS, ShopRules.standard(),
                    costing(new AtomicInteger()));
            for (int i = 1; i < rows.size(); i++) {
                List<Comparable<?>> upper = figures(rows.get(i - 1), need);
                List<Comparable<?>> lower = figures(rows.get(i), need);
                assertThat(compare(upper, lower)).as("%s above %s", upper, lower).isNotPositive();
            }
        }
    }

    private static List<Comparable<?>> figures(ShortlistRow row, RiderNeed need) {
        List<Comparable<?>> figures = new ArrayList<>(List.of(row.brief().goesOn() ? 0 : row.brief().verdict() == Verdict.MEASURE ? 1 : 2,
                (int) row.answers().stream().filter(a -> !a.met()).count(), row.brief().never(),
                row.brief().forbids(), row.brief().toMeasure(),
                (int) row.brief().strip().stream().filter(k -> k.verdict() == Verdict.TRADE_OFF).count()));
        need.amount(NeedAmount.STEEPEST)
                .ifPresent(s -> figures.add(Math.max(0, s / 10.0 - (row.ride().isPresent() ? row.ride().get().climb() : 0))));
        need.amount(NeedAmount.DISTANCE).ifPresent(
                d -> figures.add(Math.max(0, d / 1000.0 * ShopRules.standard().value(NumberRule.RANGE_RESERVE).doubleValue() / 100
                        - (row.reserve().isPresent() ? row.reserve().get() : 0))));
        if (need.wishes().contains(NeedWish.MUST_CARRY)) {
            figures.add(row.kit().addedMass().grams());
        }
        need.amount(NeedAmount.BUDGET).ifPresent(b -> figures.add(row.total().orElse(Long.MAX_VALUE)));
        figures.addAll(List.of(row.candidate().readyInDays(), row.candidate().priceMinor(), row.kit().fullName(), row.kit().code()));
        return figures;
    }

    @SuppressWarnings("unchecked")
    private static int compare(List<Comparable<?>> a, List<Comparable<?>> b) {
        for (int i = 0; i < a.size(); i++) {
            int by = ((Comparable<Object>) a.get(i)).compareTo(b.get(i));
            if (by != 0) {
                return by;
            }
        }
        return 0;
    }

    /** What the strip and its counts say is what the whole report says. */
    @Test
    void aBriefCountsWhatTheReportSays() {
        FitCase.Bike bike = new FitCase.Bike(BikeKind.DIAMOND,
                Given.survey(GivenKits.bike("bracket.shell-width=120;front.fork-material=carbon;-rear.over-locknut;-bracket.spindle")),
                RiderNeed.none(), Set.of());
        int forbids = 0;
        int never = 0;
        int toMeasure = 0;
        for (String family : GivenKits.families()) {
            FitReport report = ASSESSOR.assess(new FitCase(bike, GivenKits.kit(family), DRAWERS, ShopRules.standard()));
            Brief brief = Brief.of(report);
            int no = 0;
            int fixed = 0;
            for (Finding f : report.findings()) {
                no += f.verdict() == Verdict.NO_FIT ? 1 : 0;
                fixed += f.verdict() == Verdict.NO_FIT && !f.overridable() ? 1 : 0;
            }
            assertThat(brief.forbids()).as(family).isEqualTo(no);
            assertThat(brief.never()).as(family).isEqualTo(fixed);
            assertThat(brief.toMeasure()).as(family).isEqualTo(report.toMeasure().size());
            assertThat(brief.verdict()).isEqualTo(report.verdict());
            assertThat(brief.goesOn()).isEqualTo(report.goesOn());
            forbids += no;
            never += fixed;
            toMeasure += report.toMeasure().size();
        }
        assertThat(List.of(forbids - never, never, toMeasure)).as("each of them occurs").allMatch(n -> n > 0);
    }

    private static boolean noWorse(ShortlistRow a, ShortlistRow b) {
        var mine = a.ride();
        var theirs = b.ride();
        boolean asFar = mine.isEmpty() || mine.get().thumbRange() >= theirs.get().thumbRange() - 1e-9
                && mine.get().physicsRange() >= theirs.get().physicsRange() - 1e-9
                && mine.get().topSpeed() >= theirs.get().topSpeed() - 1e-9 && mine.get().climb() >= theirs.get().climb() - 1e-9;
        return a.brief().verdict().compareTo(b.brief().verdict()) <= 0 && a.candidate().readyInDays() <= b.candidate().readyInDays()
                && a.candidate().priceMinor() <= b.candidate().priceMinor()
                && a.minutes().orElse(0) <= b.minutes().orElse(0)
                && a.candidate().kit().addedMass().grams() <= b.candidate().kit().addedMass().grams() && asFar;
    }

    @Test
    void aBoxWithAnotherBatteryIsReadyWhenBothLieThere() {
        Kit kit = GivenKits.kit("mid");
        Kit other = kit.with(new Battery("OTHER", kit.battery().name(), kit.battery().cellsInSeries(), kit.battery().milliampereHours(),
                kit.battery().continuous(), kit.battery().cutOff(), kit.battery().mass(),
                kit.battery().length(), kit.battery().height(), kit.battery().casing(), kit.battery().plug(), kit.battery().charger()));
        assertThat(new Candidate(kit, 1, 0, 9, 0).readyInDays()).isZero();
        assertThat(new Candidate(other, 1, 0, 9, 0).readyInDays()).isEqualTo(9);
        assertThat(new Candidate(other, 1, 0, 9, 2).readyInDays()).isZero();
        assertThat(new Candidate(kit, 0, 0, 9, 2).readyInDays()).isEqualTo(9);
    }

    /** What many kits share is worked out once: that may never change an answer. */
    @Test
    void sharedWorkChangesNoFinding() {
        Known known = new Known();
        List<String> tweaks = List.of("", "cells=10;max=42", "limit=30;settable=15", "throttle=yes", "hold=bag", "hold=straps",
                "teeth=52;plane=20", "pack=500;pack-height=140", "pack=300", "arms=0", "rotor=no");
        for (String family : GivenKits.families()) {
            for (String tweak : tweaks) {
                Kit kit = GivenKits.kit(family + " " + tweak);
                FitReport alone = ASSESSOR.assess(new FitCase(BIKE, kit, DRAWERS, ShopRules.standard()));
                assertThat(ASSESSOR.assess(new FitCase(BIKE, kit, DRAWERS, ShopRules.standard(), known))).as(family + " " + tweak)
                        .isEqualTo(alone);
            }
        }
    }

    /**
     * Whatever moves in the drawers, what an earlier shortlist knows never changes an answer, and spares every kit that asks for none of
     * it.
     */
    @Test
    void whatDidNotMoveIsNotMatchedAgain() {
        AtomicInteger judged = new AtomicInteger();
        Shortlist shortlist = new Shortlist(ASSESSOR);
        List<Candidate> candidates = candidates();
        Random random = new Random(23);
        Drawers drawers = GivenKits.drawers(
                "S10 bracket-spacer 4 t=1.0 i=34 o=42;S25 bracket-spacer 2 t=2.5 i=34 o=42;W10 axle-washer 3 t=1.0 i=12.2 o=22;SW safety-washer 2 t=2 i=12.2 o=22;"
                        + "A90 torque-arm 1 len=90 span=0..12;B5 motor-block 1 t=5;SL bar-sleeve 2 t=1 i=22.2 o=25.4;DM display-mount 1;X1 nobody-asks 3;X2 nobody-asks 1");
        Shortlist.Answer before = shortlist.of(wanted(BIKE), candidates, drawers, ShopRules.standard(), costing(judged), Optional.empty());
        int all = judged.get();
        int spared = 0;
        for (int round = 0; round < 40; round++) {
            List<DrawerPart> parts = drawers.parts();
            drawers = drawers.withFree(Map.of(parts.get(random.nextInt(parts.size())).number(), random.nextInt(3)));
            judged.set(0);
            Shortlist.Answer now = shortlist.of(wanted(BIKE), candidates, drawers, ShopRules.standard(), costing(judged),
                    Optional.of(before));
            spared += judged.get() < all ? 1 : 0;
            assertThat(now.rows()).as("round " + round)
                    .isEqualTo(shortlist.of(wanted(BIKE), candidates, drawers, ShopRules.standard(), costing(new AtomicInteger())));
            before = now;
        }
        assertThat(spared).isGreaterThan(30);
    }

    /** Prices and boxes are a candidate's own; another bike or other rules are matched from the beginning. */
    @Test
    void anEarlierShortlistIsOfNoUseForAnotherBikeOrOtherRules() {
        Shortlist shortlist = new Shortlist(ASSESSOR);
        Costing costing = costing(new AtomicInteger());
        List<Candidate> candidates = candidates();
        Shortlist.Answer before = shortlist.of(wanted(BIKE), candidates, DRAWERS, ShopRules.standard(), costing, Optional.empty());
        List<Candidate> dearer = candidates.stream()
                .map(c -> new Candidate(c.kit(), c.boxes(), c.priceMinor() + 500, c.leadDays(), c.batteries())).toList();
        assertThat(shortlist.of(wanted(BIKE), dearer, DRAWERS, ShopRules.standard(), costing, Optional.of(before)).rows())
                .isEqualTo(shortlist.of(wanted(BIKE), dearer, DRAWERS, ShopRules.standard(), costing));
        FitCase.Bike other = new FitCase.Bike(BikeKind.DIAMOND, Given.survey(GivenKits.bike("bracket.shell-width=120")), BIKE.need(),
                Set.of());
        assertThat(shortlist.of(wanted(other), candidates, DRAWERS, ShopRules.standard(), costing, Optional.of(before)).rows())
                .isEqualTo(shortlist.of(wanted(other), candidates, DRAWERS, ShopRules.standard(), costing));
        ShopRules strict = ShopRules.standard().with(LengthRule.LEVER_REACH, Length.ofMillimetres(60));
        assertThat(shortlist.of(wanted(BIKE), candidates, DRAWERS, strict, costing, Optional.of(before)).rows())
                .isEqualTo(shortlist.of(wanted(BIKE), candidates, DRAWERS, strict, costing));
        assertThat(BIKE).isEqualTo(new FitCase.Bike(BikeKind.DIAMOND, Given.survey(GivenKits.BIKE), BIKE.need(), Set.of()));
    }
}
