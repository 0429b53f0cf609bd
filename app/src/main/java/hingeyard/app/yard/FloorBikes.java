package hingeyard.app.yard;

import hingeyard.app.wiring.Remembered;
import hingeyard.app.arrival.Arrivals;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.claim.Claim;
import hingeyard.app.claim.Claims;
import hingeyard.app.install.StepStand;
import hingeyard.app.install.Steps;
import hingeyard.app.kit.Kits;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.match.Matches;
import hingeyard.app.order.Proposals;
import hingeyard.app.order.Proposals.PartDate;
import hingeyard.app.survey.Surveys;
import hingeyard.app.yard.FloorBike.FloorDrawing;
import hingeyard.app.yard.FloorBike.OnTag;
import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.KitOutline;
import hingeyard.core.bike.Shape.Ink;
import hingeyard.core.condition.Found;
import hingeyard.core.floor.FloorStanding;
import hingeyard.core.floor.NextThing;
import hingeyard.core.floor.NextThing.InStock;
import hingeyard.core.floor.NextThing.JobOnFloor;
import hingeyard.core.floor.NextThing.Stuck;
import hingeyard.core.floor.NextThing.Supply;
import hingeyard.core.floor.Place;
import hingeyard.core.install.StepRun;
import hingeyard.core.kit.Kit;
import java.nio.charset.StandardCharsets;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.util.DigestUtils;
import org.springframework.util.function.SingletonSupplier;

/**
 * Bikes in their places. One that is worked on is told once and kept until something happens to its job or in the drawers: at full stretch
 * a crowd of screens
 * asks for the same few bikes at once. What others wait for depends on other jobs too, so they are told anew each time.
 */
@Component
class FloorBikes {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);
    /** A large floor with its changes of a while; older ones are told anew. */
    private static final int MOST = 500;
    /** Of the drawing's digest; 48 bits tell the few drawings a screen has of one bike apart. */
    private static final int KEY_LETTERS = 12;

    /** How many changes the job had seen, and the last event of the drawers. */
    private record Moment(long job, long stock) {
    }

    /**
     * Whatever a drawing hangs on.
     *
     * @param changes how many the bike's jobs have seen, its measures among them
     */
    private record Looks(long changes, Optional<KitOutline> kit, Ink motor, Ink battery) {
    }

    private final Jobs jobs;
    private final Surveys surveys;
    private final Kits kits;
    private final Matches matches;
    private final Steps steps;
    private final Arrivals arrivals;
    private final Claims claims;
    private final Proposals proposals;
    private final LiveEvents live;
    private final Remembered<Long, Moment, FloorStanding> told = new Remembered<>(MOST);
    private final Remembered<Long, Looks, FloorDrawing> sketches = new Remembered<>(MOST);

    FloorBikes(Jobs jobs, Surveys surveys, Kits kits, Matches matches, Steps steps, Arrivals arrivals, Claims claims, Proposals proposals,
            LiveEvents live) {
        this.jobs = jobs;
        this.surveys = surveys;
        this.kits = kits;
        this.matches = matches;
        this.steps = steps;
        this.arrivals = arrivals;
        this.claims = claims;
        this.proposals = proposals;
        this.live = live;
    }

    /** These jobs' bikes, in the same order. */
    List<FloorBike> of(List<JobCard> jobs) {
        Map<Long, FloorStanding> standings = standingsOf(jobs);
        Map<Long, FloorDrawing> drawings = drawings(jobs, standings);
        return jobs.stream().map(
                job -> new FloorBike(OnTag.of(job), drawings.get(job.number()).key(), standings.get(job.number()))).toList();
    }

    /** The drawings of these jobs' bikes as they stand now; those that left the floor are left out. */
    List<FloorDrawing> drawings(Set<Long> numbers) {
        List<JobCard> cards = jobs.onFloor(numbers);
        return List.copyOf(drawings(cards, standingsOf(cards)).values());
    }

    private Map<Long, FloorStanding> standingsOf(List<JobCard> jobs) {
        Map<Long, JobCard> byNumber = jobs.stream().collect(Collectors.toMap(JobCard::number, j -> j));
        return standings(byNumber.keySet(), numbers -> now(numbers, byNumber));
    }

    private Map<Long, FloorDrawing> drawings(List<JobCard> jobs, Map<Long, FloorStanding> standings) {
        // Asked for before any survey is read: what changes meanwhile is drawn the next time.
        Map<Long, Long> changes = live.changesOfBikes(jobs.stream().map(JobCard::bikeId).toList());
        Map<String, Kit> known = kits.kits(jobs.stream().flatMap(j -> j.kitCode().stream()).toList());
        Map<Long, Looks> looks = jobs.stream().collect(Collectors.toMap(JobCard::number,
                job -> looks(job, standings.get(job.number()), changes.getOrDefault(job.bikeId(), 0L), known)));
        // Looked up once: what another request lets go meanwhile is neither missing here nor drawn without its measures.
        Map<Long, FloorDrawing> drawings = new LinkedHashMap<>();
        jobs.forEach(job -> drawings.put(job.number(), sketches.get(job.number(), looks.get(job.number())).orElse(null)));
        List<JobCard> other = jobs.stream().filter(job -> drawings.get(job.number()) == null).toList();
        if (!other.isEmpty()) {
            Map<Long, FrameSurvey> measured = surveys.of(other.stream().map(JobCard::bikeId).toList());
            other.forEach(job -> drawings.put(job.number(),
                    draw(job, looks.get(job.number()), measured.getOrDefault(job.bikeId(), FrameSurvey.empty()))));
        }
        return drawings;
    }

    private static Looks looks(JobCard job, FloorStanding standing, long changes, Map<String, Kit> kits) {
        return new Looks(changes,
                job.kitCode().filter(k -> !cameOff(job, standing)).map(kits::get).map(k -> k.drive().outline(k.battery())),
                standing.motor(), standing.battery());
    }

    private FloorDrawing draw(JobCard job, Looks looks, FrameSurvey survey) {
        BikeDrawing drawing = BikeGeometry.draw(job.kind(), survey, looks.kit, looks.motor, looks.battery).bare();
        String key = DigestUtils.md5DigestAsHex(drawing.toString().getBytes(StandardCharsets.UTF_8)).substring(0, KEY_LETTERS);
        FloorDrawing drawn = new FloorDrawing(job.number(), key, drawing);
        sketches.put(job.number(), looks, drawn);
        return drawn;
    }

    /**
     * Read again: the caller's cards may be older than the changes that what is told of them would be kept under. Who left the floor
     * meanwhile is told as it was.
     */
    private List<JobCard> now(List<Long> numbers, Map<Long, JobCard> before) {
        Map<Long, JobCard> now = jobs.onFloor(numbers).stream().collect(Collectors.toMap(JobCard::number, j -> j));
        return numbers.stream().map(n -> now.getOrDefault(n, before.get(n))).toList();
    }

    /** How these jobs stand; those that left the floor are left out. */
    List<FloorStanding> standings(Set<Long> numbers) {
        return List.copyOf(standings(numbers, jobs::onFloor).values());
    }

    /** @param read reads the jobs that are told anew */
    private Map<Long, FloorStanding> standings(Set<Long> numbers, Function<List<Long>, List<JobCard>> read) {
        // Asked for before anything is read: what happens meanwhile is told the next time.
        long stock = live.changesOfStock();
        Map<Long, Long> changes = live.changesOfJobs(numbers);
        Map<Long, FloorStanding> standings = new LinkedHashMap<>();
        if (unknown(numbers, changes, stock, standings).isEmpty()) {
            return standings;
        }
        // A crowd of screens asks at once: one tells, the others hear it.
        synchronized (told) {
            List<Long> anew = unknown(numbers, changes, stock, standings);
            if (!anew.isEmpty()) {
                List<JobCard> cards = read.apply(anew);
                Map<Long, FloorStanding> fresh = tell(cards);
                standings.putAll(fresh);
                told.forget(anew);
                cards.stream().filter(j -> j.place() == Place.STAND || j.place() == Place.STRIP)
                        .forEach(j -> told.put(j.number(), new Moment(changes.getOrDefault(j.number(), 0L), stock), fresh.get(j.number())));
            }
        }
        return standings;
    }

    /** Lays what was told already under its job, and answers the others. */
    private List<Long> unknown(Set<Long> numbers, Map<Long, Long> changes, long stock, Map<Long, FloorStanding> standings) {
        List<Long> unknown = new ArrayList<>();
        for (long number : numbers) {
            told.get(number, new Moment(changes.getOrDefault(number, 0L), stock)).ifPresentOrElse(
                    standing -> standings.put(number, standing),
                    () -> unknown.add(number));
        }
        return unknown;
    }

    private Map<Long, FloorStanding> tell(List<JobCard> jobs) {
        if (jobs.isEmpty()) {
            return Map.of();
        }
        List<Long> numbers = jobs.stream().map(JobCard::number).toList();
        Map<Long, List<StepStand>> stands = steps.of(numbers);
        Map<Long, List<Found>> conditions = arrivals.of(numbers);
        Map<Long, List<Claim>> claimed = claims.blocking(numbers);
        Supplier<Function<JobCard, InStock>> fitting = SingletonSupplier.of(() -> matches.inStock(jobs));
        Supplier<Map<Long, PartDate>> lastParts = SingletonSupplier.of(this::lastParts);
        return jobs.stream().collect(Collectors.toMap(JobCard::number,
                job -> NextThing.tell(onFloor(job), runs(stands, job), stuck(stands, job), conditions.getOrDefault(job.number(), List.of()),
                        new Supply(claimed.getOrDefault(job.number(), List.of()).stream().map(c -> c.raised().text()).toList(),
                                () -> Optional.ofNullable(lastParts.get().get(job.number())).map(FloorBikes::waitsFor)),
                        () -> fitting.get().apply(job))));
    }

    private static JobOnFloor onFloor(JobCard job) {
        return new JobOnFloor(job.number(), job.jobKind(), job.place(), job.wish(), job.bike(), job.calledOff());
    }

    /** Of a kit that comes off, nothing is planned: what is off is not drawn. */
    private static boolean cameOff(JobCard job, FloorStanding standing) {
        return job.calledOff().isPresent() && Stream.of(standing.motor(), standing.battery()).noneMatch(i -> i == Ink.FITTED);
    }

    private static List<StepRun> runs(Map<Long, List<StepStand>> stands, JobCard job) {
        return stands.getOrDefault(job.number(), List.of()).stream().map(StepStand::run).toList();
    }

    private static Map<String, Stuck> stuck(Map<Long, List<StepStand>> stands, JobCard job) {
        return stands.getOrDefault(job.number(), List.of()).stream().filter(s -> s.at().stuckReason().isPresent())
                .collect(Collectors.toMap(s -> s.run().step().key(), s -> new Stuck(s.at().stuckReason().get(), s.at().stuckSince())));
    }

    private Map<Long, PartDate> lastParts() {
        return proposals.dates().stream()
                .collect(Collectors.toMap(PartDate::job, d -> d, (a, b) -> a.date().on().isBefore(b.date().on()) ? b : a));
    }

    private static String waitsFor(PartDate last) {
        return "%s, %s".formatted(last.name(), DAY.format(last.date().on()));
    }
}
