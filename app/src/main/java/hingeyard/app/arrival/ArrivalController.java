package hingeyard.app.arrival;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.command.Commands;
import hingeyard.app.person.SignedIn;
import hingeyard.app.photo.PhotoCard;
import hingeyard.app.photo.Photos;
import hingeyard.core.condition.ConditionCatalogue;
import hingeyard.core.condition.ConditionPoint;
import hingeyard.core.condition.ConditionRules;
import hingeyard.core.condition.Found;
import hingeyard.core.condition.Grade;
import hingeyard.core.condition.Lift;
import hingeyard.core.explain.Ruling;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The arrival sheet of a job. */
@RestController
@RequestMapping("/api/jobs/{number}/arrival")
class ArrivalController {

    /** @param lift on what ground a stop was lifted */
    record Graded(long id, Grade grade, String note, Optional<Lift> lift, Optional<String> liftReason, String by, Instant at) {
    }

    /**
     * @param work      what is done when it goes with the job
     * @param otherwise whether it may be graded good, or to go with the job
     */
    record PointView(String key, String title, String look, String work, int minutes, String parts, boolean grave, Optional<Graded> now,
            List<Graded> earlier,
            Ruling otherwise, List<PhotoCard> photos) {
    }

    record Agreed(Optional<Integer> odometerKm, String frameNumber, String damage, String agreedBy, String by, Instant at) {
    }

    record Work(String point, String what, String parts, int minutes) {
    }

    /** @param mayGoOn whether bill, stand and steps may follow */
    record ArrivalSheet(JobCard job, List<PointView> points, int open, Ruling mayGoOn, List<Work> work, int workMinutes,
            Optional<Agreed> agreed, List<PhotoCard> photos) {
    }

    record GradeIn(@NotNull(message = "good, with the job, or stops the job") Grade grade,
            @NotNull(message = "a note, may be empty") @Size(max = 400, message = "at most 400 letters") String note, long seen) {
    }

    record LiftIn(@NotNull(message = "mended or accepted") Lift lift,
            @NotBlank(message = "a reason") @Size(max = 400, message = "at most 400 letters") String reason) {
    }

    record AgreedIn(
            @NotNull(message = "km, or nothing") Optional<@Min(value = 0, message = "0 to 400000 km") @Max(value = 400_000, message = "0 to 400000 km") Integer> odometerKm,
            @NotNull(message = "the frame number read, or empty") @Size(max = 60, message = "at most 60 letters") String frameNumber,
            @NotNull(message = "damage that is there already, or empty") @Size(max = 600, message = "at most 600 letters") String damage,
            @NotBlank(message = "who agreed to it") @Size(max = 120, message = "at most 120 letters") String agreedBy) {
    }

    private final Arrivals arrivals;
    private final Jobs jobs;
    private final Photos photos;
    private final Commands commands;

    ArrivalController(Arrivals arrivals, Jobs jobs, Photos photos, Commands commands) {
        this.arrivals = arrivals;
        this.jobs = jobs;
        this.photos = photos;
        this.commands = commands;
    }

    @GetMapping
    ArrivalSheet sheet(@PathVariable(name = "number") long number) {
        JobCard job = jobs.card(number);
        List<PhotoCard> all = photos.ofBike(job.bikeId()).stream().filter(p -> p.job() == number).toList();
        Map<String, List<ConditionFound>> rows = arrivals.history(number).stream().collect(Collectors.groupingBy(r -> r.pointKey));
        List<PointView> points = ConditionCatalogue.of(job.kind(), job.jobKind()).stream()
                .map(p -> view(number, p, rows.getOrDefault(p.key(), List.of()), all)).toList();
        List<Found> found = Arrivals.inForce(arrivals.history(number)).values().stream().flatMap(r -> r.found().stream()).toList();
        List<Work> work = found.stream().filter(Found::addsWork)
                .map(f -> new Work(f.point().title(), f.point().work(), f.point().partNames(), f.point().minutes())).toList();
        return new ArrivalSheet(job, points, (int) points.stream().filter(p -> p.now().isEmpty()).count(), ConditionRules.mayGoOn(found),
                work,
                work.stream().mapToInt(Work::minutes).sum(),
                arrivals.agreed(number).map(ArrivalController::agreed), all.stream().filter(p -> p.subject().equals("bike")).toList());
    }

    private PointView view(long number, ConditionPoint point, List<ConditionFound> rows, List<PhotoCard> photos) {
        List<Graded> graded = rows.stream().map(r -> new Graded(r.id, r.grade, r.note, Optional.ofNullable(r.lift),
                Optional.ofNullable(r.liftReason), r.foundBy, r.foundAt)).toList();
        boolean none = graded.isEmpty();
        return new PointView(point.key(), point.title(), point.look(), point.work(), point.minutes(), point.partNames(), point.grave(),
                none ? Optional.empty() : Optional.of(graded.get(graded.size() - 1)),
                none ? List.of() : graded.subList(0, graded.size() - 1),
                arrivals.mayGrade(number, point, rows.stream().reduce((a, b) -> b).flatMap(ConditionFound::found), Grade.GOOD, ""),
                photos.stream().filter(p -> p.subject().equals("condition." + point.key())).toList());
    }

    private static Agreed agreed(Arrival a) {
        return new Agreed(Optional.ofNullable(a.odometerKm), a.frameNumber, a.damage, a.agreedBy, a.notedBy, a.notedAt);
    }

    @PostMapping("/points/{point}")
    ArrivalSheet grade(@PathVariable(name = "number") long number, @PathVariable(name = "point") String point,
            @Valid @RequestBody GradeIn in,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> arrivals.grade(number, point, in.grade(), in.note(), in.seen(), SignedIn.name()));
    }

    @PostMapping("/rest-good")
    ArrivalSheet restGood(@PathVariable(name = "number") long number,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> arrivals.restGood(number, SignedIn.name()));
    }

    @PostMapping("/points/{point}/lift")
    ArrivalSheet lift(@PathVariable(name = "number") long number, @PathVariable(name = "point") String point, @Valid @RequestBody LiftIn in,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number, () -> arrivals.lift(number, point, in.lift(), in.reason(), SignedIn.name()));
    }

    @PostMapping("/agreed")
    ArrivalSheet agree(@PathVariable(name = "number") long number, @Valid @RequestBody AgreedIn in,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(key, number,
                () -> arrivals.agree(number, in.odometerKm(), in.frameNumber(), in.damage(), in.agreedBy(), SignedIn.name()));
    }

    private ArrivalSheet done(String key, long number, Runnable work) {
        commands.once(key, Boolean.class, () -> {
            work.run();
            return true;
        });
        return sheet(number);
    }
}
