package hingeyard.app.commission;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.install.StepSheet;
import hingeyard.app.kit.Kits;
import hingeyard.app.match.Matches;
import hingeyard.app.problem.Refused;
import hingeyard.app.rules.RulesInForce;
import hingeyard.app.survey.Surveys;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.Shape.Ink;
import hingeyard.core.bill.BillLine;
import hingeyard.core.fit.FitReport;
import hingeyard.core.kit.Kit;
import hingeyard.core.match.Ride;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import hingeyard.formats.JobPaper;
import hingeyard.formats.JobPaperKind;
import hingeyard.formats.JobPapers;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The papers of a job, as a page for the printer and as PDF. */
@RestController
class JobPapersController {

    private final Jobs jobs;
    private final Kits kits;
    private final Surveys surveys;
    private final Matches matches;
    private final StepSheet steps;
    private final JobSettings settings;
    private final RulesInForce rules;
    private final ShopClock clock;
    private final JdbcTemplate jdbc;

    JobPapersController(Jobs jobs, Kits kits, Surveys surveys, Matches matches, StepSheet steps, JobSettings settings, RulesInForce rules,
            ShopClock clock, JdbcTemplate jdbc) {
        this.jobs = jobs;
        this.kits = kits;
        this.surveys = surveys;
        this.matches = matches;
        this.steps = steps;
        this.settings = settings;
        this.rules = rules;
        this.clock = clock;
        this.jdbc = jdbc;
    }

    @GetMapping(path = "/api/jobs/{number}/papers/{paper}.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable(name = "number") long number, @PathVariable(name = "paper") String paper) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename("%s-%d.pdf".formatted(paper, number)).build().toString())
                .body(JobPapers.pdf(page(number, paper)));
    }

    @GetMapping(path = "/api/jobs/{number}/papers/{paper}.html", produces = "text/html;charset=UTF-8")
    String page(@PathVariable(name = "number") long number, @PathVariable(name = "paper") String paper) {
        return JobPaperKind.find(kit(number), paper).orElseThrow(() -> Refused.notFound("paper", paper)).page(paper(number));
    }

    private Kit kit(long number) {
        return kits.kit(jobs.card(number).kitCode()
                .orElseThrow(() -> Refused.conflict("Job %d has no bill yet: there is nothing to print.".formatted(number))));
    }

    private JobPaper paper(long number) {
        JobCard job = jobs.card(number);
        Kit kit = kit(number);
        FitReport match = matches.report(number, kit.code());
        ShopRules now = rules.now();
        LocalDate today = clock.today();
        return new JobPaper(number, job.customer(),
                List.of(job.bike() + ", frame " + (job.frameNumber().isBlank() ? "without number" : job.frameNumber()), job.need()),
                kit.fullName(), kit.boxed(),
                BikeGeometry
                        .draw(job.kind(), surveys.of(job.bikeId()), Optional.of(kit.drive().outline(kit.battery())), Ink.FITTED, Ink.FITTED)
                        .bare(),
                job.paint(), today, steps.of(number),
                settings.of(number, match).stream().map(JobSettings.Set::setting).toList(), lines(number, BillLine.Source.CONSENTED, true),
                new JobPaper.Back(lines(number, BillLine.Source.HANDED_BACK, false), lines(number, BillLine.Source.MOVED_OVER, false),
                        keys(number)),
                serials(number),
                range(match), new JobPaper.Check(today.plusWeeks(now.value(NumberRule.FIRST_CHECK).longValue()),
                        now.value(NumberRule.FIRST_CHECK_KM).intValue()));
    }

    private static List<String> range(FitReport match) {
        return Ride
                .of(match.bike(),
                        match.kit())
                .map(r -> List.of("Range for the way you told us: %s; in frost %s. It supposes: %s.".formatted(r.told(), r.toldCold(),
                        Ride.supposed(match.bike().need()).stream().filter(s -> s.base() > 0).map(s -> s.amount().text(s.base(), false))
                                .collect(Collectors.joining(", ")))))
                .orElse(List.of());
    }

    private List<String> lines(long number, BillLine.Source source, boolean reason) {
        return jdbc.query(
                "SELECT l.name, l.reason FROM bill_line l JOIN bill b ON b.id = l.bill_id WHERE b.job_id = ? AND b.withdrawn_reason IS NULL AND l.source = ? ORDER BY l.ordinal",
                (r, n) -> reason ? r.getString(1) + ": " + r.getString(2) : r.getString(1), number, source.name());
    }

    private boolean keys(long number) {
        return jdbc.queryForObject("SELECT COUNT(*) FROM kit_serial WHERE job_id = ? AND of_what = 'KEY'", Integer.class, number) > 0;
    }

    /** The last of each kind is in force. Never key numbers. */
    private List<String> serials(long number) {
        return jdbc.query(
                "SELECT of_what, serial FROM kit_serial WHERE id IN (SELECT MAX(id) FROM kit_serial WHERE job_id = ? AND of_what <> 'KEY' GROUP BY of_what) ORDER BY id",
                (r, n) -> r.getString(1).charAt(0) + r.getString(1).substring(1).toLowerCase(Locale.ROOT) + " " + r.getString(2), number);
    }
}
