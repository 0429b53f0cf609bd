package hingeyard.core.install;

import hingeyard.core.explain.Ruling;
import java.util.Locale;

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
        DOES_NOT_FIT("Does not fit", Who.MANAGER, Lifted.AT_THE_STAND),
        PART_MISSING("A part is missing", Who.STOCK_KEEPER, Lifted.AT_THE_STAND),
        PART_DAMAGED("A part is damaged", Who.STOCK_KEEPER, Lifted.WHOSE_TURN_IT_IS),
        WRONG_PART("Wrong part", Who.STOCK_KEEPER, Lifted.WHOSE_TURN_IT_IS),
        TOOL_MISSING("A tool is missing", Who.STOCK_KEEPER, Lifted.AT_THE_STAND),
        FIGURE_OUTSIDE("A figure is outside its window", Who.TECHNICIAN, Lifted.AT_THE_STAND),
        TEST_FAILED("A test failed", Who.TECHNICIAN, Lifted.AT_THE_STAND),
        NOT_ACCEPTED("Not accepted by the second person", Who.TECHNICIAN, Lifted.AT_THE_STAND),
        CUSTOMER_DECIDES("The customer must decide", Who.CUSTOMER, Lifted.BY_THE_MANAGER),
        UNSAFE("Unsafe", Who.MANAGER, Lifted.BY_THE_MANAGER),
        OTHER("Something else", Who.MANAGER, Lifted.AT_THE_STAND);

        private final String label;
        private final Who mustAct;
        private final Lifted lifted;

        Kind(String label, Who mustAct, Lifted lifted) {
            this.label = label;
            this.mustAct = mustAct;
            this.lifted = lifted;
        }

        public String label() {
            return label;
        }

        /** Whose turn it is unless somebody says otherwise. */
        public Who mustAct() {
            return mustAct;
        }
    }

    /** By whom a stop is lifted; each stricter than the one before. */
    private enum Lifted {
        AT_THE_STAND,
        WHOSE_TURN_IT_IS,
        BY_THE_MANAGER
    }

    /** How it may end, or go on waiting. */
    public enum Resolution {
        CLEARED("cleared", true),
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

    /**
     * Whoever stands at the bike may clear a stop, but for those that wait for somebody else's word: a part that is no good, what is
     * unsafe, what the customer decides.
     */
    public static Ruling mayClear(Kind kind, String title, boolean manager) {
        return manager || kind.lifted == Lifted.AT_THE_STAND ? Ruling.yes()
                : Ruling.no("'%s' is stuck: %s. Only %s lifts that.".formatted(title, kind.label.toLowerCase(Locale.ROOT),
                        kind.lifted == Lifted.BY_THE_MANAGER ? Who.MANAGER.label : kind.mustAct.label + " or " + Who.MANAGER.label));
    }

    /** What was found at the stand names a stop anew; never one that is lifted more easily, or a stop could be talked away. */
    public static Ruling mayBecome(Kind now, Kind found, String title) {
        return found.lifted.compareTo(now.lifted) >= 0 ? Ruling.yes()
                : Ruling.no("'%s' is stuck: %s. It stays that until %s lifts it.".formatted(title, now.label.toLowerCase(Locale.ROOT),
                        now.lifted == Lifted.BY_THE_MANAGER ? Who.MANAGER.label : now.mustAct.label));
    }

    /**
     * Away from the stand the manager decides. The stock keeper clears what waits for the stock keeper, and nothing else.
     *
     * @param turn whose turn it is
     * @param hat  as whom somebody decides
     */
    public static Ruling mayDecide(Kind kind, Who turn, Resolution how, Who hat) {
        boolean own = hat == Who.STOCK_KEEPER && turn == hat && kind.lifted != Lifted.BY_THE_MANAGER && how == Resolution.CLEARED;
        return hat == Who.MANAGER || own ? Ruling.yes()
                : Ruling.no(hat == turn ? "%s clears it; anything else is the manager's to decide.".formatted(capital(hat.label))
                        : "It waits for %s.".formatted(turn.label));
    }

    private static String capital(String label) {
        return label.substring(0, 1).toUpperCase(Locale.ROOT) + label.substring(1);
    }

    /**
     * @param revised whether the bill was revised since it was raised
     * @param added   whether work was added with it
     */
    public static Ruling mayResolve(Resolution how, boolean revised, boolean added) {
        return switch (how) {
            case SWAPPED_PARTS ->
                revised ? Ruling.yes() : Ruling.no("The bill is the same as when it stopped: make its next revision first.");
            case ADDED_WORK -> added ? Ruling.yes() : Ruling.no("Say which work is added.");
            case CLEARED, ANOTHER_KIT, BACK_TO_RACK, ASKED_CUSTOMER -> Ruling.yes();
        };
    }
}
