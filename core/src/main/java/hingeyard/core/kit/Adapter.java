package hingeyard.core.kit;

import hingeyard.core.quantity.Current;

/**
 * A short lead with a plug half at each end; may be used either way round.
 *
 * @param rating what the whole carries
 */
public record Adapter(Plug one, Plug other, Current rating) {

    /** The open end that is left when this is put onto {@code plug}; null when neither end goes on. */
    public Plug openEnd(Plug plug) {
        if (one.mates(plug)) {
            return other;
        }
        return other.mates(plug) ? one : null;
    }
}
