package hingeyard.core.fit.checks;

import hingeyard.core.bars.BarDrawing;
import hingeyard.core.bike.CockpitMeasures;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.LimitKind;
import hingeyard.core.explain.Making;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.CockpitItem;
import hingeyard.core.kit.CockpitKind;
import hingeyard.core.made.MadeKind;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Units;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.stock.DrawerPart;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.StringJoiner;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Does everything that must sit on the bars find room in a legal order, on a bar of its diameter? */
final class BarsCheck extends MeasuredCheck {

    private static final String GRIPS = "grips";
    /** The shortest pair that is sold. */
    private static final Length SHORT_GRIP = Length.ofMillimetres(90);
    /** Clamp and bar of the same nominal size. */
    private static final Length SIZE_PLAY = Length.ofMicrometres(300);
    private static final String SLEEVE = "bar-sleeve";
    /** As long as a usual clamp and a little more, and split so far that it closes. */
    private static final Length SLEEVE_LENGTH = Length.ofMillimetres(20);
    private static final Length SLEEVE_SLIT = Length.ofMillimetres(2);

    private final List<Measure> needsAtTheStem;

    BarsCheck() {
        super("bars", "Bars", CockpitMeasures.STRAIGHT_LENGTH, CockpitMeasures.GRIP_DIAMETER, CockpitMeasures.GRIP_LENGTH,
                CockpitMeasures.LEVER_CLAMP_WIDTH,
                CockpitMeasures.SHIFTER_WIDTH, CockpitMeasures.BELL_WIDTH, CockpitMeasures.STEM_ROOM);
        needsAtTheStem = Stream.concat(needs().stream(), Stream.of(CockpitMeasures.CLAMP_DIAMETER)).toList();
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

    /** A display at the stem asks for the bar's thickness there. */
    @Override
    List<Measure> needed(FitCase c) {
        for (CockpitItem item : items(c)) {
            if (item.stem()) {
                return needsAtTheStem;
            }
        }
        return needs();
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Reading.OfLength straight = bike(c, finding, CockpitMeasures.STRAIGHT_LENGTH);
        Reading.OfLength bar = reading(c, CockpitMeasures.GRIP_DIAMETER);
        finding.figure(measured(bar)).figure(measured(reading(c, CockpitMeasures.GRIP_LENGTH)));
        Length thinnest = items(c).stream().filter(i -> !i.stem()).map(CockpitItem::clamp).min(Comparator.naturalOrder())
                .orElse(bar.value());
        Clearance clamps = new Clearance(thinnest.minus(bar.value()), Doubt.of(bar), Length.ZERO, LimitKind.MAKERS);
        if (clamps.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, clamps);
        }
        if (clamps.answer() == Clearance.Answer.SHORT) {
            return finding.margin(Margin.said(Sentence.of("%s too thick", bar.value().minus(thinnest).told())))
                    .remedy(Remedy
                            .otherKit(Sentence.of("Choose another handlebar, or controls for %s. Never file a bar thinner.", bar.value())))
                    .is(Verdict.NO_FIT, Sentence.of("The bar is %s where the grips are and the kit's controls are made for %s.",
                            bar.value(), thinnest));
        }
        Optional<BarLayout.Layout> layout = BarLayout.solve(c);
        if (layout.isPresent()) {
            return placed(c, finding, layout.get(), bar.value());
        }
        return withOthers(c, finding, bar.value()).orElseGet(() -> finding.margin(Margin.said("no room"))
                .remedy(Remedy.otherKit("Choose a kit with fewer controls on the bar, or a wider handlebar."))
                .is(Verdict.NO_FIT, Sentence.of(
                        "With %s of straight bar on each side there is no room for the kit's controls with the levers in reach, not even with shorter grips and a combined lever.",
                        straight.value())));
    }

    /** Shorter grips first, then lever and shifter in one, then both: parts of the bill, not advice. */
    private static Optional<Finding> withOthers(FitCase c, Finding.Builder finding, Length bar) {
        Optional<DrawerPart> grips = c.drawers().find(GRIPS, 1, p -> p.facts().length().isPresent());
        Length shorter = grips.flatMap(p -> p.facts().length()).orElse(SHORT_GRIP);
        boolean helps = shorter.isLessThan(value(c, CockpitMeasures.GRIP_LENGTH));
        Optional<BarLayout.Layout> shortGrips = helps ? BarLayout.solve(c, Optional.of(shorter), false) : Optional.empty();
        if (shortGrips.isPresent()) {
            return Optional.of(placed(c, finding.remedy(grips(c, grips, shorter)), shortGrips.get(), bar));
        }
        Optional<BarLayout.Layout> combined = BarLayout.solve(c, Optional.empty(), true);
        if (combined.isPresent()) {
            return Optional.of(placed(c, finding.remedy(lever(c)), combined.get(), bar));
        }
        Optional<BarLayout.Layout> both = helps ? BarLayout.solve(c, Optional.of(shorter), true) : Optional.empty();
        return both.map(b -> placed(c, finding.remedy(grips(c, grips, shorter)).remedy(lever(c)), b, bar));
    }

    private static Remedy grips(FitCase c, Optional<DrawerPart> part, Length shorter) {
        return part.map(p -> Needs.fromDrawer(p, 1, GRIPS))
                .orElseGet(() -> Needs.drawerOrBuy(c, GRIPS, 1, p -> true, GRIPS, Sentence.of("Pair of grips, %s long", shorter)))
                .replacing(GRIPS);
    }

    private static Remedy lever(FitCase c) {
        return Needs.drawerOrBuy(c, "combined-lever", 1, p -> true, "combined-lever", "Brake lever and shifter in one, right")
                .replacing("shifter");
    }

    private static Finding placed(FitCase c, Finding.Builder finding, BarLayout.Layout layout, Length bar) {
        Length stem = items(c).stream().filter(CockpitItem::stem).map(CockpitItem::width).reduce(Length.ZERO, Length::plus);
        finding.margin(Margin.said(Sentence.of("%s to spare", layout.spare().max(Length.ZERO))))
                .figure(Figure.computed("To spare on the fuller half", layout.spare(), "straight length − everything on it"))
                .figure(Figure.computed("Lever clamp from the end", layout.leverAt(), "grip and what sits outside the lever"));
        boolean shims = items(c).stream().anyMatch(i -> !i.stem() && i.clamp().minus(bar).isMoreThan(SIZE_PLAY));
        boolean display = stem.isMoreThan(value(c, CockpitMeasures.STEM_ROOM));
        Optional<Sentence> clamp = display ? Optional.empty() : clamp(c, finding);
        if (layout.bellMoved()) {
            finding.remedy(Remedy.work("general", 5, "Move the bell and the rest to the stem or the other half."));
        }
        if (shims) {
            finding.remedy(sleeves(c, bar));
        }
        if (display) {
            finding.remedy(Needs.drawerOrBuy(c, "display-mount", 1, p -> true, "display-mount", "Display mount in front of the stem"));
        }
        finding.exhibit(() -> drawing(c, layout, shims, display));
        boolean others = layout.left().stream().anyMatch(i -> i.name().startsWith("shorter"))
                || layout.right().stream().anyMatch(i -> i.name().startsWith("combined"));
        boolean plain = !layout.bellMoved() && !shims && !display && !others && clamp.isEmpty();
        Sentence order = Sentence.of("From the end inwards, left: %s; right: %s.", named(layout.left()), named(layout.right()));
        Sentence spare = layout.spare().isMoreThan(Length.ofMillimetres(1)) ? Sentence.of(" %s to spare.", layout.spare())
                : Sentence.plain(" That just fits: try it before anything is cut.");
        return finding.is(plain ? Verdict.FITS : Verdict.FITS_WITH,
                Sentence.of("%s%s%s%s%s%s", order, layout.bellMoved() ? " Move the bell." : "",
                        shims ? " Fit split sleeves under the clamps." : "",
                        display ? " Mount the display in front of the stem." : "",
                        clamp.map(s -> Sentence.of(" %s", s)).orElse(Sentence.plain("")), spare));
    }

    /** Printed under what is only held by them; never under a brake lever. */
    private static Remedy sleeves(FitCase c, Length bar) {
        CharSequence name = Sentence.of("Split sleeve for a bar of %s", bar);
        List<CockpitItem> thinner = items(c).stream().filter(i -> !i.stem() && i.clamp().minus(bar).isMoreThan(SIZE_PLAY)).toList();
        Predicate<DrawerPart> suits = p -> p.size().filter(s -> s.inner().equals(bar)).isPresent();
        boolean printed = thinner.stream().noneMatch(i -> i.kind() == CockpitKind.LEVER)
                && thinner.stream().map(CockpitItem::clamp).distinct().count() == 1;
        return printed ? Needs.drawerOrMake(c, SLEEVE, 2, suits, SLEEVE, name, sleeve(bar, thinner.get(0).clamp()))
                : Needs.drawerOrBuy(c, SLEEVE, 2, suits, SLEEVE, name);
    }

    private static Making sleeve(Length bar, Length clamp) {
        return Making.of(MadeKind.SLEEVE.key(), bar, clamp, SLEEVE_LENGTH, SLEEVE_SLIT);
    }

    /** A display's clamp that is wider than the bar at the stem gets a sleeve; a narrower one another mount. */
    private static Optional<Sentence> clamp(FitCase c, Finding.Builder finding) {
        for (CockpitItem item : items(c)) {
            if (!item.stem()) {
                continue;
            }
            Length bar = value(c, CockpitMeasures.CLAMP_DIAMETER);
            Length over = item.clamp().minus(bar);
            if (over.isMoreThan(SIZE_PLAY)) {
                finding.remedy(Needs.drawerOrMake(c, SLEEVE, 1,
                        p -> p.size().filter(s -> s.inner().equals(bar) && s.outer().equals(item.clamp())).isPresent(), SLEEVE,
                        Sentence.of("Split sleeve, %s to %s", bar, item.clamp()), sleeve(bar, item.clamp())));
                return Optional
                        .of(Sentence.of("Fit a split sleeve under the %s's clamp: the bar is %s at the stem.", item.kind().label(), bar));
            }
            if (over.plus(SIZE_PLAY).isNegative()) {
                finding.remedy(Needs.drawerOrBuy(c, "display-mount", 1, p -> true, "display-mount",
                        Sentence.of("Display mount for a bar of %s", bar)));
                return Optional.of(Sentence.of("Fit another mount for the %s: its clamp is made for %s and the bar is %s at the stem.",
                        item.kind().label(), item.clamp(), bar));
            }
        }
        return Optional.empty();
    }

    private static BarDrawing drawing(FitCase c, BarLayout.Layout layout, boolean shims, boolean display) {
        Sentence note = Sentence.of("To spare on the fuller half: %s.%s%s%s", layout.spare().max(Length.ZERO),
                layout.bellMoved() ? " The bell goes to the stem." : "", shims ? " Split sleeves under the clamps." : "",
                display ? " The display goes in front of the stem." : "");
        return new BarDrawing("On the bars, from the ends inwards", value(c, CockpitMeasures.STRAIGHT_LENGTH),
                c.rules().value(LengthRule.LEVER_REACH), placed(layout.left()), placed(layout.right()),
                note.toString(), note.in(Units.IMPERIAL));
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
