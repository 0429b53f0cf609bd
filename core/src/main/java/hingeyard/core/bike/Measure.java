package hingeyard.core.bike;

import java.util.List;

/** Something to be measured on a bike: what, where on the walk, with which tool, and how. */
public sealed interface Measure permits LengthMeasure, ChoiceMeasure, NumberMeasure {

    MeasureHead head();

    /** Which tools a reading of this measure may name when somebody enters it. */
    List<Tool> tools();

    default String key() {
        return head().key();
    }

    default String title() {
        return head().title();
    }

    default WalkStop stop() {
        return head().stop();
    }

    /** The tool to reach for; another may be named on the reading. */
    default Tool tool() {
        return head().tool();
    }

    /** How to measure it, in one or two sentences. */
    default String how() {
        return head().how();
    }

    /** Whether a bike of this kind has it at all. */
    default boolean concerns(BikeKind kind) {
        return head().kinds().contains(kind);
    }
}
