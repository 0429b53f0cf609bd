package hingeyard.core.privacy;

import hingeyard.core.explain.Ruling;
import java.util.List;
import java.util.stream.Collectors;

/** Erasing what is known of a customer, on their request: whether it may be done now, what goes, and what stays and why. */
public final class Erasure {

    /** What goes, a sentence each. */
    public static final List<String> GOES = List.of("Name and contact.", "Who agreed to work and prices, and drawn signatures.",
            "Photos of their bikes.", "Key numbers and start codes.", "Their full name and contact wherever a note holds them.");

    private static final String BOOKS = "Quotes, invoices, credit notes and receipts stay as they were written: the books have to be kept for as long as local law asks.";
    private static final String BIKE = "The bikes stay, with frame number, measurements, what was fitted and its serial numbers: a recall must still find them.";
    private static final String HISTORY = "The step histories stay; nobody can change them. ";
    private static final String BACKUPS = "Backups made before hold everything until they are deleted.";

    /**
     * How it stands with a customer.
     *
     * @param erased     whether it was done before
     * @param openJobs   jobs of theirs that are not finished
     * @param openMoney  jobs whose account is open
     * @param historical entries of step histories that hold the name or the contact; at least 0
     */
    public record Standing(boolean erased, List<Long> openJobs, List<Long> openMoney, int historical) {

        public Standing {
            openJobs = List.copyOf(openJobs);
            openMoney = List.copyOf(openMoney);
        }
    }

    private Erasure() {
    }

    /** Whether it may be done now. */
    public static Ruling may(Standing now) {
        if (now.erased) {
            return Ruling.no("It was erased before.");
        }
        if (!now.openJobs.isEmpty()) {
            return Ruling.no("%s not finished: hand the bike over, or call it off, first.".formatted(jobs(now.openJobs, "is", "are")));
        }
        if (!now.openMoney.isEmpty()) {
            return Ruling.no("%s not settled: see to payments and invoice first.".formatted(jobs(now.openMoney, "is", "are")));
        }
        return Ruling.yes();
    }

    private static String jobs(List<Long> numbers, String one, String many) {
        String list = numbers.stream().sorted().map(String::valueOf).collect(Collectors.joining(", "));
        return numbers.size() == 1 ? "Job %s %s".formatted(list, one) : "Jobs %s %s".formatted(list, many);
    }

    /** What stays, and why: a sentence or two each. */
    public static List<String> stays(Standing now) {
        String named = now.historical == 0 ? "None of their entries holds the name or the contact."
                : now.historical == 1 ? "One of their entries holds the name or the contact."
                        : now.historical + " of their entries hold the name or the contact.";
        return List.of(BOOKS, BIKE, HISTORY + named, BACKUPS);
    }
}
