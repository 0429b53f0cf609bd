package hingeyard.core.bike;

import java.util.List;

/** Something to be measured on a bike: what, where on the walk, with which tool, and how. */
public sealed interface Measure permits LengthMeasure, ChoiceMeasure {

    /** Stable key, kebab-case with dots: {@code bracket.shell-width}. */
    String key();

    String title();

    WalkStop stop();

    /** The tool to reach for; another may be named on the reading. */
    Tool tool();

    /** How to measure it, in one or two sentences. */
    String how();

    /** Which tools a reading of this measure may name. */
    List<Tool> tools();
}
