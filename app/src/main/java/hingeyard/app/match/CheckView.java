package hingeyard.app.match;

import hingeyard.core.bars.BarDrawing;
import hingeyard.core.bay.BayDrawing;
import hingeyard.core.bill.NotTaken;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Origin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Verdict;
import hingeyard.core.made.TemplateKind;
import hingeyard.core.quantity.Units;
import hingeyard.core.stack.StackSection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A finding as it is sent: its sentences composed, its drawing told apart by kind.
 *
 * @param sheet      a sheet at true size that helps with what it asks for
 * @param approvable whether a maker's written approval, photographed on the job, can turn it
 */
record CheckView(String checkId, String title, Verdict verdict, LeafView bike, LeafView kit, MarginView margin, String sentence,
        List<FigureSaid> figures, List<RemedyView> remedies, Optional<StackSection> stack, Optional<BayDrawing> bay,
        Optional<BarDrawing> bars, boolean overridable, boolean approvable, Optional<SheetView> sheet) {

    /** @param kind as the bench names it */
    record SheetView(String kind, String label) {
    }

    /** A figure as it is told, with where it came from. */
    record FigureSaid(String label, String kind, String text, Origin origin, String source) {

        static FigureSaid of(Figure figure, Units units) {
            return new FigureSaid(figure.label(), figure.amount().kind(), figure.amount().text(units), figure.origin(), figure.source());
        }
    }

    record LeafView(String says, String detail) {

        static LeafView of(Leaf leaf, Units units) {
            return new LeafView(leaf.value().in(units), leaf.qualifier().in(units));
        }
    }

    record MarginView(String text, boolean flips) {

        static MarginView of(Margin margin, Units units) {
            return new MarginView(margin.said().in(units), margin.flips());
        }
    }

    /**
     * @param place    its place among the check's remedies, from 0: what is ticked off is named by it
     * @param mayLeave whether a manager may tick it off the bill
     */
    record RemedyView(int place, Remedy.Kind kind, String text, Optional<Remedy.PartNeed> part, Optional<Remedy.WorkNeed> work,
            List<String> measures, boolean mayLeave) {

        static RemedyView of(Finding finding, int place, Units units) {
            Remedy r = finding.remedies().get(place);
            return new RemedyView(place, r.kind(), r.said().in(units), r.part(), r.work(), r.measures(),
                    NotTaken.over(finding, r).allowed());
        }
    }

    /** @param units in which lengths are said; what is stored is metric */
    static CheckView of(Finding f, List<String> approvable, Units units) {
        Drawn drawn = f.exhibit().map(Drawn::of).orElse(Drawn.NOTHING);
        List<RemedyView> remedies = new ArrayList<>();
        for (int i = 0; i < f.remedies().size(); i++) {
            remedies.add(RemedyView.of(f, i, units));
        }
        return new CheckView(f.checkId(), f.title(), f.verdict(), LeafView.of(f.bike(), units), LeafView.of(f.kit(), units),
                MarginView.of(f.margin(), units), f.said().in(units),
                f.figures().stream().map(g -> FigureSaid.of(g, units)).toList(), remedies, drawn.stack(), drawn.bay(), drawn.bars(),
                f.overridable(), approvable.contains(f.checkId()),
                TemplateKind.ofCheck(f.checkId()).map(k -> new SheetView(k.key(), k.label())));
    }
}
