package hingeyard.core.fit.checks;

import hingeyard.core.bay.BayPlace;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.TriangleMeasures;
import hingeyard.core.bike.WholeMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.BatteryHold;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Mass;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackSection;
import hingeyard.core.stack.StackSet;
import hingeyard.core.stock.DrawerPart;
import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What holds the battery where it goes? */
final class BatteryHoldCheck extends MeasuredCheck {

    private static final String STRAP = "battery-strap";
    private static final String CLAMP = "battery-clamp";
    private static final String PLATE = "seat-plate";
    private static final String PLATE_SPACER = "plate-spacer";
    /** How thick a seat's ear is drawn. */
    private static final Length EAR = Length.ofMillimetres(6);

    BatteryHoldCheck() {
        super("battery-holding", "Battery's hold");
    }

    @Override
    public boolean concerns(Kit kit) {
        return BatteryBayCheck.bringsBattery(kit) && kit.battery().casing().hold() != BatteryHold.FRAME_BAY;
    }

    /** On a rail it hangs on the bay, on a strapped tube on the tube. */
    @Override
    List<Measure> needed(FitCase c) {
        return switch (c.kit().battery().casing().hold()) {
            case RAIL -> Stream.concat(BayPlan.needed(c).stream(), RailHold.needed(c)).toList();
            case RACK, BAG -> List.of(WholeMeasures.RACK_LOAD);
            case SEAT_PLATE -> List.of(WholeMeasures.SEAT_EARS);
            default -> List.of();
        };
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Battery b = c.kit().battery();
        finding.kit(Leaf.of(b.casing().hold().label(), Sentence.of("%s", b.mass())))
                .figure(Figure.published("Battery's mass", b.mass(), b.code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Battery battery = c.kit().battery();
        return switch (battery.casing().hold()) {
            case RAIL -> onRail(c, finding);
            case STRAPS -> straps(c, finding, TriangleMeasures.DOWN_TUBE_DIAMETER, "Strap the battery on");
            case SEAT_PLATE -> onEars(c, finding);
            case RACK, BAG -> carried(c, finding, battery);
            case FRAME_BAY -> throw new IllegalStateException("not asked for a frame's own bay");
        };
    }

    private static Finding onRail(FitCase c, Finding.Builder finding) {
        BayPlan plan = BayPlan.of(c);
        Optional<BayPlace> place = plan.answer().place();
        if (place.isEmpty()) {
            return plan.open()
                    ? finding.margin(Margin.said("place first"))
                            .remedy(Remedy.measure("Settle where the battery goes first.", BayPlan.openMeasures(plan)))
                            .is(Verdict.MEASURE, "What holds the rail depends on where the battery goes, and that is not settled yet.")
                    : finding.margin(Margin.said("no place")).remedy(Remedy.otherKit("Choose a battery that has a place on this bike."))
                            .is(Verdict.NO_FIT, "There is no place in the triangle for a rail.");
        }
        finding.bike(Leaf.of(place.get().carrier(), Sentence.of("%s bosses line up", place.get().bosses().size())));
        LengthMeasure across = place.get().carrier().equals(BayPlan.DOWN_TUBE) ? TriangleMeasures.DOWN_TUBE_DIAMETER
                : TriangleMeasures.SEAT_TUBE_DIAMETER;
        if (place.get().bosses().size() >= 2) {
            return RailHold.holdsOnBosses(c, place.get()) ? RailHold.onBosses(c, finding, place.get())
                    : straps(c, finding, across,
                            Sentence.of(
                                    "The down tube is bent so much that stand-offs of %s would be needed under the rail: strap it instead",
                                    RailHold.raised(c)));
        }
        return straps(c, finding, across, "No two bosses line up with the rail's slots: strap the rail");
    }

    /** The widest plate that goes between the ears, with the same spacers on both its sides: the battery stays over the middle. */
    private static Finding onEars(FitCase c, Finding.Builder finding) {
        Length ears = bike(c, finding, WholeMeasures.SEAT_EARS).value();
        Length play = c.rules().value(LengthRule.SEAT_PLATE_CENTRE);
        finding.margin(Margin.said("seat's ears")).figure(c.rules().figure("Play each side", LengthRule.SEAT_PLATE_CENTRE));
        Optional<DrawerPart> plate = c.drawers().usedAs(PLATE).stream()
                .filter(p -> p.free() > 0 && p.facts().length().filter(l -> !l.isMoreThan(ears)).isPresent())
                .max(Comparator.comparing(p -> p.facts().length().orElseThrow()));
        if (plate.isEmpty()) {
            return finding
                    .remedy(Needs.buy(Sentence.of("Plate with L-brackets, at most %s wide, and equal spacers for what is left", ears), 1,
                            PLATE))
                    .is(Verdict.FITS_WITH,
                            Sentence.of("A plate between the seat's ears carries the battery; the drawers have none for %s.", ears));
        }
        Length width = plate.get().facts().length().orElseThrow();
        Length each = ears.minus(width).half();
        finding.figure(Figure.published("Plate's width", width, plate.get().number()))
                .figure(Figure.computed("Left on each side", each, "(ears − plate) / 2"))
                .remedy(Needs.drawerOrBuy(c, PLATE, 1, p -> p.number().equals(plate.get().number()), PLATE,
                        "Plate with L-brackets for the seat's ears"));
        if (!each.isMoreThan(play)) {
            return finding.is(Verdict.FITS_WITH,
                    Sentence.of("A plate of %s between the seat's ears of %s carries the battery without spacers.", width, ears));
        }
        Band allowed = new Band(each.minus(play), each);
        StackAnswer answer = OneSided.solve(c, PLATE_SPACER, 2, allowed, each, StackWords.mostPerSide(c));
        StackSet set = answer.inPlace().orElseThrow();
        return finding.remedies(OneSided.parts(c, set, PLATE_SPACER, 2)).exhibit(() -> plateSection(width, each, allowed, answer))
                .is(Verdict.FITS_WITH,
                        Sentence.of("A plate of %s between the seat's ears of %s carries the battery, with spacers of %s on each side.%s",
                                width, ears, set.sums().get(0),
                                answer.best().isPresent() ? "" : " The drawers do not hold two equal sets."));
    }

    private static StackSection plateSection(Length width, Length each, Band allowed, StackAnswer answer) {
        StackSet set = answer.inPlace().orElseThrow();
        PieceSize size = set.sides().get(0).get(0).piece().size();
        Length outer = size.outer().plus(EAR);
        StackSketch sketch = new StackSketch("Plate between the seat's ears, left to right", answer, set, List.of(), EAR.negated())
                .layer("left ear", StackSection.Role.FRAME, EAR, outer).pieces(0).ends(allowed, Length.ZERO)
                .layer(Sentence.of("plate %s", width), StackSection.Role.PLATE, width, outer).pieces(0);
        Band reaches = new Band(EAR.negated(), sketch.at().plus(EAR));
        return sketch.layer("right ear", StackSection.Role.FRAME, EAR, outer).on(size.inner(), reaches, reaches.greatest());
    }

    /** Straps go round any tube; where too few of them lie free, clamp brackets that span it. */
    private static Finding straps(FitCase c, Finding.Builder finding, LengthMeasure across, CharSequence why) {
        Mass mass = c.kit().battery().mass();
        Mass two = Mass.ofKilograms(c.rules().value(NumberRule.STRAPS_TWO_UP_TO).toPlainString());
        int count = mass.isMoreThan(two) ? 3 : 2;
        finding.figure(c.rules().figure(NumberRule.STRAPS_TWO_UP_TO));
        Optional<DrawerPart> clamp = c.drawers().find(STRAP, count, p -> true).isPresent() ? Optional.empty() : c.survey().length(across)
                .flatMap(tube -> c.drawers().find(CLAMP, count,
                        p -> p.facts().span().filter(s -> s.encloses(Band.around(tube.value(), tube.plusMinus()))).isPresent()));
        if (clamp.isPresent()) {
            return finding.margin(Margin.said(Sentence.of("%s clamps", count))).figure(measured(reading(c, across)))
                    .remedy(Needs.fromDrawer(clamp.get(), count, CLAMP))
                    .remedy(Remedy.work("general", 15,
                            "Fit the clamp brackets with rubber between, tighten their screws alternately to their torque, then pull-test."))
                    .is(Verdict.FITS_WITH, Sentence.of("%s. There are too few straps, but %d clamp brackets span the tube of %s.", why,
                            count, value(c, across)));
        }
        return finding.margin(Margin.said(Sentence.of("%s straps", count)))
                .remedy(Needs
                        .drawerOrBuy(c, STRAP, count, p -> true, STRAP, Sentence.of("Strap adapter with rubber, for a battery of %s", mass))
                        .replacing("rail-screws"))
                .remedy(Remedy.work("general", 15,
                        "Fit the straps, share the tension evenly, tighten again after an hour, then pull-test."))
                .is(Verdict.FITS_WITH,
                        Sentence.of("%s, with %d straps for %s. Riveted inserts are the other way, in metal tubes whose maker allows it.",
                                why, count, mass));
    }

    private static Finding carried(FitCase c, Finding.Builder finding, Battery battery) {
        long rated = c.survey().number(WholeMeasures.RACK_LOAD).orElseThrow();
        long wanted = BigDecimal.valueOf(battery.mass().grams()).multiply(c.rules().value(NumberRule.PAYLOAD)).longValue();
        Mass spare = new Mass(rated - wanted);
        Sentence needs = Sentence.of("this battery needs %s (mass × %s)", new Mass(wanted).told(),
                c.rules().value(NumberRule.PAYLOAD).toPlainString());
        finding.bike(rated == 0 ? Leaf.of("none") : Leaf.of(new Mass(rated), "rated load")).margin(Margin.spare(spare))
                .figure(Figure.measured("Rated load", new Mass(rated), WholeMeasures.RACK_LOAD.key()))
                .figure(c.rules().figure(NumberRule.PAYLOAD))
                .figure(Figure.computed("Load needed", new Mass(wanted).told(), "battery × factor"));
        if (rated < wanted) {
            return finding.neverOverridden()
                    .remedy(Remedy.otherKit(
                            Sentence.of("Choose a rack rated for at least %s, or a battery in the triangle.", new Mass(wanted).told())))
                    .is(Verdict.NO_FIT, rated == 0 ? Sentence.of("There is no rack or box on the bike, and %s.", needs)
                            : Sentence.of("Rack or box is rated %s; %s.", new Mass(rated), needs));
        }
        return finding.is(Verdict.FITS, Sentence.of("Rack or box is rated %s; %s.", new Mass(rated), needs));
    }
}
