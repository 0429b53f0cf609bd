package hingeyard.core.match;

import hingeyard.core.bench.RideAnswer;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.JobKind;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.NeedWish;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.explain.Sentence;
import hingeyard.core.fit.FitReport;
import hingeyard.core.kit.BatteryHold;
import hingeyard.core.kit.CockpitKind;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Mass;
import hingeyard.core.quantity.Scale;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;

/** Does a kit give the rider what he asked for? Only what was asked is answered. */
final class NeedCheck {

    /** Batteries that are in nobody's eye. */
    private static final Set<BatteryHold> HIDDEN = EnumSet.of(BatteryHold.BAG, BatteryHold.FRAME_BAY);

    private final List<Answered> answers = new ArrayList<>();
    private final FitReport report;
    private final Kit kit;
    private final RiderNeed need;
    private final ShopRules rules;

    private NeedCheck(FitReport report) {
        this.report = report;
        this.kit = report.kit();
        this.need = report.bike().need();
        this.rules = report.rules();
    }

    /** @param total parts, labour and tax; empty while the kit does not go on: what it costs is then not known, neither met nor missed */
    static List<Answered> of(FitReport report, JobKind asked, Optional<RideAnswer> ride, OptionalLong total) {
        NeedCheck check = new NeedCheck(report);
        check.kind(asked);
        check.distance(ride);
        check.steepest(ride);
        check.wishes();
        check.budget(total);
        return List.copyOf(check.answers);
    }

    private void kind(JobKind asked) {
        if (asked.asksForOneKind()) {
            boolean met = asked.asksFor(kit);
            answer(Asked.KIND, met, Sentence.plain(met ? "as asked" : "not a " + asked.label()));
        }
    }

    private void distance(Optional<RideAnswer> ride) {
        need.amount(NeedAmount.DISTANCE).ifPresent(metres -> ride.ifPresent(r -> {
            double wanted = metres / 1000.0 * (1 + rules.value(NumberRule.RANGE_RESERVE).doubleValue() / 100);
            double least = Math.min(r.thumbRange(), r.physicsRange());
            answer(Asked.DISTANCE, least >= wanted, Sentence.plain(least >= wanted ? r.told()
                    : "%s; %s and a reserve are %.0f km".formatted(r.told(), Scale.DISTANCE.text(metres), wanted)));
        }));
    }

    private void steepest(Optional<RideAnswer> ride) {
        need.amount(NeedAmount.STEEPEST).ifPresent(tenths -> ride.ifPresent(r -> {
            boolean met = r.climb() * 10 >= tenths;
            answer(Asked.STEEPEST, met, Sentence.plain(met ? "climbs %.0f %%".formatted(Math.floor(r.climb()))
                    : "climbs %.0f %% of %s".formatted(Math.floor(r.climb()), Scale.SLOPE.text(tenths))));
        }));
    }

    private void wishes() {
        if (need.wishes().contains(NeedWish.THROTTLE)) {
            answer(Asked.THROTTLE, kit.equipment().throttle(), Sentence.plain(kit.equipment().cockpit().stream().map(i -> i.kind())
                    .filter(CockpitKind::throttle).findFirst().map(CockpitKind::label).orElse("has none")));
        }
        if (need.wishes().contains(NeedWish.MUST_FOLD)) {
            folds();
        }
        if (need.wishes().contains(NeedWish.MUST_CARRY)) {
            Mass adds = kit.addedMass();
            boolean met = BigDecimal.valueOf(adds.grams()).movePointLeft(3).compareTo(rules.value(NumberRule.CARRIED_MOST)) <= 0;
            answer(Asked.CARRY, met, Sentence.of("adds %s, %s", adds.told(), where()));
        }
        if (need.wishes().contains(NeedWish.DISCREET)) {
            int leads = kit.equipment().leads().size();
            boolean hidden = HIDDEN.contains(kit.battery().casing().hold());
            boolean met = hidden && leads <= rules.value(NumberRule.DISCREET_LEADS).intValue();
            answer(Asked.DISCREET, met, Sentence
                    .plain("battery: %s; %d %s".formatted(kit.battery().casing().hold().label(), leads, leads == 1 ? "lead" : "leads")));
        }
    }

    /**
     * Folding wants the battery off in a moment, no motor where the halves meet, and leads that reach round the hinge: the last is the
     * check of leads.
     */
    private void folds() {
        BatteryHold hold = kit.battery().casing().hold();
        if (report.bike().kind() == BikeKind.FOLDING && kit.drive().hub().isEmpty() && kit.drive().throughThePedals()) {
            answer(Asked.FOLD, false, Sentence.plain("the motor is where the halves meet"));
        } else if (hold == BatteryHold.STRAPS || hold == BatteryHold.FRAME_BAY) {
            answer(Asked.FOLD, false, Sentence.plain("the battery stays on: " + hold.label()));
        } else {
            answer(Asked.FOLD, true, Sentence.plain("the battery comes off first"));
        }
    }

    private String where() {
        String motor = kit.drive().hub().map(h -> "in the " + h.end().name().toLowerCase(java.util.Locale.ROOT) + " wheel")
                .orElse("low in the frame");
        return switch (kit.battery().casing().hold()) {
            case RACK -> motor + " and high on the rack";
            case BAG -> motor + " and at the bars";
            default -> motor + " and in the middle";
        };
    }

    private void budget(OptionalLong total) {
        need.amount(NeedAmount.BUDGET).filter(most -> total.isPresent()).ifPresent(most -> {
            long over = total.getAsLong() - most;
            answer(Asked.BUDGET, over <= 0, Sentence.plain(over <= 0 ? "%s all in".formatted(Scale.MONEY.text(total.getAsLong()))
                    : "%s all in, %s over".formatted(Scale.MONEY.text(total.getAsLong()), Scale.MONEY.text(over))));
        });
    }

    private void answer(Asked asked, boolean met, Sentence why) {
        answers.add(new Answered(asked, met, why));
    }
}
