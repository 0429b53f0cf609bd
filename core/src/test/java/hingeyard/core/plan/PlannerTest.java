package hingeyard.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.floor.SpecialTool;
import hingeyard.core.plan.Cause.Kind;
import java.time.LocalDateTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Plans of shops that chance made, before a judge who does not know how they came about. */
class PlannerTest {

    private static final int SHOPS = 10_000;

    @Test
    void noPlanOfTenThousandShopsIsImpossible() {
        RandomShops shops = new RandomShops(11);
        int placed = 0;
        int unplanned = 0;
        for (int i = 0; i < SHOPS; i++) {
            PlanQuestion question = shops.shop(5, 5, 9);
            Plan plan = Planner.plan(question, 6);
            assertThat(PlanJudge.faults(question, plan)).as("shop %d", i).isEmpty();
            placed += plan.legs().size();
            unplanned += plan.unplanned().size();
        }
        // Both kinds are met often enough for the judge to have looked at something.
        assertThat(placed).isGreaterThan(3 * SHOPS);
        assertThat(unplanned).isGreaterThan(SHOPS / 10);
    }

    @Test
    void theSameQuestionHasTheSamePlanWhateverTheOrderItIsAskedIn() {
        PlanQuestion question = new RandomShops(12).soundShop(5, 4, 20);
        List<PlanJob> turned = new java.util.ArrayList<>(question.jobs());
        java.util.Collections.reverse(turned);
        assertThat(Planner.plan(question.withJobs(turned), 200)).isEqualTo(Planner.plan(question, 200));
    }

    @Test
    void searchingLongerIsNeverWorseAndOftenBetterThanAForeman() {
        RandomShops shops = new RandomShops(13);
        int better = 0;
        for (int i = 0; i < 12; i++) {
            PlanQuestion question = shops.soundShop(4, 4, 25);
            Worth foreman = Planner.firstComeFirstServed(question).worth();
            Worth none = Planner.plan(question, 0).worth();
            Worth some = Planner.plan(question, 400).worth();
            assertThat(none.compareTo(foreman)).isLessThanOrEqualTo(0);
            assertThat(some.compareTo(none)).isLessThanOrEqualTo(0);
            better += some.late() < foreman.late() || some.late() == foreman.late() && some.effort() < foreman.effort() ? 1 : 0;
        }
        assertThat(better).isGreaterThan(10);
    }

    @Test
    void planningAgainMovesNothingWhenNothingChanged() {
        RandomShops shops = new RandomShops(14);
        for (int i = 0; i < 40; i++) {
            PlanQuestion question = shops.shop(5, 5, 12);
            Plan plan = Planner.plan(question, 50);
            assertThat(Planner.again(question, plan, 0)).isEqualTo(plan);
            // The same of one that was made from an earlier one.
            Plan later = Planner.again(question, Planner.again(question.withWorkers(question.workers().stream()
                    .map(w -> w.away(List.of())).toList()), plan, 30), 30);
            assertThat(Planner.again(question, later, 0).legs()).isEqualTo(later.legs());
        }
    }

    @Test
    void whatNeedNotMoveStaysWhenSomebodyIsIll() {
        RandomShops shops = new RandomShops(15);
        int moved = 0;
        int movedFromScratch = 0;
        for (int i = 0; i < 12; i++) {
            PlanQuestion question = shops.soundShop(5, 5, 25);
            Plan plan = Planner.plan(question, 200);
            java.time.LocalDate day = question.now().toLocalDate().plusDays(1);
            PlanQuestion ill = question.withWorkers(question.workers().stream()
                    .map(w -> w.name().equals("P3") ? w.away(List.of(new hingeyard.core.people.Absence(day, day, "ill"))) : w).toList());
            Plan again = Planner.again(ill, plan, 200);
            assertThat(PlanJudge.faults(ill, again)).isEmpty();
            moved += PlanDifference.of(ill, plan, again).size();
            movedFromScratch += PlanDifference.of(ill, plan, Planner.plan(ill, 200)).size();
        }
        assertThat(moved).isLessThan(movedFromScratch * 2 / 3);
    }

    /** Whatever is told as a reason binds: without it, all other legs where they are, the leg could begin earlier. */
    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23, 24})
    void everyLinkOfEveryChainBinds(long seed) {
        RandomShops shops = new RandomShops(seed);
        Set<Kind> met = EnumSet.noneOf(Kind.class);
        for (int i = 0; i < 150; i++) {
            PlanQuestion question = shops.shop(4, 4, 12);
            Plan plan = Planner.plan(question, 10);
            for (PlacedLeg leg : plan.legs()) {
                assertThat(Causes.earliest(question, plan, leg.job(), leg.leg().ordinal(), Set.of())).as("shop %d, %d %s", i, leg.job(),
                        leg.leg().title()).isEqualTo(leg.start());
                List<Cause> chain = Causes.of(question, plan, leg.job(), leg.leg().ordinal());
                assertThat(chain).isNotEmpty();
                for (Cause link : chain) {
                    met.add(link.kind());
                    LocalDateTime then = Causes.earliest(question, plan, link.job(), link.ordinal(), EnumSet.of(link.kind()));
                    if (link.kind() == Kind.NOTHING) {
                        assertThat(Causes.earliest(question, plan, link.job(), link.ordinal(), EnumSet.allOf(Kind.class)))
                                .isAfterOrEqualTo(link.start().isAfter(question.now()) ? link.start() : question.now());
                    } else {
                        assertThat(link.without()).isEqualTo(then);
                    }
                }
                // It goes back in time and never in a circle.
                for (int k = 1; k < chain.size(); k++) {
                    assertThat(chain.get(k).start()).isBeforeOrEqualTo(chain.get(k - 1).start());
                }
            }
        }
        assertThat(met).contains(Kind.WAIT, Kind.EARLIER_LEG, Kind.STAND, Kind.HANDS, Kind.TOOL, Kind.HOURS, Kind.SAID,
                Kind.NOTHING);
    }

    @Test
    void whatWouldHelpHelpsAsItIsTold() {
        RandomShops shops = new RandomShops(31);
        int helped = 0;
        for (int i = 0; i < 25; i++) {
            PlanQuestion question = shops.soundShop(3, 3, 12);
            Plan plan = Planner.plan(question, 60);
            long job = plan.finishes().entrySet().stream().max(java.util.Map.Entry.comparingByValue()).orElseThrow().getKey();
            List<List<Cause>> chains = plan.of(job).stream().map(l -> Causes.of(question, plan, job, l.leg().ordinal())).toList();
            List<Help> helps = Helps.of(question, plan, job, chains);
            assertThat(helps).isSortedAccordingTo(java.util.Comparator.comparing(Help::finish));
            LocalDateTime before = plan.finish(job).orElseThrow();
            for (Help help : helps) {
                assertThat(help.gain() > 0).isEqualTo(help.finish().toLocalDate().isBefore(before.toLocalDate()) && help.gain() > 0);
                assertThat(help.later()).doesNotContain(job);
            }
            helped += helps.get(0).gain() > 0 ? 1 : 0;
        }
        assertThat(helped).isGreaterThan(12);
    }

    /** Two bikes, two people, two stands and one puller, and the job whose bike comes second waits for it. */
    @Test
    void whoeverTakesTheOnlyOneOfAToolSecondWaitsForItAndIsToldSo() {
        PlanQuestion shop = new RandomShops(5).soundShop(2, 2, 2);
        PlanQuestion one = shop.withJobs(shop.jobs().stream().map(j -> j.with(List.of(new Leg(0, "crank off", LegPlace.STAND, Set.of(), 90,
                false, Optional.empty(), List.of(), List.of(), Set.of("puller"), Optional.empty())))).toList())
                .withTools(List.of(new SpecialTool("puller", 1)));
        Plan plan = Planner.plan(one, 50);
        assertThat(PlanJudge.faults(one, plan)).isEmpty();
        List<PlacedLeg> legs = plan.legs();
        assertThat(legs.get(1).start()).isEqualTo(legs.get(0).end());
        Cause why = Causes.of(one, plan, legs.get(1).job(), 0).get(0);
        assertThat(why.kind()).isEqualTo(Kind.TOOL);
        assertThat(why.sentence()).startsWith("The only puller is in use until then (%d, crank off, until ".formatted(legs.get(0).job()));
        assertThat(why.by()).contains(new Cause.Of(legs.get(0).job(), 0));
        List<Help> helps = Helps.of(one, plan, legs.get(1).job(), List.of(List.of(why)));
        assertThat(helps).filteredOn(h -> h.what().equals("one more puller")).singleElement()
                .satisfies(h -> assertThat(h.finish()).isEqualTo(legs.get(0).end()));
        PlanQuestion two = one.withTools(List.of(new SpecialTool("puller", 2)));
        assertThat(Planner.plan(two, 50).legs()).extracting(PlacedLeg::start).containsOnly(legs.get(0).start());
    }

    @Test
    void whatIsForbiddenIsNotPlannedAndWhoeverAsksIsToldBySaying() {
        PlanQuestion shop = new RandomShops(6).soundShop(2, 1, 1);
        PlanQuestion simple = shop
                .withJobs(shop.jobs().stream().map(j -> j.with(List.of(new Leg(0, "mounting", LegPlace.STAND, Set.of(), 60,
                        false, Optional.empty(), List.of(), List.of())))).toList());
        long job = simple.jobs().get(0).number();
        PlacedLeg free = Planner.plan(simple, 10).legs().get(0);
        PlanQuestion notBy = simple.with(job, j -> j.pinned(
                new Pin(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(free.person()))));
        assertThat(Planner.plan(notBy, 10).legs().get(0).person()).isNotEqualTo(free.person());
        PlanQuestion notOn = simple.with(job, j -> j.pinned(
                new Pin(Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(1), Optional.empty())));
        assertThat(Planner.plan(notOn, 10).unplanned()).singleElement().satisfies(
                u -> assertThat(u.why()).isEqualTo("No stand but 1, on which it is not to be, is rated for the bike with its kit."));
        PlanQuestion nobody = notBy.withWorkers(notBy.workers().stream().filter(w -> w.name().equals(free.person())).toList());
        assertThat(Planner.plan(nobody, 10).unplanned()).singleElement()
                .satisfies(u -> assertThat(u.why()).contains("Nobody but " + free.person() + " does 'mounting'"));
    }

    @Test
    void whatCuresIsWaitedForAndTold() {
        PlanQuestion shop = new RandomShops(5).soundShop(2, 2, 1);
        long job = shop.jobs().get(0).number();
        Leg studs = new Leg(0, "studs", LegPlace.STAND, Set.of(), 40, false, Optional.empty(), List.of(), List.of());
        Leg levers = new Leg(1, "levers", LegPlace.STAND, Set.of(), 30, false, Optional.empty(), List.of(), List.of());
        PlanQuestion cures = shop.with(job, j -> j.with(List.of(studs, levers.resting(new Leg.Rested(0, 60, "the locker cures")))));
        Plan plan = Planner.plan(cures, 10);
        PlacedLeg first = plan.of(job).get(0);
        PlacedLeg second = plan.of(job).get(1);
        assertThat(second.start()).isEqualTo(first.end().plusMinutes(60));
        assertThat(Causes.of(cures, plan, job, 1).get(0).sentence()).startsWith("'studs' is done ")
                .endsWith(" it waits because the locker cures.");
        assertThat(Promises.by(cures, plan, new Spread(0, 0, 0, 1), 0.5).get(job)).isEqualTo(second.end());
    }

    /** What was agreed stands when one job of it is put off: nobody else is later, and few move at all. */
    @Test
    void whatWasAgreedStandsWhateverHappensToOneJob() {
        RandomShops shops = new RandomShops(61);
        int others = 0;
        int carried = 0;
        int anew = 0;
        for (int i = 0; i < 40; i++) {
            PlanQuestion question = shops.busyShop(4, 4, 20);
            Plan agreed = Planner.plan(question, 100);
            assertThat(Planner.carriedOn(question, agreed).legs()).isEqualTo(agreed.legs());
            long off = question.jobs().get(i % question.jobs().size()).number();
            PlanQuestion put = question.with(off, j -> j.pinned(new Pin(Optional.empty(), Optional.empty(),
                    Optional.of(question.now().toLocalDate().plusDays(9)))));
            Plan then = Planner.carriedOn(put, agreed);
            assertThat(PlanJudge.faults(put, then)).isEmpty();
            List<PlanDifference.Moved> moved = PlanDifference.of(put, agreed, then).stream().filter(m -> m.job() != off).toList();
            assertThat(moved).as("later").noneMatch(m -> m.days() > 0);
            others += question.jobs().size() - 1;
            carried += moved.size();
            anew += (int) PlanDifference.of(put, agreed, Planner.again(put, agreed, 0)).stream().filter(m -> m.job() != off).count();
        }
        assertThat(carried).isLessThan(others / 10).isLessThan(anew / 3);
    }

    @Test
    void whatIsCarriedOnCanBeWorkedByWhateverHappens() {
        RandomShops shops = new RandomShops(62);
        for (int i = 0; i < 400; i++) {
            PlanQuestion question = shops.shop(5, 5, 14);
            Plan agreed = Planner.plan(question, 5);
            // Others of the same numbers: nearly everything has changed.
            PlanQuestion other = shops.shop(5, 5, 14);
            assertThat(PlanJudge.faults(other, Planner.carriedOn(other, agreed))).as("shop %d", i).isEmpty();
            assertThat(PlanJudge.faults(question, Planner.carriedOn(question, agreed))).as("shop %d", i).isEmpty();
        }
    }
}
