package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.Reading;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.BracketBody;
import hingeyard.core.kit.BracketBody.FaceAt;
import hingeyard.core.kit.BracketDrive;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackSet;
import java.util.Optional;

/**
 * Where a bracket motor ends up: the spacer stack that clears the chainstay, found once for all checks that build on it.
 *
 * <p>The axle's shoulder lies half a shell width and the drive-side spacers right of the middle plane, W/2 + d. A part whose offset
 * from the shoulder is o clears the stay at its radius by W/2 + d + o − stay.
 */
final class BracketPlan {

    private final FitCase fitCase;
    private final Optional<Reading.OfLength> shell;
    private final Optional<Stays> right;
    private final BracketStack stack;
    private final Optional<StackAnswer> answer;

    private BracketPlan(FitCase c) {
        this.fitCase = c;
        this.shell = c.survey().length(BracketMeasures.SHELL_WIDTH);
        this.right = Stays.of(c, Stays.RIGHT);
        this.stack = new BracketStack(c, leastDriveSide(), preferredDriveSide());
        this.answer = shell.map(s -> stack.solve(s.value(), s.plusMinus()));
    }

    static BracketPlan of(FitCase c) {
        return c.once(BracketPlan.class, BracketPlan::new);
    }

    private BracketDrive drive() {
        return fitCase.kit().drive().bracket().orElseThrow();
    }

    /** Radius at which the chainring is widest: pitch radius and four millimetres of tooth. */
    static double ringRadius(BracketBody body) {
        return body.ring().pitchRadius() + 4;
    }

    /** The stack for this shell; one solution, its own figures. */
    BracketStack stack() {
        return stack;
    }

    /** What the drawers offer; empty while the shell is not measured. */
    Optional<StackAnswer> answer() {
        return answer;
    }

    Optional<StackSet> best() {
        return answer.flatMap(StackAnswer::best);
    }

    /** Drive-side spacers of the stack; the least that clears while there is no stack. */
    Length driveSide() {
        return best().map(b -> b.sums().get(0)).orElseGet(this::leastDriveSide);
    }

    /** Other-side spacers of the stack; none while there is no stack. */
    Length otherSide() {
        return best().map(b -> b.sums().get(1)).orElse(Length.ZERO);
    }

    Length halfShell() {
        return shell.orElseThrow().value().half();
    }

    /** Uncertainty of a place that hangs on half the shell and a stay. */
    Length plusMinus(Stays stays) {
        return shell.orElseThrow().plusMinus().half().plus(stays.plusMinus());
    }

    /** Right of the middle plane. */
    Length shoulder() {
        return halfShell().plus(driveSide());
    }

    /** The maker's least, and what gearbox and chainring need to clear the stay with its uncertainty. */
    Length leastDriveSide() {
        Length least = drive().driveSideLeast();
        if (shell.isEmpty() || right.isEmpty() || drive().body().isEmpty()) {
            return least;
        }
        BracketBody body = drive().body().get();
        Length sure = plusMinus(right.get());
        for (FaceAt face : body.faces()) {
            least = least.max(needed(face.offset(), face.radius().inMillimetres(), LengthRule.MOTOR_TO_STAY).plus(sure));
        }
        Length ringInside = body.ring().plane().minus(body.ring().boltReach());
        return least.max(needed(ringInside, ringRadius(body), LengthRule.RING_TO_STAY).plus(sure));
    }

    private Length needed(Length offset, double radius, LengthRule rule) {
        return right.orElseThrow().at(radius).plus(fitCase.rules().value(rule)).minus(halfShell()).minus(offset);
    }

    /** What brings the chainring nearest the middle of the cogs; the least while the cogs are not measured. */
    private Length preferredDriveSide() {
        Length least = leastDriveSide();
        if (shell.isEmpty() || drive().body().isEmpty()) {
            return least;
        }
        return Cogs.of(fitCase).map(c -> c.middle().minus(halfShell()).minus(drive().body().get().ring().plane())).orElse(least).max(least);
    }
}
