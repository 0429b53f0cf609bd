package hingeyard.core.bill;

import hingeyard.core.explain.Ruling;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * That somebody agreed: an act of a person on a day, never something a program fills in.
 *
 * @param who   by name
 * @param on    the day, in the shop's zone
 * @param way   how it was said
 * @param drawn their name as they drew it; there for {@link Way#DRAWN} and no other way
 */
public record Agreement(String who, LocalDate on, Way way, Optional<Signature> drawn) {

    /** @throws IllegalArgumentException when a name was to be drawn and is not there, or is there and was not */
    public Agreement {
        if (drawn.isPresent() != (way == Way.DRAWN)) {
            throw new IllegalArgumentException(
                    way == Way.DRAWN ? "the name, drawn" : "a drawn name only where it was signed on the tablet");
        }
    }

    /** One in which nobody drew their name. */
    public Agreement(String who, LocalDate on, Way way) {
        this(who, on, way, Optional.empty());
    }

    /** How far back an agreement may lie: prices and bikes do not stay as they were for longer. */
    static final int LONGEST_AGO_DAYS = 180;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    /** How somebody agreed. */
    public enum Way {
        PAPER("signed on paper"),
        PHONE("by phone"),
        WRITING("in a message"),
        COUNTER("at the counter"),
        DRAWN("signed on the tablet");

        private final String label;

        Way(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** As it stands on screens and papers, such as "Edda Holm, 28 Nov 2026, by phone". */
    public String text() {
        return text(who, on, way);
    }

    /** The same of one whose drawn name is kept elsewhere. */
    public static String text(String who, LocalDate on, Way way) {
        return "%s, %s, %s".formatted(who, DAY.format(on), way.label());
    }

    /** Whether somebody can have agreed on that day: not tomorrow, and not longer ago than half a year. */
    public Ruling mayBeOn(LocalDate today) {
        if (on.isAfter(today)) {
            return Ruling.no("%s lies ahead: nobody has agreed then yet.".formatted(DAY.format(on)));
        }
        return on.isBefore(today.minusDays(LONGEST_AGO_DAYS))
                ? Ruling.no("%s is more than %d days ago: ask again.".formatted(DAY.format(on), LONGEST_AGO_DAYS)) : Ruling.yes();
    }

    /**
     * Whether a bill may say that these trade-offs were consented to.
     *
     * @param tradeOffs titles of what is consented to by this bill for the first time
     */
    public static Ruling needed(List<String> tradeOffs, Optional<Agreement> agreement) {
        return tradeOffs.isEmpty() || agreement.isPresent() ? Ruling.yes()
                : Ruling.no("Who consented to %s, on which day and in which way?".formatted(String.join(", ", tradeOffs)));
    }
}
