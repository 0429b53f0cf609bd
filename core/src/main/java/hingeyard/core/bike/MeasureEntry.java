package hingeyard.core.bike;

import hingeyard.core.quantity.Scale;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.LengthParser;
import java.time.Instant;
import java.util.Optional;
import java.util.stream.Collectors;

/** Turns what somebody typed for a measure into a reading, or says why it cannot be. */
public final class MeasureEntry {

    private MeasureEntry() {
    }

    /**
     * @param text a length in metric or inches, or the code or name of a choice
     * @throws RefusedMeasureException                             naming the measure, what was given and what is possible and usual
     * @throws hingeyard.core.quantity.UnreadableQuantityException when the text is no length at all
     */
    public static Reading read(Measure measure, String text, Tool tool, String by, Instant at) {
        if (!measure.tools().contains(tool)) {
            throw new RefusedMeasureException(measure, tool.label(), "one of: "
                    + measure.tools().stream().map(Tool::label).collect(Collectors.joining(", ")));
        }
        return readAny(measure, text, tool, tool.uncertainty(), by, at);
    }

    /**
     * Reads a value that comes from a photo, a file or another bike: any tool may be named.
     *
     * @param plusMinus half width of a length's uncertainty band
     * @throws RefusedMeasureException as {@link #read}
     */
    public static Reading readFromElsewhere(Measure measure, String text, Tool tool, Length plusMinus, String by, Instant at) {
        return readAny(measure, text, tool, plusMinus, by, at);
    }

    private static Reading readAny(Measure measure, String text, Tool tool, Length plusMinus, String by, Instant at) {
        if (measure instanceof LengthMeasure length) {
            return readLength(length, text, tool, plusMinus, by, at);
        }
        if (measure instanceof NumberMeasure number) {
            return readNumber(number, text, tool, by, at);
        }
        return readChoice((ChoiceMeasure<?>) measure, text, tool, by, at);
    }

    /** What is asked before an unusual value is believed; empty for a usual one. */
    public static Optional<String> doubt(Reading reading) {
        if (reading instanceof Reading.OfLength length && !length.measure().normal().contains(length.value())) {
            return Optional.of(
                    "%s: %s is unusual; most are %s. Sure?".formatted(length.measure().title(), length.text(), length.measure().normal()));
        }
        if (reading instanceof Reading.OfNumber number) {
            NumberMeasure measure = number.measure();
            if (number.amount() < measure.normalLeast() || number.amount() > measure.normalGreatest()) {
                return Optional.of("%s: %s is unusual; most are %s. Sure?".formatted(measure.title(), number.text(),
                        range(measure.scale(), measure.normalLeast(), measure.normalGreatest())));
            }
        }
        return Optional.empty();
    }

    private static String range(Scale scale, long least, long greatest) {
        return scale.amount(least) + "–" + scale.text(greatest);
    }

    private static Reading readNumber(NumberMeasure measure, String text, Tool tool, String by, Instant at) {
        long amount = measure.scale().parse(text);
        if (amount < measure.least() || amount > measure.greatest()) {
            throw new RefusedMeasureException(measure, measure.scale().text(amount),
                    range(measure.scale(), measure.least(), measure.greatest()));
        }
        return new Reading.OfNumber(measure, amount, tool, by, at);
    }

    private static Reading readLength(LengthMeasure measure, String text, Tool tool, Length plusMinus, String by, Instant at) {
        Length value = LengthParser.parse(text);
        if (!measure.possible().contains(value)) {
            throw new RefusedMeasureException(measure, value.text(), measure.possible() + usual(measure));
        }
        return new Reading.OfLength(measure, value, plusMinus, tool, by, at);
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
