package hingeyard.app.bench;

import hingeyard.app.bench.BenchWork.BenchKeep;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.command.Commands;
import hingeyard.app.kit.Kits;
import hingeyard.app.person.SignedIn;
import hingeyard.app.survey.Surveys;
import hingeyard.core.bench.BenchFigure;
import hingeyard.core.bench.job.BenchFills;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.kit.Kit;
import jakarta.validation.Valid;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
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

    /** @param kept the last one first */
    record BenchOfJob(JobCard job, List<FillView> fills, List<KeptView> kept) {
    }

    private final Jobs jobs;
    private final Surveys surveys;
    private final Kits kits;
    private final BenchResults results;
    private final BenchWork work;
    private final Commands commands;

    BenchJobController(Jobs jobs, Surveys surveys, Kits kits, BenchResults results, BenchWork work, Commands commands) {
        this.jobs = jobs;
        this.surveys = surveys;
        this.kits = kits;
        this.results = results;
        this.work = work;
        this.commands = commands;
    }

    @GetMapping
    BenchOfJob ofJob(@PathVariable(name = "number") long number) {
        JobCard job = jobs.card(number);
        FrameSurvey survey = surveys.of(job.bikeId());
        Optional<Kit> kit = job.kitCode().map(code -> kits.kits(List.of(code)).get(code));
        List<FillView> fills = BenchFills.of(job.kind(), survey.forVerdicts(), jobs.need(number), kit,
                results.lastOfBike(job.bikeId(), BenchFigure.RIDER).map(k -> k.figures().get(BenchFigure.RIDER))).stream()
                .map(f -> new FillView(f.tool().key(), f.field(), f.value(), f.from())).toList();
        return new BenchOfJob(job, fills, results.of(number).stream().map(BenchJobController::view).toList());
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
