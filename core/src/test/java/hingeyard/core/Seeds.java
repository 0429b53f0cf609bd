package hingeyard.core;

import java.util.stream.IntStream;

/**
 * Seeds of random problems: all of them in a run of the tests, few where the same tests run for thousands of changes ({@code -Dseeds=40}).
 */
public final class Seeds {

    private static final int MOST = Integer.getInteger("seeds", Integer.MAX_VALUE);

    private Seeds() {
    }

    public static IntStream first(int count) {
        return IntStream.range(0, Math.min(count, MOST));
    }
}
