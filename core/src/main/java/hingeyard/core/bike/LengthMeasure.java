package hingeyard.core.bike;

import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * A length to be measured.
 *
 * @param possible outside of this a value is refused
 * @param usual    the values usually met, ascending, offered as one-tap choices
 */
public record LengthMeasure(String key, String title, WalkStop stop, Tool tool, String how, Band possible,
                            List<Length> usual) implements Measure {

    public LengthMeasure {
        usual = List.copyOf(usual);
    }

    /** @param least,greatest,usual millimetres */
    static LengthMeasure of(String key, String title, WalkStop stop, Tool tool, String how, int least, int greatest,
                            String... usual) {
        return new LengthMeasure(key, title, stop, tool, how,
                new Band(Length.ofMillimetres(least), Length.ofMillimetres(greatest)),
                Arrays.stream(usual).map(Length::ofMillimetres).toList());
    }

    @Override
    public List<Tool> tools() {
        return Stream.of(tool, Tool.CALIPER, Tool.TAPE, Tool.STRING, Tool.DATA_SHEET, Tool.ESTIMATE).distinct().toList();
    }
}
