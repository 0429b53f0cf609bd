package hingeyard.app.bench;

import hingeyard.app.bench.BenchGiven.AxleGiven;
import hingeyard.app.bench.BenchGiven.BatteriesGiven;
import hingeyard.app.bench.BenchGiven.BendGiven;
import hingeyard.app.bench.BenchGiven.ExtensionGiven;
import hingeyard.app.bench.BenchGiven.FastenerGiven;
import hingeyard.app.bench.BenchGiven.GearsGiven;
import hingeyard.app.bench.BenchGiven.PackGiven;
import hingeyard.app.bench.BenchGiven.PressureGiven;
import hingeyard.app.bench.BenchGiven.RangeGiven;
import hingeyard.app.bench.BenchGiven.RollOutGiven;
import hingeyard.app.bench.BenchGiven.StackGiven;
import hingeyard.app.bench.BenchGiven.TruingGiven;
import hingeyard.app.bench.BenchGiven.WireGiven;
import hingeyard.app.bench.BenchViews.AxleMaterial;
import hingeyard.app.bench.BenchViews.AxleView;
import hingeyard.app.bench.BenchViews.BatteriesView;
import hingeyard.app.bench.BenchViews.BatterySample;
import hingeyard.app.bench.BenchViews.BendView;
import hingeyard.app.bench.BenchViews.CutView;
import hingeyard.app.bench.BenchViews.ExtensionView;
import hingeyard.app.bench.BenchViews.FastenerView;
import hingeyard.app.bench.BenchViews.GearView;
import hingeyard.app.bench.BenchViews.GearsView;
import hingeyard.app.bench.BenchViews.PressureView;
import hingeyard.app.bench.BenchViews.RangeAt;
import hingeyard.app.bench.BenchViews.RangeView;
import hingeyard.app.bench.BenchViews.RollOutView;
import hingeyard.app.bench.BenchViews.StackPieceView;
import hingeyard.app.bench.BenchViews.StackSetView;
import hingeyard.app.bench.BenchViews.StackView;
import hingeyard.app.bench.BenchViews.TruingView;
import hingeyard.app.bench.BenchViews.WasherUsed;
import hingeyard.app.bench.BenchViews.WireView;
import hingeyard.app.problem.Refused;
import hingeyard.app.rules.RulesInForce;
import hingeyard.app.stock.Stock;
import hingeyard.core.bench.ArmBend;
import hingeyard.core.bench.AxleReaction;
import hingeyard.core.bench.BatteryPack;
import hingeyard.core.bench.ChainAndGears;
import hingeyard.core.bench.FastenerPick;
import hingeyard.core.bench.RangeBench;
import hingeyard.core.bench.RangeQuestion;
import hingeyard.core.bench.RideAnswer;
import hingeyard.core.bench.RideInput;
import hingeyard.core.bench.RollOut;
import hingeyard.core.bench.StackBench;
import hingeyard.core.bench.Truing;
import hingeyard.core.bench.TruingAnswer;
import hingeyard.core.bench.TruingInput;
import hingeyard.core.bench.TwoBatteries;
import hingeyard.core.bench.TyrePressure;
import hingeyard.core.bench.WirePick;
import hingeyard.core.bench.WrenchExtension;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stock.DrawerPart;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;

/** Asks the core's calculators, and says what they found in a sentence. */
@Component
class Calculators {

    /** The curve over speed, km/h. */
    private static final int SLOWEST = 12;
    private static final int FASTEST = 36;

    private final RulesInForce rules;
    private final Stock stock;

    Calculators(RulesInForce rules, Stock stock) {
        this.rules = rules;
        this.stock = stock;
    }

    private static String say(String words, Object... with) {
        return String.format(Locale.ROOT, words, with);
    }

    TruingView truing(TruingGiven given) {
        if (given.readAt().compareTo(given.boltCircle()) <= 0) {
            throw Refused.input("readAt", given.readAt().toPlainString(),
                    "more than the bolts' circle of %s mm".formatted(given.boltCircle().toPlainString()));
        }
        Set<Double> angles = new HashSet<>();
        given.readings().stream().filter(r -> !angles.add(r.angle().doubleValue())).findFirst().ifPresent(r -> {
            throw Refused.input("readings", r.angle().toPlainString() + "° twice", "each angle once");
        });
        TruingAnswer answer;
        try {
            answer = Truing.of(new TruingInput(given.bolts(), given.boltCircle().doubleValue(), given.readAt().doubleValue(),
                    given.readings().stream().map(r -> new TruingInput.Reading(r.angle().doubleValue(), r.mm().doubleValue())).toList()));
        } catch (IllegalArgumentException e) {
            throw Refused.input("readings", "%d of them".formatted(given.readings().size()), "readings all round the rotor");
        }
        return new TruingView(answer.verdict(), answer.sentence(), answer.before(), answer.tilt(), answer.highAt(), answer.after(),
                answer.cuts().stream().map(c -> new CutView(c.bolt(), c.angle(), c.mm())).toList(), answer.fitted(), answer.limits());
    }

    ExtensionView wrench(ExtensionGiven given) {
        WrenchExtension wrench = new WrenchExtension(given.torque().doubleValue(), given.length().doubleValue(),
                given.extension().doubleValue());
        return new ExtensionView(say("Set the wrench to %.1f N·m.", wrench.setting()), wrench.setting(), wrench.uncorrected(),
                wrench.setting() / WrenchExtension.FOOT_POUND, wrench.setting() / WrenchExtension.INCH_POUND);
    }

    RollOutView rollOut(RollOutGiven given) {
        Optional<RollOut.Rolled> rolled = given.rolled().map(mm -> {
            try {
                return new RollOut.Rolled(mm.doubleValue(), given.turns());
            } catch (IllegalArgumentException e) {
                throw Refused.input("rolled", mm.toPlainString() + " mm in " + given.turns() + " turns", "300 to 3000 mm a turn");
            }
        });
        RollOut wheel = given.wheel(rolled);
        boolean plausible = RollOut.plausible(wheel.circumference(), wheel.marked());
        return new RollOutView(
                say("%.0f mm a turn, %s.%s", wheel.circumference(), rolled.isPresent() ? "as rolled" : "by the tyre's marking",
                        plausible ? "" : say(" By its marking it is %.0f mm: count the turns and measure again.", wheel.marked())),
                wheel.marked(),
                wheel.circumference(), rolled.isPresent(), wheel.speedError(), plausible, wheel.listed().inches(), wheel.listed().off(),
                wheel.pulses());
    }

    RangeView range(RangeGiven given) {
        RideInput ride = new RangeQuestion(given.mass(), given.km(), given.climb(), given.speed(), given.riderWatts(), given.assist(),
                given.wind(), given.stops(), given.wattHours(), given.ratedWatts(), given.peakTorque(), given.noLoadSpeed(),
                given.circumference(), given.throughGears(), given.cutOffSpeed(), given.throttleOnly()).ride();
        RideAnswer a = RangeBench.answer(ride);
        boolean enough = given.km() <= Math.min(a.thumbRange(), a.physicsRange());
        List<RangeAt> over = IntStream.rangeClosed(SLOWEST, FASTEST).mapToObj(v -> {
            RideAnswer at = RangeBench.answer(ride.at(v));
            return new RangeAt(v, at.thumbRange(), at.physicsRange(), at.coldRange(), RangeBench.needs(ride, v), RangeBench.gives(ride, v));
        }).toList();
        return new RangeView(say("%s; %s in frost. %s", capital(a.told()), a.toldCold(),
                enough ? say("The ride of %.0f km is within both.", given.km())
                        : say("The ride of %.0f km is more than the lower of both: charge on the way, or a larger battery.", given.km())),
                a.thumbRange(), a.thumbPerKm(), a.physicsRange(), a.physicsPerKm(), a.coldRange(), a.topSpeed(), a.climb(), enough, over);
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    BendView bend(BendGiven given) {
        ArmBend.Answer a = ArmBend.of(new ArmBend.Input(given.step(), given.tie(), given.thickness(), given.washer(), given.spare(),
                given.washers().stream().map(w -> new ArmBend.Washer(w.thickness(), w.count())).toList()));
        return new BendView(a.advice(), a.sentence(), a.packed(),
                a.pack().stream().map(w -> new WasherUsed(w.thickness(), w.count())).toList(), a.left(), a.line(), a.vice(), a.angle(),
                a.bendTo(), a.length());
    }

    private static BatteryPack pack(PackGiven given) {
        return new BatteryPack(given.series(), given.ampHours(), given.charge(), given.ohms(), given.rated());
    }

    BatteriesView batteries(BatteriesGiven given) {
        TwoBatteries.Answer a = TwoBatteries.of(new TwoBatteries.Input(pack(given.first()), pack(given.second()), given.cutOffVolts(),
                given.combiner(), given.ride().stream().map(l -> new TwoBatteries.Load(l.minutes(), l.watts())).toList()));
        String began = a.together().map(m -> m == 0 ? "Both feed from the beginning. " : say("Both feed from minute %.0f. ", m))
                .orElse("One stands higher all the time and feeds alone. ");
        String ended = switch (a.end()) {
            case RIDE_OVER -> "The ride is over before they are.";
            case CUT_OFF -> say("The controller stops in minute %.0f.", a.minutes());
            case EMPTY -> say("They are empty in minute %.0f.", a.minutes());
        };
        return new BatteriesView(a.end(), began + ended, a.minutes(), a.together(), a.firstWattHours(), a.secondWattHours(),
                a.lostWattHours(), a.mostFirst(), a.mostSecond(), a.mostTogether(),
                a.samples().stream()
                        .map(s -> new BatterySample(s.minute(), s.volts(), s.first(), s.second(), s.firstCharge(), s.secondCharge()))
                        .toList(),
                a.warnings());
    }

    GearsView gears(GearsGiven given) {
        ChainAndGears.Answer a = ChainAndGears.of(new ChainAndGears.Input(given.ring(), given.cogs(), given.chainstay(),
                given.circumference(), given.cadence(), given.derailleur(), given.ringPlane(), given.outerCog(), given.bend()));
        List<Integer> lost = a.gears().stream().filter(g -> !g.kept()).map(ChainAndGears.Gear::teeth).toList();
        String line = lost.isEmpty() ? "The chainline keeps every cog."
                : "The chainline leaves out %s.".formatted(
                        lost.stream().map(t -> t + " teeth").collect(Collectors.joining(", ")));
        return new GearsView(say("%d links of a chain %.1f mm wide. %s", a.links(), a.width(), line), a.width(), a.links(), a.wrapped(),
                a.gears().stream().map(g -> new GearView(g.teeth(), g.ratio(), g.speed(), g.metres(), g.bent(), g.kept())).toList());
    }

    PressureView pressure(PressureGiven given) {
        TyrePressure tyre = new TyrePressure(given.beadSeat(), given.width(), given.load(), given.tyreMost(), given.rimMost());
        return new PressureView(
                tyre.overloaded()
                        ? say("%.1f bar, the lower of the marks; the load wants %.1f: a wider tyre, or less on this wheel.",
                                tyre.pressure(),
                                tyre.wanted())
                        : say("Pump it to %.1f bar.", tyre.pressure()),
                tyre.wanted(), tyre.limit(), tyre.pressure(), tyre.overloaded());
    }

    AxleView axle(AxleGiven given) {
        AxleReaction axle = new AxleReaction(given.torque(), given.plate(), given.flat());
        double force = axle.atTheArm(given.arm());
        ShopRules now = rules.now();
        List<AxleMaterial> materials = List.of(material("steel", NumberRule.BEARING_STEEL, now, axle),
                material("titanium", NumberRule.BEARING_TITANIUM, now, axle),
                material("aluminium", NumberRule.BEARING_ALUMINIUM, now, axle),
                material("magnesium casting", NumberRule.BEARING_MAGNESIUM, now, axle), new AxleMaterial("carbon", 0, false));
        return new AxleView(say("The flats press with %.0f N/mm². An arm holds %.0f N at its tie.", axle.pressure(), force),
                axle.pressure(), force, materials);
    }

    private static AxleMaterial material(String name, NumberRule rule, ShopRules rules, AxleReaction axle) {
        double bears = rules.number(rule);
        return new AxleMaterial(name, bears, axle.pressure() <= bears);
    }

    FastenerView fastener(FastenerGiven given) {
        FastenerPick.Answer a = FastenerPick.of(new FastenerPick.Input(given.thread(), given.into(), given.clamped(), given.depth(),
                given.washer(), given.wet()));
        return new FastenerView(a.sentence(), a.length(), a.engagement(), a.wanted(), a.torque(), a.washer(), a.washerOuter(), a.locker(),
                a.limits());
    }

    WireView wire(WireGiven given) {
        WirePick wire = new WirePick(given.amps(), given.metres(), given.volts());
        double percent = 100 * wire.drop() / given.volts();
        return new WireView(wire.tooMuch()
                ? "No wire of the usual gauges does: lower the current in the settings, or run it shorter."
                : say("AWG %d: it carries %.0f A and loses %.1f %% there and back.", wire.gauge(), wire.carries(), percent), wire.gauge(),
                wire.drop(), percent, wire.carries(), wire.tooMuch());
    }

    StackView stack(StackGiven given) {
        Map<String, DrawerPart> drawers = stock.drawersFor(0).parts().stream()
                .collect(Collectors.toMap(DrawerPart::number, Function.identity()));
        List<DrawerPart> chosen = given.parts().stream().distinct().map(number -> Optional.ofNullable(drawers.get(number))
                .orElseThrow(() -> Refused.input("parts", number, "numbers of drawers"))).toList();
        StackAnswer a = StackBench.of(given.from(), given.to(), chosen, given.most());
        List<StackSetView> sets = a.sets().stream().map(s -> new StackSetView(s.sums().get(0).inMillimetres(), s.worstCase(),
                s.sides().get(0).stream().map(u -> new StackPieceView(u.piece().id(), u.piece().name(), u.piece().place(), u.count(),
                        u.piece().size().thickness().inMillimetres())).toList()))
                .toList();
        Optional<Double> make = a.toMake().stream().findFirst().map(m -> m.thickness().inMillimetres());
        String sentence = sets.isEmpty()
                ? make.map(m -> say("No set of these drawers fills it: make a piece of %.2f mm.", m))
                        .orElse("No set of these drawers fills it.")
                : sets.size() == 1 ? "One set fills it." : "%d sets fill it, the best first.".formatted(sets.size());
        return new StackView(sentence, a.count(), sets, make);
    }
}
