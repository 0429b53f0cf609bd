package hingeyard.core.bench;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** A figure that a calculator finds and a step or a settings sheet takes over. */
public enum BenchFigure {
    /** Total run-out as read in the round. */
    RUN_OUT(BenchTool.TRUING, "run-out", "mm"),
    /** The most that the round takes off one stand-off. */
    CUT(BenchTool.TRUING, "cut", "mm"),
    /** What the arm's bend is made to, once it has sprung back. */
    ANGLE(BenchTool.BEND, "angle", "°"),
    /** A turn of the wheel along the floor. */
    CIRCUMFERENCE(BenchTool.ROLL_OUT, "circumference", "mm"),
    /** What goes into the tyre. */
    PRESSURE(BenchTool.PRESSURE, "tyre", "bar"),
    /** What a kilometre of a ride took. */
    PER_KM(BenchTool.RIDE, "per-km", "Wh"),
    /** What the rider of a ride gave, where the forces explain it. */
    RIDER(BenchTool.RIDE, "rider", "W"),
    /** What the wrench is set to. */
    SETTING(BenchTool.WRENCH, "setting", "N·m");

    private final BenchTool tool;
    private final String name;
    private final String unit;

    BenchFigure(BenchTool tool, String name, String unit) {
        this.tool = tool;
        this.name = name;
        this.unit = unit;
    }

    public BenchTool tool() {
        return tool;
    }

    public String unit() {
        return unit;
    }

    /** {@code truing run-out}, as the step library writes it. */
    public String key() {
        return tool.key() + " " + name;
    }

    public static Optional<BenchFigure> find(String key) {
        return Arrays.stream(values()).filter(f -> f.key().equals(key)).findFirst();
    }

    public static List<String> keys() {
        return Arrays.stream(values()).map(BenchFigure::key).toList();
    }
}
