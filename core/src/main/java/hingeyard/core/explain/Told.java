package hingeyard.core.explain;

import java.util.List;
import java.util.Objects;
import java.util.function.Supplier;

/**
 * What a finding tells beside its answer: both leaves and the figures. Put together when it is first read: of the thousands of matches
 * behind a shortlist few
 * are ever opened. Equal to another that tells the same.
 */
public final class Told {

    /**
     * @param bike    what the bike measures
     * @param kit     what the kit needs
     * @param figures every number the answer rests on
     */
    record Now(Leaf bike, Leaf kit, List<Figure> figures) {

        Now {
            figures = List.copyOf(figures);
        }
    }

    private final Supplier<Now> telling;
    // Two threads may put it together at once; they put together the same.
    private Now told;

    private Told(Supplier<Now> telling, Now told) {
        this.telling = telling;
        this.told = told;
    }

    static Told now(Leaf bike, Leaf kit, List<Figure> figures) {
        return new Told(null, new Now(bike, kit, figures));
    }

    /** @param telling must answer the same whenever it is asked */
    static Told later(Supplier<Now> telling) {
        return new Told(telling, null);
    }

    Now read() {
        Now known = told;
        if (known == null) {
            known = telling.get();
            told = known;
        }
        return known;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Told t && read().equals(t.read());
    }

    @Override
    public int hashCode() {
        return Objects.hashCode(read());
    }

    @Override
    public String toString() {
        return read().toString();
    }
}
