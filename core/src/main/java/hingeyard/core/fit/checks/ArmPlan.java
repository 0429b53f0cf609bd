package hingeyard.core.fit.checks;

import hingeyard.core.bench.AxleReaction;
import hingeyard.core.bike.Material;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.HubDrive;
import hingeyard.core.kit.KitItem;
import hingeyard.core.kit.Motor;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.School;
import hingeyard.core.stock.DrawerPart;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Which torque arms go on: as many as load, slot and school ask for, one on each side at most, chosen once among those that reach the tie
 * point. Kit's own and flat
 * first, then a drawer's that follows the step, then one that is bent to it, else one to buy.
 */
final class ArmPlan {

    /** A straight arm gives that much without being bent. */
    static final Length STRAIGHT = Length.ofMillimetres(2);
    /** A torque arm whose maker states no thickness. */
    private static final Length USUAL = Length.ofMillimetres(4);
    private static final String USE = "torque-arm";
    private static final String ADJUSTABLE = "torque-arm-adjustable";

    /** @param length as far as it reaches @param follows whether it takes the step without being bent */
    record Arm(Optional<KitItem> kit, Optional<DrawerPart> part, Length thickness, boolean follows) {

        boolean sameAs(Arm other) {
            return kit.equals(other.kit) && part.map(DrawerPart::number).equals(other.part.map(DrawerPart::number));
        }
    }

    private final FitCase fitCase;
    private final WheelEnd end;
    private final HubDrive hub;
    private final int wanted;
    private final List<Arm> chosen;

    ArmPlan(FitCase c, HubDrive hub) {
        this.fitCase = c;
        this.hub = hub;
        this.end = hub.end();
        this.wanted = Math.max(byLoad(), playsInSlot() ? 1 : 0);
        this.chosen = choose();
    }

    /** N/mm² at the edge of the flat: the bench's own formula. */
    static double bearing(Motor motor, Length plate, Length flat) {
        return AxleReaction.pressure(motor.peakTorque().millinewtonMetres(), plate.inMillimetres(), flat.inMillimetres());
    }

    /** The part of the flat that the slot presses: no longer than the slot is deep, where that was measured. */
    Length pressed() {
        return fitCase.survey().length(end.slotDepth()).map(d -> d.value().min(hub.axle().flatLength())).orElse(hub.axle().flatLength());
    }

    static NumberRule allowable(Material material) {
        return switch (material) {
            case STEEL -> NumberRule.BEARING_STEEL;
            case TITANIUM -> NumberRule.BEARING_TITANIUM;
            case ALUMINIUM -> NumberRule.BEARING_ALUMINIUM;
            case MAGNESIUM_CASTING -> NumberRule.BEARING_MAGNESIUM;
            case CARBON, UNIDENTIFIED, DAMAGED -> null;
        };
    }

    /** How many arms load and the shop's policy ask for; none while something for it is open. */
    private int byLoad() {
        Optional<Motor> motor = fitCase.kit().equipment().motor();
        Optional<Length> plate = fitCase.survey().length(end.plateThickness()).map(Reading.OfLength::value);
        Optional<Material> material = fitCase.survey().choice(end.material());
        if (motor.isEmpty() || plate.isEmpty() || material.isEmpty()) {
            return 0;
        }
        NumberRule rule = allowable(material.get());
        double bears = rule == null ? 0 : fitCase.rules().number(rule);
        double pressure = bearing(motor.get(), plate.get(), pressed());
        boolean two = pressure > 2 * bears || motor.get().peakWatts() > fitCase.rules().number(NumberRule.ARMS_TWO_ABOVE)
                || motor.get().regenerates();
        int load = two ? 2 : pressure > bears ? 1 : 0;
        int sprung = HubPlan.sprung(fitCase, end) ? 2 : 0;
        return switch (fitCase.rules().value(School.TORQUE_ARMS)) {
            case "always" -> 1;
            case "by-load" -> load;
            case "two-on-sprung" -> Math.max(load, sprung);
            default -> Math.max(1, Math.max(load, sprung));
        };
    }

    private boolean playsInSlot() {
        return fitCase.survey().length(end.slotWidth())
                .map(s -> Clearance.within(s.value().minus(hub.axle().flats()).max(Length.ZERO), Doubt.of(s),
                        fitCase.rules().value(LengthRule.SLOT_PLAY)))
                .filter(play -> play.answer() == Clearance.Answer.SHORT).isPresent();
    }

    /** How many arms go on; at most one a side. */
    int wanted() {
        return wanted;
    }

    private List<Arm> choose() {
        Optional<Length> tie = fitCase.survey().length(end.tieDistance()).map(Reading.OfLength::value);
        Length step = fitCase.survey().length(end.step()).map(Reading.OfLength::value).orElse(Length.ZERO);
        List<Arm> found = new ArrayList<>();
        List<Arm> pool = Stream.concat(own(tie, step), drawers(tie, step)).sorted(Comparator.comparing((Arm a) -> !a.follows())).toList();
        for (Arm arm : pool) {
            int free = arm.kit().map(KitItem::count).or(() -> arm.part().map(DrawerPart::free)).orElse(0);
            for (int i = 0; i < free && found.size() < wanted; i++) {
                found.add(arm);
            }
        }
        return found;
    }

    private Stream<Arm> own(Optional<Length> tie, Length step) {
        return Needs.inTheBox(fitCase, USE).filter(i -> tie.isEmpty() || i.length().filter(l -> !l.isLessThan(tie.get())).isPresent())
                .map(i -> new Arm(Optional.of(i), Optional.empty(), i.piece().map(PieceSize::thickness).orElse(USUAL),
                        !step.isMoreThan(STRAIGHT)))
                .stream();
    }

    /** The shortest that reaches comes first. */
    private Stream<Arm> drawers(Optional<Length> tie, Length step) {
        return fitCase.drawers().usedAs(USE).stream()
                .filter(p -> p.free() > 0 && p.size().filter(s -> s.inner().equals(hub.axle().diameter())).isPresent())
                .filter(p -> tie.isEmpty() || p.facts().length().filter(l -> !l.isLessThan(tie.get())).isPresent())
                .sorted(Comparator.comparing((DrawerPart p) -> p.facts().length().orElse(Length.ZERO)))
                .map(p -> new Arm(Optional.empty(), Optional.of(p), p.size().orElseThrow().thickness(), follows(p, step)));
    }

    private static boolean follows(DrawerPart part, Length step) {
        return part.facts().span().map(s -> s.contains(step)).orElse(!step.isMoreThan(STRAIGHT));
    }

    /** Thickness of the arm on one side, 0 left and 1 right. */
    Length thickness(int side) {
        return side >= wanted ? Length.ZERO : side < chosen.size() ? chosen.get(side).thickness() : USUAL;
    }

    List<Arm> chosen() {
        return chosen;
    }

    /** Whether one of them has to be bent to the step. */
    boolean bent() {
        return chosen.stream().anyMatch(a -> !a.follows());
    }

    /** The arms as parts: each once, those that no drawer has to buy. A kit's own that does not go on goes back. */
    List<Remedy> parts() {
        List<Remedy> remedies = new ArrayList<>();
        for (int i = 0; i < chosen.size(); i++) {
            Arm arm = chosen.get(i);
            int count = (int) chosen.stream().filter(arm::sameAs).count();
            if (chosen.subList(0, i).stream().noneMatch(arm::sameAs)) {
                remedies.add(arm.kit().map(k -> Needs.fromKit(k, count, USE))
                        .orElseGet(() -> Needs.fromDrawer(arm.part().orElseThrow(), count, role(arm.part().orElseThrow()))));
            }
        }
        int more = wanted - chosen.size();
        if (more > 0) {
            remedies.add(Needs.buy(toBuy(), more, USE));
        }
        return remedies;
    }

    private static String role(DrawerPart part) {
        return part.facts().span().filter(s -> s.greatest().isMoreThan(STRAIGHT)).isPresent() ? ADJUSTABLE : USE;
    }

    private CharSequence toBuy() {
        Optional<Length> tie = fitCase.survey().length(end.tieDistance()).map(Reading.OfLength::value);
        Optional<Length> step = fitCase.survey().length(end.step()).map(Reading.OfLength::value).filter(s -> s.isMoreThan(STRAIGHT));
        return Sentence.of("Torque arm for an axle of %s with flats of %s%s%s", hub.axle().diameter(), hub.axle().flats(),
                tie.map(t -> Sentence.of(", at least %s long", t)).orElse(Sentence.plain("")),
                step.map(s -> Sentence.of(", adjustable for a step of %s", s)).orElse(Sentence.plain("")));
    }
}
