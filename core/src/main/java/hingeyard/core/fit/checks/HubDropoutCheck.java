package hingeyard.core.fit.checks;

import hingeyard.core.bike.DropoutKind;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Words;
import hingeyard.core.rules.LengthRule;
import java.util.List;
import java.util.Optional;

/** Do the dropouts take a motor axle? A lip round the slot wants a safety washer whose body fills it. */
final class HubDropoutCheck extends HubCheck {

    HubDropoutCheck(WheelEnd end) {
        super(end, holderId(end, "dropout"), holderTitle(end, "dropouts"), end.dropoutKind(), end.recessDiameter(), end.recessDepth());
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Length axle = hub(c).axle().diameter();
        finding.kit(Leaf.of(Sentence.of("axle with flats, Ø %s", axle))).figure(Figure.published("Axle diameter", axle, c.kit().code()));
    }

    /** A closed dropout needs no recess, a flat one no depth. */
    @Override
    List<Measure> needed(FitCase c) {
        Optional<DropoutKind> kind = c.survey().choice(end().dropoutKind());
        if (kind.filter(HubDropoutCheck::closed).isPresent()) {
            return List.of(end().dropoutKind());
        }
        boolean open = !c.survey().has(end().recessDiameter());
        return open || HubPlan.flat(c, end()) ? List.of(end().dropoutKind(), end().recessDiameter()) : needs();
    }

    private static boolean closed(DropoutKind kind) {
        return kind == DropoutKind.CLOSED || kind == DropoutKind.THRU_AXLE;
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        DropoutKind kind = c.survey().choice(end().dropoutKind()).orElseThrow();
        finding.bike(Leaf.of(kind.label())).figure(Figure.measured("Dropouts", new Words(kind.label()), end().dropoutKind().key()));
        if (closed(kind)) {
            return closed(finding, kind, c);
        }
        Length across = value(c, end().recessDiameter());
        finding.figure(Figure.measured("Recess across", across, end().recessDiameter().key()));
        finding.margin(Margin.said("recess?"));
        Optional<Finding> finer = Coarse.first(c, finding, List.of(end().recessDiameter(), end().recessDepth()),
                k -> HubPlan.of(k, end()).safetyWasher());
        if (finer.isPresent()) {
            return finer.get();
        }
        return HubPlan.flat(c, end())
                ? finding.margin(Margin.said("flat face")).is(Verdict.FITS,
                        "The slots are open and their faces flat: the axle drops in and its washers lie flat.")
                : lipped(finding, across, c);
    }

    private Finding closed(Finding.Builder finding, DropoutKind kind, FitCase c) {
        var adapter = c.drawers().find("thru-axle-adapter-" + end().label(), 1, p -> true);
        if (kind == DropoutKind.THRU_AXLE && adapter.isPresent()) {
            return finding.margin(Margin.said("with adapter")).remedy(Needs.fromDrawer(adapter.get(), 1, end().label() + "-adapter"))
                    .is(Verdict.FITS_WITH, Sentence.of("The %s is made for a thru-axle: fit %s.", end().holder(), adapter.get().name()));
        }
        return finding.margin(Margin.said("no slot"))
                .remedy(Remedy.otherKit(Sentence.of("Choose a mid-drive, or a %s with open slots.", end().holder())))
                .is(Verdict.NO_FIT, Sentence.of("The %s's dropouts are %s: a motor axle with flats does not go in.", end().holder(),
                        kind == DropoutKind.CLOSED ? "closed" : "made for a thru-axle"));
    }

    /** The washer's body goes into the recess with little room, lies on its floor and stands out over the lip. */
    private Finding lipped(Finding.Builder finding, Length across, FitCase c) {
        Length deep = value(c, end().recessDepth());
        Length room = c.rules().value(LengthRule.SAFETY_WASHER_ROOM);
        finding.figure(Figure.measured("Recess depth", deep, end().recessDepth().key()))
                .figure(c.rules().figure("Most room round the washer", LengthRule.SAFETY_WASHER_ROOM));
        Remedy washers = HubPlan.of(c, end()).safetyWasher().map(w -> Needs.fromDrawer(w, 2, "safety-washer"))
                .orElseGet(
                        () -> Needs.buy(Sentence.of("Safety washer, Ø %s, at least %s thick", new Band(across.minus(room), across), deep),
                                2, "safety-washer"));
        return finding
                .margin(Margin
                        .said(washers.kind() == Remedy.Kind.PART ? Sentence.of("lip %s", across) : Sentence.plain("none in the drawers")))
                .remedy(washers)
                .is(Verdict.FITS_WITH, Sentence.of(
                        "A lip of %s, %s deep, would hold an ordinary washer off the dropout. Fit safety washers that fill it, one on each side.",
                        across, deep));
    }
}
