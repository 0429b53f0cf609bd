package hingeyard.app.opening;

/** Something to start with: generic, without prices, and clearly an example where it stands for a maker's. */
enum StarterSet {
    /** Washers, spacers, screws and ties in usual sizes, none counted yet. */
    PARTS,
    /** Sheets of kits that nobody sells, one of each of three families: to try with, and to copy. */
    KITS
}
