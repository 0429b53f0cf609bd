package hingeyard.core.bench.job;

import hingeyard.core.bench.BenchTool;
import hingeyard.core.bench.RideInput;
import hingeyard.core.bench.RideLog;
import hingeyard.core.bench.RiderFromRide;
import hingeyard.core.bench.RollOut;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.CockpitMeasures;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.NumberMeasure;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.bike.RotorMount;
import hingeyard.core.bike.TriangleMeasures;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.bike.WholeMeasures;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.HubDrive;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.Lead;
import hingeyard.core.kit.Motor;
import hingeyard.core.made.MadeKind;
import hingeyard.core.made.TemplateKind;
import hingeyard.core.match.Ride;
import hingeyard.core.quantity.Length;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Fills the bench's inputs from a job. */
public final class BenchFills {

    private static final String MEASURED = "measured";
    private static final String SHEET = "kit's sheet";
    /** Of a standard six-bolt rotor. */
    private static final String SIX_BOLTS = "44";
    /** What of all mass usually rests on the rear wheel. */
    private static final double BEHIND = 0.6;
    /** Half of a cog's thickness, mm. */
    private static final double HALF_COG = 0.9;
    /** As a strip takes. */
    private static final int MOST_LEADS = 20;

    private final FrameSurvey survey;
    private final RiderNeed need;
    private final Optional<Kit> kit;
    private final List<BenchFill> fills = new ArrayList<>();

    private final Optional<Double> rider;

    private BenchFills(FrameSurvey survey, RiderNeed need, Optional<Kit> kit, Optional<Double> rider) {
        this.rider = rider;
        this.survey = survey;
        this.need = need;
        this.kit = kit;
    }

    /** What the rider of a ride gave on a job's bike, W; empty without a motor, or where no rider explains what the ride took. */
    public static Optional<Double> rider(FitCase.Bike bike, Kit kit, RideLog.Answer ride) {
        return kit.equipment().motor()
                .flatMap(m -> ride.perKm().flatMap(took -> RiderFromRide.watts(Ride.input(bike, kit, m), ride, took)));
    }

    /**
     * Everything that is known, tool by tool.
     *
     * @param rider what the last ride of this bike that was read back said of its rider, W
     */
    public static List<BenchFill> of(BikeKind kind, FrameSurvey survey, RiderNeed need, Optional<Kit> kit, Optional<Double> rider) {
        BenchFills all = new BenchFills(survey, need, kit, rider);
        kit.ifPresent(
                k -> k.equipment().motor().ifPresent(m -> all.range(Ride.input(new FitCase.Bike(kind, survey, need, Set.of()), k, m))));
        WheelEnd driven = all.hub().map(HubDrive::end).orElse(WheelEnd.REAR);
        all.wheel(BenchTool.ROLL_OUT, driven);
        all.wheel(BenchTool.PRESSURE, WheelEnd.REAR);
        all.load();
        all.rotor(driven);
        all.arm(driven);
        all.axle(driven);
        all.gears();
        kit.ifPresent(k -> all.battery(k.battery()));
        all.sheets(driven);
        all.made();
        kit.ifPresent(k -> {
            all.add(BenchTool.BATTERIES, "combiner", decimal(k.controller().limit().inAmperes()), SHEET + ", controller's limit");
            all.add(BenchTool.WIRE, "amps", decimal(k.controller().limit().inAmperes()), SHEET + ", controller's limit");
            all.add(BenchTool.WIRE, "volts", decimal(k.battery().nominal().millivolts() / 1000.0), SHEET);
        });
        return List.copyOf(all.fills);
    }

    private Optional<HubDrive> hub() {
        return kit.flatMap(k -> k.drive().hub());
    }

    private void add(BenchTool tool, String field, String value, String from) {
        fills.add(new BenchFill(tool, field, value, from));
    }

    private static String decimal(double value) {
        return BigDecimal.valueOf(value).setScale(2, RoundingMode.HALF_UP).stripTrailingZeros().toPlainString();
    }

    private Optional<Double> mm(LengthMeasure measure) {
        return survey.length(measure).map(r -> r.value().inMillimetres());
    }

    private void length(BenchTool tool, String field, LengthMeasure measure) {
        mm(measure).ifPresent(v -> add(tool, field, decimal(v), MEASURED));
    }

    private void number(BenchTool tool, String field, NumberMeasure measure) {
        survey.number(measure).ifPresent(v -> add(tool, field, String.valueOf(v), MEASURED));
    }

    /** The kit's own rim where it brings the wheel. */
    private void wheel(BenchTool tool, WheelEnd end) {
        Optional<Length> own = hub().filter(h -> h.end() == end).map(h -> h.wheel().beadSeat());
        own.ifPresent(b -> add(tool, "beadSeat", decimal(b.inMillimetres()), SHEET));
        if (own.isEmpty()) {
            mm(end.beadSeat()).ifPresent(b -> add(tool, "beadSeat", decimal(Math.round(b)), MEASURED));
        }
        mm(end.tyreWidth()).ifPresent(w -> add(tool, "width", decimal(Math.round(w)), MEASURED));
    }

    /** As the shortlist and the guide reckon it, what nobody said among it. */
    private void range(RideInput ride) {
        String asked = "booking";
        String usual = "supposed, nobody said it";
        add(BenchTool.RANGE, "mass", decimal(ride.mass()), "bike, kit, rider and load as the shortlist has them");
        add(BenchTool.RANGE, "km", decimal(ride.metres() / 1000), said(NeedAmount.DISTANCE) ? asked : usual);
        add(BenchTool.RANGE, "climb", decimal(ride.climb()), said(NeedAmount.CLIMB) ? asked : usual);
        add(BenchTool.RANGE, "speed", decimal(ride.speed()), said(NeedAmount.SPEED) ? asked : usual);
        rider.ifPresentOrElse(w -> add(BenchTool.RANGE, "riderWatts", decimal(w), "the last ride that was read back"),
                () -> add(BenchTool.RANGE, "riderWatts", decimal(ride.habits().riderWatts()), said(NeedAmount.POWER) ? asked : usual));
        add(BenchTool.RANGE, "wind", decimal(ride.habits().wind()), said(NeedAmount.WIND) ? asked : usual);
        add(BenchTool.RANGE, "stops", decimal(ride.habits().stops()), said(NeedAmount.STOPS) ? asked : usual);
        add(BenchTool.RANGE, "wattHours", decimal(ride.wattHours()), SHEET);
        add(BenchTool.RANGE, "ratedWatts", String.valueOf(ride.ratedWatts()), SHEET);
        add(BenchTool.RANGE, "peakTorque", decimal(ride.peakTorque()), SHEET);
        add(BenchTool.RANGE, "cutOffSpeed", String.valueOf(ride.cutOffSpeed()), SHEET);
        add(BenchTool.RANGE, "circumference", decimal(ride.circumference() * 1000), "by the tyre's marking");
        add(BenchTool.RANGE, "drive", ride.throughGears() ? "gears" : "hub", SHEET);
        if (!ride.throughGears()) {
            add(BenchTool.RANGE, "noLoadSpeed", decimal(ride.noLoadSpeed()), SHEET + ", turns a volt");
        }
        add(BenchTool.RANGE, "throttle", ride.throttleOnly() ? "only" : "none", asked);
    }

    private boolean said(NeedAmount amount) {
        return need.amount(amount).isPresent();
    }

    private void load() {
        Optional<Double> bike = survey.number(WholeMeasures.MASS).map(g -> g / 1000.0);
        Optional<Double> rider = need.amount(NeedAmount.RIDER).map(g -> g / 1000.0);
        if (bike.isPresent() && rider.isPresent()) {
            double all = bike.get() + rider.get() + need.amount(NeedAmount.CARGO).orElse(0L) / 1000.0
                    + kit.map(k -> k.addedMass().grams() / 1000.0).orElse(0.0);
            add(BenchTool.PRESSURE, "load", decimal(Math.round(all * BEHIND)),
                    "%d %% of %s kg in all, supposed to rest behind".formatted(Math.round(BEHIND * 100), decimal(Math.round(all))));
        }
    }

    private void rotor(WheelEnd end) {
        if (survey.choice(end.rotorMount()).filter(RotorMount.SIX_BOLT::equals).isPresent()) {
            add(BenchTool.TRUING, "boltCircle", SIX_BOLTS, "six bolts, measured");
            sheet(TemplateKind.HUB_HOLES, "circle", SIX_BOLTS, "six bolts, measured");
        }
        // The gauge touches a little inside the edge.
        mm(end.rotorDiameter()).ifPresent(d -> add(BenchTool.TRUING, "readAt", decimal(d - 10), "rotor as measured, 5 mm inside its edge"));
    }

    private void arm(WheelEnd end) {
        length(BenchTool.BEND, "step", end.step());
        length(BenchTool.BEND, "tie", end.tieDistance());
    }

    private void axle(WheelEnd end) {
        kit.flatMap(k -> k.equipment().motor()).map(Motor::peakTorque)
                .ifPresent(t -> add(BenchTool.AXLE, "torque", decimal(t.millinewtonMetres() / 1000.0), SHEET));
        length(BenchTool.AXLE, "plate", end.plateThickness());
        hub().ifPresent(h -> {
            double flat = h.axle().flatLength().inMillimetres();
            Optional<Double> slot = mm(end.slotDepth());
            add(BenchTool.AXLE, "flat", decimal(slot.map(s -> Math.min(s, flat)).orElse(flat)),
                    slot.filter(s -> s < flat).isPresent() ? "slot's depth, measured" : SHEET);
        });
    }

    private void gears() {
        length(BenchTool.GEARS, "chainstay", RearMeasures.CHAINSTAY);
        number(BenchTool.GEARS, "smallest", RearMeasures.SMALLEST_COG);
        number(BenchTool.GEARS, "largest", RearMeasures.LARGEST_COG);
        number(BenchTool.GEARS, "count", RearMeasures.COGS_COUNT);
        kit.flatMap(k -> k.drive().bracket()).flatMap(b -> b.body())
                .ifPresent(b -> add(BenchTool.GEARS, "ring", String.valueOf(b.ring().teeth()), SHEET));
        Optional<Double> width = mm(RearMeasures.OVER_LOCKNUT);
        Optional<Double> offset = mm(RearMeasures.COG_OFFSET);
        if (width.isPresent() && offset.isPresent()) {
            add(BenchTool.GEARS, "outerCog", decimal(width.get() / 2 - offset.get() - HALF_COG),
                    "half the rear end less cog's offset, measured");
        }
        Optional<Double> bead = mm(RearMeasures.BEAD_SEAT);
        Optional<Double> tyre = mm(RearMeasures.TYRE_WIDTH);
        if (bead.isPresent() && tyre.isPresent()) {
            add(BenchTool.GEARS, "circumference", decimal(Math.round(RollOut.byMarking(bead.get(), tyre.get()))), "by the tyre's marking");
        }
    }

    private void battery(Battery battery) {
        add(BenchTool.RIDE, "series", String.valueOf(battery.cellsInSeries()), SHEET);
        add(BenchTool.RIDE, "ampHours", decimal(battery.milliampereHours() / 1000.0), SHEET);
        add(BenchTool.BATTERIES, "second.series", String.valueOf(battery.cellsInSeries()), SHEET);
        add(BenchTool.BATTERIES, "second.ampHours", decimal(battery.milliampereHours() / 1000.0), SHEET);
        add(BenchTool.BATTERIES, "second.rated", decimal(battery.continuous().inAmperes()), SHEET);
        add(BenchTool.BATTERIES, "cutOffVolts", decimal(battery.cutOff().millivolts() / 1000.0), SHEET);
        fillOwn(battery);
    }

    /** The bike's own beside a second battery is told by its cells; without a combiner both are taken for alike. */
    private void fillOwn(Battery battery) {
        if (kit.filter(k -> k.controller().combiner()).isPresent()) {
            number(BenchTool.BATTERIES, "first.series", WholeMeasures.PACK_CELLS);
            return;
        }
        add(BenchTool.BATTERIES, "first.series", String.valueOf(battery.cellsInSeries()), SHEET);
        add(BenchTool.BATTERIES, "first.ampHours", decimal(battery.milliampereHours() / 1000.0), SHEET);
        add(BenchTool.BATTERIES, "first.rated", decimal(battery.continuous().inAmperes()), SHEET);
    }

    private void sheet(TemplateKind kind, String measure, String value, String from) {
        add(BenchTool.SHEET, kind.key() + "." + measure, value, from);
    }

    private void sheets(WheelEnd end) {
        mm(end.step()).ifPresent(s -> sheet(TemplateKind.BEND_STRIP, "step", decimal(s), MEASURED));
        mm(end.tieDistance()).ifPresent(t -> sheet(TemplateKind.BEND_STRIP, "tie", decimal(t), MEASURED));
        kit.ifPresent(k -> {
            sheet(TemplateKind.BATTERY_CARD, "length", decimal(k.battery().length().inMillimetres()), SHEET);
            sheet(TemplateKind.BATTERY_CARD, "height", decimal(k.battery().height().inMillimetres()), SHEET);
            String leads = k.equipment().leads().stream().map(Lead::length).distinct().sorted().limit(MOST_LEADS)
                    .map(l -> decimal(l.inMillimetres())).collect(Collectors.joining(" "));
            if (!leads.isEmpty()) {
                sheet(TemplateKind.LEAD_STRIP, "marks", leads, SHEET + ", its leads");
            }
        });
        Optional<Double> low = mm(TriangleMeasures.DOWN_BOSS_LOW);
        Optional<Double> high = mm(TriangleMeasures.DOWN_BOSS_HIGH);
        if (low.isPresent() && high.isPresent()) {
            sheet(TemplateKind.RAIL_HOLES, "pitch", decimal(high.get() - low.get()), "the frame's bosses, measured");
        }
    }

    private void made(MadeKind kind, String measure, LengthMeasure from) {
        mm(from).ifPresent(v -> add(BenchTool.MADE, kind.key() + "." + measure, decimal(v), MEASURED));
    }

    private void made() {
        made(MadeKind.POSITION_STOP, "inner", TriangleMeasures.SEAT_TUBE_DIAMETER);
        made(MadeKind.SLEEVE, "inner", CockpitMeasures.GRIP_DIAMETER);
        made(MadeKind.CABLE_SEPARATOR, "lane", BracketMeasures.UNDERSIDE_DEPTH);
        made(MadeKind.BLOCK, "tube", BracketMeasures.DOWN_TUBE_WIDTH);
        Optional<Double> tube = mm(BracketMeasures.DOWN_TUBE_DISTANCE);
        kit.flatMap(k -> k.drive().bracket()).flatMap(d -> d.body()).ifPresent(b -> tube.ifPresent(t -> {
            for (String end : List.of("gapFront", "gapRear")) {
                add(BenchTool.MADE, MadeKind.BLOCK.key() + "." + end, decimal(t - b.bridge().inMillimetres()),
                        "tube's underside, measured, less the motor's top on the kit's sheet");
            }
        }));
    }
}
