package hingeyard.app.survey;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.command.Commands;
import hingeyard.app.kit.Kits;
import hingeyard.app.person.SignedIn;
import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.ChoiceMeasure;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.Tool;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The bike sheet: who, what, survey and drawing. */
@RestController
class SurveyController {

    /** @param code what is sent for it; for a length the millimetres */
    record Option(String code, String label) {
    }

    record ToolChoice(Tool tool, String label, String uncertainty) {
    }

    /** @param length the value in µm, absent for a choice */
    record Taken(long id, String text, Optional<Length> length, String quality, String by, Instant at) {
    }

    /** @param holdsUp names of the kits that wait for it */
    record Field(String key, String title, String stop, String how, Tool tool, List<ToolChoice> tools, boolean choice,
                 List<Option> options, String possible, List<String> holdsUp, Optional<Taken> taken, List<Taken> earlier) {
    }

    record Sheet(JobCard job, BikeDrawing drawing, List<Field> fields) {
    }

    record Measured(@NotBlank(message = "a value") @Size(max = 60, message = "at most 60 letters") String text,
                    @NotNull(message = "a tool") Tool tool, long seen) {
    }

    private final Jobs jobs;
    private final Surveys surveys;
    private final Kits kits;
    private final FitAssessor assessor;
    private final Commands commands;

    SurveyController(Jobs jobs, Surveys surveys, Kits kits, FitAssessor assessor, Commands commands) {
        this.jobs = jobs;
        this.surveys = surveys;
        this.kits = kits;
        this.assessor = assessor;
        this.commands = commands;
    }

    @GetMapping("/api/jobs/{number}")
    Sheet sheet(@PathVariable(name = "number") long number) {
        JobCard job = jobs.card(number);
        List<MeasureReading> history = surveys.history(job.bikeId());
        FrameSurvey survey = surveys.of(job.bikeId());
        List<Kit> inStock = kits.all();
        List<Field> fields = MeasureCatalogue.all().stream().map(m -> field(m, survey, history, inStock)).toList();
        return new Sheet(job, BikeGeometry.draw(job.kind(), survey), fields);
    }

    @PostMapping("/api/jobs/{number}/measures/{key}")
    @PreAuthorize("hasAnyRole('MANAGER', 'TECHNICIAN')")
    Sheet measure(@PathVariable(name = "number") long number, @PathVariable(name = "key") String measureKey,
                  @Valid @RequestBody Measured measured, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            surveys.measure(number, measureKey, measured.text(), measured.tool(), measured.seen(), SignedIn.name());
            return true;
        });
        return sheet(number);
    }

    private Field field(Measure measure, FrameSurvey survey, List<MeasureReading> history, List<Kit> inStock) {
        List<Taken> taken = history.stream().filter(r -> r.measureKey.equals(measure.key())).flatMap(r -> taken(r).stream()).toList();
        List<String> holdsUp = survey.has(measure) ? List.of() : inStock.stream()
                .filter(k -> assessor.measuresFor(k).contains(measure)).map(Kit::fullName).toList();
        List<ToolChoice> tools = measure.tools().stream()
                .map(t -> new ToolChoice(t, t.label(), t.uncertainty().equals(Length.ZERO) ? "" : "± " + t.uncertainty())).toList();
        boolean choice = measure instanceof ChoiceMeasure;
        String possible = measure instanceof LengthMeasure length ? length.possible().toString() : "";
        return new Field(measure.key(), measure.title(), measure.stop().label(), measure.how(), measure.tool(), tools, choice,
                options(measure), possible, holdsUp, taken.isEmpty() ? Optional.empty() : Optional.of(taken.get(taken.size() - 1)),
                taken.isEmpty() ? List.of() : taken.subList(0, taken.size() - 1));
    }

    private static List<Option> options(Measure measure) {
        return measure instanceof LengthMeasure length
                ? length.usual().stream().map(l -> new Option(l.amount().toPlainString(), l.amount().toPlainString())).toList()
                : ((ChoiceMeasure<?>) measure).options().stream().map(o -> new Option(o.code(), o.label())).toList();
    }

    private static Optional<Taken> taken(MeasureReading row) {
        return row.toReading().map(r -> new Taken(row.id, r.text(), r instanceof Reading.OfLength l ? Optional.of(l.value()) : Optional.empty(),
                r instanceof Reading.OfLength l ? l.quality() : r.tool().label(), r.by(), r.at()));
    }
}
