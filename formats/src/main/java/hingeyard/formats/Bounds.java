package hingeyard.formats;

import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;

/** How much a file may hold before it is read at all: more than any bike, kit or order of a shop, less than fills a memory. */
final class Bounds {

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_NUMBER = 40;
    private static final int DEEPEST = 40;
    private static final int LONGEST_TEXT = 100_000;
    /** The largest sheet of the demo has about 2,000. */
    private static final long MOST_TOKENS = 50_000;

    private Bounds() {
    }

    static StreamReadConstraints constraints() {
        return StreamReadConstraints.builder().maxNameLength(LONGEST_NAME).maxNumberLength(LONGEST_NUMBER).maxNestingDepth(DEEPEST)
                .maxStringLength(LONGEST_TEXT).maxTokenCount(MOST_TOKENS).build();
    }

    static JsonFactory json() {
        return JsonFactory.builder().streamReadConstraints(constraints()).build();
    }
}
