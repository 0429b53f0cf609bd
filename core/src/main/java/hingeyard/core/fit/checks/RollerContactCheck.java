package hingeyard.core.fit.checks;

import hingeyard.core.bike.Reading;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.bike.Tread;
import hingeyard.core.bike.YesNo;
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
import hingeyard.core.quantity.Words;

/** Does the roller reach the tyre at its angle, on a tread it can grip? */
final class RollerContactCheck extends MeasuredCheck {

    RollerContactCheck() {
        super("roller-contact", "Roller on the tyre", RearMeasures.CLAMP_DISTANCE, RearMeasures.TREAD, RearMeasures.MUDGUARD);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().roller().isPresent();
    }

    private static Band reach(FitCase c) {
        RollerDrive roller = c.kit().drive().roller().orElseThrow();
        return new Band(roller.armLeast(), roller.armMost());
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(Sentence.of("arm %s", reach(c)), "clamp to tyre"))
                .figure(Figure.published("Arm from", reach(c).least(), c.kit().code()))
                .figure(Figure.published("Arm to", reach(c).greatest(), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Reading.OfLength distance = bike(c, finding, RearMeasures.CLAMP_DISTANCE);
        Tread tread = c.survey().choice(RearMeasures.TREAD).orElseThrow();
        boolean guard = c.survey().choice(RearMeasures.MUDGUARD).orElseThrow() == YesNo.YES;
        finding.figure(Figure.measured("Tread", new Words(tread.label()), RearMeasures.TREAD.key()));
        Clearance worst = new Clearance(distance.value(), Doubt.of(distance), reach(c).least())
                .worse(Clearance.atMost(distance, reach(c).greatest())).as(LimitKind.MAKERS);
        if (worst.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, worst);
        }
        if (worst.answer() == Clearance.Answer.SHORT) {
            return finding.margin(worst.margin()).remedy(Remedy.otherKit("Choose a roller with another arm, or a hub kit."))
                    .is(Verdict.NO_FIT,
                            Sentence.of("The tyre is %s from the clamp and the arm reaches %s at its angle.", distance.value(), reach(c)));
        }
        if (tread == Tread.BLOCKS) {
            finding.remedy(Needs.buy("Rear tyre with a smooth or fine tread", 1, "tyre").replacing("tyre"));
        }
        if (guard) {
            finding.remedy(Remedy.work("general", 15, "Shorten or take off the mudguard above the roller; what comes off is handed back."));
        }
        boolean plain = tread != Tread.BLOCKS && !guard;
        return finding.margin(Margin.said(plain ? "in reach" : "with work")).is(plain ? Verdict.FITS : Verdict.FITS_WITH, Sentence.of(
                "The roller meets the tyre at %s%s%s.", distance.value(),
                tread == Tread.BLOCKS ? ", but a block tread gives it nothing to grip: change the tyre" : ", tread " + tread.label(),
                guard ? "; the mudguard is in the way" : ""));
    }
}
