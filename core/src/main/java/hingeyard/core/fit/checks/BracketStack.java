package hingeyard.core.fit.checks;

import hingeyard.core.bike.Reading;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Sentence;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.BracketDrive;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackBlank;
import hingeyard.core.stack.StackLimit;
import hingeyard.core.stack.StackPiece;
import hingeyard.core.stack.StackProblem;
import hingeyard.core.stack.StackSection;
import hingeyard.core.stack.StackSet;
import hingeyard.core.stack.StackSolver;
import hingeyard.core.stack.StackWish;
import java.util.ArrayList;
import java.util.List;

/**
 * The stack of a bracket mid-drive. Along the axle tube from its drive-side shoulder: drive-side spacers d, shell W, other-side
 * spacers n, tooth plate p, lock nut. The nut must not run out of thread before it clamps, d + W + n + p ≥ x1 + run-in, and must
 * have its engagement, d + W + n + p + engagement ≤ x2; d is at least what the maker wants.
 */
final class BracketStack {

    static final List<String> SIDES = List.of("drive side", "other side");
    static final List<String> ROLES = List.of("bracket-stack-drive", "bracket-stack-other");
    static final String USE = "bracket-spacer";
    /** A spacer whose bore is wider than the tube by more than this hangs off centre. */
    private static final Length LOOSEST_BORE = Length.ofMillimetres("1.5");

    /** A bought spacer's bore and outer diameter over the tube's. */
    private static final Length BORE = Length.ofMillimetres("0.5");
    private static final Length RIM = Length.ofMillimetres("10.5");

    private final FitCase fitCase;
    private final BracketDrive drive;
    private final Length engagement;
    private final Length runIn;
    private final Length driveSideLeast;
    private final Length driveSidePreferred;
    private final int mostPerSide;

    /**
     * @param driveSideLeast     what clears the frame, not below the maker's least
     * @param driveSidePreferred what serves the chainline best
     */
    BracketStack(FitCase fitCase, Length driveSideLeast, Length driveSidePreferred) {
        this.fitCase = fitCase;
        this.driveSideLeast = driveSideLeast;
        this.driveSidePreferred = driveSidePreferred;
        this.mostPerSide = StackWords.mostPerSide(fitCase);
        this.drive = fitCase.kit().drive().bracket().orElseThrow();
        this.engagement = drive.nutEngagement().max(fitCase.rules().value(LengthRule.LOCK_NUT_ENGAGEMENT));
        this.runIn = fitCase.rules().value(LengthRule.NUT_RUN_IN);
    }

    /** The widest shell that leaves thread for the nut with the least drive-side spacer. */
    Length widestShell() {
        return drive.threadTo().minus(engagement).minus(drive.toothPlate()).minus(driveSideLeast);
    }

    /** The narrowest shell that can be brought up to the thread with as many of the thickest spacers as may be used. */
    Length narrowestShell() {
        Length thickest = pieces().stream().map(p -> p.size().thickness()).max(Length::compareTo).orElse(Length.ZERO);
        Length filled = thickest.times(2L * mostPerSide);
        return drive.threadFrom().plus(runIn).minus(drive.toothPlate()).minus(filled).max(Length.ofMillimetres(60)).min(widestShell());
    }

    List<Figure> figures() {
        String sheet = fitCase.kit().code();
        return List.of(Figure.published("Thread begins", drive.threadFrom(), sheet),
                Figure.published("Thread ends", drive.threadTo(), sheet),
                Figure.published("Tooth plate", drive.toothPlate(), sheet),
                driveSideLeast.isMoreThan(drive.driveSideLeast())
                        ? Figure.computed("Least drive-side spacer", driveSideLeast, "to clear the chainstay")
                        : Figure.published("Least drive-side spacer", drive.driveSideLeast(), sheet),
                fitCase.rules().figure("Run-in of the nut", LengthRule.NUT_RUN_IN),
                drive.nutEngagement().isLessThan(engagement) ? fitCase.rules().figure("Lock nut engagement", LengthRule.LOCK_NUT_ENGAGEMENT)
                        : Figure.published("Lock nut engagement", engagement, sheet));
    }

    /** @param more what else must clear @param wishes what the rider keeps */
    StackAnswer solve(Length shell, Length plusMinus, List<StackLimit> more, List<StackWish> wishes) {
        StackProblem problem = problem(shell, plusMinus, more, wishes);
        return fitCase.shared(StackAnswer.class, problem, c -> StackSolver.best(problem));
    }

    /** Both sides' spacers at least, so that the nut does not run out of thread before it clamps. */
    private Length least(Length shell) {
        return drive.threadFrom().plus(runIn).minus(shell).minus(drive.toothPlate());
    }

    /** Both sides' spacers at most, so that the nut has its engagement. */
    private Length greatest(Length shell) {
        return drive.threadTo().minus(engagement).minus(shell).minus(drive.toothPlate());
    }

    /** A shell that leaves no thread at all makes an interval that nothing keeps. */
    private StackProblem problem(Length shell, Length plusMinus, List<StackLimit> more, List<StackWish> wishes) {
        Length least = least(shell);
        Length greatest = greatest(shell);
        List<StackLimit> limits = new ArrayList<>(List.of(
                StackLimit.nominal("gearbox clear of the frame", List.of(1, 0), new Band(driveSideLeast, StackLimit.UNBOUNDED)),
                StackLimit.toleranced("lock nut on its thread", List.of(1, 1),
                        greatest.isLessThan(least) ? Band.exactly(StackLimit.UNBOUNDED.negated()) : new Band(least, greatest), plusMinus)));
        limits.addAll(more);
        StackBlank blank = new StackBlank("Bracket spacer", drive.axleTubeDiameter().plus(BORE), drive.axleTubeDiameter().plus(RIM));
        return new StackProblem(SIDES, pieces(), limits, wishes,
                List.of(driveSidePreferred, least.minus(driveSidePreferred).max(Length.ZERO)), mostPerSide, false, blank);
    }

    private List<StackPiece> pieces() {
        List<StackPiece> pieces = new ArrayList<>(StackWords.kitPieces(fitCase.kit(), USE));
        fitCase.drawers().usedAs(USE).stream().filter(p -> p.size().isPresent() && goesOver(p.size().get()))
                .forEach(p -> pieces.add(new StackPiece(p.number(), p.name(), p.place(), p.size().get(), p.free(), false)));
        return pieces;
    }

    private boolean goesOver(PieceSize size) {
        Length play = size.inner().minus(drive.axleTubeDiameter());
        return !play.isNegative() && !play.isMoreThan(LOOSEST_BORE);
    }

    /** The stack drawn: gearbox, spacers, shell, spacers, plate, nut. */
    StackSection section(Reading.OfLength shell, StackSet set, StackAnswer answer) {
        Length gearbox = Length.ofMillimetres(34);
        StackSketch sketch = new StackSketch("Spacer stack, drive side left", answer, set, SIDES, gearbox.negated())
                .layer("gearbox", StackSection.Role.BODY, gearbox, Length.ofMillimetres(78)).pieces(0)
                .layer(Sentence.of("shell %s", shell.value()), StackSection.Role.FRAME, shell.value(), Length.ofMillimetres(46)).pieces(1)
                .layer(Sentence.of("tooth plate %s", drive.toothPlate()), StackSection.Role.PLATE, drive.toothPlate(),
                        Length.ofMillimetres(56))
                .ends(new Band(drive.threadFrom().plus(runIn), drive.threadTo().minus(engagement)), shell.plusMinus());
        Length left = drive.threadTo().minus(sketch.at());
        return sketch
                .layer(Sentence.of("lock nut, %s of thread", left.told()), StackSection.Role.NUT, drive.lockNutHeight(),
                        Length.ofMillimetres(54))
                .mark("thread begins", drive.threadFrom()).mark("thread ends", drive.threadTo())
                .on(drive.axleTubeDiameter(), new Band(gearbox.negated(), drive.threadTo()), drive.threadFrom());
    }
}
