package hingeyard.core.bench;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The tools on the bench's rack, each a calculator. */
public enum BenchTool {
    RANGE("Map and watch"),
    TRUING("Dial gauge"),
    BEND("Vice"),
    WRENCH("Torque wrench"),
    FASTENER("Screw gauge"),
    BATTERIES("Two meters"),
    WIRE("Wire strippers"),
    AXLE(
            "Spanner on the axle"),
    GEARS("Chain tool"),
    ROLL_OUT("Chalk on the floor"),
    PRESSURE("Pump with gauge"),
    STACK("Feeler gauge"),
    RIDE("Receiver on the bars"),
    SHEET("Scissors and card"),
    MADE("Printer and lathe");

    private final String label;

    BenchTool(String label) {
        this.label = label;
    }

    /** {@code roll-out}, as addresses and the library have it. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public String label() {
        return label;
    }

    public static Optional<BenchTool> find(String key) {
        return Arrays.stream(values()).filter(t -> t.key().equals(key)).findFirst();
    }
}
