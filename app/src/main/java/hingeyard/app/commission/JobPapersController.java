package hingeyard.app.commission;

import hingeyard.app.bill.Bills;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.face.Faces;
import hingeyard.app.install.StepSheet;
import hingeyard.app.kit.Kits;
import hingeyard.app.match.Matches;
import hingeyard.app.person.SignedIn;
import hingeyard.core.rights.Right;
import hingeyard.app.problem.Refused;
import hingeyard.app.receiving.KitChecks;
import hingeyard.app.survey.Surveys;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.Shape.Ink;
import hingeyard.core.bill.Bill;
import hingeyard.core.bill.BillLine;
import hingeyard.core.fit.FitReport;
import hingeyard.core.kit.Kit;
import hingeyard.core.match.Ride;
import hingeyard.formats.JobPaper;
import hingeyard.formats.JobPaperKind;
import hingeyard.formats.JobPapers;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The papers of a job, as a page for the printer and as PDF. */
@RestController
class JobPapersController {

    /** A paper is text and drawings: it runs nothing, loads nothing and reaches nothing of the application it came from. */
    private static final String ALONE = "sandbox allow-modals; default-src 'none'; style-src 'unsafe-inline'; img-src data:; base-uri 'none'; "
            + "form-action 'none'; frame-ancestors 'self'";

    private final Jobs jobs;
    private final Kits kits;
    private final Surveys surveys;
    private final Matches matches;
    private final StepSheet steps;
    private final JobSettings settings;
    private final ShopClock clock;
    private final Bills bills;
    private final KitChecks checks;
    private final Faces faces;

    JobPapersController(Jobs jobs, Kits kits, Surveys surveys, Matches matches, StepSheet steps, JobSettings settings,
            ShopClock clock, Bills bills, KitChecks checks, Faces faces) {
        this.faces = faces;
        this.jobs = jobs;
        this.kits = kits;
        this.surveys = surveys;
        this.matches = matches;
        this.steps = steps;
        this.settings = settings;
        this.clock = clock;
        this.bills = bills;
        this.checks = checks;
    }

    @GetMapping(path = "/api/jobs/{number}/papers/{paper}.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@PathVariable(name = "number") long number, @PathVariable(name = "paper") String paper) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename("%s-%d.pdf".formatted(paper, number)).build().toString())
                .body(JobPapers.pdf(page(number, paper)));
    }

    @GetMapping(path = "/api/jobs/{number}/papers/{paper}.html", produces = "text/html;charset=UTF-8")
    ResponseEntity<String> shown(@PathVariable(name = "number") long number, @PathVariable(name = "paper") String paper) {
        return ResponseEntity.ok().header("Content-Security-Policy", ALONE).body(page(number, paper));
    }

    private String page(long number, String paper) {
        return JobPaperKind.find(kit(number), jobs.card(number).calledOff().isPresent(), paper)
                .orElseThrow(() -> Refused.notFound("paper", paper)).page(paper(number));
    }

    private Kit kit(long number) {
        return kits.kit(jobs.card(number).kitCode()
                .orElseThrow(() -> Refused.conflict("Job %d has no bill yet: there is nothing to print.".formatted(number))));
    }

    private JobPaper paper(long number) {
        JobCard job = jobs.card(number);
        Kit kit = kit(number);
        FitReport match = matches.report(number, kit.code());
        LocalDate today = clock.today();
        Bill bill = bills.printed(number).orElseThrow(() -> Refused.notFound("bill for job", number));
        KitChecks.Printed box = checks.printed(number);
        return new JobPaper(faces.letterhead(), number, job.customer(),
                List.of(job.bike() + ", " + job.frame(), job.need()),
                kit.fullName(), kit.boxed(),
                BikeGeometry
                        .draw(job.kind(), surveys.of(job.bikeId()), Optional.of(kit.drive().outline(kit.battery())), Ink.FITTED, Ink.FITTED)
                        .bare(),
                job.paint(), today, steps.of(number),
                settings.of(number, match).stream().map(JobSettings.Set::setting)
                        .map(s -> SignedIn.may(Right.SEE_CODES) ? s : s.withoutCode()).toList(),
                bill.from(BillLine.Source.CONSENTED).map(l -> l.name() + ": " + l.reason()).toList(),
                new JobPaper.Back(names(bill, BillLine.Source.HANDED_BACK), names(bill, BillLine.Source.MOVED_OVER), box.keys()),
                box.numbers(),
                range(match), jobs.nextCheck(number));
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

    private static List<String> names(Bill bill, BillLine.Source source) {
        return bill.from(source).map(BillLine::name).toList();
    }
}
