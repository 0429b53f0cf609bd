package hingeyard.app.bench;

import hingeyard.app.problem.Refused;
import hingeyard.core.bench.RollOut;
import hingeyard.core.bench.Truing;
import hingeyard.core.bench.TruingAnswer;
import hingeyard.core.bench.TruingInput;
import hingeyard.core.bench.WrenchExtension;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Digits;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bench calculators, while one types. */
@RestController
@RequestMapping("/api/bench")
class BenchController {

    /** @param angle degrees from bolt 1; @param mm of the dial gauge */
    record GaugeReading(
            @NotNull(message = "an angle") @DecimalMin(value = "0", message = "0 to 359.9 degrees") @DecimalMax(value = "359.9", message = "0 to 359.9 degrees") @Digits(integer = 3, fraction = 1, message = "degrees with at most one decimal") BigDecimal angle,
            @NotNull(message = "a reading") @DecimalMin(value = "-10", message = "-10 to 10 mm") @DecimalMax(value = "10", message = "-10 to 10 mm") @Digits(integer = 2, fraction = 3, message = "millimetres with at most three decimals") BigDecimal mm) {
    }

    /** @param boltCircle,readAt diameters, mm */
    record TruingGiven(@Min(value = 3, message = "3 to 6 bolts") @Max(value = 6, message = "3 to 6 bolts") int bolts,
            @NotNull(message = "the bolts' circle") @DecimalMin(value = "20", message = "20 to 200 mm") @DecimalMax(value = "200", message = "20 to 200 mm") @Digits(integer = 3, fraction = 2, message = "millimetres with at most two decimals") BigDecimal boltCircle,
            @NotNull(message = "where the gauge touches") @DecimalMin(value = "20", message = "20 to 260 mm") @DecimalMax(value = "260", message = "20 to 260 mm") @Digits(integer = 3, fraction = 2, message = "millimetres with at most two decimals") BigDecimal readAt,
            @NotNull(message = "the readings") @Size(min = 3, max = 72, message = "3 to 72 readings") List<@NotNull(message = "a reading") @Valid GaugeReading> readings) {
    }

    /** @param mm to be taken off; 0 for the one that stays */
    record CutView(int bolt, double angle, double mm) {
    }

    /** @param fitted the tilt alone at each reading, mm */
    record TruingView(TruingAnswer.Verdict verdict, String sentence, double before, double tilt, double highAt, double after,
            List<CutView> cuts, List<Double> fitted, List<String> limits) {
    }

    /** @param torque N·m; @param length,extension mm */
    record ExtensionGiven(
            @NotNull(message = "a torque") @DecimalMin(value = "0.1", message = "0.1 to 500 N·m") @DecimalMax(value = "500", message = "0.1 to 500 N·m") @Digits(integer = 3, fraction = 3, message = "at most three decimals") BigDecimal torque,
            @NotNull(message = "the wrench's length") @DecimalMin(value = "50", message = "50 to 1500 mm") @DecimalMax(value = "1500", message = "50 to 1500 mm") @Digits(integer = 4, fraction = 2, message = "at most two decimals") BigDecimal length,
            @NotNull(message = "the extension") @DecimalMin(value = "0", message = "0 to 1000 mm") @DecimalMax(value = "1000", message = "0 to 1000 mm") @Digits(integer = 4, fraction = 2, message = "at most two decimals") BigDecimal extension) {
    }

    /** @param setting what the wrench is set to; @param uncorrected what the bolt would get else; N·m */
    record ExtensionView(double setting, double uncorrected, double settingFootPounds, double settingInchPounds) {
    }

    /** @param rolled mm over so many turns; @param set the display's own circumference, mm */
    record RollOutGiven(@Min(value = 100, message = "100 to 700 mm") @Max(value = 700, message = "100 to 700 mm") int beadSeat,
            @Min(value = 15, message = "15 to 130 mm") @Max(value = 130, message = "15 to 130 mm") int width,
            Optional<@DecimalMin(value = "300", message = "300 to 150000 mm") @DecimalMax(value = "150000", message = "300 to 150000 mm") @Digits(integer = 6, fraction = 1, message = "at most one decimal") BigDecimal> rolled,
            @Min(value = 1, message = "1 to 50 turns") @Max(value = 50, message = "1 to 50 turns") int turns,
            Optional<@DecimalMin(value = "300", message = "300 to 3000 mm") @DecimalMax(value = "3000", message = "300 to 3000 mm") @Digits(integer = 4, fraction = 1, message = "at most one decimal") BigDecimal> set) {
    }

    /** @param speedError by how much of a hundred the display says more than the truth */
    record RollOutView(double marked, double circumference, boolean measured, Optional<Double> speedError) {
    }

    /** Which stand-off to shorten, by how much. */
    @PostMapping("/truing")
    TruingView truing(@Valid @RequestBody TruingGiven given) {
        if (given.readAt().compareTo(given.boltCircle()) <= 0) {
            throw Refused.input("readAt", given.readAt().toPlainString(), "more than the bolts' circle of %s mm".formatted(
                    given.boltCircle().toPlainString()));
        }
        Set<Double> angles = new HashSet<>();
        for (GaugeReading r : given.readings()) {
            if (!angles.add(r.angle().doubleValue())) {
                throw Refused.input("readings", r.angle().toPlainString() + "° twice", "each angle once");
            }
        }
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

    /** What a torque wrench is set to with something between it and the bolt. */
    @PostMapping("/wrench")
    ExtensionView wrench(@Valid @RequestBody ExtensionGiven given) {
        WrenchExtension wrench = new WrenchExtension(given.torque().doubleValue(), given.length().doubleValue(),
                given.extension().doubleValue());
        return new ExtensionView(wrench.setting(), wrench.uncorrected(), wrench.setting() / WrenchExtension.FOOT_POUND,
                wrench.setting() / WrenchExtension.INCH_POUND);
    }

    /** How far a wheel rolls in a turn, and what that makes of the display's speed. */
    @PostMapping("/roll-out")
    RollOutView rollOut(@Valid @RequestBody RollOutGiven given) {
        Optional<RollOut.Rolled> rolled = given.rolled().map(mm -> {
            try {
                return new RollOut.Rolled(mm.doubleValue(), given.turns());
            } catch (IllegalArgumentException e) {
                throw Refused.input("rolled", mm.toPlainString() + " mm in " + given.turns() + " turns", "300 to 3000 mm a turn");
            }
        });
        RollOut wheel = new RollOut(given.beadSeat(), given.width(), rolled, given.set().map(BigDecimal::doubleValue));
        return new RollOutView(wheel.marked(), wheel.circumference(), wheel.rolled().isPresent(), wheel.speedError());
    }
}
