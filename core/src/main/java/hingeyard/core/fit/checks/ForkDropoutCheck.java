package hingeyard.core.fit.checks;

import hingeyard.core.bike.DropoutKind;
import hingeyard.core.bike.FrontMeasures;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Remedy.PartNeed;
import hingeyard.core.explain.Remedy.Supply;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitCheck;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Words;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.stock.DrawerPart;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Do the fork's dropouts take a motor axle? A lip round the slot wants a safety washer whose body fills it. */
final class ForkDropoutCheck implements FitCheck {

    private static final String ADAPTER = "thru-axle-adapter-front";
    private static final String SAFETY_WASHER = "safety-washer";

    @Override
    public String id() {
        return "fork-dropout";
    }

    @Override
    public String title() {
        return "Fork dropouts";
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().frontHub().isPresent();
    }

    @Override
    public List<Measure> needs() {
        return List.of(FrontMeasures.DROPOUT_KIND, FrontMeasures.RECESS_DIAMETER);
    }

    @Override
    public Finding assess(FitCase c) {
        Length axle = c.kit().drive().frontHub().orElseThrow().axleDiameter();
        Finding.Builder finding = finding().kit(Leaf.of("axle with flats, Ø " + axle)).figure(Figure.published("Axle diameter", axle, c.kit().code()));
        Optional<DropoutKind> kind = c.survey().choice(FrontMeasures.DROPOUT_KIND);
        kind.ifPresent(k -> finding.bike(Leaf.of(k.label())).figure(Figure.measured("Dropouts", new Words(k.label()), FrontMeasures.DROPOUT_KIND.key())));
        if (kind.isPresent() && (kind.get() == DropoutKind.CLOSED || kind.get() == DropoutKind.THRU_AXLE)) {
            return closed(finding, kind.get(), c);
        }
        Optional<Reading.OfLength> recess = c.survey().length(FrontMeasures.RECESS_DIAMETER);
        if (kind.isEmpty() || recess.isEmpty()) {
            return missing(finding, kind.isEmpty(), recess.isEmpty());
        }
        Length across = recess.get().value();
        finding.figure(Figure.measured("Recess across", across, FrontMeasures.RECESS_DIAMETER.key()));
        return across.equals(Length.ZERO)
                ? finding.margin(Margin.said("flat face")).is(Verdict.FITS, "The slots are open and their faces flat: the axle drops in and its washers lie flat.")
                : lipped(finding, across, axle, c);
    }

    private static Finding missing(Finding.Builder finding, boolean kind, boolean recess) {
        List<String> keys = new ArrayList<>();
        if (kind) {
            keys.add(FrontMeasures.DROPOUT_KIND.key());
        }
        if (recess) {
            keys.add(FrontMeasures.RECESS_DIAMETER.key());
        }
        return finding.margin(Margin.said(kind ? "kind?" : "recess?"))
                .remedy(Remedy.measure("Look at the fork's dropouts with the wheel out: open or closed, and is there a lip round the slot?", keys.toArray(String[]::new)))
                .is(Verdict.MEASURE, "How the fork's dropouts are made is not known yet: an axle needs an open slot, a lip needs a safety washer.");
    }

    private static Finding closed(Finding.Builder finding, DropoutKind kind, FitCase c) {
        Optional<DrawerPart> adapter = c.drawers().usedAs(ADAPTER).stream().filter(p -> p.free() > 0).findFirst();
        if (kind == DropoutKind.THRU_AXLE && adapter.isPresent()) {
            DrawerPart part = adapter.get();
            return finding.margin(Margin.said("with adapter"))
                    .remedy(Remedy.part(new PartNeed(part.number(), part.name(), 1, Supply.DRAWER, part.place(), "front-adapter"), part.name() + " from " + part.place() + "."))
                    .is(Verdict.FITS_WITH, "The fork is made for a thru-axle; %s gives it slots.".formatted(part.name()));
        }
        return finding.margin(Margin.said("no slot")).remedy(Remedy.otherKit("A mid-drive, or a fork with open slots."))
                .is(Verdict.NO_FIT, "The fork's dropouts are %s: a motor axle with flats cannot be put in.".formatted(kind == DropoutKind.CLOSED ? "closed" : "made for a thru-axle"));
    }

    /** The washer's body goes into the recess with little room, lies on its floor and stands out over the lip. */
    private static Finding lipped(Finding.Builder finding, Length across, Length axle, FitCase c) {
        Optional<Reading.OfLength> depth = c.survey().length(FrontMeasures.RECESS_DEPTH);
        if (depth.isEmpty()) {
            return finding.margin(Margin.said("depth?")).remedy(Remedy.measure("Measure how deep the recess is.", FrontMeasures.RECESS_DEPTH.key()))
                    .is(Verdict.MEASURE, "There is a lip of %s round the slot; how deep it is decides the safety washer.".formatted(across));
        }
        Length deep = depth.get().value();
        Length room = c.rules().value(LengthRule.SAFETY_WASHER_ROOM);
        finding.figure(Figure.measured("Recess depth", deep, FrontMeasures.RECESS_DEPTH.key())).figure(c.rules().figure("Most room round the washer", LengthRule.SAFETY_WASHER_ROOM));
        Optional<DrawerPart> washer = c.drawers().usedAs(SAFETY_WASHER).stream().filter(p -> p.free() >= 2 && p.size().filter(s -> fills(s, across, deep, axle, room)).isPresent())
                .findFirst();
        PartNeed need = washer.map(w -> new PartNeed(w.number(), w.name(), 2, Supply.DRAWER, w.place(), "safety-washer"))
                .orElse(new PartNeed("", "Safety washer, Ø %s to %s, at least %s thick".formatted(across.minus(room), across, deep), 2, Supply.BUY, "", "safety-washer"));
        return finding.margin(Margin.said(washer.isPresent() ? "lip " + across : "none free"))
                .remedy(Remedy.part(need, "Two of %s, outside, in the recess.".formatted(need.name())))
                .is(Verdict.FITS_WITH, "A lip of %s, %s deep, would hold an ordinary washer off the dropout: safety washers fill it, one each side.".formatted(across, deep));
    }

    private static boolean fills(PieceSize size, Length across, Length deep, Length axle, Length room) {
        return !size.outer().isMoreThan(across) && !size.outer().isLessThan(across.minus(room)) && !size.thickness().isLessThan(deep) && !size.inner().isLessThan(axle);
    }
}
