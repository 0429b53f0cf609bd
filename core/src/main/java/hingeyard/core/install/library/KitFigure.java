package hingeyard.core.install.library;

import hingeyard.core.kit.Kit;
import hingeyard.core.kit.Motor;
import hingeyard.core.rules.LengthRule;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/** Figures of a kit's sheet that windows on steps may be taken from. */
enum KitFigure {
    BATTERY_EMPTY(k -> Optional.of(k.battery().empty().amount())),
    BATTERY_FULL(k -> Optional.of(k.battery().full().amount())),
    BACKLASH_LEAST(k -> k.drive().rotorGear().map(g -> g.backlashLeast().amount())),
    BACKLASH_MOST(k -> k.drive().rotorGear().map(g -> g.backlashMost().amount())),
    SENSOR_LEAST(k -> k.equipment().speedSensor().map(s -> s.least().amount())),
    SENSOR_MOST(k -> k.equipment().speedSensor().map(s -> s.greatest().amount())),
    HUB_FLATS(k -> k.drive().hub().map(h -> h.axle().flats().amount())),
    /** Flats with the play they may have in their slot; more works loose. */
    HUB_FLATS_LOOSE(k -> k.drive().hub().map(h -> h.axle().flats().plus(LengthRule.SLOT_PLAY.standard()).amount())),
    WALK_SPEED(k -> k.equipment().motor().map(Motor::walkSpeed).map(BigDecimal::valueOf)),
    LIGHTS_VOLTS(k -> k.controller().lights().map(l -> l.voltage().amount()));

    private final Function<Kit, Optional<BigDecimal>> of;

    KitFigure(Function<Kit, Optional<BigDecimal>> of) {
        this.of = of;
    }

    /** In millimetres, volts or km/h; empty when this kit's sheet has none. */
    Optional<BigDecimal> of(Kit kit) {
        return of.apply(kit);
    }

    static Optional<KitFigure> find(String key) {
        return Arrays.stream(values()).filter(f -> f.key().equals(key)).findFirst();
    }

    String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
