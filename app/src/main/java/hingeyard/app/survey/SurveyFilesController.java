package hingeyard.app.survey;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.command.Commands;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.SurveyMerge;
import hingeyard.core.bike.Tool;
import hingeyard.core.quantity.Length;
import hingeyard.formats.SurveyFile;
import hingeyard.formats.SurveyJson;
import hingeyard.formats.SurveySchema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** Surveys from elsewhere: a file, or an earlier bike of the same frame and size. */
@RestController
class SurveyFilesController {

    /** @param enters whether it is entered without anybody being asked */
    record PlanLine(String measure, String title, String text, String quality, Optional<String> inForce, SurveyMerge.Outcome outcome,
            Optional<Length> apart, boolean enters) {
    }

    /** @param entered how many were entered; 0 while it is only looked at */
    record Plan(String bike, List<PlanLine> lines, int entered) {
    }

    /**
     * @param apply  whether it is entered, not only looked at
     * @param chosen measures whose surer value is replaced all the same
     */
    record FileIn(@NotBlank(message = "the file's text") @Size(max = 400_000, message = "at most 400 kB") String json, boolean apply,
            @NotNull(message = "a list, may be empty") Set<String> chosen) {
    }

    record Source(long job, String bike, String size, String customer, int readings, Instant lastTaken) {
    }

    record CopyFrom(long job) {
    }

    private final Jobs jobs;
    private final Surveys surveys;
    private final Commands commands;
    private final ShopClock clock;

    SurveyFilesController(Jobs jobs, Surveys surveys, Commands commands, ShopClock clock) {
        this.jobs = jobs;
        this.surveys = surveys;
        this.commands = commands;
        this.clock = clock;
    }

    @GetMapping(path = "/api/survey-schema", produces = "application/schema+json")
    String schema() {
        return SurveySchema.text();
    }

    @GetMapping(path = "/api/jobs/{number}/survey.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> file(@PathVariable(name = "number") long number) {
        JobCard job = jobs.card(number);
        String json = SurveyJson.write(new SurveyFile(job.kind(), job.model(), job.size(), job.frameNumber(), surveys.of(job.bikeId())));
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename("survey-%d.json".formatted(number)).build().toString())
                .body(json);
    }

    @PostMapping("/api/jobs/{number}/survey/file")
    Plan read(@PathVariable(name = "number") long number, @Valid @RequestBody FileIn in,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        JobCard job = jobs.card(number);
        SurveyFile file = SurveyJson.read(in.json());
        if (file.kind() != job.kind()) {
            throw Refused.input("bike.kind", file.kind().label(), "this bike's kind, " + job.kindLabel());
        }
        Collection<Reading> readings = file.survey().readings();
        Plan plan = plan(number, file.bike(), readings, 0);
        int entered = in.apply() ? commands.once(key, Integer.class, () -> surveys.enter(number, readings, in.chosen())) : 0;
        return new Plan(plan.bike(), plan.lines(), entered);
    }

    private Plan plan(long number, String bike, Collection<Reading> readings, int entered) {
        return new Plan(bike, surveys.plan(number, readings).stream().map(SurveyFilesController::line).toList(), entered);
    }

    private static PlanLine line(SurveyMerge.Line l) {
        return new PlanLine(l.incoming().measure().key(), l.incoming().measure().title(), l.incoming().text(),
                l.incoming() instanceof Reading.OfLength length ? length.quality() : l.incoming().tool().label(),
                l.inForce().map(r -> r.text() + ", " + r.tool().label()), l.outcome(), l.apart(), l.entersByItself());
    }

    /** Bikes of the same maker, model, kind and size that have been measured. */
    @GetMapping("/api/jobs/{number}/survey/sources")
    List<Source> sources(@PathVariable(name = "number") long number) {
        return jobs.ofSameFrame(jobs.card(number)).stream().flatMap(j -> source(j).stream()).toList();
    }

    private Optional<Source> source(JobCard job) {
        List<Reading> counting = surveys.of(job.bikeId()).readings().stream().filter(r -> r.tool().countsForVerdicts()).toList();
        return counting.stream().map(Reading::at).max(Instant::compareTo)
                .map(last -> new Source(job.number(), job.bike(), job.size(), job.customer(), counting.size(), last));
    }

    /** Fills open measures from an earlier bike; each counts only once it is confirmed on this one. */
    @PostMapping("/api/jobs/{number}/survey/copy")
    Plan copy(@PathVariable(name = "number") long number, @Valid @RequestBody CopyFrom from,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        JobCard source = jobs.ofSameFrame(jobs.card(number)).stream().filter(j -> j.number() == from.job()).findFirst()
                .orElseThrow(() -> Refused.conflict("job", String.valueOf(from.job()),
                        "Job %d is no bike of the same frame and size. Nothing was copied.".formatted(from.job())));
        FrameSurvey theirs = surveys.of(source.bikeId()).forVerdicts();
        List<Reading> readings = theirs.readings().stream().map(r -> asFromAnotherBike(r, SignedIn.name(), clock.now())).toList();
        Plan plan = plan(number, source.bike(), readings, 0);
        return new Plan(plan.bike(), plan.lines(), commands.once(key, Integer.class, () -> surveys.enter(number, readings, Set.of())));
    }

    private static Reading asFromAnotherBike(Reading reading, String by, Instant at) {
        if (reading instanceof Reading.OfLength l) {
            return new Reading.OfLength(l.measure(), l.value(), l.plusMinus().max(Tool.OTHER_BIKE.uncertainty()), Tool.OTHER_BIKE, by, at);
        }
        if (reading instanceof Reading.OfNumber n) {
            return new Reading.OfNumber(n.measure(), n.amount(), Tool.OTHER_BIKE, by, at);
        }
        Reading.OfChoice c = (Reading.OfChoice) reading;
        return new Reading.OfChoice(c.measure(), c.value(), Tool.OTHER_BIKE, by, at);
    }
}
