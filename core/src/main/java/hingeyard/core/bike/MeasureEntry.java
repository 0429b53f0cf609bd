package hingeyard.core.bike;

import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.LengthParser;
import java.time.Instant;
import java.util.stream.Collectors;

/** Turns what somebody typed for a measure into a reading, or says why it cannot be. */
public final class MeasureEntry {

    private MeasureEntry() {
    }

    /**
     * @param text a length in metric or inches, or the code or name of a choice
     * @throws RefusedMeasureException naming the measure, what was given and what is possible and usual
     * @throws hingeyard.core.quantity.UnreadableQuantityException when the text is no length at all
     */
    public static Reading read(Measure measure, String text, Tool tool, String by, Instant at) {
        if (!measure.tools().contains(tool)) {
            throw new RefusedMeasureException(measure, tool.label(), "one of: "
                    + measure.tools().stream().map(Tool::label).collect(Collectors.joining(", ")));
        }
        if (measure instanceof LengthMeasure length) {
            return readLength(length, text, tool, by, at);
        }
        return readChoice((ChoiceMeasure<?>) measure, text, tool, by, at);
    }

    private static Reading readLength(LengthMeasure measure, String text, Tool tool, String by, Instant at) {
        Length value = LengthParser.parse(text);
        if (!measure.possible().contains(value)) {
            throw new RefusedMeasureException(measure, value.text(), measure.possible() + usual(measure));
        }
        return new Reading.OfLength(measure, value, tool.uncertainty(), tool, by, at);
    }

    private static String usual(LengthMeasure measure) {
        return measure.usual().isEmpty() ? "" : "; usual are " + measure.usual().stream()
                .map(l -> l.amount().toPlainString()).collect(Collectors.joining(", ")) + " mm";
    }

    private static Reading readChoice(ChoiceMeasure<?> measure, String text, Tool tool, String by, Instant at) {
        Choice value = measure.option(text == null ? "" : text.strip()).map(Choice.class::cast)
                .orElseThrow(() -> new RefusedMeasureException(measure, text, "one of: "
                        + measure.options().stream().map(o -> o.code()).collect(Collectors.joining(", "))));
        return new Reading.OfChoice(measure, value, tool, by, at);
    }
}
