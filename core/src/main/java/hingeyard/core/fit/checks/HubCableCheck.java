package hingeyard.core.fit.checks;

import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;

/** Where does the motor's lead leave, and what may strike it? */
final class HubCableCheck extends HubCheck {

    HubCableCheck(WheelEnd end) {
        super(end, ended(end, "cable"), endTitle(end, "motor lead"));
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        boolean right = hub(c).axle().leadRight();
        finding.kit(Leaf.of(Sentence.of("lead on the %s", (right ? "right" : "left")), Sentence.of("Ø %s", hub(c).axle().lead())))
                .figure(Figure.published("Lead's diameter", hub(c).axle().lead(), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        boolean right = hub(c).axle().leadRight();
        finding.bike(Leaf.of(Sentence.of("%s axle, %s end", end().label(), (right ? "right" : "left"))));
        if (right && end() == WheelEnd.REAR) {
            return finding.margin(Margin.said("guard"))
                    .remedy(Needs.drawerOrBuy(c, "axle-guard", 1, p -> true, "axle-guard", "Guard for the axle's end and lead"))
                    .is(Verdict.FITS_WITH,
                            "The motor lead comes out beside the derailleur, where a fall hits first: fit a guard, and leave a drip loop below the axle.");
        }
        return finding.margin(Margin.said("drip loop")).is(Verdict.FITS,
                Sentence.of("The motor lead comes out on the %s. Run it downwards with a drip loop, then along the %s.",
                        right ? "right" : "left",
                        end() == WheelEnd.FRONT ? "fork blade" : "stay"));
    }
}
