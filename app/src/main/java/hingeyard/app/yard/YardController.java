package hingeyard.app.yard;

import hingeyard.app.arrival.Arrivals;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.command.Commands;
import hingeyard.app.install.Steps;
import hingeyard.app.install.StepStand;
import hingeyard.app.person.SignedIn;
import hingeyard.core.rights.Right;
import hingeyard.app.problem.Refused;
import hingeyard.app.shop.ShopBook;
import hingeyard.app.wiring.OneMoment;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bike.WholeMeasures;
import hingeyard.core.quantity.Mass;
import hingeyard.app.kit.Kits;
import hingeyard.app.survey.Surveys;
import java.math.BigDecimal;
import hingeyard.core.install.RemainingWork;
import hingeyard.core.booking.JobKind;
import hingeyard.core.booking.StandCapacity;
import hingeyard.core.booking.StandCapacity.Load;
import hingeyard.core.booking.StandCapacity.Outlook;
import hingeyard.core.explain.Ruling;
import hingeyard.core.floor.FloorRules;
import hingeyard.core.floor.FloorStanding;
import hingeyard.core.floor.Place;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The yard: every bike in its place. */
@RestController
class YardController {

    /** @param startsOn when a bike that arrives on it would reach a stand */
    record DayView(LocalDate date, int arrivals, int freeStands, int stands, LocalDate startsOn, LocalDate readyOn, Outlook outlook,
            String sentence) {
    }

    /** @param ratedKg the most it carries; empty where nobody entered it */
    record StandOnFloor(int number, String name, String holds, Optional<BigDecimal> ratedKg) {
    }

    record Floor(LocalDate today, Instant now, List<StandOnFloor> stands, List<FloorBike> bikes, List<DayView> days) {
    }

    record FloorNow(Instant now, List<FloorStanding> standings) {
    }

    /**
     * What a move changed.
     *
     * @param bike where it is now; empty once it is with its customer
     * @param days how the days look since
     */
    record Moved(Instant now, Optional<FloorBike> bike, List<DayView> days) {
    }

    /**
     * @param stand  which one, when {@code to} is a stand
     * @param reason why it leaves unfinished, when {@code to} is its customer
     */
    record Move(@NotNull(message = "a place on the floor") Place to, Optional<Integer> stand,
            Optional<@Size(max = 400, message = "at most 400 letters") String> reason) {
    }

    private static final int GATE_DAYS = 12;
    private static final int BOOKING_DAYS = 28;

    private final Jobs jobs;
    private final FloorBikes bikes;
    private final Steps steps;
    private final Arrivals arrivals;
    private final Commands commands;
    private final ShopBook shop;
    private final Kits kits;
    private final Surveys surveys;
    private final ShopClock clock;
    private final OneMoment moment;

    YardController(Jobs jobs, FloorBikes bikes, Steps steps, Arrivals arrivals, Commands commands, ShopBook shop, Kits kits,
            Surveys surveys, ShopClock clock, OneMoment moment) {
        this.moment = moment;
        this.jobs = jobs;
        this.bikes = bikes;
        this.steps = steps;
        this.arrivals = arrivals;
        this.commands = commands;
        this.shop = shop;
        this.kits = kits;
        this.surveys = surveys;
        this.clock = clock;
    }

    @GetMapping("/api/yard")
    Floor floor() {
        return moment.read(() -> {
            List<JobCard> onFloor = jobs.onFloor();
            List<FloorBike> standing = bikes.of(onFloor);
            Map<Long, RemainingWork> left = standing.stream().collect(Collectors.toMap(b -> b.job().number(), b -> b.standing().work()));
            return new Floor(clock.today(), clock.now(), stands(), standing, days(onFloor, left, GATE_DAYS, JobKind.DRIVE_KIT));
        });
    }

    /** What some of the bikes look like; a screen asks for those it has not, by the keys the floor names. */
    @GetMapping("/api/yard/drawings")
    List<FloorBike.FloorDrawing> drawings(@RequestParam(name = "job") Set<Long> numbers) {
        return moment.read(() -> bikes.drawings(asked(numbers)));
    }

    /** How some of the jobs stand now: for a screen that shows the floor and heard that hands were at them. */
    @GetMapping("/api/yard/standings")
    FloorNow standings(@RequestParam(name = "job") Set<Long> numbers) {
        return moment.read(() -> new FloorNow(clock.now(), bikes.standings(asked(numbers))));
    }

    private static Set<Long> asked(Set<Long> numbers) {
        if (numbers.contains(null)) {
            throw Refused.input("job", "nothing", "numbers of jobs");
        }
        return numbers;
    }

    /** When a bike booked for a day would reach a stand. */
    @GetMapping("/api/days")
    List<DayView> days(@RequestParam(name = "jobKind") JobKind jobKind) {
        return moment.read(() -> {
            List<JobCard> onFloor = jobs.onFloor();
            return days(onFloor, left(onFloor), BOOKING_DAYS, jobKind);
        });
    }

    private Map<Long, RemainingWork> left(List<JobCard> jobs) {
        Map<Long, List<StepStand>> stands = steps.of(jobs.stream().map(JobCard::number).toList());
        return jobs.stream().collect(Collectors.toMap(JobCard::number,
                j -> RemainingWork.of(stands.getOrDefault(j.number(), List.of()).stream().map(StepStand::run).toList())));
    }

    private List<DayView> days(List<JobCard> onFloor, Map<Long, RemainingWork> left, int days, JobKind jobKind) {
        List<Load> loads = onFloor.stream().filter(j -> j.place() != Place.RAIL && j.place() != Place.STRIP)
                .map(j -> new Load(j.arrivesOn(), j.place() == Place.STAND, left.get(j.number()).quarterDays(j.jobKind()))).toList();
        ShopBook.Book now = shop.now();
        return StandCapacity.outlook(clock.today(), days, now.days(), now.stands().size(), loads, jobKind.quarterDays()).stream()
                .map(d -> new DayView(d.date(), d.arrivals(), d.freeStands(), now.stands().size(), d.startsOn(), d.readyOn(), d.outlook(),
                        d.sentence()))
                .toList();
    }

    @PostMapping("/api/jobs/{number}/place")
    Moved move(@PathVariable(name = "number") long number, @Valid @RequestBody Move move,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            JobCard job = jobs.hold(number);
            Ruling ruling = FloorRules.mayMove(job.place(), move.to(), Steps.progress(job, steps.runs(number), arrivals.mayGoOn(number)));
            for (Ruling said : List.of(FloorRules.mayGoAway(move.to(), SignedIn.may(Right.SEND_AWAY)), ruling)) {
                if (!said.allowed()) {
                    throw Refused.conflict("Job %d: %s".formatted(number, said.reason()));
                }
            }
            if (move.to() == Place.STAND) {
                carried(job, move.stand());
            }
            String reason = move.reason().orElse("");
            if (move.to() == Place.GONE && !FloorRules.saysWhyItLeaves(job.place(), reason)) {
                throw Refused.input("reason", reason, "why it leaves as it is, in a few words");
            }
            jobs.place(number, move.to(), move.stand().orElse(null), move.to() == Place.GONE ? reason : "");
            return true;
        });
        return moment.read(() -> {
            List<JobCard> onFloor = jobs.onFloor();
            List<FloorBike> moved = bikes.of(onFloor.stream().filter(j -> j.number() == number).toList());
            return new Moved(clock.now(), moved.stream().findFirst(), days(onFloor, left(onFloor), GATE_DAYS, JobKind.DRIVE_KIT));
        });
    }

    private List<StandOnFloor> stands() {
        return shop.now().stands().stream()
                .map(s -> new StandOnFloor(s.number(), s.name(), s.holds().label(), s.rated().map(Mass::amount))).toList();
    }

    /** No stand carries more than its maker lets it; a number that no stand has is refused where the bike is put. */
    private void carried(JobCard job, Optional<Integer> number) {
        ShopBook.Book now = shop.now();
        Optional<Mass> bike = surveys.of(job.bikeId()).number(WholeMeasures.MASS).map(Mass::new);
        Mass kit = job.kitCode().map(code -> kits.kit(code).addedMass()).orElse(Mass.ZERO);
        number.flatMap(now::stand).map(s -> s.mayCarry(bike, kit, now.stands())).filter(r -> !r.allowed()).ifPresent(r -> {
            throw Refused.conflict("stand", String.valueOf(number.get()), r.reason());
        });
    }
}
