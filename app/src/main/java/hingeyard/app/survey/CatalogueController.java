package hingeyard.app.survey;

import hingeyard.app.reader.ReadIn;
import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.bike.Choice;
import hingeyard.core.bike.ChoiceMeasure;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.MeasureSketches;
import hingeyard.core.bike.MeasureSpot;
import hingeyard.core.bike.NumberMeasure;
import hingeyard.core.bike.Point;
import hingeyard.core.bike.Tool;
import hingeyard.core.bike.WalkStop;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Units;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What can be measured on a bike: asked once by a screen, it does not change while the application runs. */
@RestController
class CatalogueController {

    /**
     * @param code   what is sent for it
     * @param length a length's value in µm
     */
    record Option(String code, String label, Optional<Length> length) {
    }

    record ToolChoice(Tool tool, String label, String uncertainty) {
    }

    enum Answer {
        LENGTH,
        NUMBER,
        CHOICE
    }

    /** @param from,to where it is taken on the sketch of that view */
    record MeasureCard(String key, String title, WalkStop stop, String how, Tool tool, List<ToolChoice> tools, Answer answer,
            List<Option> options, String possible,
            String example, MeasureSpot.View view, Point from, Point to) {
    }

    record Stop(WalkStop stop, String label) {
    }

    record Sketch(MeasureSpot.View view, BikeDrawing drawing) {
    }

    record Catalogue(List<Stop> stops, List<MeasureCard> measures, List<Sketch> sketches) {
    }

    private static final Map<Units, Catalogue> CATALOGUES = Arrays.stream(Units.values())
            .collect(Collectors.toMap(u -> u, CatalogueController::of));

    @GetMapping("/api/measures")
    Catalogue catalogue() {
        return CATALOGUES.get(ReadIn.units());
    }

    private static Catalogue of(Units units) {
        return new Catalogue(Arrays.stream(WalkStop.values()).map(s -> new Stop(s, s.label())).toList(),
                MeasureCatalogue.all().stream().map(m -> card(m, units)).toList(),
                Arrays.stream(MeasureSpot.View.values()).map(v -> new Sketch(v, MeasureSketches.of(v))).toList());
    }

    private static MeasureCard card(Measure measure, Units units) {
        List<ToolChoice> tools = measure.tools().stream().map(t -> new ToolChoice(t, t.label(), t.plusMinus(units))).toList();
        MeasureSpot spot = measure.head().spot();
        if (measure instanceof LengthMeasure length) {
            List<Option> usual = length.usual().stream()
                    .map(l -> new Option(l.amount().toPlainString(), l.amount().toPlainString(), Optional.of(l))).toList();
            return new MeasureCard(measure.key(), measure.title(), measure.stop(), measure.how(), measure.tool(), tools, Answer.LENGTH,
                    usual,
                    length.possible().text(units), "27.2 or 1 3/8 in", spot.view(), spot.from(), spot.to());
        }
        if (measure instanceof NumberMeasure number) {
            List<Option> usual = number.usual().stream()
                    .map(n -> new Option(number.scale().amount(n), said(number, n, units), Optional.<Length>empty())).toList();
            return new MeasureCard(measure.key(), measure.title(), measure.stop(), measure.how(), measure.tool(), tools, Answer.NUMBER,
                    usual,
                    said(number, number.least(), units) + " to " + said(number, number.greatest(), units),
                    number.scale().text(number.normalLeast()), spot.view(), spot.from(), spot.to());
        }
        List<Option> options = ((ChoiceMeasure<?>) measure).options().stream().map(Choice.class::cast)
                .map(o -> new Option(o.code(), o.label(), Optional.<Length>empty())).toList();
        return new MeasureCard(measure.key(), measure.title(), measure.stop(), measure.how(), measure.tool(), tools, Answer.CHOICE, options,
                "", "", spot.view(), spot.from(),
                spot.to());
    }

    private static String said(NumberMeasure measure, long value, Units units) {
        return units == Units.IMPERIAL ? measure.scale().imperialText(value) : measure.scale().text(value);
    }
}
