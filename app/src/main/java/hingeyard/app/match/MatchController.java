package hingeyard.app.match;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.stock.DrawerRow;
import hingeyard.app.stock.Stock;
import hingeyard.app.survey.Surveys;
import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.Shape.Ink;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.StepPlanner;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The Hinge: one bike, every kit, every check. */
@RestController
class MatchController {

    /**
     * One kit on this bike.
     *
     * @param boxesFree boxes of it that no other job holds
     * @param minutes   labour, absent while it does not go on
     * @param stamp     tells this state of the match from another
     */
    record Match(String kitCode, String kitName, String battery, Verdict verdict, boolean goesOn, String headline, List<Finding> findings,
                 BikeDrawing drawing, int boxesFree, Optional<Integer> minutes, String stamp, String caution) {
    }

    record Shortlist(JobCard job, List<Match> matches) {
    }

    private static final String CAUTION = "Screening only. The frame maker's and kit maker's limits and local rules stand above it.";

    private final Matches matches;
    private final Jobs jobs;
    private final Surveys surveys;
    private final Stock stock;
    private final StepPlanner planner;

    MatchController(Matches matches, Jobs jobs, Surveys surveys, Stock stock, StepPlanner planner) {
        this.matches = matches;
        this.jobs = jobs;
        this.surveys = surveys;
        this.stock = stock;
        this.planner = planner;
    }

    @GetMapping("/api/jobs/{number}/match")
    Shortlist shortlist(@PathVariable(name = "number") long number) {
        JobCard job = jobs.card(number);
        Map<String, Integer> free = stock.rows().stream().collect(Collectors.toMap(DrawerRow::number, DrawerRow::free));
        return new Shortlist(job, matches.shortlist(number).stream().map(r -> match(job, r, free)).toList());
    }

    private Match match(JobCard job, FitReport report, Map<String, Integer> free) {
        var drawing = BikeGeometry.draw(job.kind(), surveys.of(job.bikeId()), Optional.of(report.kit().drive().outline(report.kit().battery())),
                Ink.PLANNED, Ink.PLANNED);
        return new Match(report.kit().code(), report.kit().fullName(), report.kit().battery().name(), report.verdict(), report.goesOn(),
                report.headline(), report.findings(), drawing, free.getOrDefault(report.kit().code(), 0),
                report.goesOn() ? Optional.of(planner.plan(report).minutes()) : Optional.empty(), Matches.stamp(report), CAUTION);
    }
}
