package hingeyard.core.explain;

/** Where a figure came from. */
public enum Origin {
    /** Read from an instrument at this bike. */
    MEASURED,
    /** The maker's published figure. */
    PUBLISHED,
    /** Worked out from other figures of the same finding. */
    COMPUTED,
    /** A limit of the trade that no shop sets. */
    LIMIT,
    /** A threshold of this shop's rules. */
    SHOP_RULE
}
