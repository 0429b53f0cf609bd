package hingeyard.core.plan;

import hingeyard.core.booking.JobPriority;
import hingeyard.core.booking.StandCapacity.Outlook;
import hingeyard.core.quantity.Mass;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What a customer can be told about a bike that would come on a day: tried by planning it in behind all that is planned already.
 *
 * @param date     the day it would come
 * @param outlook  how good that is
 * @param startsOn when hands would be at it first; the day itself where the shop is closed or it cannot be planned
 * @param promise  when it would be finished; empty where the shop is closed or it cannot be planned
 * @param why      why the shop is closed, where it is not as on every such day; else blank
 * @param lacks    why it cannot be planned; blank where it can
 */
public record BookingDay(LocalDate date, Outlook outlook, LocalDate startsOn, Optional<Promise> promise, String why, String lacks) {

    private static final DateTimeFormatter SAID = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);
    private static final LocalTime OPENS = LocalTime.of(8, 0);
    /** Open days between arrival and first hands that nobody minds, and that a customer still takes. */
    private static final int COMFORTABLE_WAIT = 1;
    private static final int THIN_WAIT = 3;
    /** No job of a shop has it. */
    private static final long TRIED = Long.MAX_VALUE;

    /**
     * The next days, closed ones among them.
     *
     * @param plan        what is planned, and is not moved by it
     * @param quarterDays what the kind of job usually takes
     */
    public static List<BookingDay> of(PlanQuestion question, Plan plan, Spread spread, int quarterDays, int days) {
        Horizon horizon = new Horizon(question.now(), question.days());
        LocalDate first = question.now().toLocalDate();
        return first.datesUntil(first.plusDays(days)).map(d -> day(question, plan, spread, quarterDays, d, horizon)).toList();
    }

    private static BookingDay day(PlanQuestion question, Plan plan, Spread spread, int quarterDays, LocalDate day, Horizon horizon) {
        if (!question.days().isOpen(day)) {
            return new BookingDay(day, Outlook.CLOSED, day, Optional.empty(), question.days().why(day), "");
        }
        LocalDateTime arrives = day.atTime(OPENS);
        LocalDateTime chosen = question.days().openFrom(day.plusDays(1)).atTime(OPENS);
        List<PlanJob> jobs = new ArrayList<>(question.jobs());
        jobs.add(new PlanJob(TRIED, JobPriority.USUAL, Optional.empty(), Optional.empty(), Optional.empty(), Mass.ZERO, Pin.NONE,
                Legs.usual(quarterDays, List.of(new Wait(Wait.Kind.ARRIVAL, "the bike", arrives, true),
                        new Wait(Wait.Kind.CHOICE, "a kit to be chosen", chosen, false)))));
        PlanQuestion with = question.withJobs(jobs);
        Plan then = Planner.again(with, plan, 0);
        Optional<LocalDate> starts = then.of(TRIED).stream().map(PlacedLeg::start).min(Comparator.naturalOrder())
                .map(LocalDateTime::toLocalDate);
        if (starts.isEmpty()) {
            return new BookingDay(day, Outlook.FULL, day, Optional.empty(), "", then.unplanned().stream().filter(u -> u.job() == TRIED)
                    .map(u -> u.why() + " " + u.cure()).findFirst().orElse(""));
        }
        int wait = horizon.openDays(horizon.number(day), horizon.number(starts.get()));
        Outlook outlook = wait <= COMFORTABLE_WAIT ? Outlook.GOOD : wait <= THIN_WAIT ? Outlook.THIN : Outlook.FULL;
        return new BookingDay(day, outlook, starts.get(), Optional.of(Promises.quick(with, then, spread, TRIED)), "", "");
    }

    /** As one says it on the phone. */
    public String sentence() {
        String ready = promise.map(p -> p.likely().equals(p.safe()) ? " Ready, and safe to promise, on %s.".formatted(SAID.format(p.safe()))
                : " Most likely ready on %s, safe to promise for %s.".formatted(SAID.format(p.likely()), SAID.format(p.safe()))).orElse("");
        return switch (outlook) {
            case CLOSED -> why.isEmpty() ? "The shop is closed." : "The shop is closed: %s.".formatted(why);
            case GOOD -> "Good: work begins on %s.".formatted(SAID.format(startsOn)) + ready;
            case THIN -> "Thin: it waits in the rack until %s.".formatted(SAID.format(startsOn)) + ready;
            case FULL -> promise.isEmpty() ? lacks : "Full: nobody is free before %s.".formatted(SAID.format(startsOn)) + ready;
        };
    }
}
