package hingeyard.core.fit.checks;

import hingeyard.core.bike.Reading;
import hingeyard.core.bike.TriangleMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.LimitKind;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.RollerDrive;
import hingeyard.core.quantity.Band;

/** Does the roller's clamp go round the seat tube? */
final class RollerClampCheck extends MeasuredCheck {

    RollerClampCheck() {
        super("roller-clamp", "Clamp on the seat tube", TriangleMeasures.SEAT_TUBE_DIAMETER);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().roller().isPresent();
    }

    private static Band range(FitCase c) {
        RollerDrive roller = c.kit().drive().roller().orElseThrow();
        return new Band(roller.tubeLeast(), roller.tubeMost());
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(Sentence.of("clamps %s", range(c)))).figure(Figure.published("Thinnest tube", range(c).least(), c.kit().code()))
                .figure(Figure.published("Thickest tube", range(c).greatest(), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Reading.OfLength tube = bike(c, finding, TriangleMeasures.SEAT_TUBE_DIAMETER);
        Clearance least = new Clearance(tube.value(), Doubt.of(tube), range(c).least());
        Clearance most = Clearance.atMost(tube, range(c).greatest());
        Clearance worst = least.worse(most).as(LimitKind.MAKERS);
        if (worst.answer() == Clearance.Answer.ENOUGH) {
            return finding.margin(Margin.said("fits the tube")).is(Verdict.FITS,
                    passing(worst, Sentence.of("The clamp takes tubes of %s; this one is %s.", range(c), tube.value())));
        }
        if (worst.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, worst);
        }
        if (tube.value().isMoreThan(range(c).greatest())) {
            return finding.margin(Margin.said(Sentence.of("%s too thick", tube.value().minus(range(c).greatest()))))
                    .remedy(Remedy.otherKit("Choose a hub kit, or a roller with a wider clamp."))
                    .is(Verdict.NO_FIT,
                            Sentence.of("The seat tube is %s and the clamp takes up to %s.", tube.value(), range(c).greatest()));
        }
        return finding.margin(Margin.said("sleeve"))
                .remedy(Needs.drawerOrBuy(c, "tube-sleeve", 1,
                        p -> p.size().filter(s -> s.inner().equals(tube.value()) && range(c).contains(s.outer())).isPresent(),
                        "tube-sleeve",
                        Sentence.of("Rubber sleeve, %s to %s", tube.value(), range(c).least())))
                .is(Verdict.FITS_WITH,
                        Sentence.of("The seat tube is %s and the clamp takes %s: fit a split sleeve.", tube.value(), range(c)));
    }
}
