package hingeyard.core.made;

import hingeyard.core.bench.BenchTool;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** What of the bench a step may ask for, as the step library names it. */
public final class BenchPlaces {

    private BenchPlaces() {
    }

    /** A calculator by its key, {@code sheet} or {@code made} with its kind. */
    public static List<String> keys() {
        return Stream.of(
                Arrays.stream(BenchTool.values()).filter(t -> t != BenchTool.SHEET && t != BenchTool.MADE).map(BenchTool::key),
                Arrays.stream(TemplateKind.values()).map(k -> BenchTool.SHEET.key() + " " + k.key()),
                Arrays.stream(MadeKind.values()).map(k -> BenchTool.MADE.key() + " " + k.key())).flatMap(k -> k).toList();
    }
}
