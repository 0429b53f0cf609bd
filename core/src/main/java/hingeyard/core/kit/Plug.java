package hingeyard.core.kit;

import hingeyard.core.quantity.Current;

/**
 * One half of a connector.
 *
 * @param kind   by shape
 * @param pins   how many contacts, 1 to 20
 * @param colour of a moulded signal plug, which tells pinned-alike plugs apart; empty elsewhere
 * @param male   whether it carries the pins
 * @param rating what it carries without heating
 */
public record Plug(PlugKind kind, int pins, String colour, boolean male, Current rating) {

    public Plug {
        if (pins < 1 || pins > 20) {
            throw new IllegalArgumentException("plug's pins " + pins + ": allowed 1 to 20");
        }
        if (rating.milliamperes() <= 0) {
            throw new IllegalArgumentException("plug's rating " + rating + ": must be more than 0");
        }
    }

    /** Whether the two halves go together. */
    public boolean mates(Plug other) {
        return kind == other.kind && pins == other.pins && male != other.male && colour.equals(other.colour);
    }

    /** The half that goes onto this one, of the same rating. */
    public Plug counterpart() {
        return new Plug(kind, pins, colour, !male, rating);
    }

    /** For example {@code blade pair, socket, 45 A}. */
    public String text() {
        String pinned = kind == PlugKind.MOULDED ? colour + " " + kind.label() + ", " + pins + " pins" : kind.label();
        return pinned.strip() + (male ? ", pins, " : ", socket, ") + rating;
    }
}
