package hingeyard.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Cases;
import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.JobKind;
import hingeyard.core.booking.LegalClass;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.NeedWish;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitReport;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import hingeyard.core.kit.Kit;
import hingeyard.core.rules.ShopRules;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What was asked for, met or not, and why; and the order that follows from it. */
class NeedCheckTest {

    private static final FitAssessor ASSESSOR = new FitAssessor(FitCheckCatalogue.all());
    private static final Costing COSTING = new Costing() {

        @Override
        public int minutes(FitReport match) {
            return 120;
        }

        @Override
        public long total(FitReport match) {
            return match.kit().code().contains("MID") ? 200_000 : 120_000;
        }
    };

    /** {@code DISTANCE=30 km;MUST_FOLD} */
    private static RiderNeed need(String said) {
        Map<NeedAmount, String> amounts = new EnumMap<>(NeedAmount.class);
        Set<NeedWish> wishes = EnumSet.noneOf(NeedWish.class);
        Stream.of(said.split(";")).map(String::strip).filter(s -> !s.isEmpty()).forEach(s -> {
            if (s.contains("=")) {
                amounts.put(NeedAmount.valueOf(s.split("=")[0]), s.split("=")[1]);
            } else {
                wishes.add(NeedWish.valueOf(s));
            }
        });
        return RiderNeed.read(amounts, wishes, LegalClass.OPEN);
    }

    private static Shortlist.Wanted wanted(String kind, String need, JobKind job) {
        return new Shortlist.Wanted(new FitCase.Bike(BikeKind.valueOf(kind), Given.survey(GivenKits.BIKE), need(need), Set.of()), job);
    }

    private static List<ShortlistRow> rows(Shortlist.Wanted wanted, String... kits) {
        return new Shortlist(ASSESSOR).of(wanted, Stream.of(kits).map(k -> new Candidate(GivenKits.kit(k), 1, 100_000, 5, 0)).toList(),
                GivenKits.drawers(""), ShopRules.standard(), COSTING);
    }

    static Stream<Arguments> cases() {
        return Cases.of("/hingeyard/core/match/needs.txt");
    }

    @ParameterizedTest
    @MethodSource("cases")
    void everyWishIsAnsweredWithItsReason(String kind, String need, String job, String kit, String asked, String met, String why) {
        ShortlistRow row = rows(wanted(kind, need, JobKind.valueOf(job)), kit).get(0);
        assertThat(row.answers()).singleElement().satisfies(a -> {
            assertThat(a.asked()).isEqualTo(Asked.valueOf(asked));
            assertThat(a.why().toString()).isEqualTo(why);
            assertThat(a.met()).isEqualTo(met.equals("yes"));
        });
        assertThat(row.missed()).isEqualTo(met.equals("yes") ? 0 : 1);
    }

    /** What a kit costs that does not go on is not known: neither met nor missed. */
    @Test
    void aBudgetIsNotAnsweredBeforeTheKitGoesOn() {
        FitCase.Bike bike = new FitCase.Bike(BikeKind.DIAMOND, Given.survey(GivenKits.bike("-bracket.shell-width")), need("BUDGET=1500"),
                Set.of());
        ShortlistRow row = rows(new Shortlist.Wanted(bike, JobKind.DRIVE_KIT), "mid").get(0);
        assertThat(row.brief().goesOn()).isFalse();
        assertThat(row.answers()).isEmpty();
        assertThat(row.missed()).isZero();
    }

    @Test
    void nothingAskedNothingAnswered() {
        assertThat(rows(wanted("DIAMOND", "", JobKind.DRIVE_KIT), "mid", "front")).allSatisfy(r -> assertThat(r.answers()).isEmpty());
    }

    /** One bike, two riders, two orders. */
    @Test
    void theOrderFollowsWhatWasAsked() {
        String[] kits = {"mid", "front torque=15", "mid throttle=yes", "front torque=15;hold=bag"};
        assertThat(codes(rows(wanted("DIAMOND", "BUDGET=1500", JobKind.DRIVE_KIT), kits)).get(0)).contains("FRONT");
        assertThat(codes(rows(wanted("DIAMOND", "STEEPEST=12 %", JobKind.DRIVE_KIT), kits)).get(0)).contains("MID");
        assertThat(codes(rows(wanted("DIAMOND", "", JobKind.FRONT_HUB), kits)).get(0)).contains("FRONT");
        ShortlistRow throttle = rows(wanted("DIAMOND", "THROTTLE", JobKind.DRIVE_KIT), kits).get(0);
        assertThat(throttle.kit().equipment().throttle()).isTrue();
    }

    private static List<String> codes(List<ShortlistRow> rows) {
        return rows.stream().map(r -> r.kit().code()).toList();
    }

    @Test
    void whatMissesTheNeedStandsBelowWhatMeetsIt() {
        List<ShortlistRow> rows = rows(wanted("DIAMOND", "BUDGET=1500;THROTTLE", JobKind.FRONT_HUB), "mid", "front", "mid throttle=yes",
                "front throttle=yes", "roller", "rear-cassette");
        assertThat(rows.stream().filter(r -> r.brief().goesOn())).extracting(ShortlistRow::missed).isSorted();
        assertThat(rows.get(0).missed()).isZero();
    }

    /** Where nothing goes on, the nearest miss stands first: fewer refusals before more, those that nobody may override last. */
    @Test
    void theNearestMissesAreToldWithWhatWouldTurnThem() {
        Shortlist shortlist = new Shortlist(ASSESSOR);
        FitCase.Bike bike = new FitCase.Bike(BikeKind.DIAMOND,
                Given.survey(GivenKits.bike("bracket.shell-width=120;front.fork-material=carbon")), RiderNeed.none(), Set.of());
        List<Candidate> candidates = Stream.of("mid", "front", "mid hold=bag").map(k -> new Candidate(GivenKits.kit(k), 1, 100_000, 5, 0))
                .toList();
        Shortlist.Answer answer = shortlist.of(new Shortlist.Wanted(bike, JobKind.DRIVE_KIT), candidates, GivenKits.drawers(""),
                ShopRules.standard(), COSTING, java.util.Optional.empty());
        List<FitReport> nearest = shortlist.nearest(answer);
        assertThat(nearest).isNotEmpty().allSatisfy(r -> assertThat(r.goesOn()).isFalse());
        assertThat(answer.rows()).extracting(r -> r.brief().never()).isSorted();
        assertThat(nearest.get(0).kit()).isEqualTo(answer.rows().get(0).kit());
        Kit mid = GivenKits.kit("mid");
        Shortlist.Answer fits = shortlist.of(wanted("DIAMOND", "", JobKind.DRIVE_KIT), List.of(new Candidate(mid, 1, 0, 0, 0)),
                GivenKits.drawers(""), ShopRules.standard(), COSTING, java.util.Optional.empty());
        assertThat(shortlist.nearest(fits)).as("not where something fits").isEmpty();
    }
}
