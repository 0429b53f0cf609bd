package hingeyard.app.yard;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.command.Commands;
import hingeyard.app.install.Steps;
import hingeyard.app.install.StepStand;
import hingeyard.app.kit.Kits;
import hingeyard.app.match.Matches;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Stock;
import hingeyard.app.survey.Surveys;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.explain.Ruling;
import hingeyard.core.floor.FloorRules;
import hingeyard.core.floor.Place;
import hingeyard.core.kit.Kit;
import hingeyard.core.stock.Drawers;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.Valid;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The yard: every bike in its place. */
@RestController
class YardController {

    record Floor(LocalDate today, Instant now, int stands, List<FloorBike> bikes) {
    }

    /** @param stand which one, when {@code to} is a stand */
    record Move(@NotNull(message = "a place on the floor") Place to, Optional<Integer> stand) {
    }

    private final Jobs jobs;
    private final Surveys surveys;
    private final Kits kits;
    private final Stock stock;
    private final Matches matches;
    private final Steps steps;
    private final Commands commands;
    private final ShopClock clock;

    YardController(Jobs jobs, Surveys surveys, Kits kits, Stock stock, Matches matches, Steps steps, Commands commands, ShopClock clock) {
        this.jobs = jobs;
        this.surveys = surveys;
        this.kits = kits;
        this.stock = stock;
        this.matches = matches;
        this.steps = steps;
        this.commands = commands;
        this.clock = clock;
    }

    @GetMapping("/api/yard")
    Floor floor() {
        List<Kit> all = kits.all();
        Map<String, Kit> byCode = all.stream().collect(Collectors.toMap(Kit::code, Function.identity()));
        Map<Long, FrameSurvey> measured = surveys.all();
        Map<Long, List<StepStand>> stands = steps.all();
        Drawers drawers = stock.drawersFor(0);
        List<FloorBike> bikes = jobs.all().stream().map(job -> {
            FrameSurvey survey = measured.getOrDefault(job.bikeId(), FrameSurvey.empty());
            return FloorTeller.tell(job, survey, job.kitCode().map(byCode::get), stands.getOrDefault(job.number(), List.of()),
                    () -> matches.shortlist(survey, all, drawers));
        }).toList();
        return new Floor(clock.today(), clock.now(), FloorRules.STANDS, bikes);
    }

    @PostMapping("/api/jobs/{number}/place")
    @PreAuthorize("hasAnyRole('MANAGER', 'TECHNICIAN')")
    Floor move(@PathVariable(name = "number") long number, @Valid @RequestBody Move move,
               @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            JobCard job = jobs.hold(number);
            Ruling ruling = FloorRules.mayMove(job.place(), move.to(), Steps.progress(job, steps.runs(number)));
            if (!ruling.allowed()) {
                throw Refused.conflict("Job %d: %s".formatted(number, ruling.reason()));
            }
            jobs.place(number, move.to(), move.stand().orElse(null));
            return true;
        });
        return floor();
    }
}
