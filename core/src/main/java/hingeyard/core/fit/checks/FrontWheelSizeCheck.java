package hingeyard.core.fit.checks;

import hingeyard.core.bike.BrakeKind;
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
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Is the motor's rim of the size the bike runs on? A rim brake's pads reach one size only. */
final class FrontWheelSizeCheck implements FitCheck {

    @Override
    public String id() {
        return "front-wheel-size";
    }

    @Override
    public String title() {
        return "Wheel size";
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().frontHub().isPresent();
    }

    @Override
    public List<Measure> needs() {
        return List.of(FrontMeasures.BEAD_SEAT, FrontMeasures.BRAKE_KIND);
    }

    @Override
    public Finding assess(FitCase c) {
        Length rim = c.kit().drive().frontHub().orElseThrow().beadSeat();
        Finding.Builder finding = finding().kit(Leaf.of(rim.text(), "bead seat of the motor's rim")).figure(Figure.published("Bead seat", rim, c.kit().code()));
        Optional<Length> bike = c.survey().length(FrontMeasures.BEAD_SEAT).map(Reading.OfLength::value);
        Optional<BrakeKind> brake = c.survey().choice(FrontMeasures.BRAKE_KIND);
        bike.ifPresent(b -> finding.bike(Leaf.of(b.text(), "bead seat")).figure(Figure.measured("Front rim bead seat", b, FrontMeasures.BEAD_SEAT.key())));
        if (bike.isEmpty() || brake.isEmpty()) {
            List<String> keys = new ArrayList<>();
            bike.ifPresentOrElse(b -> { }, () -> keys.add(FrontMeasures.BEAD_SEAT.key()));
            brake.ifPresentOrElse(b -> { }, () -> keys.add(FrontMeasures.BRAKE_KIND.key()));
            return finding.margin(Margin.said(bike.isEmpty() ? "size?" : "brake?"))
                    .remedy(Remedy.measure("Read the tyre's ISO marking and look what slows the front wheel.", keys.toArray(String[]::new)))
                    .is(Verdict.MEASURE, "Whether a wheel of %s takes this bike's tyre and brake cannot be told yet.".formatted(rim));
        }
        finding.figure(Figure.measured("Front brake", new Words(brake.get().label()), FrontMeasures.BRAKE_KIND.key()));
        if (bike.get().equals(rim)) {
            return finding.margin(Margin.said("the same")).is(Verdict.FITS, "Both are %s: tyre and tube move over, the brake finds its rim.".formatted(rim));
        }
        return brake.get() == BrakeKind.RIM ? padsMiss(finding, bike.get(), rim) : otherTyre(finding, bike.get(), rim);
    }

    private static Finding padsMiss(Finding.Builder finding, Length bike, Length rim) {
        return finding.margin(Margin.said(rim.minus(bike).signedText())).remedy(Remedy.otherKit("The kit with a rim of " + bike + ", or a mid-drive."))
                .is(Verdict.NO_FIT, "The bike runs on %s, the motor's rim is %s: the rim brake's pads would miss it.".formatted(bike, rim));
    }

    private static Finding otherTyre(Finding.Builder finding, Length bike, Length rim) {
        PartNeed need = new PartNeed("", "Tyre and tube for a bead seat of " + rim, 1, Supply.BUY, "", "tyre");
        return finding.margin(Margin.said(rim.minus(bike).signedText())).remedy(Remedy.part(need, "A tyre and tube of that size; the bike's own are handed back."))
                .is(Verdict.FITS_WITH, "The bike runs on %s, the motor's rim is %s: it takes another tyre, and the front stands %s by half of it.".formatted(bike, rim,
                        rim.isMoreThan(bike) ? "higher" : "lower"));
    }
}
