package hingeyard.core.install;

import hingeyard.core.explain.Ruling;

/** What stops a step: of which kind, who must act on it, and how it may end. */
public final class Blocker {

    /** Whose turn it is. */
    public enum Who {
        TECHNICIAN("the technician"),
        MANAGER("the manager"),
        STOCK_KEEPER("the stock keeper"),
        CUSTOMER("the customer");

        private final String label;

        Who(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** What sort of stop. */
    public enum Kind {
        DOES_NOT_FIT("Does not fit", Who.MANAGER, false),
        PART_MISSING("A part is missing", Who.STOCK_KEEPER, false),
        PART_DAMAGED("A part is damaged", Who.STOCK_KEEPER, false),
        WRONG_PART("Wrong part", Who.STOCK_KEEPER, false),
        TOOL_MISSING("A tool is missing", Who.STOCK_KEEPER, false),
        FIGURE_OUTSIDE("A figure is outside its window", Who.TECHNICIAN, false),
        TEST_FAILED("A test failed", Who.TECHNICIAN, false),
        CUSTOMER_DECIDES("The customer must decide", Who.CUSTOMER, true),
        UNSAFE("Unsafe", Who.MANAGER, true),
        OTHER("Something else", Who.MANAGER, false);

        private final String label;
        private final Who mustAct;
        private final boolean managerOnly;

        Kind(String label, Who mustAct, boolean managerOnly) {
            this.label = label;
            this.mustAct = mustAct;
            this.managerOnly = managerOnly;
        }

        public String label() {
            return label;
        }

        /** Whose turn it is unless somebody says otherwise. */
        public Who mustAct() {
            return mustAct;
        }
    }

    /** How it may end, or go on waiting. */
    public enum Resolution {
        CLEARED("cleared at the stand", true),
        SWAPPED_PARTS("parts swapped by a revision of the bill", true),
        ADDED_WORK("work added", true),
        ANOTHER_KIT("another kit", true),
        BACK_TO_RACK("back to the rack", false),
        ASKED_CUSTOMER("the customer is asked", false);

        private final String label;
        private final boolean ends;

        Resolution(String label, boolean ends) {
            this.label = label;
            this.ends = ends;
        }

        public String label() {
            return label;
        }

        /** Whether the step may be started again; else it goes on waiting. */
        public boolean ends() {
            return ends;
        }
    }

    private Blocker() {
    }

    /** Whoever stands at the bike may clear a stop, but for those that only the manager lifts. */
    public static Ruling mayClear(Kind kind, String title, boolean manager) {
        return manager || !kind.managerOnly ? Ruling.yes() : Ruling.no("'%s' is stuck: %s. Only the manager lifts that.".formatted(title, kind.label.toLowerCase(java.util.Locale.ROOT)));
    }

    /** What was found at the stand names a stop anew; one that only the manager lifts stays such a one. */
    public static Ruling mayBecome(Kind now, Kind found, String title) {
        return !now.managerOnly || found.managerOnly ? Ruling.yes() : Ruling.no("'%s' is stuck: %s. It stays that until the manager lifts it.".formatted(title, now.label.toLowerCase(java.util.Locale.ROOT)));
    }

    /**
     * @param revised whether the bill was revised since it was raised
     * @param added   whether work was added with it
     */
    public static Ruling mayResolve(Resolution how, boolean revised, boolean added) {
        return switch (how) {
            case SWAPPED_PARTS -> revised ? Ruling.yes() : Ruling.no("The bill is the same as when it stopped: make its next revision first.");
            case ADDED_WORK -> added ? Ruling.yes() : Ruling.no("Say which work is added.");
            case CLEARED, ANOTHER_KIT, BACK_TO_RACK, ASKED_CUSTOMER -> Ruling.yes();
        };
    }
}
