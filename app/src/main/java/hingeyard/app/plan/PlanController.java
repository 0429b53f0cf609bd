package hingeyard.app.plan;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.command.Commands;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.app.shop.ShopBook;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.booking.JobKind;
import hingeyard.core.booking.JobPriority;
import hingeyard.core.booking.StandCapacity.Outlook;
import hingeyard.core.floor.Place;
import hingeyard.core.people.Absence;
import hingeyard.core.plan.BookingDay;
import hingeyard.core.plan.Cause;
import hingeyard.core.plan.Causes;
import hingeyard.core.plan.DayAhead;
import hingeyard.core.plan.Help;
import hingeyard.core.plan.Helps;
import hingeyard.core.plan.LegPlace;
import hingeyard.core.plan.OwnDay;
import hingeyard.core.plan.Pin;
import hingeyard.core.plan.PlacedLeg;
import hingeyard.core.plan.Plan;
import hingeyard.core.plan.PlanDifference;
import hingeyard.core.plan.PlanJudge;
import hingeyard.core.plan.PlanQuestion;
import hingeyard.core.plan.Planner;
import hingeyard.core.plan.Promise;
import hingeyard.core.plan.Wait;
import hingeyard.core.plan.Worker;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The coming days: who does what where, why not earlier, and what would help. */
@RestController
class PlanController {

    /** Calendar days shown: three weeks. */
    private static final int DAYS = 21;
    private static final int BOOKING_DAYS = 28;
    private static final int YEARS = 3;

    /** @param known whether anybody said when it is over; else it is supposed */
    record WaitView(Wait.Kind kind, String kindLabel, String what, LocalDateTime until, boolean known) {

        static WaitView of(Wait wait) {
            return new WaitView(wait.kind(), wait.kind().label(), wait.what(), wait.until(), wait.known());
        }
    }

    /** A stretch of time with hands at it. */
    record StretchView(LocalDateTime from, LocalDateTime to) {
    }

    /**
     * A leg in its place.
     *
     * @param looked  when somebody else can have looked at it
     * @param learner whether somebody skilled must
     */
    record LegView(long job, int ordinal, String title, LegPlace place, String placeLabel, String person, Optional<Integer> stand,
            List<StretchView> worked, LocalDateTime looked, boolean hold, boolean learner, int minutes, List<WaitView> waits) {

        static LegView of(PlacedLeg leg) {
            return new LegView(leg.job(), leg.leg().ordinal(), leg.leg().title(), leg.leg().place(), leg.leg().place().label(),
                    leg.person(),
                    leg.stand(), leg.worked().stream().map(s -> new StretchView(s.from(), s.to())).toList(), leg.looked(),
                    leg.leg().hold(), leg.learner(), leg.leg().minutes(), leg.leg().waits().stream().map(WaitView::of).toList());
        }
    }

    /**
     * What was said about a job.
     *
     * @param version what a change builds on
     */
    record SaidView(int version, Optional<LocalDate> promised, Optional<Integer> stand, Optional<String> person,
            Optional<LocalDate> notBefore, Optional<Integer> notOn, Optional<String> notBy, String by) {

        static SaidView of(JobPlans.Said said) {
            return new SaidView(said.version(), said.promised(), said.pin().stand(), said.pin().person(), said.pin().notBefore(),
                    said.pin().notOn(), said.pin().notBy(), said.by());
        }
    }

    /**
     * A job on the plan.
     *
     * @param finish  when it is planned to be done; empty when it cannot be planned
     * @param likely  finished on or before it in half of all draws
     * @param safe    in four of five
     * @param percent of the draws in which it is finished on or before the safe day
     * @param late    whether it is planned to be finished after the day that was promised
     * @param lacks   why it cannot be planned; blank where it is
     * @param cure    what would mend that; blank where it is planned
     * @param since   what came otherwise since the plan was agreed: as it was agreed it cannot be done any more; absent where nothing did
     */
    record JobAhead(long job, String bike, String customer, String paint, String kindLabel, JobPriority priority, SaidView said,
            Optional<LocalDateTime> finish, Optional<LocalDate> likely, Optional<LocalDate> safe, Optional<Integer> percent,
            List<String> between, boolean late, String lacks, String cure, Optional<String> since) {
    }

    /** @param waits what it waits for all that day */
    record StandingView(int stand, long job, List<String> hands, int minutes, Optional<WaitView> waits) {
    }

    record BesideView(long job, LegPlace place, String person, int minutes) {
    }

    /**
     * The floor on one of the days.
     *
     * @param why why the shop is closed, where it is not as on every such day
     */
    record DayOnFloor(LocalDate date, boolean open, String why, List<StandingView> standing, List<BesideView> beside, List<Long> promised,
            List<Long> finished) {
    }

    /** @param away days of the three weeks on which they are away, with the reason */
    record Colleague(String name, boolean does, List<PersonDay> days) {
    }

    /**
     * @param minutes of their hours on it; 0 when they are not in
     * @param planned minutes of them that are planned
     * @param away    why they are away although they would be in; absent where they are not
     */
    record PersonDay(LocalDate date, int minutes, int planned, Optional<String> away) {
    }

    /** @param version of the plan that was agreed */
    record AgreedView(int version, String by, Instant at) {
    }

    /**
     * A better plan than the one that stands.
     *
     * @param key   names it; what is agreed to is what was seen
     * @param moved what it would change; nothing where none is better
     */
    record PlanProposal(String key, List<MovedView> moved) {
    }

    /**
     * @param agreed absent while nothing was: then the proposal is shown
     * @param since  what came otherwise since it was agreed
     */
    record AheadView(LocalDateTime now, String record, String learned, Optional<AgreedView> agreed, List<MovedView> since,
            PlanProposal proposal,
            List<DayOnFloor> days,
            List<Integer> stands, List<Colleague> people, List<JobAhead> jobs,
            List<LegView> legs) {
    }

    /** @param without when it would begin without this reason, everything else as it is */
    record CauseView(Cause.Kind kind, long job, int ordinal, String title, LocalDateTime start, String sentence, LocalDateTime without) {
    }

    /** Why a leg does not begin earlier, back to the first reason. */
    record Chain(long job, int ordinal, String title, List<CauseView> causes) {
    }

    /**
     * A day a bike could come.
     *
     * @param arrivals bikes awaited on it
     * @param startsOn when hands would be at it
     * @param safe     when it is finished in four cases of five; absent where it cannot be planned
     */
    record BookingDayView(LocalDate date, int arrivals, int freeStands, int stands, LocalDate startsOn, Optional<LocalDate> likely,
            Optional<LocalDate> safe, Outlook outlook, String sentence) {
    }

    /**
     * A leg of somebody's own day.
     *
     * @param stand   where it is planned; absent where it needs none
     * @param isOn    the stand its bike is on now; absent while it is on none
     * @param holds   titles of its steps that somebody else looks at
     * @param lookers who is in then and may look
     */
    record TurnView(long job, String bike, String paint, String title, LocalDateTime from, LocalDateTime to, Optional<Integer> stand,
            Optional<Integer> isOn, String placeLabel, List<String> tools, List<String> holds, boolean learner, List<String> lookers) {
    }

    /**
     * @param away   why they are away that day; absent where they are not
     * @param charge jobs whose battery has to be charged by the end of the day
     * @param next   the next day with anything to do
     */
    record OwnDayView(String person, LocalDate date, Optional<String> away, List<TurnView> turns, List<Long> charge,
            Optional<LocalDate> next) {
    }

    record HelpView(String what, LocalDateTime finish, int gain, List<Long> later) {
    }

    /** Why a job is finished when it is, leg by leg. */
    record WhyWhen(long job, List<Chain> chains) {
    }

    /** @param version what its writer saw */
    record SaidGiven(@Min(value = 0, message = "0 or more") int version, Optional<LocalDate> promised, Optional<Integer> stand,
            Optional<@Size(max = 80, message = "at most 80 letters") String> person, Optional<LocalDate> notBefore, Optional<Integer> notOn,
            Optional<@Size(max = 80, message = "at most 80 letters") String> notBy) {

        Pin pin() {
            return new Pin(stand, person.filter(p -> !p.isBlank()), notBefore, notOn, notBy.filter(p -> !p.isBlank()));
        }
    }

    /** Somebody supposed to be away. */
    record Away(@NotNull(message = "a name") @Size(max = 80, message = "at most 80 letters") String person,
            @NotNull(message = "the first day") LocalDate from, @NotNull(message = "the last day") LocalDate to) {
    }

    /** @param job what is supposed to be said about it */
    record SupposedSaid(long job, @NotNull(message = "what is said") @Valid SaidGiven said) {
    }

    /**
     * What is supposed, all at once; nothing of it is saved.
     *
     * @param first a job supposed to come before all others
     */
    record Supposition(Optional<@Valid SupposedSaid> said, Optional<@Valid Away> away, Optional<Integer> closedStand,
            Optional<Long> first,
            Optional<@Size(min = 1, max = 500, message = "1 to 500 jobs") List<@NotNull(message = "a job's number") Long>> accepted) {
    }

    /** A job that is otherwise in another plan, as {@link PlanDifference} says it. */
    record MovedView(long job, int days, boolean breaks, String sentence) {

        static List<MovedView> of(List<PlanDifference.Moved> moved) {
            return moved.stream().map(m -> new MovedView(m.job(), m.days(), m.breaks(), m.sentence())).toList();
        }
    }

    /**
     * @param key  of the proposal that was seen
     * @param jobs those of which its changes are agreed to; absent for all of it
     */
    record PlanAgreement(@NotNull(message = "the proposal's key") @Size(max = 64, message = "at most 64 letters") String key,
            Optional<@Size(min = 1, max = 500, message = "1 to 500 jobs") List<@NotNull(message = "a job's number") Long>> jobs) {
    }

    /**
     * What would come of it.
     *
     * @param moved  jobs that would be otherwise; none when nothing would
     * @param lacks  why jobs could not be planned then
     * @param faults what would be impossible; none when the plan can be worked by
     */
    record WhatIfAnswer(List<MovedView> moved, List<String> lacks, List<String> faults) {
    }

    private final Ahead ahead;
    private final JobPlans plans;
    private final AgreedPlans agreed;
    private final Jobs jobs;
    private final ShopBook shop;
    private final Commands commands;
    private final ShopClock clock;

    PlanController(Ahead ahead, JobPlans plans, AgreedPlans agreed, Jobs jobs, ShopBook shop, Commands commands, ShopClock clock) {
        this.ahead = ahead;
        this.plans = plans;
        this.agreed = agreed;
        this.jobs = jobs;
        this.shop = shop;
        this.commands = commands;
        this.clock = clock;
    }

    @GetMapping("/api/plan")
    AheadView plan() {
        Ahead.Planned now = ahead.now();
        Map<LocalDate, String> closed = shop.now().closed();
        List<DayAhead> days = DayAhead.of(now.question(), now.plan(), DAYS);
        List<PlanDifference.Moved> since = now.since();
        return new AheadView(now.question().now(), now.record().sentence(), now.learned().sentence(),
                now.agreed().map(a -> new AgreedView(a.version(), a.by(), a.at())),
                MovedView.of(since), new PlanProposal(now.key(), MovedView.of(now.proposed())),
                days.stream().map(d -> new DayOnFloor(d.date(), d.open(), d.open() ? "" : closed.getOrDefault(d.date(), ""),
                        d.standing().stream().map(s -> new StandingView(s.stand(), s.job(), s.hands(), s.minutes(),
                                s.waits().map(WaitView::of))).toList(),
                        d.beside().stream().map(b -> new BesideView(b.job(), b.place(), b.person(), b.minutes())).toList(), d.promised(),
                        d.finished())).toList(),
                now.question().stands().stream().map(s -> s.number()).toList(),
                now.question().workers().stream().map(w -> colleague(now, w, days)).toList(),
                now.question().jobs().stream().map(j -> job(now, j.number(), since)).toList(),
                now.plan().legs().stream().map(LegView::of).toList());
    }

    private static Colleague colleague(Ahead.Planned now, Worker worker, List<DayAhead> days) {
        return new Colleague(worker.name(), worker.does(), days.stream().map(d -> {
            var hours = Optional.ofNullable(worker.hours().days().get(d.date().getDayOfWeek())).filter(h -> d.open());
            Optional<String> away = hours.flatMap(h -> worker.away(d.date())).map(Absence::why).map(w -> w.isBlank() ? "away" : w);
            int planned = now.plan().legs().stream().filter(l -> l.person().equals(worker.name()))
                    .mapToInt(l -> DayAhead.minutes(l, d.date())).sum();
            return new PersonDay(d.date(), away.isPresent() ? 0 : hours.map(h -> h.minutes()).orElse(0), planned, away);
        }).toList());
    }

    private static JobAhead job(Ahead.Planned now, long number, List<PlanDifference.Moved> since) {
        JobCard card = now.jobs().get(number);
        JobPlans.Said said = Ahead.said(now, number);
        Optional<Promise> promise = Optional.ofNullable(now.promises().get(number));
        Optional<LocalDateTime> finish = now.plan().finish(number);
        Optional<Plan.Unplanned> lacks = now.plan().unplanned().stream().filter(u -> u.job() == number).findFirst();
        return new JobAhead(number, card.bike(), card.customer(), card.paint(), card.kindLabel(), card.priority(), SaidView.of(said),
                finish,
                promise.map(Promise::likely), promise.map(Promise::safe), promise.map(Promise::percent),
                promise.map(Promise::between).orElse(List.of()),
                said.promised().isPresent() && finish.filter(f -> f.toLocalDate().isAfter(said.promised().get())).isPresent(),
                lacks.map(Plan.Unplanned::why).orElse(""), lacks.map(Plan.Unplanned::cure).orElse(""),
                since.stream().filter(m -> m.job() == number).map(PlanDifference.Moved::sentence).findFirst());
    }

    /** Why each of its legs does not begin earlier. */
    @GetMapping("/api/plan/jobs/{number}/why")
    WhyWhen why(@PathVariable(name = "number") long number) {
        Ahead.Planned now = planned(number);
        return new WhyWhen(number, now.plan().of(number).stream().map(l -> new Chain(number, l.leg().ordinal(), l.leg().title(),
                Causes.of(now.question(), now.plan(), number, l.leg().ordinal()).stream().map(c -> shown(now, c)).toList())).toList());
    }

    private static CauseView shown(Ahead.Planned now, Cause cause) {
        return new CauseView(cause.kind(), cause.job(), cause.ordinal(),
                now.plan().leg(cause.job(), cause.ordinal()).map(l -> l.leg().title()).orElse(""), cause.start(), cause.sentence(),
                cause.without());
    }

    /** What would let it be finished earlier, each tried by planning with it. */
    @GetMapping("/api/plan/jobs/{number}/helps")
    List<HelpView> helps(@PathVariable(name = "number") long number) {
        Ahead.Planned now = planned(number);
        List<List<Cause>> chains = now.plan().of(number).stream()
                .map(l -> Causes.of(now.question(), now.plan(), number, l.leg().ordinal())).toList();
        return now.plan().finish(number).isEmpty() ? List.of()
                : Helps.of(now.question(), now.plan(), number, chains).stream()
                        .map(h -> new HelpView(h.what(), h.finish(), h.gain(), h.later())).toList();
    }

    /** What whoever is signed in does on a day, today where none is named. */
    @GetMapping("/api/plan/mine")
    OwnDayView mine(@RequestParam(name = "date") Optional<LocalDate> date) {
        Ahead.Planned now = ahead.now();
        LocalDate day = date.orElse(now.question().now().toLocalDate());
        OwnDay own = OwnDay.of(now.question(), now.plan(), SignedIn.name(), day, now.steps());
        Optional<Worker> me = now.question().workers().stream().filter(w -> w.name().equals(own.person())).findFirst();
        return new OwnDayView(own.person(), day, me.flatMap(w -> w.away(day)).map(a -> a.why().isBlank() ? "away" : a.why()),
                own.turns().stream().map(t -> {
                    JobCard card = now.jobs().get(t.leg().job());
                    return new TurnView(t.leg().job(), card.bike(), card.paint(), t.leg().leg().title(), t.from(), t.to(), t.leg().stand(),
                            card.stand(), t.leg().leg().place().label(), t.tools(), t.holds(), t.leg().learner(), t.lookers());
                }).toList(), own.charge(), nextDay(now, own.person(), day));
    }

    private static Optional<LocalDate> nextDay(Ahead.Planned now, String person, LocalDate after) {
        return now.plan().legs().stream().filter(l -> l.person().equals(person)).flatMap(l -> l.worked().stream())
                .map(s -> s.from().toLocalDate()).filter(d -> d.isAfter(after)).min(LocalDate::compareTo);
    }

    /** When a bike booked for a day would be worked on, and what its customer can be told. */
    @GetMapping("/api/plan/days")
    List<BookingDayView> days(@RequestParam(name = "jobKind") JobKind jobKind) {
        Ahead.Planned now = ahead.now();
        List<DayAhead> floor = DayAhead.of(now.question(), now.plan(), BOOKING_DAYS);
        List<BookingDay> days = ahead.days(jobKind, BOOKING_DAYS);
        int stands = now.question().stands().size();
        return IntStream.range(0, days.size()).mapToObj(i -> {
            BookingDay day = days.get(i);
            long taken = floor.get(i).standing().stream().map(DayAhead.Standing::stand).distinct().count();
            int awaited = (int) now.jobs().values().stream().filter(j -> j.place() == Place.GATE && j.arrivesOn().equals(day.date()))
                    .count();
            return new BookingDayView(day.date(), awaited, stands - (int) taken, stands, day.startsOn(), day.promise().map(Promise::likely),
                    day.promise().map(Promise::safe), day.outlook(), day.sentence());
        }).toList();
    }

    private Ahead.Planned planned(long number) {
        Ahead.Planned now = ahead.now();
        if (now.question().jobs().stream().noneMatch(j -> j.number() == number)) {
            // One that does not exist is told as that; one that is finished as this.
            jobs.card(number);
            throw Refused.conflict("Nothing is left to plan on job %d: it is finished, called off or collected.".formatted(number));
        }
        return now;
    }

    /** What would come of something, without saving it. */
    @PostMapping("/api/plan/what-if")
    WhatIfAnswer whatIf(@Valid @RequestBody Supposition given) {
        Ahead.Planned now = ahead.now();
        PlanQuestion question = now.question();
        if (given.said().isPresent()) {
            SupposedSaid said = given.said().get();
            planned(said.job());
            checked(said.said());
            question = question.with(said.job(), j -> said.said().promised().map(j::promisedFor).orElse(j).pinned(said.said().pin()));
        }
        if (given.away().isPresent()) {
            question = without(question, given.away().get());
        }
        if (given.closedStand().isPresent()) {
            question = closed(question, given.closedStand().get());
        }
        Optional<Long> first = given.first().map(f -> {
            planned(f);
            return f;
        });
        Plan then = given.accepted().isPresent() ? partly(now, given.accepted().get()) : Ahead.suppose(now, question, first);
        return new WhatIfAnswer(
                MovedView.of(PlanDifference.of(now.question(), now.plan(), then)),
                then.unplanned().stream().map(u -> "%d: %s %s".formatted(u.job(), u.why(), u.cure())).toList(),
                PlanJudge.faults(question, then).stream().map(PlanJudge.Fault::sentence).toList());
    }

    /** The plan with some lines of the proposal. */
    private Plan partly(Ahead.Planned now, List<Long> jobs) {
        jobs.stream().filter(j -> now.proposed().stream().noneMatch(m -> m.job() == j)).findFirst().ifPresent(j -> {
            throw Refused.input("jobs", String.valueOf(j), "jobs that the proposal changes: "
                    + now.proposed().stream().map(m -> String.valueOf(m.job())).collect(Collectors.joining(", ")));
        });
        return Planner.partly(now.question(), now.plan(), now.proposal(), Set.copyOf(jobs));
    }

    private PlanQuestion without(PlanQuestion question, Away away) {
        if (away.to().isBefore(away.from()) || away.from().isBefore(clock.today().minusYears(YEARS))
                || away.to().isAfter(clock.today().plusYears(YEARS))) {
            throw Refused.input("away", "%s to %s".formatted(away.from(), away.to()), "a last day not before the first, within %d years"
                    .formatted(YEARS));
        }
        person("person", question.workers().stream().map(Worker::name).toList(), away.person());
        return question.withWorkers(question.workers().stream().map(w -> !w.name().equals(away.person()) ? w
                : w.away(java.util.stream.Stream.concat(w.absences().stream(),
                        java.util.stream.Stream.of(new Absence(away.from(), away.to(), "supposed"))).toList()))
                .toList());
    }

    private static PlanQuestion closed(PlanQuestion question, int stand) {
        if (question.stands().stream().noneMatch(s -> s.number() == stand)) {
            throw Refused.input("closedStand", String.valueOf(stand),
                    "one of " + question.stands().stream().map(s -> s.number()).toList());
        }
        return question.withStands(question.stands().stream().filter(s -> s.number() != stand).toList())
                .withJobs(question.jobs().stream().map(j -> j.stand().filter(s -> s == stand).isPresent() ? j.off() : j).toList());
    }

    private static void person(String field, List<String> names, String name) {
        if (!names.contains(name)) {
            throw Refused.input(field, name, "one of " + String.join(", ", names));
        }
    }

    /** Accepts the proposal. */
    @PostMapping("/api/plan/agreement")
    AheadView agree(@Valid @RequestBody PlanAgreement given, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            Ahead.Planned now = ahead.now();
            if (!now.key().equals(given.key())) {
                throw Refused.conflict("The plan changed a moment ago: look at it again. Nothing was agreed.");
            }
            try {
                agreed.agree(now.agreed().map(AgreedPlans.Agreed::version).orElse(0) + 1,
                        given.jobs().map(jobs -> partly(now, jobs)).orElse(now.proposal()), SignedIn.name());
            } catch (DuplicateKeyException other) {
                throw Refused.conflict("Somebody agreed a plan a moment ago: look at it first. Nothing was agreed.");
            }
            return true;
        });
        return plan();
    }

    private void checked(SaidGiven given) {
        LocalDate least = clock.today().minusYears(1);
        LocalDate most = clock.today().plusYears(1);
        day("promised", given.promised(), least, most);
        day("notBefore", given.notBefore(), least, most);
        given.promised().filter(d -> !shop.now().days().isOpen(d)).ifPresent(d -> {
            throw Refused.input("promised", d.toString(), "a day on which the shop is open");
        });
        stand("stand", given.stand());
        stand("notOn", given.notOn());
        given.pin().person().ifPresent(p -> person("person", ahead.names(), p));
        given.pin().notBy().ifPresent(p -> person("notBy", ahead.names(), p));
        given.stand().filter(s -> given.notOn().filter(s::equals).isPresent()).ifPresent(s -> {
            throw Refused.input("notOn", String.valueOf(s), "another stand than the one it is to be on");
        });
        given.pin().person().filter(p -> given.pin().notBy().filter(p::equals).isPresent()).ifPresent(p -> {
            throw Refused.input("notBy", p, "somebody else than whose hands it is to be in");
        });
    }

    private void stand(String field, Optional<Integer> stand) {
        stand.filter(s -> shop.now().stand(s).isEmpty()).ifPresent(s -> {
            throw Refused.input(field, String.valueOf(s), "one of " + shop.now().numbers());
        });
    }

    private static void day(String field, Optional<LocalDate> day, LocalDate least, LocalDate most) {
        day.filter(d -> d.isBefore(least) || d.isAfter(most)).ifPresent(d -> {
            throw Refused.input(field, d.toString(), "a day from %s to %s".formatted(least, most));
        });
    }

    /** Says what its customer was told, and where, by whom and from when it is done. */
    @PutMapping("/api/jobs/{number}/plan")
    SaidView say(@PathVariable(name = "number") long number, @Valid @RequestBody SaidGiven given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        checked(given);
        commands.once(key, Boolean.class, () -> {
            if (jobs.holdGoingOn(number).place() == Place.GONE) {
                throw Refused.conflict("Job %d is collected: there is nothing left to promise or to plan.".formatted(number));
            }
            plans.say(number, given.version(), given.promised(), given.pin(), SignedIn.name());
            return true;
        });
        return SaidView.of(plans.all().getOrDefault(number, JobPlans.Said.NOTHING));
    }
}
