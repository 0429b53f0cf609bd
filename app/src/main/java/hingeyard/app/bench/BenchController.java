package hingeyard.app.bench;

import hingeyard.app.bench.BenchGiven.AxleGiven;
import hingeyard.app.bench.BenchGiven.BatteriesGiven;
import hingeyard.app.bench.BenchGiven.BendGiven;
import hingeyard.app.bench.BenchGiven.ExtensionGiven;
import hingeyard.app.bench.BenchGiven.FastenerGiven;
import hingeyard.app.bench.BenchGiven.GearsGiven;
import hingeyard.app.bench.BenchGiven.PressureGiven;
import hingeyard.app.bench.BenchGiven.RangeGiven;
import hingeyard.app.bench.BenchGiven.RollOutGiven;
import hingeyard.app.bench.BenchGiven.StackGiven;
import hingeyard.app.bench.BenchGiven.TruingGiven;
import hingeyard.app.bench.BenchGiven.WireGiven;
import hingeyard.app.bench.BenchViews.AxleView;
import hingeyard.app.bench.BenchViews.BatteriesView;
import hingeyard.app.bench.BenchViews.BendView;
import hingeyard.app.bench.BenchViews.ExtensionView;
import hingeyard.app.bench.BenchViews.FastenerView;
import hingeyard.app.bench.BenchViews.GearsView;
import hingeyard.app.bench.BenchViews.PressureView;
import hingeyard.app.bench.BenchViews.RangeView;
import hingeyard.app.bench.BenchViews.RollOutView;
import hingeyard.app.bench.BenchViews.StackView;
import hingeyard.app.bench.BenchViews.TruingView;
import hingeyard.app.bench.BenchViews.WireView;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bench calculators, while one types; nothing is kept. */
@RestController
@RequestMapping("/api/bench")
class BenchController {

    private final Calculators calculators;

    BenchController(Calculators calculators) {
        this.calculators = calculators;
    }

    /** Which stand-off to shorten, by how much. */
    @PostMapping("/truing")
    TruingView truing(@Valid @RequestBody TruingGiven given) {
        return calculators.truing(given);
    }

    /** How far, by both methods, and over speed. */
    @PostMapping("/range")
    RangeView range(@Valid @RequestBody RangeGiven given) {
        return calculators.range(given);
    }

    /** What a torque wrench is set to with something between it and the bolt. */
    @PostMapping("/wrench")
    ExtensionView wrench(@Valid @RequestBody ExtensionGiven given) {
        return calculators.wrench(given);
    }

    /** How far a wheel rolls in a turn, and what that makes of the display's speed. */
    @PostMapping("/roll-out")
    RollOutView rollOut(@Valid @RequestBody RollOutGiven given) {
        return calculators.rollOut(given);
    }

    /** Where and how far a torque arm is bent. */
    @PostMapping("/bend")
    BendView bend(@Valid @RequestBody BendGiven given) {
        return calculators.bend(given);
    }

    /** Who of two batteries feeds when, and for how long. */
    @PostMapping("/batteries")
    BatteriesView batteries(@Valid @RequestBody BatteriesGiven given) {
        return calculators.batteries(given);
    }

    /** Chain, speeds and chainline. */
    @PostMapping("/gears")
    GearsView gears(@Valid @RequestBody GearsGiven given) {
        return calculators.gears(given);
    }

    /** What goes into a tyre. */
    @PostMapping("/pressure")
    PressureView pressure(@Valid @RequestBody PressureGiven given) {
        return calculators.pressure(given);
    }

    /** What a hub's axle presses its dropouts with. */
    @PostMapping("/axle")
    AxleView axle(@Valid @RequestBody AxleGiven given) {
        return calculators.axle(given);
    }

    /** Which screw, how long, how tight. */
    @PostMapping("/fastener")
    FastenerView fastener(@Valid @RequestBody FastenerGiven given) {
        return calculators.fastener(given);
    }

    /** Which wire. */
    @PostMapping("/wire")
    WireView wire(@Valid @RequestBody WireGiven given) {
        return calculators.wire(given);
    }

    /** What of the drawers fills a gap. */
    @PostMapping("/stack")
    StackView stack(@Valid @RequestBody StackGiven given) {
        return calculators.stack(given);
    }
}
