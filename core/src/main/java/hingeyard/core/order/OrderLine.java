package hingeyard.core.order;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * One line of an order, derived from everything that happened to it.
 *
 * @param part     the part's number
 * @param happened in the order it happened
 */
public record OrderLine(String part, List<Happening> happened) {

    /** What can happen to a line. */
    public enum Kind {
        /** So many ordered, expected on a day. */
        ORDERED,
        /** The supplier promises so many on a day; the promises of one answer replace those of earlier answers. */
        CONFIRMED,
        /** The supplier has another part instead; nobody takes it unasked. */
        OTHER_OFFERED,
        /** So many came. */
        RECEIVED,
        /** So many are no longer wanted. */
        CANCELLED
    }

    /**
     * @param count  pieces, at least 1; 0 for an offer of another part
     * @param on     the day named; empty where none is
     * @param answer which answer of the supplier it belongs to, from 1; 0 for what is no answer
     */
    public record Happening(Kind kind, int count, Optional<LocalDate> on, int answer, String note, String by, Instant at) {
    }

    /** Where a line stands. */
    public enum State {
        SENT("sent, not answered"),
        CONFIRMED("confirmed"),
        PARTLY_CONFIRMED("confirmed in part"),
        OTHER_OFFERED("another part offered"),
        PARTLY_RECEIVED("came in part"),
        RECEIVED("came"),
        CANCELLED("cancelled");

        private final String label;

        State(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** Pieces that come on a day. */
    public record Coming(LocalDate on, int count) {
    }

    public OrderLine {
        happened = List.copyOf(happened);
    }

    private int sum(Kind kind) {
        return of(kind).mapToInt(Happening::count).sum();
    }

    private Stream<Happening> of(Kind kind) {
        return happened.stream().filter(h -> h.kind() == kind);
    }

    /**
     * By how many days the last of it came later than the supplier's last answer had it, or than was expected where there was no answer; 0
     * when it was there in time. Empty while it has not come whole, or where no day was ever named.
     */
    public Optional<Integer> daysBroken() {
        Optional<LocalDate> there = of(Kind.RECEIVED).flatMap(h -> h.on().stream()).max(Comparator.naturalOrder());
        Optional<LocalDate> said = promised().stream().flatMap(h -> h.on().stream()).max(Comparator.naturalOrder())
                .or(() -> of(Kind.ORDERED).flatMap(h -> h.on().stream()).max(Comparator.naturalOrder()));
        return state() != State.RECEIVED || there.isEmpty() ? Optional.empty()
                : said.map(s -> (int) Math.max(0, ChronoUnit.DAYS.between(s, there.get())));
    }

    public int ordered() {
        return sum(Kind.ORDERED);
    }

    public int received() {
        return sum(Kind.RECEIVED);
    }

    public int cancelled() {
        return sum(Kind.CANCELLED);
    }

    /** Pieces still to come or to be cancelled. */
    public int open() {
        return ordered() - received() - cancelled();
    }

    /** How many answers the supplier gave. */
    public int answers() {
        return happened.stream().mapToInt(Happening::answer).max().orElse(0);
    }

    private List<Happening> promised() {
        int last = answers();
        return last == 0 ? List.of() : happened.stream().filter(h -> h.answer() == last && h.kind() == Kind.CONFIRMED).toList();
    }

    /** What the supplier's last answer leaves without a day: to be cancelled and ordered elsewhere, or asked again. */
    public int unpromised() {
        return answers() == 0 ? 0 : Math.max(0, open() - coming().stream().mapToInt(Coming::count).sum());
    }

    /**
     * Open pieces by the day they are promised for, the soonest first: by the last answer, or by the day they were expected when they were
     * ordered. What came
     * counts against the soonest, what was cancelled against what has no day and then the latest.
     */
    public List<Coming> coming() {
        List<Coming> days = new ArrayList<>(
                (answers() == 0 ? of(Kind.ORDERED) : promised().stream()).flatMap(h -> h.on().map(on -> new Coming(on, h.count())).stream())
                        .sorted(Comparator.comparing(Coming::on)).toList());
        int named = days.stream().mapToInt(Coming::count).sum();
        take(days, received(), true);
        take(days, Math.max(0, cancelled() - Math.max(0, ordered() - named)), false);
        return days;
    }

    private static void take(List<Coming> days, int count, boolean soonest) {
        for (int left = count; left > 0 && !days.isEmpty();) {
            int at = soonest ? 0 : days.size() - 1;
            Coming day = days.get(at);
            int taken = Math.min(left, day.count());
            left -= taken;
            if (taken == day.count()) {
                days.remove(at);
            } else {
                days.set(at, new Coming(day.on(), day.count() - taken));
            }
        }
    }

    public State state() {
        if (open() <= 0) {
            return received() > 0 ? State.RECEIVED : State.CANCELLED;
        }
        if (received() > 0) {
            return State.PARTLY_RECEIVED;
        }
        int last = answers();
        if (last == 0) {
            return State.SENT;
        }
        if (happened.stream().anyMatch(h -> h.answer() == last && h.kind() == Kind.OTHER_OFFERED)) {
            return State.OTHER_OFFERED;
        }
        return unpromised() > 0 ? State.PARTLY_CONFIRMED : State.CONFIRMED;
    }

    /** By how many days the last answer's latest day is later than the day that was expected; 0 when it is not. */
    public int daysLate() {
        Optional<LocalDate> expected = of(Kind.ORDERED).flatMap(h -> h.on().stream()).max(Comparator.naturalOrder());
        Optional<LocalDate> named = promised().stream().flatMap(h -> h.on().stream()).max(Comparator.naturalOrder());
        return expected.isEmpty() || named.isEmpty() ? 0 : (int) Math.max(0, named.get().toEpochDay() - expected.get().toEpochDay());
    }
}
