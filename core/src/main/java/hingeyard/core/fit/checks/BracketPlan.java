package hingeyard.core.fit.checks;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.BracketBody;
import hingeyard.core.kit.BracketBody.FaceAt;
import hingeyard.core.kit.BracketDrive;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackLimit;
import hingeyard.core.stack.StackSet;
import hingeyard.core.stack.StackWish;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Where a bracket motor ends up: spacers on both sides, chainring, cogs and cranks, solved as one for all checks that build on it.
 *
 * <p>The axle's shoulder lies half a shell width and the drive-side spacers right of the middle plane, W/2 + d. A part whose offset
 * from the shoulder is o clears the right stay at its radius by W/2 + d + o − stay; the left crank clears the left one by crank − W/2 − d −
 * stay, the tooth plate by
 * W/2 + n − stay. Of what clears, the set wins that keeps most gears, then cranks nearest to alike, then the quietest chain; spacers behind
 * the chainring are tried
 * where the ring alone would give something up.
 */
final class BracketPlan {

    private final FitCase fitCase;
    private final Optional<Reading.OfLength> shell;
    private final Optional<Stays> right;
    private final Optional<Stays> left;
    private final Optional<Cogs> cogs;
    private final Optional<Length> chainstay;
    private final BracketStack stack;
    private final Optional<StackAnswer> answer;
    private final Optional<RingSpacers> ringSpacers;

    /** @param sum of the spacers behind the chainring @param answer which they are; empty for none */
    record RingSpacers(Length sum, StackAnswer answer, Band allowed) {
    }

    private record Solved(StackAnswer answer, Optional<RingSpacers> ring) {
    }

    private BracketPlan(FitCase c) {
        this.fitCase = c;
        this.shell = c.survey().length(BracketMeasures.SHELL_WIDTH);
        this.right = Stays.of(c, Stays.RIGHT);
        this.left = Stays.of(c, Stays.LEFT);
        this.cogs = Cogs.of(c);
        this.chainstay = c.survey().length(RearMeasures.CHAINSTAY).map(Reading.OfLength::value);
        this.stack = new BracketStack(c, leastDriveSide(), preferredDriveSide());
        Optional<Solved> solved = shell.map(this::solve);
        this.answer = solved.map(Solved::answer);
        this.ringSpacers = solved.flatMap(Solved::ring);
    }

    static BracketPlan of(FitCase c) {
        return c.once(BracketPlan.class, BracketPlan::new);
    }

    /** Everything the plan of this kit rests on, on this kind of bike: whatever of it is open leaves all of it open. */
    static List<Measure> needed(FitCase c) {
        return c.once(Needed.class, k -> new Needed(gathered(k))).measures;
    }

    /** What the plan rests on, gathered once for all checks that ask. */
    private record Needed(List<Measure> measures) {
    }

    private static List<Measure> gathered(FitCase c) {
        if (c.kit().drive().bracket().flatMap(BracketDrive::body).isEmpty()) {
            return List.of(BracketMeasures.SHELL_WIDTH);
        }
        Stream<Measure> cogs = c.bike().kind() == BikeKind.BARE_FRAME ? Stream.of()
                : Stream.concat(Cogs.NEEDED.stream(), Stream.of(RearMeasures.CHAINSTAY));
        return Stream.of(Stream.of(BracketMeasures.SHELL_WIDTH), Stays.RIGHT.stream(), Stays.LEFT.stream(), cogs).<Measure>flatMap(s -> s)
                .toList();
    }

    private BracketDrive drive() {
        return fitCase.kit().drive().bracket().orElseThrow();
    }

    /** Radius at which the chainring is widest: pitch radius and four millimetres of tooth. */
    static double ringRadius(BracketBody body) {
        return body.ring().pitchRadius() + 4;
    }

    /** Without spacers behind the chainring, unless something would be given up. */
    private Solved solve(Reading.OfLength width) {
        Solved plain = new Solved(at(width, Length.ZERO), Optional.empty());
        if (cogs.isEmpty() || chainstay.isEmpty() || drive().body().isEmpty() || !plain.answer.possible() || nothingGivenUp(plain.answer)) {
            return plain;
        }
        Solved best = plain;
        for (RingSpacers spacers : RingStack.of(fitCase)) {
            StackAnswer with = at(width, spacers.sum());
            best = with.possible() && isBetter(with.costs(), best.answer.costs()) ? new Solved(with, Optional.of(spacers)) : best;
        }
        return best;
    }

    private static boolean nothingGivenUp(StackAnswer answer) {
        return answer.costs().stream().allMatch(c -> c == 0);
    }

    /** Fewer pieces behind the ring come first: later ones must serve a wish better. */
    private static boolean isBetter(List<Long> costs, List<Long> than) {
        for (int i = 0; i < costs.size(); i++) {
            if (!costs.get(i).equals(than.get(i))) {
                return costs.get(i) < than.get(i);
            }
        }
        return false;
    }

    /** What clears the left side too, else what clears the right: then the left side's own check says that it does not. */
    private StackAnswer at(Reading.OfLength width, Length ring) {
        List<StackWish> wishes = wishes(ring);
        StackAnswer all = stack.solve(width.value(), width.plusMinus(), leftLimits(), wishes);
        return all.possible() || left.isEmpty() ? all : stack.solve(width.value(), width.plusMinus(), List.of(), wishes);
    }

    private List<StackLimit> leftLimits() {
        if (left.isEmpty() || drive().body().isEmpty()) {
            return List.of();
        }
        BracketBody body = drive().body().get();
        Length wanted = fitCase.rules().value(LengthRule.MOTOR_TO_STAY);
        Length most = body.leftCrank().minus(halfShell()).minus(left.get().at(Stays.CRANK_RADIUS)).minus(wanted);
        Length least = left.get().at(body.plateRadius().inMillimetres()).plus(wanted).minus(halfShell()).max(Length.ZERO);
        return List.of(StackLimit.nominal("left crank clear of the stay", List.of(1, 0), new Band(StackLimit.UNBOUNDED.negated(), most)),
                StackLimit.nominal("tooth plate clear of the stay", List.of(0, 1), new Band(least, StackLimit.UNBOUNDED)));
    }

    private List<StackWish> wishes(Length ring) {
        List<StackWish> wishes = new ArrayList<>();
        if (drive().body().isEmpty()) {
            return wishes;
        }
        BracketBody body = drive().body().get();
        Length plane = halfShell().plus(body.ring().plane()).plus(ring);
        List<Integer> driveSide = List.of(1, 0);
        if (cogs.isPresent() && chainstay.isPresent()) {
            wishes.add(StackWish.most("gears kept", driveSide, cogs.get().reachedFrom(plane, sideways(NumberRule.CHAINLINE_WORN))));
        }
        Length alike = fitCase.rules().value(LengthRule.CRANK_SYMMETRY);
        Length twice = body.leftCrank().minus(body.rightCrank()).minus(halfShell().times(2));
        wishes.add(StackWish.near("cranks alike", driveSide, new Band(twice.minus(alike).half(), twice.plus(alike).half())));
        if (cogs.isPresent() && chainstay.isPresent()) {
            wishes.add(StackWish.most("quiet chain", driveSide, cogs.get().reachedFrom(plane, sideways(NumberRule.CHAINLINE_GOOD))));
        }
        return wishes;
    }

    /**
     * How far a chain may be bent sideways over the chainstay's length, at an angle that the shop's rule allows; rounded down to a
     * micrometre.
     */
    Length sideways(NumberRule rule) {
        return Length
                .ofMicrometres((long) (Math.tan(Math.toRadians(fitCase.rules().number(rule))) * chainstay.orElseThrow().micrometres()));
    }

    /** The stack for this shell; one solution, its own figures. */
    BracketStack stack() {
        return stack;
    }

    /** What the drawers offer; empty while the shell is not measured. */
    Optional<StackAnswer> answer() {
        return answer;
    }

    /** Spacers behind the chainring; empty for none. */
    Optional<RingSpacers> ringSpacers() {
        return ringSpacers;
    }

    Optional<Cogs> cogs() {
        return cogs;
    }

    private Optional<StackSet> set() {
        return answer.flatMap(StackAnswer::inPlace);
    }

    /** Drive-side spacers, with what has to be bought; the least that clears while no thickness would do. */
    Length driveSide() {
        return set().map(b -> b.sums().get(0)).orElseGet(this::leastDriveSide);
    }

    /** Other-side spacers; none while no thickness would do. */
    Length otherSide() {
        return set().map(b -> b.sums().get(1)).orElse(Length.ZERO);
    }

    Length halfShell() {
        return shell.orElseThrow().value().half();
    }

    /** Doubt of a place that hangs on half the shell and a stay. */
    Doubt doubt(Stays stays) {
        return Doubt.of(shell.orElseThrow()).half().plus(stays.doubt());
    }

    /** Right of the middle plane. */
    Length shoulder() {
        return halfShell().plus(driveSide());
    }

    /** Middle of the chainring's teeth, right of the middle plane. */
    Length ring() {
        return shoulder().plus(drive().body().orElseThrow().ring().plane()).plus(ringSpacers.map(RingSpacers::sum).orElse(Length.ZERO));
    }

    /** The maker's least, and what gearbox and chainring need to clear the stay. */
    Length leastDriveSide() {
        Length least = drive().driveSideLeast();
        if (shell.isEmpty() || right.isEmpty() || drive().body().isEmpty()) {
            return least;
        }
        BracketBody body = drive().body().get();
        for (FaceAt face : body.faces()) {
            least = least.max(needed(face.offset(), face.radius().inMillimetres(), LengthRule.MOTOR_TO_STAY));
        }
        return least.max(needed(body.ring().plane().minus(body.ring().boltReach()), ringRadius(body), LengthRule.RING_TO_STAY));
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
        return cogs.map(c -> c.middle().minus(halfShell()).minus(drive().body().get().ring().plane())).orElse(least).max(least);
    }
}
