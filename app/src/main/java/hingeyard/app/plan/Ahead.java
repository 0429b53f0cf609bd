package hingeyard.app.plan;

import hingeyard.app.arrival.Arrivals;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.claim.Claim;
import hingeyard.app.claim.Claims;
import hingeyard.app.install.Blockers;
import hingeyard.app.install.LibraryInForce;
import hingeyard.app.install.OpenStop;
import hingeyard.app.install.StepStand;
import hingeyard.app.install.Steps;
import hingeyard.app.install.WorkRecord;
import hingeyard.app.kit.Kits;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.order.Proposals;
import hingeyard.app.order.Proposals.PartDate;
import hingeyard.app.order.Suppliers;
import hingeyard.app.shop.ShopBook;
import hingeyard.app.shop.Team;
import hingeyard.app.survey.Surveys;
import hingeyard.app.wiring.OneMoment;
import hingeyard.app.wiring.Remembered;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.booking.CallOff;
import hingeyard.core.booking.JobKind;
import hingeyard.core.bike.WholeMeasures;
import hingeyard.core.condition.Found;
import hingeyard.core.floor.Place;
import hingeyard.core.floor.SpecialTool;
import hingeyard.core.install.Blocker;
import hingeyard.core.install.LearnedMinutes;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.install.library.LegPart;
import hingeyard.core.kit.Kit;
import hingeyard.core.order.EarliestDates.Ground;
import hingeyard.core.plan.BookingDay;
import hingeyard.core.plan.Leg;
import hingeyard.core.plan.Legs;
import hingeyard.core.plan.Pin;
import hingeyard.core.plan.Plan;
import hingeyard.core.plan.PlanDifference;
import hingeyard.core.plan.PlanJob;
import hingeyard.core.plan.PlanQuestion;
import hingeyard.core.plan.Planner;
import hingeyard.core.plan.Promise;
import hingeyard.core.plan.PromiseRecord;
import hingeyard.core.plan.Promises;
import hingeyard.core.plan.ShopRecord;
import hingeyard.core.plan.Wait;
import hingeyard.core.plan.WaitDays;
import hingeyard.core.plan.Worker;
import hingeyard.core.quantity.Mass;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.util.DigestUtils;

/** Asks the core for the plan of the coming days, and keeps its answer until something it rests on has changed. */
@Service
class Ahead {

    /** A plan counts this long while nothing happens: only the time of day has gone on. */
    private static final int MINUTES_KEPT = 10;
    /** So many of the last promises tell how well they are kept. */
    private static final int RECORD = 200;

    /** Whatever a plan rests on: how many changes the jobs have seen, the last of drawers and of the shop, the time. */
    private record Moment(Map<Long, Long> jobs, long stock, long shop, LocalDateTime since) {
    }

    /**
     * The plan of a moment.
     *
     * @param plan     what was agreed, carried on to now: its hands, stands and order, at the times that are possible; the proposal where
     *                 nothing was agreed yet
     * @param agreed   as it was agreed; empty where nothing was
     * @param proposal a better one
     * @param jobs     those that are planned, by number
     * @param said     what was said about them
     * @param promises the day to tell each one's customer
     * @param steps    of each job, by key
     * @param record   how well earlier promises were kept
     * @param learned  how far things turned out otherwise here, from which promises are drawn
     */
    record Planned(PlanQuestion question, Plan plan, Optional<AgreedPlans.Agreed> agreed, Plan proposal, Map<Long, JobCard> jobs,
            Map<Long, JobPlans.Said> said,
            Map<Long, Promise> promises, Map<Long, Map<String, Step>> steps, PromiseRecord record, ShopRecord learned) {

        /** What the proposal would change; nothing where none is better. */
        List<PlanDifference.Moved> proposed() {
            return PlanDifference.of(question, plan, proposal);
        }

        /** What came otherwise since it was agreed. */
        List<PlanDifference.Moved> since() {
            return agreed.map(a -> PlanDifference.of(question, a.plan(), plan).stream()
                    .filter(m -> a.plan().finish(m.job()).isPresent() && plan.finish(m.job()).isPresent()).toList()).orElse(List.of());
        }

        /** Tells the proposal from any other; the same on every instance of the application. */
        String key() {
            String said = proposal.legs().stream().map(l -> "%d %d %s %s %s".formatted(l.job(), l.leg().ordinal(), l.person(),
                    l.stand().map(String::valueOf).orElse("-"), l.worked())).collect(Collectors.joining(";"));
            return DigestUtils.md5DigestAsHex(said.getBytes(StandardCharsets.UTF_8));
        }
    }

    private final Jobs jobs;
    private final Steps steps;
    private final Arrivals arrivals;
    private final Claims claims;
    private final Blockers blockers;
    private final Proposals proposals;
    private final Surveys surveys;
    private final Kits kits;
    private final LibraryInForce library;
    private final WorkRecord work;
    private final Suppliers suppliers;
    private final ShopBook shop;
    private final Team team;
    private final JobPlans plans;
    private final AgreedPlans agreed;
    private final LiveEvents live;
    private final ShopClock clock;
    private final OneMoment reading;
    private final Object working = new Object();
    private final Remembered<String, Moment, Planned> known = new Remembered<>(1);
    private final Remembered<String, LocalDate, ShopRecord> records = new Remembered<>(1);
    private final Remembered<JobKind, String, List<BookingDay>> tried = new Remembered<>(JobKind.values().length);

    Ahead(Jobs jobs, Steps steps, Arrivals arrivals, Claims claims, Blockers blockers, Proposals proposals, Surveys surveys, Kits kits,
            LibraryInForce library, WorkRecord work, Suppliers suppliers, ShopBook shop, Team team, JobPlans plans, AgreedPlans agreed,
            LiveEvents live, ShopClock clock, OneMoment reading) {
        this.reading = reading;
        this.jobs = jobs;
        this.steps = steps;
        this.arrivals = arrivals;
        this.claims = claims;
        this.blockers = blockers;
        this.proposals = proposals;
        this.surveys = surveys;
        this.kits = kits;
        this.library = library;
        this.work = work;
        this.suppliers = suppliers;
        this.shop = shop;
        this.team = team;
        this.plans = plans;
        this.agreed = agreed;
        this.live = live;
        this.clock = clock;
    }

    /**
     * The plan as things are. A crowd of screens asks at once after a tick: one works it out, the others wait for it, and nobody who waits
     * keeps a connection to the database from those who do not.
     */
    public Planned now() {
        return known().orElseGet(() -> {
            synchronized (working) {
                return known().orElseGet(() -> reading.read(() -> {
                    List<JobCard> onFloor = jobs.onFloor();
                    Moment moment = moment(onFloor);
                    return known.of("plan", moment, () -> work(onFloor, moment.since));
                }));
            }
        });
    }

    private Optional<Planned> known() {
        return reading.read(() -> known.get("plan", moment(jobs.onFloor())));
    }

    private Moment moment(List<JobCard> onFloor) {
        // Read before anything the plan rests on: what changes meanwhile makes it stale.
        return new Moment(live.changesOfJobs(onFloor.stream().map(JobCard::number).toList()), live.changesOfStock(), live.changesOfShop(),
                slice(LocalDateTime.ofInstant(clock.now(), clock.zone())));
    }

    private static LocalDateTime slice(LocalDateTime now) {
        return now.truncatedTo(ChronoUnit.HOURS).plusMinutes((long) now.getMinute() / MINUTES_KEPT * MINUTES_KEPT);
    }

    private Planned work(List<JobCard> onFloor, LocalDateTime now) {
        Map<Long, JobPlans.Said> said = plans.all();
        Map<Long, JobCard> left = onFloor.stream()
                .filter(j -> j.place() != Place.RAIL && j.calledOff().filter(CallOff.OVER::equals).isEmpty())
                .collect(Collectors.toMap(JobCard::number, j -> j));
        Map<Long, List<StepStand>> stands = steps.of(left.keySet());
        Map<Long, List<Found>> found = arrivals.of(left.keySet());
        Map<Long, List<Claim>> owed = claims.blocking(left.keySet());
        Map<Long, List<PartDate>> parts = proposals.dates().stream().collect(Collectors.groupingBy(PartDate::job));
        Map<Long, Map<String, OpenStop>> stops = blockers.open().stream().filter(s -> s.resolved().isEmpty())
                .collect(Collectors.groupingBy(OpenStop::job, Collectors.toMap(OpenStop::stepKey, s -> s, (a, b) -> a)));
        Map<Long, Optional<Mass>> masses = surveys.of(left.values().stream().map(JobCard::bikeId).toList()).entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().number(WholeMeasures.MASS).map(Mass::new)));
        Map<String, Kit> chosen = kits.kits(left.values().stream().flatMap(j -> j.kitCode().stream()).distinct().toList());
        LearnedMinutes learned = library.learned();
        ShopBook.Book book = shop.now();
        List<PlanJob> planned = new ArrayList<>();
        for (JobCard job : left.values()) {
            boolean comes = job.place() == Place.GATE && job.arrivesOn().isAfter(now.toLocalDate());
            WaitDays days = new WaitDays(now, book.days(), book.hours(), comes ? job.arrivesOn() : now.toLocalDate());
            List<Leg> legs = legs(job, days, stands.getOrDefault(job.number(), List.of()), new Waiting(
                    found.getOrDefault(job.number(), List.of()), owed.getOrDefault(job.number(), List.of()),
                    parts.getOrDefault(job.number(), List.of()), stops.getOrDefault(job.number(), Map.of())), learned, book);
            if (!legs.isEmpty()) {
                JobPlans.Said its = said.getOrDefault(job.number(), JobPlans.Said.NOTHING);
                planned.add(new PlanJob(job.number(), job.priority(), its.promised(), job.stand(),
                        masses.getOrDefault(job.bikeId(), Optional.empty()),
                        job.kitCode().map(chosen::get).map(Kit::addedMass).orElse(Mass.ZERO), its.pin(), legs));
            }
        }
        PlanQuestion question = new PlanQuestion(now, book.days(), book.stands(), team.workers(), planned, book.tools());
        ShopRecord own = learned(now.toLocalDate());
        Optional<AgreedPlans.Agreed> last = agreed.last();
        int effort = Planner.affordable(planned.size(), Planner.THOROUGH);
        Plan plan = last.map(a -> Planner.carriedOn(question, a.plan())).orElseGet(() -> Planner.plan(question, effort));
        Plan proposal = last.map(a -> Planner.trimmed(question, plan, Planner.again(question, plan, effort))).orElse(plan);
        return new Planned(question, plan, last, proposal, left, said, Promises.of(question, plan, own.spread()),
                stands.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().stream()
                        .collect(Collectors.toMap(st -> st.run().step().key(), st -> st.run().step(), (a, b) -> a)))),
                record(said, left.keySet()), own);
    }

    /** A year of the shop's own; worked out once a day, as one day more or less weighs little. */
    private ShopRecord learned(LocalDate today) {
        return records.of("record", today, () -> {
            Instant since = today.minusYears(1).atStartOfDay(clock.zone()).toInstant();
            WorkRecord.Runs runs = work.since(since);
            List<Integer> came = suppliers.lateness(since);
            return new ShopRecord(runs.shares(), runs.stuck(), came.size(), came.stream().filter(d -> d > 0).toList());
        });
    }

    /** Of the last jobs that are not planned any more because all is done. */
    private PromiseRecord record(Map<Long, JobPlans.Said> said, Set<Long> left) {
        Map<Long, LocalDate> promised = said.entrySet().stream()
                .filter(e -> !left.contains(e.getKey()) && e.getValue().promised().isPresent())
                .sorted(Map.Entry.<Long, JobPlans.Said>comparingByKey().reversed()).limit(RECORD)
                .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().promised().orElseThrow()));
        Map<Long, LocalDate> finished = new HashMap<>();
        steps.of(promised.keySet()).forEach((job, stands) -> {
            if (!stands.isEmpty() && stands.stream().allMatch(s -> s.run().finished())) {
                stands.stream().flatMap(s -> s.at().doneAt().stream()).max(Comparator.naturalOrder())
                        .ifPresent(at -> finished.put(job, clock.day(at)));
            }
        });
        return PromiseRecord.of(promised, finished);
    }

    /** What a job waits for. */
    private record Waiting(List<Found> found, List<Claim> claims, List<PartDate> parts, Map<String, OpenStop> stops) {
    }

    /** Which of a step's tools the shop has few of. */
    private static Set<String> special(ShopBook.Book book, Step step) {
        return book.tools().stream().map(SpecialTool::name).filter(step.tools()::contains).collect(Collectors.toSet());
    }

    private List<Leg> legs(JobCard job, WaitDays days, List<StepStand> stands, Waiting waiting, LearnedMinutes learned,
            ShopBook.Book book) {
        List<Wait> begin = new ArrayList<>();
        if (job.place() == Place.GATE) {
            begin.add(days.arrival(job.arrivesOn()));
        }
        waiting.found.stream().filter(Found::stops).findFirst().ifPresent(f -> begin.add(days.supposed(Wait.Kind.STOP,
                "what the arrival check found (%s)".formatted(f.point().title()))));
        if (stands.isEmpty()) {
            begin.add(days.supposed(Wait.Kind.CHOICE,
                    job.kitCode().isPresent() || job.work().isPresent() ? "its bill" : "a kit to be chosen"));
            return Legs.usual(job.jobKind().quarterDays(), begin);
        }
        Map<String, StepStand.At> at = stands.stream().collect(Collectors.toMap(s -> s.run().step().key(), StepStand::at, (a, b) -> a));
        return Legs.of(stands.stream().map(StepStand::run).toList(), begin, new Legs.Facts() {
            @Override
            public List<LegPart> parts() {
                return library.legs();
            }

            @Override
            public int minutes(Step step) {
                int book = learned.of(step.key()).minutes().orElse(step.minutes());
                int spent = stands.stream().filter(s -> s.run().step().key().equals(step.key()) && s.run().state() == StepState.RUNNING)
                        .flatMap(s -> s.at().startedAt().stream()).findFirst()
                        .map(started -> (int) Duration.between(LocalDateTime.ofInstant(started, clock.zone()), days.now()).toMinutes())
                        .orElse(0);
                return Math.max(1, book - Math.max(0, spent));
            }

            @Override
            public Set<String> special(Step step) {
                return Ahead.special(book, step);
            }

            @Override
            public List<Wait> waits(StepRun run) {
                List<Wait> waits = new ArrayList<>();
                if (run.state() == StepState.STUCK) {
                    Optional<OpenStop> stop = Optional.ofNullable(waiting.stops.get(run.step().key()));
                    boolean customer = stop.filter(s -> s.mustAct() == Blocker.Who.CUSTOMER).isPresent();
                    String reason = stop.map(OpenStop::what).filter(w -> !w.isBlank()).or(() -> at.get(run.step().key()).stuckReason())
                            .orElse(run.step().title());
                    waits.add(days.supposed(customer ? Wait.Kind.CUSTOMER : Wait.Kind.STOP,
                            "%s (%s)".formatted(stop.map(OpenStop::mustActLabel).orElse("whoever clears it"), reason)));
                }
                run.step().rest().ifPresent(r -> Optional.ofNullable(at.get(r.since())).flatMap(StepStand.At::doneAt)
                        .map(done -> r.until(LocalDateTime.ofInstant(done, clock.zone()))).filter(until -> until.isAfter(days.now()))
                        .ifPresent(until -> waits.add(new Wait(Wait.Kind.REST, "time to pass (%s)".formatted(r.why()), until, true))));
                // As at the stand: what is owed keeps only the step that mounts it.
                waiting.claims.stream().filter(c -> run.step().mounts().contains(c.raised().role()))
                        .forEach(c -> waits.add(days.supposed(Wait.Kind.PART, "the supplier (%s)".formatted(c.raised().text()))));
                waiting.parts.stream().filter(p -> run.step().mounts().contains(p.role()))
                        .forEach(p -> waits.add(days.part("%d × %s".formatted(p.count(), p.name()), p.date().on(),
                                p.date().ground() == Ground.ON_ORDER)));
                return waits;
            }
        });
    }

    /**
     * The plan with something supposed, from the plan as it is. Where one was agreed it is carried on, as it will be once it is saved.
     *
     * @param first a job that is put in before all others
     */
    static Plan suppose(Planned as, PlanQuestion other, Optional<Long> first) {
        int quick = Planner.affordable(other.jobs().size(), Planner.QUICK);
        return first.map(job -> Planner.first(other, as.plan(), job, quick))
                .orElseGet(() -> as.agreed().isPresent() ? Planner.carriedOn(other, as.plan()) : Planner.again(other, as.plan(), quick));
    }

    /** What was said about a job, nothing where nothing was. */
    static JobPlans.Said said(Planned as, long job) {
        return as.said().getOrDefault(job, JobPlans.Said.NOTHING);
    }

    /** What a customer can be told about a bike of that kind that would come on one of the next days. */
    List<BookingDay> days(JobKind kind, int days) {
        Planned now = now();
        synchronized (working) {
            return tried.of(kind, now.question().now() + now.key(), () -> BookingDay.of(now.question(), now.plan(), now.learned().spread(),
                    kind.quarterDays(), days));
        }
    }

    /** Everybody a job can be given to. */
    List<String> names() {
        return team.workers().stream().map(Worker::name).toList();
    }
}
