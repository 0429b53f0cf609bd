package hingeyard.core.fit.checks;

import hingeyard.core.bars.BarDrawing;
import hingeyard.core.bike.CockpitMeasures;
import hingeyard.core.bike.Reading;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.CockpitItem;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.StringJoiner;
import java.util.stream.Collectors;

/** Does everything that must sit on the bars find room in a legal order, on a bar of its diameter? */
final class BarsCheck extends MeasuredCheck {

    BarsCheck() {
        super("bars", "Bars", CockpitMeasures.STRAIGHT_LENGTH, CockpitMeasures.GRIP_DIAMETER, CockpitMeasures.GRIP_LENGTH, CockpitMeasures.LEVER_CLAMP_WIDTH,
                CockpitMeasures.SHIFTER_WIDTH, CockpitMeasures.BELL_WIDTH, CockpitMeasures.STEM_ROOM);
    }

    @Override
    public boolean concerns(Kit kit) {
        return !kit.equipment().cockpit().isEmpty();
    }

    private static List<CockpitItem> items(FitCase c) {
        return c.kit().equipment().cockpit();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(items(c).stream().map(i -> i.kind().label()).distinct().collect(Collectors.joining(", "))));
        items(c).forEach(i -> finding.figure(Figure.published(i.kind().label() + ", along the bar", i.width(), c.kit().code())));
        finding.figure(c.rules().figure("Lever's clamp from the end, at most", LengthRule.LEVER_REACH));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Length straight = bike(c, finding, CockpitMeasures.STRAIGHT_LENGTH).value();
        Reading.OfLength bar = reading(c, CockpitMeasures.GRIP_DIAMETER);
        finding.figure(measured(bar)).figure(measured(reading(c, CockpitMeasures.GRIP_LENGTH)));
        Length thinnest = items(c).stream().filter(i -> !i.stem()).map(CockpitItem::clamp).min(Comparator.naturalOrder()).orElse(bar.value());
        if (bar.value().minus(bar.plusMinus()).isMoreThan(thinnest)) {
            return finding.margin(Margin.said(Sentence.of("%s too thick", bar.value().minus(thinnest)))).remedy(Remedy.otherKit(Sentence.of("Another handlebar (never filed thin), or controls for %s.", bar.value())))
                    .is(Verdict.NO_FIT, Sentence.of("The bar is %s where the grips sit, the kit's controls are made for %s.", bar.value(), thinnest));
        }
        Length stem = items(c).stream().filter(CockpitItem::stem).map(CockpitItem::width).reduce(Length.ZERO, Length::plus);
        Optional<BarLayout.Layout> layout = BarLayout.solve(c);
        if (layout.isEmpty()) {
            return finding.margin(Margin.said("no room")).remedy(Remedy.otherKit("Shorter grips, a combined lever and shifter, or a kit with fewer controls on the bar."))
                    .is(Verdict.NO_FIT, Sentence.of("On %s of straight bar a side, grip, lever, shifter and the kit's controls find no order with the lever in reach.", straight));
        }
        finding.margin(Margin.said(Sentence.of("%s to spare", layout.get().spare()))).figure(Figure.computed("Left on the fuller half", layout.get().spare(), "straight length − everything on it"))
                .figure(Figure.computed("Lever's clamp from the end", layout.get().leverAt(), "grip and what sits outside the lever"));
        return remedied(c, finding, layout.get(), bar.value(), stem);
    }

    private static Finding remedied(FitCase c, Finding.Builder finding, BarLayout.Layout layout, Length bar, Length stem) {
        boolean shims = items(c).stream().anyMatch(i -> !i.stem() && i.clamp().minus(bar).isMoreThan(Length.ofMicrometres(300)));
        boolean display = stem.isMoreThan(value(c, CockpitMeasures.STEM_ROOM));
        if (layout.bellMoved()) {
            finding.remedy(Remedy.work("general", 5, "Bell and the rest to the stem or the other half."));
        }
        if (shims) {
            finding.remedy(Needs.drawerOrBuy(c, "bar-sleeve", 2, p -> p.size().filter(s -> s.inner().equals(bar)).isPresent(), "bar-sleeve", "Split sleeve for a bar of " + bar));
        }
        if (display) {
            finding.remedy(Needs.drawerOrBuy(c, "display-mount", 1, p -> true, "display-mount", "Display mount in front of the stem"));
        }
        finding.exhibit(() -> drawing(c, layout, shims, display));
        Sentence order = Sentence.of("Left: %s. Right: %s.", named(layout.left()), named(layout.right()));
        boolean plain = !layout.bellMoved() && !shims && !display;
        return finding.is(plain ? Verdict.FITS : Verdict.FITS_WITH, Sentence.of("%s%s%s%s From the end inwards, %s to spare.", order, (layout.bellMoved() ? " The bell moves." : ""), (shims ? " Clamps get split sleeves." : ""), (display ? " The display goes in front of the stem." : ""), layout.spare()));
    }

    private static BarDrawing drawing(FitCase c, BarLayout.Layout layout, boolean shims, boolean display) {
        String note = "Left over on the fuller half: %s.%s%s%s".formatted(layout.spare().text(), layout.bellMoved() ? " The bell goes to the stem." : "", shims ? " Clamps with split sleeves." : "",
                display ? " The display goes in front of the stem." : "");
        return new BarDrawing("On the bars, from the ends inwards", value(c, CockpitMeasures.STRAIGHT_LENGTH), c.rules().value(LengthRule.LEVER_REACH), placed(layout.left()), placed(layout.right()), note);
    }

    private static List<BarDrawing.Piece> placed(List<BarLayout.Item> items) {
        return BarDrawing.inOrder(items.stream().map(i -> new BarDrawing.Wide(i.name(), i.width(), i.kit())).toList());
    }

    private static String named(List<BarLayout.Item> items) {
        StringJoiner names = new StringJoiner(", ");
        for (BarLayout.Item item : items) {
            if (item.width().isMoreThan(Length.ZERO)) {
                names.add(item.name());
            }
        }
        return names.toString();
    }
}
