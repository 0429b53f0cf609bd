package hingeyard.app.bench;

import hingeyard.app.bench.BenchWork.BenchKeep;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.command.Commands;
import hingeyard.app.install.Steps;
import hingeyard.app.kit.Kits;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.app.survey.Surveys;
import hingeyard.core.bench.BenchFigure;
import hingeyard.core.bench.job.BenchFill;
import hingeyard.core.bench.job.BenchFills;
import hingeyard.core.bench.job.JobSheets;
import hingeyard.core.bench.job.JobSheets.JobSheet;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.install.StepRun;
import hingeyard.core.kit.Kit;
import hingeyard.core.made.Template;
import hingeyard.formats.TemplatePdf;
import jakarta.validation.Valid;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bench on a job: inputs filled in with where they come from, results kept with who and when. */
@RestController
@RequestMapping("/api/jobs/{number}/bench")
class BenchJobController {

    /** @param value as one would type it; @param from where it comes from */
    record FillView(String tool, String field, String value, String from) {
    }

    /** @param key as the step library names it; @param value in its unit */
    record FigureFound(String key, double value, String unit) {
    }

    /** @param step for which it was worked out; @param given what was typed, as JSON */
    record KeptView(long id, String tool, String label, Optional<String> step, String sentence, List<FigureFound> figures, String given,
            String by, Instant at) {
    }

    /** @param kind as the bench names it; @param whole whether everything of it is known, so that it is in the job's file of sheets */
    record SheetOfJob(String kind, String label, boolean whole) {
    }

    /** @param kept the last one first; @param sheets at true size, that the job's steps use */
    record BenchOfJob(JobCard job, List<FillView> fills, List<KeptView> kept, List<SheetOfJob> sheets) {
    }

    private final Jobs jobs;
    private final Surveys surveys;
    private final Kits kits;
    private final Steps steps;
    private final BenchResults results;
    private final BenchWork work;
    private final Commands commands;

    BenchJobController(Jobs jobs, Surveys surveys, Kits kits, Steps steps, BenchResults results, BenchWork work, Commands commands) {
        this.jobs = jobs;
        this.surveys = surveys;
        this.kits = kits;
        this.steps = steps;
        this.results = results;
        this.work = work;
        this.commands = commands;
    }

    @GetMapping
    BenchOfJob ofJob(@PathVariable(name = "number") long number) {
        JobCard job = jobs.card(number);
        List<BenchFill> fills = fills(job);
        return new BenchOfJob(job, fills.stream().map(f -> new FillView(f.tool().key(), f.field(), f.value(), f.from())).toList(),
                results.of(number).stream().map(BenchJobController::view).toList(),
                sheets(number, fills).stream().map(s -> new SheetOfJob(s.kind().key(), s.kind().label(), s.sheet().isPresent())).toList());
    }

    private List<BenchFill> fills(JobCard job) {
        FrameSurvey survey = surveys.of(job.bikeId());
        Optional<Kit> kit = job.kitCode().map(code -> kits.kits(List.of(code)).get(code));
        return BenchFills.of(job.kind(), survey.forVerdicts(), jobs.need(job.number()), kit,
                results.last(jobs.ofBike(job.bikeId()), BenchFigure.RIDER).map(k -> k.figures().get(BenchFigure.RIDER)));
    }

    private List<JobSheet> sheets(long number, List<BenchFill> fills) {
        return JobSheets.of(steps.runs(number).stream().map(StepRun::step).toList(), fills);
    }

    /** Every sheet of a job that is wholly known, one after the other at its true size. */
    @GetMapping(path = "/sheets.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheets(@PathVariable(name = "number") long number) {
        List<Template> whole = sheets(number, fills(jobs.card(number))).stream().flatMap(s -> s.sheet().stream()).toList();
        if (whole.isEmpty()) {
            throw Refused.notFound("sheet at true size of job", number);
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename("sheets-%d.pdf".formatted(number)).build().toString())
                .body(TemplatePdf.write("Job %d, sheets at true size".formatted(number), whole));
    }

    private static KeptView view(BenchResults.Kept kept) {
        return new KeptView(kept.id(), kept.tool().key(), kept.tool().label(), kept.step(), kept.sentence(),
                kept.figures().entrySet().stream().map(f -> new FigureFound(f.getKey().key(), f.getValue(), f.getKey().unit())).toList(),
                kept.given(), kept.by(), kept.at());
    }

    /** Keeps what one calculator finds; it is worked out here once more, whatever the screen showed. */
    @PostMapping
    BenchOfJob keep(@PathVariable(name = "number") long number, @Valid @RequestBody BenchKeep given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            work.keep(number, given, SignedIn.name());
            return true;
        });
        return ofJob(number);
    }
}
