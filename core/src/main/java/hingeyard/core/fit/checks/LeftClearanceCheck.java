package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.Measure;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.BracketBody;
import hingeyard.core.kit.BracketDrive;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.stock.DrawerPart;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Do left crank and tooth plate pass the left chainstay, and are both feet the same distance out? */
final class LeftClearanceCheck extends MeasuredCheck {

    private static final String USE = "crank-spacer";

    LeftClearanceCheck() {
        super("left-clearance", "Left crank and plate", BracketMeasures.SHELL_WIDTH, BracketMeasures.LEFT_STAY_60,
                BracketMeasures.LEFT_STAY_80,
                BracketMeasures.LEFT_STAY_100);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().isPresent();
    }

    @Override
    Optional<String> unsaid(FitCase c) {
        return c.kit().drive().bracket().flatMap(BracketDrive::body).isPresent() ? Optional.empty()
                : Optional.of("both cranks' inner faces and the tooth plate's radius");
    }

    @Override
    List<Measure> needed(FitCase c) {
        return BracketPlan.needed(c);
    }

    private static BracketBody body(FitCase c) {
        return c.kit().drive().bracket().flatMap(BracketDrive::body).orElseThrow();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(Sentence.of("left crank %s", body(c).leftCrank()), "from the shoulder, to the left"))
                .figure(Figure.published("Left crank's inner face", body(c).leftCrank(), c.kit().code()))
                .figure(Figure.published("Right crank's inner face", body(c).rightCrank(), c.kit().code()))
                .figure(c.rules().figure("Needed", LengthRule.MOTOR_TO_STAY))
                .figure(c.rules().figure("Cranks off symmetrical, at most", LengthRule.CRANK_SYMMETRY));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        BracketPlan plan = BracketPlan.of(c);
        Stays stays = Stays.of(c, Stays.LEFT).orElseThrow();
        BracketBody body = body(c);
        Length wanted = c.rules().value(LengthRule.MOTOR_TO_STAY);
        Length left = body.leftCrank().minus(plan.shoulder());
        Length right = plan.shoulder().plus(body.rightCrank());
        Clearance crank = new Clearance(left.minus(stays.at(Stays.CRANK_RADIUS)), plan.doubt(stays), wanted);
        Clearance plate = new Clearance(plan.halfShell().plus(plan.otherSide()).minus(stays.at(body.plateRadius().inMillimetres())),
                plan.doubt(stays), wanted);
        Clearance worst = crank.worse(plate);
        String which = worst == plate ? "tooth plate" : "left crank";
        Length apart = left.minus(right);
        finding.bike(Leaf.of(stays.at100().told(), "left stay from the middle, at 100")).margin(worst.margin())
                .figure(Figure.computed("Left crank from the middle", left, "crank − W/2 − drive-side spacers"))
                .figure(Figure.computed("Least gap to the left stay", worst.gap(), "crank and tooth plate − stay"))
                .figure(Figure.computed("Left crank further out than the right", apart, "distance from the middle, difference"));
        return switch (worst.answer()) {
            case UNSURE -> unsure(finding, worst);
            case SHORT -> finding.remedy(Remedy.otherKit("Choose a kit with more crank offset or a longer spindle."))
                    .is(Verdict.NO_FIT,
                            worst.gap().isNegative()
                                    ? Sentence.of("The %s would overlap the left chainstay by %s.", which, worst.gap().abs().told())
                                    : Sentence.of("The %s would come within %s of the left chainstay; %s is needed.", which,
                                            worst.gap().told(), wanted));
            case ENOUGH -> alike(c, finding, worst, which, apart);
        };
    }

    private static Finding alike(FitCase c, Finding.Builder finding, Clearance worst, String which, Length apart) {
        Length allowed = c.rules().value(LengthRule.CRANK_SYMMETRY);
        Sentence clear = passing(worst, Sentence.of("The %s clears the left chainstay by %s.", which, worst.gap().told()));
        if (!apart.abs().isMoreThan(allowed)) {
            return finding.is(Verdict.FITS, apart.equals(Length.ZERO) ? Sentence.of("%s Both cranks are the same distance out.", clear)
                    : Sentence.of("%s The cranks are %s off symmetrical; up to %s is fine.", clear, apart.abs().told(), allowed));
        }
        String nearer = apart.isNegative() ? "left" : "right";
        Length most = c.rules().value(LengthRule.CRANK_SPACER_MOST);
        Length least = apart.abs().minus(allowed);
        finding.figure(c.rules().figure("Crank spacer, at most", LengthRule.CRANK_SPACER_MOST));
        if (!least.isMoreThan(most)) {
            return spacer(c, finding, clear, apart.abs(), new Band(least, apart.abs().plus(allowed).min(most)), nearer);
        }
        Length consented = c.rules().value(LengthRule.CRANKS_APART);
        finding.figure(c.rules().figure("With consent, at most", LengthRule.CRANKS_APART));
        if (!apart.abs().isMoreThan(consented)) {
            return finding
                    .remedy(Remedy
                            .consent(Sentence.of("The cranks stay %s off symmetrical; knees and hips may notice.", apart.abs().told())))
                    .is(Verdict.TRADE_OFF,
                            Sentence.of(
                                    "%s The cranks are %s off symmetrical, and a spacer of more than %s leaves a crank too little spindle.",
                                    clear, apart.abs().told(), most));
        }
        return finding.remedy(Remedy.otherKit("Choose a motor with another spindle or crank offset."))
                .is(Verdict.NO_FIT,
                        Sentence.of("The cranks would be %s off symmetrical; more than %s nobody pedals.", apart.abs().told(), consented));
    }

    /** The thinnest that lies in a drawer: a crank goes no further out than it must. */
    private static Finding spacer(FitCase c, Finding.Builder finding, Sentence clear, Length apart, Band wanted, String nearer) {
        Optional<DrawerPart> part = c.drawers().usedAs(USE).stream()
                .filter(p -> p.free() > 0 && p.size().filter(s -> wanted.contains(s.thickness())).isPresent())
                .min(Comparator.comparing(p -> p.size().orElseThrow().thickness()));
        return finding.remedy(part.map(p -> Needs.fromDrawer(p, 1, USE))
                .orElseGet(() -> Needs.drawerOrBuy(c, USE, 1, p -> p.size().filter(s -> wanted.contains(s.thickness())).isPresent(), USE,
                        Sentence.of("Crank spacer, %s thick", wanted))))
                .is(Verdict.FITS_WITH,
                        Sentence.of("%s The cranks would be %s off symmetrical: a spacer on the %s spindle end brings them within %s.",
                                clear, apart.told(), nearer,
                                c.rules().value(LengthRule.CRANK_SYMMETRY)));
    }
}
