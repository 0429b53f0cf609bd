package hingeyard.core.fit.checks;

import hingeyard.core.bike.ForkKind;
import hingeyard.core.bike.FrontMeasures;
import hingeyard.core.bike.Material;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Remedy;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.HubDrive;
import hingeyard.core.kit.KitItem;
import hingeyard.core.kit.Motor;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.School;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackSet;
import hingeyard.core.stock.DrawerPart;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What goes on a hub motor's axle outside and inside its dropouts; worked out once for all checks that build on it. */
final class HubPlan {

    /** An ordinary flat washer under the nut. */
    static final Length FLAT_WASHER = Length.ofMillimetres("1.5");
    /** A torque arm whose maker states no thickness. */
    static final Length USUAL_ARM = Length.ofMillimetres(4);

    private final FitCase fitCase;
    private final WheelEnd end;
    private final HubDrive hub;
    private final Optional<DrawerPart> safetyWasher;
    private final Optional<StackAnswer> washers;

    private HubPlan(FitCase c) {
        this.fitCase = c;
        this.hub = c.kit().drive().hub().orElseThrow();
        this.end = hub.end();
        this.safetyWasher = findSafetyWasher();
        Optional<Reading.OfLength> width = c.survey().length(end.overLocknut());
        this.washers = width.flatMap(w -> c.survey().choice(end.material()).map(m -> new HubWidthStack(c, m).solve(w.value(), w.plusMinus())));
    }

    static HubPlan of(FitCase c, WheelEnd end) {
        return c.once(HubPlan.class, HubPlan::new);
    }

    private Optional<DrawerPart> findSafetyWasher() {
        Optional<Reading.OfLength> across = fitCase.survey().length(end.recessDiameter());
        Optional<Reading.OfLength> depth = fitCase.survey().length(end.recessDepth());
        if (across.isEmpty() || depth.isEmpty() || across.get().value().equals(Length.ZERO)) {
            return Optional.empty();
        }
        Length room = fitCase.rules().value(LengthRule.SAFETY_WASHER_ROOM);
        return fitCase.drawers().find("safety-washer", 2, p -> p.size().filter(s -> fills(s, across.get().value(), depth.get().value(), room)).isPresent());
    }

    private boolean fills(PieceSize size, Length across, Length deep, Length room) {
        return !size.outer().isMoreThan(across) && !size.outer().isLessThan(across.minus(room)) && !size.thickness().isLessThan(deep)
                && !size.inner().isLessThan(hub.axle().diameter());
    }

    /** The safety washer from the drawer that fills the recess. */
    Optional<DrawerPart> safetyWasher() {
        return safetyWasher;
    }

    /** Inner washers for this width; empty while width or material is not measured. */
    Optional<StackAnswer> washers() {
        return washers;
    }

    /** Sum of the inner washers on one side, 0 left and 1 right; nothing while there is no set. */
    Length inner(int side) {
        return washers.flatMap(StackAnswer::best).map(StackSet::sums).map(s -> s.get(side)).orElse(Length.ZERO);
    }

    /** What stands on one side outside the shoulder: inner washers, plate, safety washer, arms, flat washer, nut and one pitch. */
    Length onAxle(int side, Length plate, int arms) {
        return inner(side).plus(outside(plate, arms > side));
    }

    private Length outside(Length plate, boolean arm) {
        Length sum = plate.plus(FLAT_WASHER).plus(hub.axle().nutHeight()).plus(hub.axle().pitch());
        sum = arm ? sum.plus(armThickness()) : sum;
        Optional<Reading.OfLength> depth = fitCase.survey().length(end.recessDepth());
        boolean lipped = fitCase.survey().length(end.recessDiameter()).filter(r -> !r.value().equals(Length.ZERO)).isPresent();
        // A safety washer lies in its recess: only what stands out over the lip takes thread.
        return lipped ? sum.plus(safetyWasher.map(w -> w.size().orElseThrow().thickness()).orElse(FLAT_WASHER).minus(depth.map(Reading.OfLength::value).orElse(Length.ZERO))
                .max(Length.ZERO)) : sum;
    }

    private Length armThickness() {
        return Needs.inTheBox(fitCase, "torque-arm").flatMap(KitItem::piece).map(PieceSize::thickness).orElse(USUAL_ARM);
    }

    /** Mean pressure's peak at the edge of the flat, 6·(T/2)/(t·L²), N/mm²: thin flat in a slot, triangular pressure, the dropouts share the torque. */
    static double bearing(Motor motor, Length plate, Length flat) {
        double torque = motor.peakTorque().millinewtonMetres();
        return 6 * (torque / 2) / (plate.inMillimetres() * flat.inMillimetres() * flat.inMillimetres());
    }

    double allowable(Material material) {
        NumberRule rule = allowableRule(material);
        return rule == null ? 0 : fitCase.rules().number(rule);
    }

    static NumberRule allowableRule(Material material) {
        return switch (material) {
            case STEEL -> NumberRule.BEARING_STEEL;
            case TITANIUM -> NumberRule.BEARING_TITANIUM;
            case ALUMINIUM -> NumberRule.BEARING_ALUMINIUM;
            case MAGNESIUM_CASTING -> NumberRule.BEARING_MAGNESIUM;
            case CARBON, UNIDENTIFIED, DAMAGED -> null;
        };
    }

    /** How many arms the shop's school asks for. */
    int armsWanted(Motor motor, double pressure, Material material) {
        String school = fitCase.rules().value(School.TORQUE_ARMS);
        double allowable = allowable(material);
        int byLoad = pressure > 2 * allowable || motor.peakWatts() > fitCase.rules().number(NumberRule.ARMS_TWO_ABOVE) || motor.regenerates() ? 2 : pressure > allowable ? 1 : 0;
        int bySpring = sprung() ? 2 : 0;
        return switch (school) {
            case "always" -> 1;
            case "by-load" -> byLoad;
            case "two-on-sprung" -> Math.max(byLoad, bySpring);
            default -> Math.max(1, Math.max(byLoad, bySpring));
        };
    }

    boolean sprung() {
        return end == WheelEnd.FRONT && fitCase.survey().choice(FrontMeasures.FORK_KIND).filter(k -> k != ForkKind.RIGID).isPresent();
    }

    /** So many arms: from the box, then from the drawer, then to buy. */
    List<Remedy> arms(int count) {
        List<Remedy> remedies = new ArrayList<>();
        Optional<KitItem> own = Needs.inTheBox(fitCase, "torque-arm");
        int fromBox = Math.min(count, own.map(KitItem::count).orElse(0));
        if (fromBox > 0) {
            remedies.add(Needs.fromKit(own.get(), fromBox, "torque-arm"));
        }
        if (count > fromBox) {
            remedies.add(Needs.drawerOrBuy(fitCase, "torque-arm", count - fromBox, p -> p.size().filter(s -> s.inner().equals(hub.axle().diameter())).isPresent(),
                    "torque-arm", "Torque arm for an axle of " + hub.axle().diameter() + " with flats of " + hub.axle().flats()));
        }
        return remedies;
    }
}
