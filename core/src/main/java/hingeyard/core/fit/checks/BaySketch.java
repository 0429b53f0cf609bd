package hingeyard.core.fit.checks;

import hingeyard.core.bay.BayDrawing;
import hingeyard.core.bay.BayPlace;
import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.KitOutline;
import hingeyard.core.bike.Shape.Ink;
import hingeyard.core.explain.Sentence;
import hingeyard.core.fit.FitCase;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Units;
import java.util.Optional;
import java.util.stream.Collectors;

/** The bay drawn on the bike. */
final class BaySketch {

    private BaySketch() {
    }

    static BayDrawing of(FitCase c, BayPlace place) {
        Sentence screws = place.bosses().size() < 2 ? Sentence.plain("not on the frame's bosses")
                : Sentence.later(units -> place.bosses().stream()
                        .map(b -> Length.ofNearestMillimetres(b).text(units))
                        .collect(Collectors.joining(" and ", "on the bosses at ", "")));
        Sentence note = Sentence.of("%s, %s; dashed: its way off%s.", c.kit().battery().name(), screws,
                place.reach().isEmpty() ? "" : "; dotted: room for the hand at key and port");
        KitOutline outline = c.kit().drive().outline(c.kit().battery()).at(place.outline());
        BikeDrawing drawing = c.shared(BikeDrawing.class, outline,
                k -> BikeGeometry.draw(k.bike().kind(), k.survey(), Optional.of(outline), Ink.PLANNED, Ink.PLANNED));
        return new BayDrawing("Battery in the triangle", drawing, place.swept(), note.toString(), note.in(Units.IMPERIAL), place.reach());
    }
}
