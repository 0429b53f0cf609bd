package hingeyard.core.install.library;

import hingeyard.core.kit.Kit;
import hingeyard.core.kit.Motor;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.ShopRules;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;

/** Figures of a kit's sheet that windows on steps may be taken from. */
enum KitFigure {
    BATTERY_EMPTY((k, r) -> Optional.of(k.battery().empty().amount())),
    BATTERY_FULL((k, r) -> Optional.of(k.battery().full().amount())),
    BACKLASH_LEAST((k, r) -> k.drive().rotorGear().map(g -> g.backlashLeast().amount())),
    BACKLASH_MOST((k, r) -> k.drive().rotorGear().map(g -> g.backlashMost().amount())),
    SENSOR_LEAST((k, r) -> k.equipment().speedSensor().map(s -> s.least().amount())),
    SENSOR_MOST((k, r) -> k.equipment().speedSensor().map(s -> s.greatest().amount())),
    HUB_FLATS((k, r) -> k.drive().hub().map(h -> h.axle().flats().amount())),
    /** Flats with the play they may have in their slot; more works loose. */
    HUB_FLATS_LOOSE((k, r) -> k.drive().hub().map(h -> h.axle().flats().plus(r.value(LengthRule.SLOT_PLAY)).amount())),
    WALK_SPEED((k, r) -> k.equipment().motor().map(Motor::walkSpeed).map(BigDecimal::valueOf)),
    LIGHTS_VOLTS((k, r) -> k.controller().lights().map(l -> l.voltage().amount()));

    private final BiFunction<Kit, ShopRules, Optional<BigDecimal>> of;

    KitFigure(BiFunction<Kit, ShopRules, Optional<BigDecimal>> of) {
        this.of = of;
    }

    /** In millimetres, volts or km/h, by the shop's own rules where one has a part in it; empty when this kit's sheet has none. */
    Optional<BigDecimal> of(Kit kit, ShopRules rules) {
        return of.apply(kit, rules);
    }

    static Optional<KitFigure> find(String key) {
        return Arrays.stream(values()).filter(f -> f.key().equals(key)).findFirst();
    }

    String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
