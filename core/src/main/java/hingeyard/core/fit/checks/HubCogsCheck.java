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
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Count;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackSection;
import hingeyard.core.stack.StackSet;
import java.util.List;
import java.util.Optional;

/**
 * Do the bike's cogs go onto the motor, or which new ones do, and does the chain pass between cover and dropout? {@link CogPlan} tells how.
 */
final class HubCogsCheck extends HubCheck {

    /** Roles of what the bike's own cogs give way to. */
    static final String COGS = "cogs";
    /** Chains of up to so many gears are of one width. */
    private static final int ONE_WIDTH = 8;
    /** How much is drawn of the motor's cover behind the washer, and a freewheel's and a thread's usual diameters. */
    private static final Length COVER = Length.ofMillimetres(12);
    private static final Length FREEWHEEL = Length.ofMillimetres(58);
    private static final Length THREAD = Length.ofMillimetres(35);

    HubCogsCheck() {
        super(WheelEnd.REAR, "rear-cogs", "Cogs on the motor", RearMeasures.COG_KIND, RearMeasures.COGS_COUNT,
                RearMeasures.FREEWHEEL_RECESS);
    }

    @Override
    Optional<String> unsaid(FitCase c) {
        return hub(c).cogs().isPresent() ? Optional.empty() : Optional.of("what cogs the motor takes, on a thread or on a cassette body");
    }

    /** The washers of the axle count too: they make room beside the cogs. */
    @Override
    List<Measure> needed(FitCase c) {
        return cogs(c).screwed() ? HubPlan.needed(c, end()) : CogPlan.needed(c, hub(c));
    }

    private static HubCogs cogs(FitCase c) {
        return hub(c).cogs().orElseThrow();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        HubCogs cogs = cogs(c);
        finding.kit(cogs.screwed() ? Leaf.of("threaded for a freewheel", Sentence.of("cover %s beyond", cogs.coverBeyond()))
                : Leaf.of("cassette body", Sentence.of("up to %s cogs", cogs.mostCogs())));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        CogKind kind = c.survey().choice(RearMeasures.COG_KIND).orElseThrow();
        int had = CogPlan.had(c);
        CogPlan plan = HubPlan.of(c, end()).cogs().orElseThrow();
        finding.bike(Leaf.of(had + (had == 1 ? " cog" : " cogs"), kind.label()))
                .figure(Figure.measured("Cogs", new Count(had, "cogs"), RearMeasures.COGS_COUNT.key()));
        boolean room = !cogs(c).screwed() || roomFor(c, finding, plan);
        if (!room) {
            return tooWide(c, finding, plan);
        }
        plan.answer().flatMap(StackAnswer::inPlace).ifPresent(set -> washer(c, finding, plan, set));
        return plan.own() ? own(finding, plan) : others(c, finding, plan, kind, had);
    }

    /** Whether washer, freewheel and chain go between cover and dropout, on the thread there is. */
    private boolean roomFor(FitCase c, Finding.Builder finding, CogPlan plan) {
        HubCogs cogs = cogs(c);
        finding.figure(Figure.published("Cover beyond the thread's shoulder", cogs.coverBeyond(), c.kit().code()))
                .figure(plan.own() ? Figure.measured("Freewheel's recess", plan.recess(), RearMeasures.FREEWHEEL_RECESS.key())
                        : Figure.published("Freewheel's recess", plan.recess(), plan.part().map(p -> p.number()).orElse("usual")))
                .figure(c.rules().figure("Chain allowance inside", LengthRule.CHAIN_TO_COVER))
                .figure(c.rules().figure("Chain allowance outside", LengthRule.CHAIN_TO_DROPOUT))
                .figure(Figure.computed("Washers at least", least(c, plan), "cover + allowance − recess"))
                .figure(Figure.computed("Washers at most", most(c, plan), "room to the dropout, five turns of thread"));
        return !most(c, plan).isLessThan(plan.washer());
    }

    private static Length least(FitCase c, CogPlan plan) {
        return CogPlan.leastWasher(c, cogs(c), plan.recess());
    }

    private Length most(FitCase c, CogPlan plan) {
        HubCogs cogs = cogs(c);
        Length room = cogs.seatToAxleShoulder().plus(hub(c).axle().inside(1)).plus(HubPlan.of(c, end()).inner(1))
                .minus(c.rules().value(LengthRule.CHAIN_TO_DROPOUT)).minus(CogPlan.width(plan.count()));
        return room.min(cogs.threadPitch().times(Math.max(0, cogs.threadTurns() - CogPlan.TURNS_WANTED)));
    }

    private static void washer(FitCase c, Finding.Builder finding, CogPlan plan, StackSet set) {
        finding.remedies(OneSided.parts(c, set, CogPlan.WASHER, 1))
                .exhibit(() -> section(c, cogs(c), CogPlan.width(plan.count()), plan.allowed().orElseThrow(), plan.answer().orElseThrow()));
    }

    private static Finding own(Finding.Builder finding, CogPlan plan) {
        if (plan.washer().equals(Length.ZERO)) {
            return finding.margin(Margin.said("moves over")).is(Verdict.FITS,
                    Sentence.of("The bike's own %s moves over to the motor.", plan.count() == 1 ? "cog" : plan.count() + " cogs"));
        }
        boolean bought = plan.answer().filter(a -> a.best().isEmpty()).isPresent();
        return finding.margin(Margin.said(Sentence.of("washer %s", plan.washer())))
                .is(Verdict.FITS_WITH, Sentence.of(
                        "Put a washer of %s behind the freewheel: then the largest cog clears the motor's cover and the smallest the dropout.%s",
                        plan.washer(),
                        bought ? " The drawers have none." : ""));
    }

    /** New cogs, as many as the text says; fewer than before are a trade-off, and chain and shifter follow. */
    private static Finding others(FitCase c, Finding.Builder finding, CogPlan plan, CogKind kind, int had) {
        boolean screwed = cogs(c).screwed();
        String what = screwed ? "freewheel (threaded)" : "cassette";
        Sentence name = !screwed && plan.count() == 1 ? Sentence.plain("Single cog with spacers for a cassette body") : Sentence
                .of("%s with %s", screwed ? "Freewheel (threaded)" : "Cassette", plan.count() == 1 ? "one cog" : plan.count() + " cogs");
        finding.margin(Margin.said("new " + (screwed ? "freewheel" : "cassette"))).remedy(plan.part().map(p -> Needs.fromDrawer(p, 1, COGS))
                .orElseGet(() -> Needs.drawerOrBuy(c, (screwed ? "freewheel-" : "cassette-") + plan.count(), 1, p -> true, COGS, name))
                .replacing(COGS));
        Sentence why = kind == (screwed ? CogKind.SCREWED_FREEWHEEL : CogKind.CASSETTE)
                ? Sentence.of("The motor's body takes %s of the bike's %s cogs", plan.count(), had)
                : Sentence.of("The bike's cogs (%s) do not fit this motor", kind.label());
        if (kind == CogKind.GEAR_HUB || kind == CogKind.FIXED) {
            String lost = kind == CogKind.GEAR_HUB ? "The gears of the hub go with the old wheel; the bike becomes a single-speed."
                    : "The pedals no longer turn with the wheel: the bike freewheels.";
            return finding.remedy(Remedy.consent(lost)).is(Verdict.TRADE_OFF, Sentence.of("%s: it needs %s. %s", why,
                    screwed ? "a freewheel (threaded) with one cog" : "a single cog on its cassette body", lost));
        }
        if (plan.count() == had) {
            return finding.is(Verdict.FITS_WITH, Sentence.of("%s: it needs a %s with %s cogs; every gear is kept.", why, what, had));
        }
        if (Math.max(ONE_WIDTH, had) != Math.max(ONE_WIDTH, plan.count())) {
            finding.remedy(Needs.drawerOrBuy(c, "chain-" + Math.max(ONE_WIDTH, plan.count()), 1, p -> true, "chain",
                    Sentence.of("Chain for %s gears", plan.count())));
        }
        int lost = had - plan.count();
        return finding
                .remedy(Needs.drawerOrBuy(c, "shifter-" + plan.count(), 1, p -> true, "shifter",
                        Sentence.of("Shifter for %s gears", plan.count())))
                .remedy(Remedy.consent(Sentence.of("%s given up: %s instead of %s; chain and shifter follow.",
                        lost == 1 ? "One gear is" : lost + " gears are", plan.count(), had)))
                .is(Verdict.TRADE_OFF, Sentence.of("%s: it needs a %s with %s cogs instead of %s.", why, what, plan.count(), had));
    }

    /** Between cover and dropout there is not room for all: one cog less may do. */
    private Finding tooWide(FitCase c, Finding.Builder finding, CogPlan plan) {
        Length over = plan.washer().minus(most(c, plan));
        finding.margin(Margin.said(Sentence.of("%s too wide", over.told())));
        if (plan.count() < 2 || over.isMoreThan(Cogs.spacing(plan.count()))) {
            return finding.remedy(Remedy.otherKit("Choose a motor with more room for cogs."))
                    .is(Verdict.NO_FIT, Sentence.of("Between motor cover and dropout the freewheel of %s cogs is %s too wide.",
                            plan.count(), over.told()));
        }
        return finding
                .remedy(Remedy.consent(
                        Sentence.of("The largest gear is given up, blocked by the limit screw. A freewheel with %s cogs is the other way.",
                                plan.count() - 1)))
                .is(Verdict.TRADE_OFF,
                        Sentence.of("The freewheel needs washers of %s behind it and has room for %s: the largest gear is given up.",
                                plan.washer(), most(c, plan).max(Length.ZERO).told()));
    }

    /** From the motor outwards to the dropout. */
    private static StackSection section(FitCase c, HubCogs cogs, Length freewheel, Band allowed, StackAnswer answer) {
        Length dropout = cogs.seatToAxleShoulder().plus(hub(c).axle().inside(1)).plus(HubPlan.of(c, WheelEnd.REAR).inner(1));
        Band reaches = new Band(Length.ZERO, cogs.threadPitch().times(cogs.threadTurns()));
        return new StackSketch("Freewheel on its washer, motor to dropout", answer, answer.inPlace().orElseThrow(), List.of(),
                COVER.negated())
                .layer("motor", StackSection.Role.BODY, COVER, FREEWHEEL).pieces(0).ends(allowed, Length.ZERO)
                .layer(Sentence.of("freewheel %s", freewheel), StackSection.Role.FRAME, freewheel, FREEWHEEL)
                .mark("dropout", dropout).mountedAs(CogPlan.WASHER).on(THREAD, reaches, Length.ZERO);
    }
}
