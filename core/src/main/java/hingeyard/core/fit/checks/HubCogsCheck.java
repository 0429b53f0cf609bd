package hingeyard.core.fit.checks;

import hingeyard.core.bike.CogKind;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.HubDrive.HubCogs;
import hingeyard.core.kit.HubDrive;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Count;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackSection;
import java.util.List;

/**
 * Do the bike's cogs go onto the motor, and does the chain pass between cover and dropout? On a thread: washers w ≥ cover + chain allowance −
 * freewheel's recess; w + freewheel + allowance ≤ thread's shoulder to dropout; five turns of thread left.
 */
final class HubCogsCheck extends HubCheck {

    private static final int TURNS_WANTED = 5;
    private static final String WASHER = "freewheel-washer";
    private static final int MOST_WASHERS = 3;
    /** How much is drawn of the motor's cover behind the washer, and a freewheel's and a thread's usual diameters. */
    private static final Length COVER = Length.ofMillimetres(12);
    private static final Length FREEWHEEL = Length.ofMillimetres(58);
    private static final Length THREAD = Length.ofMillimetres(35);

    HubCogsCheck() {
        super(WheelEnd.REAR, "rear-cogs", "Cogs on the motor", RearMeasures.COG_KIND, RearMeasures.COGS_COUNT, RearMeasures.FREEWHEEL_RECESS);
    }

    @Override
    boolean asks(HubDrive hub) {
        return hub.cogs().isPresent();
    }

    /** Only a freewheel that moves over has a recess to measure. */
    @Override
    List<Measure> needed(FitCase c) {
        boolean moves = cogs(c).screwed() && c.survey().choice(RearMeasures.COG_KIND).filter(k -> k == CogKind.SCREWED_FREEWHEEL).isPresent();
        return moves ? needs() : List.of(RearMeasures.COG_KIND, RearMeasures.COGS_COUNT);
    }

    private static HubCogs cogs(FitCase c) {
        return hub(c).cogs().orElseThrow();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        HubCogs cogs = cogs(c);
        finding.kit(cogs.screwed() ? Leaf.of("thread for a freewheel", Sentence.of("cover stands %s beyond", cogs.coverBeyond())) : Leaf.of("cassette body", Sentence.of("up to %s cogs", cogs.mostCogs())));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        CogKind kind = c.survey().choice(RearMeasures.COG_KIND).orElseThrow();
        int count = c.survey().number(RearMeasures.COGS_COUNT).orElseThrow().intValue();
        HubCogs cogs = cogs(c);
        finding.bike(Leaf.of(count + (count == 1 ? " cog" : " cogs"), kind.label())).figure(Figure.measured("Cogs", new Count(count, "cogs"), RearMeasures.COGS_COUNT.key()));
        boolean same = kind == (cogs.screwed() ? CogKind.SCREWED_FREEWHEEL : CogKind.CASSETTE);
        if (!same) {
            String part = cogs.screwed() ? "screwed freewheel, " + Math.min(count, 7) + " cogs" : "cassette, " + Math.min(count, cogs.mostCogs()) + " cogs";
            return finding.margin(Margin.said("another set")).remedy(Needs.drawerOrBuy(c, cogs.screwed() ? "freewheel" : "cassette", 1, p -> true, "cogs", "New " + part))
                    .is(Verdict.FITS_WITH, Sentence.of("The bike's cogs (%s) do not go onto this motor: it takes a %s, and a chain to match.", kind.label(), part));
        }
        if (!cogs.screwed()) {
            return count <= cogs.mostCogs() ? finding.margin(Margin.said(Sentence.of("%s of %s", count, cogs.mostCogs()))).is(Verdict.FITS, Sentence.of("The bike's cassette of %d moves over.", count))
                    : finding.margin(Margin.said(Sentence.of("%s of %s", count, cogs.mostCogs()))).remedy(Needs.buy(Sentence.of("Cassette with %d cogs, chain to match", cogs.mostCogs()), 1, "cogs"))
                    .remedy(Remedy.consent(Sentence.of("%d gears are given up; the shifter clicks on without effect or is replaced.", count - cogs.mostCogs())))
                    .is(Verdict.TRADE_OFF, Sentence.of("The motor's body takes %d cogs, the bike has %d.", cogs.mostCogs(), count));
        }
        return threaded(c, finding, cogs, count);
    }

    private Finding threaded(FitCase c, Finding.Builder finding, HubCogs cogs, int count) {
        Length recess = value(c, RearMeasures.FREEWHEEL_RECESS);
        Length least = cogs.coverBeyond().plus(c.rules().value(LengthRule.CHAIN_TO_COVER)).minus(recess).max(Length.ZERO);
        Length room = cogs.seatToAxleShoulder().plus(HubPlan.of(c, WheelEnd.REAR).inner(1)).minus(c.rules().value(LengthRule.CHAIN_TO_DROPOUT)).minus(width(count));
        Length thread = cogs.threadPitch().times(Math.max(0, cogs.threadTurns() - TURNS_WANTED));
        Length most = room.min(thread);
        finding.figure(Figure.published("Cover beyond the thread's shoulder", cogs.coverBeyond(), c.kit().code()))
                .figure(Figure.measured("Freewheel's recess", recess, RearMeasures.FREEWHEEL_RECESS.key()))
                .figure(c.rules().figure("Chain allowance inside", LengthRule.CHAIN_TO_COVER)).figure(c.rules().figure("Chain allowance outside", LengthRule.CHAIN_TO_DROPOUT))
                .figure(Figure.computed("Washers at least", least, "cover + allowance − recess")).figure(Figure.computed("Washers at most", most, "room to the dropout, five turns of thread"))
                .margin(Margin.said(Sentence.of("washers %s to %s", least, most)));
        if (most.isLessThan(least)) {
            return oneGearLess(finding, count, least, most, least.minus(most));
        }
        if (least.equals(Length.ZERO)) {
            return finding.is(Verdict.FITS, Sentence.of("The freewheel of %d goes on without a washer; the chain clears cover and dropout.", count));
        }
        Band allowed = new Band(least, most);
        StackAnswer answer = OneSided.solve(c, WASHER, 1, allowed, least, MOST_WASHERS);
        return answer.best().map(b -> finding.margin(Margin.said(Sentence.of("washer %s", b.sums().get(0)))).remedies(OneSided.parts(b, WASHER, 1))
                        .exhibit(() -> section(c, cogs, width(count), allowed, answer))
                        .is(Verdict.FITS_WITH, Sentence.of("Behind the freewheel a washer of %s: the largest cog clears the cover, the smallest the dropout.", b.sums().get(0))))
                .orElseGet(() -> finding.remedy(Needs.buy(Sentence.of("Freewheel washer, %s to %s thick", least, most), 1, WASHER))
                        .is(Verdict.FITS_WITH, Sentence.of("Behind the freewheel a washer of %s to %s is wanted, and no drawer has it.", least, most)));
    }

    /** From the motor outwards to the dropout. */
    private static StackSection section(FitCase c, HubCogs cogs, Length freewheel, Band allowed, StackAnswer answer) {
        Length dropout = cogs.seatToAxleShoulder().plus(HubPlan.of(c, WheelEnd.REAR).inner(1));
        Band reaches = new Band(Length.ZERO, cogs.threadPitch().times(cogs.threadTurns()));
        return new StackSketch("Freewheel on its washer, motor to dropout", answer, answer.best().orElseThrow(), COVER.negated())
                .layer("motor", StackSection.Role.BODY, COVER, FREEWHEEL).pieces(0).ends(allowed, Length.ZERO).layer("freewheel " + freewheel, StackSection.Role.FRAME, freewheel, FREEWHEEL)
                .mark("dropout", dropout).mountedAs(WASHER).on(THREAD, reaches, Length.ZERO);
    }

    /** A screwed freewheel's width over its cogs: their spacing and one cog. */
    private static Length width(int count) {
        return Cogs.spacing(count).times(count - 1L).plus(Length.ofMillimetres(6));
    }

    private static Finding oneGearLess(Finding.Builder finding, int count, Length least, Length most, Length over) {
        if (count < 2 || over.isMoreThan(Cogs.spacing(count))) {
            return finding.remedy(Remedy.otherKit("A motor with more room for cogs, or a freewheel with fewer."))
                    .is(Verdict.NO_FIT, Sentence.of("Between cover and dropout the freewheel of %d is %s too wide.", count, over));
        }
        return finding.remedy(Remedy.consent("The largest gear is given up, blocked by the limit screw."))
                .remedy(Needs.buy(Sentence.of("Freewheel with %d cogs, instead", count - 1), 1, "cogs"))
                .is(Verdict.TRADE_OFF, Sentence.of("The freewheel wants washers of %s and has room for %s: the largest gear is given up, or a narrower freewheel is bought.", least, most));
    }
}
