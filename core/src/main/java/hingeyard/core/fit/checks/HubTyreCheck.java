package hingeyard.core.fit.checks;

import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
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
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.NumberRule;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Does the bike's tyre suit the motor's rim, or which other does, and does it turn clear of fork or frame? */
final class HubTyreCheck extends HubCheck {

    static final String TYRE = "tyre";
    private static final String TUBE = "tube";
    private static final Pattern SIZE = Pattern.compile("(\\d{2,3})-(\\d{3})");

    HubTyreCheck(WheelEnd end) {
        super(end, ended(end, "tyre"), endTitle(end, "tyre on its rim"), end.beadSeat(), end.tyreWidth(), end.clearWidth(),
                end.radialClearance());
    }

    /** A wheel far too large is refused by its size alone. */
    @Override
    List<Measure> needed(FitCase c) {
        return HubWheelSizeCheck.neverTurns(c, end()) ? List.of(end().beadSeat(), end().tyreWidth()) : needs();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Length inner = hub(c).wheel().rimInnerWidth();
        finding.kit(Leaf.of(Sentence.of("rim %s inside", inner), Sentence.of("tyre of %s", whole(WheelPlace.range(c, inner)))))
                .figure(Figure.published("Rim's inner width", inner, c.kit().code()))
                .figure(c.rules().figure(NumberRule.TYRE_NARROW)).figure(c.rules().figure(NumberRule.TYRE_WIDE));
        c.survey().length(end().rimInnerWidth()).ifPresent(own -> finding.figure(measured(own)));
    }

    /** Tyres are sold in whole millimetres: the narrowest up, the widest down. */
    private static Band whole(Band widths) {
        Length least = Length.ofMillimetres(-Math.floorDiv(-widths.least().micrometres(), 1000L));
        return new Band(least, Length.ofMillimetres(Math.floorDiv(widths.greatest().micrometres(), 1000L)).max(least));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Length tyre = bike(c, finding, end().tyreWidth()).value();
        if (HubWheelSizeCheck.neverTurns(c, end())) {
            return noRoom(finding,
                    Sentence.of("A wheel of %s does not fit where one of %s was.", hub(c).wheel().beadSeat(), value(c, end().beadSeat())));
        }
        WheelPlace place = WheelPlace.of(c, end(), hub(c).wheel());
        boolean same = value(c, end().beadSeat()).equals(hub(c).wheel().beadSeat());
        Clearance room = place.of(tyre);
        finding.margin(room.margin()).figure(measured(reading(c, end().clearWidth()))).figure(measured(reading(c, end().radialClearance())))
                .figure(c.rules().figure("Needed on each side", LengthRule.TYRE_SIDE))
                .figure(c.rules().figure("Needed above", LengthRule.TYRE_TOP))
                .figure(Figure.computed("Widest tyre that keeps both", place.widest(),
                        place.beside() ? "clear width − 2 × side" : "old clearance − (new radius − old radius)"));
        if (same && suits(c, place, tyre) && room.answer() == Clearance.Answer.ENOUGH) {
            return finding.is(Verdict.FITS,
                    passing(room, Sentence.of("The tyre of %s suits the motor's rim and stays clear of the %s.", tyre, end().holder())));
        }
        if (room.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, room);
        }
        return place.possible().map(widths -> another(c, finding, tyre, widths, same, room))
                .orElseGet(() -> noRoom(finding, Sentence.of("The narrowest tyre for the motor's rim is %s, and the %s takes %s at most.",
                        whole(place.range()).least(), end().holder(), place.widest().max(Length.ZERO).told())));
    }

    /** By the rim's width; a pair that runs on a rim of the same width already is proven. */
    private boolean suits(FitCase c, WheelPlace place, Length tyre) {
        Optional<Length> own = c.survey().length(end().rimInnerWidth()).map(Reading.OfLength::value);
        return place.range().contains(tyre) || own.filter(hub(c).wheel().rimInnerWidth()::equals).isPresent();
    }

    private Finding another(FitCase c, Finding.Builder finding, Length tyre, Band widths, boolean same, Clearance room) {
        Band sold = whole(widths);
        Length bead = hub(c).wheel().beadSeat();
        Sentence why = !same ? Sentence.of("The motor's rim takes another size of tyre")
                : room.answer() == Clearance.Answer.SHORT
                        ? Sentence.of("The tyre of %s comes too close to the %s on this wheel", tyre, end().holder())
                        : Sentence.of("The tyre of %s does not suit a rim of %s inside", tyre, hub(c).wheel().rimInnerWidth());
        if (!same) {
            finding.remedy(Needs.drawerOrBuy(c, TUBE, 1, p -> p.name().endsWith(bead.amount().toPlainString()), TUBE,
                    Sentence.of("Tube for %s", bead.amount().toPlainString())).replacing(TUBE));
        }
        return finding
                .remedy(Needs.drawerOrBuy(c, TYRE, 1, p -> fits(p.name(), bead, sold), TYRE,
                        Sentence.of("Tyre %s for a bead seat of %s", sold, bead)).replacing(TYRE))
                .remedy(Remedy.work("wheels", 5, "Check the pair in the rim maker's table: that decides."))
                .is(Verdict.FITS_WITH, Sentence.of("%s: fit one %s wide, bead seat %s.", why, sold, bead));
    }

    /** A tyre's size is its name: {@code Tyre 40-622}. */
    private static boolean fits(String name, Length bead, Band widths) {
        Matcher size = SIZE.matcher(name);
        return size.find() && Length.ofMillimetres(size.group(2)).equals(bead) && widths.contains(Length.ofMillimetres(size.group(1)));
    }

    private Finding noRoom(Finding.Builder finding, Sentence why) {
        return finding.margin(Margin.said("no room")).neverOverridden()
                .remedy(Remedy.otherKit("Choose the kit with the bike's own rim size, or a mid-drive.")).is(Verdict.NO_FIT, why);
    }
}
