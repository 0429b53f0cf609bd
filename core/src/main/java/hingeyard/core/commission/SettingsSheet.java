package hingeyard.core.commission;

import hingeyard.core.bench.RollOut;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.booking.LegalClass;
import hingeyard.core.explain.Ruling;
import hingeyard.core.fit.FitReport;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.DisplayPage;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Current;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What a job's display is set to, page by page, with the ground of each value. Pages that nobody computes are left as found. */
public final class SettingsSheet {

    private static final double USUAL_BEAD = 622;
    private static final double USUAL_TYRE = 40;

    /** What a page is called that asks for a code of the customer's own. */
    public static final String START_CODE = "start code";

    private SettingsSheet() {
    }

    /** By the tyre's marking. */
    public static List<Setting> of(FitReport match) {
        return of(match, Optional.empty());
    }

    /**
     * @param rolled the driven wheel's circumference as somebody rolled it on the floor, mm; set in place of the marking where it is
     *               plausible
     */
    public static List<Setting> of(FitReport match, Optional<Rolled> rolled) {
        return match.kit().equipment().pages().stream().map(p -> setting(match, p, rolled)).toList();
    }

    /** @param mm a turn, more than 0 @param by who rolled it */
    public record Rolled(double mm, String by) {
    }

    /**
     * The sheet is closed once every page was entered, also what was left as found.
     *
     * @param entered marks of the pages that somebody entered
     */
    public static Ruling mayClose(List<Setting> pages, Set<String> entered) {
        List<Setting> open = pages.stream().filter(s -> !entered.contains(s.page())).toList();
        return open.isEmpty() ? Ruling.yes()
                : Ruling.no("%d of %d pages of the display %s not written down: %s. What is left as found is written down too.".formatted(
                        open.size(), pages.size(),
                        open.size() == 1 ? "is" : "are",
                        open.stream().map(s -> s.page() + " " + s.meaning()).collect(Collectors.joining(", "))));
    }

    private static Setting setting(FitReport match, DisplayPage page, Optional<Rolled> rolled) {
        Kit kit = match.kit();
        return switch (page.meaning().toLowerCase(Locale.ROOT)) {
            case "wheel circumference" -> rolled.filter(r -> RollOut.plausible(r.mm, circumference(match)))
                    .map(r -> said(page, Math.round(r.mm) + " mm",
                            "rolled on the floor by %s; %d mm by the tyre's marking".formatted(r.by, Math.round(circumference(match)))))
                    .orElseGet(() -> said(page, Math.round(circumference(match)) + " mm", wheelGround(match)));
            case "speed limit" -> said(page, speed(match) + " km/h", speedGround(match) + "; check your local rules");
            case "battery voltage" -> said(page, Math.round(kit.battery().soldAs().millivolts() / 1000.0) + " V",
                    kit.battery().cellsInSeries() + " cells in series, sold as that");
            case "current limit" -> said(page, limit(kit).text(), "the weakest of controller, battery and plugs");
            case "low cut-off" -> said(page, kit.battery().cutOff().text(), "the battery's own electronics switch off there");
            case START_CODE -> new Setting(page.page(), page.meaning(), page.allowed(), page.usual(),
                    "the customer's own; stands on no paper of the shop", true);
            default -> said(page, page.usual(), "left as found unless the job says otherwise");
        };
    }

    private static Setting said(DisplayPage page, String value, String ground) {
        return new Setting(page.page(), page.meaning(), page.allowed(), value, ground, false);
    }

    /** π·(bead seat + 2·tyre)·0.99 of the wheel whose turns are counted, mm. */
    public static double circumference(FitReport match) {
        WheelEnd end = match.kit().drive().hub().map(h -> h.end()).orElse(WheelEnd.REAR);
        double bead = match.kit().drive().hub().map(h -> h.wheel().beadSeat().inMillimetres())
                .orElse(value(match, end == WheelEnd.REAR ? RearMeasures.BEAD_SEAT : end.beadSeat(), USUAL_BEAD));
        return RollOut.byMarking(bead, value(match, end.tyreWidth(), USUAL_TYRE));
    }

    private static String wheelGround(FitReport match) {
        WheelEnd end = match.kit().drive().hub().map(h -> h.end()).orElse(WheelEnd.REAR);
        boolean measured = match.bike().survey().length(end.tyreWidth()).isPresent();
        return "π · (bead seat + 2 · tyre) · 0.99, " + (measured ? "tyre as measured" : "a tyre of 40 mm supposed: not measured");
    }

    private static double value(FitReport match, LengthMeasure measure, double usual) {
        return match.bike().survey().length(measure).map(r -> r.value().inMillimetres()).orElse(usual);
    }

    /** What the class asked for allows, else what the motor is made for, km/h. */
    public static long speed(FitReport match) {
        ShopRules rules = match.rules();
        long made = match.kit().equipment().motor().map(m -> (long) m.cutOffSpeed())
                .orElse(rules.value(NumberRule.CLASS_A_SPEED).longValue());
        LegalClass asked = match.bike().need().legalClass();
        return switch (asked) {
            case CLASS_A -> Math.min(made, rules.value(NumberRule.CLASS_A_SPEED).longValue());
            case CLASS_B -> Math.min(made, rules.value(NumberRule.CLASS_B_SPEED).longValue());
            case OPEN, OFF_ROAD -> made;
        };
    }

    /** Whichever of motor and class is slower decides, and is named. */
    private static String speedGround(FitReport match) {
        LegalClass asked = match.bike().need().legalClass();
        Optional<NumberRule> ends = switch (asked) {
            case CLASS_A -> Optional.of(NumberRule.CLASS_A_SPEED);
            case CLASS_B -> Optional.of(NumberRule.CLASS_B_SPEED);
            case OPEN, OFF_ROAD -> Optional.empty();
        };
        if (ends.isEmpty()) {
            return asked == LegalClass.OPEN ? "as the motor is made: no class was asked for"
                    : "as the motor is made: off-road only, not for public roads";
        }
        String allows = "%s ends at %s".formatted(asked.label(), match.rules().text(ends.get()));
        return speed(match) < match.rules().value(ends.get()).longValue() ? "as the motor is made; " + allows
                : allows + " by the shop's rules";
    }

    private static Current limit(Kit kit) {
        Battery battery = kit.battery();
        return kit.controller().limit().min(battery.continuous()).min(battery.plug().rating()).min(kit.controller().plug().rating());
    }
}
