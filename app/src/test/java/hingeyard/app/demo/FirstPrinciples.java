package hingeyard.app.demo;

import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Remedy;
import hingeyard.core.fit.FitReport;
import hingeyard.core.kit.BatteryHold;
import hingeyard.core.kit.BracketDrive;
import hingeyard.core.kit.HubDrive;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.KitItem;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.Drawers;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A judge who knows nothing of the checks: bodies do not pass through one another, a nut needs a thread, a brake is there or it is gone.
 * Millimetres as plain
 * numbers, and coarse on purpose: what he calls impossible is impossible by more than any tool's error.
 */
final class FirstPrinciples {

    /** Nothing that is measured is wrong by more. */
    private static final double ERROR = 1.5;
    /** No tyre that carries a rider is thinner. */
    private static final double THINNEST_TYRE = 20;
    /** No frame is eased further. */
    private static final double MOST_SPREAD = 6;

    private final Map<String, String> bike;
    private final Kit kit;
    private final List<String> impossible = new ArrayList<>();

    private FirstPrinciples(Map<String, String> bike, Kit kit) {
        this.bike = bike;
        this.kit = kit;
    }

    /** @return why this cannot be ridden away; empty where nothing speaks against it */
    static List<String> against(Map<String, String> bike, Kit kit, FitReport match, Drawers drawers) {
        FirstPrinciples judge = new FirstPrinciples(bike, kit);
        kit.drive().hub().ifPresent(judge::wheel);
        if (kit.drive() instanceof BracketDrive drive) {
            judge.bracket(drive, match, drawers);
        }
        judge.brakes(match);
        judge.battery();
        judge.electricity(match);
        return judge.impossible;
    }

    private Optional<Double> number(String key) {
        return Optional.ofNullable(bike.get(key)).filter(v -> v.matches("-?[0-9.]+")).map(Double::parseDouble);
    }

    private boolean is(String key, String value) {
        return value.equals(bike.get(key));
    }

    private void no(boolean cannot, String why) {
        if (cannot) {
            impossible.add(why);
        }
    }

    private void wheel(HubDrive hub) {
        String end = hub.end().name().toLowerCase(java.util.Locale.ROOT);
        double bead = hub.wheel().beadSeat().inMillimetres();
        number(end + ".bead-seat").ifPresent(own -> {
            number(end + ".tyre-width").ifPresent(tyre -> number(end + ".radial-clearance").ifPresent(room -> {
                double reach = own / 2 + tyre + room;
                no(bead / 2 + THINNEST_TYRE > reach + ERROR,
                        "a wheel of bead seat %.0f with the thinnest tyre is %.0f mm in radius, the %s has room for %.0f".formatted(bead,
                                bead / 2 + THINNEST_TYRE, end, reach));
            }));
            no(is(end + ".brake-kind", "rim") && Math.abs(bead - own) > 10,
                    "rim brake pads at a rim of %.0f, the motor's rim is %.0f".formatted(own, bead));
        });
        number(end + ".over-locknut").ifPresent(width -> no(hub.axle().shoulderWidth().inMillimetres() > width + MOST_SPREAD + ERROR,
                "shoulders of %.1f between dropouts of %.1f".formatted(hub.axle().shoulderWidth().inMillimetres(), width)));
        no(end.equals("front") && is("front.fork-material", "carbon"), "a motor's torque on a carbon fork");
        no(end.equals("rear") && is("rear.dropout-material", "carbon"), "a motor's torque on carbon dropouts");
        no(is(end + ".dropout-kind", "none"), "no dropouts for an axle");
        no(is(end + ".brake-kind", "disc") && hub.rotor().isEmpty(), "the disc has nowhere to go");
    }

    private void bracket(BracketDrive drive, FitReport match, Drawers drawers) {
        no(is("bracket.standard", "none"), "no shell for an axle tube");
        number("bracket.shell-width").ifPresent(shell -> {
            double least = shell + drive.toothPlate().inMillimetres() + drive.nutEngagement().inMillimetres();
            no(least > drive.threadTo().inMillimetres() + ERROR,
                    "shell, plate and nut are %.1f, the thread ends at %.1f".formatted(least, drive.threadTo().inMillimetres()));
            double stack = stack(match, drawers);
            no(least + stack > drive.threadTo().inMillimetres() + ERROR,
                    "with %.1f of spacers the nut wants thread to %.1f, it ends at %.1f".formatted(stack, least + stack,
                            drive.threadTo().inMillimetres()));
            no(least - drive.nutEngagement().inMillimetres() + stack < drive.threadFrom().inMillimetres() - ERROR,
                    "the nut stops at %.1f, %.1f are to be clamped".formatted(drive.threadFrom().inMillimetres(),
                            least - drive.nutEngagement().inMillimetres() + stack));
            drive.body()
                    .ifPresent(body -> body.faces()
                            .forEach(face -> number("bracket.right-stay-%d".formatted(Math.round(face.radius().inMillimetres())))
                                    .ifPresent(stay -> no(shell / 2 + stack + face.offset().inMillimetres() < stay - ERROR,
                                            "gearbox at %.1f and stay at %.1f, %.0f from the centre, with every spacer on the drive side"
                                                    .formatted(shell / 2 + stack + face.offset().inMillimetres(), stay,
                                                            face.radius().inMillimetres())))));
        });
    }

    /** Thickness of every spacer the match puts behind the bracket, both sides together. */
    private double stack(FitReport match, Drawers drawers) {
        double sum = 0;
        for (Finding finding : match.findings()) {
            for (Remedy remedy : finding.remedies()) {
                sum += remedy.part().filter(p -> p.role().startsWith("bracket-stack"))
                        .map(p -> p.count() * thickness(p.partNumber(), p.name(), drawers)).orElse(0.0);
            }
        }
        return sum;
    }

    private double thickness(String part, String name, Drawers drawers) {
        Optional<Double> drawer = drawers.parts().stream().filter(p -> p.number().equals(part)).findFirst().flatMap(DrawerPart::size)
                .map(s -> s.thickness().inMillimetres());
        return drawer
                .or(() -> kit.contents().stream().filter(i -> i.name().equals(name)).findFirst().flatMap(KitItem::piece)
                        .map(s -> s.thickness().inMillimetres()))
                .or(() -> java.util.regex.Pattern.compile("(\\d+(?:\\.\\d+)?)(?: mm)?").matcher(name).results()
                        .map(r -> Double.parseDouble(r.group(1))).findFirst())
                .orElse(0.0);
    }

    /** A brake that sits in the old hub is gone with it, one that wants a backward crank with a motor that freewheels. */
    private void brakes(FitReport match) {
        boolean bought = match.findings().stream().flatMap(f -> f.remedies().stream()).flatMap(r -> r.part().stream())
                .anyMatch(p -> p.role().contains("brake"));
        boolean another = bike.containsKey("rear.other-brake") && !is("rear.other-brake", "none");
        boolean coaster = is("rear.brake-kind", "coaster");
        boolean rearHub = kit.drive().hub().filter(h -> h.end().name().equals("REAR")).isPresent();
        no(coaster && rearHub && !bought && !another, "the coaster brake leaves with its hub");
        no(coaster && kit.drive() instanceof BracketDrive d && !d.coaster().orElse(false) && !bought && !another,
                "a motor that freewheels backwards takes the coaster brake away");
    }

    private void battery() {
        BatteryHold hold = kit.battery().casing().hold();
        if (hold == BatteryHold.RAIL || hold == BatteryHold.STRAPS) {
            double longest = Math.max(number("triangle.down-tube").orElse(0.0), number("triangle.seat-tube").orElse(0.0));
            no(longest > 0 && kit.battery().length().inMillimetres() > longest + ERROR,
                    "a battery of %.0f on a tube of %.0f".formatted(kit.battery().length().inMillimetres(), longest));
            no(hold == BatteryHold.RAIL && kit.equipment().motor().isPresent() && longest == 0, "no tube for a battery's rail");
        }
        if (hold == BatteryHold.RACK || hold == BatteryHold.BAG) {
            no(number("bike.rack-load").filter(l -> l < kit.battery().mass().grams() / 1000.0).isPresent(),
                    "the battery is heavier than the rack's load");
        }
    }

    private void electricity(FitReport match) {
        if (kit.equipment().motor().isEmpty()) {
            return;
        }
        double full = 4.2 * kit.battery().cellsInSeries();
        no(full > kit.controller().maximumInput().millivolts() / 1000.0 + 0.05,
                "%.1f V full at a controller for %.1f".formatted(full, kit.controller().maximumInput().millivolts() / 1000.0));
        boolean charger = match.findings().stream().flatMap(f -> f.remedies().stream()).flatMap(r -> r.part().stream())
                .anyMatch(p -> p.role().contains("charger"));
        no(!charger && Math.abs(kit.battery().charger().output().millivolts() / 1000.0 - full) > 0.3,
                "charger of %.1f V for %.1f".formatted(kit.battery().charger().output().millivolts() / 1000.0, full));
        double mass = number("bike.mass").orElse(0.0) + kit.addedMass().grams() / 1000.0;
        no(number("bike.permitted-mass").filter(most -> mass > most).isPresent(), "bike and kit alone weigh %.1f kg".formatted(mass));
    }
}
