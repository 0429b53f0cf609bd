package hingeyard.app.stock;

/** What a line of the stock ledger can be. */
final class StockMovement {

    /** Why a level changed. */
    enum Kind {
        /** A delivery, or the opening count. */
        RECEIVED,
        /** A drawer was counted; the difference is explained, or there was none. */
        COUNTED,
        /** Promised to a job. */
        RESERVED,
        /** No longer promised. */
        RELEASED,
        /** Out of the drawer, onto the job's tray. */
        PICKED,
        /** Mounted on the bike. */
        CONSUMED,
        /** Back from a tray or a box. */
        BACK_IN_DRAWER,
        /** Thrown away. */
        SCRAPPED,
        /** The number of a single piece was read: which one it is that a job has. */
        NUMBERED,
        /** Given to a customer with the bike: a spare, what is left of a pair. */
        HANDED_BACK
    }

    private StockMovement() {
    }
}
