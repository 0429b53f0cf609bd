package hingeyard.core;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.LegalClass;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.NeedWish;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitReport;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import hingeyard.core.kit.Kit;
import hingeyard.core.rules.Rule;
import hingeyard.core.rules.School;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.Drawers;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A worked case's bike: {@link GivenKits#BIKE} with some readings changed and, among them, what is no reading.
 *
 * @param bike  {@code kind=full-suspension}, a diamond frame otherwise; {@code class=class-a}; {@code approved=brake-weld}; the rider's
 *              need by {@code rider=82;cargo=20;distance=38;wish=must-fold+discreet}
 * @param rules {@code arms=by load}: the shop's school of torque arms; {@code rule=wheel.dish:1}: any rule
 */
public record GivenBike(FitCase.Bike bike, ShopRules rules) {

    private static final Set<String> NO_READINGS = Set.of("kind", "class", "approved", "arms", "rider", "cargo", "distance", "climb",
            "budget", "wish", "rule");

    public static GivenBike of(String changes) {
        Map<Boolean, List<String>> parted = Arrays.stream(changes.split(";")).map(String::strip)
                .collect(Collectors.partitioningBy(c -> NO_READINGS.contains(c.split("=")[0])));
        Map<String, String> said = parted.get(true).stream().collect(Collectors.toMap(c -> c.split("=")[0], c -> c.split("=")[1]));
        LegalClass legal = LegalClass.valueOf(constant(said.getOrDefault("class", "open")));
        FitCase.Bike bike = new FitCase.Bike(BikeKind.valueOf(constant(said.getOrDefault("kind", "diamond"))),
                Given.survey(GivenKits.bike(String.join(";", parted.get(false)))),
                new RiderNeed(amounts(said), wishes(said), legal), said.containsKey("approved") ? Set.of(said.get("approved")) : Set.of());
        ShopRules rules = said.containsKey("arms") ? ShopRules.standard().with(School.TORQUE_ARMS, said.get("arms")) : ShopRules.standard();
        if (said.containsKey("rule")) {
            String[] rule = said.get("rule").split(":");
            rules = rules.with(Rule.find(rule[0]).orElseThrow(), rule[1]);
        }
        return new GivenBike(bike, rules);
    }

    private static Map<NeedAmount, Long> amounts(Map<String, String> said) {
        Map<NeedAmount, Long> amounts = new EnumMap<>(NeedAmount.class);
        for (NeedAmount amount : NeedAmount.values()) {
            String value = said.get(amount.name().toLowerCase(Locale.ROOT));
            if (value != null) {
                amounts.put(amount, amount.scale().parse(value));
            }
        }
        return amounts;
    }

    private static Set<NeedWish> wishes(Map<String, String> said) {
        return said.containsKey("wish")
                ? Arrays.stream(said.get("wish").split("\\+")).map(w -> NeedWish.valueOf(constant(w))).collect(Collectors.toSet())
                : Set.of();
    }

    private static String constant(String said) {
        return said.toUpperCase(Locale.ROOT).replace('-', '_');
    }

    public FitReport report(Kit kit, Drawers drawers) {
        return new FitAssessor(FitCheckCatalogue.all()).assess(new FitCase(bike, kit, drawers, rules));
    }
}
